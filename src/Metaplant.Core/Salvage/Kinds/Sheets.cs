using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A stiff sheet, m.</summary>
public sealed record SheetMeasures(double Length, double Width, double Thickness) : Measures
{
    public override Bulk? Bulk => new(Length, Width, Thickness);
}

/// <summary>What stiff sheets share.</summary>
public abstract class SheetKind(string id, string name, double length, double width, double thickness, IReadOnlyList<Substance> substances, IReadOnlyList<string> lookFor, Form form, Ink ink, string use)
    : ListedKind<SheetMeasures>(
        id, name, "Sheets and mesh",
        [
            Field.Length("length", "Length", .1, 6, length, "Along the longer side of the sound part"), Field.Length("width", "Width", .1, 3, width, "Across it"),
            Field.Length("thickness", "Thickness", .0002, .06, thickness, $"At an edge; sheet metal as thick as a card is {Amount.Length(.0005)}", quick: false),
        ],
        substances, lookFor)
{
    protected override SheetMeasures Make(MeasureReader r) => new(Math.Max(r["length"], r["width"]), Math.Min(r["length"], r["width"]), r["thickness"]);

    protected override View Draw(SheetMeasures m) => new("measure", "Laid flat", [View.Box(0, 0, m.Length, m.Width, ink)],
        [new(new(0, m.Width), new(m.Length, m.Width), .06 * m.Length, m.Length, "length"), new(new(m.Length, m.Width), new(m.Length, 0), .06 * m.Length, m.Width, "width")]);

    protected override IReadOnlyList<Shape> Silhouette(SheetMeasures m) => [View.Box(0, 0, m.Length, Math.Max(.03, m.Thickness), ink)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, SheetMeasures m)
        => [new("cut", "Cut to size", [new(form, Name, 1, 1, m.Length, m.Width, m.Thickness)], 8, form == Form.Panel ? ["Hand saw"] : ["Tin snips", "File"], use)];
}

public sealed class FlatSheet() : SheetKind("flat-sheet", "Flat sheet", 1.2, .8, .0008, [Substance.ZincCoatedSteel, Substance.Steel, Substance.Aluminium, Substance.Pvc, Substance.FibreCement, Substance.Copper, Substance.Lead], [.. Signs.Metal, "fibre-cement", "brittle"], Form.Sheet, Ink.Metal, "A lining, a catch tray or a cover. File every edge.");

public sealed class Ply() : SheetKind("ply", "Ply or board", 1.22, .8, .012, [Substance.Plywood, Substance.Fibreboard, Substance.Softwood, Substance.Hardwood], [.. Signs.Packing, .. Signs.Wood], Form.Panel, Ink.Wood, "Exterior ply stands a few years outdoors; every other board falls apart.");

/// <summary>A roofing sheet by its profile, m.</summary>
public sealed record RoofingMeasures(double Length, double Width, double Thickness, double ProfileDepth, double Pitch) : Measures
{
    public override Bulk? Bulk => new(Length, Width, ProfileDepth + Thickness);
}

