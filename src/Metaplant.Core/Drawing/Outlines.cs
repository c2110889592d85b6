using Metaplant.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Overlay;
using NetTopologySuite.Operation.OverlayNG;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Drawing;

/// <summary>The lines of a view that can be seen: of each shape what those painted over it leave.</summary>
public static class Outlines
{
    private static readonly GeometryFactory Factory = new(new PrecisionModel(1e6));

    /// <summary>Lines in the order of the view, each with its part. Discs and notes are not among them.</summary>
    public static IReadOnlyList<(IReadOnlyList<Point> Line, string? Part)> Visible(View view)
    {
        var found = new List<(IReadOnlyList<Point>, string?)>();
        NetTopologySuite.Geometries.Geometry over = Factory.CreatePolygon();
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
            found.AddRange(Lines(OverlayNGRobust.Overlay(line, over, SpatialFunction.Difference)).Select(l => (l, shape.Part)));
            if (outline is NetTopologySuite.Geometries.Polygon face) over = Areas(OverlayNGRobust.Overlay(over, face, SpatialFunction.Union));
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

    /// <summary>Faces that meet in a mere line leave that line over, which covers nothing.</summary>
    private static NetTopologySuite.Geometries.Geometry Areas(NetTopologySuite.Geometries.Geometry geometry)
        => geometry is NetTopologySuite.Geometries.Polygon or MultiPolygon ? geometry : Factory.CreateMultiPolygon([.. Enumerable.Range(0, geometry.NumGeometries).Select(geometry.GetGeometryN).OfType<NetTopologySuite.Geometries.Polygon>()]);

    private static IEnumerable<IReadOnlyList<Point>> Lines(NetTopologySuite.Geometries.Geometry geometry)
    {
        for (var i = 0; i < geometry.NumGeometries; i++)
        {
            if (geometry.GetGeometryN(i) is LineString { NumPoints: >= 2 } line) yield return [.. line.Coordinates.Select(c => new Point(c.X, c.Y))];
        }
    }

    private static Coordinate At(Point p) => new(p.X, p.Y);
}
