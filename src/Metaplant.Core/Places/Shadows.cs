using Metaplant.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Overlay;
using NetTopologySuite.Operation.OverlayNG;
using NtsPolygon = NetTopologySuite.Geometries.Polygon;
using Point = Metaplant.Core.Geometry.Point;

namespace Metaplant.Core.Places;

/// <summary>The shadow of one thing on level ground at one time of a day.</summary>
/// <param name="Of">The feature's id.</param>
/// <param name="Outline">Its edge; a shadow in two pieces is two of these.</param>
/// <param name="Passing">The part of the sun that comes through, 0 to 1.</param>
public sealed record Shadow(int Of, IReadOnlyList<Point> Outline, double Passing);

/// <summary>What the plan looks like at one time of a day.</summary>
/// <param name="Hour">Solar time.</param>
public sealed record Moment(double Hour, SunPosition Sun, IReadOnlyList<Shadow> Shadows);

/// <summary>Shadows drawn on the plan.</summary>
public static class Shadows
{
    /// <summary>Lower than this the sun draws shadows longer than any garden, degrees.</summary>
    private const double Lowest = 4;

    /// <summary>A shadow is drawn no longer than this, m.</summary>
    private const double Longest = 60;

    private static readonly GeometryFactory Factory = new(new PrecisionModel(1e4));

    /// <summary>A day of <see cref="SunPosition.Year"/>, every so many minutes while the sun is up.</summary>
    public static IReadOnlyList<Moment> Day(GardenPlan plan, int day, int minutes, Materials.Handbook handbook)
    {
        var passing = plan.Casters.Passing(new DateOnly(SunPosition.Year, 1, 1).AddDays(day - 1).Month, handbook);
        return [.. Enumerable.Range(0, 1440 / minutes).Select(i => i * minutes / 60.0).Select(hour => (Hour: hour, Sun: SunPosition.At(plan.Site.Latitude, day, hour))).Where(m => m.Sun.Elevation >= Lowest).AsParallel().AsOrdered().Select(m =>
        {
            var toward = plan.Site.Toward(m.Sun.Azimuth);
            var length = 1 / Math.Tan(m.Sun.Elevation * Math.PI / 180);
            return new Moment(m.Hour, m.Sun, [.. plan.Features.SelectMany((f, i) => Of(f, new(-toward.X * length, -toward.Y * length)).Select(outline => new Shadow(f.Id, outline, passing[i])))]);
        })];
    }

    /// <summary>What a thing shades of level ground; nothing for what has no height. <paramref name="cast"/> is how far 1 m of height throws, m.</summary>
    public static IEnumerable<IReadOnlyList<Point>> Of(Feature feature, Point cast) => feature switch
    {
        Screen s => Joined(Figures.Sides(s.Points, false).Select(l => Thrown(l.A, l.B, Far(cast, s.Height)))),
        House b => Joined([.. Figures.Sides(b.Points, true).Select(l => Thrown(l.A, l.B, Far(cast, b.Height))), Ring([.. b.Points.Select(p => p + Far(cast, b.Height))])]),
        Tree t => Joined([Crown(t, Far(cast, t.CrownFrom), Far(cast, t.Height))]),
        Path or Tap or Door or Buried or Clump or Pile or Steps or Power => [],
        _ => throw new InvalidOperationException($"Unknown feature {feature}."),
    };

    private static Point Far(Point cast, double height)
    {
        var length = Math.Sqrt(cast.X * cast.X + cast.Y * cast.Y) * height;
        var most = length > Longest ? Longest / length * height : height;
        return new(cast.X * most, cast.Y * most);
    }

    private static NtsPolygon Thrown(Point a, Point b, Point far) => Ring([a, b, b + far, a + far]);

    private static NetTopologySuite.Geometries.Geometry Crown(Tree t, Point low, Point high)
    {
        Point from = t.Points[0] + low, to = t.Points[0] + high;
        var stem = from == to ? (NetTopologySuite.Geometries.Geometry)Factory.CreatePoint(new Coordinate(from.X, from.Y)) : Factory.CreateLineString([new(from.X, from.Y), new(to.X, to.Y)]);
        return stem.Buffer(t.Crown / 2, 6);
    }

    private static IEnumerable<IReadOnlyList<Point>> Joined(IEnumerable<NetTopologySuite.Geometries.Geometry> pieces)
    {
        NetTopologySuite.Geometries.Geometry all = Factory.CreatePolygon();
        // A wall seen along its length throws a sliver that covers nothing.
        foreach (var piece in pieces.Where(p => p.Area > 1e-6)) all = OverlayNGRobust.Overlay(all, piece.IsValid ? piece : piece.Buffer(0), SpatialFunction.Union);
        for (var i = 0; i < all.NumGeometries; i++)
        {
            if (all.GetGeometryN(i) is NtsPolygon { IsEmpty: false } p) yield return [.. p.ExteriorRing.Coordinates.SkipLast(1).Select(c => new Point(c.X, c.Y))];
        }
    }

    private static NtsPolygon Ring(IReadOnlyList<Point> points) => Factory.CreatePolygon([.. points.Select(p => new Coordinate(p.X, p.Y)), new(points[0].X, points[0].Y)]);
}
