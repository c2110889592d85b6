using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>
/// A pallet: <see cref="Slats"/> boards on top, across <see cref="Bearers"/> bearers or rows of blocks. Lengths in m.
/// </summary>
public sealed record PalletMeasures(
    double SlatLength, double Depth, int Slats, double SlatWidth, double SlatThickness, int Bearers, double BearerWidth, double BearerDepth, int BottomSlats, double Wing = 0) : Measures
{
    public override Bulk? Bulk => new(SlatLength, Depth, Thickness);

    /// <summary>The gap between two slats; soil falls through a wide one.</summary>
    public double Gap => Slats == 1 ? 0 : (Depth - Slats * SlatWidth) / (Slats - 1);

    /// <summary>Centre to centre of the bearers, m.</summary>
    public double BearerSpacing => (SlatLength - 2 * Wing - BearerWidth) / (Bearers - 1);

    /// <summary>Thickness of the whole pallet, and so of a wall made of a section of it, m.</summary>
    public double Thickness => SlatThickness + BearerDepth + (BottomSlats > 0 ? SlatThickness : 0);

    /// <summary>Height in m of a section of so many slats stood on edge.</summary>
    public double SectionHeight(int slats) => slats * SlatWidth + (slats - 1) * Gap;

    /// <summary>Volume of wood in one, m³.</summary>
    public double WoodVolume => (Slats + BottomSlats) * SlatLength * SlatWidth * SlatThickness + Bearers * Depth * BearerWidth * BearerDepth;

    /// <summary>
    /// First slats (from 1) of the sections of <paramref name="slats"/> sound slats that can be sawn out, going round the bad ones.
    /// </summary>
    /// <exception cref="ArgumentOutOfRangeException">Fewer than one slat, of which there would be no end.</exception>
    public IReadOnlyList<int> Sections(int slats, IReadOnlyList<Fault> faults)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(slats, 1);
        var bad = faults.Select(f => f.Part).ToHashSet(StringComparer.Ordinal);
        var starts = new List<int>();
        for (var first = 1; first + slats - 1 <= Slats;)
        {
            var meets = Enumerable.Range(first, slats).LastOrDefault(s => bad.Contains($"slat-{s}"));
            if (meets == 0) starts.Add(first);
            first = meets == 0 ? first + slats : meets + 1;
        }

        return starts;
    }
}

public class Pallet : SalvageKind<PalletMeasures>
{
    /// <summary>Moist soil bridges a gap this wide, m. Practice.</summary>
    private const double CrumbGap = .005;

    /// <summary>Woven cloth spans a gap this wide without sagging out, m. Practice.</summary>
    private const double ClothGap = .06;

    public override string Id => "pallet";

    public override string Name => "Pallet";

