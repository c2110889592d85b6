using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drawing;

/// <summary>What a shape is made of or means, so that screen and paper can each ink it their own way.</summary>
public enum Ink
{
    Wood,
    WoodEnd,
    Metal,
    Plastic,
    Fabric,
    Line,
    Stick,
    Soil,
    Water,
    Plant,
    Ground,
    Hole,
    Hidden,
    Cut,
    Fault,
    Pressure,
    Sinking,

    /// <summary>What stands already, beside what a step adds.</summary>
    Standing,
}

/// <summary>A shape of a drawing, in metres, x to the right and y up. <see cref="Part"/> ties it to the part it shows.</summary>
public abstract record Shape(Ink Ink, string? Part);

public sealed record Polygon(IReadOnlyList<Point> Points, Ink Ink, string? Part = null) : Shape(Ink, Part);

public sealed record Polyline(IReadOnlyList<Point> Points, Ink Ink, string? Part = null) : Shape(Ink, Part);

public sealed record Disc(Point Centre, double Radius, Ink Ink, string? Part = null) : Shape(Ink, Part);

/// <summary>Words on the drawing, anchored at their middle.</summary>
public sealed record Note(Point At, Sentence Words, Ink Ink) : Shape(Ink, null);

/// <summary>
/// A dimension line from one point to another, standing off the drawing by <see cref="Offset"/> metres to the left of the way from
/// <see cref="From"/> to <see cref="To"/> (negative: to the right). <see cref="Field"/> names the measure or parameter that typing there sets; null when it is only shown.
/// </summary>
public sealed record Dimension(Point From, Point To, double Offset, double Value, string? Field = null);

/// <summary>One drawing to scale.</summary>
public sealed record View(string Id, Sentence Title, IReadOnlyList<Shape> Shapes, IReadOnlyList<Dimension> Dimensions)
{
    public static Polygon Box(double x0, double y0, double x1, double y1, Ink ink, string? part = null)
        => new([new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1)], ink, part);

    public static Polyline Segment(double x0, double y0, double x1, double y1, Ink ink, string? part = null)
        => new([new(x0, y0), new(x1, y1)], ink, part);

    /// <summary>The ground line, drawn a little beyond both ends.</summary>
    public static Polyline GroundLine(double from, double to)
    {
        var beyond = (to - from) * 0.06;
        return Segment(from - beyond, 0, to + beyond, 0, Ink.Ground);
    }
}
