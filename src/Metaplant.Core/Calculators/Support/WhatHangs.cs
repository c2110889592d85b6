using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class WhatHangs : Calculator
{
    public override string Name => "hanging-load";

    public override string Question => "What must chain and hook be sold for?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "mass";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("mass", "Mass, wet through", Unit.Kilogram, 0, 2000, 18), Ask.Whole("legs", "Chains or lines", 1, 12, 3),
        new NumberInput("angleFromVerticalDegrees", "Angle from upright", Unit.Degree, 0, Hanging.GreatestAngle, 20, ZeroAllowed: true),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["legs"] == 1 && v["angleFromVerticalDegrees"] > 0, "angleFromVerticalDegrees", "One line alone hangs straight down: its angle is 0.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var h = Hanging.Of(v["mass"], v.Whole("legs"), v["angleFromVerticalDegrees"], handbook[Metals.BreakingOverMarked]);
        return Answer.Of(
            Sum.Of(
                "Pull in each line", "m g ÷ (n cos a)", [new("m", "mass, wet", v["mass"], Unit.Kilogram), new("n", "lines", v["legs"], Unit.Count), new("a", "angle from upright", v["angleFromVerticalDegrees"], Unit.Degree)],
                h.PerLeg, Unit.Newton, "Equilibrium", "Choose by the figure for three at most: four are never of one length", "Where it hangs over people, ask a professional", "Hook and beam must hold as much"),
            new("sizedForPerLeg", h.SizedForPerLeg), new("requiredMarkedLoad", h.RequiredMarkedLoad), new("requiredBreakingLoad", h.RequiredBreakingLoad))
            .After(Sum.Of(
                "Breaking load where no working load is marked", "k × pull in each of three at most", [handbook.Term(Metals.BreakingOverMarked), new("T", "pull to choose by", h.SizedForPerLeg, Unit.Newton)],
                h.RequiredBreakingLoad, Unit.Newton, "Usual for ropes and small fittings"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const double Drop = .5;
        double out_ = Drop * Math.Tan(v["angleFromVerticalDegrees"] * Math.PI / 180), r = Math.Max(out_, .12);
        var n = v.Whole("legs");
        var shapes = new List<Shape> { new Polygon([new(-r, 0), new(r, 0), new(r * .75, -.25), new(-r * .75, -.25)], Ink.Plastic), new Polygon([new(-r * .97, -.02), new(r * .97, -.02), new(r * .93, -.06), new(-r * .93, -.06)], Ink.Soil) };
        shapes.AddRange(Enumerable.Range(0, n).Select(i => View.Segment(n == 1 ? 0 : out_ * Math.Cos(2 * Math.PI * (i + .25) / n), 0, 0, Drop, Ink.Line)));
        shapes.Add(new Disc(new(0, Drop), .015, Ink.Metal));
        shapes.Add(View.Segment(-.3, Drop + .03, .3, Drop + .03, Ink.Ground));
        return new("sum", "From the side", shapes, []);
    }
}
