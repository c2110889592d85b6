using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class TimeToDrain : Calculator
{
    public override string Name => "drain-down";

    public override string Question => "How long does a soaking take to drain?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "soilDepth";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("soilDepth", "Depth of soil", .35, 3), Ask.Medium()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        return Answer.Of(
            DrainDown.Worked(v["soilDepth"], m, handbook),
            new("wetLayer", m.WetLayer), new("usableDepth", Math.Max(0, v["soilDepth"] - m.WetLayer)));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z = v["soilDepth"], wet = Math.Min(answer.Get<double>("wetLayer"), z), w = z * 1.4;
        return new(
            "sum", "The soil in section, with the wet layer that stays",
            [View.Box(0, 0, w, z, Ink.Soil), View.Box(0, 0, w, wet, Ink.Water), View.Segment(0, z, w, z, Ink.Hidden), View.GroundLine(0, w)], [Sketch.Down(w, 0, z, "soilDepth"), Sketch.Up(0, 0, wet, null)]);
    }
}
