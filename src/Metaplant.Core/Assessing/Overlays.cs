using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Assessing;

/// <summary>Draws front, plan and section of a scene, in this order, and lays over them what the assessment found: plants and holes on the plan, pressure and wet layer on the section.</summary>
public static class Overlays
{
    private const int MostPlantsDrawn = 400;

    public static IReadOnlyList<View> Draw(Blueprint blueprint, Scene scene, Assessment assessment, Brief brief)
    {
        var closed = blueprint.Foot is ClosedFloor;
        // The plan of a closed vessel shows its foot with the holes, so that they are not hidden by the soil.
        Func<View>[] views =
        [
            () => Pictures.Draw(scene, Camera.Front),
            () => Pictures.Draw(closed ? scene with { Solids = [.. scene.Solids.Where(s => s.Part != Parts.Soil)] } : scene, Camera.Plan) is var plan ? plan with { Shapes = [.. plan.Shapes, .. OnPlan(blueprint, assessment, closed)] } : plan,
            () => Pictures.Section(scene) is var section ? section with { Shapes = [.. section.Shapes, .. OnSection(blueprint, scene, assessment, brief)] } : section,
        ];
        return [.. views.AsParallel().AsOrdered().Select(v => v())];
    }

    private static IEnumerable<Shape> OnPlan(Blueprint blueprint, Assessment assessment, bool closed)
    {
        if (closed && assessment.Drain.Holes is { } holes)
        {
            foreach (var bay in blueprint.Bays)
            {
                foreach (var h in holes.Positions) yield return new Disc(new(h.X + bay.At.X, h.Y + bay.At.Y), assessment.Drain.HoleDiameter / 2, Ink.Hole, "floor");
            }
        }

        // Plants over the holes would hide them.
        if (closed || Shown(assessment) is not { } fit) yield break;
        foreach (var p in fit.Layout.Positions.Take(MostPlantsDrawn)) yield return new Disc(p, Math.Min(fit.Crop.Spacing, fit.Crop.RowSpacing) / 2 * .92, Ink.Plant, "plants");
    }

    private static CropFit? Shown(Assessment assessment) => assessment.Grow.Chosen ?? assessment.Grow.Crops.FirstOrDefault(c => c is { Count: > 0, Crop.Spacing: >= .2 });

    private static IEnumerable<Shape> OnSection(Blueprint blueprint, Scene scene, Assessment assessment, Brief brief)
    {
        foreach (var bay in blueprint.Bays.Where(b => Math.Abs(scene.SectionAt - b.At.X) <= b.Planting.Length / 2))
        {
            double half = bay.Space.SectionAt(bay.Depth / 2).Width / 2, y0 = bay.At.Y - half, y1 = bay.At.Y + half, floor = bay.At.Z;
            if (assessment.Drain.WetLayer > 0) yield return View.Box(y0, floor, y1, floor + Math.Min(assessment.Drain.NotRooted, bay.Depth), Ink.Water);
            if (blueprint.LoadPaths.Count == 0) continue;
            // Drawn so that 5 kPa reaches as far out as 0.15 m.
            var reach = EarthPressure.At(bay.Depth, WallKind.Braced, brief.Soil) / 5000 * .15;
            yield return new Polygon([new(y1, floor), new(y1 + reach, floor), new(y1, floor + bay.Depth)], Ink.Pressure);
            yield return new Polygon([new(y0, floor), new(y0 - reach, floor), new(y0, floor + bay.Depth)], Ink.Pressure);
        }
    }
}
