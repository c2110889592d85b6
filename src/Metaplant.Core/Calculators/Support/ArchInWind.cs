using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class ArchInWind : Calculator
{
    public override string Name => "arch-load";

    public override string Question => "Will a row of arches stand in wind and snow?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "bay";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("arcLength", "Length of the pipe above ground", 2.6, 20), Ask.Length("span", "Between the feet", 1.4, 20), Ask.Length("bay", "From arch to arch", .8, 5), Ask.Length("diameter", "Pipe, across outside", .025, .2), Ask.Length("wall", "Its wall; leave out for a rod", .002, .05).OrNone(),
        new ChoiceInput("stuff", "It is", Pipes.Ids), new ChoiceInput("cover", "Over it", ["Net", "Leaves"]), Ask.Gust(), new FlagInput("winter", "Left up in winter"), new FlagInput("overPeople", "It could fall on people"),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["arcLength"] < v["span"] * 1.02, "arcLength", "As long as its span it is no arch; one that carries stands higher.");
        v.Refuse(v["span"] < v["arcLength"] * .1, "span", "Feet this close make a ring and no arch.");
        v.Refuse(v.Or("wall", 0) > v["diameter"] / 2, "wall", "The wall cannot be thicker than half the pipe.");
        v.Refuse(v["diameter"] > v["span"] / 10, "diameter", "So thick for its span it is no pipe that bends.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var (arch, bar, stuff) = (Frame(v), new RoundBar(v["diameter"], v.Or("wall", v["diameter"] / 2)), Pipes.Get(handbook, v.Word("stuff")));
        Term gust = handbook.Term(Gusts.Of(v.Word("exposure"))), drag = handbook.Term(Gusts.Drag), solidity = handbook.Term(v.Word("cover") == "Net" ? Gusts.Net : Gusts.Leaves), left = handbook.Term(Gusts.Winter), snow = handbook.Term(Gusts.Snow);
        var winter = v.Flag("winter");
        double force = arch.Force(gust.Value, drag.Value, solidity.Value) * (winter ? left.Value : 1), bends = arch.WindMoment(force), loaded = winter ? arch.SnowMoment(snow.Value * solidity.Value) : 0;
        double weight = ArchFrame.Weight(v["arcLength"], bar, stuff.Density), uplift = arch.Uplift(force, handbook[CodeFactors.WeightCountedOnId] * weight), holds = bar.Modulus * stuff.Yield;
        Sum wind = Sum.Of("Wind on one arch from the side", "k .613 v² c φ A", [gust, drag, solidity, new("A", "rise × bay", arch.Outline, Unit.SquareMetre), .. winter ? (Term[])[left] : []], force, Unit.Newton, "EN 1991-1-4 (4.10)");
        Sum moment = Sum.Of(
            "Greatest moment in the pipe", winter ? "the greater of F h/4 and q φ s² bay/64" : "F h/4", [new("F", "wind", force, Unit.Newton), new("h", "rise", arch.Arch.Rise, Unit.Metre), .. winter ? (Term[])[snow, v.Term("s", "span"), v.Term("bay", "bay")] : []], Math.Max(bends, loaded), Unit.NewtonMetre,
            "Each half stands by itself against wind; snow on one half bends a two-hinged arch most", "Feet held in the ground");
        Sum strength = Sum.Of("What the pipe takes", "W f", [new("W", "section modulus, cm³", bar.Modulus * 1e6, Unit.One), handbook.Term($"pipe.{stuff.Id}.yield")], holds, Unit.NewtonMetre, "Bent until it stays bent");
        Sum pull = Sum.Of("Pull on the windward foot", "(F h/2 − γ W s/2) ÷ s", [new("F", "wind", force, Unit.Newton), new("h", "rise", arch.Arch.Rise, Unit.Metre), v.Term("s", "span"), handbook.Term(CodeFactors.WeightCountedOnId), new("W", "weight of the pipe", weight, Unit.Newton)], uplift, Unit.Newton, "Moments about the other foot", "A driven stick holds a few newtons: peg or weigh every foot");
        Answer answer = Answer.Of(pull, [new("windForce", force), new("moment", moment.Value), .. winter ? (Also[])[new("feetThrust", arch.SnowThrust(snow.Value * solidity.Value))] : [], new("endForce", arch.EndForce(gust.Value, drag.Value, solidity.Value) * (winter ? left.Value : 1)), new("strain", HoopArch.BendingStrain(bar.Diameter, arch.Arch.Radius!.Value))])
            .After(wind, moment);
        if (v.Flag("overPeople")) return answer.With(Check.AskAProfessional("arch", "Over people", "Where it could fall on people, how it is held is for a qualified person to say.")) with { Value = null };
        Sum wanted = Factored.Surcharge(handbook, moment);
        return answer.After(wind, moment, wanted, strength).With(Check.Compare(
            "arch", "The pipe", LoadCase.Normal, wanted.Value, holds, Unit.NewtonMetre, winter ? "Take net and leaves down before winter, and neither snow nor gales count." : "Brace the row along its length with a diagonal at each end, or it lies down like dominoes.", null, [wind, moment, wanted, strength],
            new Remedy("Arches no farther apart than", v["bay"] * holds / wanted.Value, Unit.Metre, "bay")).OrWhenSound("The pipe stands it; brace the row along its length with a diagonal at each end all the same."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var arch = Frame(v).Arch;
        double s = v["span"], step = s * .18;
        List<Shape> shapes = [.. Enumerable.Range(0, 3).Reverse().Select(i => new Polyline([.. arch.Curve(s).Select(p => new Point(p.X + i * step, p.Y + i * step * .4))], i == 0 ? Ink.Ground : Ink.Hidden))];
        shapes.AddRange([View.Segment(-s, arch.Rise / 2, -s * .6, arch.Rise / 2, Ink.Line), new Note(new(-s * .8, arch.Rise * .54), "wind", Ink.Line), View.GroundLine(-s / 2, s / 2)]);
        return new("sum", "The row from its end", shapes, [Sketch.Under(-s / 2, s / 2, 0, "span"), new(new(0, 0), new(0, arch.Rise), 0, arch.Rise)]);
    }

    private static ArchFrame Frame(Values v) => new(HoopArch.Of(v["arcLength"], v["span"]), v["span"], v["bay"]);
}
