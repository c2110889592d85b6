using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The top one of a stack of tyres against sliding off when somebody leans on it: by its own dry weight, or by bolts through both walls.</summary>
/// <param name="SoilOnTop">m³ over the highest joint. The weight of the rubber is left out.</param>
/// <param name="Bolts">M8 at each joint; 0 for none.</param>
public sealed record TyreStack(string Part, double SoilOnTop, int Bolts) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term hand = brief.Handbook.Term(People.HandAtRim);
        var mass = SoilOnTop * brief.Medium.DryDensity;
        if (Bolts == 0)
        {
            Term counted = brief.Handbook.Term(CodeFactors.WeightCountedOnId), friction = brief.Handbook.Term(Metals.RubberFriction);
            var holds = friction.Value * counted.Value * mass * Medium.Gravity;
            yield return Check.Compare(
                "stack-slide", "Top tyre against sliding off", LoadCase.Normal, hand.Value, holds, Unit.Newton, "Dry, when somebody leans on it: bolt it.", Part,
                [Sum.Of("What its weight holds", "μ γ m g", [friction, counted with { Symbol = "γ" }, new("m", "dry soil over the joint", mass, Unit.Kilogram), hand], holds, Unit.Newton, "Friction of rubber on rubber; dry weight only")],
                new Remedy("Bolts at each joint", 2, Unit.Count));
            yield break;
        }

        Term people = brief.Handbook.Term(CodeFactors.SurchargeId), bolt = brief.Handbook.Term(Metals.BoltShear);
        double demand = people.Value * hand.Value, shear = Bolts * bolt.Value;
        yield return Check.Compare(
            "stack-slide", "Bolts between the tyres", LoadCase.Normal, demand, shear, Unit.Newton, "The bolts hold; nobody has measured how the rubber tears, so wide washers and a look each year.", Part,
            [Sum.Of("What the bolts hold", "n F_v", [new("n", "bolts", Bolts, Unit.Count), bolt, people, hand], shear, Unit.Newton, "EN 1993-1-8 table 3.4")]).AtBestTight();
    }
}
