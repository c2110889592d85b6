using Metaplant.Core.Materials;

namespace Metaplant.Core.Supports;

/// <summary>A tube or round bar by its outside and the thickness of its wall, m; a bar has none left inside.</summary>
public sealed record RoundBar(double Diameter, double Wall)
{
    private double Inside => Math.Max(0, Diameter - 2 * Wall);

    /// <summary>Section modulus in m³: π (d⁴ − d_i⁴)/(32 d).</summary>
    public double Modulus => Math.PI * (Math.Pow(Diameter, 4) - Math.Pow(Inside, 4)) / (32 * Diameter);

    /// <summary>Area of the section, m².</summary>
    public double Area => Math.PI / 4 * (Diameter * Diameter - Inside * Inside);
}

/// <summary>
/// One arch of a row over a path, feet set in the ground, carrying wind from the side and snow on its cover. Lengths in m, forces in N, moments in N m.
/// Each half is taken as standing by itself, which any arch can do and which is on the safe side; snow is taken on one half only, which bends an arch most.
/// </summary>
/// <param name="Bay">From arch to arch, what each carries of the cover.</param>
public sealed record ArchFrame(HoopArch Arch, double Span, double Bay)
{
    /// <summary>The side view that catches the wind, m².</summary>
    public double Outline => Arch.Rise * Bay;

    /// <summary>Moment at a foot from a force on the side: each half takes half of it at half the rise.</summary>
    public double WindMoment(double force) => force / 2 * Arch.Rise / 2;

    /// <summary>Pull on the windward foot: (F rise/2 − W span/2) ÷ span, the weight as it is counted on. Never below 0.</summary>
    public double Uplift(double force, double weight) => Math.Max(0, (force * Arch.Rise / 2 - weight * Span / 2) / Span);

    /// <summary>Greatest moment from snow on one half: q s²/64 a metre of path, a two-hinged parabolic arch. Snow in Pa.</summary>
    public double SnowMoment(double snow) => snow * Bay * Span * Span / 64;

    /// <summary>How hard the feet push outwards under snow on the whole: q s²/(8 rise).</summary>
    public double SnowThrust(double snow) => snow * Bay * Span * Span / (8 * Arch.Rise);

    /// <summary>Wind force in N on the cover.</summary>
    public double Force(double gust, double drag, double solidity) => Wind.Force(Wind.Pressure(gust), Outline, drag, solidity);

    /// <summary>Wind force in N along the path on the end of the row, which the braces take: the segment R²/2 (θ − sin θ).</summary>
    public double EndForce(double gust, double drag, double solidity)
    {
        var angle = Arch.AngleDegrees * Math.PI / 180;
        return Wind.Force(Wind.Pressure(gust), Math.Pow(Arch.Radius ?? 0, 2) / 2 * (angle - Math.Sin(angle)), drag, solidity);
    }

    /// <summary>Weight of the arch in N from its length and section; density in kg/m³.</summary>
    public static double Weight(double arcLength, RoundBar bar, double density) => arcLength * bar.Area * density * Medium.Gravity;
}
