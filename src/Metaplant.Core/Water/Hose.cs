using Metaplant.Core.Materials;

namespace Metaplant.Core.Water;

/// <summary>Water through a garden hose, by Hazen–Williams for water at garden temperatures. Lengths in m, flow in m³/s, pressure in Pa.</summary>
public static class Hose
{
    private const double WaterDensity = 1000;

    /// <summary>Head lost on each metre: 10.67 Q^1.852 ÷ (C^1.852 d^4.87). Smoothness C has no unit; 140 is usual for plastic.</summary>
    public static double HeadLost(double flow, double diameter, double smoothness) => 10.67 * Math.Pow(flow / smoothness, 1.852) / Math.Pow(diameter, 4.87);

    /// <summary>The longest hose that still passes the flow when all of a pressure is spent on the way.</summary>
    public static double GreatestLength(double pressure, double flow, double diameter, double smoothness) => pressure / (WaterDensity * Medium.Gravity) / HeadLost(flow, diameter, smoothness);
}
