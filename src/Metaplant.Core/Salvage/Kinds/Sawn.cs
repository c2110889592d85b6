using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage.Kinds;

/// <summary>A loose board or post, m.</summary>
public sealed record SawnMeasures(double Length, double Width, double Thickness) : Measures, ISawn
{
    public override Bulk? Bulk => new(Length, Width, Thickness);
}

/// <summary>What boards and posts share: drawn lying, with bad places marked along them.</summary>
public abstract class SawnKind : SalvageKind<SawnMeasures>
{
    public sealed override string Group => "Boards and posts";

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.Softwood, Substance.Hardwood, Substance.DryWood];

    public sealed override IReadOnlyList<string> LookFor { get; } = [.. Signs.Packing, Findings.OwnerVouches, .. Signs.Wood, Findings.LookedOver];

    protected abstract Form Form { get; }

    protected sealed override IReadOnlyList<string> FaultParts(SawnMeasures m) => ["piece"];

    protected sealed override void Cross(MeasureReader r)
    {
        r.Refuse(r["thickness"] > r["width"] + 1e-9, "thickness", "The thickness is the lesser side; turn the two round.");
        r.Refuse(r["width"] > r["length"], "width", "It cannot be wider than it is long.");
    }

    protected sealed override SawnMeasures Make(MeasureReader r) => new(r["length"], r["width"], r["thickness"]);

    protected sealed override View Draw(SawnMeasures m)
    {
        // The end is drawn larger than life so that its two sides can be read.
        var s = Math.Clamp(m.Length / 6 / m.Width, 1, 6);
        double w = m.Width * s, t = m.Thickness * s, y = w * .5 + t + .15 * m.Length;
        return new("measure", "From above, and the end, larger",
            [View.Box(0, y, m.Length, y + m.Width, Ink.Wood, "piece"), View.Box(m.Length / 2 - w / 2, 0, m.Length / 2 + w / 2, t, Ink.WoodEnd)],
            [
                new(new(0, y + m.Width), new(m.Length, y + m.Width), .07 * m.Length, m.Length, "length"),
                new(new(m.Length / 2 + w / 2, 0), new(m.Length / 2 - w / 2, 0), .07 * m.Length, m.Width, "width"),
                new(new(m.Length / 2 - w / 2, 0), new(m.Length / 2 - w / 2, t), .07 * m.Length, m.Thickness, "thickness"),
            ]);
    }

    protected sealed override IReadOnlyList<Shape> Silhouette(SawnMeasures m) => [View.Box(0, 0, m.Length, Math.Max(m.Thickness, .03), Ink.Wood)];

    protected sealed override IReadOnlyList<Way> BreakDown(Thing thing, SawnMeasures m)
        => [new("piece", "As it is", [new(Form, Name, 1, 1, m.Length, m.Width, m.Thickness)], thing.Shows(Findings.Nails) ? 6 : 1, thing.Shows(Findings.Nails) ? ["Nail pincers"] : [], "Cut to length, bad places left out.")];
}

public sealed class Board : SawnKind
{
    public override string Id => "board";

    public override string Name => "Plank or board";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("length", "Length", Unit.Metre, .2, 8, 1.8, "End to end", Quick: true),
        new("width", "Width", Unit.Metre, .02, .6, .14, "Across the face", Quick: true),
        new("thickness", "Thickness", Unit.Metre, .006, .08, .022, "Through the edge", Quick: true),
    ];

    protected override Form Form => Form.Board;
}

public sealed class Post : SawnKind
{
    public override string Id => "post";

    public override string Name => "Timber or post";

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("length", "Length", Unit.Metre, .2, 8, 1.5, "End to end", Quick: true),
        new("width", "Wider side", Unit.Metre, .03, .4, .075, "Across the wider side", Quick: true),
        new("thickness", "Narrower side", Unit.Metre, .025, .4, .05, "Across the narrower side", Quick: true),
    ];

    protected override Form Form => Form.Timber;
}

public sealed class HeavyTimber : SawnKind
{
    public override string Id => "heavy-timber";

    public override string Name => "Railway-size timber";

    public override IReadOnlyList<Substance> Substances { get; } = [Substance.Hardwood, Substance.Softwood, Substance.DryWood];

    public override IReadOnlyList<MeasureField> Fields { get; } =
    [
        new("length", "Length", Unit.Metre, .5, 6, 2.4, "End to end", Quick: true),
        new("width", "Wider side", Unit.Metre, .10, .5, .25, "Across the wider side", Quick: true),
        new("thickness", "Narrower side", Unit.Metre, .08, .5, .125, "Across the narrower side", Quick: true),
    ];

    protected override Form Form => Form.Timber;
}
