using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Cutting by itself: fewest pieces missing, then least length of bars cut into, proven where it says so.</summary>
public class BarCuttingTests
{
    private const double Slack = 1e-6;

    private static BarStock Bar(string id, double length, int count = 1, double width = .1, double thickness = .02, params BadPlace[] bad) => new(id, count, length, width, thickness, bad);

    private static PieceOrder Piece(string id, double length, int count = 1, double width = .09, double thickness = .018) => new(id, count, length, width, thickness);

    private static double Mm(Random random, int least, int most) => random.Next(least, most) / 1000.0;

    /// <summary>Boards of a few kinds with a fault here and there, and pieces of a few kinds.</summary>
    private static CutOrder Some(int seed, int bars, int pieces)
    {
        var random = new Random(seed);
        return new(
            [.. Enumerable.Range(0, bars).Select(i => Bar($"b{i}", Mm(random, 500, 2400), random.Next(1, 4), .06 + .02 * random.Next(3), .018, random.Next(3) == 0 ? [new(.2, .2 + Mm(random, 1, 60))] : []))],
            [.. Enumerable.Range(0, pieces).Select(i => Piece($"p{i}", Mm(random, 150, 1200), random.Next(1, 5), .05 + .02 * random.Next(4)))], .003, .005);
    }

    [Fact]
    public void Sixty_different_pieces_come_from_different_boards_with_hardly_a_sliver_left()
    {
        var chance = new Random(1);
        double Length(int from, int to) => chance.Next(from, to) / 1000.0;
        CutOrder order = new([.. Enumerable.Range(0, 30).Select(i => new BarStock($"b{i}", 1, Length(900, 3000), .095, .018, chance.Next(4) == 0 ? [new(.4, .45)] : []))], [.. Enumerable.Range(0, 60).Select(i => new PieceOrder($"p{i}", 1, Length(200, 1100), .09, .015))], .003, .005);
        CutAnswer answer = BarCutting.Answer(order, Core.Optimising.CpSat.Instance, Patience.OfWork(5), TestContext.Current.CancellationToken), quick = BarCutting.Answer(order, null, default, TestContext.Current.CancellationToken);
        answer.Missing.ShouldBeEmpty();
        answer.Bars.Sum(b => b.Cuts.Count).ShouldBe(60);
        quick.Used.ShouldBeGreaterThan(1.02 * answer.Bound, "or nothing is shown by it");
        answer.Used.ShouldBeLessThan(1.01 * answer.Bound);
        // What whole boards must come to at least is more than they would in part.
        answer.Bound.ShouldBeGreaterThan(order.Pieces.Sum(p => p.Length));
    }

