using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PushOnAWall : Calculator
{
    public override string Name => "wall-pressure";

    public override string Question => "How hard does soil push on a wall?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "depth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Depth("depth", "Depth below the top of the soil", .4), Ask.UnitWeight(), Ask.Friction(), new ChoiceInput("wall", "The wall is", Enum.GetNames<WallKind>()), Ask.Surcharge(),
        Ask.Number("saturatedUnitWeight", "Weight of the soil full of water", Unit.NewtonPerCubicMetre, EarthPressure.WaterUnitWeight, 40e3, 17e3).OrNone(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var wall = Enum.Parse<WallKind>(v.Word("wall"));
        var soil = new SoilLoad(v["unitWeight"], v.Or("saturatedUnitWeight", 0), v["frictionAngleDegrees"], v.Or("surcharge", 0));
        var blocked = v.Has("saturatedUnitWeight");
        var answer = Answer.Of(
            EarthPressure.Worked(v["depth"], wall, soil),
            new("coefficient", EarthPressure.Coefficient(wall, soil.FrictionAngleDegrees)), new("blockedDrain", blocked ? EarthPressure.BlockedAt(v["depth"], wall, soil) : null));
        return (blocked ? answer.After(EarthPressure.Worked(v["depth"], wall, soil, LoadCase.BlockedDrain)) : answer).With(RetainedSoil.Judge(v["depth"], "depth"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z = Math.Max(v["depth"], .02), reach = z * .45, top = v.Or("surcharge", 0) * answer.Get<double>("coefficient") / Math.Max(answer.Sum.Value, 1) * reach;
        return new(
            "sum", v.Word("wall") == nameof(WallKind.Free) ? "A wall that may lean, in section" : "A braced wall, in section",
            [View.Box(0, 0, z * 1.3, z, Ink.Soil), View.Box(-.06 * z, -.12 * z, 0, z * 1.08, Ink.Wood), Sketch.Push(-.06 * z, z, 0, reach, top), View.GroundLine(-z * .7, z * 1.3)], [Sketch.Down(z * 1.3, 0, z, "depth")]);
    }
}

public sealed class SpanOfABoard : Calculator
{
    public override string Name => "board-span";

    public override string Question => "Will this board hold between its posts?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "utilisation";

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("boardHeight", "Height of the board", .095, 1), Ask.Length("thickness", "Thickness", .018, .3), Ask.Length("span", "Centre to centre of posts", .50, 10),
        Ask.Number("pressure", "Pressure at its lower edge", Unit.Pascal, 0, 100e3, 3000), new ChoiceInput("timber", "Timber", Timbers.Ids),
        new ChoiceInput("condition", "Condition", Enum.GetNames<Condition>(), nameof(Condition.Sound)), Ask.Whole("spans", "Spans it runs over", 1, 3, 1).OrTypical(),
    ];

    protected override void Cross(Values v) => v.Refuse(v["thickness"] >= v["span"], "thickness", "As thick as its span it is a block and no board; this sum does not hold for it.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var b = Bending(v, handbook);
        Check check = Check.Compare(
            "board", "The board", LoadCase.Normal, b.StrengthUtilisation >= b.BendUtilisation ? b.DesignStress : b.Deflection,
            b.StrengthUtilisation >= b.BendUtilisation ? b.DesignStrength : b.Span / Partial.BendLimit, b.StrengthUtilisation >= b.BendUtilisation ? Unit.Pascal : Unit.Metre,
            b.StrengthUtilisation >= b.BendUtilisation ? "Strength decides." : "Bend decides: it bellies before it breaks.", "board", [b.StrengthSum, b.CapacitySum, b.DeflectionSum],
            new Remedy("Posts no farther apart than", b.GreatestSpan, Unit.Metre, "span"), new Remedy("A board at least this thick", b.LeastThickness, Unit.Metre, "thickness"));
        return Answer.Of(
                Sum.Of(
                    "How much of the board is used", "the greater of σ/f and u/(L/150)",
                    [new("σ/f", "strength", b.StrengthUtilisation, Unit.One), new("u/(L/150)", "bend", b.BendUtilisation, Unit.One), new("p", "pressure", v["pressure"], Unit.Pascal), new("L", "span", b.Span, Unit.Metre)],
                    b.Utilisation, Unit.One, Partial.Source, "Pressure at its lower edge over its whole height", "Outdoors, for years"),
                new("moment", b.Moment), new("stress", b.Stress), new("deflection", b.Deflection), new("greatestSpan", b.GreatestSpan), new("leastThickness", b.LeastThickness))
            .After(b.StrengthSum, b.CapacitySum, b.DeflectionSum).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["span"], h = v["boardHeight"], t = v["thickness"], belly = Math.Min(answer.Get<double>("deflection"), l / 6), y = h + .25 * l;
        var spans = v.Whole("spans");
        List<Point> outer = [.. Enumerable.Range(0, 21).Select(i => new Point(l * i / 20, y - belly * Math.Sin(Math.PI * i / 20)))];
        List<Shape> shapes = [View.Box(-.04 * l, 0, spans == 1 ? l * 1.04 : l * 1.25, h, Ink.Wood, "board"), View.Box(-.03 * l, -.05 * l, .03 * l, h * 1.15, Ink.Hidden), View.Box(.97 * l, -.05 * l, 1.03 * l, h * 1.15, Ink.Hidden)];
        shapes.Add(new Polygon([.. outer, .. outer.AsEnumerable().Reverse().Select(p => new Point(p.X, p.Y + t))], Ink.Wood, "board"));
        shapes.AddRange([View.Box(-.03 * l, y - .06 * l, .03 * l, y, Ink.WoodEnd), View.Box(.97 * l, y - .06 * l, 1.03 * l, y, Ink.WoodEnd), View.Box(0, y + t, l, y + t + .09 * l, Ink.Pressure)]);
        return new("sum", "From the front; above it from the top, bent as it will be in the end", shapes, [Sketch.Down(spans == 1 ? l * 1.04 : l * 1.25, 0, h, "boardHeight"), Sketch.Under(0, l, 0, "span"), Sketch.Up(0, y, y + t, "thickness", .05)]);
    }

    private static BoardBending Bending(Values v, Handbook handbook) => new(
        new(v["boardHeight"], v["thickness"]), v["span"], v.Whole("spans"), Timbers.Get(handbook, v.Word("timber")), Enum.Parse<Condition>(v.Word("condition")),
        v["pressure"] * v["boardHeight"], 0, LoadCase.Normal);
}

public sealed class DepthOfAPost : Calculator
{
    /// <summary>Posts stand at least this many thicknesses apart.</summary>
    private const double LeastSpacings = 3;

    private static readonly EitherInput GroundInput = new("ground", "The ground",
    [
        new("Sand", "Sand, or loam that drains", [new ChoiceInput("kind", "Kind", ["Sand"]), Ask.Friction(), Ask.UnitWeight(title: "Weight of the ground", typical: 18e3)]),
        new("Clay", "Clay", [new ChoiceInput("kind", "Kind", ["Clay"]), Ask.Number("cohesion", "Cohesion", Unit.Pascal, 0, 500e3, 40e3)]),
    ]);

    public override string Name => "post-embedment";

    public override string Question => "How deep must a post go to hold back soil?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "retainedHeight";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("retainedHeight", "Soil held back", .32, 5), Ask.Length("spacing", "Between posts", .45, 5), Ask.UnitWeight(), Ask.Friction(), Ask.Length("postDiameter", "Post, across", .060, .5), GroundInput,
        Ask.Surcharge(), Ask.Number("safetyFactor", "Safety in the ground", Unit.One, 1, 5, PostInGround.UsualSafetyFactor).OrTypical(),
        new ChoiceInput("timber", "Timber", Timbers.Ids, "C14"), new ChoiceInput("condition", "Condition", Enum.GetNames<Condition>(), nameof(Condition.Sound)),
    ];

    protected override void Cross(Values v) => v.Refuse(v["spacing"] < LeastSpacings * v["postDiameter"] - 1e-9, "spacing", "Posts closer than three thicknesses share the same ground; this sum does not hold for them.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var post = Post(v);
        var timber = Timbers.Get(handbook, v.Word("timber"));
        var condition = Enum.Parse<Condition>(v.Word("condition"));
        var used = post.StrengthUtilisation(timber, condition);
        IReadOnlyList<Term> load =
            [new("h", "soil held back", post.RetainedHeight, Unit.Metre), new("s", "between posts", post.Spacing, Unit.Metre), new("γ", "weight of the soil", post.Soil.UnitWeight, Unit.NewtonPerCubicMetre), new("q", "load on top", post.Soil.Surcharge, Unit.Pascal)];
        Sum thrust = Sum.Of("Push on one post", "P = K γ s h²/2 + K q s h", load, post.Thrust, Unit.Newton, "Rankine 1857, active pressure: the post leans");
        Sum moment = Sum.Of("Moment at the ground", "M = K γ s h³/6 + K q s h²/2", load, post.MomentAtGround, Unit.NewtonMetre, "Rankine 1857");
        Sum greatest = Sum.Of("Greatest moment in the post", post.Ground is SandGround ? "M_max = P (e + 2f/3)" : "M_max = P (e + 1.5 b + f/2)", [new("P", "push", post.Thrust, Unit.Newton), new("e", "M/P", post.Eccentricity, Unit.Metre), new("b", "post", post.Diameter, Unit.Metre)], post.GreatestMoment, Unit.NewtonMetre, "Broms 1964");
        Check strength = Check.Compare(
            "post", "The post itself", LoadCase.Normal, used, 1, Unit.One, "Bending of the post below the ground, factored, against its strength.", "post", [thrust, moment, greatest],
            [.. Remedies(post, timber, condition)]);
        var check = RetainedSoil.Judge(post.RetainedHeight, "retainedHeight") is { } retained ? Verdicts.Weakest([retained, strength]) : strength;
        var professional = RetainedSoil.ForAProfessional(post.RetainedHeight);
        Sum sum = Sum.Of(
            "Depth in the ground", post.Ground is SandGround ? "FS P = γ b L³ K_p ÷ 2(e + L)" : "L = 1.5 b + f + g",
            [new("FS", "safety", post.SafetyFactor, Unit.One), new("P", "push on one post", post.Thrust, Unit.Newton), new("e", "its height, M/P", post.Eccentricity, Unit.Metre), new("b", "post", post.Diameter, Unit.Metre)],
            professional ? 0 : post.Embedment, Unit.Metre, "Broms 1964, free-headed short pile", "Level ground, nothing dug in front", "Leave out the top 100 mm where it has been dug", "Look up pipes and cables before anything is driven");
        Answer answer = Answer.Of(
            sum, new("thrust", post.Thrust), new("momentAtGround", post.MomentAtGround), new("greatestMoment", post.GreatestMoment), new("stress", post.Stress), new("strengthUtilisation", professional ? null : used));
        return (professional ? answer with { Value = null } : answer).After(thrust, moment, greatest).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double h = v["retainedHeight"], b = v["postDiameter"], l = answer.Value ?? h * 1.5;
        return new(
            "sum", "In section",
            [Sketch.Ground(-h, h * 1.4, l * 1.25), View.Box(0, 0, h * 1.4, h, Ink.Soil), View.Box(-b, -l, 0, h * 1.08, Ink.Wood, "post"), Sketch.Push(-b, h, 0, h * .35, v.Has("surcharge") ? h * .08 : 0)],
            [Sketch.Down(h * 1.4, 0, h, "retainedHeight"), Sketch.Along(-b, 0, h * 1.08, "postDiameter", .05), .. answer.Value is null ? [] : (Dimension[])[new(new(-b, -l), new(-b, 0), .08, l)]]);
    }

    private static PostInGround Post(Values v)
    {
        var g = v.Group("ground");
        Ground ground = g.Word("kind") == "Sand" ? new SandGround(g["frictionAngleDegrees"], g["unitWeight"]) : new ClayGround(g["cohesion"]);
        return new(v["retainedHeight"], v["spacing"], new(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0)), v["postDiameter"], ground, v["safetyFactor"]);
    }

    /// <summary>Thicker posts, and closer ones as long as they do not share the same ground.</summary>
    private static IEnumerable<Remedy> Remedies(PostInGround post, TimberGrade timber, Condition condition)
    {
        if (GreatestSpacing(post, timber, condition) is var spacing && spacing >= LeastSpacings * post.Diameter) yield return new("Posts no farther apart than", spacing, Unit.Metre, "spacing");
        if (LeastDiameter(post, timber, condition) is var diameter && post.Spacing >= LeastSpacings * diameter) yield return new("Posts at least this thick", diameter, Unit.Metre, "postDiameter");
    }

    private static double GreatestSpacing(PostInGround post, TimberGrade timber, Condition condition)
        => Solve.Rising(s => (post with { Spacing = s }).StrengthUtilisation(timber, condition), 1, 1e-6, 20);

    private static double LeastDiameter(PostInGround post, TimberGrade timber, Condition condition)
        => 1 / Solve.Rising(inverse => (post with { Diameter = 1 / inverse }).StrengthUtilisation(timber, condition), 1, 1 / 2.0, 1 / .001);
}

