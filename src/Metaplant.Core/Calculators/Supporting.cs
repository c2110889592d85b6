using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class WhatHangs : Calculator
{
    public override string Name => "hanging-load";

    public override string Question => "What must chain and hook be sold for?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "mass";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("mass", "Mass, wet through", Unit.Kilogram, 0, 2000, 18), Ask.Whole("legs", "Chains or lines", 1, 12, 3),
        new NumberInput("angleFromVerticalDegrees", "Angle from upright", Unit.Degree, 0, Hanging.GreatestAngle, 20, ZeroAllowed: true),
    ];

    protected override void Cross(Values v) => v.Refuse(v["legs"] == 1 && v["angleFromVerticalDegrees"] > 0, "angleFromVerticalDegrees", "One line alone hangs straight down: its angle is 0.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var h = Hanging.Of(v["mass"], v.Whole("legs"), v["angleFromVerticalDegrees"]);
        return Answer.Of(
            Sum.Of(
                "Pull in each line", "m g ÷ (n cos a)", [new("m", "mass, wet", v["mass"], Unit.Kilogram), new("n", "lines", v["legs"], Unit.Count), new("a", "angle from upright", v["angleFromVerticalDegrees"], Unit.Degree)],
                h.PerLeg, Unit.Newton, "Equilibrium", "Choose by the figure for three at most: four are never of one length", "Where it hangs over people, ask a professional", "Hook and beam must hold as much"),
            new("sizedForPerLeg", h.SizedForPerLeg), new("requiredMarkedLoad", h.RequiredMarkedLoad), new("requiredBreakingLoad", h.RequiredBreakingLoad));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const double Drop = .5;
        double out_ = Drop * Math.Tan(v["angleFromVerticalDegrees"] * Math.PI / 180), r = Math.Max(out_, .12);
        var n = v.Whole("legs");
        var shapes = new List<Shape> { new Polygon([new(-r, 0), new(r, 0), new(r * .75, -.25), new(-r * .75, -.25)], Ink.Plastic), new Polygon([new(-r * .97, -.02), new(r * .97, -.02), new(r * .93, -.06), new(-r * .93, -.06)], Ink.Soil) };
        shapes.AddRange(Enumerable.Range(0, n).Select(i => View.Segment(n == 1 ? 0 : out_ * Math.Cos(2 * Math.PI * (i + .25) / n), 0, 0, Drop, Ink.Line)));
        shapes.Add(new Disc(new(0, Drop), .015, Ink.Metal));
        shapes.Add(View.Segment(-.3, Drop + .03, .3, Drop + .03, Ink.Ground));
        return new("sum", "From the side", shapes, []);
    }
}

public sealed class PressureOfWind : Calculator
{
    public override string Name => "wind-pressure";

    public override string Question => "How hard does wind press?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "speed";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Number("speed", "Gust", Unit.MetrePerSecond, 0, 80, 20)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Pressure of the wind", "q = 0.613 v²", [new("v", "gust", v["speed"], Unit.MetrePerSecond)], Wind.Pressure(v["speed"]), Unit.Pascal, "EN 1991-1-4 (4.10), air of 1.226 kg/m³", "Summer gusts: 15 m/s sheltered, 20 in the open, 25 exposed"));

    protected override View Draw(Values v, Answer answer)
    {
        // Arrows that grow with the pressure against a leafy screen.
        var reach = Math.Min(1.2, answer.Sum.Value / 300);
        return new("sum", "Against a leafy screen", [View.Box(0, 0, .06, 1, Ink.Plant), View.Box(-reach, .05, 0, .95, Ink.Pressure), .. Enumerable.Range(0, 5).Select(i => View.Segment(-reach, .1 + i * .2, -.02, .1 + i * .2, Ink.Line)), View.GroundLine(-1.2, .3)], []);
    }
}

public sealed class UpliftOfACone : Calculator
{
    public override string Name => "cone-uplift";

    public override string Question => "How hard does a gust lift the far leg of a cone?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["legs"] = "legs", ["radius"] = "baseRadius" })];

