using System.Globalization;
using System.Text;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drawing;

/// <summary>A sheet of paper and how much of it a printer reaches, mm.</summary>
public sealed record Paper(string Name, double Width, double Height, double Margin = 10)
{
    public static Paper A4 { get; } = new("A4", 210, 297);

    public static Paper Letter { get; } = new("Letter", 215.9, 279.4);
}

/// <summary>
/// A view at true size over as many sheets as it takes. Each sheet has a bar of 100 mm, or 4 in, to check the printer by, its place among the others, and crosses where it meets its neighbours: lay cross on cross.
/// </summary>
public static class TrueSize
{
    /// <summary>Strip at the foot of each sheet for the bar and the words, mm.</summary>
    private const double Foot = 18;

    /// <summary>How many sheets across and up.</summary>
    public static (int Across, int Up) Sheets(View view, Paper paper)
    {
        var (least, greatest) = SvgWriter.Extent(view);
        return (Math.Max(1, (int)Math.Ceiling((greatest.X - least.X) * 1000 / Wide(paper) - 1e-9)), Math.Max(1, (int)Math.Ceiling((greatest.Y - least.Y) * 1000 / High(paper) - 1e-9)));
    }

    /// <summary>One sheet as SVG, sized in mm, from 0 row by row from below. Its words are in <paramref name="words"/>: what it is, so that a sheet that got away can be told.</summary>
    public static string Sheet(View view, Paper paper, int index, string words, Teller teller)
    {
        var (across, up) = Sheets(view, paper);
        ArgumentOutOfRangeException.ThrowIfNegative(index);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(index, across * up);
        var (column, row) = (index % across, index / across);
        var (least, _) = SvgWriter.Extent(view);
        double wide = Wide(paper), high = High(paper), left = least.X * 1000 + column * wide, below = least.Y * 1000 + row * high;
        var svg = new StringBuilder();
        svg.Append(CultureInfo.InvariantCulture, $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{N(paper.Width)}mm\" height=\"{N(paper.Height)}mm\" viewBox=\"0 0 {N(paper.Width)} {N(paper.Height)}\" font-family=\"sans-serif\" font-size=\"4\">\n<rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>\n<clipPath id=\"page\"><rect x=\"{N(paper.Margin)}\" y=\"{N(paper.Margin)}\" width=\"{N(wide)}\" height=\"{N(high)}\"/></clipPath>\n<g clip-path=\"url(#page)\" fill=\"none\" stroke=\"#000\" stroke-width=\".35\">\n");
        foreach (var shape in view.Shapes)
        {
            switch (shape)
            {
                case Polygon p: svg.Append(CultureInfo.InvariantCulture, $"<polygon points=\"{string.Join(' ', p.Points.Select(At))}\"/>\n"); break;
                case Polyline p: svg.Append(CultureInfo.InvariantCulture, $"<polyline points=\"{string.Join(' ', p.Points.Select(At))}\"/>\n"); break;
                case Disc d:
                    double cx = X(d.Centre), cy = Y(d.Centre);
                    svg.Append(CultureInfo.InvariantCulture, $"<circle cx=\"{N(cx)}\" cy=\"{N(cy)}\" r=\"{N(d.Radius * 1000)}\"/><path d=\"M{N(cx - 3)} {N(cy)}H{N(cx + 3)}M{N(cx)} {N(cy - 3)}V{N(cy + 3)}\"/>\n");
                    break;
                case Note n: svg.Append(CultureInfo.InvariantCulture, $"<text x=\"{N(X(n.At) + 1.5)}\" y=\"{N(Y(n.At) - 1.5)}\" fill=\"#000\" stroke=\"none\">{SvgWriter.Escape(teller.Tell(n.Words))}</text>\n"); break;
            }
        }

        svg.Append("</g>\n<g stroke=\"#000\" stroke-width=\".25\" fill=\"none\">\n");
        foreach (var (x, y) in (ReadOnlySpan<(double, double)>)[(paper.Margin, paper.Margin), (paper.Margin + wide, paper.Margin), (paper.Margin, paper.Margin + high), (paper.Margin + wide, paper.Margin + high)])
            svg.Append(CultureInfo.InvariantCulture, $"<path d=\"M{N(x - 4)} {N(y)}H{N(x + 4)}M{N(x)} {N(y - 4)}V{N(y + 4)}\"/>\n");
        var bar = teller.Lengths == Lengths.Inches ? 101.6 : 100;
        var foot = paper.Height - paper.Margin - Foot + 10;
        svg.Append(CultureInfo.InvariantCulture, $"<path d=\"M{N(paper.Margin)} {N(foot)}h{N(bar)}m{N(-bar)} -2v4m{N(bar)} -4v4\" stroke-width=\".5\"/>\n</g>\n<text x=\"{N(paper.Margin + bar + 4)}\" y=\"{N(foot + 1.5)}\">{teller.Show(bar / 1000, Sums.Unit.Metre)}: measure this first</text>\n<text x=\"{N(paper.Margin)}\" y=\"{N(foot + 8)}\">{SvgWriter.Escape(words)} · sheet {column + 1} of {across} across, {row + 1} of {up} up</text>\n</svg>\n");
        return svg.ToString();

        double X(Point p) => p.X * 1000 - left + paper.Margin;

        double Y(Point p) => paper.Margin + high - (p.Y * 1000 - below);

        string At(Point p) => $"{N(X(p))},{N(Y(p))}";
    }

    private static double Wide(Paper paper) => paper.Width - 2 * paper.Margin;

    private static double High(Paper paper) => paper.Height - 2 * paper.Margin - Foot;

    private static string N(double mm) => Math.Round(mm, 3).ToString(CultureInfo.InvariantCulture);
}
