using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Building;

/// <summary>One hole by its distances in m from the left edge and from the near edge of the foot.</summary>
public sealed record TemplateHole(int Number, double FromLeft, double FromNear);

/// <summary>
/// Where to drill, seen from inside the vessel: every hole by its distance from two edges. On a round foot the edges are the tangents on the left and near side.
/// </summary>
public sealed record HoleTemplate(View View, IReadOnlyList<TemplateHole> Holes, double Diameter)
{
    /// <summary>The template of a blueprint with a closed floor; null for one without.</summary>
    public static HoleTemplate? Of(Blueprint blueprint, Assessment assessment)
    {
        if (blueprint.Foot is not ClosedFloor floor || assessment.Drain.Holes is not { } grid) return null;
        double left = floor.Outline.Length / 2, near = floor.Outline.Width / 2;
        var holes = grid.Positions.OrderBy(p => Math.Round(p.Y, 6)).ThenBy(p => p.X).Select((p, i) => new TemplateHole(i + 1, p.X + left, p.Y + near)).ToList();
        List<Shape> shapes = [new Polygon(floor.Outline.ToPolygon(), Ink.Plastic, "floor")];
        foreach (var h in holes)
        {
            Point at = new(h.FromLeft - left, h.FromNear - near);
            shapes.Add(new Disc(at, floor.HoleDiameter / 2, Ink.Hole, $"hole-{h.Number}"));
            shapes.Add(new Note(at, h.Number.ToString(), Ink.Line));
        }

        var first = holes[0];
        var view = new View("template", $"{holes.Count} holes of {floor.HoleDiameter * 1000:0} mm, from inside", shapes,
        [
            new(new(left, -near), new(-left, -near), .05, floor.Outline.Length),
            new(new(-left, -near), new(-left, near), .05, floor.Outline.Width),
            new(new(-left, first.FromNear - near), new(first.FromLeft - left, first.FromNear - near), 0, first.FromLeft),
        ]);
        return new(view, holes, floor.HoleDiameter);
    }
}
