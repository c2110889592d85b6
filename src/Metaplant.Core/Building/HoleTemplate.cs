using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Building;

/// <summary>One hole by its distances in m from the left edge and from the near edge of the face.</summary>
public sealed record TemplateHole(int Number, double FromLeft, double FromNear);

/// <summary>
/// Where to drill or cut: every hole of a face by its distance from two edges. A foot is seen from inside; on a round one the edges are the tangents on the left and near side. A wall is seen from outside, rolled out flat.
/// </summary>
/// <param name="Diameter">Of each hole, m.</param>
public sealed record HoleTemplate(string Part, Sentence Title, View View, IReadOnlyList<TemplateHole> Holes, double Diameter)
{
    /// <summary>The templates of a blueprint: its drilled foot, and every face of it that has openings.</summary>
    public static IReadOnlyList<HoleTemplate> Of(Blueprint blueprint, Assessment assessment)
    {
        var templates = new List<HoleTemplate>();
        if (blueprint.Foot is ClosedFloor floor && assessment.Drain.Holes is { Count: > 0 } grid)
        {
            double left = floor.Outline.Length / 2, near = floor.Outline.Width / 2;
            templates.Add(Of(new("floor", $"{new Count(grid.Count, "hole", "holes")} of {Amount.Length(floor.HoleDiameter)}{(floor.Alike > 1 ? $" in each of {floor.Alike}" : "")}, from inside", [.. floor.Outline.ToPolygon().Select(p => new Point(p.X + left, p.Y + near))], [.. grid.Positions.Select(p => (new Point(p.X + left, p.Y + near), floor.HoleDiameter))])));
        }

        templates.AddRange(blueprint.Faces.Where(f => f.Openings.Count > 0).Select(Of));
        return templates;
    }

    private static HoleTemplate Of(FacePlan face)
    {
        var holes = face.Openings.OrderBy(o => Math.Round(o.At.Y, 6)).ThenBy(o => o.At.X).Select((o, i) => new TemplateHole(i + 1, o.At.X, o.At.Y)).ToList();
        double wide = face.Face.Max(p => p.X), deep = face.Face.Max(p => p.Y), across = face.Openings[0].Across;
        List<Shape> shapes = [new Polygon(face.Face, Ink.Plastic, face.Part)];
        foreach (var h in holes)
        {
            shapes.Add(new Disc(new(h.FromLeft, h.FromNear), across / 2, Ink.Hole, $"hole-{h.Number}"));
            shapes.Add(new Note(new(h.FromLeft, h.FromNear), h.Number.ToString(), Ink.Line));
        }

        var first = holes[0];
        var view = new View("template", face.Title, shapes,
        [
            new(new(wide, 0), new(0, 0), .05, wide),
            new(new(0, 0), new(0, deep), .05, deep),
            new(new(0, first.FromNear), new(first.FromLeft, first.FromNear), 0, first.FromLeft),
        ]);
        return new(face.Part, face.Title, view, holes, across);
    }
}
