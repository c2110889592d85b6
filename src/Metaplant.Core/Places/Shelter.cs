using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>What a fence or hedge leaves of the open wind behind it, what a gap adds, and how cold pools.</summary>
[Table(102, "Wind and frost by place")]
public static class Shelter
{
    public const string Lee = "shelter.lee";
    public const string SolidReach = "shelter.solid-reach";
    public const string PorousReach = "shelter.porous-reach";
    public const string Head = "shelter.head";
    public const string OffWind = "shelter.off-wind";
    public const string Gap = "shelter.gap";
    public const string GapWidth = "shelter.gap-width";
    public const string WindRise = "shelter.wind-by-height";
    public const string UnknownFloor = "shelter.unknown-floor";
    public const string ColdByHeight = "frost.by-height";
    public const string ColdHollow = "shelter.cold-hollow";
    public const string ColdFence = "shelter.cold-behind-fence";
    public const string WarmWall = "shelter.warm-wall";
    public const string DaysPerDegree = "shelter.days-per-degree";
    public const string BareTree = "shelter.sun-through-bare-tree";
    public const string LeafyTree = "shelter.sun-through-leaves";

    private const string Fences = "Estimate, after the usual shape of windbreak measurements: deep and short behind a solid fence, shallower and longer behind one that lets wind through";
    private const string Gaps = "Estimate, after what wind codes and pedestrians say of passages between buildings: a fifth to a half faster";
    private const string Cold = "Estimate; a thermometer left out on two clear nights, one in the open, knows better";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Lee, "A", "part of the wind that a solid fence takes away close behind it", .8, Unit.One, Evidence.Assumed, Fences) { NeverBelow = .1, NeverAbove = .95 },
        new(SolidReach, "L₀", "heights in which the shelter of a solid fence falls to a third", 6, Unit.One, Evidence.Assumed, Fences) { NeverBelow = 1, NeverAbove = 20 },
        new(PorousReach, "L₁", "heights more for one that lets all the wind through", 16, Unit.One, Evidence.Assumed, Fences) { NeverBelow = 1, NeverAbove = 40 },
        new(Head, "h₀", "what stands at a spot reaches so high with its crop, and a lower fence shelters none of it", 1.2, Unit.Metre, Evidence.Assumed, "A bed at knee height with tomatoes half grown; put in your own") { NeverBelow = .5, NeverAbove = 3 },
        new(OffWind, "k", "gust from where the wind seldom comes, over that from where it does", .75, Unit.One, Evidence.Assumed, "Estimate; a vane and a year know better") { NeverBelow = .4, NeverAbove = 1 },
        new(Gap, "k", "gust in a gap between solid walls, over that in the open", 1.3, Unit.One, Evidence.Assumed, Gaps) { NeverBelow = 1, NeverAbove = 2 },
        new(GapWidth, "w", "heights of the lower of two walls up to which the gap between them squeezes the wind", 1, Unit.One, Evidence.Assumed, Gaps) { NeverBelow = .2, NeverAbove = 5 },
        new(WindRise, "p", "power of the height by which gusts grow from garden height up", .14, Unit.One, Evidence.Assumed, "One seventh, usual over open country; gusts grow by less than the mean wind") { NeverBelow = .05, NeverAbove = .4 },
        new(UnknownFloor, "z", "height taken for a balcony or roof that nobody measured", 6, Unit.Metre, Evidence.Assumed, "Two storeys: most are no higher") { NeverBelow = 2.5, NeverAbove = 60 },
        new(ColdByHeight, "Δz", "climb over which the air gets one degree Celsius colder", 1 / .0065, Unit.Metre, Evidence.Defined, "ISO 2533, standard atmosphere; still nights may be the other way about, see the hollow") { NeverBelow = 80, NeverAbove = 1000 },
        new(ColdHollow, "ΔT", "colder on a clear night where cold air pools", 1.5, Unit.Kelvin, Evidence.Assumed, Cold) { NeverBelow = .2, NeverAbove = 8 },
        new(ColdFence, "ΔT", "colder on a clear night uphill of a solid fence, where cold air is held up", 1, Unit.Kelvin, Evidence.Assumed, Cold) { NeverBelow = .2, NeverAbove = 6 },
        new(WarmWall, "ΔT", "warmer on a clear night at the foot of a wall that had sun in the afternoon", 1.5, Unit.Kelvin, Evidence.Assumed, Cold) { NeverBelow = 0, NeverAbove = 4 },
        new(DaysPerDegree, "n", "days the last frost comes later for each degree Celsius colder", 5, Unit.One, Evidence.Assumed, "Estimate: spring nights warm by about a degree in five days") { NeverBelow = 1, NeverAbove = 15 },
        new(BareTree, "τ", "part of the sun that comes through a bare tree", .6, Unit.One, Evidence.Assumed, "Estimate; measured crowns let through .4 to .8") { NeverBelow = .1, NeverAbove = .95 },
        new(LeafyTree, "τ", "part of the sun that comes through a tree in leaf", .15, Unit.One, Evidence.Assumed, "Estimate; measured crowns let through .05 to .3") { NeverBelow = .01, NeverAbove = .6 },
    ];

    /// <summary>Walls and fences that let through less than this are solid: wind goes round them, and cold air is held up.</summary>
    public const double SolidBelow = .3;

    /// <summary>
    /// The share of the open wind that is left behind a fence, 0 to 1: 1 − A (1 − φ²) e^(−x ÷ (L₀ + L₁ φ)), x the distance in heights. It grows with the distance towards 1; at some heights away a porous fence leaves less than a solid one. Range: height more than 0, distance 0 and more, porosity φ 0 (solid) to 1 (none). The shape is an estimate, its constants are rows of the handbook.
    /// </summary>
    public static double Share(double height, double distance, double porosity, Handbook handbook)
        => 1 - handbook[Lee] * (1 - porosity * porosity) * Math.Exp(-distance / height / (handbook[SolidReach] + handbook[PorousReach] * porosity));
}
