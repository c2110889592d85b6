using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class RoomRoundAScrew : Calculator
{
    public override string Name => "screw-distances";

    public override string Question => "How far from end and edge must a screw stay?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Screw, as sold", .005, .02), Ask.Length("thickness", "Thickness of the board", .018, .2), new FlagInput("hardwood", "Hardwood"), new FlagInput("predrilled", "Pre-drilled", true)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var drilled = v.Flag("predrilled");
        var clear = ScrewDistances.Of(v["diameter"], drilled);
        Sum thick = Sum.Of("Thinnest board that takes it undrilled", "7 d", [v.Term("d", "diameter")], ScrewDistances.DrillBelow * v["diameter"], Unit.Metre, "EN 1995-1-1 8.3.1.2", "Hardwood is always drilled");
        Answer answer = Answer.Of(
            Sum.Of("From an end that the load pulls on", drilled ? "12 d" : "15 d", [v.Term("d", "diameter")], clear.LoadedEnd, Unit.Metre, "EN 1995-1-1 table 8.2", drilled ? "Pre-drilled" : "Driven without a pilot hole", $"Load at any angle; wood up to {new Amount(420, Unit.KilogramPerCubicMetre)}"),
            new("unloadedEnd", clear.UnloadedEnd), new("loadedEdge", clear.LoadedEdge), new("unloadedEdge", clear.UnloadedEdge)).After(thick);
        if (drilled) return answer;
        return answer.With(v.Flag("hardwood")
            ? Check.Compare("split", "Splitting", LoadCase.Normal, 1, 0, Unit.One, "Hardwood splits unless it is drilled first.", null, [thick])
            : Check.Compare("split", "Splitting", LoadCase.Normal, thick.Value, v["thickness"], Unit.Metre, "A board thinner than this splits unless it is drilled first.", null, [thick], new Remedy("A screw no thicker than", v["thickness"] / ScrewDistances.DrillBelow, Unit.Metre, "diameter")));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], end = answer.Sum.Value, edge = answer.Get<double>("loadedEdge"), other = answer.Get<double>("unloadedEdge"), l = end * 2, w = edge + other;
        return new(
            "sum", "The end of the board, from the screw’s side",
            [View.Box(0, 0, l, w, Ink.Wood), new Disc(new(end, other), d, Ink.Metal), new Disc(new(end, other), d / 2, Ink.Hole), new Note(new(l * .78, w * .5), "pull →", Ink.Line)],
            [Sketch.Along(0, end, w, null, .02), Sketch.Down(l, 0, other, null, .02), Sketch.Down(l, other, w, null, .05), new(new(end - d / 2, other - d), new(end + d / 2, other - d), -.012, d, "diameter")]);
    }
}
