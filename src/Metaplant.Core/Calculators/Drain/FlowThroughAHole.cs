using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FlowThroughAHole : Calculator
{
    public override string Name => "hole-flow";

    public override string Question => "How fast does water run out of a hole?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Hole", .010, .5), Ask.Length("head", "Water over it", .010, 5)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Flow through the hole", "Q = C (π d²/4) √(2 g h)", [new("d", "hole", v["diameter"], Unit.Metre), new("h", "water over it", v["head"], Unit.Metre), handbook.Term(Practice.Discharge)],
        Orifice.Flow(v["diameter"], v["head"], handbook[Practice.Discharge]), Unit.CubicMetrePerSecond, "Torricelli, with the discharge of a sharp edge", "Free water; through soil the way to the hole is what counts"));

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], h = v["head"], w = Math.Max(4 * d, 1.5 * h), t = w / 25;
        return new(
            "sum", "In section",
            [View.Box(0, 0, w, h, Ink.Water), View.Box(-t, -t, (w - d) / 2, 0, Ink.Plastic), View.Box((w + d) / 2, -t, w + t, 0, Ink.Plastic), View.Box(-t, 0, 0, h + 3 * t, Ink.Plastic), View.Box(w, 0, w + t, h + 3 * t, Ink.Plastic), View.Box((w - d * .62) / 2, -h * .35 - t, (w + d * .62) / 2, -t, Ink.Water)],
            [Sketch.Under((w - d) / 2, (w + d) / 2, -t, "diameter"), Sketch.Down(w + t, 0, h, "head")]);
    }
}
