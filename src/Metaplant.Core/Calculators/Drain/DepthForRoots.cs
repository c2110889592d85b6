using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class DepthForRoots : Calculator
{
    public override string Name => "root-depth";

    public override string Question => "Does gravel at the foot leave more room for roots?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "gravel";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("inside", "Depth inside", .40, 5), Ask.Length("gravel", "Layer of gravel", .05, 2), Ask.Medium(), Ask.Length("headspace", "Left free at the rim", .03, 1).OrTypical()];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["gravel"] + v["headspace"] >= v["inside"], "gravel", "Gravel and the free rim leave no room for soil.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        double without = Math.Max(0, v["inside"] - v["headspace"] - m.WetLayer), with = Math.Max(0, without - v["gravel"]);
        return Answer.Of(
            Sum.Of("Depth for roots over gravel", "h − rim − gravel − h_w", [v.Term("h", "inside"), v.Term("rim", "headspace"), v.Term("gravel", "gravel"), handbook.Term($"medium.{m.Id}.wet-layer")], with, Unit.Metre, "Water hangs in fine soil above any coarser layer: capillary break", "Gravel does not drain the wet layer; it lifts it"),
            new("withoutGravel", without), new("wetLayer", m.WetLayer));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["inside"], top = h - v["headspace"], w = h * .9, wet = answer.Get<double>("wetLayer"), g = v["gravel"], x = w * 1.5;
        return new(
            "sum", "Without gravel, and with",
            [.. Pot(0, 0), .. Pot(x, g), View.Box(x, 0, x + w, g, Ink.WoodEnd), View.GroundLine(0, x + w)],
            [Sketch.Up(0, 0, h, "inside"), Sketch.Down(x + w, 0, g, "gravel"), Sketch.Down(w, Math.Min(wet, top), top, null)]);

        IEnumerable<Shape> Pot(double left, double foot) =>
        [
            View.Box(left - .02 * w, 0, left + w * 1.02, h, Ink.Plastic), View.Box(left, foot, left + w, top, Ink.Soil), View.Box(left, foot, left + w, Math.Min(top, foot + wet), Ink.Water),
        ];
    }
}
