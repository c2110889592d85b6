using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A trough of boards whose sides and ends lean out, measured inside, m.</summary>
public sealed record DoughTroughMeasures(double TopLength, double TopWidth, double BottomLength, double BottomWidth, double Height, double Wall, double BoardHeight) : Measures, IBoarded
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Math.Max(TopLength, BottomLength), Math.Max(TopWidth, BottomWidth), Height, Wall);

    public Vessel Inside => new TaperedBox(TopLength, TopWidth, BottomLength, BottomWidth, Height);

    public VesselWall WallKind => VesselWall.Boards;

    public bool NeedsLiner => true;
}

public sealed class DoughTrough() : ListedKind<DoughTroughMeasures>(
    "dough-trough", "Dough trough", "Vessels",
    [
        Field.Length("topLength", "Length at the top, inside", .2, 3, 1.1, "Along the rim, inside to inside"), Field.Length("topWidth", "Width at the top, inside", .1, 1.5, .45, "Across the rim, inside to inside"), Field.Length("height", "Height inside", .08, 1, .30, "From the floor straight up to the rim"),
        Field.Length("bottomLength", "Length at the foot, inside", .1, 3, .95, "Along the floor, inside", quick: false), Field.Length("bottomWidth", "Width at the foot, inside", .08, 1.5, .32, "Across the floor, inside", quick: false),
        Field.Length("wall", "Thickness of the boards", .006, .06, .020, "At the rim", quick: false), Field.Length("boardHeight", "Height of a side board", .05, 1, .30, "The lowest board of the long side; of one board, its whole height", quick: false),
    ],
    [Substance.Softwood, Substance.Hardwood], [Findings.HeldChemical, Findings.HeldUnknown, Findings.HeldFood, .. Signs.Wood])
{
    protected override void Cross(MeasureReader r)
    {
        r.Refuse(r["bottomLength"] > r["topLength"] + 1e-9, "bottomLength", "Its ends lean out: the foot is no longer than the rim.");
        r.Refuse(r["bottomWidth"] > r["topWidth"] + 1e-9, "bottomWidth", "Its sides lean out: the foot is no wider than the rim.");
    }

    protected override DoughTroughMeasures Make(MeasureReader r) => new(r["topLength"], r["topWidth"], r["bottomLength"], r["bottomWidth"], r["height"], r["wall"], Math.Min(r["boardHeight"], r["height"]));

    protected override View Draw(DoughTroughMeasures m)
    {
        var side = Tubs.Side(m.TopLength, m.BottomLength, m.Height, "topLength", "bottomLength", Ink.Wood);
        var x = m.TopLength + .25;
        var end = Tubs.Profile(m.TopWidth, m.BottomWidth, m.Height, Ink.Wood);
        var foot = x + (m.TopWidth - m.BottomWidth) / 2;
        return side with
        {
            Title = "From the side, and from the end",
            Shapes = [.. side.Shapes, end with { Points = [.. end.Points.Select(p => new Point(p.X + x, p.Y))] }, View.GroundLine(x, x + m.TopWidth)],
            Dimensions = [.. side.Dimensions, new(new(x, m.Height), new(x + m.TopWidth, m.Height), .06, m.TopWidth, "topWidth"), new(new(foot + m.BottomWidth, 0), new(foot, 0), .06, m.BottomWidth, "bottomWidth")],
        };
    }

    protected override IReadOnlyList<Shape> Silhouette(DoughTroughMeasures m) => [Tubs.Profile(m.TopLength, m.BottomLength, m.Height, Ink.Wood)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, DoughTroughMeasures m)
        => [new("vessel", "As it is, lined", [new(Form.Vessel, "Trough", 1, 1, m.TopLength, m.TopWidth, m.Height)], 15, ["Scissors", "Stapler"], "Lined with pierced film; its joints open when it dries and shut when it is wet.")];
}
