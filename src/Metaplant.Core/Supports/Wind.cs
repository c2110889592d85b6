namespace Metaplant.Core.Supports;

/// <summary>Wind on what stands in a garden.</summary>
public static class Wind
{
    /// <summary>Dynamic pressure in Pa of a gust in m/s: .613 v², for air of 1.226 kg/m³. Range: v ≥ 0. Source: EN 1991-1-4 (4.10).</summary>
    public static double Pressure(double speed) => .613 * speed * speed;

    /// <summary>
    /// Force in N on an outline in m²: pressure × drag × outline × solidity, the part of the outline that catches wind. Range of solidity: 0 to 1.
    /// </summary>
    public static double Force(double pressure, double outline, double drag, double solidity) => pressure * drag * outline * solidity;
}