public sealed class PullOfATie : Calculator
{
    public override string Name => "tie-force";

    public override string Question => "How hard does a tie across the bed pull?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
        [Ask.Depth("depthTop", "Upper edge of its share", 0), Ask.Depth("depthBottom", "Lower edge of its share", .4), Ask.Length("spacing", "Between ties", .6, 10), Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge()];

    protected override void Cross(Values v) => v.Refuse(v["depthBottom"] <= v["depthTop"], "depthBottom", "The lower edge must be deeper than the upper one.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        var push = EarthPressure.Resultant(v["depthTop"], v["depthBottom"], WallKind.Braced, soil, LoadCase.Normal);
        Sum pressure = EarthPressure.Worked((v["depthTop"] + v["depthBottom"]) / 2, WallKind.Braced, soil);
        return Answer.Of(Sum.Of(
                "Pull in one tie", "T = p(middle) × (z₂ − z₁) × s",
                [new("p", "pressure in the middle of its share", pressure.Value, Unit.Pascal), new("z₁", "upper edge", v["depthTop"], Unit.Metre), new("z₂", "lower edge", v["depthBottom"], Unit.Metre), new("s", "between ties", v["spacing"], Unit.Metre)],
                push * v["spacing"], Unit.Newton, "Resultant over the tributary area; Jaky 1944", "Held walls: pressure at rest", "The anchor at its end must hold as much"))
            .After(pressure).With(RetainedSoil.Judge(v["depthBottom"], "depthBottom"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double z2 = Math.Max(v["depthBottom"], .02), z1 = v["depthTop"], w = z2 * 1.6, y = z2 - (z1 + z2) / 2, t = z2 * .05;
        return new(
            "sum", "The bed in section, the share of one tie marked",
            [
                View.Box(0, 0, w, z2, Ink.Soil), View.Box(-t, 0, 0, z2 * 1.06, Ink.Wood), View.Box(w, 0, w + t, z2 * 1.06, Ink.Wood), View.Box(w + t, 0, w + t * 3, z2 - z1, Ink.Pressure), View.Segment(-t, y, w + t, y, Ink.Line), View.GroundLine(0, w),
            ],
            [new(new(w * .3, z2 - z1), new(w * .3, z2), 0, z1, "depthTop"), Sketch.Up(-t, 0, z2, "depthBottom", .08)]);
    }
}

public sealed class StretchOfAHoop : Calculator
{
    public override string Name => "hoop-tension";

    public override string Question => "How hard is a round wall stretched?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "depth";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Depth("depth", "Depth of soil", .45), Ask.Length("radius", "Radius inside", .27, 5), Ask.UnitWeight(), Ask.Friction()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        Sum pressure = EarthPressure.Worked(v["depth"], WallKind.Braced, new(v["unitWeight"], 0, v["frictionAngleDegrees"], 0));
        return Answer.Of(Sum.Of(
                "Stretch of the wall at the foot", "T = p r", [new("p", "pressure at the foot", pressure.Value, Unit.Pascal), new("r", "radius", v["radius"], Unit.Metre)],
                ShellWalls.HoopTension(pressure.Value, v["radius"]), Unit.NewtonPerMetre, "Thin ring under inside pressure", "For each metre of height"))
            .After(pressure).With(RetainedSoil.Judge(v["depth"], "depth"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double r = v["radius"], z = Math.Max(v["depth"], .02), x = 2.6 * r;
        return new(
            "sum", "From above, and from the side",
            [new Disc(new(r, r), r * 1.04, Ink.Plastic), new Disc(new(r, r), r, Ink.Soil), .. Enumerable.Range(0, 12).Select(i => Spoke(r, i)), View.Box(x, 0, x + 2 * r, z, Ink.Soil), View.Box(x - .04 * r, 0, x, z * 1.05, Ink.Plastic), View.Box(x + 2 * r, 0, x + 2.04 * r, z * 1.05, Ink.Plastic)],
            [new(new(r, r), new(2 * r, r), 0, r, "radius"), Sketch.Down(x + 2.04 * r, 0, z, "depth")]);
    }

    private static Polyline Spoke(double r, int i)
    {
        var a = Math.PI * i / 6;
        return View.Segment(r + .8 * r * Math.Cos(a), r + .8 * r * Math.Sin(a), r + r * Math.Cos(a), r + r * Math.Sin(a), Ink.Pressure);
    }
}

public sealed class HoldOfAScrew : Calculator
{
    public override string Name => "screw-joint";

    public override string Question => "What does one screw hold across a joint?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "effectiveDiameter";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("nearThickness", "Board under the head", .018, .3), Ask.Length("penetration", "Point in the far piece", .038, .3), Ask.Length("effectiveDiameter", "Screw, 1.1 × its root", .0033, .03),
        Ask.Number("nearDensity", "Density of the near piece", Unit.KilogramPerCubicMetre, 0, 1200, 290), Ask.Number("farDensity", "Density of the far piece", Unit.KilogramPerCubicMetre, 0, 1200, 290),
        new FlagInput("predrilled", "Pre-drilled", null), new FlagInput("endGrain", "Into end grain"), new FlagInput("toed", "Driven at a slant"),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var joint = Joint(v);
        var timber = Timbers.Get(handbook, "C14");
        var (mode, force) = joint.Weakest;
        return Answer.Of(joint.Worked(), new("design", joint.Design(timber, LoadCase.Normal)), new("mode", mode.ToString())) with
        {
            Steps = [Sum.Of("For a load that stays, outdoors", "F × k_mod ÷ 1.3", [new("F", "characteristic", force, Unit.Newton), handbook.Term("timber.C14.kmod")], joint.Design(timber, LoadCase.Normal), Unit.Newton, Partial.Source, "Set this against the factored force")],
        };
    }

    protected override View Draw(Values v, Answer answer)
    {
        double t1 = v["nearThickness"], t2 = v["penetration"], d = v["effectiveDiameter"], w = Math.Max(t1 + t2, 12 * d), y = w / 2, deep = t2 * 1.25;
        return new(
            "sum", "The joint in section",
            [
                View.Box(0, 0, t1, w, Ink.Wood), View.Box(t1, -w * .15, t1 + deep, w * 1.15, v.Flag("endGrain") ? Ink.Wood : Ink.WoodEnd), Sketch.Bar(new(0, y), new(t1 + t2, v.Flag("toed") ? y - t2 * .4 : y), d, Ink.Metal, "screw"), View.Box(-d * .5, y - d, 0, y + d, Ink.Metal),
            ],
            [Sketch.Along(0, t1, w, "nearThickness", .01), Sketch.Along(t1, t1 + t2, w * 1.15, "penetration", .01), new(new(t1 * .5, y - d / 2), new(t1 * .5, y + d / 2), .02, d, "effectiveDiameter")]);
    }

    private static ScrewJoint Joint(Values v) => new(v["nearThickness"], v["penetration"], v["effectiveDiameter"], v["nearDensity"], v["farDensity"], v.Flag("predrilled"), v.Flag("endGrain"), v.Flag("toed"));
}

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
        Term yield = handbook.Term(Practice.WireYield);
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

public sealed class LoadOnAFloor : Calculator
{
    public override string Name => "floor-load";

    public override string Question => "What does a wet planter put on a balcony, roof or ground?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "wetMass";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("wetMass", "Mass, wet through", Unit.Kilogram, 0, 20_000, 140), Ask.Outline("outline", "The floor it covers"), Ask.Whole("feet", "Feet or packers", 1, 40, 4), Ask.Number("footArea", "Area of each foot", Unit.SquareMetre, 0, 4, .0025),
        new ChoiceInput("place", "It stands on", ["Ground", "BalconyOrRoof"]),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double area = v.Outline("outline").Area, load = LoadsBelow.FloorLoad(v["wetMass"], area), foot = LoadsBelow.FootPressure(v["wetMass"], v.Whole("feet"), v["footArea"]);
        Sum under = Sum.Of("Pressure under each foot", "m g ÷ (n a)", [new("m", "wet mass", v["wetMass"], Unit.Kilogram), new("n", "feet", v["feet"], Unit.Count), new("a", "area of each", v["footArea"], Unit.SquareMetre)], foot, Unit.Pascal, "Weight shared by the feet");
        Check check = v.Word("place") == "Ground"
            ? Check.Compare("bearing", "Ground under the feet", LoadCase.Normal, foot, LoadsBelow.LooseGround, Unit.Pascal, "Against what loose or made ground carries.", null, [under], new Remedy("Feet of at least", v["wetMass"] * Medium.Gravity / v["feet"] / LoadsBelow.LooseGround, Unit.SquareMetre, "footArea"))
            : Check.AskAProfessional("balcony", "Balcony or roof", "What a balcony or roof may carry is for a qualified person to say; take them these two figures.");
        return Answer.Of(
                Sum.Of("Load on the floor it covers", "q = m g ÷ A", [new("m", "wet mass", v["wetMass"], Unit.Kilogram), new("A", "floor covered", area, Unit.SquareMetre)], load, Unit.Pascal, "Weight over area", "People round it come on top"),
                new Also("underEachFoot", foot))
            .After(under).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        var o = v.Outline("outline");
        double h = o.Length * .6, f = o.Length * .06, side = Math.Min(Math.Sqrt(v["footArea"]), o.Length / 4);
        var n = Math.Min(v.Whole("feet"), 6);
        return new(
            "sum", "From the side",
            [View.Box(0, f, o.Length, f + h, Ink.Plastic), .. Enumerable.Range(0, n).Select(i => (o.Length - side) * (n == 1 ? .5 : (double)i / (n - 1))).Select(x => View.Box(x, 0, x + side, f, Ink.WoodEnd)), View.GroundLine(0, o.Length)],
            [Sketch.Along(0, o.Length, f + h, v.Group("outline").Has("diameter") ? "outline.diameter" : "outline.length")]);
    }
}

public sealed class WallOfBales : Calculator
{
    public override string Name => "bale-wall";

