using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HandsToLift : Calculator
{
    public override string Name => "lift";

    public override string Question => "How many people lift it?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "people";

    public override string Slide => "mass";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Number("mass", "Mass", Unit.Kilogram, 0, 20_000, 30)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var people = Lifting.People(v["mass"], handbook);
        double most = handbook[People.Lift(3)], least = people is { } n ? handbook[People.Lift(n)] : most;
        Sum sum = Sum.Of("People", "the fewest that lift so much together", [v.Term("m", "mass"), handbook.Term(People.Lift(1)), handbook.Term(People.Lift(2)), handbook.Term(People.Lift(3))], people ?? 0, Unit.Count, "Guideline weights for lifting near the body", "Near the body, on even ground, now and then");
        Answer answer = Answer.Of(sum, new Also("atMost", least));
        return people is not null ? answer : answer with
        {
            Value = null,
            Check = Check.Compare("lift", "Lifting", LoadCase.Normal, v["mass"], most, Unit.Kilogram, "Too heavy to lift: fill it where it stands, or use a barrow, rollers or a ramp.", null, [sum], new Remedy("At most", most, Unit.Kilogram, "mass")),
        };
    }

    protected override View Draw(Values v, Answer answer)
    {
        var n = (int)answer.Sum.Value;
        List<Shape> shapes = [View.Box(.3, .3, .9, .75, Ink.Plastic), View.GroundLine(-.3, 1.5), new Note(new(.6, .5), $"{Amount.Mass(v["mass"])}", Ink.Line)];
        foreach (var x in ((double[])[.05, 1.15, .6]).Take(n)) shapes.AddRange(
        [
            Sketch.Bar(new(x, .85), new(x - .1, 0), .07, Ink.Stick), Sketch.Bar(new(x, .85), new(x + .1, 0), .07, Ink.Stick), Sketch.Bar(new(x, 1.46), new(x, .8), .16, Ink.Stick), Sketch.Bar(new(x, 1.4), new(x + (.6 - x) * .55, .7), .05, Ink.Stick), new Disc(new(x, 1.58), .11, Ink.Stick),
        ]);
        if (n == 0) shapes.AddRange([new Disc(new(.45, .15), .15, Ink.Metal), new Disc(new(.75, .15), .15, Ink.Metal)]);
        return new("sum", n == 0 ? "Not by hand" : "By hand", shapes, []);
    }
}
