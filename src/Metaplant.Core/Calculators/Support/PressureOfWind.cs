using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class PressureOfWind : Calculator
{
    public override string Name => "wind-pressure";

    public override string Question => "How hard does wind press?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "speed";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Number("speed", "Gust", Unit.MetrePerSecond, 0, 80, 20)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Pressure of the wind", "q = 0.613 v²", [new("v", "gust", v["speed"], Unit.MetrePerSecond)], Wind.Pressure(v["speed"]), Unit.Pascal, "EN 1991-1-4 (4.10), air of 1.226 kg/m³", $"Summer gusts: {new Amount(15, Unit.MetrePerSecond)} sheltered, {new Amount(20, Unit.MetrePerSecond)} in the open, {new Amount(25, Unit.MetrePerSecond)} exposed"));

    protected override View Draw(Values v, Answer answer)
    {
        // Arrows that grow with the pressure against a leafy screen.
        var reach = Math.Min(1.2, answer.Sum.Value / 300);
        return new("sum", "Against a leafy screen", [View.Box(0, 0, .06, 1, Ink.Plant), View.Box(-reach, .05, 0, .95, Ink.Pressure), .. Enumerable.Range(0, 5).Select(i => View.Segment(-reach, .1 + i * .2, -.02, .1 + i * .2, Ink.Line)), View.GroundLine(-1.2, .3)], []);
    }
}