    public override string Question => "Will a wall of bales or timbers stand by its weight?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "safety";

    public override string Slide => "soilDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("width", "Front to back", .45, 3), Ask.Length("soilDepth", "Soil against it", .36, 3), Ask.UnitWeight("wallUnitWeight", "Weight of the wall when dry", 1000),
        Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var wall = new GravityWall(v["width"], v["soilDepth"], v["wallUnitWeight"]);
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        double slide = wall.Sliding(soil), turn = wall.Overturning(soil), least = Math.Min(slide, turn);
        Sum sliding = Sum.Of("Safety against sliding", "W μ ÷ P", [new("W", "weight of a metre, dry", wall.Weight, Unit.NewtonPerMetre), new("μ", "friction at the foot", wall.FootFriction, Unit.One)], slide, Unit.One, "EN 1997-1 6.5.3 for the friction");
        Sum turning = Sum.Of("Safety against overturning", "W b/2 ÷ M", [new("W", "weight of a metre, dry", wall.Weight, Unit.NewtonPerMetre), new("b", "front to back", wall.Width, Unit.Metre)], turn, Unit.One, "Moments about the front of the foot");
        Check check = Check.Compare("gravity", "Wall by its own weight", LoadCase.Normal, GravityWall.SafetyFactor, least, Unit.One, "If it fails, stakes must take all the push.", "wall", [sliding, turning], new Remedy("A wall at least this wide", wall.LeastWidth(soil), Unit.Metre, "width"));
        Sum sum = Sum.Of("The lesser safety", "the lesser of sliding and overturning", [new("sliding", "safety", slide, Unit.One), new("overturning", "safety", turn, Unit.One)], least, Unit.One, "At least 1.5 wanted", "Judged dry, when it is lightest");
        Answer answer = Answer.Of(sum, new("sliding", slide), new("overturning", turn), new("leastWidth", wall.LeastWidth(soil))).After(sliding, turning).With(RetainedSoil.Judge(v["soilDepth"]) is { Verdict: Verdict.AskAProfessional } ask ? ask : check);
        return RetainedSoil.ForAProfessional(v["soilDepth"]) ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double b = v["width"], h = v["soilDepth"];
        return new("sum", "In section", [View.Box(0, 0, b, h, Ink.Wood, "wall"), View.Box(b, 0, b + h * 1.4, h, Ink.Soil), Sketch.Push(0, h, 0, h * .35), View.GroundLine(-h * .4, b + h * 1.4)], [Sketch.Along(0, b, h, "width"), Sketch.Down(b + h * 1.4, 0, h, "soilDepth")]);
    }
}

