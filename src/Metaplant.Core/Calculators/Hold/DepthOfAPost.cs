using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class DepthOfAPost : Calculator
{
    /// <summary>Posts stand at least this many thicknesses apart.</summary>
    private const double LeastSpacings = 3;

    private static readonly EitherInput GroundInput = new("ground", "The ground",
    [
        new("Sand", "Sand, or loam that drains", [new ChoiceInput("kind", "Kind", ["Sand"]), Ask.Friction() with { Title = "Angle of friction of the ground" }, Ask.UnitWeight(title: "Weight of the ground", typical: 18e3)]),
        new("Clay", "Clay", [new ChoiceInput("kind", "Kind", ["Clay"]), Ask.Number("cohesion", "Cohesion", Unit.Pascal, 0, 500e3, 40e3)]),
    ]);

    private static readonly NumberInput Safety = Ask.Number("safetyFactor", "Safety in the ground", Unit.One, 1, 5, 2).OrRow(Grounds.PostSafety);

    /// <summary>What an inner post carries over its spacing when boards run on past it: reactions of an even load on equal spans.</summary>
    private static readonly Dictionary<string, double> Share = new(StringComparer.Ordinal) { ["ThisSpanOnly"] = 1, ["TwoSpans"] = 1.25, ["ManySpans"] = 1.10 };

    public override string Name => "post-embedment";

    public override string Question => "How deep must a post go to hold back soil?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "retainedHeight";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("retainedHeight", "Soil held back", .32, 5), Ask.Length("spacing", "Between posts", .45, 5), Ask.UnitWeight(), Ask.Friction(), Ask.Length("postDiameter", "Post, across", .060, .5), GroundInput,
        Ask.Surcharge(), Safety, new ChoiceInput("boards", "Boards run on over", Share.Keys.ToList(), "ThisSpanOnly"),
        new ChoiceInput("timber", "Timber", Timbers.Ids, "C14") { Refused = Timbers.NotOutdoors }, Ask.Condition(),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["spacing"] < LeastSpacings * v["postDiameter"] - 1e-9, "spacing", "Posts closer than three thicknesses share the same ground; this sum does not hold for them.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var post = Post(v);
        var factors = CodeFactors.Of(handbook);
        var timber = Timbers.Get(handbook, v.Word("timber"));
        var condition = Enum.Parse<Condition>(v.Word("condition"));
        var used = post.StrengthUtilisation(timber, condition, factors);
        IReadOnlyList<Term> load =
            [new("h", "soil held back", post.RetainedHeight, Unit.Metre), new("s", v.Word("boards") == "ThisSpanOnly" ? "between posts" : "between posts, with what boards that run on hand to an inner one", post.Spacing, Unit.Metre), new("γ", "weight of the soil", post.Soil.UnitWeight, Unit.NewtonPerCubicMetre), new("q", "load on top", post.Soil.Surcharge, Unit.Pascal)];
        Sum thrust = Sum.Of("Push on one post", "P = K γ s h²/2 + K q s h", load, post.Thrust, Unit.Newton, "Rankine 1857, active pressure: the post leans");
        Sum moment = Sum.Of("Moment at the ground", "M = K γ s h³/6 + K q s h²/2", load, post.MomentAtGround, Unit.NewtonMetre, "Rankine 1857");
        Sum greatest = Sum.Of("Greatest moment in the post", post.Ground is SandGround ? "M_max = P (e + 2f/3)" : "M_max = P (e + 1.5 b + f/2)", [new("P", "push", post.Thrust, Unit.Newton), new("e", "M/P", post.Eccentricity, Unit.Metre), new("b", "post", post.Diameter, Unit.Metre)], post.GreatestMoment, Unit.NewtonMetre, "Broms 1964");
        Check strength = Check.Compare(
            "post", "The post itself", LoadCase.Normal, used, 1, Unit.One, "Bending of the post below the ground, factored, against its strength.", "post", [thrust, moment, greatest],
            [.. Remedies(post, Share[v.Word("boards")], timber, condition, factors)]);
        var check = RetainedSoil.Judge(post.RetainedHeight, "retainedHeight") is { } retained ? Verdicts.Weakest([retained, strength]) : strength;
        var professional = RetainedSoil.ForAProfessional(post.RetainedHeight);
        Sum sum = Sum.Of(
            "Depth in the ground", post.Ground is SandGround ? "FS P = γ b L³ K_p ÷ 2(e + L)" : "L = 1.5 b + f + g",
            [v.Term("FS", "safetyFactor"), new("P", "push on one post", post.Thrust, Unit.Newton), new("e", "its height, M/P", post.Eccentricity, Unit.Metre), new("b", "post", post.Diameter, Unit.Metre)],
            professional ? 0 : post.Embedment, Unit.Metre, "Broms 1964, free-headed short pile", "Level ground, nothing dug in front", $"Leave out the top {Amount.Length(.1)} where it has been dug", "Look up pipes and cables before anything is driven");
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
        return new(v["retainedHeight"], v["spacing"] * Share[v.Word("boards")], new(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0)), v["postDiameter"], ground, v["safetyFactor"]);
    }

    /// <summary>Thicker posts, and closer ones as long as they do not share the same ground.</summary>
    private static IEnumerable<Remedy> Remedies(PostInGround post, double share, TimberGrade timber, Condition condition, CodeFactors factors)
    {
        if (GreatestSpacing(post, timber, condition, factors) / share is var spacing && spacing >= LeastSpacings * post.Diameter) yield return new("Posts no farther apart than", spacing, Unit.Metre, "spacing");
        if (LeastDiameter(post, timber, condition, factors) is var diameter && post.Spacing / share >= LeastSpacings * diameter) yield return new("Posts at least this thick", diameter, Unit.Metre, "postDiameter");
    }

    private static double GreatestSpacing(PostInGround post, TimberGrade timber, Condition condition, CodeFactors factors)
        => Solve.Rising(s => (post with { Spacing = s }).StrengthUtilisation(timber, condition, factors), 1, 1e-6, 20);

    private static double LeastDiameter(PostInGround post, TimberGrade timber, Condition condition, CodeFactors factors)
        => 1 / Solve.Rising(inverse => (post with { Diameter = 1 / inverse }).StrengthUtilisation(timber, condition, factors), 1, 1 / 2.0, 1 / .001);
}
