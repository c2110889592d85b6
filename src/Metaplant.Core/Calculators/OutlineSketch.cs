using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Calculators;

/// <summary>The dimension lines of a rectangle or circle asked for by <see cref="Ask.Outline"/>.</summary>
internal static class OutlineSketch
{
    public static IEnumerable<Dimension> Dimensions(string name, Outline o, double cx = 0, double cy = 0)
    {
        yield return Sketch.Along(cx - o.Length / 2, cx + o.Length / 2, cy + o.Width / 2, o is CircleOutline ? name + ".diameter" : name + ".length");
        if (o is not CircleOutline) yield return Sketch.Down(cx + o.Length / 2, cy - o.Width / 2, cy + o.Width / 2, name + ".width");
    }
}
