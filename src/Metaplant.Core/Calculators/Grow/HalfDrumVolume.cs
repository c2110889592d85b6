using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HalfDrumVolume : VolumeCalculator
{
    public override string Name => "volume-half-drum";

    public override string Question => "How much does half a drum on its side hold?";

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Measures { get; } = [Ask.Length("diameter", "Across the drum, inside", .57), Ask.Length("length", "Length of the drum", .85)];

    protected override string Formula => "V = L (R² acos((R − y)/R) − (R − y) √(2 R y − y²))";

    public override Vessel Shape(Values v) => new HalfDrum(v["diameter"], v["length"]);

    public override IReadOnlyList<Term> Terms(Values v) => [new("R", "half the diameter", v["diameter"] / 2, Unit.Metre), Of(v, "L", "length", "length")];

    public override View Picture(Values v, double level)
    {
        double d = v["diameter"], l = v["length"], x = d * 1.35;
        return new(
            "sum", "From the end, and from the side",
            [.. Sketch.Vessel(Shape(v), level, Ink.Plastic, o => o.Width), .. Sketch.Vessel(new TaperedBox(l, 1, l, 1, d / 2), level, Ink.Plastic, x: x)],
            [Sketch.Along(0, d, d / 2, "diameter"), Sketch.Along(x, x + l, d / 2, "length")]);
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("surfaceWidth", ((HalfDrum)shape).WidthAt(level))];
}
