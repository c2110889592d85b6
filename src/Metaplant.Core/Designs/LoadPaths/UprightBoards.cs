using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// What soil brings to boards stood on end against two rails, one at the ground and one so far up: triangular soil pressure and even pressure of people, on each metre of wall. Lengths in m, loads in N/m.
/// </summary>
/// <param name="Depth">z, soil above the lower rail.</param>
/// <param name="Rails">L, from rail to rail.</param>
public sealed record UprightLoad(double Depth, double Rails)
{
    /// <summary>Reactions of the upper and the lower rail, each with soil and people apart.</summary>
    public (Push Top, Push Foot) Reactions(Brief brief, LoadCase loadCase)
    {
        var at = Push.At(Depth, brief, loadCase);
        double soil = at.Soil * Depth / 2, people = at.People * Depth, soilTop = at.Soil * Depth * Depth / (6 * Rails), peopleTop = people * Depth / (2 * Rails);
        return (new(soilTop, peopleTop), new(soil - soilTop, people - peopleTop));
    }

    /// <summary>Greatest moment on each metre of wall, N m/m. Soil: R_top (L − z + 2s/3), s = z √(z/3L); people: w z² (1 − z/2L)²/2, added where it may not be at the same place, which is on the safe side.</summary>
    public Push Moment(Brief brief, LoadCase loadCase)
    {
        var at = Push.At(Depth, brief, loadCase);
        var s = Depth * Math.Sqrt(Depth / (3 * Rails));
        return new(Reactions(brief, loadCase).Top.Soil * (Rails - Depth + 2 * s / 3), at.People * Depth * Depth * Math.Pow(1 - Depth / (2 * Rails), 2) / 2);
    }
}

/// <summary>The weakest board of a wall of boards on end. Lengths in m.</summary>
/// <param name="Section">Width of the board and its thickness.</param>
public sealed record UprightBoards(string Part, BoardSection Section, UprightLoad Load, string Grade, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var timber = Timbers.Get(brief.Handbook, Grade);
        var moment = Load.Moment(brief, loadCase);
        double t = Section.Thickness, stress = moment.Factored(brief.Factors, loadCase) / (t * t / 6), strength = timber.DesignBending(Condition, loadCase);
        var at = Push.At(Load.Depth, brief, loadCase);
        // The load covers all of the span at its greatest: p₀ L⁴/153.4 E I is the bend under a triangle, 5/384 under what is even.
        var bend = (at.Soil / 153.4 + at.People * 5 / 384) * Math.Pow(Load.Rails, 4) / (timber.Modulus * t * t * t / 12) * timber.Creep;
        var limit = Load.Rails / brief.Factors.BendLimit;
        Sum bent = Sum.Of(
            "Bending of an upright board", loadCase == LoadCase.Normal ? "σ = γ R_top (L − z + 2s/3) ÷ (t²/6), s = z √(z/3L)" : "σ = R_top (L − z + 2s/3) ÷ (t²/6)",
            [.. Terms.Of(moment, brief, "M", "moment on each metre", "moment of people", Unit.Newton), new("L", "from rail to rail", Load.Rails, Unit.Metre), new("z", "depth of soil", Load.Depth, Unit.Metre), new("t", "thickness of the board", t, Unit.Metre), .. Terms.Factors(brief, loadCase)],
            stress, Unit.Pascal, CodeFactors.Source, "A beam from rail to rail under a triangle of pressure");
        if (loadCase == LoadCase.Normal && bend / limit > stress / strength)
        {
            return Check.Compare(
                Terms.Id("uprights", loadCase), "Upright boards between the rails", loadCase, bend, limit, Unit.Metre, "Bend decides.", Part,
                [Sum.Of("Bend of a board in the end", "u ≤ p₀ L⁴ ÷ (153.4 E t³/12) × (1 + k_def)", [new("p₀", "pressure at its foot", at.Total, Unit.Pascal), new("L", "from rail to rail", Load.Rails, Unit.Metre), new("E", "modulus", timber.Modulus, Unit.Pascal), new("t", "thickness", t, Unit.Metre)], bend, Unit.Metre, "EN 1995-1-1 2.2.3 and 7.2"), bent],
                new Remedy("Boards at least this thick", t * Math.Cbrt(bend / limit), Unit.Metre));
        }

        return Check.Compare(
            Terms.Id("uprights", loadCase), "Upright boards between the rails", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "Each board carries its own strip of soil." : Terms.Blocked, Part, [bent],
            new Remedy("Boards at least this thick", t * Math.Sqrt(stress / strength), Unit.Metre));
    }
}

/// <summary>A rail that boards lean on, over posts or from corner to corner. Lengths in m, load in N/m.</summary>
/// <param name="Deep">Of its section the side along the push.</param>
/// <param name="Wide">The other side.</param>
/// <param name="Span">From post to post or corner.</param>
/// <param name="Top">Whether it is the upper rail; the lower takes more.</param>
public sealed record RailOverPosts(string Id, string Part, string Name, double Deep, double Wide, double Span, UprightLoad Load, bool Top, string Grade, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Posts));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var (top, foot) = Load.Reactions(brief, loadCase);
        var line = Top ? top : foot;
        var timber = Timbers.Get(brief.Handbook, Grade);
        var bending = new BoardBending(new(Wide, Deep), Span, 1, timber, Condition, line.Soil, line.People, loadCase, brief.Factors);
        return BoardChecks.Of(
            Terms.Id(Id, loadCase), Name, Part, bending,
            Sum.Of("What the boards bring to each metre of rail", Top ? "R = p₀ z² ÷ 6 L" : "R = p₀ z ÷ 2 − p₀ z² ÷ 6 L", [.. Terms.Of(line, brief, "R", "soil", "people", Unit.NewtonPerMetre), new("L", "from rail to rail", Load.Rails, Unit.Metre), new("z", "depth of soil", Load.Depth, Unit.Metre)], line.Total, Unit.NewtonPerMetre, "Equilibrium of a board on two rails"),
            new Remedy("Posts no farther apart than", bending.GreatestSpan, Unit.Metre), new Remedy("Rails at least this deep", bending.LeastThickness, Unit.Metre));
    }
}
