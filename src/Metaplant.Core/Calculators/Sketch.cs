using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Calculators;

/// <summary>Shapes that the drawings of several calculators share. Metres, x to the right and y up.</summary>
internal static class Sketch
{
    /// <summary>A vessel from the side, its soil to a level, standing on the ground line; x from 0 to its widest.</summary>
    public static IEnumerable<Shape> Vessel(Vessel vessel, double level, Ink ink, Func<Outline, double>? across = null, double x = 0)
    {
        var width = across ?? (o => o.Length);
        var widest = Widest(vessel, width);
        yield return Profile(vessel, vessel.Height, ink, width, x + widest / 2);
        if (level > 0) yield return Profile(vessel, Math.Min(level, vessel.Height), Ink.Soil, width, x + widest / 2);
        yield return View.GroundLine(x, x + widest);
    }

    public static double Widest(Vessel vessel, Func<Outline, double> across)
        => Enumerable.Range(0, 9).Max(i => across(vessel.SectionAt(vessel.Height * i / 8)));

    /// <summary>The dimension line across a level of a vessel drawn by <see cref="Vessel"/>.</summary>
    public static Dimension Across(double width, double widest, double y, string field, double x = 0, bool below = false)
    {
        double left = x + (widest - width) / 2, right = left + width;
        return below ? new(new(right, y), new(left, y), .05, width, field) : new(new(left, y), new(right, y), .05, width, field);
    }

    public static Dimension Up(double x, double y0, double y1, string? field, double offset = .06) => new(new(x, y0), new(x, y1), offset, Math.Abs(y1 - y0), field);

    public static Dimension Down(double x, double y0, double y1, string? field, double offset = .06) => new(new(x, y1), new(x, y0), offset, Math.Abs(y1 - y0), field);

    public static Dimension Along(double x0, double x1, double y, string? field, double offset = .06) => new(new(x0, y), new(x1, y), offset, Math.Abs(x1 - x0), field);

    public static Dimension Under(double x0, double x1, double y, string? field, double offset = .06) => new(new(x1, y), new(x0, y), offset, Math.Abs(x1 - x0), field);

    /// <summary>A round bar seen from the side between two points.</summary>
    public static Polygon Bar(Point a, Point b, double thickness, Ink ink, string? part = null)
    {
        var length = Math.Max(a.DistanceTo(b), 1e-9);
        double nx = (b.Y - a.Y) / length * thickness / 2, ny = -(b.X - a.X) / length * thickness / 2;
        return new([new(a.X + nx, a.Y + ny), new(b.X + nx, b.Y + ny), new(b.X - nx, b.Y - ny), new(a.X - nx, a.Y - ny)], ink, part);
    }

    /// <summary>The push of soil on the left face of a wall: a triangle, or a trapezium with a load on top, as wide at the foot as <paramref name="reach"/>.</summary>
    public static Polygon Push(double x, double top, double foot, double reach, double reachAtTop = 0)
        => new([new(x, foot), new(x - reach, foot), new(x - reachAtTop, top), new(x, top)], Ink.Pressure);

    /// <summary>Ground below y = 0 between two places.</summary>
    public static Polygon Ground(double x0, double x1, double depth) => View.Box(x0, -depth, x1, 0, Ink.Soil);

    private static Polygon Profile(Vessel vessel, double to, Ink ink, Func<Outline, double> width, double middle)
    {
        const int Steps = 16;
        var right = Enumerable.Range(0, Steps + 1).Select(i => (Y: to * i / Steps, Half: width(vessel.SectionAt(to * i / Steps)) / 2)).ToList();
        return new([.. right.Select(p => new Point(middle + p.Half, p.Y)), .. right.AsEnumerable().Reverse().Select(p => new Point(middle - p.Half, p.Y))], ink, ink == Ink.Soil ? null : "vessel");
    }
}
