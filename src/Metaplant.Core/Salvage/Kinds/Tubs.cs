using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>What the three tubs share: what they are made of and what is looked for on them.</summary>
internal static class Tubs
{
    public static IReadOnlyList<Substance> Substances { get; } =
        [Substance.Polyethylene, Substance.UnknownPlastic, Substance.ZincCoatedSteel, Substance.Steel, Substance.CastIron, Substance.EnamelledIron, Substance.Copper];

    public static IReadOnlyList<string> LookFor { get; } = [.. Signs.Vessel, Findings.LookedOver];

    public static MeasureField Wall { get; } = new("wall", "Thickness of the wall", Unit.Metre, .0005, .03, .003, "At the rim or at a hole");

    public static IReadOnlyList<Way> AsItIs(Vessel inside)
    {
        var top = inside.SectionAt(inside.Height);
        return [new("vessel", "As it is, drilled", [new(Form.Vessel, "Tub", 1, 1, top.Length, top.Width, inside.Height)], 5, ["Drill"], "Drilled in the foot and stood on packers.")];
    }

    /// <summary>A tub from the side: foot at y = 0, the rim above, with its top, foot and height dimensioned.</summary>
    public static View Side(double top, double bottom, double height, string topField, string bottomField, Ink ink) => new("measure", "From the side",
        [Profile(top, bottom, height, ink), View.GroundLine(0, Math.Max(top, bottom))],
        [
            new(new(Left(top, bottom), height), new(Left(top, bottom) + top, height), .06, top, topField),
            new(new(Left(bottom, top) + bottom, 0), new(Left(bottom, top), 0), .06, bottom, bottomField),
            new(new(0, 0), new(0, height), .08, height, "height"),
        ]);

    public static Polygon Profile(double top, double bottom, double height, Ink ink)
    {
        double b = Left(bottom, top), t = Left(top, bottom);
        return new([new(b, 0), new(b + bottom, 0), new(t + top, height), new(t, height)], ink, "vessel");
    }

    public static Ink InkOf(Substance substance) => substance.IsPlastic() ? Ink.Plastic : Ink.Metal;

    private static double Left(double own, double other) => Math.Max(0, (other - own) / 2);
}

/// <summary>A round tub, measured inside, m.</summary>
public sealed record RoundTubMeasures(double TopDiameter, double BottomDiameter, double Height, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Math.Max(TopDiameter, BottomDiameter), Math.Max(TopDiameter, BottomDiameter), Height, Wall);

    public Vessel Inside => new RoundTub(TopDiameter, BottomDiameter, Height);

    public VesselWall WallKind => VesselWall.Hoop;
}

/// <summary>What all round vessels share.</summary>
public abstract class RoundVesselKind(string id, string name, double top, double foot, double height, double wall, IReadOnlyList<Substance> substances) : ListedKind<RoundTubMeasures>(
    id, name, "Vessels",
    [
        Field.Length("topDiameter", "Across the top, inside", .08, 2.5, top, "Across the rim, inside to inside"),
        Field.Length("bottomDiameter", "Across the foot, inside", .05, 2.5, foot, "Across the floor, inside"),
        Field.Length("height", "Height inside", .05, 1.5, height, "From the floor straight up to the rim"),
        Tubs.Wall with { Typical = wall },
    ],
    substances, [.. Signs.Vessel])
{
    protected override void Cross(MeasureReader r)
        => r.Refuse(r["wall"] * 4 > Math.Min(r["bottomDiameter"], r["topDiameter"]), "wall", "A wall this thick would fill the tub.");

    protected override RoundTubMeasures Make(MeasureReader r) => new(r["topDiameter"], r["bottomDiameter"], r["height"], r["wall"]);

    protected override View Draw(RoundTubMeasures m) => Tubs.Side(m.TopDiameter, m.BottomDiameter, m.Height, "topDiameter", "bottomDiameter", Ink.Plastic);

    protected override IReadOnlyList<Shape> Silhouette(RoundTubMeasures m)
        => [Tubs.Profile(m.TopDiameter, m.BottomDiameter, m.Height, Ink.Plastic), View.Box(-.015, m.Height - .02, Math.Max(m.TopDiameter, m.BottomDiameter) + .015, m.Height, Ink.Line)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, RoundTubMeasures m) => Tubs.AsItIs(m.Inside);
}

public sealed class RoundTubKind() : RoundVesselKind("round-tub", "Round tub", .50, .40, .35, .003, Tubs.Substances);

public sealed class Bucket() : RoundVesselKind("bucket", "Bucket", .30, .24, .29, .002, Tubs.Substances);

public sealed class Pan() : RoundVesselKind("pan", "Pan or basin", .40, .34, .15, .0015, [Substance.EnamelledIron, Substance.Aluminium, Substance.ZincCoatedSteel, Substance.Steel, Substance.Polyethylene, Substance.Copper, Substance.Brass]);

