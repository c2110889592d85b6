using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class DryTop : Calculator
{
    private const int WeekLong = 7;

    public override string Name => "top-dries";

    public override string Question => "When is the top of a tall planter dry?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "days";

    public override string Slide => "dailyUse";

    public override IReadOnlyList<Input> Inputs { get; } =
        [Ask.Medium(), Ask.Number("volume", "Soil", Unit.CubicMetre, 0, 100, .077), Ask.Number("depletion", "Part of the water that may go", Unit.One, 0, 1, .5), Ask.Number("dailyUse", "Used in a day", Unit.CubicMetrePerDay, 0, 10, .0012)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        var whole = new SoilWater(v["volume"], m.FieldCapacity, m.WiltingPoint, v["depletion"]);
        var levels = Levels.Full(whole);
        for (var day = 0; day < WeekLong; day++) levels = levels.Day(0, v["dailyUse"]).After;
        return Answer.Of(
            Sum.Of(
                "Days until the top quarter is dry", "p (FC − WP) V/4 ÷ .4 use",
                [v.Term("p", "depletion"), handbook.Term($"medium.{m.Id}.field-capacity"), handbook.Term($"medium.{m.Id}.wilting-point"), v.Term("V", "volume"), v.Term("use", "dailyUse")],
                levels.DaysUntilTopIsDry(v["dailyUse"]), Unit.Day, "Levels give 40, 30, 20 and 10 %: USDA NRCS, National Engineering Handbook 623.2", "No rain", "Shallow roots and seedlings go by this, deep roots by the whole"),
            new("whenWholeDry", whole.DaysBetween(v["dailyUse"])), new("afterAWeek", levels.Depleted.Select(d => d / (whole.Total / Levels.Count)).ToList()));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double w = Math.Cbrt(v["volume"] / 2), h = 2 * w;
        var gone = answer.Get<IReadOnlyList<double>>("afterAWeek");
        List<Shape> shapes = [View.Box(0, 0, w, h, Ink.Soil)];
        for (var i = 0; i < gone.Count; i++)
        {
            double foot = h * (gone.Count - 1 - i) / gone.Count, left = (1 - gone[i]) * w;
            shapes.AddRange([View.Box(w * 1.2, foot, w * 2.2, foot + h / gone.Count, Ink.Plastic), View.Box(w * 1.2, foot, w * 1.2 + Math.Max(left, .004 * w), foot + h / gone.Count, Ink.Water)]);
        }

        return new("sum", "The soil, and what water each quarter still has after a week without", [.. shapes, View.GroundLine(0, w * 2.2)], []);
    }
}
