using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Scenes;

/// <summary>Draws a scene: from any side with what is hidden hidden, in section, taken apart, one part by itself, and step by step.</summary>
public static class Pictures
{
    /// <summary>The scene as a camera sees it. Soil is left out where it would only hide what holds it.</summary>
    /// <param name="standing">Parts that stand already and are drawn in grey; the others are what this picture is about.</param>
    public static View Draw(Scene scene, Camera camera, IReadOnlySet<string>? standing = null)
    {
        List<Shape> shapes = [.. Painter.Order(scene.Solids, camera).Select(s => (Shape)new Polygon(s.Outline, standing?.Contains(s.Solid.Part) == true ? Ink.Standing : s.Solid.Ink, s.Solid.Part))];
        if (camera.Up.Z > .9 && scene.Solids.Count > 0) shapes.Add(View.GroundLine(shapes.OfType<Polygon>().Min(p => p.Points.Min(q => q.X)), shapes.OfType<Polygon>().Max(p => p.Points.Max(q => q.X))));
        return new(camera.View, camera.Title, shapes, [.. scene.Measures.Where(m => m.View == camera.View).Select(m => new Dimension(camera.See(m.From), camera.See(m.To), m.Offset, m.Value, m.Setting))]);
    }

    /// <summary>What a cut across the scene goes through, seen along its length.</summary>
    public static View Section(Scene scene)
    {
        var camera = Camera.Side;
        List<Shape> shapes = [.. scene.Solids.OrderBy(s => s.Part != Parts.Soil).SelectMany(s => Slice.At(s, scene.SectionAt))];
        if (shapes.Count > 0)
        {
            var points = shapes.SelectMany(s => s is Polygon p ? p.Points : s is Polyline l ? l.Points : []).ToList();
            shapes.Add(View.GroundLine(points.Min(p => p.X), points.Max(p => p.X)));
        }

        return new("section", "Section", shapes, [.. scene.Measures.Where(m => m.View == "section").Select(m => new Dimension(camera.See(m.From), camera.See(m.To), m.Offset, m.Value, m.Setting))]);
    }

    /// <summary>One part by itself, laid so that its two longest sides show; only the first where several are alike.</summary>
    public static View? Part(Scene scene, string part)
    {
        var solids = scene.Solids.Where(s => s.Part == part).ToList();
        if (solids.Count == 0) return null;
        var size = solids[0].Extent.Size;
        var camera = size.Z >= Math.Min(size.X, size.Y) ? size.X >= size.Y ? Camera.Front : Camera.Side : Camera.Plan;
        return Draw(scene with { Solids = [solids[0]], Measures = [] }, camera) with { Id = "part", Title = "By itself" };
    }
}

/// <summary>The outline of what a plane across the scene cuts out of a solid.</summary>
internal static class Slice
{
    private const double Same = 1e-6;

    /// <summary>Polygons where it is solid, lines where it is thin, in the picture of <see cref="Camera.Side"/>; nothing where the plane misses it.</summary>
    public static IEnumerable<Shape> At(Solid solid, double x)
    {
        if (solid.Extent.Least.X >= x - Same || solid.Extent.Most.X <= x + Same) return [];
        var cuts = solid.Faces.Select(f => Cut(f, x)).OfType<(Point A, Point B)>().ToList();
        if (solid is Skin) return cuts.Select(c => new Polyline([c.A, c.B], solid.Ink, solid.Part));
        return Loops(cuts).Select(l => new Polygon(l, solid.Ink, solid.Part));
    }

    private static (Point A, Point B)? Cut(Face face, double x)
    {
        var points = new List<Point>(2);
        for (var i = 0; i < face.Corners.Count; i++)
        {
            Point3 p = face.Corners[i], q = face.Corners[(i + 1) % face.Corners.Count];
            // A corner on the plane counts with one of its sides only.
            if (p.X >= x == q.X >= x) continue;
            var f = (x - p.X) / (q.X - p.X);
            points.Add(new(p.Y + (q.Y - p.Y) * f, p.Z + (q.Z - p.Z) * f));
        }

        return points.Count == 2 ? (points[0], points[1]) : null;
    }

    /// <summary>Joins cuts end to end into closed outlines.</summary>
    private static IEnumerable<IReadOnlyList<Point>> Loops(List<(Point A, Point B)> cuts)
    {
        var left = cuts.Where(c => c.A.DistanceTo(c.B) > Same).ToList();
        while (left.Count > 0)
        {
            List<Point> loop = [left[^1].A, left[^1].B];
            left.RemoveAt(left.Count - 1);
            for (var next = Next(loop[^1]); next >= 0; next = Next(loop[^1]))
            {
                loop.Add(left[next].A.DistanceTo(loop[^1]) < 10 * Same ? left[next].B : left[next].A);
                left.RemoveAt(next);
            }

            if (loop.Count > 3) loop.RemoveAt(loop.Count - 1);
            if (loop.Count >= 3) yield return loop;
        }

        int Next(Point end) => left.FindIndex(c => c.A.DistanceTo(end) < 10 * Same || c.B.DistanceTo(end) < 10 * Same);
    }
}
