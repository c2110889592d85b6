using System.Runtime.CompilerServices;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Places;

/// <summary>Points of the plan as figures that can be asked how they lie to each other, and what is met on the way from a point.</summary>
internal static class Figures
{
    private static readonly GeometryFactory Factory = new();

    public static Polygon Area(IReadOnlyList<Point> corners) => Factory.CreatePolygon([.. corners.Append(corners[0]).Select(At)]);

    public static LineString Line(IReadOnlyList<Point> points) => Factory.CreateLineString([.. points.Select(At)]);

    /// <summary>A line as wide as what stands along it, cut square at its ends; its outline.</summary>
    public static IReadOnlyList<Point> Band(IReadOnlyList<Point> points, double width)
        => [.. Line(points).Buffer(width / 2, new BufferParameters(2, EndCapStyle.Flat, JoinStyle.Mitre, 5)).Coordinates.Select(c => new Point(c.X, c.Y))];

    public static NetTopologySuite.Geometries.Point Dot(Point p) => Factory.CreatePoint(At(p));

    /// <summary>The steps that a straight way goes over.</summary>
    public static IEnumerable<Steps> Over(GardenPlan plan, Point from, Point to) => from.DistanceTo(to) < 1e-6 ? [] : plan.Features.OfType<Steps>().Where(s => Area(Band(s.Points, s.Width)).Intersects(Line([from, to])));

    public static IEnumerable<(Point A, Point B)> Sides(IReadOnlyList<Point> line, bool closed)
    {
        for (var i = 0; i + 1 < line.Count; i++) yield return (line[i], line[i + 1]);
        if (closed && line.Count > 2) yield return (line[^1], line[0]);
    }

    /// <summary>How far along a step of 1 m from a point one side, from A by E, is met; below nothing behind it, and no number where it is not met.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static double Meets(Point at, Point toward, double ax, double ay, double ex, double ey)
    {
        const double Parallel = 1e-12;
        // at + t·toward = A + u·E.
        var det = toward.X * ey - toward.Y * ex;
        if (Math.Abs(det) < Parallel) return double.NaN;
        double x = ax - at.X, y = ay - at.Y, u = (x * toward.Y - y * toward.X) / det;
        return u is < 0 or > 1 ? double.NaN : (x * ey - y * ex) / det;
    }

    /// <summary>m along a direction to the nearest side of a feature; null where none is met.</summary>
    public static double? Distance(Point at, Point toward, Feature feature)
        => Sides(feature.Points, feature.Closed).Select(s => Meets(at, toward, s.A.X, s.A.Y, s.B.X - s.A.X, s.B.Y - s.A.Y)).Where(t => t >= 0).Select(t => (double?)t).Min();

    private static Coordinate At(Point p) => new(p.X, p.Y);
}
