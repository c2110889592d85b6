using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>How a design would do at a spot, made of the heap there is.</summary>
/// <param name="Worst">The worst of its three verdicts at its best size; null where the heap has nothing for it.</param>
/// <param name="Words">The one reason that decides.</param>
public sealed record DesignRank(Design Design, Standing Standing, Verdict? Worst, Sentence Words)
{
    private int Crops { get; init; }

    private static DesignRank Of(DesignMatch match, Whereabouts here) => match is { Standing: Standing.WillDo, Best: { } best }
        ? new(match.Design, match.Standing, best.Assessment.Worst, SpotRank.Deciding(best.Assessment, here)) { Crops = best.Assessment.Grow.Crops.Count(c => c.Count > 0) }
        : new(match.Design, match.Standing, match.Best?.Assessment.Worst, match.Why ?? "The heap has nothing for it.");

    /// <summary>All designs for a spot, the one that suits it best first: what can be made, by the worst of its verdicts and then by the crops it takes there, before what cannot.</summary>
    public static IReadOnlyList<DesignRank> Ordered(IEnumerable<DesignMatch> matches, Whereabouts here)
        => [.. matches.Select(m => Of(m, here)).OrderBy(r => r.Standing).ThenBy(r => r.Worst).ThenByDescending(r => r.Crops)];
}
