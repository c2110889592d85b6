using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Salvage;

/// <summary>What a stick is good for when it is in no set.</summary>
public enum StickUse
{
    /// <summary>Thick enough to stand and carry.</summary>
    Frame,

    /// <summary>Thin and long enough to go in and out of stakes.</summary>
    Weave,

    /// <summary>Short or thin: props and twigs.</summary>
    Prop,
}

/// <summary>Sticks that are alike: their places in the order measured, and their spread in m.</summary>
public sealed record AlikeSet(IReadOnlyList<int> Sticks, double Spread);

/// <summary>A bundle sorted: as many alike sets as it gives, and the rest by use.</summary>
public sealed record SortedSticks(IReadOnlyList<AlikeSet> Sets, IReadOnlyDictionary<StickUse, IReadOnlyList<int>> Rest);

/// <summary>Sorts measured sticks into sets that are alike.</summary>
public static class StickSorting
{
    private const double FrameButt = .018;
    private const double WeaveLength = .9;

    /// <summary>
    /// The set of least spread is taken out again and again while its spread stays within <paramref name="greatestSpread"/> m; what is left is sorted by use. At most <see cref="LaidSticks.Most"/> sticks. Stopped between one set and the next.
    /// </summary>
    public static Outcome<SortedSticks> Sort(IReadOnlyList<Stick> sticks, int count, double leastLength, double greatestSpread, CancellationToken cancel = default)
    {
        var problems = new List<Problem>();
        if (sticks.Count == 0) problems.Add(new("sticks", "Lay one at least."));
        if (count < 2) problems.Add(new("count", "A set has at least two."));
        if (!(leastLength >= 0)) problems.Add(new("leastLength", "A length cannot be less than nothing."));
        if (!(greatestSpread > 0)) problems.Add(new("greatestSpread", "Say how much they may differ."));
        problems.AddRange(LaidSticks.Problems(sticks, "sticks"));
        if (problems.Count > 0) return Outcome<SortedSticks>.Refuse(problems);
        var left = Enumerable.Range(0, sticks.Count).ToList();
        var sets = new List<AlikeSet>();
        while (AlikeSticks.Choose([.. left.Select(i => sticks[i])], count, leastLength) is { } chosen)
        {
            cancel.ThrowIfCancellationRequested();
            List<int> set = [.. chosen.Select(i => left[i])];
            var spread = AlikeSticks.Spread([.. set.Select(i => sticks[i])]);
            if (spread > greatestSpread) break;
            sets.Add(new(set, spread));
            left.RemoveAll(set.Contains);
        }

        return new SortedSticks(sets, left.GroupBy(i => UseOf(sticks[i])).ToDictionary(g => g.Key, g => (IReadOnlyList<int>)[.. g]));
    }

    private static StickUse UseOf(Stick s) => s.Butt >= FrameButt ? StickUse.Frame : s.Length >= WeaveLength ? StickUse.Weave : StickUse.Prop;
}
