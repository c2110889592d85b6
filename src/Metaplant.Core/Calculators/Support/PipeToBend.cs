using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class PipeToBend : Calculator
{
    public override string Name => "bent-pipe";

    public override string Question => "Does a pipe spring to its arch, or is it bent on a former?";

    public override Subject Subject => Subject.Support;

    public override string Counts => "strain";

    public override string Slide => "radius";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Pipe or rod, across", .025, .2), Ask.Length("radius", "Radius of the arch", .72, 25), new ChoiceInput("stuff", "It is", Pipes.Ids)];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["radius"] < 2 * v["diameter"], "radius", "So tight a bend folds any pipe; this sum does not hold for it.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var bar = new BentBar(v["diameter"], v["radius"], Pipes.Get(handbook, v.Word("stuff")));
        Sum most = Sum.Of("Strain at which it stays bent", "f ÷ E", [handbook.Term($"pipe.{bar.Stuff.Id}.yield"), handbook.Term($"pipe.{bar.Stuff.Id}.modulus")], bar.GreatestStrain, Unit.One, "Hooke");
        Sum sum = Sum.Of("Strain on its outside", "d ÷ 2R", [v.Term("d", "diameter"), v.Term("R", "radius")], bar.Strain, Unit.One, "Geometry");
        List<Also> also = [new("springs", bar.Springs), new("leastRadius", bar.LeastRadius)];
        Check check = Check.Compare(
            "spring", "Springing", LoadCase.Normal, bar.Strain, bar.GreatestStrain, Unit.One, bar.Springs ? "It springs: it pushes on its feet, and stands flatter there than a circle." : "It stays bent: bend it on a former of the radius given, cold and slowly. A pipe kinks first; fill it with sand.", null, [sum, most],
            new Remedy("Springs no tighter than", bar.LeastRadius, Unit.Metre, "radius"));
        if (bar.FormerRadius is not { } former) return Answer.Of(sum, also).After(most).With(check);
        Sum back = Sum.Of("Radius of the former", "R_i where R_i ÷ (4x³ − 3x + 1) = R, x = R_i f ÷ (E d)", [v.Term("R", "radius"), v.Term("d", "diameter")], former, Unit.Metre, "Gardner 1957", "Yields without hardening; try it on a short piece first");
        return Answer.Of(sum, [.. also, new("formerRadius", former)]).After(most, back).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double r = v["radius"], d = v["diameter"];
        List<Point> Arc(double radius) => [.. Enumerable.Range(0, 41).Select(i => Math.PI * (i / 40.0)).Select(a => new Point(radius * Math.Cos(a), radius * Math.Sin(a)))];
        List<Shape> shapes = [new Polygon([.. Arc(r + d / 2), .. Arc(r - d / 2).AsEnumerable().Reverse()], Ink.Metal), View.GroundLine(-r, r)];
        if (answer.Also.FirstOrDefault(a => a.Name == "formerRadius")?.Value is double former) shapes.Add(new Polyline(Arc(former - d / 2), Ink.Cut));
        return new("sum", "The arch; inside it the former, where there is one", shapes, [Sketch.Under(0, r, 0, "radius"), new(new(r - d / 2, 0), new(r + d / 2, 0), -.04, d, "diameter")]);
    }
}
