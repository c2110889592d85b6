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
        Answer answer = Answer.Of(sum, new Also("atMost", least)).With(Check.Compare(
            "lift", "Lifting", LoadCase.Normal, v["mass"], least, Unit.Kilogram, people is null ? "Too heavy to lift: fill it where it stands, or use a barrow, rollers or a ramp." : "With a straight back, and nobody hurt already.", null, [sum], new Remedy("At most", most, Unit.Kilogram, "mass")));
        return people is null ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        var n = (int)answer.Sum.Value;
        List<Shape> shapes = [View.Box(.3, .3, .9, .75, Ink.Plastic), View.GroundLine(-.3, 1.5), new Note(new(.6, .5), $"{v["mass"]:0.#} kg", Ink.Line)];
        foreach (var x in ((double[])[.05, 1.15, .6]).Take(n)) shapes.AddRange([new Disc(new(x, 1.62), .1, Ink.Stick), View.Segment(x, 1.5, x, .85, Ink.Stick), View.Segment(x, .85, x - .1, 0, Ink.Stick), View.Segment(x, .85, x + .1, 0, Ink.Stick), View.Segment(x, 1.35, .6, .75, Ink.Stick)]);
        if (n == 0) shapes.AddRange([new Disc(new(.45, .15), .15, Ink.Metal), new Disc(new(.75, .15), .15, Ink.Metal)]);
        return new("sum", n == 0 ? "Not by hand" : "By hand", shapes, []);
    }
}
