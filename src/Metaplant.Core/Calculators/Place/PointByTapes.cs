using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PointByTapes : Calculator
{
    public override string Name => "point-by-tapes";

    public override string Question => "Where is a point that I measured from both ends of a line?";

    public override Subject Subject => Subject.Place;

    public override string Slide => "a";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("base", "Base line", 6, Mark.Farthest), Ask.Length("a", "From its first end", 4.5, Mark.Farthest), Ask.Length("b", "From its second end", 3.6, Mark.Farthest)];

    protected override void Cross(Values v, Handbook handbook)
    {
        foreach (var problem in Tapes.Point(v["base"], v["a"], v["b"]).Problems) v.Refuse(true, problem.Field, problem.Sentence);
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var found = Tapes.Point(v["base"], v["a"], v["b"]).OrThrow();
        return Answer.Of(
            Sum.Of(
                "How far off the base line", "off = √(a² − along²), along = (a² − b² + base²) ÷ 2 base", [v.Term("base", "base"), v.Term("a", "a"), v.Term("b", "b"), new("along", "along the base line from its first end", found.Along, Unit.Metre)], found.Off, Unit.Metre,
                "Law of cosines", "Tapes pulled tight and level", "On which side of the line it lies no tape says"),
            new Also("along", found.Along));
    }

    protected override View Draw(Values v, Answer answer)
    {
        Point a = default, b = new(v["base"], 0), p = new(answer.Get<double>("along"), answer.Sum.Value);
        var r = Math.Max(v["base"], answer.Sum.Value) / 60;
        return new(
            "sum", "From above", [new Polyline([a, b], Ink.Line), new Polyline([a, p], Ink.Stick), new Polyline([b, p], Ink.Stick), new Disc(a, r, Ink.Hole), new Disc(b, r, Ink.Hole), new Disc(p, r * 1.4, Ink.Pressure)],
            [new(b, a, r * 4, v["base"], "base"), new(a, p, r * 4, v["a"], "a"), new(p, b, r * 4, v["b"], "b")]);
    }
}
