using Metaplant.Core.Designs;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

/// <summary>Reads any blueprint and says whether it grows, drains and holds. Pure: the same blueprint and brief give the same answer.</summary>
public static class Assessor
{
    /// <summary>Whether a draft holds and drains, the worse of both: what sizes are compared by, since it needs neither heap nor crops.</summary>
    public static Verdict HoldsAndDrains(Blueprint blueprint, Brief brief) => Verdicts.Worst(HoldAssessor.Assess(blueprint, brief).Verdict, DrainAssessor.Assess(blueprint, brief).Verdict);

    /// <summary>The three answers, and what stands in the way of calling it food.</summary>
    /// <param name="fitness">What its main stuff is fit for.</param>
    /// <param name="notLookedAt">Names of what nobody has looked at yet and touches soil or plants: nothing is called food while there is any.</param>
    public static Assessment Assess(Blueprint blueprint, Brief brief, Fitness fitness, IReadOnlyList<string>? notLookedAt = null)
    {
        var drain = DrainAssessor.Assess(blueprint, brief);
        return new(GrowAssessor.Assess(blueprint, brief, fitness, drain, notLookedAt ?? []), drain, HoldAssessor.Assess(blueprint, brief));
    }
}
