using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>One storey of a frame of sticks, from one ring of cross pieces to the next. Lengths in m.</summary>
/// <param name="Height">s.</param>
/// <param name="BareAbove">Outline of all that is above its foot, without leaves, m².</param>
/// <param name="HeightAbove">From its foot up to the head.</param>
/// <param name="Thickness">Of a stick where the storey ends, which is where it is thinnest.</param>
public sealed record Storey(double Height, double BareAbove, double HeightAbove, double Thickness);

/// <summary>
/// A frame of sticks with cross pieces and no diagonals, pushed sideways by the wind: each storey racks, its sticks bent both ways between two rings. The one that is worst off decides.
/// </summary>
/// <param name="Spread">Of the crop, across, m.</param>
public sealed record Racking(string Part, int Legs, IReadOnlyList<Storey> Storeys, double Spread, Condition Condition, string Grade) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        var (storey, wind, moment, stress) = Storeys.Select(s => Bent(s, brief)).MaxBy(s => s.Stress);
        var strength = Timbers.Get(brief.Handbook, Grade).ShortBending(Condition, brief.Handbook);
        Sum bent = Sum.Of(
            "Bending of a stick in the worst storey", "σ = 32 M ÷ π d³, M = γ_Q V s ÷ 2 n",
            [
                new("V", "wind on all above its foot", wind.Value, Unit.Newton), new("s", "from ring to ring", storey.Height, Unit.Metre), new("n", "sticks", Legs, Unit.Count), new("M", "moment, factored", moment, Unit.NewtonMetre),
                new("d", "thickness where the storey ends", storey.Thickness, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId), brief.Handbook.Term(Timbers.ShortLoadId),
            ],
            stress, Unit.Pascal, "A storey of a frame without diagonals, each stick bent to an S between two rings; EN 1995-1-1 for wood of unknown sort");
        yield return Check.Compare(
            "racking", "Pushed out of square by the wind", LoadCase.Normal, stress, strength, Unit.Pascal, "The sticks take it, bent between one ring of cross pieces and the next.", Part, [wind, bent],
            new Remedy("Sticks at least this thick where the storey ends", storey.Thickness * Math.Cbrt(stress / strength), Unit.Metre)).Guarding([Quantity.Wind, Quantity.Wear], Quantity.Feet, Quantity.Thickness);
    }

    private (Storey Storey, Sum Wind, double Moment, double Stress) Bent(Storey s, Brief brief)
    {
        var wind = LeafyWind.On(s.BareAbove, s.HeightAbove, Spread, brief);
        var moment = brief.Factors.Surcharge * wind.Value * s.Height / (2 * Legs);
        return (s, wind, moment, 32 * moment / (Math.PI * Math.Pow(s.Thickness, 3)));
    }
}
