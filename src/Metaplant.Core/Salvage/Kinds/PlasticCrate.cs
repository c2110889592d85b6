using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A stacking crate of plastic with openings in its sides, measured inside, m. What is left between the openings carries, and nobody knows how much: it is reckoned as boards of no known strength.</summary>
public sealed record PlasticCrateMeasures(double Length, double Width, double Height, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Length, Width, Height, Wall);

    public Vessel Inside => new TaperedBox(Length, Width, Length, Width, Height);

    public VesselWall WallKind => VesselWall.Boards;

    public bool NeedsLiner => true;
}

public sealed class PlasticCrate() : ListedKind<PlasticCrateMeasures>(
    "plastic-crate", "Plastic crate", "Vessels",
    [
        Field.Length("length", "Length inside", .15, 2, .56, "Along the long side, inside"), Field.Length("width", "Width inside", .1, 1.5, .36, "Across, inside"), Field.Length("height", "Height inside", .08, 1.2, .25, "From the floor to the rim"),
        Tubs.Wall with { Typical = .003 },
    ],
    [Substance.Polyethylene, Substance.UnknownPlastic], [.. Signs.Vessel])
{
    protected override PlasticCrateMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["height"], r["wall"]);

    protected override View Draw(PlasticCrateMeasures m)
    {
        var x = m.Length * 1.25;
        return new("measure", "From the side, and from the end", [.. Side(m.Length, m.Height, 0), .. Side(m.Width, m.Height, x), View.GroundLine(0, x + m.Width)],
        [
            new(new(0, m.Height), new(m.Length, m.Height), .06, m.Length, "length"), new(new(x, m.Height), new(x + m.Width, m.Height), .06, m.Width, "width"), new(new(0, 0), new(0, m.Height), .06, m.Height, "height"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(PlasticCrateMeasures m) => [.. Side(m.Length, m.Height, 0)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, PlasticCrateMeasures m)
        => [new("vessel", "As it is, lined", [new(Form.Vessel, "Lined crate", 1, 1, m.Length, m.Width, m.Height)], 10, ["Scissors"], "Lined with cloth or pierced film. Sun makes it brittle.")];

    private static IEnumerable<Shape> Side(double length, double height, double x)
    {
        yield return View.Box(x, 0, x + length, height, Ink.Plastic);
        for (var i = 0; i < 5; i++) yield return View.Box(x + length * (i + .2) / 5, height * .25, x + length * (i + .8) / 5, height * .75, Ink.Hole);
    }
}
