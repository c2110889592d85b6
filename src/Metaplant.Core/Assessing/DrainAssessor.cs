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
        OpenGround => new(Verdict.Sound, "Open ground: no wet layer.", null, 0, 0, DrainDown(blueprint, brief), [], []),
        NoSoil => new(Verdict.Sound, "Stands in open ground.", null, 0, 0, null, [], []),
        _ => throw new InvalidOperationException($"Unknown foot {blueprint.Foot}."),
    };

    private static DrainAssessment Closed(Blueprint blueprint, ClosedFloor floor, Brief brief)
    {
        var spacing = floor.Spacing(brief);
        var holes = floor.Holes(brief);
        List<Check> checks = [.. Room(floor, spacing), Flow(floor, holes, spacing, brief), Clearance(floor, brief)];
        if (spacing.Ponds)
        {
            checks.Add(Check.Compare(
                "ponds", "Rain beside what the soil passes", LoadCase.Normal, brief.Handbook[Practice.RainRate] * floor.TopToBase, brief.Medium.Conductivity, Unit.MetrePerSecond,
                "Rain comes faster than this soil lets it through: water stands on top.", null, [spacing.Sum]));
        }

        var verdict = Verdicts.Worst(checks);
        var words = checks.Find(c => c.Verdict == Verdict.Fails)?.Words ?? $"{holes.Count} holes of {floor.HoleDiameter * 1000:0} mm, {spacing.Spacing * 1000:0} mm apart at most.";
        return new(verdict, words, holes, floor.HoleDiameter, brief.Medium.WetLayer, DrainDown(blueprint, brief), [spacing.Sum], checks);
    }

    private static IEnumerable<Check> Room(ClosedFloor floor, HoleSpacing spacing) =>
    [
        Check.Compare(
            "hole-room", "Floor left between the holes", LoadCase.Normal, LeastPitch * floor.HoleDiameter, spacing.Spacing, Unit.Metre,
            $"Holes must be {spacing.Spacing * 1000:0} mm apart to drain, and {LeastPitch * floor.HoleDiameter * 1000:0} mm to leave a floor between.", "floor", [spacing.Sum],
            floor.PadDiameter == 0 ? [new Remedy("A coarse pad over each hole, at least", .060, Unit.Metre)] : []),
    ];

    private static Check Flow(ClosedFloor floor, HoleGrid holes, HoleSpacing spacing, Brief brief)
    {
        var head = HoleSpacing.ToleratedWetDepth(brief.Handbook, brief.Thirst);
        var inflow = brief.Handbook[Practice.RainRate] * floor.TopToBase * floor.Outline.Area;
        Term discharge = brief.Handbook.Term(Practice.Discharge), clogging = brief.Handbook.Term(Practice.Clogging);
        var let = holes.Count * Orifice.Flow(floor.HoleDiameter, head, discharge.Value) / clogging.Value;
        Sum sum = Sum.Of(
            "What the holes let out", "n × C (π d²/4) √(2 g h) ÷ k",
            [new("n", "holes", holes.Count, Unit.Count), new("d", "hole", floor.HoleDiameter, Unit.Metre), new("h", "water over them", head, Unit.Metre), discharge, clogging],
            let, Unit.CubicMetrePerSecond, "Orifice", "Half of them clogged");
        return Check.Compare("flow", "Rain beside what the holes let out", LoadCase.Normal, inflow, let, Unit.CubicMetrePerSecond, "Flow is rarely the limit; the way through wet soil is.", "floor", [sum, spacing.Sum]);
    }

    private static Check Clearance(ClosedFloor floor, Brief brief)
    {
        Term least = brief.Handbook.Term(Practice.LeastRaise);
        // Clearance is enough or not enough; just enough is as good as more, so it is never "tight".
        var enough = floor.Raise >= least.Value - 1e-9;
        return Check.Compare(
            "clearance", "Clear below the foot", LoadCase.Normal, enough ? 0 : least.Value, floor.Raise, Unit.Metre,
            enough ? $"{floor.Raise * 1000:0} mm clear below." : floor.Raise == 0 ? "It stands flat on the ground and cannot drain." : "Too close to the ground: leaves and soil will close the holes.", "packer",
            [Sum.Of("Clear below the foot", "height of the packers", [new("raise", "packers", floor.Raise, Unit.Metre), least], floor.Raise, Unit.Metre, "At least 40 mm, so that holes stay free")],
            new Remedy("Packers at least", least.Value, Unit.Metre));
    }

    private static Sum DrainDown(Blueprint blueprint, Brief brief)
    {
        var medium = brief.Medium;
        var depth = blueprint.Fill[^1].Depth;
        return Sum.Of(
            "Time to drain a soaking", "t = z (n − FC) ÷ K",
            [
                new("z", "depth of soil", depth, Unit.Metre), new("n", "porosity", medium.Porosity, Unit.One, $"medium.{medium.Id}.porosity"),
                new("FC", "water held after draining", medium.FieldCapacity, Unit.One, $"medium.{medium.Id}.field-capacity"), new("K", "how fast water passes", medium.Conductivity, Unit.MetrePerSecond, $"medium.{medium.Id}.conductivity"),
            ],
            Drainage.DrainDown.Time(depth, medium), Unit.Second, "Drainable water over the saturated conductivity");
    }
}
