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
    /// For each stick as the shortest and each as the thinnest of the set, the others are taken nearest first, which finds the least spread for sets alike in two measures; with the bow it
    /// may miss the very least. Time grows as n² log n for each corner.
    /// </summary>
    public static IReadOnlyList<int>? Choose(IReadOnlyList<Stick> sticks, int count, double leastLength = 0)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(count);
        var fit = Enumerable.Range(0, sticks.Count).Where(i => sticks[i].Length >= leastLength - 1e-9).ToList();
        if (fit.Count < count) return null;
        IReadOnlyList<int>? best = null;
        var least = double.PositiveInfinity;
        foreach (var (shortest, thinnest) in from a in fit from b in fit select (sticks[a].Length, Thickness(sticks[b])))
        {
            var set = fit.Where(i => sticks[i].Length >= shortest && Thickness(sticks[i]) >= thinnest)
                .OrderBy(i => sticks[i].Length - shortest + 10 * (Thickness(sticks[i]) - thinnest) + 2 * sticks[i].Bow).ThenBy(i => i).Take(count).ToList();
            if (set.Count < count || Spread([.. set.Select(i => sticks[i])]) is var spread && spread >= least) continue;
            (best, least) = ([.. set.Order()], Spread([.. set.Select(i => sticks[i])]));
        }

        return best;
    }

    private static double Thickness(Stick s) => (s.Butt + s.Tip) / 2;
}
