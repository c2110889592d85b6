using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class StringToClimb : Calculator
{
    public override string Name => "string-length";

    public override string Question => "How long is the string for one plant?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "weeks";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("drop", "From the ridge to the ground", 1.9, 6), Ask.Length("growth", "Growth in a week", .15, 2), Ask.Whole("weeks", "Weeks it still grows at the top", 1, 52, 6), Ask.Whole("plants", "Plants", 1, 1000, 8).OrTypical()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var one = Ridge.StringLength(v["drop"], v["growth"], v["weeks"]);
        return Answer.Of(
            Sum.Of("String for one plant", "drop + growth × weeks", [v.Term("drop", "drop"), v.Term("growth", "growth"), v.Term("weeks", "weeks")], one, Unit.Metre, "What is wound on the hook is let down as the plant grows", "The stem is laid along the ground as it is let down"),
            new Also("together", one * v["plants"]));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["drop"], spare = answer.Sum.Value - h, w = h * .7;
        var turns = Math.Clamp((int)(spare / h * 8), 1, 20);
        return new(
            "sum", "From the side: the spare is wound at the ridge",
            [
                View.Box(-w / 2, h, w / 2, h + .035, Ink.Wood), View.Segment(0, 0, 0, h, Ink.Line), .. Enumerable.Range(0, turns).Select(i => View.Segment(-.02 * h, h - .012 * h * (i + 1), .02 * h, h - .012 * h * (i + .5), Ink.Line)),
                .. Enumerable.Range(0, 6).Select(i => new Disc(new((i % 2 == 0 ? -1 : 1) * .05 * h, h * (.08 + .09 * i)), .045 * h, Ink.Plant)), View.GroundLine(-w / 2, w / 2),
            ],
            [Sketch.Down(w / 2, 0, h, "drop")]);
    }
}
