namespace Metaplant.Core.Casting;

/// <summary>Boards alike that a panel may be made of: their width in m and how many there are.</summary>
public sealed record BoardWidth(double Width, int Count);

/// <summary>The boards of one panel by class, and which class is ripped and to what width.</summary>
/// <param name="Counts">By class, in the order given.</param>
/// <param name="Over">How much wider they are together than the panel, m: what is ripped off.</param>
public sealed record PanelBoards(IReadOnlyList<int> Counts, double Over, int? RippedClass, double RippedTo);

/// <summary>
/// Chooses boards of mixed width so that every panel comes out exactly as wide as it must, with at most one board of it ripped: never to a strip narrower than the least, and never so that no board wide enough for its screws is left for each end.
/// Of all choices the one that rips least off, then the one of fewest boards.
/// </summary>
public static class PanelChoice
{
    private const double Exact = .001;
    private const int Tried = 12;
    private const int Enumerated = 20_000;
    private const int Nodes = 300;

    /// <summary>Boards for every panel in the order of <paramref name="widths"/>, or null when there are not enough that do.</summary>
    public static IReadOnlyList<PanelBoards>? Choose(IReadOnlyList<double> widths, IReadOnlyList<BoardWidth> boards, double leastStrip, double leastEnd)
    {
        var order = Enumerable.Range(0, widths.Count).OrderByDescending(i => widths[i]).ToList();
        var left = boards.Select(b => b.Count).ToArray();
        var found = new PanelBoards[widths.Count];
        PanelBoards[]? best = null;
        var least = double.MaxValue;
        var nodes = Nodes;
        var known = new Dictionary<(double Width, string Left), List<PanelBoards>>();
        // Less wood than wall: nothing to choose.
        if (boards.Sum(b => b.Width * b.Count) < widths.Sum() - Exact) return null;
        // What each panel and all after it rip off at least, with all boards to choose from.
        var atLeast = new double[order.Count + 1];
        for (var i = order.Count - 1; i >= 0; i--)
        {
            if (Ways(widths[order[i]]) is not [var first, ..]) return null;
            atLeast[i] = atLeast[i + 1] + first.Over;
        }

        Next(0, 0);
        return best;

        void Next(int at, double over)
        {
            if (over + atLeast[at] >= least - 1e-9 || nodes-- <= 0) return;
            if (at == order.Count)
            {
                (best, least) = ([.. found], over);
                return;
            }

            foreach (var one in Ways(widths[order[at]]))
            {
                found[order[at]] = one;
                for (var c = 0; c < left.Length; c++) left[c] -= one.Counts[c];
                Next(at + 1, over + one.Over);
                for (var c = 0; c < left.Length; c++) left[c] += one.Counts[c];
            }
        }

        List<PanelBoards> Ways(double width)
        {
            var key = (width, string.Join(',', left));
            if (!known.TryGetValue(key, out var ways)) known[key] = ways = [.. For(width, boards, left, leastStrip, leastEnd)];
            return ways;
        }
    }

    /// <summary>The order in which the boards of a panel stand: the two widest at the ends, the others wide and narrow in turn, so that no narrow ones come together.</summary>
    public static IReadOnlyList<int> Stand(IReadOnlyList<double> widths)
    {
        var byWidth = Enumerable.Range(0, widths.Count).OrderByDescending(i => widths[i]).ThenBy(i => i).ToList();
        if (byWidth.Count < 3) return byWidth;
        var middle = byWidth.Skip(2).ToList();
        var turn = new List<int>();
        for (int a = 0, b = middle.Count - 1; a <= b; a++, b--)
        {
            turn.Add(middle[b]);
            if (a < b) turn.Add(middle[a]);
        }

        return [byWidth[0], .. turn, byWidth[1]];
    }

    /// <summary>The least width in m of one more board with which the panels come out, its count set to one more; null when none of up to <paramref name="widest"/> does.</summary>
    public static double? LeastMore(IReadOnlyList<double> widths, IReadOnlyList<BoardWidth> boards, double leastStrip, double leastEnd, int more, double widest = .25)
    {
        // With boards of any width up to the widest there is no way: then not with narrower ones either.
        if (boards.Sum(b => b.Width * b.Count) + more * widest < widths.Sum()) return null;
        for (var w = Math.Max(leastStrip, Math.Ceiling((widths.Sum() - boards.Sum(b => b.Width * b.Count)) / more / .005 - 1e-6) * .005); w <= widest + 1e-9; w += .005)
        {
            if (Choose(widths, [.. boards, new(w, more)], leastStrip, leastEnd) is not null) return w;
        }

        return null;
    }

    /// <summary>Ways of making one panel from what is left, the least ripped off first.</summary>
    private static IEnumerable<PanelBoards> For(double width, IReadOnlyList<BoardWidth> boards, int[] left, double leastStrip, double leastEnd)
    {
        var ways = boards.Select((b, i) => Math.Min(left[i], Math.Ceiling(width / b.Width) + 1) + 1).Aggregate(1.0, (a, n) => a * n);
        return ways <= Enumerated ? Each(width, boards, left, leastStrip, leastEnd) : Sums(width, boards, left, leastStrip, leastEnd);
    }

