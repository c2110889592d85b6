using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The thin shell of a vessel: its stuff, how thick it is, what has become of it, and whether it has been proved with water.</summary>
/// <param name="Stuff">One that has a row of shell strengths.</param>
/// <param name="Wall">Thickness, m.</param>
/// <param name="Left">What rust, wear and cracks have left of it, 0..1.</param>
/// <param name="Damaged">True where a crack, rust or wear was seen or openings were cut: then no test with water is offered, since it proves nothing of a crack that grows.</param>
/// <param name="Proved">Height in m of the water it has stood a day full of; null when it has not.</param>
public sealed record Shell(Substance Stuff, double Wall, double Left, bool Damaged, double? Proved)
{
    /// <summary>
    /// The shell of a thing, cut or whole. What rust, wear and a plated crack leave multiply where there are several; wear counts as it does on wood.
    /// Null for what no strength is known of.
    /// </summary>
    public static Shell? Of(Thing thing, double wall, double rim, Handbook handbook)
    {
        if (thing.Substance.Shell() is null) return null;
        bool cracked = thing.Shows(Findings.Cracked), rustedThrough = thing.Shows(Findings.RustThrough);
        var rust = rustedThrough ? handbook[Substances.LeftByDeepRust] : thing.Shows(Findings.RustSurface) ? handbook[Substances.LeftByRust] : 1;
        var crack = cracked ? handbook[Substances.LeftByCrack] : 1;
        return new(thing.Substance, wall, rust * thing.Condition.Factor() * crack, cracked || rustedThrough || thing.Condition == Condition.Poor, thing.Shows(Findings.HeldWater) && !cracked ? rim : null);
    }

    /// <summary>Thickness that counts, m.</summary>
    public double Thickness => Wall * Left;

    /// <summary>The same shell with openings cut in it that leave so much of its wall. What a test told of the whole one tells nothing of it, nor would another before they are cut.</summary>
    public Shell Pierced(double left) => this with { Left = Left * left, Damaged = true, Proved = null };

    /// <summary>The same shell borne another way than it was when it stood full of water.</summary>
    public Shell Unproved() => this with { Proved = null };

    private string Row => Stuff.Shell()!;

    private bool Plastic => Stuff.IsPlastic();

    /// <summary>Strength in Pa, for the load that stays or the accident; of plastics what the sun leaves.</summary>
    public double Strength(Brief brief, LoadCase loadCase) => brief.Handbook[StrengthId(loadCase)] * (Plastic ? brief.Handbook[Substances.Heat] : 1);

    public double Modulus(Brief brief, LoadCase loadCase) => brief.Handbook[Row + (loadCase == LoadCase.Normal ? ".modulus" : ".short-modulus")];

    /// <summary>The terms of the strength, for a sum.</summary>
    public IReadOnlyList<Term> StrengthTerms(Brief brief, LoadCase loadCase)
        => Plastic ? [brief.Handbook.Term(StrengthId(loadCase)), brief.Handbook.Term(Substances.Heat)] : [brief.Handbook.Term(StrengthId(loadCase))];

    public Term ModulusTerm(Brief brief, LoadCase loadCase) => brief.Handbook.Term(Row + (loadCase == LoadCase.Normal ? ".modulus" : ".short-modulus"));

    /// <summary>
    /// What is said where the sum fails or bends beyond small-bend theory. Proved with water: the load beside the test's, never better than tight. Sound: a test with water. Damaged: a professional where the sum cannot tell, and a failure where it does.
    /// An accident is judged by its own sum alone, since no test brings it about.
    /// </summary>
    /// <param name="bySum">The check by the sum, in case it is within the theory.</param>
    /// <param name="within">True while the bend is within small-bend theory.</param>
    /// <param name="load">The load of the soil, Pa, unfactored.</param>
    /// <param name="stones">True where the stones of the test press on the same place as its water does.</param>
    public Check Judge(Check bySum, bool within, double load, bool stones, Brief brief)
    {
        if (within && bySum.Verdict < Verdict.ProveFirst) return bySum;
        if (bySum.Case == LoadCase.BlockedDrain && within) return bySum;
        if (Damaged)
        {
            return within ? bySum : Check.AskAProfessional(bySum.Id, bySum.Name, "Cracked, rusted through or worn, and it bends too far for the theory of plates: no sum and no test tells how long it holds.", bySum.Part) with { Sums = bySum.Sums, Case = bySum.Case };
        }

        if (Proved is { } rim && bySum.Case == LoadCase.Normal) return Against(bySum, load, rim, stones, brief);
        return Check.ProveFirst(
            bySum.Id, bySum.Name, bySum.Case, within ? "On paper it does not hold; many such vessels do. Fill it with water and see." : "It bends too far for the theory of plates, so no sum tells. Fill it with water and see.",
            bySum.Part, bySum.Sums, WaterTest.Steps(brief));
    }

    private static Check Against(Check bySum, double load, double rim, bool stones, Brief brief)
    {
        var laid = brief.Handbook.Term(Practice.ProofStones);
        var proof = EarthPressure.WaterUnitWeight * rim * (stones ? 1 + laid.Value : 1);
        var sum = Sum.Of(
            "Load of the test", stones ? "γ_w h (1 + k)" : "γ_w h", [new("h", "height of the water", rim, Unit.Metre), new("γ_w", "weight of water", EarthPressure.WaterUnitWeight, Unit.NewtonPerCubicMetre), .. stones ? [laid] : (Term[])[]], proof, Unit.Pascal, "It stood a day full of water", "A day proves no years: look at it each spring");
        return Check.Compare(
            bySum.Id, bySum.Name, LoadCase.Normal, load, proof, Unit.Pascal, load <= proof * (1 + Check.Tolerance) ? "It held the water test; plastics creep, so look at it each spring." : "The soil is heavier than the water it was tested with.",
            bySum.Part, [.. bySum.Sums, sum], bySum.Remedies).AtBestTight() with
        { EnoughOrNot = true };
    }

    private string StrengthId(LoadCase loadCase) => Row + (loadCase == LoadCase.Normal ? ".strength" : ".short-strength");
}

/// <summary>The test of a thin vessel with water, before it is drilled.</summary>
public static class WaterTest
{
    public static IReadOnlyList<Sentence> Steps(Brief brief) =>
    [
        "Before any hole is drilled: stand, lay or hang it as drawn, plug its outlets.",
        $"Lay clean stones or bricks evenly on its floor, {(brief.Handbook[Practice.ProofStones] is var k && Math.Abs(k - 1.0 / 3) < .02 ? "a third" : $"{k:0.##}")} of the weight of the water it holds.",
        "Fill it to the rim on a warm day. Stand clear: it may give way at once.",
        "Measure across its middle at once and after a day. No split, no creak, no more than a finger's breadth wider, and none wider from noon to evening: it holds. Tick “Stood a day full of water” on it in Gather.",
        "Anything else: it is not for this. Small children are kept away while it is full.",
    ];
}
