using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The sticks of a cone in full leaf in a gust, each bent between foot and tie under its share. Lengths in m.</summary>
/// <param name="ThinThird">Thickness of a stick in the middle of its thinnest third.</param>
/// <param name="Spread">Of the crop, across.</param>
public sealed record ConeSticks(string Part, int Legs, double Radius, double TieHeight, double ThinThird, double Spread, Condition Condition, string Grade) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var wind = LeafyWind.On(Radius * TieHeight, TieHeight, Spread, brief);
        var length = Math.Sqrt(TieHeight * TieHeight + Radius * Radius);
        var moment = brief.Factors.Surcharge * wind.Value * length / (8 * Legs);
        var stress = 32 * moment / (Math.PI * Math.Pow(ThinThird, 3));
        var strength = Timbers.Get(brief.Handbook, Grade).ShortBending(Condition, brief.Handbook);
        Sum bent = Sum.Of(
            "Bending of a stick", "σ = 32 M ÷ π d³, M = γ_Q F L ÷ 8 n",
            [
                new("F", "wind", wind.Value, Unit.Newton), new("L", "stick from foot to tie", length, Unit.Metre), new("n", "sticks", Legs, Unit.Count), new("d", "thickness in the thinnest third", ThinThird, Unit.Metre),
                brief.Handbook.Term(CodeFactors.SurchargeId), brief.Handbook.Term(Timbers.ShortLoadId),
            ],
            stress, Unit.Pascal, "Each stick a beam from foot to tie under its share of the wind; EN 1995-1-1 for the strength of wood of unknown sort");
        yield return Check.Compare(
            "stick-bending", "Sticks bent by the wind", LoadCase.Normal, stress, strength, Unit.Pascal, "Each stick takes its share of the gust.", Part, [wind, bent],
            new Remedy("Sticks at least this thick where they are thinnest", ThinThird * Math.Cbrt(stress / strength), Unit.Metre)).Guarding([Quantity.Wind, Quantity.Wear], Quantity.Feet, Quantity.Thickness);
    }
}
