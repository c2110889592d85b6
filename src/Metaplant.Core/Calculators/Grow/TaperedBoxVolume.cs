using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class TaperedBoxVolume : VolumeCalculator
{
    public override string Name => "volume-tapered-box";

    public override string Question => "How much does a box with sloping sides hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
    [
        Ask.Length("topLength", "Length at the top", .56), Ask.Length("topWidth", "Width at the top", .36),
        Ask.Length("bottomLength", "Length at the foot", .50), Ask.Length("bottomWidth", "Width at the foot", .30), Ask.Length("height", "Height inside", .28),
    ];

    protected override string Formula => "V = y/6 (A₀ + 4 A½ + A_y)";

    public override Vessel Shape(Values v) => new TaperedBox(v["topLength"], v["topWidth"], v["bottomLength"], v["bottomWidth"], v["height"]);

    public override IReadOnlyList<Term> Terms(Values v) =>
        [Of(v, "L", "topLength", "length at the top"), Of(v, "W", "topWidth", "width at the top"), Of(v, "l", "bottomLength", "length at the foot"), Of(v, "w", "bottomWidth", "width at the foot"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        double length = Math.Max(v["topLength"], v["bottomLength"]), width = Math.Max(v["topWidth"], v["bottomWidth"]), x = length + .35 * length, h = v["height"];
        return new(
            "sum", "From the side, and from the end",
            [.. Sketch.Vessel(Shape(v), level, Ink.Plastic), .. Sketch.Vessel(Shape(v), level, Ink.Plastic, o => o.Width, x)],
            [
                Sketch.Across(v["topLength"], length, h, "topLength"), Sketch.Across(v["bottomLength"], length, 0, "bottomLength", below: true), Sketch.Down(length, 0, h, "height"),
                Sketch.Across(v["topWidth"], width, h, "topWidth", x), Sketch.Across(v["bottomWidth"], width, 0, "bottomWidth", x, below: true),
            ]);
    }
}
