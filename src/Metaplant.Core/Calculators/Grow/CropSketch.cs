using Metaplant.Core.Drawing;
using Metaplant.Core.Growing;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>Plants in a row, as many as can be told apart.</summary>
internal static class CropSketch
{
    private const int MostDrawn = 24;

    public static View Row(Crop crop, int plants)
    {
        var n = Math.Min(plants, MostDrawn);
        double s = crop.Spacing, r = Math.Min(crop.Spread, s) / 2 * .9, length = Math.Max(n, 3) * s;
        List<Shape> shapes = [View.Box(0, -.6 * s, length, .6 * s, Ink.Soil), .. Enumerable.Range(0, n).Select(i => new Disc(new((i + .5) * s, 0), r, Ink.Plant))];
        if (plants > n) shapes.Add(new Note(new(length / 2, .8 * s), $"and {plants - n} more", Ink.Line));
        return new("sum", "From above, at their spacing", shapes, n < 2 ? [] : [Sketch.Under(.5 * s, 1.5 * s, -.6 * s, null)]);
    }
}
