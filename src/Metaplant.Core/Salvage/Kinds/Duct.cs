using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A rectangular duct of sheet metal, open at both ends, m. Its sides are flat and bulge, so that it is no tube to hang.</summary>
public sealed record DuctMeasures(double Width, double Depth, double Length, double Wall) : Measures
{
    public override Bulk? Bulk => new(Length, Width + 2 * Wall, Depth + 2 * Wall);
}

public sealed class Duct() : ListedKind<DuctMeasures>(
    "duct", "Rectangular duct", "Metal and pipe",
    [
        Field.Length("width", "Across, inside", .05, 1.5, .40, "The wider side, inside to inside"), Field.Length("depth", "The other way, inside", .05, 1.2, .20, "The narrower side, inside to inside"),
        Field.Length("length", "Length", .2, 6, 1.2, "End to end"), Tubs.Wall with { Typical = .0006 },
    ],
    [Substance.ZincCoatedSteel, Substance.Steel, Substance.Aluminium, Substance.Pvc, Substance.FibreCement], ["fibre-cement", .. Signs.Metal])
{
    protected override DuctMeasures Make(MeasureReader r) => new(Math.Max(r["width"], r["depth"]), Math.Min(r["width"], r["depth"]), r["length"], r["wall"]);

    protected override View Draw(DuctMeasures m)
    {
        var x = m.Length * 1.15;
        return new("measure", "Lying, and from its end", [View.Box(0, 0, m.Length, m.Depth, Ink.Metal), View.Box(x, 0, x + m.Width, m.Depth, Ink.Metal), View.GroundLine(0, x + m.Width)],
        [
            new(new(0, m.Depth), new(m.Length, m.Depth), .06 * m.Length, m.Length, "length"), new(new(x, m.Depth), new(x + m.Width, m.Depth), .06 * m.Length, m.Width, "width"),
            new(new(x + m.Width, m.Depth), new(x + m.Width, 0), .06 * m.Length, m.Depth, "depth"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(DuctMeasures m) => [View.Box(0, 0, m.Length, m.Depth, Ink.Metal)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, DuctMeasures m) =>
    [
        new("whole", "As it is", [new(Form.Tube, "Duct", 1, 1, m.Length, m.Width, m.Depth)], 3, [], "A channel for a pipe or a sleeve over a post; every edge filed."),
        new("sheet", "Unfolded", [new(Form.Sheet, "Sheet", 1, 1, m.Length, 2 * (m.Width + m.Depth), m.Wall)], 25, ["Tin snips", "Hammer", "File"], "Cut along its seam and beaten flat. File every edge; gloves all the while."),
    ];
}
