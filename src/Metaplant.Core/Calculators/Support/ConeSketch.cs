using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

/// <summary>A cone of sticks from the side.</summary>
internal static class ConeSketch
{
    public static View View(int legs, double radius, double tie, IReadOnlyList<Dimension> dimensions, double? wind = null, double above = .15, double embed = .15)
    {
        var shapes = new List<Shape>();
        for (var i = 0; i < legs; i++)
        {
            double foot = radius * Math.Cos(2 * Math.PI * (i + .5) / legs), out_ = foot / tie;
            shapes.Add(Sketch.Bar(new(foot + out_ * embed, -embed), new(-out_ * above, tie + above), .022, Ink.Stick, "stick"));
        }

        if (wind is { } z) shapes.AddRange([Drawing.View.Segment(-radius * 1.8, z, -radius * .6, z, Ink.Line), new Note(new(-radius * 1.5, z + .02), "wind", Ink.Line)]);
        shapes.Add(Drawing.View.GroundLine(-radius * 1.5, radius * 1.5));
        return new("sum", "From the side", shapes, dimensions);
    }

    /// <summary>A cone with its rings of line, from inputs called legs, baseRadius, tieHeight and lowestRing.</summary>
    public static View Wound(Values v, int rings)
    {
        double h = v["tieHeight"], r = v["baseRadius"], low = v["lowestRing"];
        var view = View(v.Whole("legs"), r, h, [Sketch.Up(-r, 0, h, "tieHeight", .1), Sketch.Under(0, r, 0, "baseRadius"), new(new(r * 1.2, 0), new(r * 1.2, low), -.06, low, "lowestRing")]);
        return view with { Shapes = [.. view.Shapes, .. Cone.RingHeights(rings, low, h).Select(z => Drawing.View.Segment(-r * (1 - z / h), z, r * (1 - z / h), z, Ink.Line))] };
    }

    public static void RefuseRings(Values v)
        => v.Refuse(v["lowestRing"] > Cone.HighestRing(v["tieHeight"]) + 1e-9, "lowestRing", "The lowest ring must lie below nine tenths of the tie, where the highest lies.");
}
