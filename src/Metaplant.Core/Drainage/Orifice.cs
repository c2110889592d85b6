using Metaplant.Core.Materials;

namespace Metaplant.Core.Drainage;

/// <summary>Flow through a free hole.</summary>
public static class Orifice
{
    /// <summary>Flow in m³/s through a round hole: C × area × √(2 g h). Diameter and head in m, head from 0 up; the discharge C of a sharp edge is .6.</summary>
    public static double Flow(double diameter, double head, double discharge) => discharge * Math.PI * diameter * diameter / 4 * Math.Sqrt(2 * Medium.Gravity * head);
}
