namespace Metaplant.Core.Reinforcement;

/// <summary>Screw heads pulled through a board that lies outside its posts, so that the soil pushes it off.</summary>
public static class HeadPullThrough
{
    /// <summary>
    /// Characteristic resistance in N of one head: f_head × d_h² × (ρ/350)^0.8. Strength in Pa at 350 kg/m³, head diameter in m, density in kg/m³. Source: EN 1995-1-1 8.7.2 (8.40b).
    /// </summary>
    public static double Characteristic(double strength, double headDiameter, double density) => strength * headDiameter * headDiameter * Math.Pow(density / 350, .8);

    /// <summary>Force in N that pushes one end of a board off its post: p b L, shared by the two ends, times the supports it runs over. Pressure in Pa, the rest in m.</summary>
    public static double Push(double pressure, double boardHeight, double span) => pressure * boardHeight * span;
}
