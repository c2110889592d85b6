namespace Metaplant.Core.Supports;

/// <summary>One stick as measured: length and thickness at both ends in m, and the bow in m: how far its middle stands off a straight line.</summary>
public sealed record Stick(double Length, double Butt, double Tip, double Bow = 0);

/// <summary>Chooses sticks that are most alike, for frames whose sides must match.</summary>
public static class AlikeSticks
{
    /// <summary>How much a difference in length, thickness and bow counts against the others. Length shows most in a frame; thickness decides how it bends.</summary>
    private static readonly (Func<Stick, double> Of, double Weight)[] Sides =
    [
        (s => s.Length, 1), (s => (s.Butt + s.Tip) / 2, 10), (s => s.Bow, 2),
    ];

    /// <summary>
    /// The spread of a set: the greatest difference in length, in mean thickness × 10 and in bow × 2, added up, in m. 0 for one stick or none.
    /// </summary>
    public static double Spread(IReadOnlyCollection<Stick> sticks)
        => sticks.Count < 2 ? 0 : Sides.Sum(side => side.Weight * (sticks.Max(side.Of) - sticks.Min(side.Of)));

    /// <summary>
    /// The indices of the <paramref name="count"/> sticks of least spread among those at least <paramref name="leastLength"/> long, in the order given; null when there are too few.
    /// For each stick as the shortest and each as the thinnest of the set, the others are gone through by length, keeping the thinnest so far; that finds the least spread for straight sticks. With the bow it
    /// may miss the very least. Time grows as n³ log n.
    /// </summary>
    public static IReadOnlyList<int>? Choose(IReadOnlyList<Stick> sticks, int count, double leastLength = 0)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(count);
        List<int> fit = [.. Enumerable.Range(0, sticks.Count).Where(i => sticks[i].Length >= leastLength - 1e-9).OrderBy(i => sticks[i].Length)];
        if (fit.Count < count) return null;
        IReadOnlyList<int>? best = null;
        var least = double.PositiveInfinity;
        foreach (var (a, b) in from a in fit from b in fit select (sticks[a], sticks[b]))
        {
            // The shortest of the set is in it, so no set is more alike than these two.
            if (b.Length < a.Length || Thickness(b) > Thickness(a) || 10 * (Thickness(a) - Thickness(b)) >= least) continue;
            var others = fit.Where(i => sticks[i].Length >= a.Length && Thickness(sticks[i]) >= Thickness(b)).TakeWhile(i => sticks[i].Length - a.Length < least);
            foreach (var set in Sets(sticks, others, count))
                if (Spread([.. set.Select(i => sticks[i])]) is var spread && spread < least) (best, least) = ([.. set.Order()], spread);
        }

        return best;
    }

    /// <summary>As longer and longer sticks are let in, the thinnest and straightest so many of those so far.</summary>
    private static IEnumerable<IReadOnlyList<int>> Sets(IReadOnlyList<Stick> sticks, IEnumerable<int> byLength, int count)
    {
        var kept = new PriorityQueue<int, double>();
        foreach (var i in byLength)
        {
            var order = -(10 * Thickness(sticks[i]) + 2 * sticks[i].Bow);
            if (kept.Count < count) kept.Enqueue(i, order);
            else if (kept.EnqueueDequeue(i, order) == i) continue;
            if (kept.Count == count) yield return [.. kept.UnorderedItems.Select(item => item.Element)];
        }
    }

    private static double Thickness(Stick s) => (s.Butt + s.Tip) / 2;
}
