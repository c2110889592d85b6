using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What planters and posts stand in and on. How to tell one from another is in its name.</summary>
[Table(90, "The ground")]
public static class Grounds
{
    public const string BearingLoose = "ground.bearing-loose";
    public const string BearingFirm = "ground.bearing-firm";
    public const string PostSafety = "ground.post-safety";
    public const string DugDepth = "ground.dug-depth";
    public const string ShaftFriction = "ground.shaft-friction";
    public const string PegWeight = "practice.peg-ground";
    public const string FootFriction = "ground.foot-friction";
    public const string GravitySafety = "ground.gravity-safety";
    public const string PegSafety = "ground.peg-safety";

    private const string Usual = "Lower end of usual values; EN 1997-2 annexes";

    private static readonly (string Id, string Name, double Friction, double Weight)[] Sands =
    [
        ("loose-sand", "Loose sand: a stick pushes in by hand", 28, 16e3),
        ("firm-sand", "Firm sand: a stick needs a mallet", 30, 18e3),
        ("made-ground", "Made ground: rubble, old fill, whatever was tipped", 25, 16e3),
    ];

    private static readonly (string Id, string Name, double Cohesion)[] Clays =
    [
        ("soft-clay", "Soft clay: a thumb goes in easily", 12e3),
        ("firm-clay", "Firm clay: a thumb dents it with force", 40e3),
    ];

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. Sands.SelectMany(s => (Constant[])
        [
            new($"ground.{s.Id}.friction", "φ", $"{s.Name}: angle of friction", s.Friction, Unit.Degree, Evidence.Assumed, Usual),
            new($"ground.{s.Id}.weight", "γ", $"{s.Name}: weight", s.Weight, Unit.NewtonPerCubicMetre, Evidence.Assumed, Usual),
        ]),
        .. Clays.Select(c => new Constant($"ground.{c.Id}.cohesion", "c_u", $"{c.Name}: cohesion", c.Cohesion, Unit.Pascal, Evidence.Assumed, "EN ISO 14688-2: very soft below 20 kPa, firm 40 to 75; lower ends")),
        new(BearingLoose, "q_R", "what loose or made ground carries below a foot", 50e3, Unit.Pascal, Evidence.Assumed, "Presumed bearing of loose ground, low end"),
        new(BearingFirm, "q_R", "what firm ground carries below a foot", 100e3, Unit.Pascal, Evidence.Assumed, "Presumed bearing of firm ground, low end"),
        new(PostSafety, "FS", "safety of a post in the ground", 2, Unit.One, Evidence.Assumed, "Broms 1964 with the usual factor for short piles") { NeverBelow = 1.5, NeverAbove = 5 },
        new(DugDepth, "z_0", "top of dug ground that holds nothing", .1, Unit.Metre, Evidence.Assumed, "Practice"),
        new(ShaftFriction, "δ", "friction between wood and soil on a driven stick", 20, Unit.Degree, Evidence.Assumed, "Two thirds of 30°, EN 1997-1 6.5.3") { NeverAbove = 35 },
        new(PegWeight, "γ_g", "weight of the ground round a peg", 18e3, Unit.NewtonPerCubicMetre, Evidence.Assumed, "Firm sand"),
        new(PegSafety, "FS", "safety of a peg against being pulled or pushed out", 1.5, Unit.One, Evidence.Assumed, "As against sliding; nobody measures the ground round a peg") { NeverBelow = 1, NeverAbove = 5 },
        new(FootFriction, "μ", "friction of straw, timber or stone on soil", .36, Unit.One, Evidence.Assumed, "EN 1997-1 6.5.3, tan of two thirds of 30°"),
        new(GravitySafety, "FS", "safety of a wall that stands by its weight", 1.5, Unit.One, Evidence.Assumed, "Usual factor against sliding and overturning") { NeverBelow = 1, NeverAbove = 5 },
    ];

    /// <summary>The ids that <c>ground.{id}</c> rows exist for, with their names, sands first.</summary>
    public static IReadOnlyList<(string Id, string Name)> Names { get; } = [.. Sands.Select(s => (s.Id, s.Name)), .. Clays.Select(c => (c.Id, c.Name))];
}
