using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class HoldOfAStake : Calculator
{
    public override string Name => "stake-pull-out";

    public override string Question => "How hard is a driven stick to pull out?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["pegs"] = "embedment" })];

    public override string Slide => "embedment";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Stick, across", .030, .5), Ask.Length("embedment", "In the ground", .40, 3), Ask.UnitWeight(title: "Weight of the ground", typical: 18e3)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Hold of a driven stick", "π d L tan δ × γ L/2", [new("d", "stick", v["diameter"], Unit.Metre), new("L", "in the ground", v["embedment"], Unit.Metre), new("γ", "weight of the ground", v["unitWeight"], Unit.NewtonPerCubicMetre), handbook.Term(Grounds.ShaftFriction)],
        Stake.PullOut(v["diameter"], v["embedment"], v["unitWeight"], handbook[Grounds.ShaftFriction]), Unit.Newton, "Skin friction under the mean weight of soil beside it", "A few newtons: pegs, guys or ballast are nearly always needed", "Look up pipes and cables before you drive it"));

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], l = v["embedment"], w = l * .8;
        return new("sum", "In section", [Sketch.Ground(-w, w, l * 1.2), View.Box(-d / 2, -l, d / 2, l * .5, Ink.Stick)], [Sketch.Down(w, -l, 0, "embedment"), Sketch.Along(-d / 2, d / 2, l * .5, "diameter", .04)]);
    }
}
