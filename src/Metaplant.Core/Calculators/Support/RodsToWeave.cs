using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class RodsToWeave : Calculator
{
    public override string Name => "weave";

    public override string Question => "How many rods weave this wall?";

    public override Subject Subject => Subject.Support;

    public override string Counts => "rods";

    public override string Slide => "stakeSpacing";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("length", "Length of the wall", 3, 100), Ask.Length("height", "Height", .4, 5), Ask.Length("stakeSpacing", "Between stakes", .35, 5), Ask.Length("stakeDiameter", "Stake, across", .045, .3), Ask.Length("rodDiameter", "Rod, across", .018, .2),
        Ask.Length("rodLength", "Length of a rod", 1.8, 20), Ask.Length("overlap", "Overlap", .30, 10), new FlagInput("closed", "Round a closed ring"),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["overlap"] >= v["rodLength"], "overlap", "The overlap is as long as the rod; nothing is left to weave.");
        v.Refuse(v["stakeSpacing"] <= v["stakeDiameter"], "stakeSpacing", "The stakes would touch.");
        v.Refuse(v["length"] / v["stakeSpacing"] > 1e5 || v["height"] / v["rodDiameter"] > 1e5, "rodDiameter", "More than anybody weaves.");
        if (v.Problems.Count == 0) v.Refuse(v["length"] * v["height"] / v["rodDiameter"] / (v["rodLength"] - v["overlap"]) > 1e6, "overlap", "More rods than anybody weaves.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var w = Weaving.Of(v["length"], v["height"], v["stakeSpacing"], v["stakeDiameter"], v["rodDiameter"], v["rodLength"], v["overlap"], handbook[Practice.WeavePacking], v.Flag("closed"));
        return Answer.Of(
            Sum.Of(
                "Rods to weave", "⌈L × courses × factor ÷ (rod − overlap)⌉",
                [new("L", "length of the wall", v["length"], Unit.Metre), new("courses", "one above another", w.Courses, Unit.Count), new("factor", "the way in and out", w.PathFactor, Unit.One), new("rod", "length of a rod", v["rodLength"], Unit.Metre), new("overlap", "where two meet", v["overlap"], Unit.Metre), handbook.Term(Practice.WeavePacking)],
                w.Rods, Unit.Count, "Geometry: a rod runs as a sine round the stakes", "Courses ⌈h ÷ k rod⌉, since they close up", "Fetch a tenth more for those that snap"),
            new("stakes", w.Stakes), new("courses", w.Courses), new("pathFactor", w.PathFactor));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const int MostStakes = 60;
        double l = v["length"], h = v["height"], s = v["stakeSpacing"], d = v["stakeDiameter"], rod = v["rodDiameter"];
        var stakes = Math.Min((int)Math.Round(l / s) + 1, MostStakes);
        var courses = Math.Min((int)(h / rod / .9) + 1, 80);
        return new(
            "sum", "From the front",
            [
                .. Enumerable.Range(0, stakes).Select(i => View.Box(Math.Min(i * s, l) - d / 2, -h * .5, Math.Min(i * s, l) + d / 2, h * 1.15, Ink.Stick)),
                .. Enumerable.Range(0, courses).Select(i => View.Segment(0, Math.Min((i + .5) * rod * .9, h), l, Math.Min((i + .5) * rod * .9, h), Ink.Line)), View.GroundLine(0, l),
            ],
            [Sketch.Along(0, l, h * 1.15, "length", .08), Sketch.Down(l, 0, h, "height"), Sketch.Under(0, Math.Min(s, l), -h * .5, "stakeSpacing")]);
    }
}