    /// <summary>Every way there is, where they are few enough to be looked at one by one.</summary>
    private static IEnumerable<PanelBoards> Each(double width, IReadOnlyList<BoardWidth> boards, int[] left, double leastStrip, double leastEnd)
    {
        var counts = new int[boards.Count];
        var found = new List<PanelBoards>();
        var rest = new double[boards.Count + 1];
        for (var i = boards.Count - 1; i >= 0; i--) rest[i] = rest[i + 1] + left[i] * boards[i].Width;
        Next(0, 0);
        return found.OrderBy(p => Math.Round(p.Over, 6)).ThenBy(p => p.Counts.Sum()).Take(Tried);

        void Next(int at, double sum)
        {
            if (at == boards.Count)
            {
                if (sum >= width - 1e-9 && Finished(width, boards, counts, leastStrip, leastEnd) is { } panel) found.Add(panel);
                return;
            }

            // With all that are still to come it must reach across.
            for (var k = 0; k <= left[at]; k++)
            {
                if (sum + k * boards[at].Width + rest[at + 1] < width - 1e-9) continue;
                counts[at] = k;
                var with = sum + k * boards[at].Width;
                Next(at + 1, with);
                // No board is so wide that more than this could be ripped off it.
                if (with > width + .3) break;
            }

            counts[at] = 0;
        }
    }

    /// <summary>For every sum in whole millimetres one way of fewest boards; for heaps too large to look at each.</summary>
    private static IEnumerable<PanelBoards> Sums(double width, IReadOnlyList<BoardWidth> boards, int[] left, double leastStrip, double leastEnd)
    {
        var wanted = (int)Math.Round(width * 1000);
        var widest = boards.Where((b, i) => left[i] > 0).Select(b => b.Width).DefaultIfEmpty(0).Max();
        var most = wanted + (int)Math.Floor((widest - leastStrip) * 1000 + 1e-6);
        if (most < wanted) most = wanted;
        // For every sum in whole millimetres the fewest boards that make it, class by class; a board is counted a hair short so that the sum is never less than it seems.
        var mm = boards.Select(b => Math.Max(1, (int)Math.Floor(b.Width * 1000 + 1e-6))).ToArray();
        var fewest = new int[boards.Count + 1][];
        fewest[0] = new int[most + 1];
        Array.Fill(fewest[0], int.MaxValue);
        fewest[0][0] = 0;
        var taken = new int[boards.Count][];
        for (var c = 0; c < boards.Count; c++)
        {
            fewest[c + 1] = new int[most + 1];
            taken[c] = new int[most + 1];
            for (var s = 0; s <= most; s++)
            {
                fewest[c + 1][s] = int.MaxValue;
                for (var k = 0; k <= left[c] && k * mm[c] <= s; k++)
                {
                    if (fewest[c][s - k * mm[c]] is not int.MaxValue and var n && n + k < fewest[c + 1][s]) (fewest[c + 1][s], taken[c][s]) = (n + k, k);
                }
            }
        }

        var given = 0;
        for (var s = wanted; s <= most && given < Tried; s++)
        {
            if (fewest[^1][s] == int.MaxValue) continue;
            var counts = new int[boards.Count];
            for (int c = boards.Count - 1, at = s; c >= 0; at -= counts[c] * mm[c], c--) counts[c] = taken[c][at];
            if (Finished(width, boards, counts, leastStrip, leastEnd) is not { } panel) continue;
            given++;
            yield return panel;
        }
    }

    /// <summary>The panel with its ripped board, or null when no board of it can be ripped so, or no two are left wide enough for the ends.</summary>
    private static PanelBoards? Finished(double width, IReadOnlyList<BoardWidth> boards, int[] counts, double leastStrip, double leastEnd)
    {
        double sum = 0, widest = 0;
        int all = 0, wide = 0;
        for (var c = 0; c < counts.Length; c++)
        {
            if (counts[c] == 0) continue;
            sum += boards[c].Width * counts[c];
            widest = Math.Max(widest, boards[c].Width);
            all += counts[c];
            if (boards[c].Width >= leastEnd - 1e-9) wide += counts[c];
        }

        var over = sum - width;
        var ends = Math.Min(2, all);
        if (over <= Exact) return wide >= ends ? new([.. counts], Math.Max(0, over), null, 0) : null;
        // The widest board is ripped: what is left of it is widest too.
        for (var c = 0; c < counts.Length; c++)
        {
            if (counts[c] == 0 || boards[c].Width < widest - 1e-9) continue;
            var to = boards[c].Width - over;
            if (to < leastStrip - 1e-9) continue;
            if (wide - (boards[c].Width >= leastEnd - 1e-9 ? 1 : 0) + (to >= leastEnd - 1e-9 ? 1 : 0) >= ends) return new([.. counts], over, c, to);
        }

        return null;
    }
}
