using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>What is to be said of a planter where it stands.</summary>
/// <param name="About">What it is about: "edge", "gap", "reach".</param>
public sealed record PlaceRemark(string About, Verdict Verdict, Sentence Words);

/// <summary>Checks what stands on the plan against the spot, the others and the people who walk there.</summary>
public static class Placement
{
    /// <summary>Less than this in or out, m, is the tape's.</summary>
    internal const double Slack = .005;

    /// <summary>All remarks on one of those that stand, the worst first.</summary>
    public static IReadOnlyList<PlaceRemark> Of(GardenPlan plan, StandingPlanter planter, IReadOnlyList<StandingPlanter> all, Handbook handbook)
    {
        if (plan.Find(planter.SpotId) is not { } spot) return [new("spot", Verdict.Fails, "The spot it stood at is no longer on the plan.")];
        var others = all.Where(s => s.Project != planter.Project).ToList();
        return [.. RoomForIt.Of(plan, spot, others, planter, handbook).Concat(AboveAndBelow.Of(plan, spot, planter)).Concat(AtItsSpot.Of(plan, spot, planter, handbook)).OrderByDescending(r => r.Verdict)];
    }
}
