using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A wall of roofing sheet stood on end, its corrugations from the foot in the ground up to a ledge that is tied across: a beam under a triangle of pressure, P = K₀ γ z²/2, of which a third comes to the ledge and two thirds to the ground. Lengths in m.
/// </summary>
/// <param name="Depth">z, soil against it.</param>
/// <param name="Embedment">Of its foot.</param>
/// <param name="Spacing">From tie to tie along the ledge.</param>
/// <param name="Ledge">Sides of the ledge, that along the push first.</param>
/// <param name="Years">Against soil, for what rust takes.</param>
public sealed record TiedSheetWall(string Sheet, string LedgePart, string Tie, double Depth, double Embedment, double Spacing, int Spans, CorrugatedSheet Steel, (double Deep, double Wide) Ledge, string Grade, double WireDiameter, double Years = 5) : LoadPath
{
    /// <summary>Safety on the ground in front of the foot.</summary>
    private const double FootSafety = 1.5;

    /// <summary>How worn the worst of the ledges is.</summary>
    public Condition Worn { get; init; } = Condition.Sound;

    public override double InGround => Embedment;

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.SelectMany(c => Case(brief, c)).Concat(Foot(brief)).Select(c => c.Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People], Quantity.Ties, Quantity.Ground));

    /// <summary>What comes to each metre of ledge, N/m: a third of the soil, half of the people.</summary>
    public Push ToLedge(Brief brief, LoadCase loadCase)
    {
        var at = Push.At(Depth, brief, loadCase);
        return new(at.Soil * Depth / 6, at.People * Depth / 2);
    }

    private IEnumerable<Check> Case(Brief brief, LoadCase loadCase)
    {
        var at = Push.At(Depth, brief, loadCase);
        // Greatest moment of a triangle over the whole span, p₀ z²/(9 √3), and of an even load, p z²/8.
        Push moment = new(at.Soil * Depth * Depth / (9 * Math.Sqrt(3)), at.People * Depth * Depth / 8);
        var left = Steel.After(Years);
        double stress = left is null ? double.MaxValue : moment.Factored(brief.Factors, loadCase) / left.SectionModulus;
        yield return Check.Compare(
            Terms.Id("sheet", loadCase), "Sheet from ground to ledge", loadCase, Math.Min(stress, 1e12), Steel.Steel.Yield, Unit.Pascal, loadCase == LoadCase.Normal ? "Corrugations stand on end, from support to support." : Terms.Blocked, Sheet,
            [Sum.Of("Bending of the sheet", "σ = γ p₀ z² ÷ (9 √3 W)", [.. Terms.Of(moment, brief, "M", "moment on each metre", "moment of people", Unit.Newton), new("W", "section modulus rust leaves, each metre", left?.SectionModulus ?? 0, Unit.SquareMetre), brief.Handbook.Term(Metals.SheetRust), .. Terms.Factors(brief, loadCase)], Math.Min(stress, 1e12), Unit.Pascal, "Elastic section of a sine profile", "Five years against wet soil")]);
        var ledge = ToLedge(brief, loadCase);
        yield return BoardChecks.Of(
            Terms.Id("ledge", loadCase), "Ledge between ties", LedgePart, new BoardBending(new(Ledge.Wide, Ledge.Deep), Spacing, 1, Timbers.Get(brief.Handbook, Grade), Worn, ledge.Soil, ledge.People, loadCase, brief.Factors),
            Sum.Of("Push on each metre of ledge", "T = K₀ γ z² ÷ 6", [.. Terms.Of(ledge, brief, "T", "a third of the soil", "half of the people", Unit.NewtonPerMetre), new("z", "depth of soil", Depth, Unit.Metre)], ledge.Total, Unit.NewtonPerMetre, "Equilibrium of the sheet"),
            new Remedy("Ties no farther apart than", Spacing, Unit.Metre));
        var force = ledge.Times(Spacing * (Spans < 2 ? 1 : TieForce.Continuity(Spans)));
        double pull = force.Soil + force.People * brief.Factors.OnPeople(loadCase) / brief.Factors.OnSoil(loadCase), area = 2 * Math.PI / 4 * WireDiameter * WireDiameter, holds = area * brief.Handbook[Metals.WireYield] / (loadCase == LoadCase.Normal ? 2 : 1);
        yield return Check.Compare(
            Terms.Id("ties", loadCase), "Tie wires from wall to wall", loadCase, pull, holds, Unit.Newton, loadCase == LoadCase.Normal ? "Two strands each." : Terms.Blocked, Tie,
            [Sum.Of("Pull in one tie", "F = c s T", [.. Terms.Of(ledge, brief, "T", "on each metre of ledge", "from people", Unit.NewtonPerMetre), new("s", "from tie to tie", Spacing, Unit.Metre), brief.Handbook.Term(Metals.WireYield)], pull, Unit.Newton, "Tributary length; inner support of a continuous beam")],
            new Remedy("Ties no farther apart than", Spacing * holds / pull, Unit.Metre));
    }

    private IEnumerable<Check> Foot(Brief brief)
    {
        if (brief.Site != Site.Soil)
        {
            yield return Check.AskAProfessional("sheet-foot", "Foot of the sheets", "The foot of the sheets cannot be let into this ground: ask somebody who knows how to hold it.", Sheet);
            yield break;
        }

        var at = Push.At(Depth, brief, LoadCase.Normal);
        var foot = at.Soil * Depth / 3 + at.People * Depth / 2;
        var need = brief.GroundsToHoldIn.Max(g => Needed(foot, g.Ground));
        yield return Check.Enough(
            "sheet-foot", "Foot of the sheets in the ground", need, Embedment, Unit.Metre, "Let in deep enough.", "Not let in deep enough: the foot is pushed out.", Sheet,
            [Sum.Of("How deep the foot is let in", "d = √(2 FS F ÷ γ_g K_p)", [new("F", "push at the foot on each metre", foot, Unit.NewtonPerMetre), new("FS", "safety", FootSafety, Unit.One)], need, Unit.Metre, "Passive wedge in front of the foot, Rankine 1857", brief.GroundId is null ? "The worst of all grounds, since nobody has looked" : "Ground as told")],
            new Remedy("Let in at least", need, Unit.Metre));
    }

    /// <summary>√(2 × 1.5 F ÷ γ_g K_p) in sand; in clay, which stands by its cohesion, F × 1.5 ÷ 2 c_u.</summary>
    public static double Needed(double foot, Ground ground) => ground switch
    {
        SandGround sand => Math.Sqrt(2 * FootSafety * foot / (sand.UnitWeight * EarthPressure.Passive(sand.FrictionAngleDegrees))),
        ClayGround clay => FootSafety * foot / (2 * clay.Cohesion),
        _ => throw new InvalidOperationException($"Unknown ground {ground}."),
    };
}
