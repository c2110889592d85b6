using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// Pots that hang before an upright lattice which is fixed to a wall in rows of two: their wet weight, a child that climbs it and the wind turn it about its foot, and each row takes its share by its height, F_i = M y_i ÷ Σ y². Nobody can tell what holds in an old wall: every fixing is tested at twice that. Lengths in m.
/// </summary>
/// <param name="Mass">Of pots full of water and the lattice, kg.</param>
/// <param name="Before">e, of the middle of the pots before the wall.</param>
/// <param name="Rows">y_i, heights of the rows over the foot of the lattice.</param>
public sealed record PotsOnLattice(string Part, double Mass, double Before, double Long, double High, IReadOnlyList<double> Rows) : LoadPath
{
    private const int InARow = 2;

    public override IEnumerable<Check> Work(Brief brief)
    {
        var top = OnTop(brief);
        yield return Check.ProveFirst("fixing", "Fixings to the wall", LoadCase.Normal, "What holds in a wall nobody knows before it is pulled: test every one.", Part, [Moment(brief, wind: true), top, .. Lower(brief)], Test(brief));
    }

    /// <summary>How all are tested before anything is hung.</summary>
    public IReadOnlyList<Sentence> Test(Brief brief) =>
    [
        "Into brick, block or a post, never plaster or a gutter alone.",
        $"Before it is hung: a spring balance or a bucket on a lever at each, {new Amount(2 * OnTop(brief).Value / InARow, Unit.Newton)} straight out, for a minute. Stand aside.",
        "Nothing moved and nothing cracked: hang it. Anything else: a stouter plug, another place, or no lattice on this wall.",
    ];

    /// <summary>What turns it about its foot, N m, with its factors.</summary>
    public Sum Moment(Brief brief, bool wind)
    {
        Term soil = brief.Handbook.Term(CodeFactors.SoilId), surcharge = brief.Handbook.Term(CodeFactors.SurchargeId), child = brief.Handbook.Term(People.Climbing), before = brief.Handbook.Term(People.ClimbingBefore), gust = brief.Handbook.Term(brief.GustId), drag = brief.Handbook.Term(Gusts.Drag);
        double weight = Mass * Medium.Gravity, blows = wind ? Supports.Wind.Force(Supports.Wind.Pressure(gust.Value), Long * High, drag.Value, 1) : 0;
        return Sum.Of(
            "What turns it about its foot", wind ? "γ_G W e + γ_Q F_c e_c + γ_Q F h/2" : "γ_G W e + γ_Q F_c e_c",
            [new("W", "weight, full of water", weight, Unit.Newton), new("e", "middle of the pots before the wall", Before, Unit.Metre), .. wind ? (Term[])[new("F", "wind on all of it", blows, Unit.Newton), new("h", "height", High, Unit.Metre), gust] : [], child, before, soil, surcharge],
            soil.Value * weight * Before + surcharge.Value * child.Value * before.Value + surcharge.Value * blows * High / 2, Unit.NewtonMetre, "Moments about its foot; EN 1991-1-4 for the wind", "A child steps on a lath");
    }

    /// <summary>Pull on the two fixings of a row, N.</summary>
    public double OnRow(double moment, double height) => moment * height / Rows.Sum(y => y * y);

    private Sum OnTop(Brief brief)
    {
        var moment = Moment(brief, wind: true).Value;
        return Sum.Of("Pull on the top row", "M y ÷ Σ y²", [new("M", "what turns it", moment, Unit.NewtonMetre), new("y", "height of the row", Rows[^1], Unit.Metre), new("Σ y²", "of all rows, m²", Rows.Sum(y => y * y), Unit.SquareMetre)], OnRow(moment, Rows[^1]), Unit.Newton, "A stiff frame turning about its foot", "Two fixings share it");
    }

    private IEnumerable<Sum> Lower(Brief brief)
    {
        var moment = Moment(brief, wind: true).Value;
        return Rows.SkipLast(1).Select(y => Sum.Of("Pull on a lower row", "M y ÷ Σ y²", [new("M", "what turns it", moment, Unit.NewtonMetre), new("y", "height of the row", y, Unit.Metre)], OnRow(moment, y), Unit.Newton, "A stiff frame turning about its foot", "Two fixings share it"));
    }
}

/// <summary>A lath of a lattice, with a pot in the middle between two uprights, and the wire the pot hangs by. Lengths in m.</summary>
/// <param name="Spacing">From upright to upright.</param>
/// <param name="Deep">Height of a lath.</param>
/// <param name="Thick">Of all laths bound together.</param>
/// <param name="Pot">Soil in one, m³, and its kg.</param>
public sealed record PotOnLath(string Part, string WirePart, double Spacing, double Deep, double Thick, Burden Pot, double WireDiameter, string Grade, Condition Condition) : LoadPath
{
    private const int Wires = 2;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Push weight = new(Medium.Gravity * Pot.Wet(brief.Medium), 0);
        var factored = weight.Factored(brief.Factors, LoadCase.Normal);
        double stress = factored * Spacing / 4 / (Thick * Deep * Deep / 6), strength = Timbers.Get(brief.Handbook, Grade).DesignBending(Condition, LoadCase.Normal);
        yield return Check.Compare(
            "lath", "Lath that a pot hangs from", LoadCase.Normal, stress, strength, Unit.Pascal, "A pot full of water, half way between two uprights.", Part,
            [Sum.Of("Bending of a lath", "σ = γ_G W s/4 ÷ (t h²/6)", [new("W", "one pot, full of water", weight.Soil, Unit.Newton), new("s", "from upright to upright", Spacing, Unit.Metre), new("t", "thickness", Thick, Unit.Metre), new("h", "height of a lath", Deep, Unit.Metre), brief.Handbook.Term(CodeFactors.SoilId)], stress, Unit.Pascal, "Beam on two supports; EN 1995-1-1", "Laths of lattices are as thin as this: measure yours")],
            new Remedy("Pots no heavier than, kg", weight.Soil / Medium.Gravity * strength / stress, Unit.One)).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.Wear]);
        double holds = Wires * Math.PI / 4 * WireDiameter * WireDiameter * brief.Handbook[Metals.WireYield] / 2;
        yield return Check.Compare(
            "pot-wire", "Wire that a pot hangs by", LoadCase.Normal, factored, holds, Unit.Newton, "Under its rim and up over the lath, twisted; look at it each spring.", WirePart,
            [Sum.Of("What the wire holds", "2 π d² ÷ 4 × f ÷ 2", [new("d", "wire", WireDiameter, Unit.Metre), brief.Handbook.Term(Metals.WireYield)], holds, Unit.Newton, "Half is kept back for rust and twists")]).Guarding([Quantity.Soil, Quantity.Wetness]);
    }
}
