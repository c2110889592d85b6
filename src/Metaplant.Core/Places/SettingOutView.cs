using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using NetTopologySuite.Geometries;
using Cut = NetTopologySuite.Geometries.Geometry;
using Dimension = Metaplant.Core.Drawing.Dimension;
using Point = Metaplant.Core.Geometry.Point;
using Polygon = Metaplant.Core.Drawing.Polygon;

namespace Metaplant.Core.Places;

/// <summary>The planter between its two fixed points, with a tape drawn to each peg: for the sheet that is taken outdoors.</summary>
public static class SettingOutView
{
    /// <summary>How much of what stands around is shown, m.</summary>
    private const double Around = .8;

    public static View Of(GardenPlan plan, StandingPlanter planter, SettingOut pegs)
    {
        List<Point> all = [.. planter.Corners, pegs.First.At, pegs.Second.At];
        var seen = new Envelope(all.Min(p => p.X) - Around, all.Max(p => p.X) + Around, all.Min(p => p.Y) - Around, all.Max(p => p.Y) + Around);
        var shapes = new List<Shape>();
        foreach (var feature in plan.Features.Where(f => f is not Buried)) shapes.AddRange(Seen(feature, seen));
        shapes.Add(new Polygon(planter.Corners, Ink.Wood));
        foreach (var pipe in plan.Features.OfType<Buried>()) shapes.AddRange(Seen(pipe, seen));
        foreach (var peg in pegs.Pegs) shapes.Add(new Polyline([pegs.First.At, peg.At, pegs.Second.At], Ink.Hidden));
        foreach (var peg in pegs.Pegs) shapes.AddRange([new Disc(peg.At, .06, Ink.Hole), new Note(Outward(planter, peg.At), peg.Name, Ink.Line)]);
        foreach (var (at, name) in ((Point, string)[])[(pegs.First.At, "I"), (pegs.Second.At, "II")]) shapes.AddRange([new Disc(at, .09, Ink.Cut), new Note(Outward(planter, at), name, Ink.Line)]);
        var c = planter.Corners;
        return new("setting-out", $"{planter.Name}, pegged out from two points", shapes, [new Dimension(c[2], c[3], -.3, pegs.Length), new(c[2], c[1], .3, pegs.Width)]);
    }

    /// <summary>A little beyond its corner, so that the number stands beside the peg.</summary>
    private static Point Outward(StandingPlanter planter, Point peg)
    {
        const double Off = .28;
        var away = Math.Max(planter.At.DistanceTo(peg), 1e-6);
        return new(peg.X + (peg.X - planter.At.X) / away * Off, peg.Y + (peg.Y - planter.At.Y) / away * Off - .12);
    }

    /// <summary>What of a wall or house lies within the picture.</summary>
    private static IEnumerable<Shape> Seen(Feature feature, Envelope seen)
    {
        var frame = Figures.Area([new(seen.MinX, seen.MinY), new(seen.MaxX, seen.MinY), new(seen.MaxX, seen.MaxY), new(seen.MinX, seen.MaxY)]);
        return feature switch
        {
            House h => Named(frame.Intersection(Figures.Area(h.Points)), h, g => new Polygon(Points(g), Ink.Standing)),
            Screen s => Named(frame.Intersection(Figures.Area(Figures.Band(s.Points, s.Thickness))), s, g => new Polygon(Points(g), s.Kind == ScreenKind.Hedge ? Ink.Plant : Ink.Standing)),
            Buried b => Named(frame.Intersection(Figures.Line(b.Points)), b, g => new Polyline(Points(g), Ink.Fault)),
            _ => [],
        };
    }

    private static IEnumerable<Shape> Named(Cut cut, Feature feature, Func<Cut, Shape> drawn)
        => Parted(cut).SelectMany((g, i) => i == 0 ? (Shape[])[drawn(g), new Note(new(g.Centroid.X, g.Centroid.Y), feature.Name, Ink.Line)] : [drawn(g)]);

    private static IEnumerable<Cut> Parted(Cut cut) => Enumerable.Range(0, cut.NumGeometries).Select(cut.GetGeometryN).Where(g => !g.IsEmpty && (int)g.Dimension > 0);

    private static IReadOnlyList<Point> Points(Cut g) => [.. g.Coordinates.Select(c => new Point(c.X, c.Y))];
}
