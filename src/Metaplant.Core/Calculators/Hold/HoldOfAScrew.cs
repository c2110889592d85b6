using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HoldOfAScrew : Calculator
{
    public override string Name => "screw-joint";

    public override string Question => "What does one screw hold across a joint?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "effectiveDiameter";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("nearThickness", "Board under the head", .018, .3), Ask.Length("penetration", "Point in the far piece", .038, .3), Ask.Length("effectiveDiameter", "Screw, 1.1 × its root", .0033, .03),
        Ask.Number("nearDensity", "Density of the near piece", Unit.KilogramPerCubicMetre, 0, 1200, 290), Ask.Number("farDensity", "Density of the far piece", Unit.KilogramPerCubicMetre, 0, 1200, 290),
        new FlagInput("predrilled", "Pre-drilled", null), new FlagInput("endGrain", "Into end grain"), new FlagInput("toed", "Driven at a slant"),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var joint = Joint(v, handbook);
        var timber = Timbers.Get(handbook, "C14");
        var (mode, force) = joint.Weakest;
        return Answer.Of(joint.Worked(), new("design", joint.Design(timber, LoadCase.Normal)), new("mode", mode.ToString())) with
        {
            Steps = [Sum.Of("For a load that stays, outdoors", "F × k_mod ÷ γ_M", [new("F", "characteristic", force, Unit.Newton), handbook.Term("timber.C14.kmod"), handbook.Term("timber.C14.partial")], joint.Design(timber, LoadCase.Normal), Unit.Newton, CodeFactors.Source, "Set this against the factored force")],
        };
    }

    protected override View Draw(Values v, Answer answer)
    {
        double t1 = v["nearThickness"], t2 = v["penetration"], d = v["effectiveDiameter"], w = Math.Max(t1 + t2, 12 * d), y = w / 2, deep = t2 * 1.25;
        return new(
            "sum", "The joint in section",
            [
                View.Box(0, 0, t1, w, Ink.Wood), View.Box(t1, -w * .15, t1 + deep, w * 1.15, v.Flag("endGrain") ? Ink.Wood : Ink.WoodEnd), Sketch.Bar(new(0, y), new(t1 + t2, v.Flag("toed") ? y - t2 * .4 : y), d, Ink.Metal, "screw"), View.Box(-d * .5, y - d, 0, y + d, Ink.Metal),
            ],
            [Sketch.Along(0, t1, w, "nearThickness", .01), Sketch.Along(t1, t1 + t2, w * 1.15, "penetration", .01), new(new(t1 * .5, y - d / 2), new(t1 * .5, y + d / 2), .02, d, "effectiveDiameter")]);
    }

    private static ScrewJoint Joint(Values v, Handbook handbook) => new(v["nearThickness"], v["penetration"], v["effectiveDiameter"], v["nearDensity"], v["farDensity"], v.Flag("predrilled"), v.Flag("endGrain"), v.Flag("toed"), handbook[Metals.ScrewStrength]);
}
