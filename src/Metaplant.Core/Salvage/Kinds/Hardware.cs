using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>Screws, nails, bolts: so many of one sort, m.</summary>
public sealed record FixingMeasures(int Pieces, double Length, double Diameter) : Measures
{
    public override Bulk? Bulk => null;
}

public sealed class Fixings() : ListedKind<FixingMeasures>(
    "fixings", "Screws, nails or bolts", "Fixings and hardware",
    [Field.Count("pieces", "How many of this sort", 1, 5000, 50, "Weigh ten, then all"), Field.Length("length", "Length", .008, .4, .060, "Under the head to the point"), Field.Length("diameter", "Thickness", .0015, .02, .004, "Across the thread", quick: false)],
    [Substance.Steel, Substance.ZincCoatedSteel, Substance.Aluminium, Substance.Brass, Substance.Copper], [Findings.RustThrough, Findings.RustSurface, "bent"])
{
    protected override void Cross(MeasureReader r) => r.Refuse(r["diameter"] > r["length"], "diameter", "It cannot be thicker than it is long.");

    protected override FixingMeasures Make(MeasureReader r) => new(r.Whole("pieces"), r["length"], r["diameter"]);

    protected override View Draw(FixingMeasures m)
    {
        var t = Math.Max(m.Diameter, m.Length / 25);
        return new("measure", "One of them", [View.Box(0, 0, m.Length, t, Ink.Metal), View.Box(-t * .6, -t * .5, 0, t * 1.5, Ink.Metal)], [new(new(0, t), new(m.Length, t), .2 * m.Length, m.Length, "length"), new(new(m.Length, t), new(m.Length, 0), .1 * m.Length, m.Diameter, "diameter")]);
    }

    protected override IReadOnlyList<Shape> Silhouette(FixingMeasures m) => [View.Box(0, 0, .2, .12, Ink.Wood), View.Box(-.01, .12, .21, .15, Ink.WoodEnd)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, FixingMeasures m) => [new("use", "Used again", [new(Form.Fixing, Name, m.Pieces, m.Pieces * .9, m.Length, m.Diameter, m.Diameter)], 1, ["Pliers"], "Straight ones only; zinc and stainless not in one joint.")];
}

/// <summary>Shackles, hooks, rings: a marked working load in kg, or none.</summary>
public sealed record HardwareMeasures(double WorkingLoad, double Size) : Measures
{
    public override Bulk? Bulk => null;
}

public sealed class Hardware() : ListedKind<HardwareMeasures>(
    "hardware", "Shackle, hook or ring", "Fixings and hardware",
    [new("workingLoad", "Marked working load", Unit.Kilogram, 0, 20000, 250, "Stamped on it; 0 when there is none", Quick: true), Field.Length("size", "Size", .005, .4, .05, "Across the eye or bow")],
    [Substance.ZincCoatedSteel, Substance.Steel, Substance.Brass, Substance.Bronze], ["mark-load", "bent", Findings.RustThrough, Findings.RustSurface, Findings.Cracked])
{
    protected override HardwareMeasures Make(MeasureReader r) => new(r["workingLoad"], r["size"]);

    protected override View Draw(HardwareMeasures m) => new("measure", "Across the eye", [new Disc(new(m.Size / 2, m.Size / 2), m.Size * .62, Ink.Metal), new Disc(new(m.Size / 2, m.Size / 2), m.Size / 2, Ink.Hole)], [new(new(0, m.Size * 1.1), new(m.Size, m.Size * 1.1), .1 * m.Size, m.Size, "size")]);

    protected override IReadOnlyList<Shape> Silhouette(HardwareMeasures m) => [new Disc(new(.06, .06), .06, Ink.Line), new Disc(new(.06, .06), .035, Ink.Hole)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, HardwareMeasures m)
        => [new("use", "Used again", [new(Form.Hardware, Name, 1, 1, m.Size, m.Size, .01)], 1, [], m.WorkingLoad > 0 ? (Sentence)$"Marked for {Amount.Mass(m.WorkingLoad)}." : "No mark: reckon on a fifth of what it breaks at, and never over people.")];
}

/// <summary>A chain, m, with its marked working load in kg or none.</summary>
public sealed record ChainMeasures(double Length, double Link, double WorkingLoad) : Measures
{
    public override Bulk? Bulk => null;
}

public sealed class Chain() : ListedKind<ChainMeasures>(
    "chain", "Chain", "Fixings and hardware",
    [Field.Length("length", "Length", .1, 200, 3, "Laid out straight"), Field.Length("link", "Thickness of a link", .001, .04, .005, "The bar of one link"), new("workingLoad", "Marked working load", Unit.Kilogram, 0, 20000, 0, "On its tag; 0 when there is none")],
    [Substance.ZincCoatedSteel, Substance.Steel], ["mark-load", "bent", Findings.RustThrough, Findings.RustSurface])
{
    protected override ChainMeasures Make(MeasureReader r) => new(r["length"], r["link"], r["workingLoad"]);

    protected override View Draw(ChainMeasures m) => new("measure", "Laid out, a few links of it",
        [.. Enumerable.Range(0, 7).Select(i => (Shape)new Disc(new(m.Length * (i + .5) / 7, 0), m.Length / 16, i % 2 == 0 ? Ink.Metal : Ink.Line))], [new(new(0, m.Length / 14), new(m.Length, m.Length / 14), .06 * m.Length, m.Length, "length")]);

    protected override IReadOnlyList<Shape> Silhouette(ChainMeasures m) => [new Disc(new(.12, .06), .06, Ink.Line), new Disc(new(.2, .05), .05, Ink.Line), new Disc(new(.05, .05), .05, Ink.Line)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, ChainMeasures m)
        => [new("cut", "Cut to length", [new(Form.Hardware, "Chain", 1, 1, m.Length, m.Link, m.Link)], 3, ["Bolt cutter"], m.WorkingLoad > 0 ? (Sentence)$"Marked for {Amount.Mass(m.WorkingLoad)}." : "No mark: reckon on a fifth of what it breaks at, and never over people.")];
}
