using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Wire, sheet and screws, and the line that stands in for them.</summary>
[Table(80, "Metal, screws and line")]
public static class Metals
{
    public const string WireYield = "practice.wire-yield";
    public const string SheetYield = "metal.sheet-yield";
    public const string SteelModulus = "metal.modulus";
    public const string SheetRust = "metal.sheet-rust";
    public const string ScrewStrength = "metal.screw-strength";
    public const string HeadPull = "metal.head-pull-through";
    public const string LineStrength = "practice.line-strength";
    public const string SackStrength = "practice.sack-strength";
    public const string StapleShear = "metal.staple-shear";
    public const string BoltShear = "metal.bolt-shear";
    public const string TyrePressure = "practice.tyre-pressure";
    public const string RubberFriction = "practice.rubber-friction";
    public const string BreakingOverMarked = "metal.breaking-over-marked";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(WireYield, "f_y", "yield of soft fence wire", 250e6, Unit.Pascal, Evidence.Assumed, "Annealed low-carbon wire, EN 10218-2, lower end"),
        new(SheetYield, "f_y", "yield of roofing steel of unknown make", 220e6, Unit.Pascal, Evidence.Defined, "EN 10346 S220GD, the lowest grade sold for profiling"),
        new(SteelModulus, "E", "modulus of steel", 210e9, Unit.Pascal, Evidence.Defined, "EN 1993-1-1 3.2.6"),
        new(SheetRust, "r", "metal lost to rust in a year against wet soil, mm in a year", .05, Unit.One, Evidence.Assumed, "EN ISO 9223 category C3, upper end of 50 µm a year"),
        new(ScrewStrength, "f_u", "strength of screw steel", 540e6, Unit.Pascal, Evidence.Assumed, "EN 14592 gives none for screws of unknown make; soft screws, lower end"),
        new(HeadPull, "f_head", "strength of wood against a head pulled through", 10e6, Unit.Pascal, Evidence.Assumed, "Low end of makers' approvals at 350 kg/m³; EN 14592 leaves it to them"),
        new(LineStrength, "f_l", "strength of cord of unknown make", 60e6, Unit.Pascal, Evidence.Assumed, "A third of new laid fibre rope, for age and knots"),
        new(SackStrength, "T_u", "strength of the cloth of a sack, each metre", 5000, Unit.NewtonPerMetre, Evidence.Assumed, "Woven sacks of polypropylene and jute, low end, some seasons old"),
        new(StapleShear, "F_v", "shear of one staple in softwood", 60, Unit.Newton, Evidence.Assumed, "EN 1995-1-1 8.4 for two legs of 1 mm wire, 10 mm deep in C14, rounded down"),
        new(BoltShear, "F_v", "shear of a bolt M8 of the softest class", 7027, Unit.Newton, Evidence.Defined, "EN 1993-1-8 table 3.4, class 4.6, thread in the joint: .6 × 400 × 36.6 ÷ 1.25"),
        new(TyrePressure, "p_t", "pressure that an old tyre still bears from inside", 100e3, Unit.Pascal, Evidence.Assumed, "Half of the two bar that small tyres are blown up to, for age and weather"),
        new(RubberFriction, "μ", "friction of tyre on tyre", .5, Unit.One, Evidence.Assumed, "Wet, dusty rubber, low end"),
        new(BreakingOverMarked, "k", "breaking load over working load where none is marked", 5, Unit.One, Evidence.Assumed, "Usual for fibre ropes and small fittings") { NeverBelow = 3, NeverAbove = 15 },
    ];
}
