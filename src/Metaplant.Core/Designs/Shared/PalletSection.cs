using Metaplant.Core.Drawing;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>A piece sawn out of a pallet and stood on edge, its slats to one side, its lower boards to the other.</summary>
internal static class PalletSection
{
    /// <summary>
    /// Solids of one section. It starts at <paramref name="from"/>, on the ground at the face of its slats, and runs so far <paramref name="along"/> (one metre long); <paramref name="back"/> leads from its slats to its lower boards.
    /// </summary>
    /// <param name="length">As much as is left of the slats.</param>
    /// <param name="bearers">Where its bearers start along it, m.</param>
    public static IEnumerable<Solid> Stand(string part, PalletMeasures m, int boards, Point3 from, Point3 along, Point3 back, double length, IEnumerable<double> bearers)
    {
        var height = m.SectionHeight(boards);
        for (var i = 0; i < boards; i++) yield return Slab(Ink.Wood, 0, length, 0, m.SlatThickness, i * (m.SlatWidth + m.Gap), m.SlatWidth);
        foreach (var at in bearers) yield return Slab(Ink.WoodEnd, at, m.BearerWidth, m.SlatThickness, m.BearerDepth, 0, height);
        // As many as lie beside each other on the part that is left.
        var lower = Math.Min((int)Math.Floor((double)boards * m.BottomSlats / m.Slats + 1e-9), (int)Math.Floor(height / m.SlatWidth + 1e-9));
        for (var i = 0; i < lower; i++) yield return Slab(Ink.Wood, 0, length, m.SlatThickness + m.BearerDepth, m.SlatThickness, lower == 1 ? (height - m.SlatWidth) / 2 : i * (height - m.SlatWidth) / (lower - 1), m.SlatWidth);

        Solid Slab(Ink ink, double at, double long_, double behind, double thick, double up, double high)
        {
            Point3 a = from + along * at + back * behind, b = a + along * long_ + back * thick;
            return Prism.Box(part, ink, a with { Z = from.Z + up }, b with { Z = from.Z + up + high });
        }
    }

    /// <summary>Where the bearers of a whole section start, m from its end.</summary>
    public static IEnumerable<double> Bearers(PalletMeasures m) => Enumerable.Range(0, m.Bearers).Select(i => m.Wing + i * m.BearerSpacing);

    /// <summary>The bearers of a half: those from its outer end up to where it is sawn off.</summary>
    public static IEnumerable<double> BearersOfHalf(PalletMeasures m, double half) => Bearers(m).Where(b => b + m.BearerWidth <= half + 1e-6);
}
