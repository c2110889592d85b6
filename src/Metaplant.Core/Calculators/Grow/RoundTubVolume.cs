using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class RoundTubVolume : VolumeCalculator
{
    public override string Name => "volume-round-tub";

    public override string Question => "How much does a round tub hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
        [Ask.Length("topDiameter", "Across the top, inside", .60), Ask.Length("bottomDiameter", "Across the foot, inside", .48), Ask.Length("height", "Height inside", .42)];

    protected override string Formula => "V = π y/12 (D² + D d + d²), D at y";

    public override Vessel Shape(Values v) => new RoundTub(v["topDiameter"], v["bottomDiameter"], v["height"]);

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "D", "topDiameter", "across the top"), Of(v, "d", "bottomDiameter", "across the foot"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        double top = v["topDiameter"], foot = v["bottomDiameter"], widest = Math.Max(top, foot);
        return Side(v, level, Ink.Plastic, Sketch.Across(top, widest, v["height"], "topDiameter"), Sketch.Across(foot, widest, 0, "bottomDiameter", below: true), Sketch.Down(widest, 0, v["height"], "height"));
    }
}
