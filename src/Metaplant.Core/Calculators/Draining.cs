using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FlowThroughAHole : Calculator
{
    public override string Name => "hole-flow";

    public override string Question => "How fast does water run out of a hole?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Hole", .010, .5), Ask.Length("head", "Water over it", .010, 5)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Flow through the hole", "Q = 0.6 (π d²/4) √(2 g h)", [new("d", "hole", v["diameter"], Unit.Metre), new("h", "water over it", v["head"], Unit.Metre)],
        Orifice.Flow(v["diameter"], v["head"]), Unit.CubicMetrePerSecond, "Torricelli, with a discharge of 0.6 for a sharp edge", "Free water; through soil the way to the hole is what counts"));

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], h = v["head"], w = Math.Max(4 * d, 1.5 * h), t = w / 25;
        return new(
            "sum", "In section",
            [View.Box(0, 0, w, h, Ink.Water), View.Box(-t, -t, (w - d) / 2, 0, Ink.Plastic), View.Box((w + d) / 2, -t, w + t, 0, Ink.Plastic), View.Box(-t, 0, 0, h + 3 * t, Ink.Plastic), View.Box(w, 0, w + t, h + 3 * t, Ink.Plastic), View.Box((w - d * .62) / 2, -h * .35 - t, (w + d * .62) / 2, -t, Ink.Water)],
            [Sketch.Under((w - d) / 2, (w + d) / 2, -t, "diameter"), Sketch.Down(w + t, 0, h, "head")]);
    }
}

public sealed class SpacingOfHoles : Calculator
{
    public override string Name => "hole-spacing";

    public override string Question => "How far apart may drain holes be?";

    public override Subject Subject => Subject.Drain;

    public override IReadOnlyList<Use> Uses { get; } = [new("drilled-tub", new Dictionary<string, string> { ["hole"] = "holeDiameter", ["pad"] = "padDiameter" })];

    public override string Slide => "toleratedWetDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("conductivity", "How fast the wet soil passes water", Unit.MetrePerSecond, 0, .1, 60e-3 / 3600), Ask.Number("rain", "Rain designed for", Unit.MetrePerSecond, 0, .001, 10e-3 / 3600),
        Ask.Length("holeDiameter", "Hole", .010, .5), Ask.Length("toleratedWetDepth", "Wet depth the plants tolerate", .050, 1),
        Ask.Length("padDiameter", "Coarse pad over each hole", .060, 1).OrNone(), Ask.Number("topToBaseArea", "Top area over foot area", Unit.One, 0, 20, 1).OrTypical(),
    ];

    protected override void Cross(Values v)
    {
        v.Refuse(v["conductivity"] / v["rain"] > 1e9, "rain", "So little rain on so open a soil needs no holes to be worked out.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var s = HoleSpacing.Work(v["conductivity"], v["rain"], v["holeDiameter"], v["toleratedWetDepth"], v.Or("padDiameter", 0), v["topToBaseArea"]);
        var check = Check.Compare(
            "ponds", "Rain beside what the soil passes", LoadCase.Normal, v["rain"] * v["topToBaseArea"], v["conductivity"], Unit.MetrePerSecond,
            s.Ponds ? "Rain comes faster than this soil lets it through: water stands on top, whatever the holes." : "The soil passes the rain.", null, [s.Sum],
            new Remedy("A soil that passes at least", v["rain"] * v["topToBaseArea"], Unit.MetrePerSecond, "conductivity"));
        return Answer.Of(s.Sum, new("bySoil", s.BySoil), new("byEntry", s.ByEntry), new("cellRadius", s.CellRadius), new("ponds", s.Ponds)).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double s = answer.Sum.Value, h = v["toleratedWetDepth"], r = Math.Max(v["holeDiameter"], v.Or("padDiameter", 0)) / 2, depth = Math.Max(2.2 * h, .35 * s), t = Math.Max(s, h) / 40;
        List<Point> table = [.. Enumerable.Range(0, 25).Select(i => new Point(s * i / 24, h * Math.Sqrt(Math.Max(0, Math.Sin(Math.PI * i / 24)))))];
        List<Shape> shapes =
        [
            View.Box(-s * .3, 0, s * 1.3, depth, Ink.Soil), new Polygon([new(0, 0), .. table, new(s, 0)], Ink.Water), View.Box(-s * .3, -t, s * 1.3, 0, Ink.Plastic),
        ];
        foreach (var x in (double[])[0, s])
        {
            if (v.Has("padDiameter")) shapes.Add(new Polygon([new(x - r, 0), new(x + r, 0), new(x + r * .6, r * .5), new(x - r * .6, r * .5)], Ink.WoodEnd));
            shapes.Add(View.Box(x - v["holeDiameter"] / 2, -t, x + v["holeDiameter"] / 2, 0, Ink.Hole));
        }

        return new("sum", "Two holes in section, the water that stands between them", shapes,
        [
            Sketch.Along(0, s, depth, null), new(new(s / 2, 0), new(s / 2, h), 0, h, "toleratedWetDepth"), Sketch.Under(-v["holeDiameter"] / 2, v["holeDiameter"] / 2, -t, "holeDiameter"),
            .. v.Has("padDiameter") ? (Dimension[])[Sketch.Under(s - r, s + r, -t, "padDiameter")] : [],
        ]);
    }
}

public sealed class HolesInAFoot : Calculator
{
    private const int Most = 2_000;

    public override string Name => "hole-grid";

    public override string Question => "How many holes, and where?";

