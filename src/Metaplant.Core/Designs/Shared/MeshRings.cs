using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Rings bent from wire mesh off a roll and closed on themselves: which mesh will do, how high and wide they come. Lengths in m.</summary>
internal static class MeshRings
{
    public const double Overlap = .10;

    /// <summary>Two turns round a stake and a wire, and the knot, of line.</summary>
    public const double LineToLash = .4;

    private const double SteelDensity = 7850;

    public static MeshMeasures Of(Lead lead) => lead.Main.As<MeshMeasures>()!;

    /// <summary>Why a mesh holds no soil in a ring, its lining let out by openings wider than so; null where it does.</summary>
    public static Sentence? WhyNot(Lot lot, double widestOpening, double leastHeight)
    {
        var (m, thing) = (lot.As<MeshMeasures>()!, lot.Of.Thing);
        if (thing.Substance != Substance.ZincCoatedSteel) return $"A net of {thing.Substance.Name()} does not stand by itself.";
        if (thing.Shows(Findings.RustThrough)) return "Rusted through: it opens under the soil.";
        if (thing.Shows(Findings.Torn)) return "Torn: soil comes out, and the rest of the wire takes more than its share.";
        if (m.Aperture > widestOpening) return $"Openings of {Amount.Length(m.Aperture)} let the lining out; up to {Amount.Length(widestOpening)} hold it.";
        return m.Width < leastHeight ? (Sentence)$"Too narrow: {Amount.Length(m.Width)}, and {Amount.Length(leastHeight)} at least are wanted." : null;
    }

    /// <summary>Heights up to the width of the roll, which saves a cut.</summary>
    public static IReadOnlyList<Stop> Heights(Lead lead, double least, double most)
    {
        var last = Math.Min(most, Of(lead).Width);
        return Packing.WithLast(Setting.Range(least, last, .05), last);
    }

    /// <summary>The widest ring out of one roll, in steps of .05 between two widths.</summary>
    public static double Widest(Lead lead, double least, double most) => Math.Clamp(Math.Floor((Of(lead).Length - Overlap) / Math.PI / .05 + 1e-9) * .05, least, most);

    /// <summary>Part of the wire's thickness that counts.</summary>
    public static double WireLeft(Chosen set) => set.Lead.Lots.Min(l => l.Of.Thing.Condition.Factor() * (l.Of.Thing.Shows(Findings.RustSurface) ? set.Brief.Handbook[Substances.LeftByRust] : 1));

    /// <summary>kg of a square metre: a wire each way round every opening.</summary>
    public static double MassOf(MeshMeasures m) => 2 * Math.PI / 4 * m.Wire * m.Wire * SteelDensity / (m.Aperture + m.Wire);

    public static Sums.Sum LengthOf(double across, double ring)
        => Sums.Sum.Of("Length of a ring", "π D + lap", [new("D", "across", across, Sums.Unit.Metre), new("lap", "overlap", Overlap, Sums.Unit.Metre)], ring, Sums.Unit.Metre, "Geometry of the circle");
}
