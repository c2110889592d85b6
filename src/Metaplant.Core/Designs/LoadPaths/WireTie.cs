using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>What a wall that runs over its ties brings to one of them: more than its share of the wall, since the middle support of two spans takes five eighths of each.</summary>
public static class TieForce
{
    /// <summary>1.25 over two spans, 1.10 over more: the greatest inner reaction of a beam over equal spans, over its share of the load.</summary>
    public static double Continuity(int spans) => spans <= 2 ? 1.25 : 1.10;

    /// <summary>
    /// Pull in N on one tie of the wall down to a depth in m, ties so far apart in m. Soil counts once and people by the ratio of their factors, since the half of the yield that is kept back stands for the factor on soil.
    /// </summary>
    public static Push Of(double depth, double spacing, int spans, Brief brief, LoadCase loadCase)
    {
        var push = Push.Resultant(depth, brief, loadCase).Times(spacing * Continuity(spans));
        return push with { People = push.People * brief.Factors.OnPeople(loadCase) / brief.Factors.OnSoil(loadCase) };
    }

    public static Sum Worked(double depth, double spacing, int spans, Brief brief, LoadCase loadCase)
    {
        var push = Push.Resultant(depth, brief, loadCase);
        return Sum.Of(
            "Pull in one tie", brief.PeopleAtEdge ? "T = c s (P + P_q γ_Q/γ_G)" : "T = c s P",
            [
                .. Terms.Of(push, brief, "P", "push of the soil on each metre of wall", "push from people", Unit.NewtonPerMetre), new("s", "from tie to tie", spacing, Unit.Metre),
                new("c", spans <= 2 ? "more than its share, over two spans" : "more than its share, over several spans", Continuity(spans), Unit.One),
            ],
            Of(depth, spacing, spans, brief, loadCase).Total, Unit.Newton, "Resultant over the tributary area; inner support of a continuous beam", "Friction under the wall is ignored");
    }
}

/// <summary>A wire from wall to wall, a third of the way up where the push acts. Lengths in m.</summary>
public sealed record WireTie(string Part, double Spacing, int Spans, double Height, double Diameter, int Strands) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People], Quantity.Ties));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var force = TieForce.Of(Height, Spacing, Spans, brief, loadCase).Total;
        var area = Strands * Math.PI / 4 * Diameter * Diameter;
        // Half the yield is kept back for twisting and rust; an accident may use it.
        var capacity = area * brief.Handbook[Metals.WireYield] / (loadCase == LoadCase.Normal ? 2 : 1);
        Sum strength = Sum.Of(
            "Strength of the tie", loadCase == LoadCase.Normal ? "A f_y ÷ 2" : "A f_y", [new("A", $"{Strands} strands of wire", area, Unit.SquareMetre), brief.Handbook.Term(Metals.WireYield)],
            capacity, Unit.Newton, "Half the yield; all of it in an accident");
        return Check.Compare(
            Terms.Id("ties", loadCase), "Tie wires", loadCase, force, capacity, Unit.Newton, loadCase == LoadCase.Normal ? (Sentence)$"{new Count(Strands, "strand", "strands")} of {Amount.Length(Diameter)} wire." : Terms.Blocked, Part,
            [TieForce.Worked(Height, Spacing, Spans, brief, loadCase), strength], new Remedy("Ties no farther apart than", Spacing * capacity / force, Unit.Metre));
    }
}

/// <summary>The upright piece outside a wall that a tie pulls against, so that the wire does not cut through one slat: a beam over the height of the wall, pulled in at one place. Lengths in m.</summary>
/// <param name="At">How high the tie pulls.</param>
/// <param name="Side">Of its square section.</param>
public sealed record TieAnchor(string Part, double Spacing, int Spans, double Height, double WallHeight, double At, double Side, string Grade) : LoadPath
{
    /// <summary>How worn the worst of the anchors is.</summary>
    public Condition Worn { get; init; } = Condition.Sound;

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People], Quantity.Ties));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var force = TieForce.Of(Height, Spacing, Spans, brief, loadCase).Total * brief.Factors.OnSoil(loadCase);
        // The slats press on it all along; the longer arm from the tie bends it most.
        var arm = Math.Max(At, WallHeight - At);
        var moment = force / WallHeight * arm * arm / 2;
        var section = Side * Side * Side / 6;
        var timber = Timbers.Get(brief.Handbook, Grade);
        var strength = timber.DesignBending(Worn, loadCase);
        var stress = moment / section;
        Sum bent = Sum.Of(
            "Bending of the anchor", loadCase == LoadCase.Normal ? "σ = γ_G T a²/2h ÷ (b³/6)" : "σ = T a²/2h ÷ (b³/6)",
            [
                new("T", "pull of the tie", force / brief.Factors.OnSoil(loadCase), Unit.Newton), new("a", "from the tie to the farther end", arm, Unit.Metre), new("h", "height of the wall", WallHeight, Unit.Metre), new("b", "side of the anchor", Side, Unit.Metre),
                .. loadCase == LoadCase.Normal ? [brief.Handbook.Term(CodeFactors.SoilId)] : (Term[])[],
            ],
            stress, Unit.Pascal, CodeFactors.Source, "The slats press evenly along it");
        return Check.Compare(
            Terms.Id("tie-anchor", loadCase), "Anchors of the ties", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "An upright outside the slats spreads the pull." : Terms.Blocked, Part,
            [TieForce.Worked(Height, Spacing, Spans, brief, loadCase), bent], new Remedy("Anchors at least this thick", Side * Math.Cbrt(stress / strength), Unit.Metre));
    }
}
