using Metaplant.Core.Casting;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Cutting;

/// <summary>Chooses boards of mixed width so that panels come out equal: fewest ripped, then least ripped away, then fewest boards.</summary>
public static class PanelCutting
{
    /// <summary>The best panels that are found in the time there is; none where there is no way.</summary>
    /// <param name="optimizer">Null where none is to hand; then each panel is made as wide as is asked, with one board ripped at most.</param>
    /// <param name="patience">To look at most.</param>
    /// <exception cref="ArgumentException">The order has problems.</exception>
    public static PanelAnswer Answer(PanelOrder order, IOptimizer? optimizer, Patience patience, CancellationToken cancel = default)
    {
        if (order.Problems().FirstOrDefault() is { } problem) throw new ArgumentException($"{problem.Field}: {problem.Sentence.ToString()}", nameof(order));
        if (optimizer is null) return Simple(order);
        var question = new PanelQuestion(order);
        return optimizer.Least(question.Program, [], patience, cancel) is { } found ? question.Answer(found) : PanelAnswer.None;
    }

    private static PanelAnswer Simple(PanelOrder order)
    {
        // Spares are kept of the narrowest: what is left is easier to make something of.
        var spares = order.Spares;
        var counts = new int[order.Boards.Count];
        foreach (var (i, board) in order.Boards.Index().OrderBy(b => b.Item.Width))
        {
            counts[i] = board.Count - Math.Min(spares, board.Count);
            spares -= Math.Min(spares, board.Count);
        }

        if (PanelChoice.Choose([.. Enumerable.Repeat(order.Width, order.Panels)], [.. order.Boards.Select((b, i) => new BoardWidth(b.Width, counts[i]))], order.LeastStrip, order.LeastEnd) is not { } chosen) return PanelAnswer.None;
        List<IReadOnlyList<PanelBoard>> panels = [.. chosen.Select(p => Stand([.. p.Counts.SelectMany((n, c) => Enumerable.Range(0, n).Select(k => new PanelBoard(order.Boards[c].Id, order.Boards[c].Width, k == 0 && p.RippedClass == c ? p.RippedTo : null)))]))];
        return Told(order.Width, panels, false);
    }

    internal static PanelAnswer Told(double common, IReadOnlyList<IReadOnlyList<PanelBoard>> panels, bool proven)
    {
        List<PanelBoard> all = [.. panels.SelectMany(p => p)];
        return new(common, panels, all.Count(b => b.Ripped is not null), all.Sum(b => b.Width - (b.Ripped ?? b.Width)), all.Count, proven);
    }

    internal static IReadOnlyList<PanelBoard> Stand(IReadOnlyList<PanelBoard> boards) => [.. PanelChoice.Stand([.. boards.Select(b => b.Ripped ?? b.Width)]).Select(i => boards[i])];

    /// <summary>An order as a question in whole numbers: thousandths of a millimetre, told in the greatest unit they have in common.</summary>
    private sealed class PanelQuestion
    {
        private readonly PanelOrder order;
        private readonly long unit;
        private readonly long[] widths;
        private readonly long strip;
        private readonly long end;
        private readonly int common;

        /// <summary>By panel and kind of board: how many, how many of these ripped, and how many of those still wide enough for an end.</summary>
        private readonly int[,] used;
        private readonly int[,] ripped;
        private readonly int[,] wide;
        private readonly int[] away;

        public PanelQuestion(PanelOrder order)
        {
            this.order = order;
            unit = Math.Max(1, order.Boards.Select(b => b.Width).Concat([order.Width, order.LeastStrip, order.LeastEnd]).Select(w => (long)Math.Round(w * Whole.PerMetre)).Aggregate(0L, Whole.Common));
            widths = [.. order.Boards.Select(b => Units(b.Width))];
            (strip, end) = (Units(order.LeastStrip), Units(order.LeastEnd));
            var kinds = order.Boards.Count;
            (used, ripped, wide) = (new int[order.Panels, kinds], new int[order.Panels, kinds], new int[order.Panels, kinds]);
            var total = order.Boards.Select((b, c) => b.Count * widths[c]).Sum();
            common = Program.Unknown(Units(order.Width), Math.Max(Units(order.Width), total));
            away = [.. Enumerable.Range(0, order.Panels).Select(_ => Program.Unknown(0, total))];
            for (var p = 0; p < order.Panels; p++) Panel(p);
            for (var c = 0; c < kinds; c++) Program.AtMost(Sum(used, Panels, [c]), order.Boards[c].Count);
            Program.AtMost(Sum(used, Panels, Kinds), order.Boards.Sum(b => b.Count) - order.Spares);
            // Panels are alike: the one of more boards is told first, so that no way is looked at in every order.
            for (var p = 1; p < order.Panels; p++) Program.AtLeast([.. Sum(used, [p - 1], Kinds), .. Sum(used, [p], Kinds, -1)], 0);
            long boards = order.Boards.Sum(b => b.Count) + 1, perRip = (total + 1) * boards;
            Program.Cost = [.. Sum(ripped, Panels, Kinds, perRip), .. away.Select(a => new Times(a, boards)), .. Sum(used, Panels, Kinds)];
        }

