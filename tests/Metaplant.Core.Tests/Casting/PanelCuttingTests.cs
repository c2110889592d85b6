using Metaplant.Core.Cutting;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Panels of mixed boards come out equal: fewest ripped, then least ripped away, then fewest boards.</summary>
public class PanelCuttingTests
{
    private const double Slack = 1e-6;

    private static PanelOrder Order(int panels, double width, double strip, double end, int spares, params (int Count, double Width)[] boards)
        => new([.. boards.Select((b, i) => new PanelStock($"b{i}", b.Count, b.Width))], panels, width, strip, end, spares);

    [Fact]
    public void Panels_that_come_out_by_themselves_are_not_ripped()
    {
        // 95 + 95 + 70 and 120 + 140 are both 260.
        var told = PanelCutting.Answer(Order(2, .25, .04, .06, 0, (2, .095), (1, .07), (1, .12), (1, .14)), CpSat.Instance, Patience.OfWork(5));
        told.Common.ShouldBe(.26, Slack);
        told.Rips.ShouldBe(0);
        told.RippedAway.ShouldBe(0, Slack);
        told.BoardsUsed.ShouldBe(5);
        told.Proven.ShouldBeTrue();
    }

    [Fact]
    public void What_is_kept_back_is_not_used()
    {
        var boards = new[] { (4, .1) };
        PanelCutting.Answer(Order(2, .2, .04, .06, 0, boards), CpSat.Instance, Patience.OfWork(5)).BoardsUsed.ShouldBe(4);
        PanelCutting.Answer(Order(2, .2, .04, .06, 1, boards), CpSat.Instance, Patience.OfWork(5)).Panels.ShouldBeEmpty();
    }

    [Fact]
    public void No_way_is_better_by_looking_at_every_one()
    {
        int ripped = 0, none = 0;
        for (var seed = 0; seed < 500; seed++)
        {
            var random = new Random(seed);
            var order = Order(random.Next(1, 3), .1 + .01 * random.Next(8), .02 + .01 * random.Next(4), .03 + .01 * random.Next(5), random.Next(2), [.. Enumerable.Range(0, random.Next(2, 5)).Select(_ => (random.Next(1, 3), .04 + .001 * random.Next(110)))]);
            var told = PanelCutting.Answer(order, CpSat.Instance, Patience.OfWork(10));
            if (Exhaustive(order) is not { } best)
            {
                told.Panels.ShouldBeEmpty($"seed {seed}");
                none++;
                continue;
            }

            ShouldBeMade(order, told, seed);
            told.Proven.ShouldBeTrue($"seed {seed}");
            told.Rips.ShouldBe(best.Rips, $"seed {seed}");
            told.RippedAway.ShouldBe(best.Away, Slack, $"seed {seed}");
            told.BoardsUsed.ShouldBe(best.Boards, $"seed {seed}");
            if (told.Rips > 0) ripped++;
        }

        ripped.ShouldBeGreaterThan(20);
        none.ShouldBeGreaterThan(10);
    }

    [Fact]
    public void Without_an_optimizer_the_panels_are_made_too_and_nothing_is_called_proven()
    {
        var order = Order(4, .5, .04, .06, 1, (14, .095), (10, .12), (3, .07));
        var told = PanelCutting.Answer(order, null, default);
        ShouldBeMade(order, told, 0);
        told.Common.ShouldBe(.5, .0011);
        told.Proven.ShouldBeFalse();
        var best = PanelCutting.Answer(order, CpSat.Instance, Patience.OfWork(10));
        ShouldBeMade(order, best, 0);
        best.Rips.ShouldBeLessThanOrEqualTo(told.Rips);
    }

    [Fact]
    public void What_no_order_can_be_is_told_at_its_field()
        => new PanelOrder([new("a", 0, .1), new("a", 1, -1)], 0, double.NaN, -1, 11, -1).Problems().Select(p => p.Field).ShouldBe(["panels", "width", "leastStrip", "leastEnd", "spares", "boards[0].count", "boards[1].width", "boards[1].id"]);

