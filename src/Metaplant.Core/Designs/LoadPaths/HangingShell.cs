using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A tube of sheet metal that hangs by holes at its rim, its soil carried by a cap screwed into its foot, with openings in a row. Lengths in m.
/// </summary>
/// <param name="Mass">Wet through, kg.</param>
/// <param name="Legs">Holes it hangs by.</param>
/// <param name="HoleEdge">e, from the middle of a hole to the rim.</param>
/// <param name="InRow">Openings side by side in one row.</param>
/// <param name="Opening">w, across one.</param>
/// <param name="CapScrews">Round the cap.</param>
public sealed record HangingShell(string Part, string Cap, double Mass, double Diameter, double Thickness, int Legs, double Hole, double HoleEdge, int InRow, double Opening, int CapScrews, double ScrewDiameter) : LoadPath
{
    /// <summary>Ultimate strength of the thinnest sheet sold for ducts, Pa. EN 10346 DX51D, lower end.</summary>
    private const double Ultimate = 300e6;

    private const double OnScrews = 1.25;

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief).Select(c => c.Guarding([Quantity.Wetness], Quantity.Screws));

    /// <summary>Pull on one leg, N.</summary>
    public double Leg => Mass * Medium.Gravity / Legs;

    /// <summary>Breaking load in N that each leg, ring and hook must be marked for.</summary>
    public double Breaking(Brief brief) => Hanging.Of(Mass, Legs, 0, brief.Handbook[Metals.BreakingOverMarked]).RequiredBreakingLoad;

    private IEnumerable<Check> Checks(Brief brief)
    {
        double factor = brief.Factors.Soil, yield_ = brief.Handbook[Metals.SheetYield], all = Mass * Medium.Gravity;
        Term weight = new("F", "weight, wet through", all, Unit.Newton), t = new("t", "thickness of the metal", Thickness, Unit.Metre), g = brief.Handbook.Term(CodeFactors.SoilId);
        double tear = factor * Leg / (2 * (HoleEdge - Hole / 2) * Thickness), shear = yield_ / Math.Sqrt(3);
        yield return Check.Compare("hang-tear", "Metal above the holes it hangs by", LoadCase.Normal, tear, shear, Unit.Pascal, "Torn out upwards, each side of the hole.", Part, [Sum.Of("Shear above a hole", "τ = γ F/n ÷ 2 (e − d/2) t", [weight, new("n", "holes", Legs, Unit.Count), new("e", "hole to rim", HoleEdge, Unit.Metre), new("d", "hole", Hole, Unit.Metre), t, g], tear, Unit.Pascal, "EN 1993-1-3 8.4; f_y/√3")], new Remedy("Holes at least this far from the rim", Hole / 2 + (HoleEdge - Hole / 2) * tear / shear, Unit.Metre));
        var left = Math.PI * Diameter - InRow * Opening;
        yield return left <= 0
            ? Check.Enough("hang-net", "Metal between the openings", 1, 0, Unit.One, "", "The openings of a row leave no metal between them.", Part, [])
            : Check.Compare("hang-net", "Metal between the openings", LoadCase.Normal, factor * all / (left * Thickness), yield_, Unit.Pascal, "All that hangs below a row goes through what is left beside its openings.", Part, [Sum.Of("Pull beside the openings", "σ = γ F ÷ (π D − k w) t", [weight, new("D", "across the tube", Diameter, Unit.Metre), new("k", "openings in a row", InRow, Unit.Count), new("w", "opening", Opening, Unit.Metre), t, g], factor * all / (left * Thickness), Unit.Pascal, "Net section")]);
        var screw = 3.2 * Math.Sqrt(Thickness / ScrewDiameter) * Ultimate * ScrewDiameter * Thickness / OnScrews;
        yield return Check.Compare("cap-screws", "Screws of the cap", LoadCase.Normal, factor * all, CapScrews * screw, Unit.Newton, "The cap carries all of the soil.", Cap, [Sum.Of("What the screws carry", "n × 3.2 √(t/d) f_u d t ÷ 1.25", [new("n", "screws", CapScrews, Unit.Count), new("d", "screw", ScrewDiameter, Unit.Metre), t], CapScrews * screw, Unit.Newton, "EN 1993-1-3 table 8.2, thin sheet in bearing")], new Remedy("Screws round the cap, at least", Math.Ceiling(factor * all / screw), Unit.Count));
        yield return Check.ProveFirst(
            "hook", "Hook, ring and what they hang from", LoadCase.Normal, "Nobody knows the beam or what is marked on the hook. Never over where people sit or pass.", Part,
            [Sum.Of("Breaking load each leg and hook is marked for, at least", "k F/n", [weight, new("n", "legs", Legs, Unit.Count), brief.Handbook.Term(Metals.BreakingOverMarked)], Breaking(brief), Unit.Newton, "Usual for ropes and small fittings")],
            ["Read the mark on hook, ring and chain: it must be at least what the sum asks.", "Hang a sack of the wet weight from the beam for a day, low over the ground, and stand clear.", "Look for cracks, a bent hook and a screw that has moved."]);
    }
}
