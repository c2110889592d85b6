using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class TiesForAWall : Calculator
{
    public override string Name => "tie-count";

    public override string Question => "How many tie wires does a wall need?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "ties";

    public override string Slide => "soilDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("wallLength", "Length of the wall", 2.4, 20), Ask.Length("soilDepth", "Soil against it", .4, 3), Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge(),
        Ask.Length("wireDiameter", "Wire", .0025, .02), Ask.Whole("strands", "Strands in a tie", 1, 8, 2).OrTypical(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        double push = EarthPressure.Resultant(0, v["soilDepth"], WallKind.Braced, soil, LoadCase.Normal), area = v["strands"] * Math.PI / 4 * Math.Pow(v["wireDiameter"], 2);
        Term yield = handbook.Term(Metals.WireYield);
        var capacity = area * yield.Value / 2;
        var most = capacity / push;
        var ties = Math.Max(0, (int)Math.Ceiling(v["wallLength"] / most - 1e-9) - 1);
        Sum strength = Sum.Of("What one tie holds", "A f_y ÷ 2", [new("A", "section of its strands", area, Unit.SquareMetre), yield], capacity, Unit.Newton, "Half the yield; the rest is for twisting and rust");
        Sum sum = Sum.Of(
            "Ties in the wall", "n = ⌈L ÷ (T/P)⌉ − 1",
            [new("L", "length of the wall", v["wallLength"], Unit.Metre), new("T", "what one tie holds", capacity, Unit.Newton), new("P", "push on each metre", push, Unit.NewtonPerMetre)],
            ties, Unit.Count, "Each tie takes the push half way to its neighbours", "The wall itself must span from tie to tie: see the board");
        Answer answer = Answer.Of(sum, new("greatestSpacing", most), new("capacity", capacity)).After(strength).With(RetainedSoil.Judge(v["soilDepth"], "soilDepth"));
        return RetainedSoil.ForAProfessional(v["soilDepth"]) ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        const int MostDrawn = 60;
        double l = v["wallLength"], w = Math.Min(1.2, l * .5), t = l * .015;
        var n = (int)Math.Min(answer.Value ?? 0, MostDrawn);
        return new(
            "sum", "The bed from above",
            [View.Box(0, 0, l, w, Ink.Soil), View.Box(0, -t, l, 0, Ink.Wood), View.Box(0, w, l, w + t, Ink.Wood), .. Enumerable.Range(1, n).Select(i => View.Segment(l * i / (n + 1), -t, l * i / (n + 1), w + t, Ink.Line))], [Sketch.Along(0, l, w + t, "wallLength")]);
    }
}
