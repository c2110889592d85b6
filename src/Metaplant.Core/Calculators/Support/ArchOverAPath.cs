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

    public override IReadOnlyList<Onward> Onwards { get; } = [new("bent-pipe", "radius"), new("arch-load", null, "arcLength", "span")];

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("arcLength", "Length of the pipe above ground", 2.6, 50), Ask.Length("span", "Between the feet", 1.4, 50), Ask.Length("levelDifference", "One foot higher by", .2, 20).OrNone(), Ask.Length("headroom", "Headroom wanted", 2.0, 20).OrNone(),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        var chord = HoopArch.Chord(v["span"], v.Or("levelDifference", 0));
        v.Refuse(v["arcLength"] < chord * (1 - 1e-12), "arcLength", "The pipe is shorter than the gap it is to span.");
        v.Refuse(v["span"] < v["arcLength"] * 1e-4, "span", "Feet this close make a closed ring and no arch.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        double higher = v.Or("levelDifference", 0), chord = HoopArch.Chord(v["span"], higher);
        var arch = Arch(v);
        Answer answer = Answer.Of(
            Sum.Of(
                "Radius of the arch", "a = R θ, s = 2 R sin(θ/2)", [new("a", "pipe", v["arcLength"], Unit.Metre), new("s", "between the feet", chord, Unit.Metre)],
                arch.Radius ?? 0, Unit.Metre, "Geometry, solved backwards", arch.Radius is null ? "As long as the span: flat, and no circle" : "One even circle; pipe that springs back stands a little flatter at the feet"),
            [
                new("rise", arch.Rise), new("angleDegrees", arch.AngleDegrees), new("greatestWidth", arch.GreatestWidth), .. v.Has("levelDifference") ? (Also[])[new("crownHeight", arch.CrownHeight)] : [],
                .. v.Has("headroom") && higher == 0 ? (Also[])[new("widthAtHeadroom", arch.WidthAt(v["headroom"]))] : [],
            ]);
        return arch.Radius is null ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double s = v["span"], rise = answer.Get<double>("rise"), higher = v.Or("levelDifference", 0), tilt = Math.Atan2(higher, s), chord = HoopArch.Chord(s, higher);
        var level = Arch(v).Curve(chord);
        // Turned about the lower foot, which stays where it is.
        List<Point> curve = [.. level.Select(p => new Point((p.X + chord / 2) * Math.Cos(tilt) - p.Y * Math.Sin(tilt) - s / 2, (p.X + chord / 2) * Math.Sin(tilt) + p.Y * Math.Cos(tilt)))];
        double widest = answer.Get<double>("greatestWidth") / 2, left = higher > 0 ? Math.Min(-s / 2, curve.Min(p => p.X)) : -widest, right = higher > 0 ? Math.Max(s / 2, curve.Max(p => p.X)) : widest, crown = curve.Max(p => p.Y), at = curve.MaxBy(p => p.Y).X;
        List<Shape> shapes = [new Polyline(curve, Ink.Ground), View.GroundLine(left, right)];
        if (higher > 0) shapes.Add(View.Box(s / 2 - .04 * s, 0, right + .06 * s, higher, Ink.Soil));
        List<Dimension> dimensions = [Sketch.Under(-s / 2, s / 2, 0, "span"), new(new(at, 0), new(at, crown), 0, crown)];
        if (higher > 0) dimensions.Add(Sketch.Down(right + .06 * s, 0, higher, "levelDifference"));
        else if (right > s / 2 + 1e-6) dimensions.Add(Sketch.Along(left, right, rise, null));
        if (answer.Also.FirstOrDefault(a => a.Name == "widthAtHeadroom")?.Value is double and > 0 and var wide) dimensions.Add(new(new(-wide / 2, v["headroom"]), new(wide / 2, v["headroom"]), 0, wide));
        return new("sum", "From the front", shapes, dimensions);
    }

    private static HoopArch Arch(Values v)
    {
        var higher = v.Or("levelDifference", 0);
        return HoopArch.Of(Math.Max(v["arcLength"], HoopArch.Chord(v["span"], higher)), v["span"], higher);
    }
}
