using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The ground that a peg is pulled out of.</summary>
internal static class PegGround
{
    /// <summary>Its weight in N/m³: as told, or loose while nobody has looked. Clay holds by sticking to the peg; its weight, as of firm sand, is the lesser.</summary>
    private static Term Weight(Brief brief) => brief.Handbook.Term(brief.GroundId switch
    {
        null => "ground.loose-sand.weight",
        { } id when id.EndsWith("clay", StringComparison.Ordinal) => Grounds.PegWeight,
        { } id => $"ground.{id}.weight",
    });

    /// <summary>What a peg so thick and so deep holds against being pulled out, N. Lengths in m.</summary>
    public static Sum Hold(double diameter, double depth, Brief brief)
    {
        Term ground = Weight(brief), friction = brief.Handbook.Term(Grounds.ShaftFriction);
        return Sum.Of(
            "Hold of one peg", "π d L tan δ × γ_g L/2", [new("d", "thickness of the peg", diameter, Unit.Metre), new("L", "depth in the ground", depth, Unit.Metre), friction, ground],
            Stake.PullOut(diameter, depth, ground.Value, friction.Value), Unit.Newton, "Skin friction under the mean weight of soil beside the peg", brief.GroundId is null ? "Nobody has looked at the ground: taken as loose" : "Ground as told");
    }

    /// <summary>How deep in m it must be driven to hold so much, N.</summary>
    public static double DepthFor(double pull, double diameter, Brief brief) => Stake.EmbedmentFor(pull, diameter, Weight(brief).Value, brief.Handbook[Grounds.ShaftFriction]);
}
