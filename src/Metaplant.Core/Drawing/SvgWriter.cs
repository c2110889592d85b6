using System.Globalization;
using System.Text;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drawing;

/// <summary>Writes a view as a picture that stands by itself, with its dimensions in the reader's units. The same view gives the same text.</summary>
public static class SvgWriter
{
    private const double Margin = 58;

    /// <summary>An SVG of a width in pixels; the height follows from the view.</summary>
    public static string Write(View view, Teller teller, double width = 420, double greatestHeight = 300)
    {
        var (least, greatest) = Extent(view);
        double x0 = least.X, x1 = greatest.X, y0 = least.Y, y1 = greatest.Y;
        var scale = Math.Min((width - 2 * Margin) / Math.Max(x1 - x0, 1e-6), (greatestHeight - 2 * Margin) / Math.Max(y1 - y0, 1e-6));
        var height = (y1 - y0) * scale + 2 * Margin;
        var left = (width - (x1 - x0) * scale) / 2;
        var svg = new StringBuilder();
        svg.Append(CultureInfo.InvariantCulture, $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {N(width)} {N(height)}\" width=\"{N(width)}\" height=\"{N(height)}\" role=\"img\" font-family=\"sans-serif\" font-size=\"11\">\n");
        svg.Append(CultureInfo.InvariantCulture, $"<title>{Escape(teller.Tell(view.Title))}</title>\n<desc>Measures in {teller.Show(1, Sums.Unit.Metre).Unit}</desc>\n<rect width=\"100%\" height=\"100%\" fill=\"#fbf9f3\"/>\n");
        foreach (var shape in view.Shapes) svg.Append(Of(shape, At, scale, teller)).Append('\n');
        foreach (var dimension in view.Dimensions) svg.Append(Of(dimension, At, teller)).Append('\n');
        return svg.Append("</svg>\n").ToString();

        Point At(Point p) => new(left + (p.X - x0) * scale, Margin + (y1 - p.Y) * scale);
    }

    /// <summary>The least and greatest of all that is drawn, m.</summary>
    internal static (Point Least, Point Greatest) Extent(View view)
    {
        var points = view.Shapes.SelectMany(Extent).ToList();
        return (new(points.Min(p => p.X), points.Min(p => p.Y)), new(points.Max(p => p.X), points.Max(p => p.Y)));
    }

    private static IEnumerable<Point> Extent(Shape shape) => shape switch
    {
        Polygon p => p.Points,
        Polyline p => p.Points,
        Disc d => [new(d.Centre.X - d.Radius, d.Centre.Y - d.Radius), new(d.Centre.X + d.Radius, d.Centre.Y + d.Radius)],
        Note n => [n.At],
        _ => throw new InvalidOperationException($"Unknown shape {shape}."),
    };

    internal static string Of(Shape shape, Func<Point, Point> at, double scale, Teller teller) => shape switch
    {
        Polygon p => $"<polygon points=\"{Points(p.Points, at)}\" {Style(p.Ink)}/>",
        Polyline p => $"<polyline points=\"{Points(p.Points, at)}\" {Style(p.Ink)} fill-opacity=\"0\"/>",
        Disc d => $"<circle cx=\"{N(at(d.Centre).X)}\" cy=\"{N(at(d.Centre).Y)}\" r=\"{N(Math.Max(1.5, d.Radius * scale))}\" {Style(d.Ink)}/>",
        Note n => $"<text x=\"{N(at(n.At).X)}\" y=\"{N(at(n.At).Y - 5)}\" text-anchor=\"middle\" fill=\"#22303c\">{Escape(teller.Tell(n.Words))}</text>",
        _ => throw new InvalidOperationException($"Unknown shape {shape}."),
    };

    /// <summary>The line stands off to the left of its way, where y runs up.</summary>
    internal static string Of(Dimension d, Func<Point, Point> at, Teller teller)
    {
        Point a = at(d.From), b = at(d.To);
        var length = Math.Max(a.DistanceTo(b), 1e-6);
        double nx = (b.Y - a.Y) / length, ny = -(b.X - a.X) / length, off = Math.Sign(d.Offset) * 24;
        Point p = new(a.X + nx * off, a.Y + ny * off), q = new(b.X + nx * off, b.Y + ny * off);
        Point label = new((p.X + q.X) / 2 + nx * Math.Sign(d.Offset) * 16, (p.Y + q.Y) / 2 + ny * Math.Sign(d.Offset) * 10 + 4);
        return $"<path d=\"M{N(a.X)} {N(a.Y)}L{N(p.X)} {N(p.Y)}L{N(q.X)} {N(q.Y)}L{N(b.X)} {N(b.Y)}\" fill=\"none\" stroke=\"#3e6a8a\"/><text x=\"{N(label.X)}\" y=\"{N(label.Y)}\" text-anchor=\"middle\" fill=\"#33617f\" stroke=\"#fbf9f3\" stroke-width=\"3\" paint-order=\"stroke\">{Measure(d.Value, teller)}</text>";
    }

    /// <summary>Without its unit, which the picture says once; with it where it is another: a long one among millimetres.</summary>
    private static string Measure(double metres, Teller teller)
    {
        var (told, usual) = (teller.Show(metres, Sums.Unit.Metre), teller.Show(1, Sums.Unit.Metre));
        return told.Unit == usual.Unit ? told.Number : told.ToString();
    }

    private static string Style(Ink ink)
    {
        var (fill, stroke, more) = ink switch
        {
            Ink.Wood => ("#dfc294", "#22303c", ""),
            Ink.WoodEnd or Ink.Stick => ("#c09a62", "#22303c", ""),
            Ink.Metal => ("#b9bec2", "#22303c", ""),
            Ink.Plastic => ("#8eabbd", "#22303c", ""),
            Ink.Fabric => ("#e5cfa4", "#22303c", " stroke-dasharray=\"5 3\""),
            Ink.Soil => ("#7b5a3e", "none", ""),
            Ink.Water => ("#7fa9c4", "#33617f", " fill-opacity=\".75\""),
            Ink.Plant => ("#5f8f76", "#e9f2ec", ""),
            Ink.Hole => ("#22303c", "#fbf9f3", ""),
            Ink.Standing => ("#e9e6dd", "#9a9a94", ""),
            Ink.Pressure => ("#a8471f", "#a8471f", " fill-opacity=\".2\""),
            Ink.Hidden => ("none", "#22303c", " stroke-dasharray=\"4 3\""),
            Ink.Line or Ink.Sinking => ("none", "#22303c", " stroke-width=\"1.5\" stroke-dasharray=\"6 3\""),
            _ => ("none", "#22303c", " stroke-width=\"1.5\""),
        };
        return $"fill=\"{fill}\" stroke=\"{stroke}\"{more}";
    }

    private static string Points(IReadOnlyList<Point> points, Func<Point, Point> at) => string.Join(' ', points.Select(p => $"{N(at(p).X)},{N(at(p).Y)}"));

    private static string N(double value) => Math.Round(value, 1).ToString(CultureInfo.InvariantCulture);

    internal static string Escape(string words) => words.Replace("&", "&amp;", StringComparison.Ordinal).Replace("<", "&lt;", StringComparison.Ordinal).Replace(">", "&gt;", StringComparison.Ordinal);
}