/// <summary>A box-shaped tub whose sides slope evenly, measured inside, m.</summary>
public sealed record TaperedTubMeasures(double TopLength, double TopWidth, double BottomLength, double BottomWidth, double Height, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Math.Max(TopLength, BottomLength), Math.Max(TopWidth, BottomWidth), Height, Wall);

    public Vessel Inside => new TaperedBox(TopLength, TopWidth, BottomLength, BottomWidth, Height);

    public VesselWall WallKind => VesselWall.Plate;
}

/// <summary>What all box-shaped vessels share.</summary>
public abstract class BoxVesselKind(string id, string name, double topLength, double topWidth, double height, double bottomLength, double bottomWidth, double wall, IReadOnlyList<Substance> substances)
    : ListedKind<TaperedTubMeasures>(
        id, name, "Vessels",
        [
            Field.Length("topLength", "Length at the top, inside", .1, 3, topLength, "Along the rim, inside to inside"),
            Field.Length("topWidth", "Width at the top, inside", .1, 2, topWidth, "Across the rim, inside to inside"),
            Field.Length("height", "Height inside", .05, 1.2, height, "From the floor straight up to the rim"),
            Field.Length("bottomLength", "Length at the foot, inside", .05, 3, bottomLength, "Along the floor, inside", quick: false),
            Field.Length("bottomWidth", "Width at the foot, inside", .05, 2, bottomWidth, "Across the floor, inside", quick: false),
            Tubs.Wall with { Typical = wall },
        ],
        substances, [.. Signs.Vessel])
{
    protected override void Cross(MeasureReader r)
        => r.Refuse(r["wall"] * 4 > Math.Min(r["bottomWidth"], r["topWidth"]), "wall", "A wall this thick would fill the tub.");

    protected override TaperedTubMeasures Make(MeasureReader r) => new(r["topLength"], r["topWidth"], r["bottomLength"], r["bottomWidth"], r["height"], r["wall"]);

    protected override View Draw(TaperedTubMeasures m)
    {
        var side = Tubs.Side(m.TopLength, m.BottomLength, m.Height, "topLength", "bottomLength", Ink.Plastic);
        var x = Math.Max(m.TopLength, m.BottomLength) + .25;
        var end = Tubs.Profile(m.TopWidth, m.BottomWidth, m.Height, Ink.Plastic);
        Polygon moved = end with { Points = [.. end.Points.Select(p => new Point(p.X + x, p.Y))] };
        double rim = x + Math.Max(0, (m.BottomWidth - m.TopWidth) / 2), foot = x + Math.Max(0, (m.TopWidth - m.BottomWidth) / 2);
        return side with
        {
            Title = "From the side, and from the end",
            Shapes = [.. side.Shapes, moved, View.GroundLine(x, x + Math.Max(m.TopWidth, m.BottomWidth))],
            Dimensions =
            [
                .. side.Dimensions,
                new(new(rim, m.Height), new(rim + m.TopWidth, m.Height), .06, m.TopWidth, "topWidth"),
                new(new(foot + m.BottomWidth, 0), new(foot, 0), .06, m.BottomWidth, "bottomWidth"),
            ],
        };
    }

    protected override IReadOnlyList<Shape> Silhouette(TaperedTubMeasures m)
        => [Tubs.Profile(m.TopLength, m.BottomLength, m.Height, Ink.Plastic), View.Box(-.015, m.Height - .025, Math.Max(m.TopLength, m.BottomLength) + .015, m.Height, Ink.Line)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, TaperedTubMeasures m) => Tubs.AsItIs(m.Inside);
}

public sealed class TaperedTubKind() : BoxVesselKind("tapered-tub", "Box-shaped tub", .56, .36, .28, .50, .30, .003, Tubs.Substances);

public sealed class Tote() : BoxVesselKind("tote", "Tote or storage box", .60, .40, .32, .54, .34, .003, [Substance.Polyethylene, Substance.UnknownPlastic]);

public sealed class BarrowTray() : BoxVesselKind("barrow-tray", "Barrow tray", .86, .60, .25, .50, .38, .0012, [Substance.ZincCoatedSteel, Substance.Steel, Substance.Polyethylene]);

/// <summary>A trough with rounded corners, measured inside at three heights, m.</summary>
public sealed record TroughMeasures(RoundedTrough Shape, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Math.Max(Shape.Bottom.Length, Math.Max(Shape.Middle.Length, Shape.Top.Length)), Math.Max(Shape.Bottom.Width, Math.Max(Shape.Middle.Width, Shape.Top.Width)), Shape.Height, Wall);

    public Vessel Inside => Shape;

    public VesselWall WallKind => VesselWall.Plate;
}

public sealed class Trough : SalvageKind<TroughMeasures>
{
    private static readonly string[] Levels = ["bottom", "middle", "top"];

