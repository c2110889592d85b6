using Metaplant.Core.Designs;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

internal static class HoldAssessor
{
    public static HoldAssessment Assess(Blueprint blueprint, Brief brief)
    {
        var wet = blueprint.Bays.Count == 0 ? null : WetMass("Weight, wet through", new(blueprint.Soil, blueprint.Handling.EmptyMass) { Stones = blueprint.NoSoil }, brief);
        List<Check> checks = [.. blueprint.LoadPaths.SelectMany(p => p.Work(brief)), .. StandingChecks.Of(blueprint, brief, wet)];
        var weakest = Verdicts.Weakest(checks);
        var verdict = Verdicts.Worst(checks);
        return new(verdict, Say(verdict, weakest), checks, weakest, wet, Carry(blueprint.Handling, blueprint.Handling.Each?.Wet(brief.Medium) ?? wet?.Value, brief.Handbook));
    }

    private static Sentence Say(Verdict verdict, Check? weakest) => (verdict, weakest) switch
    {
        (_, null) => "Nothing here carries.",
        (Verdict.AskAProfessional or Verdict.ProveFirst, { Utilisation: null } ask) => (Sentence)$"{ask.Name}: {ask.Words.GoingOn()}",
        (_, { EnoughOrNot: true, Verdict: > Verdict.Sound } wanting) => (Sentence)$"{wanting.Name}: {wanting.Words.GoingOn()}",
        (_, { } weak) => (Sentence)$"{weak.Name}: {(int)Math.Round(weak.Utilisation!.Value * 100)} % of what it can take{(weak.Case == LoadCase.BlockedDrain ? " with the drain blocked" : "")}.",
    };

    /// <summary>kg of what stands or is carried by itself, full of water.</summary>
    internal static Sum WetMass(string title, Burden of, Brief brief) => Sum.Of(
        title, of.Stones > 0 ? "m = ρ_sat V + ρ_s V_s + m₀" : "m = ρ_sat V + m₀",
        [new("ρ_sat", "density full of water", brief.Medium.SaturatedDensity, Unit.KilogramPerCubicMetre, $"medium.{brief.Medium.Id}.saturated"), new("V", "soil", of.Soil, Unit.CubicMetre), .. of.Stones > 0 ? [new("ρ_s", "density of wet stones", Burden.StonesWet, Unit.KilogramPerCubicMetre), new("V_s", "stones", of.Stones, Unit.CubicMetre)] : (Term[])[], new("m₀", "empty", of.Empty, Unit.Kilogram)],
        of.Wet(brief.Medium), Unit.Kilogram, "Soil full of water and the thing itself");

    private static Sentence Carry(Handling handling, double? wet, Materials.Handbook handbook)
    {
        var empty = handling.Each?.Empty ?? handling.EmptyMass;
        var it = handling.Each is null ? "it" : "each";
        if (wet is { } all && Lifting.People(all, handbook) == 1) return $"One person can carry {it} full.";
        var once = wet is null ? "" : Lifting.People(wet.Value, handbook) is null ? " Fill it where it stands; nobody moves it wet." : " Full, it takes two or three.";
        if (handling.BuiltInPlace) return "Built where it stands." + once;
        var people = Lifting.People(empty, handbook) ?? 0;
        Sentence carried = people switch
        {
            0 => (Sentence)$"Empty it is {Amount.Mass(empty)}: roll it or use a barrow.",
            1 => (Sentence)$"One person carries {it} empty ({Amount.Mass(empty)}).",
            _ => (Sentence)$"{people} people carry {it} empty ({Amount.Mass(empty)}).",
        };
        return $"{carried}{once}";
    }
}
