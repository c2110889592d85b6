using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A vessel of no regular shape, inside, by its length and width at the foot, half way up and at the rim; its corners round as an ellipse. m.</summary>
public sealed record FreeFormMeasures(FreeForm Shape, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Shape.Sections.Max(s => s.Outline.Length), Shape.Sections.Max(s => s.Outline.Width), Shape.Height, Wall);

    public Vessel Inside => Shape;

    public VesselWall WallKind => VesselWall.Plate;

    /// <summary>The longest of all that was measured, whatever the level: between the measured sections nobody knows the shape, and more soil must never find a shorter side.</summary>
    public double LongestSide(double level) => Shape.Sections.Max(s => Math.Max(s.Outline.Length, s.Outline.Width));
}

public sealed class FreeFormVessel() : ListedKind<FreeFormMeasures>(
    "free-form", "Odd vessel, by widths", "Vessels",
    [
        Field.Length("topLength", "Length at the rim", .1, 8, 2.4, "The longest, inside"), Field.Length("topWidth", "Width at the rim", .1, 3, 1.1, "The widest, inside"), Field.Length("height", "Height inside", .05, 1.5, .42, "From the lowest point up to the rim"),
        Field.Length("middleLength", "Length half way up", .1, 8, 2.1, "At half the height", quick: false), Field.Length("middleWidth", "Width half way up", .05, 3, .9, "At half the height", quick: false),
        Field.Length("bottomLength", "Length at the foot", .05, 8, 1.5, "Along the floor", quick: false), Field.Length("bottomWidth", "Width at the foot", .02, 3, .45, "Across the floor", quick: false),
        Tubs.Wall with { Typical = .006 },
    ],
    [Substance.UnknownPlastic, Substance.Polyethylene, Substance.Steel, Substance.CastIron, Substance.Softwood], [.. Signs.Vessel, "rot", Findings.Treated])
{
    protected override void Cross(MeasureReader r)
    {
        var shape = Make(r).Shape;
        r.Refuse(Enumerable.Range(0, 33).Any(i => shape.AreaAt(shape.Height * i / 32) <= 0), "middleWidth", "Beside foot and rim it cannot be this narrow half way up.");
    }

    protected override FreeFormMeasures Make(MeasureReader r)
    {
        return new(new FreeForm([At("bottom", 0), At("middle", .5), At("top", 1)]), r["wall"]);

        MeasuredSection At(string level, double part) => new(part * r["height"], new EllipseOutline(r[level + "Length"], r[level + "Width"]));
    }

    protected override View Draw(FreeFormMeasures m)
    {
        var s = m.Shape.Sections;
        double widest = s.Max(x => x.Outline.Length), across = s.Max(x => x.Outline.Width), x = widest * 1.2;
        string[] levels = ["bottom", "middle", "top"];
        return new("measure", "From the side, and from the end", [Profile(m.Shape, o => o.Length, 0, widest), Profile(m.Shape, o => o.Width, x, across), View.GroundLine(0, widest)],
        [
            .. levels.Select((l, i) => Across(s[i].Outline.Length, widest, 0, s[i].Y, i, l + "Length")), .. levels.Select((l, i) => Across(s[i].Outline.Width, across, x, s[i].Y, i, l + "Width")),
            new(new(0, 0), new(0, m.Shape.Height), .05 * widest, m.Shape.Height, "height"),
        ]);

        static Dimension Across(double own, double all, double x, double y, int level, string field)
            => level == 0 ? new(new(x + (all + own) / 2, y), new(x + (all - own) / 2, y), .05, own, field) : new(new(x + (all - own) / 2, y), new(x + (all + own) / 2, y), level == 1 ? 0 : .05, own, field);
    }

    protected override IReadOnlyList<Shape> Silhouette(FreeFormMeasures m) => [Profile(m.Shape, o => o.Length, 0, m.Shape.Sections.Max(s => s.Outline.Length))];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, FreeFormMeasures m) => Tubs.AsItIs(m.Inside);

    private static Polygon Profile(FreeForm shape, Func<Outline, double> of, double x, double widest)
    {
        // Widths between the measured ones lie on the parabola through the three.
        var (a, b, c) = (of(shape.Sections[0].Outline), of(shape.Sections[1].Outline), of(shape.Sections[2].Outline));
        var half = Enumerable.Range(0, 13).Select(i => i / 12.0).Select(f => (Y: f * shape.Height, Half: Math.Max(.005, a + (4 * b - 3 * a - c) * f + (2 * a - 4 * b + 2 * c) * f * f) / 2)).ToList();
        return new([.. half.Select(p => new Point(x + widest / 2 + p.Half, p.Y)), .. half.AsEnumerable().Reverse().Select(p => new Point(x + widest / 2 - p.Half, p.Y))], Ink.Plastic, "vessel");
    }
}

