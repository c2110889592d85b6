using Metaplant.Core.Matching;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Planning;

/// <summary>One thing wanted: how many of it, and how many the plan gives.</summary>
public sealed record MetWant(Sentence Words, long Needed, long Given);

/// <summary>What a heap becomes: projects none of which takes what another takes, each cast from what those before it leave.</summary>
/// <param name="Projects">In the order they are kept in.</param>
/// <param name="Objective">Its <see cref="PlanCost"/>.</param>
/// <param name="Bound">No choice among what was tried costs less.</param>
/// <param name="Length">Of boards cut into, m.</param>
/// <param name="Tried">How many sizes of projects there were to choose from.</param>
/// <param name="Ended">True once nothing more is looked for.</param>
/// <param name="Proven">True where it is the best choice among what was tried.</param>
public sealed record HeapPlan(IReadOnlyList<Fit> Projects, IReadOnlyList<MetWant> Wants, long Objective, long Bound, double Money, double Hours, double Length, int Tried, bool Ended, bool Proven)
{
    /// <summary>By project, where it stands; null where no spots were given.</summary>
    public IReadOnlyList<Spot>? Stands { get; init; }
}
