namespace Metaplant.Core.Supports;

/// <summary>Wind on what stands in a garden.</summary>
public static class Wind
{
    public const double DragCoefficient = 1.2;

    /// <summary>Part of the outline that catches wind through a net.</summary>
    public const double NetSolidity = .3;

    /// <summary>Part of the outline that catches wind in full leaf.</summary>
    public const double LeafySolidity = .8;

    /// <summary>What a support left standing gets in winter over its summer gust.</summary>
    public const double LeftUpInWinter = 1.4;

    /// <summary>Dynamic pressure in Pa of a gust in m/s: .613 v², for air of 1.226 kg/m³. Range: v ≥ 0.</summary>
    public static double Pressure(double speed) => .613 * speed * speed;

    /// <summary>
    /// Force in N on an outline in m²: pressure × 1.2 × outline × solidity. Range of solidity: 0 to 1.
    /// Drag of flat and lattice bodies after EN 1991-1-4 7.11, held at its middle value.
    /// </summary>
    public static double Force(double pressure, double outline, double solidity) => pressure * DragCoefficient * outline * solidity;
}
