using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class RingsFromALine : Calculator
{
    public override string Name => "cone-rings";

    public override string Question => "How many rings does this much line wind?";

    public override Subject Subject => Subject.Support;

    public override string Counts => "rings";

    public override IReadOnlyList<Onward> Onwards { get; } = [new("cone-twine", "rings", "legs", "baseRadius", "tieHeight", "lowestRing", "stickDiameter", "wraps")];

    public override string Slide => "line";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("line", "Line at hand", 12.5, 500), Ask.Whole("legs", "Sticks", 3, 24, 4), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Length("lowestRing", "Lowest ring", .10, 10), Ask.Length("stickDiameter", "Stick, across", .022, .2),
        Ask.Number("wraps", "Turns round each stick", Unit.One, 0, 20, 1).OrTypical(),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        ConeSketch.RefuseRings(v);
        if (v.Problems.Count == 0) v.Refuse(Line(v, 1) > v["line"], "line", $"Even one ring with its lashing takes {Amount.Length(Line(v, 1))}.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var rings = Cone.RingsFor(v["line"], n => Line(v, n));
        return Answer.Of(
            Sum.Of("Rings", "the most whose line is no longer than what there is", [v.Term("L", "line"), v.Term("n", "legs"), v.Term("r", "baseRadius"), v.Term("H", "tieHeight"), v.Term("z₁", "lowestRing"), v.Term("d", "stickDiameter")], rings, Unit.Count, "Geometry, solved backwards", $"With six turns of lashing and a tail of {Amount.Length(.6)}"),
            new("lineUsed", Line(v, rings)), new("lineLeft", v["line"] - Line(v, rings)), new("ringSpacing", rings < 2 ? 0 : (Cone.HighestRing(v["tieHeight"]) - v["lowestRing"]) / (rings - 1)));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const int MostDrawn = 200;
        return ConeSketch.Wound(v, (int)Math.Min(MostDrawn, answer.Sum.Value));
    }

    private static double Line(Values v, int rings) => Cone.Twine(v.Whole("legs"), v["baseRadius"], v["tieHeight"], rings, v["lowestRing"], v["wraps"], v["stickDiameter"]);
}
