using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class FirstWeeks : Calculator
{
    public override string Name => "first-weeks";

    public override string Question => "How often must a new planting be watered?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "days";

    public override string Slide => "daysSincePlanting";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Medium(), Ask.Number("volume", "Soil", Unit.CubicMetre, 0, 100, .096), Ask.Number("rootBalls", "Root balls together", Unit.CubicMetre, 0, 100, .006), Ask.Number("daysSincePlanting", "Days since planting", Unit.Day, 0, 400, 7),
        Ask.Number("depletion", "Part of the water that may go", Unit.One, 0, 1, .5), Ask.Number("dailyUse", "Used in a day", Unit.CubicMetrePerDay, 0, 10, .0004),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["rootBalls"] > v["volume"], "rootBalls", "The root balls are more than all the soil.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        var whole = new SoilWater(v["volume"], m.FieldCapacity, m.WiltingPoint, v["depletion"]);
        double share = v["rootBalls"] / v["volume"], reached = SoilWater.Reached(share, v["daysSincePlanting"], handbook[Drying.DaysToRoot]);
        Sum part = Sum.Of("Part of the soil that roots have reached", "b + (1 − b) t ÷ t_r", [new("b", "root balls, part of the soil", share, Unit.One), v.Term("t", "daysSincePlanting"), handbook.Term(Drying.DaysToRoot)], reached, Unit.One, "Roots fill a container steadily; experience");
        var now = whole with { Volume = whole.Volume * reached };
        return Answer.Of(
            Sum.Of(
                "Days between waterings now", "p (FC − WP) V × reached ÷ use",
                [v.Term("p", "depletion"), handbook.Term($"medium.{m.Id}.field-capacity"), handbook.Term($"medium.{m.Id}.wilting-point"), v.Term("V", "volume"), new("reached", "part that roots have reached", reached, Unit.One), v.Term("use", "dailyUse")],
                now.DaysBetween(v["dailyUse"]), Unit.Day, "FAO-56 eq. 82 and 83", "No rain", "Water the root ball itself: soil beside it can be wet while it is dry"),
            new("reached", reached), new("litresEachTime", now.Ready * 1000), new("whenRooted", whole.DaysBetween(v["dailyUse"]))).After(part);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double side = Math.Cbrt(v["volume"]), ball = side * Math.Cbrt(v["rootBalls"] / v["volume"]), roots = side * Math.Cbrt(answer.Get<double>("reached"));
        return new(
            "sum", "The soil, what roots have reached of it, and the root ball",
            [View.Box(0, 0, side, side, Ink.Soil), Middle(roots, Ink.Water), Middle(ball, Ink.WoodEnd), new Disc(new(side / 2, side * 1.14), side * .16, Ink.Plant), View.Segment(side / 2, side, side / 2, side * 1.1, Ink.Stick), View.GroundLine(0, side)], []);

        Polygon Middle(double s, Ink ink) => View.Box((side - s) / 2, side - s, (side + s) / 2, side, ink);
    }
}
