using Metaplant.Core.Designs;
using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

/// <summary>Whether a long vessel drains to one outlet.</summary>
internal static class OutletDrain
{
    /// <summary>A long vessel that falls to an outlet: the fall, the way through the soil to the stones, along the stones to the outlet, and out.</summary>
    public static DrainAssessment Assess(Blueprint blueprint, OutletFloor floor, Brief brief)
    {
        Term slope = brief.Handbook.Term(Practice.OutletSlope), least = brief.Handbook.Term(Practice.LeastRaise), clogging = brief.Handbook.Term(Practice.Clogging), discharge = brief.Handbook.Term(Practice.Discharge);
        var down = DrainDown.Worked(blueprint.Depth, brief.Medium, brief.Handbook);
        double wet = HoleSpacing.ToleratedWetDepth(brief.Handbook, brief.Thirst), reaching = floor.Reaching(brief), q = Math.Min(brief.Medium.Conductivity, reaching), width = floor.Inside.SectionAt(0).Width, fall = floor.Way * floor.Slope;
        Sum falls = Sum.Of("Fall to the outlet", "L × slope", [new("L", "from the far end", floor.Way, Unit.Metre), new("slope", "part of the way", floor.Slope, Unit.One), slope with { Symbol = "at least" }], fall, Unit.Metre, "As roof gutters and paving");
        // Without stones all of it has to find its way through the soil to one end.
        var way = floor.Strip > 0 ? Math.Max(0, width - floor.Strip) / 2 : floor.Way;
        var stands = way * Math.Sqrt(q / brief.Medium.Conductivity);
        Sum stood = Sum.Of(
            "Water farthest from the way out", "h = x √(q ÷ K)", [new("x", floor.Strip > 0 ? "through the soil to the stones" : "through the soil to the outlet", way, Unit.Metre), new("q", "rain reaching the foot, at most K", q, Unit.MetrePerSecond, Practice.RainRate), new("K", "how fast the wet soil passes water", brief.Medium.Conductivity, Unit.MetrePerSecond), new("tolerated", "wet depth the plants tolerate", wet, Unit.Metre)],
            stands, Unit.Metre, "Dupuit 1863, drains on a tight floor", "Rain as heavy as this for hours; the fall helps and is left out");
        List<Check> checks =
        [
            Check.Enough("fall", "Fall to the outlet", slope.Value * floor.Way, fall, Unit.Metre, $"{Amount.Length(fall)} from end to end.", "So level it keeps water at its far end: pack that end up.", null, [falls], new Remedy("Far end higher by", slope.Value * floor.Way, Unit.Metre)),
            Check.Compare("outlet-way", "Water standing in the soil", LoadCase.Normal, stands, wet, Unit.Metre, floor.Strip > 0 ? "Through the soil to the stones, and along them out." : "Through so much soil to one outlet water does not find its way: lay stones along the floor.", null, [stood]),
            Flow(floor, q, wet, discharge, clogging),
            Check.Enough("clearance", "Clear below the outlet", least.Value, floor.Raise, Unit.Metre, $"{Amount.Length(floor.Raise)} clear below.", "Too close to the ground for a pail, or even for water to run away.", null, []),
            DrainAssessor.Slow(down, brief),
        ];
        if (floor.Strip > 0)
        {
            var gravel = brief.Handbook[Practice.StonesConductivity];
            var high = floor.Way * Math.Sqrt(q / gravel * width / floor.Strip);
            checks.Insert(2, Check.Compare(
                "stones", "Stones that lead to the outlet", LoadCase.Normal, high, OutletFloor.StonesHigh, Unit.Metre, "Coarse and washed; cloth over them keeps the soil out.", null,
                [Sum.Of("Water in the stones at the far end", "h = L √(q w ÷ K_g b)", [new("L", "length", floor.Way, Unit.Metre), new("q", "rain reaching the foot", q, Unit.MetrePerSecond, Practice.RainRate), new("w", "width of the floor", width, Unit.Metre), new("b", "width of the stones", floor.Strip, Unit.Metre), brief.Handbook.Term(Practice.StonesConductivity)], high, Unit.Metre, "Dupuit 1863, on a level floor")]));
        }

        if (reaching > brief.Medium.Conductivity * (1 + 1e-12)) checks.Add(DrainAssessor.Ponds(reaching, stood, brief));
        var words = checks.Find(c => c.Verdict == Verdict.Fails)?.Words ?? (Sentence)$"One outlet of {Amount.Length(floor.Outlet)}{(floor.Alike > 1 ? " in each" : "")}, {Amount.Length(fall)} of fall to it.";
        return new(Verdicts.Worst(checks), words, null, 0, brief.Medium.WetLayer, down, [falls, stood], checks);
    }

    private static Check Flow(OutletFloor floor, double q, double wet, Term discharge, Term clogging)
    {
        double inflow = q * floor.Inside.BaseArea, let = Orifice.Flow(floor.Outlet, wet, discharge.Value) / clogging.Value;
        Sum sum = Sum.Of("What the outlet lets out", "C (π d²/4) √(2 g h) ÷ k", [new("d", "outlet", floor.Outlet, Unit.Metre), new("h", "water over it", wet, Unit.Metre), discharge, clogging], let, Unit.CubicMetrePerSecond, "Orifice", "Half of it clogged");
        return Check.Compare("flow", "Rain beside what the outlet lets out", LoadCase.Normal, inflow, let, Unit.CubicMetrePerSecond, "Flow is rarely the limit; leaves in the outlet are.", null, [sum]);
    }
}
