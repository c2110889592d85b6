using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A ridge pole from tripod to tripod, bent down by wet vines and sideways by the wind on them. Lengths in m.</summary>
public sealed record RidgePole(string Part, double Span, double Height, double Diameter, Condition Condition, string Grade) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term vines = brief.Handbook.Term(Practice.RidgeLoad), limit = brief.Handbook.Term(Practice.RidgeSag), soil = brief.Handbook.Term(CodeFactors.SoilId), surcharge = brief.Handbook.Term(CodeFactors.SurchargeId);
        var wind = WallOfLeaves.OnRidge(Height, brief);
        var timber = Timbers.Get(brief.Handbook, Grade);
        double down = soil.Value * vines.Value, across = surcharge.Value * wind.Value, moment = Math.Sqrt(down * down + across * across) * Span * Span / 8;
        double stress = 32 * moment / (Math.PI * Math.Pow(Diameter, 3)), strength = timber.ShortBending(Condition, brief.Handbook);
        Sum bent = Sum.Of(
            "Bending of the ridge", "σ = 32 M ÷ π d³, M = √((γ_G w_v)² + (γ_Q w)²) L² ÷ 8",
            [vines, new("w", "wind", wind.Value, Unit.NewtonPerMetre), new("L", "from tripod to tripod", Span, Unit.Metre), new("M", "moment, factored", moment, Unit.NewtonMetre), new("d", "thickness of the pole", Diameter, Unit.Metre), soil, surcharge, brief.Handbook.Term(Timbers.ShortLoadId)],
            stress, Unit.Pascal, "Beam on two supports; EN 1995-1-1 for a short load");
        yield return Check.Compare(
            "ridge", "Ridge bent by vines and wind", LoadCase.Normal, stress, strength, Unit.Pascal, "A gust in full leaf, and the vines wet.", Part, [wind, bent],
            new Remedy("A pole at least this thick", Diameter * Math.Cbrt(stress / strength), Unit.Metre), new Remedy("Tripods no farther apart than", Span * Math.Sqrt(strength / stress), Unit.Metre)).Guarding([Quantity.Wind]);
        double sag = Ridge.Sag(vines.Value, Span, Diameter, timber.Modulus), allowed = Span / limit.Value;
        yield return Check.Compare(
            "ridge-sag", "Sag of the ridge", LoadCase.Normal, sag, allowed, Unit.Metre, "A pole that sags slides its strings together.", Part,
            [Sum.Of("Sag in the middle", "5 w_v L⁴ ÷ (384 E π d⁴/64)", [vines, new("L", "from tripod to tripod", Span, Unit.Metre), new("d", "thickness of the pole", Diameter, Unit.Metre), limit], sag, Unit.Metre, "Beam on two supports")],
            new Remedy("A pole at least this thick", Diameter * Math.Pow(sag / allowed, .25), Unit.Metre));
    }
}
