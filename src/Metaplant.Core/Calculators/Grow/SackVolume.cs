using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class SackVolume : VolumeCalculator
{
    public override string Name => "volume-sack";

    public override string Question => "How much does a sack hold, with or without a watering core?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
        [Ask.Length("flatWidth", "Width laid flat", .55), Ask.Length("height", "Height standing filled", .80), Ask.Length("coreDiameter", "Across the core", .10).OrNone()];

    protected override string Formula => "V = π/4 (D² − d_core²) y, D = 2 flat/π";

    public override Vessel Shape(Values v) => CoredCylinder.Sack(v["flatWidth"], v["height"], v.Or("coreDiameter", 0));

    public override void CrossMeasures(Values v)
        => v.Refuse(v.Or("coreDiameter", 0) >= 2 * v["flatWidth"] / Math.PI, "coreDiameter", "The core is as wide as the sack; no room is left for soil.");

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "flat", "flatWidth", "width laid flat"), Of(v, "h", "height", "height filled"), new("d_core", "across the core", v.Or("coreDiameter", 0), Unit.Metre)];

    public override View Picture(Values v, double level)
    {
        double d = ((CoredCylinder)Shape(v)).Diameter, core = v.Or("coreDiameter", 0);
        var view = Side(v, level, Ink.Fabric, Sketch.Along(0, d, v["height"], null), Sketch.Down(d, 0, v["height"], "height"));
        return core == 0 ? view : view with
        {
            Shapes = [.. view.Shapes, View.Box((d - core) / 2, 0, (d + core) / 2, Math.Max(level, .01), Ink.Metal)],
            Dimensions = [.. view.Dimensions, Sketch.Under((d - core) / 2, (d + core) / 2, 0, "coreDiameter")],
        };
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("diameter", ((CoredCylinder)shape).Diameter)];
}
