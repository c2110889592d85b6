using Metaplant.Core.Designs;
using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

internal static class DrainAssessor
{
    /// <summary>Between two holes there must stay this many hole diameters of floor, centre to centre, or the floor falls out along the holes.</summary>
    private const double LeastPitch = 3;

    public static DrainAssessment Assess(Blueprint blueprint, Brief brief) => blueprint.Foot switch
    {
        ClosedFloor floor => Closed(blueprint, floor, brief),
        OutletFloor outlet => OutletDrain.Assess(blueprint, outlet, brief),
        SideHoles side => SideDrain.Assess(blueprint, side, brief),
        ClothFoot => Cloth(blueprint, brief),
        OpenGround => Open(blueprint, brief),
        NoSoil when brief.Site != Site.Soil => new(Verdict.Fails, "Its plants need open ground; there is none here.", null, 0, 0, null, [], []),
        NoSoil => new(Verdict.Sound, "Stands in open ground.", null, 0, 0, null, [], []),
        _ => throw new InvalidOperationException($"Unknown foot {blueprint.Foot}."),
    };

    /// <summary>A foot open to the ground drains as the ground lets it; open to paving it cannot at all.</summary>
    private static DrainAssessment Open(Blueprint blueprint, Brief brief)
    {
        var down = DrainDown.Worked(blueprint.Depth, brief.Medium, brief.Handbook);
        List<Check> checks = [Slow(down, brief)];
        if (brief.Site != Site.Soil)
            checks.Add(Check.Enough("open-foot", "A foot open to what it stands on", 1, 0, Unit.One, "", "A foot that is open cannot drain through paving or boards: water runs out under the walls and takes soil with it. Choose a vessel with a closed floor, or open ground.", null, [down]));
        else if (brief.Here?.Ground is { Soaks: { } soaks } ground) checks.Add(Below(soaks, ground.StaysWet(brief.Handbook)));
        var words = checks.Find(c => c.Verdict > Verdict.Sound)?.Words ?? (brief.Here?.Ground?.Soaks is null ? "Open ground: no wet layer, where the ground below drains." : "Open ground that drains: no wet layer.");
        return new(Verdicts.Worst(checks), words, null, 0, 0, down, [], checks);
    }

    /// <summary>What the ground below takes, by a hole and a watch. Wet ground can be built on, and it is no good place.</summary>
    private static Check Below(double soaks, bool wet)
    {
        var check = Check.Compare(
            "ground-soaks", "What the ground below takes", LoadCase.Normal, 0, soaks, Unit.MetrePerSecond,
            wet ? $"Water in a hole here falls {new Amount(soaks, Unit.MetrePerSecond)}: the foot stands wet after rain. Raise it, dig a ditch, or take another spot." : (Sentence)$"Water in a hole here falls {new Amount(soaks, Unit.MetrePerSecond)}: it drains.", null, []);
        return wet ? check.AtBestTight() with { Wanting = true } : check;
    }

    private static DrainAssessment Cloth(Blueprint blueprint, Brief brief)
    {
        var down = DrainDown.Worked(blueprint.Depth, brief.Medium, brief.Handbook);
        List<Check> checks = [Slow(down, brief)];
        return new(Verdicts.Worst(checks), checks.Find(c => c.Verdict > Verdict.Sound)?.Words ?? "Through its cloth, from above down to the ground below.", null, 0, brief.Medium.WetLayer, down, [], checks);
    }

    internal static Check Slow(Sum down, Brief brief) => Check.Compare(
        "drain-down", "Time to drain beside what roots bear", LoadCase.Normal, down.Value, brief.Handbook[Practice.DrainWithin], Unit.Second, "After a soaking it stays wet too long: roots want air within a day. Mix in what is coarser, or fill with something else.", null, [down]).Guarding([Quantity.Soil]);

    private static DrainAssessment Closed(Blueprint blueprint, ClosedFloor floor, Brief brief)
    {
        var spacing = floor.Spacing(brief);
        var holes = floor.Holes(brief);
        var down = DrainDown.Worked(blueprint.Depth, brief.Medium, brief.Handbook);
        List<Check> checks =
        [
            Room(floor, holes, spacing).Guarding([], Quantity.Pads), Reach(floor, holes, spacing).Guarding([], Quantity.Pads),
            Flow(floor, holes, spacing, brief), Clearance(floor, brief), Slow(down, brief),
        ];
        if (spacing.Ponds) checks.Add(Ponds(spacing.Reaching, spacing.Sum, brief));
        var verdict = Verdicts.Worst(checks);
        var words = checks.Find(c => c.Verdict == Verdict.Fails)?.Words ?? (Sentence)$"{new Count(holes.Count, "hole", "holes")} of {Amount.Length(floor.HoleDiameter)}{(floor.Alike > 1 ? " in each" : "")}, {Amount.Length(spacing.Spacing)} apart at most.";
        return new(verdict, words, holes, floor.HoleDiameter, brief.Medium.WetLayer, down, [spacing.Sum], checks) { Counted = holes.Worked(floor.Outline, spacing.Spacing, floor.HoleDiameter, floor.Packers.Count, floor.PackerWidth), InAll = holes.Count * floor.Alike };
    }

