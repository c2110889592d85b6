using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Rectangles out of sheets, cloth and card by straight cuts from edge to edge.</summary>
public sealed class SheetCuttingTests
{
    /// <summary>All measures of a small order are whole numbers of this, m.</summary>
    private const double Step = .05;

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static SheetAnswer Best(SheetOrder order, double work = 10) => SheetCutting.Answer(order, CpSat.Instance, Patience.OfWork(work), Cancel);

    [Fact]
    public void Two_doors_come_from_the_smaller_sheet_beside_each_other_and_the_cut_between_them_counts()
    {
        IReadOnlyList<SheetStock> sheets = [new("large", 1, 2.4, 1.2), new("small", 1, 1.203, .8)];
        var answer = Best(new(sheets, [new("door", 2, .6, .8, false)], .003));
        var sheet = answer.Sheets.ShouldHaveSingleItem();
        (sheet.Id, answer.Proven).ShouldBe(("small", true));
        answer.Used.ShouldBe(1.203 * .8, 1e-9);
        sheet.Placed.Select(p => p.At).ShouldBe([new(0, 0, .6, .8), new(.603, 0, .6, .8)]);
        // A saw a little thicker, and it wants the large one.
        Best(new(sheets, [new("door", 2, .6, .8, false)], .0031)).Sheets.ShouldHaveSingleItem().Id.ShouldBe("large");
    }

    [Fact]
    public void What_may_not_turn_stays_along_the_grain()
    {
        SheetOrder Of(bool mayTurn) => new([new("board", 1, 1, .5)], [new("panel", 1, .4, .9, mayTurn)], 0);
        Best(Of(false)).Missing.ShouldBe(new Dictionary<string, int> { ["panel"] = 1 });
        Best(Of(false)).Proven.ShouldBeTrue("no sheet takes it as it must lie");
        var turned = Best(Of(true)).Sheets.ShouldHaveSingleItem().Placed.ShouldHaveSingleItem();
        (turned.Turned, turned.At).ShouldBe((true, new SheetPlace(0, 0, .9, .4)));
    }

    [Fact]
    public void A_pinwheel_is_not_cut_from_edge_to_edge()
    {
        // Four of 3 by 2 around a middle of 1 by 1 fill 5 by 5, but no straight cut parts them.
        var answer = Best(new([new("sheet", 2, 5, 5)], [new("arm", 4, 3, 2, true), new("middle", 1, 1, 1, false)], 0));
        (answer.Sheets.Count, answer.Missing.Count, answer.Proven).ShouldBe((2, 0, true));
        answer.Used.ShouldBe(50, 1e-9);
    }

    [Fact]
    public void What_is_left_worth_keeping_is_told()
    {
        var sheet = Best(new([new("sheet", 1, 2, 1)], [new("piece", 1, .5, .4, false)], .003)).Sheets.ShouldHaveSingleItem();
        sheet.Offcuts.ShouldBe([new(.503, 0, 1.497, 1), new(0, .403, .5, .597)]);
    }

    [Fact]
    public void Five_hundred_small_orders_are_cut_as_well_as_by_trying_everything()
    {
        for (var seed = 1; seed <= 500; seed++)
        {
            var order = Small(new Random(seed));
            var answer = Best(order);
            var (missing, used) = Exhaustive.Least(order);
            (answer.Missing.Values.Sum(), Math.Round(answer.Used, 6), answer.Proven).ShouldBe((missing, Math.Round(used, 6), true), $"seed {seed}: {order}");
            Sound(order, answer);
            // Without an optimizer it may be worse, and never claims what is not so.
            var quick = SheetCutting.Answer(order, null, default, Cancel);
            Sound(order, quick);
            (quick.Missing.Values.Sum(), quick.Used).CompareTo((missing, used - 1e-9)).ShouldBeGreaterThanOrEqualTo(0, $"seed {seed}");
            if (quick.Proven) (quick.Missing.Values.Sum(), Math.Round(quick.Used, 6)).ShouldBe((missing, Math.Round(used, 6)), $"seed {seed}");
            else if (quick.Missing.Values.Sum() == missing) quick.Bound.ShouldBeLessThanOrEqualTo(used + 1e-9, $"seed {seed}");
        }
    }

    [Fact]
    public void A_long_order_is_sound_and_never_worse_than_at_once()
    {
        for (var seed = 1; seed <= 4; seed++)
        {
            var order = Large(new Random(seed));
            SheetAnswer answer = Best(order, 1), quick = SheetCutting.Answer(order, null, default, Cancel);
            Sound(order, answer);
            Sound(order, quick);
            (answer.Missing.Values.Sum(), answer.Used).CompareTo((quick.Missing.Values.Sum(), quick.Used + 1e-9)).ShouldBeLessThan(0);
            answer.Bound.ShouldBeLessThanOrEqualTo(answer.Used + 1e-9);
        }
    }

    private static SheetOrder Small(Random chance)
    {
        List<SheetStock> sheets = [.. Enumerable.Range(0, chance.Next(1, 4)).Select(i => new SheetStock($"s{i}", chance.Next(1, 3), Step * chance.Next(2, 8), Step * chance.Next(2, 8)))];
        while (sheets.Sum(s => s.Count) > 3) sheets.RemoveAt(0);
        if (sheets.Count == 0) sheets.Add(new("s", 1, Step * 5, Step * 4));
        return new(sheets, [.. Enumerable.Range(0, chance.Next(1, 6)).Select(i => new SheetPieceOrder($"p{i}", 1, Step * chance.Next(1, 6), Step * chance.Next(1, 6), chance.Next(2) == 0))], Step * chance.Next(2));
    }

