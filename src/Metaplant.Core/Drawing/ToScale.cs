using System.Globalization;
using System.Text;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drawing;

/// <summary>
/// A view on one sheet, at the largest round scale that it fits at: a ruler laid on it measures the garden. The sheet lies the way that lets it be larger, and has a bar to check the printer by.
/// </summary>
public static class ToScale
{
    /// <summary>How many times smaller, for rulers in mm.</summary>
    private static readonly int[] Metric = [5, 10, 20, 25, 50, 100, 200, 250, 500, 1000];

    /// <summary>For rulers in inches: a foot is drawn as a whole part of an inch.</summary>
    private static readonly int[] Inches = [6, 12, 16, 24, 32, 48, 64, 96, 192, 240, 480, 960];

    /// <summary>Room for dimensions and words around the drawing, mm.</summary>
    private const double Around = 16;

    /// <summary>Strip at the foot for the bar and the words, mm.</summary>
    private const double Foot = 14;

    /// <summary>Pixels of a mm, as every browser has it.</summary>
    private const double Pixel = 96 / 25.4;

    /// <summary>How many times smaller than the garden, and whether the sheet lies on its long side. What fits no sheet is drawn at the smallest scale there is.</summary>
    public static (int Scale, bool Lying) Of(View view, Paper paper, Lengths lengths)
    {
        var (least, greatest) = SvgWriter.Extent(view);
        double wide = (greatest.X - least.X) * 1000, high = (greatest.Y - least.Y) * 1000;
        int upright = Fits(paper.Width, paper.Height), lying = Fits(paper.Height, paper.Width);
        return lying < upright || (lying == upright && wide > high) ? (lying, true) : (upright, false);

        int Fits(double across, double up)
        {
            double room = across - 2 * (paper.Margin + Around), above = up - 2 * (paper.Margin + Around) - Foot;
            var scales = lengths == Lengths.Inches ? Inches : Metric;
            return scales.FirstOrDefault(s => wide / s <= room && high / s <= above, scales[^1]);
        }
    }

    /// <summary>The sheet as SVG, sized in mm.</summary>
    public static string Sheet(View view, Paper paper, Teller teller)
    {
        var (scale, lying) = Of(view, paper, teller.Lengths);
        var (across, up) = lying ? (paper.Height, paper.Width) : (paper.Width, paper.Height);
        var (least, greatest) = SvgWriter.Extent(view);
        var one = 1000 * Pixel / scale;
        double left = (across * Pixel - (greatest.X - least.X) * one) / 2, top = ((up - Foot) * Pixel - (greatest.Y - least.Y) * one) / 2, foot = (up - paper.Margin - Foot + 6) * Pixel, margin = paper.Margin * Pixel;
        var svg = new StringBuilder();
        svg.Append(CultureInfo.InvariantCulture, $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{N(across)}mm\" height=\"{N(up)}mm\" viewBox=\"0 0 {N(across * Pixel)} {N(up * Pixel)}\" role=\"img\" font-family=\"sans-serif\" font-size=\"11\">\n<title>{SvgWriter.Escape(teller.Tell(view.Title))}</title>\n<rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>\n");
        foreach (var shape in view.Shapes) svg.Append(SvgWriter.Of(shape, At, one, teller)).Append('\n');
        foreach (var dimension in view.Dimensions) svg.Append(SvgWriter.Of(dimension, At, teller)).Append('\n');
        var bar = Bar(scale, teller.Lengths);
        svg.Append(CultureInfo.InvariantCulture, $"<path d=\"M{N(margin)} {N(foot)}h{N(bar * one)}m{N(-bar * one)} -6v12m{N(bar * one)} -12v12\" fill=\"none\" stroke=\"#22303c\" stroke-width=\"1.5\"/>\n<text x=\"{N(margin + bar * one + 10)}\" y=\"{N(foot + 4)}\">{SvgWriter.Escape(teller.Say(new(bar, Sums.Unit.Metre)))} · {SvgWriter.Escape(teller.Tell(view.Title))} · 1 : {scale}</text>\n</svg>\n");
        return svg.ToString();

        Point At(Point p) => new(left + (p.X - least.X) * one, top + (greatest.Y - p.Y) * one);
    }

    /// <summary>A round length of the garden that is some 40 to 100 mm on paper, m.</summary>
    private static double Bar(int scale, Lengths lengths)
    {
        double[] lengthsOf = lengths == Lengths.Inches ? [.3048, 1.524, 3.048, 6.096, 15.24, 30.48] : [.2, .5, 1, 2, 5, 10, 20, 50];
        return lengthsOf.FirstOrDefault(m => m * 1000 / scale >= 40, lengthsOf[^1]);
    }

    private static string N(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);
}
