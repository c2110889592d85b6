using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>Whether a wall may lean away from the soil, which relieves it, or is held.</summary>
public enum WallKind
{
    /// <summary>Free to lean: cantilever posts, weaving. Active pressure.</summary>
    Free,

    /// <summary>Braced, tied, boxed, or a hoop. Pressure at rest.</summary>
    Braced,
}

/// <summary>
/// The sideways pressure of level fill on an upright wall, p = K (γ z + q). Wall friction and cohesion are ignored, which is on the safe side.
/// Range: angle of friction 0 &lt; φ &lt; 45°, depth z ≥ 0.
/// </summary>
public static class EarthPressure
{
    /// <summary>Unit weight of water, N/m³.</summary>
    public const double WaterUnitWeight = 9810;

    /// <summary>Rankine's active coefficient, tan²(45° − φ/2).</summary>
    public static double Active(double frictionAngleDegrees) => Math.Pow(Math.Tan((45 - frictionAngleDegrees / 2) * Math.PI / 180), 2);

    /// <summary>Rankine's passive coefficient, tan²(45° + φ/2).</summary>
    public static double Passive(double frictionAngleDegrees) => Math.Pow(Math.Tan((45 + frictionAngleDegrees / 2) * Math.PI / 180), 2);

    /// <summary>Coefficient at rest, 1 − sin φ. Source: J. Jaky (1944), for normally consolidated soil.</summary>
    public static double AtRest(double frictionAngleDegrees) => 1 - Math.Sin(frictionAngleDegrees * Math.PI / 180);

    public static double Coefficient(WallKind wall, double frictionAngleDegrees) => wall switch
    {
        WallKind.Free => Active(frictionAngleDegrees),
        WallKind.Braced => AtRest(frictionAngleDegrees),
        _ => throw new ArgumentOutOfRangeException(nameof(wall), wall, "Unknown kind of wall."),
    };

    /// <summary>Pressure in Pa at depth <paramref name="z"/> m with the drain working.</summary>
    public static double At(double z, WallKind wall, SoilLoad soil)
        => Coefficient(wall, soil.FrictionAngleDegrees) * (soil.UnitWeight * z + soil.Surcharge);

    /// <summary>Pressure in Pa at depth <paramref name="z"/> m with the soil standing full of water.</summary>
    public static double BlockedAt(double z, WallKind wall, SoilLoad soil)
        => Coefficient(wall, soil.FrictionAngleDegrees) * ((soil.SaturatedUnitWeight - WaterUnitWeight) * z + soil.Surcharge) + WaterUnitWeight * z;

    public static double At(double z, WallKind wall, SoilLoad soil, LoadCase loadCase)
        => loadCase == LoadCase.BlockedDrain ? BlockedAt(z, wall, soil) : At(z, wall, soil);

    /// <summary>Resultant in N for each metre of wall between two depths in m: the pressure at mid-depth times the height, since pressure is linear.</summary>
    public static double Resultant(double top, double bottom, WallKind wall, SoilLoad soil, LoadCase loadCase)
        => At((top + bottom) / 2, wall, soil, loadCase) * (bottom - top);

    /// <summary>The pressure at one depth as a worked sum, in Pa.</summary>
    public static Sum Worked(double z, WallKind wall, SoilLoad soil, LoadCase loadCase = LoadCase.Normal)
    {
        var phi = soil.FrictionAngleDegrees;
        var k = Coefficient(wall, phi);
        Term coefficient = new("K", wall == WallKind.Free ? "active coefficient, tan²(45° − φ/2)" : "coefficient at rest, 1 − sin φ", k, Unit.One);
        Term angle = new("φ", "angle of friction", phi, Unit.Degree), depth = new("z", "depth", z, Unit.Metre), surcharge = new("q", "load on top", soil.Surcharge, Unit.Pascal);
        var source = wall == WallKind.Free ? "Rankine 1857" : "Jaky 1944";
        return loadCase == LoadCase.Normal
            ? Sum.Of(
                "Soil pressure", "p = K (γ z + q)",
                [coefficient, angle, new("γ", "weight of moist soil", soil.UnitWeight, Unit.NewtonPerCubicMetre), depth, surcharge],
                At(z, wall, soil), Unit.Pascal, source, "Friction on the wall and cohesion are ignored", "Level fill") with
            {
                Question = new Question("wall-pressure", ("depth", z), ("unitWeight", soil.UnitWeight), ("frictionAngleDegrees", phi)).OrNone("surcharge", soil.Surcharge).Choosing("wall", wall.ToString()),
            }
            : Sum.Of(
                "Pressure with the drain blocked", "p = K ((γ_sat − γ_w) z + q) + γ_w z",
                [coefficient, angle, new("γ_sat", "weight of soil full of water", soil.SaturatedUnitWeight, Unit.NewtonPerCubicMetre), new("γ_w", "weight of water", WaterUnitWeight, Unit.NewtonPerCubicMetre), depth, surcharge],
                BlockedAt(z, wall, soil), Unit.Pascal, source + "; water as a liquid", "Water stands to the top of the soil");
    }
}
