using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Places;

/// <summary>The room something takes, m.</summary>
/// <param name="Height">Above the ground, with all that stands on it.</param>
/// <param name="Floor">m² that its weight is spread over.</param>
/// <param name="OnFeet">True where packers can level it.</param>
/// <param name="Soil">How high the lowest of its soil's surfaces lies, above the ground; null where it has none, or where nobody knows any more.</param>
/// <param name="Deep">How far it goes into the ground; null where nobody knows any more.</param>
/// <param name="Open">True where its soil lies open on the ground; null where nobody knows any more.</param>
/// <param name="Heats">True where its sides take up the sun: metal, rubber; null where that hangs on their colour, or where nobody knows any more.</param>
/// <param name="MeshBelow">True where mesh against burrowers lies under it; null where nobody knows any more.</param>
public sealed record Footprint(double Length, double Width, double Height, double Floor, bool OnFeet, double? Soil = null, double? Deep = null, bool? Open = null, bool? Heats = null, bool? MeshBelow = null)
{
    public static Footprint Of(Fit fit)
    {
        // A slope that is drawn under it is no part of it.
        var solids = fit.Blueprint.Scene().Solids.Where(s => s.Part != Parts.Ground).ToList();
        var (least, most) = Extent.Of(solids.SelectMany(s => (Point3[])[s.Extent.Least, s.Extent.Most]));
        List<double> soils = [.. solids.Where(s => s.Part == Parts.Soil).Select(s => s.Extent.Most.Z)];
        return new(most.X - least.X, most.Y - least.Y, most.Z, fit.Blueprint.Stance.FloorArea, fit.Blueprint.Stance is OnFeet, soils.Count > 0 ? soils.Min() : null, Math.Max(0, -least.Z), fit.Blueprint.Foot is OpenGround, fit.Lead.Thing.Thing.Substance.TakesUpSun(), fit.Blueprint.Parts.Any(p => p.Id == Designs.Additions.BurrowMesh.PartId));
    }
}