    public override string Slide => "baseRadius";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Whole("legs", "Legs", 3, 24, 3), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Number("windForce", "Wind on it", Unit.Newton, 0, 20_000, 40), Ask.Length("windHeight", "Height of the wind", .9, 10),
        Ask.Number("weight", "Weight counted on", Unit.Newton, 0, 20_000, 30),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double lever = Cone.Lever(v.Whole("legs"), v["baseRadius"]), far = Cone.FarLeg(v.Whole("legs"), v["baseRadius"]);
        return Answer.Of(
            Sum.Of(
                "Pull on the far foot", "U = (F z − W r cos(π/n)) ÷ d",
                [new("F", "wind", v["windForce"], Unit.Newton), new("z", "its height", v["windHeight"], Unit.Metre), new("W", "weight", v["weight"], Unit.Newton), new("r cos(π/n)", "lever of the weight", lever, Unit.Metre), new("d", "far foot from the tipping edge", far, Unit.Metre)],
                Cone.Uplift(v.Whole("legs"), v["baseRadius"], v["windForce"], v["windHeight"], v["weight"]), Unit.Newton, "Moments about the edge between two feet", "The weight is taken as given", "Below nothing it stands by itself"),
            new("lever", lever), new("farLegDistance", far));
    }

    protected override View Draw(Values v, Answer answer) => ConeSketch.View(v.Whole("legs"), v["baseRadius"], v["windHeight"] * 1.9, [new(new(v["baseRadius"] * 1.3, 0), new(v["baseRadius"] * 1.3, v["windHeight"]), -.06, v["windHeight"], "windHeight"), Sketch.Under(0, v["baseRadius"], 0, "baseRadius")], v["windHeight"]);
}

public sealed class HoldOfAStake : Calculator
{
    public override string Name => "stake-pull-out";

    public override string Question => "How hard is a driven stick to pull out?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["pegs"] = "embedment" })];

    public override string Slide => "embedment";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("diameter", "Stick, across", .030, .5), Ask.Length("embedment", "In the ground", .40, 3), Ask.UnitWeight(title: "Weight of the ground", typical: 18e3)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Hold of a driven stick", "π d L tan 20° × γ L/2", [new("d", "stick", v["diameter"], Unit.Metre), new("L", "in the ground", v["embedment"], Unit.Metre), new("γ", "weight of the ground", v["unitWeight"], Unit.NewtonPerCubicMetre)],
        Stake.PullOut(v["diameter"], v["embedment"], v["unitWeight"]), Unit.Newton, "Skin friction under the mean weight of soil beside it", "A few newtons: pegs, guys or ballast are nearly always needed", "Look up pipes and cables before you drive it"));

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["diameter"], l = v["embedment"], w = l * .8;
        return new("sum", "In section", [Sketch.Ground(-w, w, l * 1.2), View.Box(-d / 2, -l, d / 2, l * .5, Ink.Stick)], [Sketch.Down(w, -l, 0, "embedment"), Sketch.Along(-d / 2, d / 2, l * .5, "diameter", .04)]);
    }
}

public sealed class LengthOfASlantedStick : Calculator
{
    public override string Name => "stick-length";

    public override string Question => "How long must the sticks of a cone be?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["height"] = "tieHeight", ["radius"] = "baseRadius" })];

    public override string Slide => "tieHeight";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Length("embed", "In the ground", .15, 3), Ask.Length("above", "Above the tie", .15, 3)];

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Length of each stick", "(H + e + a) √(H² + r²) ÷ H", [new("H", "height of the tie", v["tieHeight"], Unit.Metre), new("r", "radius of the ring", v["baseRadius"], Unit.Metre), new("e", "in the ground", v["embed"], Unit.Metre), new("a", "above the tie", v["above"], Unit.Metre)],
        Cone.StickLength(v["tieHeight"], v["baseRadius"], v["embed"], v["above"]), Unit.Metre, "Geometry"));

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["tieHeight"], r = v["baseRadius"];
        var view = ConeSketch.View(4, r, h, [Sketch.Up(-r, 0, h, "tieHeight", .1), Sketch.Under(0, r, 0, "baseRadius"), new(new(r * 1.2, h), new(r * 1.2, h + v["above"]), -.06, v["above"], "above"), new(new(r * 1.2, -v["embed"]), new(r * 1.2, 0), -.06, v["embed"], "embed")], above: v["above"], embed: v["embed"]);
        return view;
    }
}

