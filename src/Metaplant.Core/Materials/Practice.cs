using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Constants of practice: the rain designed for, how holes and fills behave, how much slower salvage is to work.</summary>
[Table(50, "Practice")]
public static class Practice
{
    public const string RainRate = "practice.rain";
    public const string SalvageFactor = "practice.salvage-factor";
    public const string Discharge = "practice.discharge";
    public const string Clogging = "practice.clogging";
    public const string LeastRaise = "practice.least-raise";
    public const string OutletSlope = "practice.outlet-slope";
    public const string FilterAcross = "practice.filter-across";
    public const string StonesConductivity = "practice.stones-conductivity";
    public const string SoilOverPlaced = "practice.soil-over-placed";
    public const string MulchOverPlaced = "practice.mulch-over-placed";
    public const string LogVoids = "practice.log-voids";
    public const string StickVoids = "practice.stick-voids";
    public const string LossOnMixing = "practice.loss-on-mixing";
    public const string RidgeSag = "practice.ridge-sag";
    public const string RidgeLoad = "practice.ridge-load";
    public const string WeavePacking = "practice.weave-packing";
    public const string CoreReach = "practice.core-reach";
    public const string SlowestFirstWater = "practice.slowest-first-water";
    public const string LinerLap = "practice.liner-lap";
    public const string NettingMesh = "practice.netting-mesh";
    public const string HoseSmoothness = "practice.hose-smoothness";
    public const string DripPressure = "practice.drip-pressure";
    public const string DrainWithin = "practice.drain-within";
    public const string ProofStones = "practice.proof-stones";
    public const string ThinFloorSpan = "practice.thin-floor-span";
    public const string PaintFilm = "practice.paint-film";
    public const string HourWorth = "practice.hour-worth";

    private const string Experience = "Experience; measure your own";

