using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FallToAnOutlet : Calculator
{
    private static readonly NumberInput SlopeInput = Ask.Number("slope", "Slope, part of the way", Unit.One, 0, .5, .015).OrRow(Practice.OutletSlope);

    public override string Name => "outlet-fall";

    public override string Question => "How much must a long vessel slope to its outlet?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "length";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("length", "From the outlet to the far end", 1.5, 20), SlopeInput];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "How much higher the far end stands", "f = L s", [new("L", "from the outlet to the far end", v["length"], Unit.Metre), v.Term("s", "slope")],
        Outlet.Fall(v["length"], v["slope"]), Unit.Metre, "Practice: 1.5 %, so that puddles find the way over small unevenness", "Packers go under the bearers, not under the vessel"));

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["length"], f = answer.Sum.Value, h = .25 * l;
        return new(
            "sum", "From the side",
            [
                new Polygon([new(0, .08 * l), new(l, .08 * l + f), new(l, .08 * l + f + h), new(0, .08 * l + h)], Ink.Metal), View.Box(.02 * l, 0, .05 * l, .08 * l, Ink.WoodEnd), View.Box(l * .95, 0, l * .98, .08 * l + f * .96, Ink.WoodEnd),
                View.GroundLine(0, l), View.Box(0, .04 * l, .012 * l, .08 * l, Ink.Water),
            ],
            [Sketch.Along(0, l, .08 * l + h + f, "length"), Sketch.Down(l, .08 * l, .08 * l + f, null)]);
    }
}