public sealed class TwineOfACone : Calculator
{
    public override string Name => "cone-twine";

    public override string Question => "How much twine winds a cone?";

    public override Subject Subject => Subject.Support;

    public override IReadOnlyList<Use> Uses { get; } = [new("wound-cone", new Dictionary<string, string> { ["height"] = "tieHeight", ["radius"] = "baseRadius", ["legs"] = "legs", ["rings"] = "rings" })];

    public override string Slide => "rings";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Whole("legs", "Sticks", 3, 24, 4), Ask.Length("baseRadius", "Radius of the ring", .35, 5), Ask.Length("tieHeight", "Height of the tie", 1.7, 10), Ask.Whole("rings", "Rings of twine", 1, 100, 7),
        Ask.Length("lowestRing", "Lowest ring", .10, 10), Ask.Number("wraps", "Turns round each stick", Unit.One, 0, 20, 1), Ask.Length("stickDiameter", "Stick, across", .022, .2),
        Ask.Number("lashingTurns", "Turns of the lashing", Unit.One, 0, 50, 6).OrTypical(), Ask.Length("tail", "Tail", .6, 10).OrTypical(),
    ];

    protected override void Cross(Values v) => v.Refuse(v["lowestRing"] > .9 * v["tieHeight"] + 1e-9, "lowestRing", "The lowest ring must lie below nine tenths of the tie, where the highest lies.");

    protected override Answer Work(Values v, Handbook handbook) => Answer.Of(Sum.Of(
        "Twine to wind it", "rings + turns round sticks + riser + lashing + tail",
        [
            new("n", "sticks", v["legs"], Unit.Count), new("r", "radius", v["baseRadius"], Unit.Metre), new("H", "height of the tie", v["tieHeight"], Unit.Metre), new("k", "rings", v["rings"], Unit.Count), new("z₁", "lowest ring", v["lowestRing"], Unit.Metre),
            new("w", "turns round each stick", v["wraps"], Unit.One), new("d", "stick", v["stickDiameter"], Unit.Metre), new("turns", "of the lashing", v["lashingTurns"], Unit.One), new("tail", "to tie off", v["tail"], Unit.Metre),
        ],
        Cone.Twine(v.Whole("legs"), v["baseRadius"], v["tieHeight"], v.Whole("rings"), v["lowestRing"], v["wraps"], v["stickDiameter"], v["lashingTurns"], v["tail"]), Unit.Metre, "Geometry", "Rings lie evenly from the lowest to nine tenths of the tie"));

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["tieHeight"], r = v["baseRadius"];
        var rings = v.Whole("rings");
        var view = ConeSketch.View(v.Whole("legs"), r, h, [Sketch.Up(-r, 0, h, "tieHeight", .1), Sketch.Under(0, r, 0, "baseRadius"), new(new(r * 1.2, 0), new(r * 1.2, v["lowestRing"]), -.06, v["lowestRing"], "lowestRing")]);
        return view with
        {
            Shapes = [.. view.Shapes, .. Enumerable.Range(0, rings).Select(i => rings == 1 ? v["lowestRing"] : v["lowestRing"] + (.9 * h - v["lowestRing"]) * i / (rings - 1)).Select(z => View.Segment(-r * (1 - z / h), z, r * (1 - z / h), z, Ink.Line))],
        };
    }
}

public sealed class ArchOverAPath : Calculator
{
    public override string Name => "hoop-arch";

    public override string Question => "What arch does a length of pipe make?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("arcLength", "Length of the pipe above ground", 2.6, 50), Ask.Length("span", "Between the feet", 1.4, 50)];

