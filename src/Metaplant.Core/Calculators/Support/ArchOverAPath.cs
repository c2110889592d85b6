using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class ArchOverAPath : Calculator
{
    public override string Name => "hoop-arch";

    public override string Question => "What arch does a length of pipe make?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("arcLength", "Length of the pipe above ground", 2.6, 50), Ask.Length("span", "Between the feet", 1.4, 50)];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["arcLength"] < v["span"] * (1 - 1e-12), "arcLength", "The pipe is shorter than the gap it is to span.");
        v.Refuse(v["span"] < v["arcLength"] * 1e-4, "span", "Feet this close make a closed ring and no arch.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var arch = HoopArch.Of(Math.Max(v["arcLength"], v["span"]), v["span"]);
        Answer answer = Answer.Of(
            Sum.Of(
                "Radius of the arch", "a = R θ, s = 2 R sin(θ/2)", [new("a", "pipe", v["arcLength"], Unit.Metre), new("s", "between the feet", v["span"], Unit.Metre)],
                arch.Radius ?? 0, Unit.Metre, "Geometry, solved backwards", arch.Radius is null ? "As long as the span: flat, and no circle" : "One even circle; pipe that springs back stands a little flatter at the feet"),
            new("rise", arch.Rise), new("angleDegrees", arch.AngleDegrees), new("greatestWidth", arch.GreatestWidth));
        return arch.Radius is null ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double s = v["span"], rise = answer.Get<double>("rise");
        List<Point> curve = answer.Value is { } r
            ? [.. Enumerable.Range(0, 41).Select(i => answer.Get<double>("angleDegrees") * Math.PI / 180 * (i / 40.0 - .5)).Select(a => new Point(r * Math.Sin(a), rise - r + r * Math.Cos(a)))]
            : [new(-s / 2, 0), new(s / 2, 0)];
        var widest = answer.Get<double>("greatestWidth") / 2;
        return new("sum", "From the front", [new Polyline(curve, Ink.Ground), View.GroundLine(-widest, widest)], [Sketch.Under(-s / 2, s / 2, 0, "span"), new(new(0, 0), new(0, rise), 0, rise), .. widest > s / 2 + 1e-6 ? (Dimension[])[Sketch.Along(-widest, widest, rise, null)] : []]);
    }
}