/// <summary>A vessel known by the water poured in, in m³, its height and its longest side in m. Nobody knows its shape, so it is never taken for a round one.</summary>
public sealed record PouredMeasures(PouredVessel Shape, double Longest, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => null;

    public Vessel Inside => Shape;

    public VesselWall WallKind => VesselWall.Plate;

    public double LongestSide(double level) => Math.Max(Longest, Shape.SectionAt(level).Length);
}

public sealed class PouredKind() : ListedKind<PouredMeasures>(
    "poured", "Odd vessel, by buckets", "Vessels",
    [new("volume", "It took", Unit.CubicMetre, .002, 5, .060, "Buckets of water poured in, counted", Quick: true), Field.Length("height", "Height inside", .05, 1.5, .35, "From the lowest point up to the rim"), Tubs.Wall,
        Field.Length("longest", "Longest side", .05, 4, .6, "The longest straight side, inside", quick: false)],
    Tubs.Substances, [.. Signs.Vessel])
{
    protected override PouredMeasures Make(MeasureReader r) => new(new PouredVessel(r["volume"], r["height"]), r["longest"], r["wall"]);

    protected override View Draw(PouredMeasures m)
    {
        var d = m.Inside.SectionAt(0).Length;
        return new("measure", "As if it were upright and round", [View.Box(0, 0, d, m.Shape.Height, Ink.Plastic, "vessel"), View.GroundLine(0, d)], [new(new(0, 0), new(0, m.Shape.Height), .06, m.Shape.Height, "height")]);
    }

    protected override IReadOnlyList<Shape> Silhouette(PouredMeasures m) => [View.Box(0, 0, m.Inside.SectionAt(0).Length, m.Shape.Height, Ink.Plastic)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, PouredMeasures m) => Tubs.AsItIs(m.Inside);
}

/// <summary>A basket, which holds soil only when lined, m.</summary>
public sealed record BasketMeasures(double Top, double Foot, double Height) : Measures
{
    public override Bulk? Bulk => new(Math.Max(Top, Foot), Math.Max(Top, Foot), Height);
}

public sealed class Basket() : ListedKind<BasketMeasures>(
    "basket", "Basket", "Vessels",
    [Field.Length("top", "Across the top", .1, 1.5, .45, "Rim to rim, inside"), Field.Length("foot", "Across the foot", .05, 1.5, .34, "Across the floor"), Field.Length("height", "Height", .05, 1.2, .30, "From the floor to the rim")],
    [Substance.DryWood, Substance.Wire, Substance.UnknownPlastic], [Findings.PlasticMark, "chemical-smell", "rot", "brittle", "torn", Findings.Weathered, Findings.Poor])
{
    protected override BasketMeasures Make(MeasureReader r) => new(r["top"], r["foot"], r["height"]);

    protected override View Draw(BasketMeasures m) => Tubs.Side(m.Top, m.Foot, m.Height, "top", "foot", Ink.Wood) with
    {
        Shapes = [.. Silhouette(m), View.GroundLine(0, Math.Max(m.Top, m.Foot))],
    };

    protected override IReadOnlyList<Shape> Silhouette(BasketMeasures m) => [Tubs.Profile(m.Top, m.Foot, m.Height, Ink.Wood), View.Box(-.01, m.Height - .03, Math.Max(m.Top, m.Foot) + .01, m.Height, Ink.WoodEnd)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, BasketMeasures m)
        => [new("lined", "As it is, lined", [new(Form.Vessel, "Lined basket", 1, 1, m.Top, m.Top, m.Height)], 12, ["Scissors"], "Lined with cloth; a season or two before the weave gives.")];
}

