using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Places;

/// <summary>The room something takes, m.</summary>
/// <param name="Height">Above the ground, with all that stands on it.</param>
/// <param name="Floor">m² that its weight is spread over.</param>
/// <param name="OnFeet">True where packers can level it.</param>
/// <param name="Soil">How high the lowest of its soil's surfaces lies, above the ground; null where it has none, or where nobody knows any more.</param>
/// <param name="Deep">How far it goes into the ground; null where nobody knows any more.</param>
/// <param name="Open">True where its soil lies open on the ground; null where nobody knows any more.</param>
public sealed record Footprint(double Length, double Width, double Height, double Floor, bool OnFeet, double? Soil = null, double? Deep = null, bool? Open = null)
{
    /// <summary>How far something that is to be built goes into the ground, m; 0 where it stands on it.</summary>
    public static double DepthOf(Blueprint blueprint) => Depth(Solids(blueprint));

    public static Footprint Of(Fit fit)
    {
        var solids = Solids(fit.Blueprint);
        var (least, most) = Extent.Of(solids.SelectMany(s => (Point3[])[s.Extent.Least, s.Extent.Most]));
        List<double> soils = [.. solids.Where(s => s.Part == Parts.Soil).Select(s => s.Extent.Most.Z)];
        return new(most.X - least.X, most.Y - least.Y, most.Z, fit.Blueprint.Stance.FloorArea, fit.Blueprint.Stance is OnFeet, soils.Count > 0 ? soils.Min() : null, Depth(solids), fit.Blueprint.Foot is OpenGround);
    }

    /// <summary>A slope that is drawn under it is no part of it.</summary>
    private static List<Solid> Solids(Blueprint blueprint) => [.. blueprint.Scene().Solids.Where(s => s.Part != Parts.Ground)];

    private static double Depth(IEnumerable<Solid> solids) => Math.Max(0, -solids.Select(s => s.Extent.Least.Z).DefaultIfEmpty(0).Min());
}