        public IntegerProgram Program { get; } = new();

        private IEnumerable<int> Panels => Enumerable.Range(0, order.Panels);

        private IEnumerable<int> Kinds => Enumerable.Range(0, order.Boards.Count);

        public PanelAnswer Answer(Optimum found)
        {
            List<IReadOnlyList<PanelBoard>> panels = [.. Panels.Select(p => Stand(Boards(p, found.Values)))];
            return Told(found.Values[common] * unit / Whole.PerMetre, panels, found.Proven);
        }

        private void Panel(int p)
        {
            var two = Program.Unknown(0, 1);
            foreach (var c in Kinds)
            {
                var count = order.Boards[c].Count;
                used[p, c] = Program.Unknown(0, count);
                ripped[p, c] = Program.Unknown(0, widths[c] > strip ? count : 0);
                wide[p, c] = Program.Unknown(0, widths[c] > Math.Max(end, strip) ? count : 0);
                Program.AtMost([new(ripped[p, c], 1), new(used[p, c], -1)], 0);
                Program.AtMost([new(wide[p, c], 1), new(ripped[p, c], -1)], 0);
            }

            // As wide as its boards, less what is ripped away: at least a hair of each ripped, and no more than leaves a strip, or an end.
            Program.Require([.. Kinds.Select(c => new Times(used[p, c], widths[c])), new(away[p], -1), new(common, -1)], 0, 0);
            Program.AtLeast([new(away[p], 1), .. Sum(ripped, [p], Kinds, -1)], 0);
            Program.AtMost([new(away[p], 1), .. Kinds.Select(c => new Times(ripped[p, c], strip - widths[c])), .. Kinds.Select(c => new Times(wide[p, c], Math.Max(end, strip) - strip))], 0);
            // A panel of one board has one end board, any other two.
            Program.AtLeast([.. Sum(used, [p], Kinds), new(two, -1)], 1);
            Program.AtMost([.. Sum(used, [p], Kinds), new(two, -order.Boards.Sum(b => b.Count))], 1);
            int[] ends = [.. Kinds.Where(c => widths[c] >= end)];
            Program.AtLeast([.. Sum(used, [p], ends), .. Sum(ripped, [p], ends, -1), .. Sum(wide, [p], Kinds), new(two, -1)], 1);
        }

        /// <summary>The boards of a panel, what is ripped away shared out among those that are ripped.</summary>
        private List<PanelBoard> Boards(int p, IReadOnlyList<long> values)
        {
            var boards = new List<PanelBoard>();
            var off = values[away[p]];
            var hairs = Kinds.Sum(c => values[ripped[p, c]]);
            foreach (var c in Kinds)
            {
                for (var k = 0; k < values[used[p, c]]; k++)
                {
                    if (k >= values[ripped[p, c]])
                    {
                        boards.Add(new(order.Boards[c].Id, order.Boards[c].Width, null));
                        continue;
                    }

                    // The others are each ripped by a hair at least.
                    hairs--;
                    var some = Math.Min(off - hairs, widths[c] - (k < values[wide[p, c]] ? Math.Max(end, strip) : strip));
                    off -= some;
                    boards.Add(new(order.Boards[c].Id, order.Boards[c].Width, (widths[c] - some) * unit / Whole.PerMetre));
                }
            }

            return boards;
        }

        private long Units(double metres) => (long)Math.Round(metres * Whole.PerMetre / unit);

        private static IEnumerable<Times> Sum(int[,] of, IEnumerable<int> panels, IEnumerable<int> kinds, long times = 1) => panels.SelectMany(p => kinds.Select(c => new Times(of[p, c], times)));
    }
}
