using Metaplant.Core.Geometry;

namespace Metaplant.Core.Reinforcement;

/// <summary>
/// A short round peg or stake pushed sideways near its head: Broms's method for free-headed piles, as <see cref="PostInGround"/> has it for a wall of soil. N and m.
/// Source: B. B. Broms (1964), ASCE J. Soil Mech. 90(SM2, SM3).
/// </summary>
/// <param name="Push">P, unfactored. Range: P &gt; 0.</param>
/// <param name="Eccentricity">e, how high above the ground it acts. Range: e ≥ 0.</param>
/// <param name="Diameter">b. Range: b &gt; 0.</param>
/// <param name="SafetyFactor">On the ground's resistance.</param>
public sealed record LateralPeg(double Push, double Eccentricity, double Diameter, Ground Ground, double SafetyFactor)
{
    /// <summary>M_max in N m, some way below the ground, unfactored.</summary>
    public double GreatestMoment => Ground switch
    {
        SandGround sand => Push * (Eccentricity + 2.0 / 3 * Math.Sqrt(2 * Push / (3 * sand.UnitWeight * Diameter * EarthPressure.Passive(sand.FrictionAngleDegrees)))),
        ClayGround clay => ClayMoment(Push, Push / (9 * clay.Cohesion * Diameter)),
        _ => throw new InvalidOperationException($"Unknown ground {Ground}."),
    };

    /// <summary>The least embedment L in m. Sand: FS P = γ b L³ K_p/(2 (e + L)), by bisection to 1e-13. Clay: L = 1.5 b + f + g with the factored push, f = FS P/(9 c_u b), g = √(M_max/(2.25 b c_u)). A peg that nothing pushes needs none.</summary>
    public double Embedment
    {
        get
        {
            var p = SafetyFactor * Push;
            if (p <= 0) return 0;
            switch (Ground)
            {
                case SandGround sand:
                    var resistance = sand.UnitWeight * Diameter * EarthPressure.Passive(sand.FrictionAngleDegrees) / 2;
                    double e = Eccentricity, high = 1;
                    while (resistance * high * high * high / (e + high) < p) high *= 2;
                    return Solve.Rising(l => resistance * l * l * l / (e + l), p, 0, high);
                case ClayGround clay:
                    var f = p / (9 * clay.Cohesion * Diameter);
                    return 1.5 * Diameter + f + Math.Sqrt(ClayMoment(p, f) / (2.25 * Diameter * clay.Cohesion));
                default:
                    throw new InvalidOperationException($"Unknown ground {Ground}.");
            }
        }
    }

    private double ClayMoment(double thrust, double f) => thrust * (Eccentricity + 1.5 * Diameter + f / 2);
}
