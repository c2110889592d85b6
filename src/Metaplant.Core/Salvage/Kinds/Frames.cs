using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>Something with three sides that is used as a frame, m.</summary>
public sealed record FrameMeasures(double Length, double Width, double Height) : Measures
{
    public override Bulk? Bulk => new(Length, Width, Height);
}

/// <summary>What found frames share: drawn from the front on its legs.</summary>
public abstract class FrameKind(string id, string name, double length, double width, double height, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor) : ListedKind<FrameMeasures>(
    id, name, "Frames",
    [Field.Length("length", "Length", .2, 4, length, "Along the front, outside"), Field.Length("width", "Depth", .01, 3, width, "Front to back"), Field.Length("height", "Height", .05, 2.5, height, "Floor to top")],
    substances, lookFor)
{
    protected abstract IEnumerable<Shape> Shapes(FrameMeasures m);

    protected abstract IReadOnlyList<Way> Give(FrameMeasures m);

    protected sealed override FrameMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["height"]);

    protected sealed override View Draw(FrameMeasures m)
    {
        var x = m.Length * 1.2;
        return new("measure", "From the front, and its depth", [.. Shapes(m), View.Box(x, 0, x + m.Width, m.Height, Ink.Hidden), View.GroundLine(0, x + m.Width)],
            [new(new(0, m.Height), new(m.Length, m.Height), .06 * m.Length, m.Length, "length"), new(new(x, m.Height), new(x + m.Width, m.Height), .06 * m.Length, m.Width, "width"), new(new(0, 0), new(0, m.Height), .06 * m.Length, m.Height, "height")]);
    }

    protected sealed override IReadOnlyList<Shape> Silhouette(FrameMeasures m) => [.. Shapes(m)];

    protected sealed override IReadOnlyList<Way> BreakDown(Thing thing, FrameMeasures m) => Give(m);

    protected static IEnumerable<Shape> Legs(FrameMeasures m, double leg, double to)
        => [View.Box(0, 0, leg, to, Ink.WoodEnd), View.Box(m.Length - leg, 0, m.Length, to, Ink.WoodEnd)];
}

public sealed class TableFrame() : FrameKind("table-frame", "Table, desk or bench frame", 1.4, .65, .74, [Substance.Softwood, Substance.Hardwood, Substance.Steel], [.. Signs.Wood, "wobbles"])
{
    protected override IEnumerable<Shape> Shapes(FrameMeasures m) => [.. Legs(m, .06, m.Height), View.Box(0, m.Height - .1, m.Length, m.Height, Ink.Wood)];

    protected override IReadOnlyList<Way> Give(FrameMeasures m) =>
    [
        new("frame", "As a frame", [new(Form.Frame, "Frame", 1, 1, m.Length, m.Width, m.Height)], 5, [], "A tray of odd pieces goes on top."),
        new("parts", "Taken apart", [new(Form.Timber, "Leg", 4, 4, m.Height, .06, .06), new(Form.Board, "Rail", 4, 3.5, m.Length * .9, .1, .02)], 30, ["Hammer", "Screwdriver"], "Legs for posts, rails for boards."),
    ];
}

public sealed class TableWithTop() : FrameKind("table", "Table with a top", 1.5, .8, .76, [Substance.Softwood, Substance.Hardwood, Substance.Fibreboard], [.. Signs.Wood, "wobbles"])
{
    protected override IEnumerable<Shape> Shapes(FrameMeasures m) => [.. Legs(m, .06, m.Height), View.Box(-.04, m.Height - .04, m.Length + .04, m.Height, Ink.Wood)];

    protected override IReadOnlyList<Way> Give(FrameMeasures m) =>
    [
        new("let-in", "Vessels let into the top", [new(Form.Frame, "Table", 1, 1, m.Length, m.Width, m.Height)], 10, ["Jigsaw"], $"Leave at least {Amount.Length(.04)} of wood between cut-outs and to the edge."),
        new("top", "The top by itself", [new(Form.Panel, "Table top", 1, 1, m.Length, m.Width, .03)], 10, ["Screwdriver"], "A panel; look what it is made of."),
    ];
}

