using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class SpanOfABoard : Calculator
{
    public override string Name => "board-span";

    public override string Question => "Will this board hold between its posts?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "utilisation";

    public override IReadOnlyList<Onward> Onwards { get; } = [new("head-pull-through", null, "pressure", "boardHeight", "span", "timber")];

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("boardHeight", "Height of the board", .095, 1), Ask.Length("thickness", "Thickness", .018, .3), Ask.Length("span", "Centre to centre of posts", .50, 10),
        Ask.Number("pressure", "Pressure at its lower edge", Unit.Pascal, 0, 100e3, 3000), Ask.Timber(),
        Ask.Condition(), Ask.Whole("spans", "Spans it runs over", 1, 3, 1).OrTypical(),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["thickness"] >= v["span"], "thickness", "As thick as its span it is a block and no board; this sum does not hold for it.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var b = Bending(v, handbook);
        Check check = Check.Compare(
            "board", "The board", LoadCase.Normal, b.StrengthUtilisation >= b.BendUtilisation ? b.DesignStress : b.Deflection,
            b.StrengthUtilisation >= b.BendUtilisation ? b.DesignStrength : b.BendAllowed, b.StrengthUtilisation >= b.BendUtilisation ? Unit.Pascal : Unit.Metre,
            b.StrengthUtilisation >= b.BendUtilisation ? "Strength decides." : "Bend decides: it bellies before it breaks.", "board", [b.StrengthSum, b.CapacitySum, b.DeflectionSum],
            new Remedy("Posts no farther apart than", b.GreatestSpan, Unit.Metre, "span"), new Remedy("A board at least this thick", b.LeastThickness, Unit.Metre, "thickness"));
        return Answer.Of(
                Sum.Of(
                    "How much of the board is used", "the greater of σ/f and u/(L/150)",
                    [new("σ/f", "strength", b.StrengthUtilisation, Unit.One), new("u/(L/150)", "bend", b.BendUtilisation, Unit.One), new("p", "pressure", v["pressure"], Unit.Pascal), new("L", "span", b.Span, Unit.Metre)],
                    b.Utilisation, Unit.One, CodeFactors.Source, "Pressure at its lower edge over its whole height", "Outdoors, for years"),
                new("moment", b.Moment), new("stress", b.Stress), new("deflection", b.Deflection), new("greatestSpan", b.GreatestSpan), new("leastThickness", b.LeastThickness))
            .After(b.StrengthSum, b.CapacitySum, b.DeflectionSum).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["span"], h = v["boardHeight"], t = v["thickness"], belly = Math.Min(answer.Get<double>("deflection"), l / 6), y = h + .25 * l;
        var spans = v.Whole("spans");
        List<Point> outer = [.. Enumerable.Range(0, 21).Select(i => new Point(l * i / 20, y - belly * Math.Sin(Math.PI * i / 20)))];
        List<Shape> shapes = [View.Box(-.04 * l, 0, spans == 1 ? l * 1.04 : l * 1.25, h, Ink.Wood, "board"), View.Box(-.03 * l, -.05 * l, .03 * l, h * 1.15, Ink.Hidden), View.Box(.97 * l, -.05 * l, 1.03 * l, h * 1.15, Ink.Hidden)];
        shapes.Add(new Polygon([.. outer, .. outer.AsEnumerable().Reverse().Select(p => new Point(p.X, p.Y + t))], Ink.Wood, "board"));
        shapes.AddRange([View.Box(-.03 * l, y - .06 * l, .03 * l, y, Ink.WoodEnd), View.Box(.97 * l, y - .06 * l, 1.03 * l, y, Ink.WoodEnd), View.Box(0, y + t, l, y + t + .09 * l, Ink.Pressure)]);
        return new("sum", "From the front; above it from the top, bent as it will be in the end", shapes, [Sketch.Down(spans == 1 ? l * 1.04 : l * 1.25, 0, h, "boardHeight"), Sketch.Under(0, l, 0, "span"), Sketch.Up(0, y, y + t, "thickness", .05)]);
    }

    private static BoardBending Bending(Values v, Handbook handbook) => new(
        new(v["boardHeight"], v["thickness"]), v["span"], v.Whole("spans"), Timbers.Get(handbook, v.Word("timber")), Enum.Parse<Condition>(v.Word("condition")),
        v["pressure"] * v["boardHeight"], 0, LoadCase.Normal, CodeFactors.Of(handbook));
}
