using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PipeOverARod : Calculator
{
    public override string Name => "sleeve-fit";

    public override string Question => "How far does a pipe lean that sits over a driven rod?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "overlap";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("inside", "Pipe, across inside", .016, .2), Ask.Length("rod", "Rod, across its ribs", .0125, .2), Ask.Length("overlap", "Rod inside the pipe", .40, 3), Ask.Length("height", "Pipe above ground", 1.3, 10)];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["rod"] > v["inside"], "rod", "Too thick: the pipe does not go over it.");
        v.Refuse(v["overlap"] > v["height"], "overlap", "The rod would stand out above the pipe.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var play = v["inside"] - v["rod"];
        return Answer.Of(
            Sum.Of("Lean at the top of the pipe", "(D − d) h ÷ l", [v.Term("D", "inside"), v.Term("d", "rod"), v.Term("l", "overlap"), v.Term("h", "height")], play * v["height"] / v["overlap"], Unit.Metre, "Geometry: the rod touches at both ends of the overlap", "Tape wound on the rod takes the play away"),
            new Also("play", play));
    }

    protected override View Draw(Values v, Answer answer)
    {
        // Drawn four times as thick as it is, or nothing would be seen of the fit.
        double h = v["height"], l = v["overlap"], lean = answer.Sum.Value, d = 4 * v["rod"], big = 4 * v["inside"];
        return new("sum", "In section, four times as thick as it is", [Sketch.Bar(new(0, 0), new(lean, h), big, Ink.Plastic), Sketch.Bar(new(0, -.25 * h), new(0, l), d, Ink.Metal), View.Segment(0, 0, 0, h, Ink.Hidden), View.GroundLine(-.2 * h, .2 * h)], [Sketch.Up(-big, 0, h, "height", .05 * h), Sketch.Down(big, 0, l, "overlap", .1 * h), .. lean > 0 ? (Dimension[])[Sketch.Along(0, lean, h, null, .04 * h)] : []]);
    }
}