    [Fact]
    public void Where_the_longest_first_wastes_a_board_the_best_does_not()
    {
        // Longest first, 600 and 500 go together, 400, 400 and 300 together, and the 200 wants a third bar; 600, 400, 200 and 500, 400, 300 come out of two.
        CutOrder order = new([Bar("long", 1.2, 2), Bar("short", .5)], [Piece("a", .6), Piece("b", .5), Piece("c", .4, 2), Piece("d", .3), Piece("e", .2)], 0, 0);
        Textbook(order).Used.ShouldBe(2.9, Slack);
        var best = BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(5));
        best.Missing.ShouldBeEmpty();
        best.Used.ShouldBe(2.4, Slack);
        best.Proven.ShouldBeTrue();
        best.Bound.ShouldBe(2.4, Slack);
    }

    [Fact]
    public void Nothing_is_better_than_the_best_by_looking_at_every_plan()
    {
        var mattered = 0;
        for (var seed = 0; seed < 150; seed++)
        {
            var random = new Random(seed);
            CutOrder order = new(
                [.. Enumerable.Range(0, random.Next(1, 5)).Select(i => Bar($"b{i}", Mm(random, 400, 1500), 1, .06 + .02 * random.Next(3), .02, random.Next(3) == 0 ? [new(.15, .15 + Mm(random, 0, 40))] : []))],
                [.. Enumerable.Range(0, random.Next(1, 4)).Select(i => Piece($"p{i}", Mm(random, 100, 800), random.Next(1, 3), .05 + .02 * random.Next(3)))], .003, .005);
            var told = BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(5));
            var (missing, used) = Exhaustive(order);
            told.Proven.ShouldBeTrue($"seed {seed}");
            told.Missing.Values.Sum().ShouldBe(missing, $"seed {seed}");
            told.Used.ShouldBe(used, Slack, $"seed {seed}");
            var first = BarCutting.Answer(order, null, default);
            if (first.Used > used + Slack || first.Missing.Values.Sum() > missing) mattered++;
        }

        mattered.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Every_plan_can_be_sawn_and_none_is_worse_than_first_fit_decreasing()
    {
        var better = 0;
        for (var seed = 0; seed < 200; seed++)
        {
            var order = Some(seed, 6, 7);
            var told = BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(.03));
            ShouldBeSawable(order, told, seed);
            var (missing, used) = Textbook(order);
            var now = (told.Missing.Values.Sum(), told.Used - Slack);
            now.CompareTo((missing, used)).ShouldBeLessThanOrEqualTo(0, $"seed {seed}");
            if (now.CompareTo((missing, used - .01)) < 0) better++;
            (told.Bound <= told.Used + Slack).ShouldBeTrue($"seed {seed}");
            if (told.Proven) told.Bound.ShouldBe(told.Used, Slack);
        }

        better.ShouldBeGreaterThan(40);
    }

    [Fact]
    public void Without_an_optimizer_it_is_answered_too_and_says_that_it_does_not_know()
    {
        var order = Some(3, 6, 7);
        var told = BarCutting.Answer(order, null, default);
        ShouldBeSawable(order, told, 3);
        told.Proven.ShouldBeFalse();
        told.Bound.ShouldBeLessThan(told.Used);
    }

    [Fact]
    public void The_same_order_gives_the_same_plan()
    {
        var order = Some(5, 5, 5);
        var (a, b) = (BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(20)), BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(20)));
        a.Proven.ShouldBeTrue();
        b.Bars.SelectMany(x => x.Cuts).ShouldBe(a.Bars.SelectMany(x => x.Cuts));
    }

    [Fact]
    public void Stopped_it_answers_with_what_it_has()
    {
        var order = Some(7, 20, 20);
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        var told = BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(60), stop.Token);
        ShouldBeSawable(order, told, 7);
        told.Proven.ShouldBeFalse();
    }

    [Fact]
    public void Of_plans_as_good_the_longer_offcut_is_kept()
    {
        // Two pieces of 400 from a metre with a fault: both before it leave 380 behind it; one on each side leaves nothing worth keeping.
        CutOrder order = new([Bar("b", 1.5, 1, .1, .02, new BadPlace(.85, .87))], [Piece("a", .4, 2)], 0, 0);
        BarCutting.Answer(order, CpSat.Instance, Patience.OfWork(5)).Bars.ShouldHaveSingleItem().Offcuts.ShouldHaveSingleItem().From.ShouldBe(.87, Slack);
    }

    [Theory]
    [InlineData(0.0, .003, .005, "pieces[0].length")]
    [InlineData(.5, -.001, .005, "kerf")]
    [InlineData(.5, .003, 2, "trim")]
    public void What_no_order_can_be_is_told_at_its_field(double length, double kerf, double trim, string field)
        => new CutOrder([Bar("b", 1)], [Piece("p", length)], kerf, trim).Problems().Select(p => p.Field).ShouldBe([field]);

    [Fact]
    public void Two_of_one_name_and_a_fault_beyond_the_end_are_told()
        => new CutOrder([Bar("b", 1), Bar("b", 1, 1, .1, .02, new BadPlace(.9, 1.1))], [], 0, 0).Problems().Select(p => p.Field).ShouldBe(["bars[1].id", "bars[1].bad"], ignoreOrder: true);

    private static void ShouldBeSawable(CutOrder order, CutAnswer told, int seed)
    {
        foreach (var bar in told.Bars)
        {
            var stock = order.Bars.Single(b => b.Id == bar.Id);
            bar.Piece.ShouldBeInRange(1, stock.Count, $"seed {seed}");
            var cuts = bar.Cuts.OrderBy(c => c.From).ToList();
            cuts[0].From.ShouldBeGreaterThanOrEqualTo(order.Trim - Slack);
            cuts[^1].To.ShouldBeLessThanOrEqualTo(stock.Length - order.Trim + Slack);
            foreach (var (a, b) in cuts.Zip(cuts.Skip(1))) (b.From - a.To).ShouldBeGreaterThanOrEqualTo(order.Kerf - Slack, $"seed {seed}");
            foreach (var cut in cuts)
            {
                var piece = order.Pieces.Single(p => p.Id == cut.WantedId);
                (cut.To - cut.From).ShouldBe(piece.Length, Slack);
                CutOrder.Suits(stock, piece).ShouldBeTrue($"seed {seed}");
                stock.Bad.ShouldAllBe(f => cut.To <= f.From + Slack || cut.From >= f.To - Slack, $"seed {seed}");
                bar.Offcuts.ShouldAllBe(o => o.To <= cut.From || o.From >= cut.To + order.Kerf - Slack, $"seed {seed}");
            }
        }

        told.Bars.Select(b => (b.Id, b.Piece)).ShouldBeUnique();
        told.Used.ShouldBe(told.Bars.Sum(b => order.Bars.Single(s => s.Id == b.Id).Length), Slack);
        foreach (var piece in order.Pieces) (told.Bars.Sum(b => b.Cuts.Count(c => c.WantedId == piece.Id)) + told.Missing.GetValueOrDefault(piece.Id)).ShouldBe(piece.Count, $"seed {seed}");
    }

    /// <summary>The longest piece first, each into the first stretch that takes it.</summary>
    private static (int Missing, double Used) Textbook(CutOrder order)
    {
        var bars = order.Bars.SelectMany(b => Enumerable.Range(0, b.Count).Select(_ => (Bar: b, Left: order.Sound(b).Select(s => s.To - s.From).ToArray()))).ToList();
        var begun = new HashSet<int>();
        var missing = 0;
        foreach (var piece in order.Pieces.OrderByDescending(p => p.Length).SelectMany(p => Enumerable.Repeat(p, p.Count)))
        {
            var at = Enumerable.Range(0, bars.Count).Where(b => CutOrder.Suits(bars[b].Bar, piece)).SelectMany(b => bars[b].Left.Index().Where(s => s.Item >= piece.Length - 1e-9).Select(s => (b, s.Index))).Select(x => ((int, int)?)x).FirstOrDefault();
            if (at is not { } found) missing++;
            else
            {
                bars[found.Item1].Left[found.Item2] -= piece.Length + order.Kerf;
                begun.Add(found.Item1);
            }
        }

        return (missing, begun.Sum(b => bars[b].Bar.Length));
    }

    /// <summary>Every piece into every stretch or nowhere.</summary>
    private static (int Missing, double Used) Exhaustive(CutOrder order)
    {
        var stretches = order.Bars.Index().SelectMany(b => Enumerable.Repeat(b, b.Item.Count).SelectMany((_, k) => order.Sound(b.Item).Select(s => (Bar: (b.Index, k), Stock: b.Item, Long: s.To - s.From)))).ToList();
        var pieces = order.Pieces.SelectMany(p => Enumerable.Repeat(p, p.Count)).ToList();
        var left = stretches.Select(s => s.Long + order.Kerf).ToArray();
        var opened = new Dictionary<(int, int), int>();
        (int, double) best = (int.MaxValue, 0);
        Next(0, 0, 0);
        return best;

        void Next(int at, int missing, double used)
        {
            if (at == pieces.Count)
            {
                if ((missing, used).CompareTo(best) < 0) best = (missing, used);
                return;
            }

            for (var s = 0; s < stretches.Count; s++)
            {
                if (!CutOrder.Suits(stretches[s].Stock, pieces[at]) || left[s] < pieces[at].Length + order.Kerf - 1e-9) continue;
                var before = opened.GetValueOrDefault(stretches[s].Bar);
                left[s] -= pieces[at].Length + order.Kerf;
                opened[stretches[s].Bar] = before + 1;
                Next(at + 1, missing, used + (before == 0 ? stretches[s].Stock.Length : 0));
                opened[stretches[s].Bar] = before;
                left[s] += pieces[at].Length + order.Kerf;
            }

            Next(at + 1, missing + 1, used);
        }
    }
}
