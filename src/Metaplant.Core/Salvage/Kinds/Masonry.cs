using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>Blocks that are alike, m.</summary>
public sealed record BlockMeasures(double Length, double Width, double Height) : Measures
{
    public override Bulk? Bulk => new(Length, Width, Height);
}

/// <summary>What bricks, blocks, stones and slates share.</summary>
public abstract class BlockKind(string id, string name, double length, double width, double height, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor, Ink ink, string use) : ListedKind<BlockMeasures>(
    id, name, "Masonry",
    [Field.Length("length", "Length", .03, 1.5, length, "The longest side"), Field.Length("width", "Width", .02, 1, width, "The next"), Field.Length("height", "Height", .003, .6, height, "As it lies")],
    substances, lookFor)
{
    protected override BlockMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["height"]);

    protected override View Draw(BlockMeasures m)
    {
        var x = m.Length * 1.3;
        return new("measure", "From the front, and from the end", [View.Box(0, 0, m.Length, m.Height, ink), View.Box(x, 0, x + m.Width, m.Height, ink), View.GroundLine(0, x + m.Width)],
            [new(new(0, m.Height), new(m.Length, m.Height), .06, m.Length, "length"), new(new(x, m.Height), new(x + m.Width, m.Height), .06, m.Width, "width"), new(new(0, 0), new(0, m.Height), .06, m.Height, "height")]);
    }

    protected override IReadOnlyList<Shape> Silhouette(BlockMeasures m) => [View.Box(0, 0, m.Length, m.Height, ink)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, BlockMeasures m) => [new("lay", "Laid dry", [new(Form.Block, Name, 1, 1, m.Length, m.Width, m.Height)], 2, [], use)];
}

public sealed class Bricks() : BlockKind("bricks", "Bricks", .215, .1025, .065, [Substance.FiredClay, Substance.Concrete], [.. Signs.Stone], Ink.WoodEnd, "Dry-laid walls and edges; feet under tubs.");

public sealed class Blocks() : BlockKind("blocks", "Building blocks", .44, .215, .215, [Substance.Concrete, Substance.FiredClay], [.. Signs.Stone], Ink.Metal, "Low walls, legs for troughs.");

public sealed class Stones() : BlockKind("stones", "Stones", .30, .20, .15, [Substance.Stone], [.. Signs.Stone], Ink.Metal, "Dry-laid walls, ballast for supports.");

public sealed class Slates() : BlockKind("slates", "Slates or tiles", .40, .25, .008, [Substance.Stone, Substance.FiredClay, Substance.FibreCement], ["fibre-cement", .. Signs.Stone], Ink.Metal, "Edges, labels, a cover over a gap.");

/// <summary>A bale, m.</summary>
public sealed class Bale() : BlockKind("straw-bale", "Straw bale", .90, .45, .36, [Substance.Straw], ["weedkiller-unknown", "bean-test-failed", "bean-test-passed", "rot", Findings.Weathered], Ink.Wood, "Walls for a season or two, then mulch.")
{
    protected override IReadOnlyList<Way> BreakDown(Thing thing, BlockMeasures m) =>
    [
        new("bale", "As it is", [new(Form.Bale, "Bale", 1, 1, m.Length, m.Width, m.Height)], 2, [], "Strings up, cut ends inwards."),
        new("loose", "Shaken out", [new(Form.Fill, "Loose straw", 1, 1, m.Length * 2, m.Width * 2, m.Height)], 6, ["Fork"], "Mulch, and fill that sinks fast."),
    ];
}
