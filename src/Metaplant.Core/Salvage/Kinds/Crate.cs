using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A crate of boards, measured inside, m.</summary>
public sealed record CrateMeasures(double Length, double Width, double Height, double Wall, double BoardHeight) : Measures, IBoarded
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Length, Width, Height, Wall);

    public Vessel Inside => new TaperedBox(Length, Width, Length, Width, Height);

    public VesselWall WallKind => VesselWall.Boards;

    public bool NeedsLiner => true;

    /// <summary>Side boards one above another.</summary>
    public int BoardsHigh => Math.Max(1, (int)(Height / (BoardHeight + .012)));
}

public sealed class Crate : SalvageKind<CrateMeasures>
{
    public override string Id => "crate";

    public override string Name => "Crate";

    public override string Group => "Vessels";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("length", "Length inside", Unit.Metre, .15, 2, .50, "Along the long side, inside", Quick: true),
        new("width", "Width inside", Unit.Metre, .1, 1.5, .35, "Across, inside", Quick: true),
        new("height", "Height inside", Unit.Metre, .08, 1.2, .30, "From the floor to the top board", Quick: true),
        new("wall", "Thickness of the boards", Unit.Metre, .004, .04, .010, "The end of a side board"),
        new("boardHeight", "Height of a side board", Unit.Metre, .03, 1.2, .07, "The lowest board of the long side"),
    ];

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.Softwood, Substance.Hardwood];

    public override IReadOnlyList<string> LookFor { get; } = [.. Signs.Packing, "chemical-smell", "rot", "old-paint", "mark-treated", Findings.OwnerVouches, Findings.Nails, Findings.Weathered, Findings.Poor, Findings.LookedOver];

    protected override void Cross(MeasureReader r) => r.Refuse(r["boardHeight"] > r["height"] + 1e-9, "boardHeight", "A side board cannot be higher than the crate.");

    protected override CrateMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["height"], r["wall"], r["boardHeight"]);

    protected override View Draw(CrateMeasures m)
    {
        double l = m.Length + 2 * m.Wall, x = l + .25, w = m.Width + 2 * m.Wall;
        return new("measure", "From the side, and from the end", [.. Boards(m, l, 0), .. Boards(m, w, x), View.GroundLine(0, l), View.GroundLine(x, x + w)],
        [
            new(new(m.Wall, m.Height), new(l - m.Wall, m.Height), .06, m.Length, "length"),
            new(new(0, 0), new(0, m.Height), .08, m.Height, "height"),
            new(new(x + m.Wall, m.Height), new(x + w - m.Wall, m.Height), .06, m.Width, "width"),
            new(new(x + w, m.BoardHeight), new(x + w, 0), .07, m.BoardHeight, "boardHeight"),
            new(new(m.Wall, 0), new(0, 0), .06, m.Wall, "wall"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(CrateMeasures m) => [.. Boards(m, m.Length + 2 * m.Wall, 0)];

    protected override IReadOnlyList<Way> BreakDown(Thing thing, CrateMeasures m) =>
    [
        new("vessel", "As it is, lined", [new(Form.Vessel, "Lined crate", 1, 1, m.Length, m.Width, m.Height)], 15, ["Scissors", "Stapler"], "Lined with cloth or pierced film."),
        new("boards", "Side boards, prised off", [new(Form.Board, "Thin board", m.BoardsHigh * 2, m.BoardsHigh * 1.5, m.Length, m.BoardHeight, m.Wall)], 20, ["Pry bar", "Nail pincers"], "Thin and easily split: for labels and small work."),
    ];

    private static IEnumerable<Shape> Boards(CrateMeasures m, double length, double x)
    {
        var n = m.BoardsHigh;
        var gap = n == 1 ? 0 : (m.Height - n * m.BoardHeight) / (n - 1);
        var post = Math.Min(.04, length / 8);
        yield return View.Box(x, 0, x + post, m.Height, Ink.WoodEnd);
        yield return View.Box(x + length - post, 0, x + length, m.Height, Ink.WoodEnd);
        for (var i = 0; i < n; i++) yield return View.Box(x, i * (m.BoardHeight + gap), x + length, i * (m.BoardHeight + gap) + m.BoardHeight, Ink.Wood, "vessel");
    }
}
