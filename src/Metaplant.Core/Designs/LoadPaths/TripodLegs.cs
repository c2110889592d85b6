using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The legs of a tripod pressed down by the ridge with its wet vines and by the guys to windward: thin sticks give way sideways long before they are crushed. Lengths in m.</summary>
/// <param name="Radius">Of the ring of feet.</param>
/// <param name="Guys">Brings what the guys press down.</param>
/// <param name="Thickness">Of a leg half way up.</param>
public sealed record TripodLegs(string Part, double Span, double Height, double Radius, double Thickness, Guys Guys, Condition Condition, string Grade) : LoadPath
{
    private const int Legs = 3;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Term vines = brief.Handbook.Term(Practice.RidgeLoad), soil = brief.Handbook.Term(CodeFactors.SoilId);
        double length = Math.Sqrt(Height * Height + Radius * Radius), guys = Guys.Across(brief) * Guys.EachSide * Height / Guys.Reach, load = (soil.Value * vines.Value * Span + guys) / Legs * length / Height;
        var modulus = Timbers.Get(brief.Handbook, Grade).Modulus;
        // A square of the same stiffness: d⁴ π/64 = a⁴/12.
        var side = Thickness * Math.Pow(12 * Math.PI / 64, .25);
        var holds = LoadsBelow.LegCapacity(side, side, length, modulus) * Condition.Factor();
        Sum one = Sum.Of(
            "Load on one leg", "(γ_G w_v L + γ_Q w L H ÷ reach) ÷ 3 cos θ", [vines, soil, new("L", "from tripod to tripod", Span, Unit.Metre), new("guys", "what the guys press down", guys, Unit.Newton), new("θ", "slope of a leg, out for each metre up", Radius / Height, Unit.One)], load, Unit.Newton, "Three legs share it");
        Sum carries = Sum.Of("What one leg carries", "k π² E I ÷ L² ÷ 3", [new("d", "thickness half way up", Thickness, Unit.Metre), new("L", "from foot to head", length, Unit.Metre), brief.Handbook.Term($"timber.{Grade}.modulus"), new("k", "what wear has left", Condition.Factor(), Unit.One)], holds, Unit.Newton, "Euler 1744, both ends held in place", "Over 3 for a stick nobody has planed");
        yield return Check.Compare(
            "legs", "Legs of the tripods bowed out", LoadCase.Normal, load, holds, Unit.Newton, "Thin sticks give way sideways: thicker ones, or a lower ridge.", Part, [one, carries],
            new Remedy("Legs at least this thick half way up", Thickness * Math.Pow(load / holds, .25), Unit.Metre)).Guarding([Quantity.Wind, Quantity.Wear], Quantity.Thickness);
    }
}