public sealed class Cart() : FrameKind("cart", "Barrow or cart on wheels", 1.3, .62, .62, [Substance.Softwood, Substance.Steel, Substance.ZincCoatedSteel], [.. Signs.Wood, Findings.RustThrough, Findings.RustSurface, "wobbles"])
{
    protected override IEnumerable<Shape> Shapes(FrameMeasures m)
        => [new Polygon([new(0, m.Height), new(m.Length * .8, m.Height), new(m.Length * .7, m.Height * .45), new(m.Length * .1, m.Height * .45)], Ink.Wood), new Disc(new(m.Length * .18, m.Height * .25), m.Height * .25, Ink.Metal), View.Box(m.Length * .66, 0, m.Length * .72, m.Height * .5, Ink.WoodEnd), View.Box(m.Length * .75, m.Height * .72, m.Length, m.Height * .78, Ink.WoodEnd)];

    protected override IReadOnlyList<Way> Give(FrameMeasures m)
        => [new("show", "As it is, planted", [new(Form.Frame, "Cart", 1, 1, m.Length, m.Width, m.Height)], 15, ["Drill"], "Chock the wheels; count the holes that rust has made as half.")];
}

public sealed class Lattice() : FrameKind("lattice", "Lattice or old gate", 1.8, .05, 1.2, [Substance.Softwood, Substance.Hardwood, Substance.Steel, Substance.ZincCoatedSteel], [.. Signs.Wood, Findings.RustThrough, Findings.RustSurface, "wobbles"])
{
    protected override IEnumerable<Shape> Shapes(FrameMeasures m)
    {
        for (var i = 0; i <= 6; i++) yield return View.Box(Math.Min(m.Length * i / 6, m.Length - .025), 0, Math.Min(m.Length * i / 6, m.Length - .025) + .025, m.Height, Ink.Wood);
        for (var i = 0; i <= 3; i++) yield return View.Box(0, Math.Min(m.Height * i / 3, m.Height - .025), m.Length, Math.Min(m.Height * i / 3, m.Height - .025) + .025, Ink.WoodEnd);
    }

    protected override IReadOnlyList<Way> Give(FrameMeasures m)
        => [new("frame", "As it is", [new(Form.Frame, "Lattice", 1, 1, m.Length, m.Height, m.Width)], 4, [], "For climbers or pots; never free-standing without a foot.")];
}

/// <summary>A cable reel lying on its flange, m.</summary>
public sealed record ReelMeasures(double Flange, double Barrel, double Height) : Measures
{
    public override Bulk? Bulk => new(Flange, Flange, Height);
}

public sealed class CableReel() : ListedKind<ReelMeasures>(
    "cable-reel", "Cable reel", "Frames",
    [Field.Length("flange", "Across the flange", .2, 2.5, .9, "Rim to rim"), Field.Length("barrel", "Across the barrel", .1, 1.8, .45, "The drum between the flanges"), Field.Length("height", "Height lying", .15, 1.5, .6, "Floor to the upper flange")],
    [Substance.Softwood, Substance.Plywood, Substance.Steel], [.. Signs.Packing, .. Signs.Wood, "wobbles"])
{
    protected override void Cross(MeasureReader r) => r.Refuse(r["barrel"] >= r["flange"], "barrel", "The barrel is as wide as its flanges.");

    protected override ReelMeasures Make(MeasureReader r) => new(r["flange"], r["barrel"], r["height"]);

    protected override View Draw(ReelMeasures m) => new("measure", "Lying on a flange", [.. Silhouette(m), View.GroundLine(0, m.Flange)],
        [new(new(0, m.Height), new(m.Flange, m.Height), .06, m.Flange, "flange"), new(new((m.Flange - m.Barrel) / 2, m.Height / 2), new((m.Flange + m.Barrel) / 2, m.Height / 2), 0, m.Barrel, "barrel"), new(new(0, 0), new(0, m.Height), .06, m.Height, "height")]);

    protected override IReadOnlyList<Shape> Silhouette(ReelMeasures m) => [View.Box((m.Flange - m.Barrel) / 2, 0, (m.Flange + m.Barrel) / 2, m.Height, Ink.WoodEnd), View.Box(0, 0, m.Flange, .05, Ink.Wood), View.Box(0, m.Height - .05, m.Flange, m.Height, Ink.Wood)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, ReelMeasures m) =>
    [
        new("table", "As a table", [new(Form.Frame, "Reel", 1, 1, m.Flange, m.Flange, m.Height)], 3, [], "Pots let into the upper flange."),
        new("parts", "Taken apart", [new(Form.Panel, "Round top", 2, 2, m.Flange, m.Flange, .04), new(Form.Board, "Stave", (int)(Math.PI * m.Barrel / .08), (int)(Math.PI * m.Barrel / .08) * .85, m.Height - .1, .08, .02)], 30, ["Spanner", "Pry bar"], "Staves alike, for a round tub or a low edge."),
    ];
}
