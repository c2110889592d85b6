using Metaplant.Core.Materials;

namespace Metaplant.Core.Drainage;

/// <summary>Flow through a free hole.</summary>
public static class Orifice
{
    public const double Discharge = .6;

    /// <summary>Flow in m³/s through a round hole: .6 × area × √(2 g h). Diameter and head in m, head from 0 up.</summary>
    public static double Flow(double diameter, double head) => Discharge * Math.PI * diameter * diameter / 4 * Math.Sqrt(2 * Medium.Gravity * head);
}