    /// <summary>The row of the wet depth a class of thirst tolerates: "dryfooted", "ordinary" or "thirsty".</summary>
    public static string WetDepth(string thirst) => $"practice.wet-depth-{thirst}";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(RainRate, "q", "rain designed for", 10e-3 / 3600, Unit.MetrePerSecond, Evidence.Assumed, "A heavy summer hour, 10 mm/h"),
        new(WetDepth("dryfooted"), "h", "free water that dry-footed plants tolerate midway between holes", .030, Unit.Metre, Evidence.Assumed, Experience),
        new(WetDepth("ordinary"), "h", "free water that ordinary plants tolerate midway between holes", .050, Unit.Metre, Evidence.Assumed, Experience),
        new(WetDepth("thirsty"), "h", "free water that thirsty plants tolerate midway between holes", .100, Unit.Metre, Evidence.Assumed, Experience),
        new(Discharge, "C", "discharge of a sharp-edged hole", .6, Unit.One, Evidence.Measured, "ISO 5167-2, orifice with a free jet, rounded"),
        new(Clogging, "k", "holes wanted over holes that must run, since half may clog", 2, Unit.One, Evidence.Assumed, Experience) { NeverBelow = 1 },
        new(LeastRaise, "h_0", "least clearance under a drained foot", .040, Unit.Metre, Evidence.Assumed, "Leaves and slugs fill less; experience"),
        new(OutletSlope, "s", "fall towards an outlet, part of the way", .015, Unit.One, Evidence.Assumed, "As roof gutters and paving, 1 to 2 %") { NeverAbove = .2 },
        new(FilterAcross, "n", "outlets across that a filter is wide, at least", 3, Unit.One, Evidence.Assumed, Experience) { NeverBelow = 1 },
        new(PaintFilm, "t", "wet film of one coat of paint", .0001, Unit.Metre, Evidence.Assumed, "Ten square metres a litre, as tins have it for smooth ground") { NeverBelow = .00003, NeverAbove = .0005 },
        new(StonesConductivity, "K_g", "how fast water passes through washed stones of a thumb’s size", .01, Unit.MetrePerSecond, Evidence.Assumed, "Clean gravel, Bear 1972 Dynamics of Fluids in Porous Media table 5.5.1, its low end") { NeverAbove = 1 },
        new(SoilOverPlaced, "k", "soil and compost to order over what is wanted in place", 1.15, Unit.One, Evidence.Assumed, Experience) { NeverBelow = 1, NeverAbove = 3 },
        new(MulchOverPlaced, "k", "mulch and leaves to order over what is wanted in place", 1.3, Unit.One, Evidence.Assumed, Experience) { NeverBelow = 1, NeverAbove = 3 },
        new(LogVoids, "v", "voids between stacked logs", .40, Unit.One, Evidence.Assumed, "Solid content of stacked round wood, 0.6 to 0.7"),
        new(StickVoids, "v", "voids between stacked sticks", .55, Unit.One, Evidence.Assumed, "Solid content of stacked branches, 0.4 to 0.5"),
        new(LossOnMixing, "l", "volume lost on mixing", .05, Unit.One, Evidence.Assumed, "Fines fill the gaps between coarse grains; experience") { NeverAbove = .3 },
        new(RidgeSag, "L/u", "span over the sag allowed of a ridge", 100, Unit.One, Evidence.Assumed, "Looks, not strength") { NeverBelow = 30 },
        new(RidgeLoad, "w_v", "wet vines and fruit on each metre of a ridge", 40, Unit.NewtonPerMetre, Evidence.Assumed, Experience) { NeverBelow = 10 },
        new(WeavePacking, "k", "height of a course over the rod's thickness", .9, Unit.One, Evidence.Assumed, Experience) { NeverBelow = .5 },
        new(CoreReach, "k", "how far water goes sideways from a core, over the wet layer", 3, Unit.One, Evidence.Assumed, "The suction that holds the wet layer draws sideways as well, unopposed by weight; experience") { NeverBelow = 1 },
        new(SlowestFirstWater, "k", "how much slower than the table a first watering may drain", 3, Unit.One, Evidence.Assumed, "Conductivity of one soil scatters by this much; Rawls, Brakensiek & Saxton 1982") { NeverBelow = 1 },
        new(LinerLap, "l", "lap of a liner", .10, Unit.Metre, Evidence.Assumed, Experience),
        new(NettingMesh, "a", "widest mesh that straw or leaves behind it close", .020, Unit.Metre, Evidence.Assumed, Experience) { NeverAbove = .1 },
        new(HoseSmoothness, "C", "smoothness of a hose inside", 140, Unit.One, Evidence.Measured, "Hazen–Williams, smooth plastic pipe") { NeverBelow = 80, NeverAbove = 160 },
        new(DripPressure, "p", "greatest pressure that drip lines are made for", 150e3, Unit.Pascal, Evidence.Assumed, "Usual for drip lines and soaker hoses, 1 to 1.5 bar; read the packet"),
        new(DrainWithin, "t", "longest that a soaking may take to drain", 30 * 3600, Unit.Second, Evidence.Assumed, "Roots of most crops suffer after a day or two without air; experience") { NeverAbove = 72 * 3600 },
        new(ProofStones, "k", "stones laid on the floor for a water test, over the weight of the water", 1.0 / 3, Unit.One, Evidence.Assumed, "Makes up for soil being heavier than water"),
        new(ThinFloorSpan, "L", "farthest apart packers lie under a thin moulded floor", .15, Unit.Metre, Evidence.Assumed, Experience),
        new(HourWorth, "w", "what an hour of taking things apart is worth, beside buying the part", 6, Unit.Money, Evidence.Assumed, "Your own; 0 where you would rather take anything apart than buy") { NeverBelow = 0, NeverAbove = 1000 },
        new(SalvageFactor, "k", "taking apart, de-nailing, sorting and squaring salvage against new material", 2.5, Unit.One, Evidence.Assumed, "Experience; replaced by your own times once there are any"),
    ];
}
