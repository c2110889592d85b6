using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Reinforcement;

namespace Metaplant.Core.Assessing;

/// <summary>Lays what the assessment found over the drawings: plants and holes on the plan, pressure, wet layer and sinking on the section.</summary>
public static class Overlays
{
    private const int MostPlantsDrawn = 400;

    public static IReadOnlyList<View> Draw(Blueprint blueprint, Assessment assessment, Brief brief)
        => [.. blueprint.Draw().Select(v => v.Id switch
        {
            "plan" => v with { Shapes = [.. v.Shapes, .. OnPlan(blueprint, assessment)] },
            "section" => v with { Shapes = [.. v.Shapes, .. OnSection(blueprint, assessment, brief)] },
            _ => v,
        })];

    private static IEnumerable<Shape> OnPlan(Blueprint blueprint, Assessment assessment)
    {
        var closed = blueprint.Foot is ClosedFloor;
        if (assessment.Drain.Holes is { } holes)
        {
            foreach (var h in holes.Positions) yield return new Disc(h, assessment.Drain.HoleDiameter / 2, Ink.Hole, "floor");
        }

        // The plan of a closed vessel shows its foot; plants over the holes would hide them.
        if (closed || Shown(assessment) is not { } fit) yield break;
        foreach (var p in fit.Layout.Positions.Take(MostPlantsDrawn)) yield return new Disc(p, Math.Min(fit.Crop.Spacing, fit.Crop.RowSpacing) / 2 * .92, Ink.Plant, "plants");
    }

    private static CropFit? Shown(Assessment assessment) => assessment.Grow.Chosen ?? assessment.Grow.Crops.FirstOrDefault(c => c is { Count: > 0, Crop.Spacing: >= .2 });

    private static IEnumerable<Shape> OnSection(Blueprint blueprint, Assessment assessment, Brief brief)
    {
        if (blueprint.Section is not { } f) yield break;
        if (assessment.Drain.WetLayer > 0) yield return View.Box(f.X0, f.Floor, f.X1, f.Floor + Math.Min(assessment.Drain.WetLayer, f.Depth), Ink.Water);
        if (blueprint.LoadPaths.Count == 0) yield break;
        // Drawn so that 5 kPa reaches as far out as 0.15 m.
        var reach = EarthPressure.At(f.Depth, WallKind.Braced, brief.Soil) / 5000 * .15;
        yield return new Polygon([new(f.X1, f.Floor), new(f.X1 + reach, f.Floor), new(f.X1, f.Floor + f.Depth)], Ink.Pressure);
        yield return new Polygon([new(f.X0, f.Floor), new(f.X0 - reach, f.Floor), new(f.X0, f.Floor + f.Depth)], Ink.Pressure);
    }
}