public sealed class RoofingSheet() : ListedKind<RoofingMeasures>(
    "roofing-sheet", "Roofing sheet", "Sheets and mesh",
    [
        Field.Length("length", "Length", .3, 8, 2.4, "Along the corrugations"), Field.Length("width", "Width", .2, 1.5, .76, "Across them, crest to crest"), Field.Length("profileDepth", "Depth of the profile", .005, .15, .018, "From a crest to a trough, a stick laid over the crests"),
        Field.Length("pitch", "Crest to crest", .02, .4, .076, "From one crest to the next", quick: false), Field.Length("thickness", "Thickness", .0003, .01, .0006, "At a cut edge", quick: false),
    ],
    [Substance.ZincCoatedSteel, Substance.Aluminium, Substance.FibreCement, Substance.Pvc], ["fibre-cement", .. Signs.Metal, "brittle"])
{
    protected override void Cross(MeasureReader r)
    {
        r.Refuse(r["pitch"] > r["width"], "pitch", "The crests are farther apart than the sheet is wide.");
        r.Refuse(r["profileDepth"] > r["pitch"], "profileDepth", "No sheet is folded deeper than its crests are apart.");
    }

    protected override RoofingMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["thickness"], r["profileDepth"], r["pitch"]);

    protected override View Draw(RoofingMeasures m)
    {
        // The end is drawn larger than life, a few crests of it.
        var s = m.Length / 3 / m.Pitch / 2;
        var y = m.Width + .15 * m.Length;
        return new("measure", "Laid flat, and two crests from the end, larger",
            [View.Box(0, y, m.Length, y + m.Width, Ink.Metal), .. Crests(m).Select(x => View.Segment(0, y + x, m.Length, y + x, Ink.Hidden)), new Polyline([.. Wave(m, 2 * m.Pitch, s)], Ink.Ground)],
            [
                new(new(0, y + m.Width), new(m.Length, y + m.Width), .06 * m.Length, m.Length, "length"), new(new(m.Length, y + m.Width), new(m.Length, y), .06 * m.Length, m.Width, "width"),
                new(new(m.Pitch * s * 1.25, 0), new(m.Pitch * s * .25, 0), .06 * m.Length, m.Pitch, "pitch"), new(new(0, 0), new(0, m.ProfileDepth * s), .06 * m.Length, m.ProfileDepth, "profileDepth"),
            ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(RoofingMeasures m) => [View.Box(0, 0, m.Length, Math.Max(.03, m.ProfileDepth), Ink.Metal)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, RoofingMeasures m) =>
    [
        new("whole", "As it is", [new(Form.Sheet, "Roofing sheet", 1, 1, m.Length, m.Width, m.ProfileDepth)], 2, [], "A wall between posts, corrugations across them."),
        new("cut", "Cut across", [new(Form.Sheet, "Half sheet", 2, 2, m.Length / 2, m.Width, m.ProfileDepth)], 15, ["Tin snips", "File"], "Cut edges down or under a ledge."),
    ];

    private static IEnumerable<double> Crests(RoofingMeasures m) => Enumerable.Range(1, Math.Max(0, (int)(m.Width / m.Pitch) - 1)).Select(i => i * m.Pitch);

    private static IEnumerable<Point> Wave(RoofingMeasures m, double length, double scale)
        => Enumerable.Range(0, 41).Select(i => new Point(length * scale * i / 40, m.ProfileDepth * scale / 2 * (1 + Math.Sin(2 * Math.PI * length * i / 40 / m.Pitch))));
}

/// <summary>Mesh on a roll or in a piece, m.</summary>
public sealed record MeshMeasures(double Length, double Width, double Aperture, double Wire) : Measures, ISheeting
{
    public override Bulk? Bulk => null;
}

public sealed class Mesh() : ListedKind<MeshMeasures>(
    "mesh", "Mesh or netting", "Sheets and mesh",
    [
        Field.Length("length", "Length", .2, 50, 5, "All of it; pace the roll out"), Field.Length("width", "Height", .1, 4, .9, "Edge to edge"), Field.Length("aperture", "Opening", .001, .3, .025, "Clear across one hole"),
        Field.Length("wire", "Wire or cord", .0003, .01, .0012, "Ten laid side by side, over ten", quick: false),
    ],
    [Substance.ZincCoatedSteel, Substance.SyntheticFibre, Substance.NaturalFibre], ["chemical-smell", "tarred", "torn", Findings.RustThrough, Findings.RustSurface, "brittle"])
{
    protected override void Cross(MeasureReader r) => r.Refuse(r["wire"] > r["aperture"], "wire", "The wire is thicker than the hole is wide; that is a sheet.");

    protected override MeshMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["aperture"], r["wire"]);

    protected override View Draw(MeshMeasures m)
    {
        var cell = Math.Max(m.Aperture, Math.Min(m.Length, m.Width * 2) / 24);
        var shown = Math.Min(m.Length, m.Width * 2);
        var lines = Enumerable.Range(0, (int)(shown / cell) + 1).Select(i => (Shape)View.Segment(i * cell, 0, i * cell, m.Width, Ink.Hidden)).Concat(Enumerable.Range(0, (int)(m.Width / cell) + 1).Select(i => View.Segment(0, i * cell, shown, i * cell, Ink.Hidden)));
        return new("measure", "Unrolled, as much as is shown", [.. lines, View.Segment(0, 0, 0, m.Width, Ink.Ground)],
            [new(new(0, m.Width), new(shown, m.Width), .06 * shown, m.Length, "length"), new(new(shown, m.Width), new(shown, 0), .06 * shown, m.Width, "width"), new(new(cell, 0), new(0, 0), .06 * shown, m.Aperture, "aperture")]);
    }

    protected override IReadOnlyList<Shape> Silhouette(MeshMeasures m)
    {
        var d = Math.Clamp(Math.Sqrt(m.Length * .012), .08, .4);
        return [View.Box(0, 0, d, m.Width, Ink.Fabric), .. Enumerable.Range(1, 5).Select(i => View.Box(0, m.Width * i / 6, d, m.Width * i / 6 + .01, Ink.Line))];
    }

    protected override IReadOnlyList<Way> BreakDown(Thing thing, MeshMeasures m) =>
    [
        new("cut", "Cut from the roll", [new(Form.Mesh, "Mesh", 1, 1, m.Length, m.Width, m.Wire)], 3, thing.Substance == Substance.ZincCoatedSteel ? ["Side cutter"] : ["Scissors"], "Turn the cut ends in."),
        new("rings", "Rings", [new(Form.Mesh, "Ring", (int)(m.Length / 1.8), (int)(m.Length / 1.8), 1.8, m.Width, m.Wire)], 12, ["Side cutter", "Pliers"], $"Mesh pots and leaf bins {Amount.Length(.55)} across, hooked into themselves."),
    ];
}
