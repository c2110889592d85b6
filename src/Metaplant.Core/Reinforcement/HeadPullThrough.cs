namespace Metaplant.Core.Reinforcement;

/// <summary>Screw heads pulled through a board that lies outside its posts, so that the soil pushes it off.</summary>
public static class HeadPullThrough
{
    /// <summary>Pull-through strength in Pa of heads in wood of 350 kg/m³: the low end of screw makers' approvals (EN 14592 leaves it to them).</summary>
    public const double Strength = 10e6;

    /// <summary>Characteristic resistance in N of one head: strength × d_h² × (ρ/350)^0.8. Head diameter in m, density in kg/m³. Source: EN 1995-1-1 8.7.2 (8.40b).</summary>
    public static double Characteristic(double headDiameter, double density) => Strength * headDiameter * headDiameter * Math.Pow(density / 350, .8);

    /// <summary>Force in N that pushes one end of a board off its post: p b L, shared by the two ends, times the supports it runs over. Pressure in Pa, the rest in m.</summary>
    public static double Push(double pressure, double boardHeight, double span) => pressure * boardHeight * span;
}