/// <summary>A tyre lying flat, m.</summary>
public sealed record TyreMeasures(Tyre Shape) : Measures
{
    public override Bulk? Bulk => new(Shape.OverallDiameter, Shape.OverallDiameter, Shape.SectionWidth);
}

public sealed class TyreKind() : ListedKind<TyreMeasures>(
    "tyre", "Tyre", "Vessels",
    [Field.Length("overall", "Across, outside", .3, 2.2, .63, "Tread to tread"), Field.Length("rim", "Across the hole", .15, 1.2, .38, "Bead to bead"), Field.Length("width", "Thickness", .08, .8, .185, "Lying flat, floor to top")],
    [Substance.Rubber], ["chemical-smell", "brittle", Findings.Weathered])
{
    protected override void Cross(MeasureReader r) => r.Refuse(r["rim"] >= r["overall"] - .05, "rim", "The hole is as wide as the tyre.");

    protected override TyreMeasures Make(MeasureReader r) => new(new Tyre(r["overall"], r["rim"], r["width"]));

    protected override View Draw(TyreMeasures m)
    {
        double d = m.Shape.OverallDiameter, r = d / 2, y = m.Shape.SectionWidth + .2 * d;
        return new("measure", "From above, and lying", [new Disc(new(r, y + r), r, Ink.Hole), new Disc(new(r, y + r), m.Shape.RimDiameter / 2, Ink.Plant), View.Box(0, 0, d, m.Shape.SectionWidth, Ink.Hole), View.GroundLine(0, d)],
            [new(new(0, y + d), new(d, y + d), .06 * d, d, "overall"), new(new(r - m.Shape.RimDiameter / 2, y + r), new(r + m.Shape.RimDiameter / 2, y + r), 0, m.Shape.RimDiameter, "rim"), new(new(d, m.Shape.SectionWidth), new(d, 0), .06 * d, m.Shape.SectionWidth, "width")]);
    }

    protected override IReadOnlyList<Shape> Silhouette(TyreMeasures m) => [View.Box(0, 0, m.Shape.OverallDiameter, m.Shape.SectionWidth, Ink.Hole)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, TyreMeasures m) =>
    [
        new("ring", "As it lies", [new(Form.Tyre, "Ring", 1, 1, m.Shape.OverallDiameter, m.Shape.OverallDiameter, m.Shape.SectionWidth)], 3, ["Drill"], $"Holds about {Amount.Volume(m.Shape.Volume)}; drilled low so that no water stands in it."),
        new("open-ring", "Upper wall cut out", [new(Form.Tyre, "Open ring", 1, 1, m.Shape.OverallDiameter, m.Shape.OverallDiameter, m.Shape.SectionWidth)], 12, ["Knife"], "Cut the side wall only; the steel in the tread cannot be cut by hand."),
    ];
}

/// <summary>A sack laid flat, m.</summary>
public sealed record SackMeasures(double FlatWidth, double Height) : Measures
{
    public override Bulk? Bulk => null;
}

