using Metaplant.Core.Materials;

namespace Metaplant.Core.Reinforcement;

/// <summary>What presses on a wall: weights in N/m³, the angle of friction in degrees, a surcharge on top in Pa.</summary>
public sealed record SoilLoad(double UnitWeight, double SaturatedUnitWeight, double FrictionAngleDegrees, double Surcharge)
{
    public static SoilLoad Of(Medium medium, double surcharge = 0)
        => new(medium.MoistUnitWeight, medium.SaturatedUnitWeight, medium.FrictionAngleDegrees, surcharge);
}