    protected override void Cross(Values v)
    {
        v.Refuse(v["arcLength"] < v["span"] * (1 - 1e-12), "arcLength", "The pipe is shorter than the gap it is to span.");
        v.Refuse(v["span"] < v["arcLength"] * 1e-4, "span", "Feet this close make a closed ring and no arch.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var arch = HoopArch.Of(Math.Max(v["arcLength"], v["span"]), v["span"]);
        Answer answer = Answer.Of(
            Sum.Of(
                "Radius of the arch", "a = R θ, s = 2 R sin(θ/2)", [new("a", "pipe", v["arcLength"], Unit.Metre), new("s", "between the feet", v["span"], Unit.Metre)],
                arch.Radius ?? 0, Unit.Metre, "Geometry, solved backwards", arch.Radius is null ? "As long as the span: flat, and no circle" : "One even circle; pipe that springs back stands a little flatter at the feet"),
            new("rise", arch.Rise), new("angleDegrees", arch.AngleDegrees), new("greatestWidth", arch.GreatestWidth));
        return arch.Radius is null ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double s = v["span"], rise = answer.Get<double>("rise");
        List<Point> curve = answer.Value is { } r
            ? [.. Enumerable.Range(0, 41).Select(i => answer.Get<double>("angleDegrees") * Math.PI / 180 * (i / 40.0 - .5)).Select(a => new Point(r * Math.Sin(a), rise - r + r * Math.Cos(a)))]
            : [new(-s / 2, 0), new(s / 2, 0)];
        var widest = answer.Get<double>("greatestWidth") / 2;
        return new("sum", "From the front", [new Polyline(curve, Ink.Ground), View.GroundLine(-widest, widest)], [Sketch.Under(-s / 2, s / 2, 0, "span"), new(new(0, 0), new(0, rise), 0, rise), .. widest > s / 2 + 1e-6 ? (Dimension[])[Sketch.Along(-widest, widest, rise, null)] : []]);
    }
}

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

    protected override void Cross(Values v)
    {
        v.Refuse(v["overlap"] >= v["rodLength"], "overlap", "The overlap is as long as the rod; nothing is left to weave.");
        v.Refuse(v["stakeSpacing"] <= v["stakeDiameter"], "stakeSpacing", "The stakes would touch.");
        v.Refuse(v["length"] / v["stakeSpacing"] > 1e5 || v["height"] / v["rodDiameter"] > 1e5, "rodDiameter", "More than anybody weaves.");
        if (v.Problems.Count == 0) v.Refuse(v["length"] * v["height"] / v["rodDiameter"] / (v["rodLength"] - v["overlap"]) > 1e6, "overlap", "More rods than anybody weaves.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var w = Weaving.Of(v["length"], v["height"], v["stakeSpacing"], v["stakeDiameter"], v["rodDiameter"], v["rodLength"], v["overlap"], v.Flag("closed"));
        return Answer.Of(
            Sum.Of(
                "Rods to weave", "⌈L × courses × factor ÷ (rod − overlap)⌉",
                [new("L", "length of the wall", v["length"], Unit.Metre), new("courses", "one above another", w.Courses, Unit.Count), new("factor", "the way in and out", w.PathFactor, Unit.One), new("rod", "length of a rod", v["rodLength"], Unit.Metre), new("overlap", "where two meet", v["overlap"], Unit.Metre)],
                w.Rods, Unit.Count, "Geometry: a rod runs as a sine round the stakes", "Courses close up to nine tenths of a rod", "Fetch a tenth more for those that snap"),
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

/// <summary>A cone of sticks from the side.</summary>
internal static class ConeSketch
{
    public static View View(int legs, double radius, double tie, IReadOnlyList<Dimension> dimensions, double? wind = null, double above = .15, double embed = .15)
    {
        var shapes = new List<Shape>();
        for (var i = 0; i < legs; i++)
        {
            double foot = radius * Math.Cos(2 * Math.PI * (i + .5) / legs), out_ = foot / tie;
            shapes.Add(Sketch.Bar(new(foot + out_ * embed, -embed), new(-out_ * above, tie + above), .022, Ink.Stick, "stick"));
        }

        if (wind is { } z) shapes.AddRange([Drawing.View.Segment(-radius * 1.8, z, -radius * .6, z, Ink.Line), new Note(new(-radius * 1.5, z + .02), "wind", Ink.Line)]);
        shapes.Add(Drawing.View.GroundLine(-radius * 1.5, radius * 1.5));
        return new("sum", "From the side", shapes, dimensions);
    }
}
