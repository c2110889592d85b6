using Metaplant.Core.Designs;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Assessing;

/// <summary>Reads any blueprint and says whether it grows, drains and holds. Pure: the same blueprint and brief give the same answer.</summary>
public static class Assessor
{
    public static Assessment Assess(Blueprint blueprint, Brief brief, Fitness fitness)
    {
        var drain = DrainAssessor.Assess(blueprint, brief);
        return new(GrowAssessor.Assess(blueprint, brief, fitness, drain.WetLayer), drain, HoldAssessor.Assess(blueprint, brief));
    }
}
