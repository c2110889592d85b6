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

    /// <summary>Of what stays wet, from the floor up, so that it follows a round one.</summary>
    private static readonly double[] Levels = [0, .1, .25, .5, .75, 1];

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
            double floor = bay.At.Z, wet = Math.Min(assessment.Drain.NotRooted, bay.Depth), foot = Half(wet), top = Half(bay.Depth);
            if (assessment.Drain.WetLayer > 0) yield return new Polygon([.. Levels.Select(l => At(-Half(l * wet), l * wet)), .. Levels.Reverse().Select(l => At(Half(l * wet), l * wet))], Ink.Water);
            if (blueprint.LoadPaths.Count == 0) continue;
            // Drawn so that 5 kPa reaches as far out as 0.15 m.
            var reach = EarthPressure.At(bay.Depth, WallKind.Braced, brief.Soil) / 5000 * .15;
            yield return new Polygon([At(foot, 0), At(foot + reach, 0), At(top, bay.Depth)], Ink.Pressure);
            yield return new Polygon([At(-foot, 0), At(-foot - reach, 0), At(-top, bay.Depth)], Ink.Pressure);

            double Half(double up) => bay.Space.SectionAt(up).Width / 2;
            Point At(double across, double up) => new(bay.At.Y + across, floor + up);
        }
    }
}
