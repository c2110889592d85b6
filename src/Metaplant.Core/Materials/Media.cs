using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>
/// A growing medium. Densities in kg/m³; porosity, field capacity and wilting point as parts of the volume (0..1); conductivity in m/s;
/// the wet layer that stays at the foot of a container in m; the angle of friction in degrees.
/// </summary>
public sealed record Medium(
    string Id, string Name, double DryDensity, double SaturatedDensity, double Porosity, double FieldCapacity, double WiltingPoint,
    double Conductivity, double WetLayer, double FrictionAngleDegrees)
{
    public const double Gravity = 9.81;

    /// <summary>Weight of the medium at field capacity, N/m³: the load on a wall whose drain works.</summary>
    public double MoistUnitWeight => (DryDensity + FieldCapacity * 1000) * Gravity;

    /// <summary>Weight full of water, N/m³: the load when the drain is blocked.</summary>
    public double SaturatedUnitWeight => SaturatedDensity * Gravity;
}

/// <summary>
/// The table of growing media. Mineral soils: FAO-56 table 19 and Rawls, Brakensiek &amp; Saxton (1982), Trans. ASAE 25(5), wet layer from
/// the bubbling pressure. Organic media are estimates and are marked so.
/// </summary>
[Table(10, "Growing media")]
public static class Media
{
    /// <summary>kg/m³. Nothing that sinks is lighter than this when it is full of water.</summary>
    public const double WaterDensity = 1000;

    private const double MillimetresPerHour = 1e-3 / 3600;
    private const string Soils = "FAO-56 table 19; Rawls, Brakensiek & Saxton 1982";
    private const string Estimate = "Estimate for organic media; measure your own";

    private static readonly (string Id, string Name, double[] Values, bool Mineral)[] Table =
    [
        ("potting-mix", "Potting mix", [300, 1100, .80, .50, .15, 300, 45, 30], false),
        ("topsoil-compost", "Topsoil and compost 60:40", [900, 1500, .60, .35, .14, 60, 80, 30], false),
        ("garden-loam", "Garden loam", [1300, 1780, .48, .27, .12, 13, 112, 28], true),
        ("loamy-sand", "Loamy sand", [1500, 1900, .40, .15, .06, 61, 87, 32], true),
        ("clay-soil", "Clay soil", [1250, 1750, .50, .36, .22, .6, 370, 22], true),
        ("finished-compost", "Finished compost", [500, 1250, .75, .50, .20, 120, 60, 30], false),
        ("coarse-gravel", "Coarse gravel", [1600, 2000, .40, .04, .02, 10000, 5, 38], true),
    ];

    private static readonly (string Id, string Symbol, string Meaning, Unit Unit, double Scale)[] Columns =
    [
        ("dry", "ρ_d", "dry density", Unit.KilogramPerCubicMetre, 1),
        ("saturated", "ρ_sat", "density full of water", Unit.KilogramPerCubicMetre, 1),
        ("porosity", "n", "porosity", Unit.One, 1),
        ("field-capacity", "FC", "water held after draining", Unit.One, 1),
        ("wilting-point", "WP", "water left at wilting", Unit.One, 1),
        ("conductivity", "K", "how fast water passes when saturated", Unit.MetrePerSecond, MillimetresPerHour),
        ("wet-layer", "h_w", "wet layer left at the foot", Unit.Metre, 1e-3),
        ("friction", "φ", "angle of friction", Unit.Degree, 1),
    ];

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. from m in Table
           from c in Columns.Select((column, i) => (column, i))
           select new Constant(
               $"medium.{m.Id}.{c.column.Id}", c.column.Symbol, $"{m.Name}: {c.column.Meaning}", m.Values[c.i] * c.column.Scale, c.column.Unit,
               m.Mineral ? Evidence.Measured : Evidence.Assumed, m.Mineral ? Soils : Estimate)
           { NeverBelow = c.column.Id == "saturated" ? WaterDensity : null },
    ];

    public static IReadOnlyList<(string Id, string Name)> Names { get; } = [.. Table.Select(m => (m.Id, m.Name))];

    /// <summary>The medium with the values in force; null when there is none of that id.</summary>
    public static Medium? Find(Handbook handbook, string id)
    {
        var name = Array.Find(Table, m => m.Id == id).Name;
        return name is null
            ? null
            : new Medium(id, name, Of("dry"), Of("saturated"), Of("porosity"), Of("field-capacity"), Of("wilting-point"), Of("conductivity"), Of("wet-layer"), Of("friction"));

        double Of(string column) => handbook[$"medium.{id}.{column}"];
    }
}
