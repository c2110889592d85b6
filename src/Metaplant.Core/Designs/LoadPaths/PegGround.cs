using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The ground that a peg is pulled out of.</summary>
internal static class PegGround
{
    /// <summary>Its weight in N/m³: as told, or loose while nobody has looked. Clay holds by sticking to the peg; its weight, as of firm sand, is the lesser.</summary>
    public static Term Weight(Brief brief) => brief.Handbook.Term(brief.GroundId switch
    {
        null => "ground.loose-sand.weight",
        { } id when id.EndsWith("clay", StringComparison.Ordinal) => Grounds.PegWeight,
        { } id => $"ground.{id}.weight",
    });

    /// <summary>Where that weight is from.</summary>
    public static string Said(Brief brief) => brief.GroundId is null ? "Nobody has looked at the ground: taken as loose" : "Ground as told";
}
