using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class MeshRingVolume : VolumeCalculator
{
    public override string Name => "volume-mesh-ring";

    public override string Question => "How much does a ring bent from a sheet of mesh hold?";

    public override string Slide => "sheetLength";

    public override IReadOnlyList<Input> Measures { get; } = [Ask.Length("sheetLength", "Length of the sheet", 1.80), Ask.Length("overlap", "Overlap", .08), Ask.Length("height", "Height", .50)];

    protected override string Formula => "V = π D²/4 y, D = (sheet − overlap)/π";

    public override Vessel Shape(Values v) => CoredCylinder.MeshRing(v["sheetLength"], v["overlap"], v["height"]);

    public override void CrossMeasures(Values v) => v.Refuse(v["overlap"] >= v["sheetLength"], "overlap", "The overlap is as long as the sheet; nothing is left to bend.");

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "sheet", "sheetLength", "length of the sheet"), Of(v, "overlap", "overlap", "where its ends meet"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        var d = ((CoredCylinder)Shape(v)).Diameter;
        return Side(v, level, Ink.Fabric, Sketch.Along(0, d, v["height"], null), Sketch.Down(d, 0, v["height"], "height"));
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("diameter", ((CoredCylinder)shape).Diameter)];
}
