using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class FeetWherePlantsAllow : Calculator
{
    private static readonly (double X, double Y)[] Start = [(.35, .05), (-.10, .40), (-.30, -.20), (.15, -.35)];

    public override string Name => "cone-feet";

    public override string Question => "Does a cone stand whose feet must miss the plants?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "windForce";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        .. Start.Select((p, i) => new GroupInput($"foot{i + 1}", $"Foot {i + 1}", [Ask.Number("x", $"Foot {i + 1}, to the right of the tie", Unit.Metre, -5, 5, p.X), Ask.Number("y", $"Foot {i + 1}, behind the tie", Unit.Metre, -5, 5, p.Y)])),
        Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Number("windForce", "Wind on it", Unit.Newton, 0, 20_000, 40), Ask.Length("windHeight", "Height of the wind", .9, 10), Ask.Number("weight", "Weight counted on", Unit.Newton, 0, 20_000, 30),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(PlacedFeet.Of(Feet(v)) is null, "foot1", "The tie would hang outside the feet: it falls over by itself. Put a foot on each side of it.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var feet = PlacedFeet.Of(Feet(v))!;
        var (lever, far) = feet.Weakest(v["windForce"], v["windHeight"], v["weight"]);
        return Answer.Of(
            Sum.Of(
                "Pull on the far foot, from the worst side", "U = (F z − W a) ÷ d", [v.Term("F", "windForce"), v.Term("z", "windHeight"), v.Term("W", "weight"), new("a", "lever of the weight", lever, Unit.Metre), new("d", "far foot from that edge", far, Unit.Metre)],
                feet.Uplift(v["windForce"], v["windHeight"], v["weight"]), Unit.Newton, "Moments about the edge between two feet, each edge tried", "The weight is taken as given", "Below nothing it stands by itself"),
            new("lever", lever), new("farLegDistance", far), new("stickLengths", feet.StickLengths(v["tieHeight"], .15, .15)), new("roundTheFeet", feet.RingAt(0, v["tieHeight"])));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var feet = PlacedFeet.Of(Feet(v))!.Feet;
        return new(
            "sum", "From above, the tie in the middle",
            [new Polygon(feet, Ink.Soil), .. feet.Select(p => Sketch.Bar(p, default, .022, Ink.Stick)), .. feet.Select(p => new Disc(p, .022, Ink.Hole)), new Disc(default, .03, Ink.Line), .. feet.Select((p, i) => new Disc(Between(p, feet[(i + 1) % feet.Count]), .06, Ink.Plant))],
            []);

        static Point Between(Point a, Point b) => new((a.X + b.X) * .36, (a.Y + b.Y) * .36);
    }

    private static List<Point> Feet(Values v) => [.. Start.Select((_, i) => v.Group($"foot{i + 1}")).Select(g => new Point(g["x"], g["y"]))];
}