    public sealed override string Group => "Pallets";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("slatLength", "Length of the slats", Unit.Metre, .3, 2.5, 1.2, "Along a top board, end to end", Quick: true),
        new("depth", "Across the slats", Unit.Metre, .05, 2.5, .8, "Across the boards, outside to outside", Quick: true),
        new("slats", "Slats on top", Unit.Count, 1, 20, 6, "Count the top boards", Quick: true),
        new("slatWidth", "Width of a slat", Unit.Metre, .05, .25, .095, "Across one board"),
        new("slatThickness", "Thickness of a slat", Unit.Metre, .008, .04, .018, "The end of a board"),
        new("bearers", "Bearers", Unit.Count, 2, 5, 3, "Count what the boards are nailed to"),
        new("bearerWidth", "Width of a bearer", Unit.Metre, .025, .16, .045, "Across a bearer or block, seen from above"),
        new("bearerDepth", "Height of a bearer", Unit.Metre, .04, .16, .095, "A bearer or block, top to bottom"),
        new("bottomSlats", "Slats below", Unit.Count, 0, 12, 3, "Turn it over and count"),
    ];

    public sealed override IReadOnlyList<Substance> Substances { get; } = [Substance.Softwood, Substance.Hardwood];

    public sealed override IReadOnlyList<string> LookFor { get; } =
    [
        Findings.FumigantMark, Findings.HeatMark, Findings.OwnerVouches, "creosote", "chemical-smell", "rot", "mark-treated", "old-paint", Findings.Nails, Findings.Warped, Findings.Weathered, Findings.Poor, Findings.LookedOver,
    ];

    protected override void Cross(MeasureReader r)
    {
        r.Refuse(r.Whole("slats") * r["slatWidth"] > r["depth"] + .001, "slats", $"{r.Whole("slats")} slats of {Amount.Length(r["slatWidth"])} are wider than the {Amount.Length(r["depth"])} they lie on.");
        r.Refuse(r.Has("wing") && r["wing"] > r["slatLength"] * .3, "wing", "A wing this long would leave no room for the bearers.");
        r.Refuse(r.Whole("bearers") * r["bearerWidth"] > (r["slatLength"] - (r.Has("wing") ? 2 * r["wing"] : 0)) * .8, "bearerWidth", "The bearers take up more than the slats are long.");
    }

    protected override PalletMeasures Make(MeasureReader r)
        => new(r["slatLength"], Math.Max(r["depth"], r.Whole("slats") * r["slatWidth"]), r.Whole("slats"), r["slatWidth"], r["slatThickness"], r.Whole("bearers"), r["bearerWidth"], r["bearerDepth"], r.Whole("bottomSlats"), r.Has("wing") ? r["wing"] : 0);

    protected override IReadOnlyList<string> FaultParts(PalletMeasures m) => [.. Enumerable.Range(1, m.Slats).Select(i => $"slat-{i}")];

    /// <summary>Seen from above, with the side below it.</summary>
    protected override View Draw(PalletMeasures m)
    {
        var rise = m.Thickness + .22;
        var shapes = new List<Shape>();
        for (var i = 0; i < m.Bearers; i++)
        {
            var x = m.Wing + i * m.BearerSpacing;
            shapes.Add(View.Box(x, rise, x + m.BearerWidth, rise + m.Depth, Ink.WoodEnd));
            shapes.Add(View.Box(x, m.BottomSlats > 0 ? m.SlatThickness : 0, x + m.BearerWidth, m.Thickness - m.SlatThickness, Ink.WoodEnd));
        }

        for (var i = 0; i < m.Slats; i++)
        {
            var y = rise + i * (m.SlatWidth + m.Gap);
            shapes.Add(View.Box(0, y, m.SlatLength, y + m.SlatWidth, Ink.Wood, $"slat-{i + 1}"));
        }

        shapes.Add(View.Box(0, m.Thickness - m.SlatThickness, m.SlatLength, m.Thickness, Ink.Wood));
        if (m.BottomSlats > 0) shapes.Add(View.Box(0, 0, m.SlatLength, m.SlatThickness, Ink.Wood));
        return new("measure", "From above, and from the side", shapes,
        [
            new(new(0, rise + m.Depth), new(m.SlatLength, rise + m.Depth), .10, m.SlatLength, "slatLength"),
            new(new(0, rise), new(0, rise + m.Depth), .10, m.Depth, "depth"),
            new(new(m.SlatLength, rise + m.SlatWidth), new(m.SlatLength, rise), .10, m.SlatWidth, "slatWidth"),
            new(new(m.SlatLength, m.Thickness - m.SlatThickness), new(m.SlatLength, m.BottomSlats > 0 ? m.SlatThickness : 0), .10, m.BearerDepth, "bearerDepth"),
            new(new(m.Wing + m.BearerWidth, 0), new(m.Wing, 0), .08, m.BearerWidth, "bearerWidth"),
            new(new(m.SlatLength * .75, m.Thickness), new(m.SlatLength * .75, m.Thickness - m.SlatThickness), .02, m.SlatThickness, "slatThickness"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(PalletMeasures m)
    {
        var shapes = new List<Shape> { View.Box(0, m.Thickness - m.SlatThickness, m.SlatLength, m.Thickness, Ink.Wood) };
        if (m.BottomSlats > 0) shapes.Add(View.Box(0, 0, m.SlatLength, m.SlatThickness, Ink.Wood));
        for (var i = 0; i < m.Bearers; i++) shapes.Add(View.Box(m.Wing + i * m.BearerSpacing, 0, m.Wing + i * m.BearerSpacing + m.BearerWidth, m.Thickness, Ink.WoodEnd));
        return shapes;
    }

    /// <summary>What the gaps between the slats do to fill: crumbs of compost are held back by no more than their own size, and cloth by any gap it spans.</summary>
    public static Sentence GapWords(PalletMeasures m) => m.Gap switch
    {
        <= CrumbGap => (Sentence)$"Gaps of {Amount.Length(m.Gap)} hold soil by themselves.",
        <= ClothGap => (Sentence)$"Gaps of {Amount.Length(m.Gap)} lose fill: line it with cloth.",
        _ => (Sentence)$"Gaps of {Amount.Length(m.Gap)} lose fill and let a cloth sag: board over them or line it double.",
    };

    protected override IReadOnlyList<Way> BreakDown(Thing thing, PalletMeasures m)
    {
        var breakage = thing.Condition switch { Condition.Sound => .12, Condition.Weathered => .25, _ => .45 };
        var good = m.Slats - thing.Faults.Count;
        var bays = m.Bearers - 1;
        var shortLength = m.BearerSpacing - m.BearerWidth - .006;
        var ways = new List<Way>
        {
            new("frame", "Whole, as a frame", [new(Form.Section, "Whole pallet", 1, 1, m.SlatLength, m.Depth, m.Thickness)], 2, [], "As it is, stood up or laid flat."),
        };
        for (var n = Math.Min(m.Slats, 6); n >= 2; n--)
        {
            var sections = m.Sections(n, thing.Faults).Count;
            if (sections > 0)
                ways.Add(new($"sections-{n}", $"Sections {n} boards high", [new(Form.Section, $"Section, {n} boards", sections, sections, m.SlatLength, m.SectionHeight(n), m.Thickness)], 3 + 3 * m.Bearers * sections / 2.0, ["Hand saw or reciprocating saw"], $"Saw the bearers between two slats; the slats stay nailed. {GapWords(m)}"));
        }

        ways.Add(new("short-boards", "Short boards, sawn between the bearers", [new(Form.Board, "Short board", good * bays, good * bays, shortLength, m.SlatWidth, m.SlatThickness)], 1.5 * good * bays, ["Circular saw or hand saw"], "Quick and free of nails."));
        ways.Add(new("long-boards", "Long boards, prised off",
            [
                new(Form.Board, "Long board", good, good * (1 - breakage), m.SlatLength, m.SlatWidth, m.SlatThickness),
                new(Form.Timber, "Bearer", m.Bearers, m.Bearers, m.Depth, m.BearerWidth, m.BearerDepth),
            ],
            4 * (m.Slats + m.BottomSlats) + 5, ["Pry bar", "Hammer", "Nail pincers"], $"Slow; about {(int)Math.Round(breakage * 100)} of 100 split."));
        return ways;
    }
}

/// <summary>Slats that reach beyond the outer bearers on both sides, so that a strap can go under them.</summary>
public sealed class WingedPallet : Pallet
{
    public override string Id => "winged-pallet";

    public override string Name => "Winged pallet";

    public override IReadOnlyList<MeasureField> Fields => [.. base.Fields, new("wing", "Slats reach beyond the bearers by", Unit.Metre, .02, .6, .15, "From the outer bearer to the end of a slat")];
}

public sealed class HalfPallet : Pallet
{
    public override string Id => "half-pallet";

    public override string Name => "Half-size pallet";

    public override IReadOnlyList<MeasureField> Fields =>
        [.. base.Fields.Select(f => f.Id switch { "slatLength" => f with { Typical = .8 }, "depth" => f with { Typical = .6 }, "slats" => f with { Typical = 5 }, _ => f })];
}

/// <summary>Bearers with a few boards, for dragging heavy things.</summary>
public sealed class Skid : Pallet
{
    public override string Id => "skid";

    public override string Name => "Skid";

    public override IReadOnlyList<MeasureField> Fields =>
        [.. base.Fields.Select(f => f.Id switch { "slats" => f with { Typical = 3 }, "bearers" => f with { Typical = 2 }, "bearerWidth" => f with { Typical = .095 }, "bottomSlats" => f with { Typical = 0 }, _ => f })];
}
