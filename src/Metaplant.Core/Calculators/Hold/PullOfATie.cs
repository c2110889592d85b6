using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PullOfATie : Calculator
{
    public override string Name => "tie-force";

    public override string Question => "How hard does a tie across the bed pull?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
        [Ask.Depth("depthTop", "Upper edge of its share", 0), Ask.Depth("depthBottom", "Lower edge of its share", .4), Ask.Length("spacing", "Between ties", .6, 10), Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge()];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["depthBottom"] <= v["depthTop"], "depthBottom", "The lower edge must be deeper than the upper one.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        var push = EarthPressure.Resultant(v["depthTop"], v["depthBottom"], WallKind.Braced, soil, LoadCase.Normal);
        Sum pressure = EarthPressure.Worked((v["depthTop"] + v["depthBottom"]) / 2, WallKind.Braced, soil);
        return Answer.Of(Sum.Of(
                "Pull in one tie", "T = p(middle) × (z₂ − z₁) × s",
                [new("p", "pressure in the middle of its share", pressure.Value, Unit.Pascal), new("z₁", "upper edge", v["depthTop"], Unit.Metre), new("z₂", "lower edge", v["depthBottom"], Unit.Metre), new("s", "between ties", v["spacing"], Unit.Metre)],
                push * v["spacing"], Unit.Newton, "Resultant over the tributary area; Jaky 1944", "Held walls: pressure at rest", "The anchor at its end must hold as much"))
            .After(pressure).With(RetainedSoil.Judge(v["depthBottom"], "depthBottom"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z2 = Math.Max(v["depthBottom"], .02), z1 = v["depthTop"], w = z2 * 1.6, y = z2 - (z1 + z2) / 2, t = z2 * .05;
        return new(
            "sum", "The bed in section, the share of one tie marked",
            [
                View.Box(0, 0, w, z2, Ink.Soil), View.Box(-t, 0, 0, z2 * 1.06, Ink.Wood), View.Box(w, 0, w + t, z2 * 1.06, Ink.Wood), View.Box(w + t, 0, w + t * 3, z2 - z1, Ink.Pressure), View.Segment(-t, y, w + t, y, Ink.Line), View.GroundLine(0, w),
            ],
            [new(new(w * .3, z2 - z1), new(w * .3, z2), 0, z1, "depthTop"), Sketch.Up(-t, 0, z2, "depthBottom", .08)]);
    }
}
