using System.Globalization;
using System.Text;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drawing;

/// <summary>
/// Writes a view as DXF, ASCII, release 12, in millimetres: one unit is one millimetre, which a comment at the head and a note on the drawing say, since that release has no place for it. What is hidden is left out. Layers are named by part.
/// </summary>
public static class DxfWriter
{
    private const string Unit = "1 unit is 1 millimetre";

    public static string Write(View view, Teller teller)
    {
        var dxf = new StringBuilder();
        Pair(999, Unit);
        Pair(999, teller.Tell(view.Title));
        Pair(0, "SECTION");
        Pair(2, "HEADER");
        Pair(9, "$ACADVER");
        Pair(1, "AC1009");
        Pair(0, "ENDSEC");
        Pair(0, "SECTION");
        Pair(2, "ENTITIES");
        foreach (var (line, part) in Outlines.Visible(view)) Polyline(line, part);
        foreach (var disc in view.Shapes.OfType<Disc>()) Circle(disc);
        foreach (var note in view.Shapes.OfType<Note>()) Text(note.At, teller.Tell(note.Words), "notes");
        foreach (var d in view.Dimensions) Text(new((d.From.X + d.To.X) / 2, (d.From.Y + d.To.Y) / 2), (d.Value * 1000).ToString("0", CultureInfo.InvariantCulture), "measures");
        Text(new(0, -.05), Unit, "notes");
        Pair(0, "ENDSEC");
        Pair(0, "EOF");
        return dxf.ToString();

        void Polyline(IReadOnlyList<Point> points, string? part)
        {
            Pair(0, "POLYLINE");
            Pair(8, Layer(part));
            Pair(66, "1");
            Pair(70, "0");
            At(default);
            foreach (var p in points)
            {
                Pair(0, "VERTEX");
                Pair(8, Layer(part));
                At(p);
            }

            Pair(0, "SEQEND");
            Pair(8, Layer(part));
        }

        void Circle(Disc disc)
        {
            Pair(0, "CIRCLE");
            Pair(8, Layer(disc.Part));
            At(disc.Centre);
            Pair(40, N(disc.Radius));
        }

        void Text(Point at, string words, string layer)
        {
            Pair(0, "TEXT");
            Pair(8, layer);
            At(at);
            Pair(40, N(.012));
            Pair(1, Plain(words));
        }

        void At(Point p)
        {
            Pair(10, N(p.X));
            Pair(20, N(p.Y));
            Pair(30, "0");
        }

        void Pair(int code, string value) => dxf.Append(CultureInfo.InvariantCulture, $"{code}\n{Plain(value)}\n");
    }

    /// <summary>Metres as millimetres, to a thousandth.</summary>
    private static string N(double metres) => Math.Round(metres * 1000, 3).ToString(CultureInfo.InvariantCulture);

    /// <summary>Release 12 knows no letters beyond ASCII.</summary>
    private static string Plain(string words) => new([.. words.Select(c => c is >= ' ' and <= '~' ? c : c is '×' ? 'x' : '?')]);

    private static string Layer(string? part) => part is null ? "0" : new([.. part.Select(c => char.IsAsciiLetterOrDigit(c) ? char.ToUpperInvariant(c) : '_')]);
}
