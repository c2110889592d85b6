using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What has become of a piece of wood. It takes from the strength only.</summary>
public enum Condition
{
    Sound,
    Weathered,
    Poor,
}

/// <summary>
/// A strength class: bending and shear strength and mean modulus in Pa, characteristic density in kg/m³, the long-term and accidental
/// modification factors, the factor by which a deflection has grown in the end, and the partial factor γ_M.
/// </summary>
public sealed record TimberGrade(string Id, string Name, double Bending, double Shear, double Modulus, double Density, double Kmod, double KmodAccidental, double Creep, double PartialFactor)
{
    /// <summary>Bending strength in Pa to set a factored stress against: k_mod f_mk c/γ_M; in an accident γ_M is 1 and k_mod that of a short load.</summary>
    public double DesignBending(Condition condition, LoadCase loadCase)
        => condition.Factor() * Bending * OnResistance(loadCase);

    /// <summary>Bending strength in Pa against a gust, which lasts seconds: k_mod for short loads outdoors f_mk c/γ_M.</summary>
    public double ShortBending(Condition condition, Handbook handbook) => condition.Factor() * Bending * handbook[Timbers.ShortLoadId] / PartialFactor;

    /// <summary>k_mod/γ_M: what a characteristic resistance in this wood is multiplied by.</summary>
    public double OnResistance(LoadCase loadCase) => loadCase == LoadCase.Normal ? Kmod / PartialFactor : KmodAccidental;
}

/// <summary>
/// Strength classes after EN 338 for softwood (C) and hardwood (D); service class 3, long-term action, as EN 1995-1-1 tables 3.1 and 3.2.
/// Unknown pallet softwood is taken as C14. Exterior ply (EN 636-3) is a one-way plate by its weaker direction; all other boards come apart outdoors and are refused by name in <see cref="NotOutdoors"/>.
/// </summary>
[Table(60, "Timber and boards")]
public static class Timbers
{
    /// <summary>The row of k_mod for wind.</summary>
    public const string ShortLoadId = "timber.short-load";

    /// <summary>The row of f_c,90,k, Pa.</summary>
    public const string AcrossGrainId = "timber.across-grain";

    private const string Source = "EN 338 strength classes; EN 1995-1-1 tables 3.1, 3.2, service class 3";
    private const string Plastic = "Estimate for recycled plastic profiles";

    private const string PlySource = "EN 12369-2 class F10 E20 for ply of unknown make, its weaker direction; k_mod, k_def and γ_M of EN 1995-1-1 for EN 636-3, service class 3";

    /// <summary>Boards that swell, come apart or soften outdoors, with the reason.</summary>
    public static IReadOnlyDictionary<string, string> NotOutdoors { get; } = new Dictionary<string, string>(StringComparer.Ordinal)
    {
        ["OSB"] = "Strand board swells and comes apart outdoors; use boards or exterior ply.",
        ["Chipboard"] = "Chipboard swells and comes apart outdoors; use boards or exterior ply.",
        ["MDF"] = "Fibreboard softens outdoors; use boards or exterior ply.",
        ["Hardboard"] = "Hardboard softens outdoors; use boards or exterior ply.",
        ["InteriorPly"] = "Ply that is not marked for outdoors comes apart; only ply marked EN 636-3 holds.",
    };

    private static readonly (string Id, string Name, double[] Values)[] Table =
    [
        ("C14", "Softwood C14 (unknown pallet wood)", [14e6, 3.0e6, 7e9, 290, .50, .70, 3, 1.3]),
        ("C16", "Softwood C16", [16e6, 3.2e6, 8e9, 310, .50, .70, 3, 1.3]),
        ("C24", "Softwood C24", [24e6, 4.0e6, 11e9, 350, .50, .70, 3, 1.3]),
        ("D30", "Hardwood D30", [30e6, 3.9e6, 11e9, 530, .50, .70, 3, 1.3]),
        ("ExteriorPly", "Exterior ply (marked EN 636-3)", [10e6, 1.0e6, 2e9, 400, .50, .70, 3.5, 1.2]),
        ("RecycledPlastic", "Recycled plastic", [12e6, 3e6, .9e9, 900, .25, .25, 4, 1.3]),
    ];

    private static readonly (string Id, string Symbol, string Meaning, Unit Unit)[] Columns =
    [
        ("bending", "f_mk", "bending strength", Unit.Pascal),
        ("shear", "f_vk", "shear strength along the grain", Unit.Pascal),
        ("modulus", "E", "modulus of elasticity", Unit.Pascal),
        ("density", "ρ_k", "characteristic density", Unit.KilogramPerCubicMetre),
        ("kmod", "k_mod", "factor for load that stays, outdoors", Unit.One),
        ("kmod-accidental", "k_mod,acc", "factor for an accidental load, outdoors", Unit.One),
        ("creep", "1 + k_def", "growth of the bend in the end", Unit.One),
        ("partial", "γ_M", "factor on the material", Unit.One),
    ];

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. from t in Table
           from c in Columns.Select((column, i) => (column, i))
           select new Constant(
               $"timber.{t.Id}.{c.column.Id}", c.column.Symbol, $"{t.Name}: {c.column.Meaning}", t.Values[c.i], c.column.Unit,
               t.Id is "RecycledPlastic" ? Evidence.Assumed : Evidence.Defined, t.Id switch { "RecycledPlastic" => Plastic, "ExteriorPly" => PlySource, _ => Source })
           { NeverBelow = c.column.Id is "creep" or "partial" ? 1 : null, NeverAbove = c.column.Id == "partial" ? 3 : null },
        new(AcrossGrainId, "f_c,90", "strength of softwood pressed across its grain", 2.0e6, Unit.Pascal, Evidence.Defined, "EN 338, the lowest of the softwood classes"),
        new(ShortLoadId, "k_mod", "factor on the strength of wood for a load of seconds, outdoors", .9, Unit.One, Evidence.Defined, "EN 1995-1-1 table 3.1, service class 3, instantaneous"),
    ];

    /// <summary>Sawn wood, which has a grain to split along.</summary>
    public static IReadOnlyList<string> Sawn { get; } = [.. Table.Select(t => t.Id).Where(id => id[0] is 'C' or 'D')];

    public static IReadOnlyList<string> Ids { get; } = [.. Table.Select(t => t.Id)];

    /// <summary>The grade with the values in force; an unknown id is a bug and throws.</summary>
    public static TimberGrade Get(Handbook handbook, string id)
    {
        return new TimberGrade(id, Array.Find(Table, t => t.Id == id).Name, Of("bending"), Of("shear"), Of("modulus"), Of("density"), Of("kmod"), Of("kmod-accidental"), Of("creep"), Of("partial"));

        double Of(string column) => handbook[$"timber.{id}.{column}"];
    }

    public static double Factor(this Condition condition) => condition switch
    {
        Condition.Sound => 1,
        Condition.Weathered => .8,
        Condition.Poor => .6,
        _ => throw new ArgumentOutOfRangeException(nameof(condition), condition, "Unknown condition."),
    };
}
