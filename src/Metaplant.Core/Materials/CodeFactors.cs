using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>
/// Partial factors on loads by EN 1990 and the bend allowed, as this project uses them. The factor on a material is a column of its own table.
/// </summary>
/// <param name="Soil">On the weight and push of soil, which stay.</param>
/// <param name="Surcharge">On people and what else comes and goes.</param>
/// <param name="BendLimit">A board or wall may bend by its span over this, in the end.</param>
/// <param name="WeightCountedOn">On a weight that helps: tipping, uplift.</param>
[Table(120, "Factors of the codes")]
public sealed record CodeFactors(double Soil, double Surcharge, double BendLimit, double WeightCountedOn)
{
    public const string SoilId = "factor.soil";
    public const string SurchargeId = "factor.surcharge";
    public const string BendLimitId = "factor.bend-limit";
    public const string WeightCountedOnId = "factor.weight-counted-on";

    public const string Source = "EN 1995-1-1 6.1.6 and 2.2.3; loads by EN 1990";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(SoilId, "γ_G", "factor on soil", 1.35, Unit.One, Evidence.Defined, "EN 1990 table A1.2(B), permanent load") { NeverBelow = 1, NeverAbove = 3 },
        new(SurchargeId, "γ_Q", "factor on people and other load on top", 1.5, Unit.One, Evidence.Defined, "EN 1990 table A1.2(B), variable load") { NeverBelow = 1, NeverAbove = 3 },
        new(BendLimitId, "L/u", "span over the bend allowed in the end", 150, Unit.One, Evidence.Assumed, "EN 1995-1-1 table 7.2 gives 150 to 300 for the bend in the end; the loosest, for a garden") { NeverBelow = 50 },
        new(WeightCountedOnId, "γ_G,inf", "part of a helping weight that is counted on", .9, Unit.One, Evidence.Defined, "EN 1990 table A1.2(A), favourable permanent load") { NeverBelow = .5 },
    ];

    public static CodeFactors Of(Handbook handbook) => new(handbook[SoilId], handbook[SurchargeId], handbook[BendLimitId], handbook[WeightCountedOnId]);

    /// <summary>The factors as published.</summary>
    public static CodeFactors Default => Of(Handbook.Default);

    /// <summary>The factor on soil in one load case; an accident has none.</summary>
    public double OnSoil(LoadCase loadCase) => loadCase == LoadCase.Normal ? Soil : 1;

    /// <summary>The factor on people, wind and crop in one load case; an accident has none.</summary>
    public double OnPeople(LoadCase loadCase) => loadCase == LoadCase.Normal ? Surcharge : 1;
}
