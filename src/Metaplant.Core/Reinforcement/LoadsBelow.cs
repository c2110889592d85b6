using Metaplant.Core.Materials;

namespace Metaplant.Core.Reinforcement;

/// <summary>What a planter does to what it stands on.</summary>
public static class LoadsBelow
{
    /// <summary>Pressure in Pa that loose or made ground carries below a foot.</summary>
    public const double LooseGround = 50e3;

    /// <summary>Pressure in Pa that firm ground carries below a foot.</summary>
    public const double FirmGround = 100e3;

    /// <summary>Somebody leaning on the rim, N.</summary>
    public const double HandAtRim = 300;

    /// <summary>Part of the dry mass counted on against tipping, EN 1990.</summary>
    private const double WeightCountedOn = .9;

    /// <summary>Wood left round a cut-out, m.</summary>
    public const double LeastRim = .040;

    /// <summary>Load in Pa over the floor it covers. Mass in kg, area in m².</summary>
    public static double FloorLoad(double wetMass, double area) => wetMass * Medium.Gravity / area;

    /// <summary>Pressure in Pa under each foot. Foot area in m².</summary>
    public static double FootPressure(double wetMass, int feet, double footArea) => wetMass * Medium.Gravity / (feet * footArea);

    /// <summary>
    /// Safety against tipping: 0.9 × dry weight × half the foot's width over the overturning moment of the wind and of a hand at the rim. Range: at least 1 wanted. Mass in kg, forces in N, lengths in m.
    /// </summary>
    public static double Tipping(double dryMass, double footWidth, double windForce, double windHeight, double rimHeight)
        => WeightCountedOn * dryMass * Medium.Gravity * footWidth / 2 / Math.Max(windForce * windHeight + HandAtRim * rimHeight, double.Epsilon);

    /// <summary>Buckling load in N of a straight wooden leg held at both ends: π² E I/L² for a rectangle on its weak side, over 3 for a leg nobody has planed. Pa and m.</summary>
    public static double LegCapacity(double width, double thickness, double length, double modulus)
        => Math.PI * Math.PI * modulus * Math.Max(width, thickness) * Math.Pow(Math.Min(width, thickness), 3) / 12 / (length * length) / 3;
}

/// <summary>How many people lift it.</summary>
public static class Lifting
{
    /// <summary>What one, two and three people lift together, kg.</summary>
    private static readonly double[] Together = [25, 33, 38];

    /// <summary>1, 2 or 3; null when it is too heavy for three and wants a barrow, a ramp or filling in place.</summary>
    public static int? People(double mass) => Array.FindIndex(Together, t => mass <= t + 1e-9) is >= 0 and var i ? i + 1 : null;
}
