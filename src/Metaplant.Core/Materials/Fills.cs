using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What a planter is filled with, as far as sinking goes.</summary>
public enum Fill
{
    Logs,
    Sticks,
    Leaves,
    Straw,
    Woodchip,
    GreenWaste,
    Compost,
    Topsoil,
    Manure,
    PottingMix,

    /// <summary>Topsoil and compost 60:40, mixed.</summary>
    TopsoilCompost,
}

/// <summary>
/// How a fill sinks: the part f of its thickness that is lost in the end, the rate k in 1/yr, and the part c that goes at once when it is placed loose.
/// </summary>
public sealed record FillSinking(double Lost, double Rate, double AtOnce);

/// <summary>
/// How wood holds nitrogen while it rots: the part of the dry mass that rots in a year.
/// </summary>
[Table(30, "How fills sink and rot")]
public static class Fills
{
    private const string Estimate = "Estimate; your own log corrects it";

    private static readonly (Fill Fill, string Words, double Lost, double Rate, double AtOnce)[] Table =
    [
        (Fill.Logs, "Logs", .55, .25, 0),
        (Fill.Sticks, "Sticks", .60, .60, .10),
        (Fill.Leaves, "Leaves", .80, 1.5, .25),
        (Fill.Straw, "Straw", .80, 1.5, .15),
        (Fill.Woodchip, "Woodchip", .50, .50, .15),
        (Fill.GreenWaste, "Green waste", .75, 2.0, .20),
        (Fill.Compost, "Compost", .35, .90, .08),
        (Fill.Topsoil, "Topsoil", .08, .70, .05),
        (Fill.Manure, "Manure", .45, 1.2, .10),
        (Fill.PottingMix, "Potting mix", .30, .90, .08),
        // By its parts: .6 of topsoil's and .4 of compost's.
        (Fill.TopsoilCompost, "Topsoil and compost", .19, .86, .06),
    ];

    private static readonly (Fill Fill, double Rots)[] Wood = [(Fill.Logs, .08), (Fill.Sticks, .25), (Fill.Woodchip, .20)];

    /// <summary>Part of the carbon rotted that microbes build into themselves, no unit.</summary>
    public const string CarbonUse = "wood.carbon-use";

    public const string Carbon = "wood.carbon";

    public const string MicrobeRatio = "wood.microbe-cn";

    public const string Nitrogen = "wood.nitrogen";

    public const string WoodDensity = "wood.density";

    public const string FeedNitrogen = "feed.nitrogen";

    public const string ChipDensity = "wood.chip-density";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. Table.SelectMany(t => (Constant[])
        [
            new(Id(t.Fill, "lost"), "f", $"{t.Words}: part lost in the end", t.Lost, Unit.One, Evidence.Assumed, Estimate),
            new(Id(t.Fill, "rate"), "k", $"{t.Words}: how fast it goes", t.Rate, Unit.PerYear, Evidence.Assumed, Estimate),
            // Logs do not pack, so theirs is nothing, and nothing to change.
            .. t.AtOnce == 0 ? [] : (Constant[])[new(Id(t.Fill, "at-once"), "c", $"{t.Words}: part lost at once when loose", t.AtOnce, Unit.One, Evidence.Assumed, Estimate)],
        ]),
        .. Wood.Select(w => new Constant(Id(w.Fill, "rots"), "r", $"{w.Fill.ToString()}: part rotted in a year", w.Rots, Unit.PerYear, Evidence.Assumed, "Estimate from decay of coarse and fine wood on the ground")),
        new(CarbonUse, "e", "part of the rotted carbon that microbes build in", .35, Unit.One, Evidence.Measured, "Manzoni, Taylor, Richter, Porporato & Ågren 2012, New Phytologist 196: carbon use of decomposers, middle of its range"),
        new(Carbon, "C", "carbon in dry wood", .50, Unit.One, Evidence.Measured, "Lamlom & Savidge 2003, Biomass and Bioenergy 25"),
        new(MicrobeRatio, "CN", "carbon to nitrogen of microbes", 8, Unit.One, Evidence.Measured, "Cleveland & Liptzin 2007, Biogeochemistry 85: 8.6 in soils, rounded"),
        new(WoodDensity, "ρ", "dry mass of solid wood", 450, Unit.KilogramPerCubicMetre, Evidence.Assumed, "Softwood and half-rotten hardwood, middle") { NeverBelow = 150, NeverAbove = 900 },
        new(ChipDensity, "ρ", "dry mass of heaped chip", 200, Unit.KilogramPerCubicMetre, Evidence.Assumed, "Solid content of heaped chip, .4 to .45") { NeverBelow = 80, NeverAbove = 400 },
        new(FeedNitrogen, "N", "nitrogen in hoof and horn", .13, Unit.One, Evidence.Assumed, "As sold, 12 to 14 of a hundred") { NeverBelow = .05, NeverAbove = .2 },
        new(Nitrogen, "N_wood", "nitrogen in dry wood", .002, Unit.One, Evidence.Assumed, "Sap and heart wood together, low end"),
    ];

    public static string Words(this Fill fill) => Array.Find(Table, t => t.Fill == fill).Words;

    public static FillSinking Sinking(Handbook handbook, Fill fill)
        => new(handbook[Id(fill, "lost")], handbook[Id(fill, "rate")], Array.Find(Table, t => t.Fill == fill).AtOnce == 0 ? 0 : handbook[Id(fill, "at-once")]);

    /// <summary>The row of the part that rots in a year; null for a fill that is no wood.</summary>
    public static string? Rots(Fill fill) => Array.Exists(Wood, w => w.Fill == fill) ? Id(fill, "rots") : null;

    /// <summary>True of what roots find all of at once. Wood, straw, leaves, green stuff and raw manure have to rot first.</summary>
    public static bool IsSoil(this Fill fill) => fill is Fill.Topsoil or Fill.Compost or Fill.PottingMix or Fill.TopsoilCompost;

    /// <summary>Of the mix of topsoil and compost, the part that is topsoil.</summary>
    public const double TopsoilShare = .6;

    /// <summary>kg/m³ of a fill full of water, not less than it is: of what is lighter than compost, compost; of wood, that of the water it just floats in.</summary>
    public static double Saturated(Handbook handbook, Fill fill) => fill switch
    {
        Fill.Logs or Fill.Sticks or Fill.Woodchip => Media.WaterDensity,
        Fill.Topsoil => handbook["medium.garden-loam.saturated"],
        Fill.PottingMix => handbook["medium.potting-mix.saturated"],
        Fill.TopsoilCompost => handbook["medium.topsoil-compost.saturated"],
        _ => handbook["medium.finished-compost.saturated"],
    };

    public static string Id(Fill fill, string column) => $"fill.{fill}.{column}";
}