public sealed class Sack() : ListedKind<SackMeasures>(
    "sack", "Sack", "Soft and thin",
    [Field.Length("flatWidth", "Width laid flat", .1, 1.5, .55, "Seam to seam, empty"), Field.Length("height", "Length", .2, 2, .90, "Mouth to foot")],
    [Substance.NaturalFibre, Substance.SyntheticFibre, Substance.Paper, Substance.Film], [Findings.HeldChemical, Findings.HeldUnknown, Findings.HeldFood, Findings.HeldGarden, .. Signs.Soft])
{
    protected override SackMeasures Make(MeasureReader r) => new(r["flatWidth"], r["height"]);

    protected override View Draw(SackMeasures m) => new("measure", "Laid flat", [View.Box(0, 0, m.FlatWidth, m.Height, Ink.Fabric)],
        [new(new(0, m.Height), new(m.FlatWidth, m.Height), .06, m.FlatWidth, "flatWidth"), new(new(m.FlatWidth, m.Height), new(m.FlatWidth, 0), .06, m.Height, "height")]);

    protected override IReadOnlyList<Shape> Silhouette(SackMeasures m) => [View.Box(0, 0, m.FlatWidth, Math.Max(.04, m.Height * .12), Ink.Fabric)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, SackMeasures m)
    {
        var stands = CoredCylinder.Sack(m.FlatWidth, m.Height * .85);
        return
        [
            new("filled", "Stood and filled", [new(Form.Sack, "Sack", 1, 1, m.FlatWidth, m.FlatWidth, m.Height)], 3, [], $"Holds about {Amount.Volume(stands.Volume)} standing; sun takes its strength within a year."),
            new("cloth", "Opened out", [new(Form.Fabric, "Cloth", 1, 1, 2 * m.FlatWidth, m.Height, 0)], 4, ["Scissors"], "A liner or a mulch."),
        ];
    }
}

/// <summary>A sheet-metal tube or duct, or a wide pipe, m.</summary>
public sealed record TubeMeasures(double Diameter, double Length, double Wall) : Measures
{
    public override Bulk? Bulk => new(Length, Diameter + 2 * Wall, Diameter + 2 * Wall);
}

public sealed class Tube() : ListedKind<TubeMeasures>(
    "tube", "Tube or duct", "Vessels",
    [Field.Length("diameter", "Across, inside", .08, 1.2, .20, "Inside to inside"), Field.Length("length", "Length", .2, 6, 1.2, "End to end"), Tubs.Wall with { Typical = .0006 }],
    [Substance.ZincCoatedSteel, Substance.Aluminium, Substance.Pvc, Substance.Polyethylene, Substance.FiredClay, Substance.Concrete, Substance.FibreCement, Substance.Copper], ["fibre-cement", Findings.HeldChemical, Findings.HeldUnknown, Findings.HeldFood, Findings.HeldGarden, .. Signs.Pipe])
{
    protected override TubeMeasures Make(MeasureReader r) => new(r["diameter"], r["length"], r["wall"]);

    protected override View Draw(TubeMeasures m) => new("measure", "Standing", [View.Box(0, 0, m.Diameter, m.Length, Ink.Metal), View.GroundLine(0, m.Diameter)],
        [new(new(0, m.Length), new(m.Diameter, m.Length), .06, m.Diameter, "diameter"), new(new(m.Diameter, m.Length), new(m.Diameter, 0), .06, m.Length, "length")]);

    protected override IReadOnlyList<Shape> Silhouette(TubeMeasures m) => [View.Box(0, 0, m.Diameter, m.Length, Ink.Metal)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, TubeMeasures m) =>
    [
        new("whole", "As it is", [new(Form.Tube, "Tube", 1, 1, m.Length, m.Diameter, m.Diameter)], 3, [], "Hung or stood, with a cap for a foot; pockets cut clear of the seam."),
        new("collars", "Collars, cut across", [new(Form.Tube, "Collar", (int)(m.Length / .3), (int)(m.Length / .3), .3, m.Diameter, m.Diameter)], 10, ["Hacksaw", "File"], $"Rings {Amount.Length(.3)} high, against slugs and for blanching."),
    ];
}
