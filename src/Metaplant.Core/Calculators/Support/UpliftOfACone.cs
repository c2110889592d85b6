using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class UpliftOfACone : Calculator
{
    public override string Name => "cone-uplift";

    public override string Question => "How hard does a gust lift the far leg of a cone?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["legs"] = "legs", ["radius"] = "baseRadius" })];

    public override string Slide => "baseRadius";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Whole("legs", "Legs", 3, 24, 3), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Number("windForce", "Wind on it", Unit.Newton, 0, 20_000, 40), Ask.Length("windHeight", "Height of the wind", .9, 10),
        Ask.Number("weight", "Weight counted on", Unit.Newton, 0, 20_000, 30),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double lever = Cone.Lever(v.Whole("legs"), v["baseRadius"]), far = Cone.FarLeg(v.Whole("legs"), v["baseRadius"]);
        return Answer.Of(
            Sum.Of(
                "Pull on the far foot", "U = (F z − W r cos(π/n)) ÷ d",
                [new("F", "wind", v["windForce"], Unit.Newton), new("z", "its height", v["windHeight"], Unit.Metre), new("W", "weight", v["weight"], Unit.Newton), new("r cos(π/n)", "lever of the weight", lever, Unit.Metre), new("d", "far foot from the tipping edge", far, Unit.Metre)],
                Cone.Uplift(v.Whole("legs"), v["baseRadius"], v["windForce"], v["windHeight"], v["weight"]), Unit.Newton, "Moments about the edge between two feet", "The weight is taken as given", "Below nothing it stands by itself"),
            new("lever", lever), new("farLegDistance", far));
    }

    protected override View Draw(Values v, Answer answer) => ConeSketch.View(v.Whole("legs"), v["baseRadius"], v["windHeight"] * 1.9, [new(new(v["baseRadius"] * 1.3, 0), new(v["baseRadius"] * 1.3, v["windHeight"]), -.06, v["windHeight"], "windHeight"), Sketch.Under(0, v["baseRadius"], 0, "baseRadius")], v["windHeight"]);
}
