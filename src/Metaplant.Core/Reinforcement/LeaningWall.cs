namespace Metaplant.Core.Reinforcement;

/// <summary>
/// A dry-laid wall that stands by its weight and leans back against what it holds. Each figure for a metre of wall, lengths in m, forces in N.
/// Source: Coulomb's active wedge behind a smooth leaning back (Müller-Breslau 1906), K_a = cos²(φ + ω)/(cos ω (cos ω + sin φ)²); the thrust acts square to the back, so that it lifts by sin ω.
/// </summary>
/// <param name="Width">B, front to back. Range: &gt; 0.</param>
/// <param name="Height">Of the wall, at least <paramref name="Soil"/>.</param>
/// <param name="Soil">H, soil against it. Range: &gt; 0.</param>
/// <param name="Batter">How far it leans back for each m of height, tan ω. Range: 0 to 0.3.</param>
/// <param name="UnitWeight">Of the wall, N/m³.</param>
/// <param name="Friction">μ at its foot.</param>
public sealed record LeaningWall(double Width, double Height, double Soil, double Batter, double UnitWeight, double Friction)
{
    private double Lean => Math.Atan(Batter);

    public double Weight => Width * Height * UnitWeight;

    /// <summary>K_a; with an upright back tan²(45° − φ/2).</summary>
    public double Active(double frictionAngleDegrees)
    {
        double phi = frictionAngleDegrees * Math.PI / 180, back = Math.Cos(Lean);
        return Math.Pow(Math.Cos(phi + Lean), 2) / (back * Math.Pow(back + Math.Sin(phi), 2));
    }

    /// <summary>Thrust of the soil, and of what stands on it, square to the back. With <paramref name="blocked"/> water stands behind it to the top of the soil.</summary>
    public (double Soil, double OnTop) Thrust(SoilLoad soil, bool blocked)
    {
        var k = Active(soil.FrictionAngleDegrees);
        var grains = blocked ? soil.SaturatedUnitWeight - EarthPressure.WaterUnitWeight : soil.UnitWeight;
        return ((k * grains + (blocked ? EarthPressure.WaterUnitWeight : 0)) * Soil * Soil / 2, k * soil.Surcharge * Soil);
    }

    /// <summary>Safety against sliding on its foot; 0 where the thrust lifts more than it weighs.</summary>
    public double Sliding((double Soil, double OnTop) thrust) => Friction * Math.Max(0, Down(thrust)) / ((thrust.Soil + thrust.OnTop) * Math.Cos(Lean));

    /// <summary>Safety against turning over about the front of its foot.</summary>
    public double Turning((double Soil, double OnTop) thrust) => Keeps / Turns(thrust);

    /// <summary>How far the force on its foot lies before the middle, towards the front, m; less than nothing behind it.</summary>
    public double BeforeMiddle((double Soil, double OnTop) thrust) => Down(thrust) <= 0 ? Width / 2 : Width / 2 - (Keeps - Turns(thrust)) / Down(thrust);

    private double Keeps => Weight * (Width / 2 + Height / 2 * Batter);

    private double Down((double Soil, double OnTop) thrust) => Weight - (thrust.Soil + thrust.OnTop) * Math.Sin(Lean);

    private double Turns((double Soil, double OnTop) thrust) => About(thrust.Soil, Soil / 3) + About(thrust.OnTop, Soil / 2);

    private double About(double force, double up) => force * (Math.Cos(Lean) * up + Math.Sin(Lean) * (Width + up * Batter));
}
