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
}
