using Metaplant.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Overlay;
using NetTopologySuite.Operation.OverlayNG;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Drawing;

/// <summary>The lines of a view that can be seen: of each shape what those painted over it leave.</summary>
public static class Outlines
{
    /// <summary>What rounding leaves where two faces meet, m.</summary>
    private const double Speck = 1e-5;

    private static readonly GeometryFactory Factory = new(new PrecisionModel(1e6));

    /// <summary>Lines in the order of the view, each with its part. Discs and notes are not among them.</summary>
    public static IReadOnlyList<(IReadOnlyList<Point> Line, string? Part)> Visible(View view)
    {
        var found = new List<(IReadOnlyList<Point>, string?)>();
        var over = new List<NetTopologySuite.Geometries.Polygon>();
        foreach (var shape in view.Shapes.Reverse())
        {
            NetTopologySuite.Geometries.Geometry? outline = shape switch
            {
                Polygon { Points.Count: >= 3 } p => Ring(p.Points),
                Polyline { Points.Count: >= 2 } l => Factory.CreateLineString([.. l.Points.Select(At)]),
                _ => null,
            };
            if (outline is null || outline.IsEmpty) continue;
            var line = outline is NetTopologySuite.Geometries.Polygon area ? area.ExteriorRing : outline;
            found.AddRange(Lines(Left(line, over)).Select(l => (l, shape.Part)));
            if (outline is NetTopologySuite.Geometries.Polygon face) over.Add(face);
        }

        found.Reverse();
        return found;
    }

    private static NetTopologySuite.Geometries.Geometry Ring(IReadOnlyList<Point> points)
    {
        var ring = Factory.CreatePolygon([.. points.Select(At), At(points[0])]);
        // A face seen almost edge-on is a sliver and has no outline of its own.
        return ring.IsValid && ring.Area > 1e-9 ? ring : Factory.CreatePolygon();
    }

    /// <summary>What faces painted over it leave of a line. Each takes its part away by itself, since one area of all of them grows with every face and is looked through for every line.</summary>
    private static NetTopologySuite.Geometries.Geometry Left(NetTopologySuite.Geometries.Geometry line, List<NetTopologySuite.Geometries.Polygon> over)
    {
        var left = line;
        foreach (var face in over)
        {
            if (left.IsEmpty) break;
            if (left.EnvelopeInternal.Intersects(face.EnvelopeInternal)) left = OverlayNGRobust.Overlay(left, face, SpatialFunction.Difference);
        }

        return left;
    }

    private static IEnumerable<IReadOnlyList<Point>> Lines(NetTopologySuite.Geometries.Geometry geometry)
    {
        for (var i = 0; i < geometry.NumGeometries; i++)
        {
            if (geometry.GetGeometryN(i) is LineString { NumPoints: >= 2, Length: > Speck } line) yield return [.. line.Coordinates.Select(c => new Point(c.X, c.Y))];
        }
    }

    private static Coordinate At(Point p) => new(p.X, p.Y);
}