    public override string Id => "trough";

    public override string Name => "Long trough";

    public override string Group => "Vessels";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("topLength", "Length at the top, inside", Unit.Metre, .1, 4, 1.50, "Along the rim, inside to inside", Quick: true),
        new("topWidth", "Width at the top, inside", Unit.Metre, .1, 2, .65, "Across the rim, inside to inside", Quick: true),
        new("height", "Height inside", Unit.Metre, .05, 1.2, .38, "From the floor straight up to the rim", Quick: true),
        new("topRadius", "Corner radius at the top", Unit.Metre, 0, 1, .25, "Lay a square in the corner; how far until the curve begins"),
        new("middleLength", "Length half way up", Unit.Metre, .1, 4, 1.35, "Inside, at half the height"),
        new("middleWidth", "Width half way up", Unit.Metre, .1, 2, .55, "Inside, at half the height"),
        new("middleRadius", "Corner radius half way up", Unit.Metre, 0, 1, .20, "As at the top"),
        new("bottomLength", "Length at the foot", Unit.Metre, .05, 4, 1.20, "Along the floor"),
        new("bottomWidth", "Width at the foot", Unit.Metre, .05, 2, .45, "Across the floor"),
        new("bottomRadius", "Corner radius at the foot", Unit.Metre, 0, 1, .15, "As at the top"),
        Tubs.Wall with { Typical = .0012 },
    ];

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.ZincCoatedSteel, Substance.EnamelledIron, Substance.CastIron, Substance.Steel, Substance.Polyethylene, Substance.UnknownPlastic];

    public override IReadOnlyList<string> LookFor => Tubs.LookFor;

    protected override void Cross(MeasureReader r)
    {
        foreach (var level in Levels)
            r.Refuse(2 * r[level + "Radius"] > Math.Min(r[level + "Length"], r[level + "Width"]) + 1e-12, level + "Radius", "The rounded corners would meet: the radius can be at most half the shorter side.");
    }

    protected override TroughMeasures Make(MeasureReader r)
    {
        return new(new RoundedTrough(Section("bottom"), Section("middle"), Section("top"), r["height"]), r["wall"]);

        RectangleOutline Section(string level) => new(r[level + "Length"], r[level + "Width"], r[level + "Radius"]);
    }

    protected override View Draw(TroughMeasures m)
    {
        var s = m.Shape;
        var widest = Math.Max(s.Top.LengthX, Math.Max(s.Middle.LengthX, s.Bottom.LengthX));
        var deepest = Math.Max(s.Top.WidthY, Math.Max(s.Middle.WidthY, s.Bottom.WidthY));
        var x = widest + .3;
        return new("measure", "From the side, and from the end",
            [Profile(s, widest, o => o.LengthX, 0), Profile(s, deepest, o => o.WidthY, x), View.GroundLine(0, widest), View.GroundLine(x, x + deepest)],
            [
                Across(s.Top.LengthX, widest, 0, s.Height, .08, "topLength"),
                Across(s.Middle.LengthX, widest, 0, s.Height / 2, 0, "middleLength"),
                Below(s.Bottom.LengthX, widest, 0, "bottomLength"),
                new(new(0, 0), new(0, s.Height), .12, s.Height, "height"),
                Across(s.Top.WidthY, deepest, x, s.Height, .08, "topWidth"),
                Across(s.Middle.WidthY, deepest, x, s.Height / 2, 0, "middleWidth"),
                Below(s.Bottom.WidthY, deepest, x, "bottomWidth"),
            ]);

        static Dimension Across(double own, double all, double x, double y, double offset, string field)
            => new(new(x + (all - own) / 2, y), new(x + (all + own) / 2, y), offset, own, field);

        static Dimension Below(double own, double all, double x, string field) => new(new(x + (all + own) / 2, 0), new(x + (all - own) / 2, 0), .08, own, field);
    }

    protected override IReadOnlyList<Shape> Silhouette(TroughMeasures m)
    {
        var s = m.Shape;
        return [Profile(s, Math.Max(s.Top.LengthX, Math.Max(s.Middle.LengthX, s.Bottom.LengthX)), o => o.LengthX, 0)];
    }

    protected override IReadOnlyList<Way> BreakDown(Thing thing, TroughMeasures m) => Tubs.AsItIs(m.Inside);

    private static Polygon Profile(RoundedTrough s, double widest, Func<RectangleOutline, double> of, double x)
    {
        var half = Enumerable.Range(0, 9).Select(i => (Y: s.Height * i / 8, Half: of((RectangleOutline)s.SectionAt(s.Height * i / 8)) / 2)).ToList();
        return new([.. half.Select(p => new Point(x + widest / 2 + p.Half, p.Y)), .. half.AsEnumerable().Reverse().Select(p => new Point(x + widest / 2 - p.Half, p.Y))], Ink.Metal, "vessel");
    }
}
