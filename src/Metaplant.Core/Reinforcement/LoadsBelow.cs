using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>What a planter does to what it stands on.</summary>
public static class LoadsBelow
{
    /// <summary>Wood left round a cut-out, m.</summary>
    public const double LeastRim = .040;

    /// <summary>Load in Pa over the floor it covers. Mass in kg, area in m².</summary>
    public static double FloorLoad(double wetMass, double area) => wetMass * Medium.Gravity / area;

    /// <summary>Pressure in Pa under each foot. Foot area in m².</summary>
    public static double FootPressure(double wetMass, int feet, double footArea) => wetMass * Medium.Gravity / (feet * footArea);

    /// <summary>
    /// The moment in N m that keeps a thing on its foot: the part of its dry weight that is counted on, over half the foot's width. Mass in kg, length in m.
    /// </summary>
    public static double Righting(double dryMass, double footWidth, CodeFactors factors) => factors.WeightCountedOn * dryMass * Medium.Gravity * footWidth / 2;

    /// <summary>The moment in N m that tips it: the wind at its height, and a hand at the rim. Forces in N, lengths in m.</summary>
    public static double Tipping(double windForce, double windHeight, double handAtRim, double rimHeight) => windForce * windHeight + handAtRim * rimHeight;

    /// <summary>Buckling load in N of a straight wooden leg held at both ends: π² E I/L² for a rectangle on its weak side, over 3 for a leg nobody has planed. Pa and m.</summary>
    public static double LegCapacity(double width, double thickness, double length, double modulus)
        => Math.PI * Math.PI * modulus * Math.Max(width, thickness) * Math.Pow(Math.Min(width, thickness), 3) / 12 / (length * length) / 3;
}

/// <summary>How many people lift it.</summary>
public static class Lifting
{
    private const int Most = 3;

    /// <summary>1, 2 or 3; null when it is too heavy for three and wants a barrow, a ramp or filling in place. Mass in kg.</summary>
    public static int? People(double mass, Handbook handbook)
        => Enumerable.Range(1, Most).FirstOrDefault(n => mass <= handbook[Materials.People.Lift(n)] + Check.Tolerance) is > 0 and var people ? people : null;
}
