using Metaplant.Core.Designs;
using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

/// <summary>Whether a vessel drains by holes in its wall.</summary>
internal static class SideDrain
{
    private const double LeastPitch = 3;

    public static DrainAssessment Assess(Blueprint blueprint, SideHoles side, Brief brief)
    {
        var spacing = side.Spacing(brief);
        var down = DrainDown.Worked(blueprint.Depth, brief.Medium, brief.Handbook);
        var reaching = brief.Handbook[Practice.RainRate] * side.TopToBase;
        List<Check> checks =
        [
            Check.Enough(
                "side-reach", "Way through the stones to the nearest hole", side.Farthest, spacing.Spacing, Unit.Metre, "The stones on the floor lead the water to the wall.", "So far from the wall the water does not find its way out: drill the foot instead.", "vessel",
                [spacing.Sum]),
            Check.Enough("side-room", "Wall left between the holes", LeastPitch * side.HoleDiameter, side.Apart, Unit.Metre, $"{Amount.Length(side.Apart)} from hole to hole.", "So near to each other the holes tear the wall.", "vessel", []),
            Flow(side, reaching, brief),
            DrainAssessor.Slow(down, brief),
        ];
        if (reaching > brief.Medium.Conductivity * (1 + 1e-12)) checks.Add(DrainAssessor.Ponds(reaching, spacing.Sum, brief));
        var words = checks.Find(c => c.Verdict == Verdict.Fails)?.Words ?? (Sentence)$"{new Count(side.Holes, "hole", "holes")} of {Amount.Length(side.HoleDiameter)} in its wall, {Amount.Length(side.Lip)} above the floor. Below them it keeps water.";
        return new(Verdicts.Worst(checks), words, null, side.HoleDiameter, brief.Medium.WetLayer, down, [spacing.Sum], checks) { Stones = side.Stones, InAll = side.Holes };
    }

    private static Check Flow(SideHoles side, double reaching, Brief brief)
    {
        Term discharge = brief.Handbook.Term(Practice.Discharge), clogging = brief.Handbook.Term(Practice.Clogging);
        double head = side.Stones - side.Lip, inflow = reaching * side.Outline.Area, let = side.Holes * Orifice.Flow(side.HoleDiameter, head, discharge.Value) / clogging.Value;
        Sum sum = Sum.Of(
            "What the holes let out", "n d² × C (π/4) √(2 g h) ÷ k", [new("n", "holes", side.Holes, Unit.Count), new("d", "hole", side.HoleDiameter, Unit.Metre), new("h", "stones over their middle", head, Unit.Metre), discharge, clogging], let, Unit.CubicMetrePerSecond, "Orifice", "Half of them clogged");
        return Check.Compare("flow", "Rain beside what the holes let out", LoadCase.Normal, inflow, let, Unit.CubicMetrePerSecond, "Flow is rarely the limit; the way through wet soil is.", "vessel", [sum]);
    }
}
