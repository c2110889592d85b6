using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A support in full leaf in a gust, held down by a peg at each foot of a ring. The leaves stand out from it by half the spread of the crop on each side. Lengths in m.
/// </summary>
/// <param name="Bare">Its outline without leaves, m².</param>
/// <param name="Mass">Of the sticks and line, kg. The plants' own weight is left out.</param>
/// <param name="Spread">Of the crop, across.</param>
public sealed record PeggedInWind(string Part, int Legs, double Radius, double Height, double Bare, double PegDiameter, double PegDepth, double Mass, double Spread) : LoadPath
{
    public override double InGround => PegDepth;

    public override IEnumerable<Check> Work(Brief brief) => [Uplift(brief).Guarding([Quantity.Wind], Quantity.Feet, Quantity.Ground)];

    /// <summary>The depth in m that the pegs must be driven to, whatever they are now.</summary>
    public double PegDepthNeeded(Brief brief) => PegGround.DepthFor(Pull(brief), PegDiameter, brief);

    private Sum Wind(Brief brief) => LeafyWind.On(Bare, Height, Spread, brief);

    /// <summary>Pull on the far foot in N, with the factor on wind, the part of the weight counted on, and the safety of the peg.</summary>
    private double Pull(Brief brief)
    {
        var lifts = brief.Factors.Surcharge * Wind(brief).Value * Height / 2 - brief.Factors.WeightCountedOn * Mass * Medium.Gravity * Cone.Lever(Legs, Radius);
        return Math.Max(0, lifts) * Cone.ShareOfFarFoot(Legs, Radius) * brief.Handbook[Grounds.PegSafety];
    }

    private Check Uplift(Brief brief)
    {
        if (brief.Site != Site.Soil) return Check.AskAProfessional("uplift", "Lifted by the wind", "Pegs cannot be driven here: it must be held down some other way, by somebody who knows.", Part);
        var wind = Wind(brief);
        double height = Height / 2, weight = Mass * Medium.Gravity, pull = Pull(brief);
        var holds = PegGround.Hold(PegDiameter, PegDepth, brief);
        Sum lifts = Sum.Of(
            "Pull on the far foot", "U = FS (γ_Q F z − γ W r cos(π/n)) × d ÷ Σd²",
            [
                new("F", "wind", wind.Value, Unit.Newton), new("z", "its height, half way up", height, Unit.Metre), new("W", "weight of sticks and line", weight, Unit.Newton), new("r cos(π/n)", "lever of the weight", Cone.Lever(Legs, Radius), Unit.Metre),
                new("d ÷ Σd²", "share of the far foot, 1/m", Cone.ShareOfFarFoot(Legs, Radius), Unit.One), brief.Handbook.Term(CodeFactors.SurchargeId), brief.Handbook.Term(CodeFactors.WeightCountedOnId) with { Symbol = "γ" }, brief.Handbook.Term(Grounds.PegSafety),
            ],
            pull, Unit.Newton, "Moments about the edge between two feet; the feet that lift share by their distance from it", "Leaves are bushier above, so the wind is taken at half height");
        return Check.Compare(
            "uplift", "Lifted by the wind", LoadCase.Normal, pull, holds.Value, Unit.Newton, "A gust in full leaf.", Part, [wind, lifts, holds], new Remedy("Pegs at least this deep", PegDepthNeeded(brief), Unit.Metre));
    }
}