public sealed class SheetWall : Calculator
{
    public override string Name => "corrugated-sheet";

    public override string Question => "How far apart may posts be behind a roofing sheet?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "pressure";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("profileDepth", "Depth of the profile", .018, .2), Ask.Length("pitch", "Crest to crest", .076, .5), Ask.Length("thickness", "Thickness of the metal", .0006, .01), Ask.Number("pressure", "Pressure at its foot", Unit.Pascal, 0, 100e3, 3000),
        new NumberInput("years", "Years against soil", Unit.Year, 0, 50, 5, Optional: true, ZeroAllowed: true),
    ];

    protected override void Cross(Values v)
    {
        v.Refuse(v["thickness"] >= v["profileDepth"], "thickness", "The metal is thicker than its profile is deep.");
        if (v.Problems.Count == 0) v.Refuse(Sheet(v).After(v.Or("years", 0)) is null, "years", "By then rust has left nothing of it.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var sheet = Sheet(v).After(v.Or("years", 0))!;
        return Answer.Of(
            Sum.Of(
                "Posts no farther apart than", "L = √(8 f_y W ÷ 1.35 p), and u ≤ L/150",
                [new("W", "section modulus, each metre", sheet.SectionModulus, Unit.SquareMetre), new("p", "pressure", v["pressure"], Unit.Pascal), new("t", "metal that rust has left", sheet.Thickness, Unit.Metre)],
                sheet.GreatestSpan(v["pressure"]), Unit.Metre, "Elastic section of a sine profile; yield of EN 10346 S220GD", "Corrugations run across the posts", "Rust of 0.05 mm a year on the side of the soil"),
            new("sectionModulus", sheet.SectionModulus), new("thicknessLeft", sheet.Thickness));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double d = v["profileDepth"], p = v["pitch"], t = v["thickness"];
        List<Point> wave = [.. Enumerable.Range(0, 61).Select(i => new Point(3 * p * i / 60, d / 2 * (1 + Math.Sin(2 * Math.PI * 3 * i / 60))))];
        return new("sum", "The profile from its end", [new Polygon([.. wave, .. wave.AsEnumerable().Reverse().Select(q => new Point(q.X, q.Y + Math.Max(t, d / 40)))], Ink.Metal)], [Sketch.Along(.25 * p, 1.25 * p, d, "pitch", .01), Sketch.Down(3 * p, 0, d, "profileDepth", .01)]);
    }

    private static CorrugatedSheet Sheet(Values v) => new(v["profileDepth"], v["pitch"], v["thickness"]);
}
