using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class LengthOfASlantedStick : Calculator
{
    public override string Name => "stick-length";

    public override string Question => "How long must the sticks of a cone be?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["height"] = "tieHeight", ["radius"] = "baseRadius" })];

    public override string Slide => "tieHeight";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Length("embed", "In the ground", .15, 3), Ask.Length("above", "Above the tie", .15, 3)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Length of each stick", "(H + e + a) √(H² + r²) ÷ H", [new("H", "height of the tie", v["tieHeight"], Unit.Metre), new("r", "radius of the ring", v["baseRadius"], Unit.Metre), new("e", "in the ground", v["embed"], Unit.Metre), new("a", "above the tie", v["above"], Unit.Metre)],
        Cone.StickLength(v["tieHeight"], v["baseRadius"], v["embed"], v["above"]), Unit.Metre, "Geometry"));

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["tieHeight"], r = v["baseRadius"];
        var view = ConeSketch.View(4, r, h, [Sketch.Up(-r, 0, h, "tieHeight", .1), Sketch.Under(0, r, 0, "baseRadius"), new(new(r * 1.2, h), new(r * 1.2, h + v["above"]), -.06, v["above"], "above"), new(new(r * 1.2, -v["embed"]), new(r * 1.2, 0), -.06, v["embed"], "embed")], above: v["above"], embed: v["embed"]);
        return view;
    }
}
