namespace Metaplant.Core.Reinforcement;

/// <summary>
/// A wall that stands by its weight: bales, heavy timbers, dry-laid stone. Judged dry, when it is lightest. Lengths in m, for each metre of wall.
/// </summary>
/// <param name="Width">Front to back at the foot.</param>
/// <param name="Height">Soil behind it, to its top.</param>
/// <param name="UnitWeight">Of the wall when dry, N/m³.</param>
/// <param name="FootFriction">Friction between foot and ground, tan δ.</param>
public sealed record GravityWall(double Width, double Height, double UnitWeight, double FootFriction)
{
    /// <summary>A wall braced by its own corners gets pressure at rest.</summary>
    private double Thrust(SoilLoad soil) => EarthPressure.Resultant(0, Height, WallKind.Braced, soil, Sums.LoadCase.Normal);

    public double Weight => Width * Height * UnitWeight;

    /// <summary>Safety against sliding: friction at the foot over the thrust. At least 1.5 is usual; with less, stakes take all the thrust.</summary>
    public double Sliding(SoilLoad soil) => Weight * FootFriction / Thrust(soil);

    /// <summary>Safety against overturning about the front of the foot: weight × half the width over the moment of the pressure.</summary>
    public double Overturning(SoilLoad soil)
    {
        var k = EarthPressure.AtRest(soil.FrictionAngleDegrees);
        var moment = k * soil.UnitWeight * Math.Pow(Height, 3) / 6 + k * soil.Surcharge * Height * Height / 2;
        return Weight * Width / 2 / moment;
    }

    /// <summary>The least width in m that gives both the safety wanted, by solving each backwards.</summary>
    public double LeastWidth(SoilLoad soil, double safety)
        => Math.Max(Width * safety / Sliding(soil), Width * Math.Sqrt(safety / Overturning(soil)));
}
