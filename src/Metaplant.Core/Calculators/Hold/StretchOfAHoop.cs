using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class StretchOfAHoop : Calculator
{
    public override string Name => "hoop-tension";

    public override string Question => "How hard is a round wall stretched?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "depth";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Depth("depth", "Depth of soil", .45), Ask.Length("radius", "Radius inside", .27, 5), Ask.UnitWeight(), Ask.Friction()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        Sum pressure = EarthPressure.Worked(v["depth"], WallKind.Braced, new(v["unitWeight"], 0, v["frictionAngleDegrees"], 0));
        return Answer.Of(Sum.Of(
                "Stretch of the wall at the foot", "T = p r", [new("p", "pressure at the foot", pressure.Value, Unit.Pascal), new("r", "radius", v["radius"], Unit.Metre)],
                ShellWalls.HoopTension(pressure.Value, v["radius"]), Unit.NewtonPerMetre, "Thin ring under inside pressure", "For each metre of height"))
            .After(pressure).With(RetainedSoil.Judge(v["depth"], "depth"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double r = v["radius"], z = Math.Max(v["depth"], .02), x = 2.6 * r;
        return new(
            "sum", "From above, and from the side",
            [new Disc(new(r, r), r * 1.04, Ink.Plastic), new Disc(new(r, r), r, Ink.Soil), .. Enumerable.Range(0, 12).Select(i => Spoke(r, i)), View.Box(x, 0, x + 2 * r, z, Ink.Soil), View.Box(x - .04 * r, 0, x, z * 1.05, Ink.Plastic), View.Box(x + 2 * r, 0, x + 2.04 * r, z * 1.05, Ink.Plastic)],
            [new(new(r, r), new(2 * r, r), 0, r, "radius"), Sketch.Down(x + 2.04 * r, 0, z, "depth")]);
    }

    private static Polyline Spoke(double r, int i)
    {
        var a = Math.PI * i / 6;
        return View.Segment(r + .8 * r * Math.Cos(a), r + .8 * r * Math.Sin(a), r + r * Math.Cos(a), r + r * Math.Sin(a), Ink.Pressure);
    }
}
