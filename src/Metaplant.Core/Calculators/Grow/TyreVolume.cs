using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class TyreVolume : VolumeCalculator
{
    public override string Name => "volume-tyre";

    public override string Question => "How much does a tyre hold, lying flat?";

    public override string Slide => "overallDiameter";

    public override IReadOnlyList<Input> Measures { get; } = [Ask.Length("overallDiameter", "Across outside", .62, 3), Ask.Length("rimDiameter", "Across the hole", .38, 2), Ask.Length("sectionWidth", "Tread, its width", .185, 1)];

    protected override string Formula => "V = π/4 (d² + ¾ (D_i² − d²)) y, D_i = D − 2 t";

    public override Vessel Shape(Values v) => new Tyre(v["overallDiameter"], v["rimDiameter"], v["sectionWidth"]);

    public override void CrossMeasures(Values v) => v.Refuse(v["rimDiameter"] >= v["overallDiameter"], "rimDiameter", "The hole cannot be wider than the tyre.");

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "D", "overallDiameter", "across outside"), Of(v, "d", "rimDiameter", "across the hole"), Of(v, "w", "sectionWidth", "width of the tread")];

    public override View Picture(Values v, double level)
    {
        double d = v["overallDiameter"], hole = v["rimDiameter"], w = v["sectionWidth"], left = (d - hole) / 2;
        return new(
            "sum", "In section, lying flat",
            [View.Box(0, 0, d, w, Ink.Plastic), .. level > 0 ? (Shape[])[View.Box(Tyre.Tread, 0, d - Tyre.Tread, Math.Min(level, w), Ink.Soil)] : [], View.Box(0, w * .9, left, w, Ink.Plastic), View.Box(d - left, w * .9, d, w, Ink.Plastic), View.GroundLine(0, d)],
            [Sketch.Under(0, d, 0, "overallDiameter"), Sketch.Along(left, d - left, w, "rimDiameter"), Sketch.Down(d, 0, w, "sectionWidth")]);
    }
}
