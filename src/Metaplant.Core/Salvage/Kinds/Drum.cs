using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A drum measured inside, m.</summary>
public sealed record DrumMeasures(double Diameter, double Height, double Wall) : Measures, IVessel
{
    public override Bulk? Bulk => Salvage.Bulk.Outside(Diameter, Diameter, Height, Wall);

    public Vessel Inside => new RoundTub(Diameter, Diameter, Height);

    public VesselWall WallKind => VesselWall.Hoop;

    public double? CutDownTo => .20;

    public Vessel CutAt(double height) => new RoundTub(Diameter, Diameter, height);
}

public sealed class Drum : SalvageKind<DrumMeasures>
{
    public override string Id => "drum";

    public override string Name => "Drum";

    public override string Group => "Vessels";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("diameter", "Diameter inside", Unit.Metre, .2, 1.2, .57, "Across the inside, or across the outside less both walls", Quick: true),
        new("height", "Height inside", Unit.Metre, .3, 1.5, .86, "From the foot to the top", Quick: true),
        new("wall", "Thickness of the wall", Unit.Metre, .0006, .02, .003, "At a hole or the rim", Quick: true),
    ];

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.Polyethylene, Substance.Steel, Substance.ZincCoatedSteel, Substance.UnknownPlastic, Substance.Fibreboard];

    public override IReadOnlyList<string> LookFor { get; } = [.. Signs.Vessel, Findings.LookedOver];

    protected override void Cross(MeasureReader r)
        => r.Refuse(r["wall"] * 4 > r["diameter"], "wall", "A wall this thick would fill the drum.");

    protected override DrumMeasures Make(MeasureReader r) => new(r["diameter"], r["height"], r["wall"]);

    protected override View Draw(DrumMeasures m)
    {
        double d = m.Diameter + 2 * m.Wall, h = m.Height;
        return new("measure", "From the side", [View.Box(0, 0, d, h, Ink.Plastic), View.Segment(0, h / 3, d, h / 3, Ink.Line), View.Segment(0, h * 2 / 3, d, h * 2 / 3, Ink.Line), View.GroundLine(0, d)],
        [
            new(new(m.Wall, h), new(d - m.Wall, h), .08, m.Diameter, "diameter"),
            new(new(0, 0), new(0, h), .10, m.Height, "height"),
            new(new(d, h * .5), new(d - m.Wall, h * .5), .05, m.Wall, "wall"),
        ]);
    }

    protected override IReadOnlyList<Shape> Silhouette(DrumMeasures m)
    {
        double d = m.Diameter + 2 * m.Wall, h = m.Height;
        return [View.Box(0, 0, d, h, Ink.Plastic), View.Box(-.01, h * .33, d + .01, h * .35, Ink.Line), View.Box(-.01, h * .66, d + .01, h * .68, Ink.Line)];
    }

    protected override IReadOnlyList<Way> BreakDown(Thing thing, DrumMeasures m) =>
    [
        new("upright", "Cut down upright", [new(Form.Vessel, "Upright tub", 1, 1, m.Diameter, m.Diameter, m.Height)], 12, ["Jigsaw with a metal blade", "File"], "One tub as high as you like; the top is left over as a hoop."),
        new("two-tubs", "Two tubs, cut across the middle", [new(Form.Vessel, "Half-height tub", 2, 2, m.Diameter, m.Diameter, m.Height / 2)], 15, ["Jigsaw with a metal blade", "File"], "Both ends are floors."),
        new("two-troughs", "Two troughs, cut along its length", [new(Form.Vessel, "Half drum", 2, 2, m.Height, m.Diameter, m.Diameter / 2)], 20, ["Jigsaw with a metal blade", "File"], "Long and low; each lies in a cradle of its own."),
    ];
}