    /// <summary>Said only where it is so.</summary>
    internal static Check Ponds(double reaching, Sum worked, Brief brief) => Check.Compare(
        "ponds", "Rain beside what the soil passes", LoadCase.Normal, reaching, brief.Medium.Conductivity, Unit.MetrePerSecond, "Rain comes faster than this soil lets it through: water stands on top.", null, [worked]);

    /// <summary>The pitch that is drawn, beside what leaves a floor between the holes.</summary>
    private static Check Room(ClosedFloor floor, HoleGrid holes, HoleSpacing spacing)
    {
        double least = LeastPitch * floor.HoleDiameter, drawn = Math.Min(holes.LeastPitch, floor.Outline.Length + floor.Outline.Width);
        return Check.Enough(
            "hole-room", "Floor left between the holes", least, drawn, Unit.Metre,
            $"The nearest two are {Amount.Length(drawn)} apart.", $"The nearest two holes are {Amount.Length(drawn)} apart, and {Amount.Length(least)} leave a floor between.", "floor", [spacing.Sum], Pad(floor));
    }

    /// <summary>
    /// The spacing that drains beside the packers: as wide as one and as the least from hole to hole, holes between them leave no place of the floor farther from a hole than it. Closer than that packers are in the way; and where wide holes find no room between them, it is looked for whether there is such a place.
    /// </summary>
    private static Check Reach(ClosedFloor floor, HoleGrid holes, HoleSpacing spacing)
    {
        var wanted = floor.Packers.Count == 0 ? 0 : floor.PackerWidth + Math.Max(floor.PackerWidth, LeastPitch * floor.HoleDiameter);
        if (spacing.Spacing >= wanted && !holes.Reaches(floor.Outline, spacing.Spacing))
        {
            var farthest = holes.Farthest(floor.Outline);
            return Check.Enough(
                "hole-reach", "Way to the nearest hole", farthest, spacing.Spacing, Unit.Metre, "", $"Between so many packers there is no room for holes of {Amount.Length(floor.HoleDiameter)} near enough: some of the floor is {Amount.Length(farthest)} from the nearest, and {Amount.Length(spacing.Spacing)} would drain this soil.", "floor", [spacing.Sum], Pad(floor));
        }

        return Check.Enough(
            "hole-reach", "Way to the nearest hole", wanted, spacing.Spacing, Unit.Metre,
            "No place of the floor is farther from a hole than the spacing.", $"Holes every {Amount.Length(spacing.Spacing)} would drain this soil; over packers of {Amount.Length(floor.PackerWidth)} there is floor that no hole can be so near to.", "floor", [spacing.Sum], Pad(floor));
    }

    private static IReadOnlyList<Remedy> Pad(ClosedFloor floor) => floor.PadDiameter == 0 ? [new("A coarse pad over each hole, at least", .060, Unit.Metre)] : [];

    private static Check Flow(ClosedFloor floor, HoleGrid holes, HoleSpacing spacing, Brief brief)
    {
        var head = HoleSpacing.ToleratedWetDepth(brief.Handbook, brief.Thirst);
        var inflow = brief.Handbook[Practice.RainRate] * floor.TopToBase * floor.Outline.Area;
        Term discharge = brief.Handbook.Term(Practice.Discharge), clogging = brief.Handbook.Term(Practice.Clogging);
        var counted = holes.Count + floor.Rusty / 2.0;
        var own = floor.Outlet?.Across ?? 0;
        var let = (counted * Orifice.Flow(floor.HoleDiameter, head, discharge.Value) + (own > 0 ? Orifice.Flow(own, head, discharge.Value) : 0)) / clogging.Value;
        Sum sum = Sum.Of(
            "What the holes let out", $"{(own > 0 ? "(n d² + D²)" : "n d²")} × C (π/4) √(2 g h) ÷ k",
            [new("n", floor.Rusty > 0 ? "holes, those of rust by half" : "holes", counted, Unit.Count), new("d", "hole", floor.HoleDiameter, Unit.Metre), .. own > 0 ? [new("D", "its own outlet", own, Unit.Metre)] : (Term[])[], new("h", "water over them", head, Unit.Metre), discharge, clogging],
            let, Unit.CubicMetrePerSecond, "Orifice", "Half of them clogged");
        return Check.Compare("flow", "Rain beside what the holes let out", LoadCase.Normal, inflow, let, Unit.CubicMetrePerSecond, "Flow is rarely the limit; the way through wet soil is.", "floor", [sum, spacing.Sum]);
    }

    private static Check Clearance(ClosedFloor floor, Brief brief)
    {
        Term least = brief.Handbook.Term(Practice.LeastRaise);
        return Check.Enough(
            "clearance", "Clear below the foot", least.Value, floor.Raise, Unit.Metre, $"{Amount.Length(floor.Raise)} clear below.",
            floor.Raise == 0 ? "It stands flat on the ground and cannot drain." : "Too close to the ground: leaves and soil will close the holes.", "packer",
            [Sum.Of("Clear below the foot", "height of the packers", [new("raise", "packers", floor.Raise, Unit.Metre), least], floor.Raise, Unit.Metre, "So much that holes stay free")],
            new Remedy("Packers at least", least.Value, Unit.Metre));
    }
}