    private static SheetOrder Large(Random chance) => new(
        [.. Enumerable.Range(0, 6).Select(i => new SheetStock($"s{i}", 3, .8 + .001 * chance.Next(1600), .4 + .001 * chance.Next(800)))],
        [.. Enumerable.Range(0, 20).Select(i => new SheetPieceOrder($"p{i}", chance.Next(1, 4), .1 + .001 * chance.Next(700), .1 + .001 * chance.Next(300), chance.Next(2) == 0))],
        .003);

    /// <summary>All pieces are there or missing, none is larger than its sheet, and straight cuts as thick as the saw part them all.</summary>
    private static void Sound(SheetOrder order, SheetAnswer answer)
    {
        foreach (var piece in order.Pieces) (answer.Sheets.SelectMany(s => s.Placed).Count(p => p.Id == piece.Id) + answer.Missing.GetValueOrDefault(piece.Id)).ShouldBe(piece.Count, piece.Id);
        answer.Sheets.Select(s => (s.Id, s.Piece)).ShouldBeUnique();
        foreach (var sheet in answer.Sheets)
        {
            var stock = order.Sheets.Single(s => s.Id == sheet.Id);
            sheet.Piece.ShouldBeInRange(1, stock.Count);
            foreach (var p in sheet.Placed)
            {
                var piece = order.Pieces.Single(k => k.Id == p.Id);
                (p.Turned && !piece.MayTurn).ShouldBeFalse();
                (p.Turned ? p.At.Width : p.At.Length).ShouldBe(piece.Length, 1e-6);
                (p.Turned ? p.At.Length : p.At.Width).ShouldBe(piece.Width, 1e-6);
                (p.At.X + p.At.Length).ShouldBeLessThanOrEqualTo(stock.Length + 1e-6);
                (p.At.Y + p.At.Width).ShouldBeLessThanOrEqualTo(stock.Width + 1e-6);
            }

            Parts([.. sheet.Placed.Select(p => p.At)], order.Kerf).ShouldBeTrue($"{sheet.Id} is not cut from edge to edge");
        }
    }

    private static bool Parts(IReadOnlyList<SheetPlace> places, double kerf)
    {
        if (places.Count <= 1) return true;
        foreach (var along in (bool[])[true, false])
        {
            double From(SheetPlace p) => along ? p.X : p.Y;
            double To(SheetPlace p) => From(p) + (along ? p.Length : p.Width);
            foreach (var cut in places.Select(To))
            {
                List<SheetPlace> before = [.. places.Where(p => To(p) <= cut + 1e-6)], behind = [.. places.Where(p => From(p) >= cut + kerf - 1e-6)];
                if (before.Count + behind.Count == places.Count && behind.Count > 0) return Parts(before, kerf) && Parts(behind, kerf);
            }
        }

        return false;
    }

    /// <summary>Every piece to every sheet or to none, and every cut at every step.</summary>
    private sealed class Exhaustive(SheetOrder order)
    {
        private readonly Dictionary<(int Set, int Length, int Width), bool> known = [];
        private readonly int kerf = Steps(order.Kerf);

        public static (int Missing, double Used) Least(SheetOrder order)
        {
            var search = new Exhaustive(order);
            List<SheetStock> sheets = [.. order.Sheets.SelectMany(s => Enumerable.Repeat(s, s.Count))];
            var sets = new int[sheets.Count + 1];
            return search.Assign(0, sets, sheets);
        }

        private (int Missing, double Used) Assign(int piece, int[] sets, List<SheetStock> sheets)
        {
            if (piece == order.Pieces.Count)
            {
                for (var s = 0; s < sheets.Count; s++)
                {
                    if (sets[s] != 0 && !Cut(sets[s], Steps(sheets[s].Length), Steps(sheets[s].Width))) return (int.MaxValue, 0);
                }

                return (int.PopCount(sets[^1]), sheets.Index().Sum(s => sets[s.Index] == 0 ? 0 : s.Item.Length * s.Item.Width));
            }

            var best = (int.MaxValue, 0.0);
            for (var s = 0; s < sets.Length; s++)
            {
                sets[s] |= 1 << piece;
                if (Assign(piece + 1, sets, sheets) is var found && found.CompareTo(best) < 0) best = found;
                sets[s] &= ~(1 << piece);
            }

            return best;
        }

        private bool Cut(int set, int length, int width)
        {
            if (length <= 0 || width <= 0) return false;
            if (known.TryGetValue((set, length, width), out var can)) return can;
            return known[(set, length, width)] = int.PopCount(set) == 1 ? Fits(order.Pieces[int.Log2(set)], length, width) : CutInTwo(set, length, width);
        }

        private bool CutInTwo(int set, int length, int width)
        {
            for (var part = (set - 1) & set; part > 0; part = (part - 1) & set)
            {
                for (var at = 1; at < length; at++)
                {
                    if (Cut(part, at, width) && Cut(set ^ part, length - at - kerf, width)) return true;
                }

                for (var at = 1; at < width; at++)
                {
                    if (Cut(part, length, at) && Cut(set ^ part, length, width - at - kerf)) return true;
                }
            }

            return false;
        }

        private static bool Fits(SheetPieceOrder p, int length, int width) => (Steps(p.Length) <= length && Steps(p.Width) <= width) || (p.MayTurn && Steps(p.Width) <= length && Steps(p.Length) <= width);

        private static int Steps(double metres) => (int)Math.Round(metres / Step);
    }
}
