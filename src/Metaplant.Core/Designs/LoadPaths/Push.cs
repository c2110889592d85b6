using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// What soil and people each bring to a part, kept apart because each has a factor of its own: 1.35 on soil, 1.5 on people. Both in the unit of what they are brought as, Pa or N/m.
/// </summary>
public readonly record struct Push(double Soil, double People)
{
    public double Total => Soil + People;

    /// <summary>Pressure in Pa on a braced wall at a depth in m.</summary>
    public static Push At(double depth, Brief brief, LoadCase loadCase)
    {
        var people = OfPeople(brief);
        return new(EarthPressure.At(depth, WallKind.Braced, brief.Soil, loadCase) - people, people);
    }

    /// <summary>The same where water always stands so deep at the foot, m; where the drain is blocked it stands higher anyway.</summary>
    public Push OverWater(double standing, LoadCase loadCase) => loadCase == LoadCase.Normal ? this with { Soil = Soil + EarthPressure.WaterUnitWeight * standing } : this;

    /// <summary>Resultant in N on each metre of a braced wall down to a depth in m.</summary>
    public static Push Resultant(double depth, Brief brief, LoadCase loadCase)
    {
        var people = OfPeople(brief) * depth;
        return new(EarthPressure.Resultant(0, depth, WallKind.Braced, brief.Soil, loadCase) - people, people);
    }

    /// <summary>Load in Pa on a floor under so much soil.</summary>
    public static Push OnFloor(double depth, Brief brief, LoadCase loadCase)
        => new((loadCase == LoadCase.Normal ? brief.Medium.MoistUnitWeight : brief.Medium.SaturatedUnitWeight) * depth, brief.People);

    /// <summary>Both with their factors; an accident has none.</summary>
    public double Factored(CodeFactors factors, LoadCase loadCase) => factors.OnSoil(loadCase) * Soil + factors.OnPeople(loadCase) * People;

    public Push Times(double factor) => new(Soil * factor, People * factor);

    private static double OfPeople(Brief brief) => EarthPressure.AtRest(brief.Medium.FrictionAngleDegrees) * brief.People;
}
