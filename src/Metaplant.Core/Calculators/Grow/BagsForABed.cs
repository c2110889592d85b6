using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class BagsForABed : Calculator
{
    public override string Name => "bags";

    public override string Question => "How many bags fill this bed?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "bags";

    public override string Slide => "fillDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("outline", "The bed inside"), Ask.Length("fillDepth", "Depth to fill", .3, 3), Ask.Number("bag", "Soil in a bag", Unit.CubicMetre, 0, 2, .040), new FlagInput("mulch", "It is mulch or leaves"),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double placed = v.Outline("outline").Area * v["fillDepth"], loose = Order.Loose(handbook, placed, v.Flag("mulch"));
        return Answer.Of(
            Sum.Of(
                "Bags to fetch", "n = ⌈A z × k ÷ bag⌉",
                [
                    new("A", "area inside", v.Outline("outline").Area, Unit.SquareMetre), new("z", "depth", v["fillDepth"], Unit.Metre),
                    handbook.Term(Order.OverPlaced(v.Flag("mulch"))), new("bag", "in a bag", v["bag"], Unit.CubicMetre),
                ],
                Order.Bags(loose, v["bag"]), Unit.Count, "Soil is sold loose and goes down by 15 % when placed, mulch by 30 %", "Estimates"),
            new("placed", placed), new("loose", loose));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var o = v.Outline("outline");
        return new(
            "sum", "The bed from above, and its depth",
            [new Polygon([.. o.ToPolygon().Select(p => p + new Point(o.Length / 2, o.Width / 2))], Ink.Soil), View.Box(0, -.35 - v["fillDepth"], o.Length, -.35, Ink.Soil), View.Segment(-.05, -.35 - v["fillDepth"], o.Length + .05, -.35 - v["fillDepth"], Ink.Ground)],
            [.. OutlineSketch.Dimensions("outline", o, o.Length / 2, o.Width / 2), Sketch.Down(o.Length, -.35 - v["fillDepth"], -.35, "fillDepth")]);
    }
}
