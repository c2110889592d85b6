using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class DaysBetweenWaterings : Calculator
{
    public override string Name => "watering";

    public override string Question => "How often must it be watered, and how much each time?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "days";

    public override string Slide => "dailyUse";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("volume", "Soil", Unit.CubicMetre, 0, 100, .096), Ask.Number("fieldCapacity", "Water it keeps after draining, part of the volume", Unit.One, 0, 1, .35),
        Ask.Number("wiltingPoint", "Water left at wilting, part of the volume", Unit.One, 0, 1, .14), Ask.Number("depletion", "Part of it that may go", Unit.One, 0, 1, .5),
        Ask.Number("dailyUse", "Used in a day", Unit.CubicMetrePerDay, 0, 10, .0012),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["wiltingPoint"] >= v["fieldCapacity"], "wiltingPoint", "Soil wilts its plants with less water than it keeps after draining.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var water = new SoilWater(v["volume"], v["fieldCapacity"], v["wiltingPoint"], v["depletion"]);
        Sum ready = Sum.Of(
            "Water ready for the plants", "RAW = p (FC − WP) V",
            [new("p", "part that may go", water.Depletion, Unit.One), new("FC", "kept after draining", water.FieldCapacity, Unit.One), new("WP", "left at wilting", water.WiltingPoint, Unit.One), new("V", "soil", water.Volume, Unit.CubicMetre)],
            water.Ready, Unit.CubicMetre, "FAO-56 eq. 82 and 83");
        return Answer.Of(
            Sum.Of("Days between waterings", "days = RAW ÷ use", [new("RAW", "water ready", water.Ready, Unit.CubicMetre), new("use", "used in a day", v["dailyUse"], Unit.CubicMetrePerDay)], water.DaysBetween(v["dailyUse"]), Unit.Day, "FAO-56 ch. 8", "No rain; roots reach all of it"),
            new Also("litresEachTime", water.Ready * 1000)).After(ready);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double side = Math.Cbrt(v["volume"]), ready = v["depletion"] * (v["fieldCapacity"] - v["wiltingPoint"]) * side, held = v["fieldCapacity"] * side;
        return new(
            "sum", "The soil as a block: what it keeps, and the part that may go",
            [
                View.Box(0, 0, side, side, Ink.Soil), View.Box(side * 1.15, 0, side * 1.5, held - ready, Ink.Plastic), View.Box(side * 1.15, held - ready, side * 1.5, held, Ink.Water), View.GroundLine(0, side * 1.5),
                new Note(new(side * 1.325, held + side * .03), "may go", Ink.Line), new Note(new(side * 1.325, (held - ready) / 2), "stays", Ink.Line),
            ],
            []);
    }
}
