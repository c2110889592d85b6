using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Two ropes right under a vessel and up both sides, so that it is not lifted by boards that somebody once nailed: each of their four ends takes a quarter of the wet weight, jerked. Thickness in m, mass in kg, wet.</summary>
public sealed record RopeUnder(string Part, double Rope, Burden Of) : LoadPath
{
    private const int Ends = 4;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Term strength = brief.Handbook.Term(Metals.LineStrength), jerk = brief.Handbook.Term(CodeFactors.SurchargeId);
        double mass = Of.Wet(brief.Medium), pull = jerk.Value * mass * Medium.Gravity / Ends, bears = strength.Value * Math.PI / 4 * Rope * Rope;
        yield return Check.Compare(
            "rope", "Rope to carry it by", LoadCase.Normal, pull, bears, Unit.Newton, "Rope of a sort nobody has tested, with its knots.", Part,
            [
                Sum.Of("Pull in one end", "T = γ_Q m g ÷ 4", [new("m", "weight, wet through", mass, Unit.Kilogram), jerk], pull, Unit.Newton, "Two ropes, four ends; the factor for the jerk of lifting"),
                Sum.Of("What the rope bears", "f_l π d² ÷ 4", [strength, new("d", "rope", Rope, Unit.Metre)], bears, Unit.Newton, "A third of new rope, for age and knots"),
            ],
            new Remedy("Rope at least this thick", Rope * Math.Sqrt(pull / bears), Unit.Metre)).Guarding([Quantity.Soil]);
    }
}