    public override Subject Subject => Subject.Drain;

    public override string Counts => "count";

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("base", "The foot inside"), Ask.Length("spacing", "No farther apart than", .12, 5), Ask.Length("holeDiameter", "Hole", .010, .5).OrNone(),
        new ListInput("keepClear", "Places to keep clear of", [Ask.Number("x", "From the middle, along", Unit.Metre, -20, 20, .1), Ask.Number("y", "From the middle, across", Unit.Metre, -20, 20, .1), Ask.Length("radius", "Radius", .04, 20)], 0, 20),
    ];

    protected override void Cross(Values v)
    {
        var foot = v.Outline("base");
        v.Refuse((foot.Length / v["spacing"] + 1) * (foot.Width / v["spacing"] + 1) > Most, "spacing", $"So close there would be over {Most} holes and no floor left.");
        v.Refuse(v.Has("holeDiameter") && v["holeDiameter"] >= v["spacing"], "holeDiameter", "Holes as wide as they are apart leave no floor.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var foot = v.Outline("base");
        List<KeepClear> clear = [.. v.List("keepClear").Select(k => new KeepClear(new(k["x"], k["y"]), k["radius"]))];
        var grid = HoleGrid.Work(foot, v["spacing"], v.Or("holeDiameter", 0), clear);
        return Answer.Of(
            Sum.Of(
                "Holes in the foot", foot is CircleOutline ? "centres of a square lattice within the circle" : "⌈L/s⌉ × ⌈W/s⌉, at least 3",
                [new("L", "length or diameter", foot.Length, Unit.Metre), new("W", "width", foot.Width, Unit.Metre), new("s", "no farther apart than", v["spacing"], Unit.Metre)],
                grid.Count, Unit.Count, "Equal cells, a hole in the middle of each", clear.Count > 0 ? "Holes that met a kept-clear place have moved to the nearest free point" : "Nothing is in the way"),
            new Also("positions", grid.Positions));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var foot = v.Outline("base");
        return new(
            "sum", "The foot from above",
            [new Polygon(foot.ToPolygon(), Ink.Plastic), .. v.List("keepClear").Select(k => new Disc(new(k["x"], k["y"]), k["radius"], Ink.Hidden)), .. answer.Get<IReadOnlyList<Point>>("positions").Select(p => new Disc(p, Math.Max(v.Or("holeDiameter", .01) / 2, foot.Length / 200), Ink.Hole))],
            [.. OutlineSketch.Dimensions("base", foot)]);
    }
}

public sealed class FallToAnOutlet : Calculator
{
    public override string Name => "outlet-fall";

    public override string Question => "How much must a long vessel slope to its outlet?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "length";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("length", "From the outlet to the far end", 1.5, 20), Ask.Number("slope", "Slope, part of the way", Unit.One, 0, .5, Outlet.UsualSlope).OrTypical()];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "How much higher the far end stands", "f = L s", [new("L", "from the outlet to the far end", v["length"], Unit.Metre), new("s", "slope", v["slope"], Unit.One)],
        Outlet.Fall(v["length"], v["slope"]), Unit.Metre, "Practice: 1.5 %, so that puddles find the way over small unevenness", "Packers go under the bearers, not under the vessel"));

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["length"], f = answer.Sum.Value, h = .25 * l;
        return new(
            "sum", "From the side",
            [
                new Polygon([new(0, .08 * l), new(l, .08 * l + f), new(l, .08 * l + f + h), new(0, .08 * l + h)], Ink.Metal), View.Box(.02 * l, 0, .05 * l, .08 * l, Ink.WoodEnd), View.Box(l * .95, 0, l * .98, .08 * l + f * .96, Ink.WoodEnd),
                View.GroundLine(0, l), View.Box(0, .04 * l, .012 * l, .08 * l, Ink.Water),
            ],
            [Sketch.Along(0, l, .08 * l + h + f, "length"), Sketch.Down(l, .08 * l, .08 * l + f, null)]);
    }
}

public sealed class TimeToDrain : Calculator
{
    public override string Name => "drain-down";

    public override string Question => "How long does a soaking take to drain?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "soilDepth";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("soilDepth", "Depth of soil", .35, 3), new ChoiceInput("medium", "Soil", [.. Media.Names.Select(m => m.Id)], "topsoil-compost")];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        return Answer.Of(
            Sum.Of(
                "Time to drain a soaking", "t = z (n − FC) ÷ K",
                [new("z", "depth of soil", v["soilDepth"], Unit.Metre), handbook.Term($"medium.{m.Id}.porosity"), handbook.Term($"medium.{m.Id}.field-capacity"), handbook.Term($"medium.{m.Id}.conductivity")],
                DrainDown.Time(v["soilDepth"], m), Unit.Second, "Drainable water over the saturated conductivity", "The holes let it out as fast as it comes"),
            new("wetLayer", m.WetLayer), new("usableDepth", Math.Max(0, v["soilDepth"] - m.WetLayer)));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z = v["soilDepth"], wet = Math.Min(answer.Get<double>("wetLayer"), z), w = z * 1.4;
        return new(
            "sum", "The soil in section, with the wet layer that stays",
            [View.Box(0, 0, w, z, Ink.Soil), View.Box(0, 0, w, wet, Ink.Water), View.Segment(0, z, w, z, Ink.Hidden), View.GroundLine(0, w)], [Sketch.Down(w, 0, z, "soilDepth"), Sketch.Up(0, 0, wet, null)]);
    }
}
