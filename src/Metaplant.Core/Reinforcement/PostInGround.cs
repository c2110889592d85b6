using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>The ground a post stands in.</summary>
public abstract record Ground
{
    /// <summary>The ground of a row of <see cref="Grounds"/>, "firm-sand", with the values in force.</summary>
    public static Ground Of(Handbook handbook, string id) => id.EndsWith("clay", StringComparison.Ordinal)
        ? new ClayGround(handbook[$"ground.{id}.cohesion"])
        : new SandGround(handbook[$"ground.{id}.friction"], handbook[$"ground.{id}.weight"]);
}

/// <summary>Sand and all other ground that drains: angle of friction in degrees (0 &lt; φ &lt; 45), unit weight in N/m³.</summary>
public sealed record SandGround(double FrictionAngleDegrees, double UnitWeight) : Ground;

/// <summary>Clay: undrained cohesion c_u in Pa.</summary>
public sealed record ClayGround(double Cohesion) : Ground;

/// <summary>
/// A round post driven into level ground that holds back soil at its top, free to lean: Broms's method for short free-headed piles.
/// Source: B. B. Broms (1964), Lateral resistance of piles in cohesionless soils, and … in cohesive soils, ASCE J. Soil Mech. 90(SM2, SM3).
/// Holds for posts at least 3 diameters apart on level ground with nothing dug in front. Lengths in m.
/// </summary>
/// <param name="RetainedHeight">h, soil above the ground line.</param>
/// <param name="Spacing">s, wall that one post holds.</param>
/// <param name="Soil">The fill behind the wall; active pressure, since the post leans.</param>
/// <param name="Diameter">b of the post.</param>
/// <param name="SafetyFactor">On the ground's resistance.</param>
public sealed record PostInGround(double RetainedHeight, double Spacing, SoilLoad Soil, double Diameter, Ground Ground, double SafetyFactor)
{
    private double K => EarthPressure.Active(Soil.FrictionAngleDegrees);

    private double SoilThrust => K * Soil.UnitWeight * Spacing * RetainedHeight * RetainedHeight / 2;

    private double SurchargeThrust => K * Soil.Surcharge * Spacing * RetainedHeight;

    private double SoilMoment => SoilThrust * RetainedHeight / 3;

    private double SurchargeMoment => SurchargeThrust * RetainedHeight / 2;

    /// <summary>P in N: K γ s h²/2 + K q s h.</summary>
    public double Thrust => SoilThrust + SurchargeThrust;

    /// <summary>M in N m at the ground line: K γ s h³/6 + K q s h²/2.</summary>
    public double MomentAtGround => SoilMoment + SurchargeMoment;

    /// <summary>e = M/P in m: how high above the ground the thrust acts.</summary>
    public double Eccentricity => MomentAtGround / Thrust;

    /// <summary>
    /// The least embedment L in m. Sand: FS P = γ b L³ K_p / (2 (e + L)), by bisection to 1e-13. Clay: L = 1.5 b + f + g with the factored thrust, f = FS P/(9 c_u b),
    /// g = √(M_max/(2.25 b c_u)).
    /// </summary>
    public double Embedment => Peg.Embedment;

    /// <summary>
    /// M_max in N m, some way below the ground, by which the post itself is judged. Sand: P (e + 2f/3), f = √(2P/(3 γ b K_p)). Clay: P (e + 1.5 b + f/2), f = P/(9 c_u b). Unfactored.
    /// </summary>
    public double GreatestMoment => Peg.GreatestMoment;

    /// <summary>Unfactored bending stress in Pa of the round section: 32 M_max/(π b³).</summary>
    public double Stress => 32 * GreatestMoment / (Math.PI * Math.Pow(Diameter, 3));

    /// <summary>
    /// Factored stress over design strength, long-term. The load factor is γ_G for the soil's share of the moment and γ_Q for the surcharge's; Broms's moment is scaled by it, since its lever hardly moves.
    /// </summary>
    public double StrengthUtilisation(TimberGrade timber, Condition condition, CodeFactors factors)
    {
        var factor = (factors.Soil * SoilMoment + factors.Surcharge * SurchargeMoment) / MomentAtGround;
        return factor * Stress / timber.DesignBending(condition, LoadCase.Normal);
    }

    private LateralPeg Peg => new(Thrust, Eccentricity, Diameter, Ground, SafetyFactor);
}
