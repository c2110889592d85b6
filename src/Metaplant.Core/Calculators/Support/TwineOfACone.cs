using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class TwineOfACone : Calculator
{
    public override string Name => "cone-twine";

    public override string Question => "How much twine winds a cone?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["height"] = "tieHeight", ["radius"] = "baseRadius", ["legs"] = "legs", ["rings"] = "rings" })];

    public override IReadOnlyList<Onward> Onwards { get; } = [new("cone-rings", "line", "legs", "baseRadius", "tieHeight", "lowestRing", "stickDiameter", "wraps"), new("stick-length", null, "baseRadius", "tieHeight")];

    public override string Slide => "rings";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Whole("legs", "Sticks", 3, 24, 4), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Whole("rings", "Rings of twine", 1, 100, 7),
        Ask.Length("lowestRing", "Lowest ring", .10, 10), Ask.Number("wraps", "Turns round each stick", Unit.One, 0, 20, 1), Ask.Length("stickDiameter", "Stick, across", .022, .2),
        Ask.Number("lashingTurns", "Turns of the lashing", Unit.One, 0, 50, 6).OrTypical(), Ask.Length("tail", "Tail", .6, 10).OrTypical(),
    ];

    protected override void Cross(Values v, Handbook handbook) => ConeSketch.RefuseRings(v);

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Twine to wind it", "rings + turns round sticks + riser + lashing + tail",
        [
            new("n", "sticks", v["legs"], Unit.Count), new("r", "radius", v["baseRadius"], Unit.Metre), new("H", "height of the tie", v["tieHeight"], Unit.Metre), new("k", "rings", v["rings"], Unit.Count), new("z₁", "lowest ring", v["lowestRing"], Unit.Metre),
            new("w", "turns round each stick", v["wraps"], Unit.One), new("d", "stick", v["stickDiameter"], Unit.Metre), new("turns", "of the lashing", v["lashingTurns"], Unit.One), new("tail", "to tie off", v["tail"], Unit.Metre),
        ],
        Cone.Twine(v.Whole("legs"), v["baseRadius"], v["tieHeight"], v.Whole("rings"), v["lowestRing"], v["wraps"], v["stickDiameter"], v["lashingTurns"], v["tail"]), Unit.Metre, "Geometry", "Rings lie evenly from the lowest to nine tenths of the tie"));

    protected override View Draw(Values v, Answer answer) => ConeSketch.Wound(v, v.Whole("rings"));
}