    private static void ShouldBeMade(PanelOrder order, PanelAnswer told, int seed)
    {
        told.Panels.Count.ShouldBe(order.Panels, $"seed {seed}");
        told.Common.ShouldBeGreaterThanOrEqualTo(order.Width - Slack);
        foreach (var panel in told.Panels)
        {
            panel.Sum(b => b.Ripped ?? b.Width).ShouldBe(told.Common, .0011, $"seed {seed}");
            panel.ShouldAllBe(b => b.Ripped == null || (b.Ripped >= order.LeastStrip - Slack && b.Ripped < b.Width), $"seed {seed}");
            (panel[0].Ripped ?? panel[0].Width).ShouldBeGreaterThanOrEqualTo(order.LeastEnd - Slack, $"seed {seed}");
            (panel[^1].Ripped ?? panel[^1].Width).ShouldBeGreaterThanOrEqualTo(order.LeastEnd - Slack, $"seed {seed}");
        }

        foreach (var used in told.Panels.SelectMany(p => p).GroupBy(b => b.Id)) used.Count().ShouldBeLessThanOrEqualTo(order.Boards.Single(b => b.Id == used.Key).Count);
        told.BoardsUsed.ShouldBeLessThanOrEqualTo(order.Boards.Sum(b => b.Count) - order.Spares);
    }

    /// <summary>Every board into every panel or none; every width a panel has by itself, and the least; every choice of boards to rip.</summary>
    private static (int Rips, double Away, int Boards)? Exhaustive(PanelOrder order)
    {
        List<double> boards = [.. order.Boards.SelectMany(b => Enumerable.Repeat(b.Width, b.Count))];
        (int, double, int)? best = null;
        for (var code = 0; code < Math.Pow(order.Panels + 1, boards.Count); code++)
        {
            var panels = Enumerable.Range(0, order.Panels).Select(_ => new List<double>()).ToList();
            for (int i = 0, rest = code; i < boards.Count; i++, rest /= order.Panels + 1)
            {
                if (rest % (order.Panels + 1) is > 0 and var p) panels[p - 1].Add(boards[i]);
            }

            var count = panels.Sum(p => p.Count);
            if (panels.Exists(p => p.Count == 0) || count > boards.Count - order.Spares) continue;
            foreach (var common in panels.Select(p => p.Sum()).Append(order.Width).Where(c => c >= order.Width - 1e-9))
            {
                var rips = panels.ConvertAll(p => Rips(p, common, order));
                if (rips.Contains(null)) continue;
                var now = (rips.Sum()!.Value, Math.Round(panels.Sum(p => p.Sum() - common), 9), count);
                if (best is null || now.CompareTo(best.Value) < 0) best = now;
            }
        }

        return best;
    }

    /// <summary>The fewest boards of a panel to rip so that it comes out; null where none do.</summary>
    private static int? Rips(List<double> panel, double common, PanelOrder order)
    {
        var over = panel.Sum() - common;
        if (over < -1e-9) return null;
        int? fewest = null;
        // Each stays, is ripped to anything, or is ripped and still wide enough for an end.
        for (var code = 0; code < Math.Pow(3, panel.Count); code++)
        {
            int rips = 0, wide = 0;
            double most = 0;
            var may = true;
            for (int i = 0, rest = code; i < panel.Count; i++, rest /= 3)
            {
                var to = rest % 3 == 1 ? order.LeastStrip : Math.Max(order.LeastStrip, order.LeastEnd);
                if (rest % 3 == 0)
                {
                    if (panel[i] >= order.LeastEnd - 1e-9) wide++;
                    continue;
                }

                rips++;
                may &= panel[i] > to + 1e-9;
                most += panel[i] - to;
                if (rest % 3 == 2) wide++;
            }

            if (may && (over < 1e-9 ? rips == 0 : rips > 0 && most >= over - 1e-9) && wide >= Math.Min(2, panel.Count) && !(rips >= fewest)) fewest = rips;
        }

        return fewest;
    }
}
