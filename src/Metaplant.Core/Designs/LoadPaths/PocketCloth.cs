using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A pocket of cloth hung between two walls of slats, full of wet soil: T = W/(2 b sin 60°), and its staples in shear only. Lengths in m.</summary>
/// <param name="Across">From front to back.</param>
/// <param name="Depth">Of the soil in it.</param>
/// <param name="Along">b, of the pocket.</param>
/// <param name="Apart">From staple to staple.</param>
public sealed record PocketCloth(string Part, double Across, double Depth, double Along, double Apart) : LoadPath
{
    /// <summary>The sides of a full pocket come up at 60°.</summary>
    private static readonly double Slope = Math.Sin(Math.PI / 3);

    /// <summary>In one row along the upper edge.</summary>
    public int Staples => (int)Math.Ceiling(Along / Apart - 1e-9) + 1;

    public override IEnumerable<Check> Work(Brief brief) => Checks(brief).Select(c => c.Guarding([Quantity.Soil]));

    /// <summary>Full of water, N.</summary>
    public double Weight(Brief brief) => brief.Medium.SaturatedUnitWeight * Across * Depth * Along;

    private IEnumerable<Check> Checks(Brief brief)
    {
        Term factor = brief.Handbook.Term(CodeFactors.SoilId), cloth = brief.Handbook.Term(Metals.SackStrength), staple = brief.Handbook.Term(Metals.StapleShear);
        double weight = Weight(brief), pull = weight / (2 * Along * Slope), each = factor.Value * weight / Staples, holds = staple.Value * Timbers.Get(brief.Handbook, Casting.Piece.BoughtGrade).OnResistance(LoadCase.Normal);
        Sum load = Sum.Of("Weight of a pocket, wet", "W = γ_sat a z b", [new("γ_sat", "weight of soil full of water", brief.Medium.SaturatedUnitWeight, Unit.NewtonPerCubicMetre), new("a", "front to back", Across, Unit.Metre), new("z", "depth", Depth, Unit.Metre), new("b", "along", Along, Unit.Metre)], weight, Unit.Newton, "After rain");
        Sum stretch = Sum.Of("Stretch of the cloth", "T = W ÷ (2 b sin 60°)", [new("W", "weight of a pocket", weight, Unit.Newton), new("b", "along", Along, Unit.Metre), factor], pull, Unit.NewtonPerMetre, "A rope whose ends come up at 60°");
        yield return Check.Compare("pocket", "Cloth of a pocket", LoadCase.Normal, factor.Value * pull, cloth.Value / 2, Unit.NewtonPerMetre, "Sun takes the strength of cloth within a few years.", Part, [load, stretch, Sum.Of("What the cloth holds", "T_u ÷ 2", [cloth], cloth.Value / 2, Unit.NewtonPerMetre, "Half is kept back for sun and seams")]);
        yield return Check.Compare(
            "staples", "Staples of a pocket", LoadCase.Normal, each, holds, Unit.Newton, "Driven through a folded edge from the side, so that they are pulled across and never out.", Part,
            [load, Sum.Of("On one staple", "γ_G W ÷ n", [new("W", "weight of a pocket", weight, Unit.Newton), new("n", "staples in a row", Staples, Unit.Count), factor], each, Unit.Newton, "As though one row carried all of it"), Sum.Of("What a staple holds", "F_v k_mod ÷ γ_M", [staple], holds, Unit.Newton, "EN 1995-1-1 8.4 for the method")],
            new Remedy("Staples no farther apart than", Apart * holds / each, Unit.Metre));
    }
}
