using Metaplant.Core.Designs;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

internal static class HoldAssessor
{
    public static HoldAssessment Assess(Blueprint blueprint, Brief brief)
    {
        var wet = blueprint.Bays.Count == 0 ? null : WetMass(blueprint, brief);
        List<Check> checks = [.. blueprint.LoadPaths.SelectMany(p => p.Work(brief)), .. StandingChecks.Of(blueprint, brief, wet)];
        var weakest = Verdicts.Weakest(checks);
        var verdict = Verdicts.Worst(checks);
        return new(verdict, Say(verdict, weakest), checks, weakest, wet, Carry(blueprint, wet?.Value, brief.Handbook));
    }

    private static Sentence Say(Verdict verdict, Check? weakest) => (verdict, weakest) switch
    {
        (_, null) => "Nothing here carries.",
        (Verdict.AskAProfessional or Verdict.ProveFirst, { Utilisation: null } ask) => (Sentence)$"{ask.Name}: {ask.Words.GoingOn()}",
        (_, { } weak) => (Sentence)$"{weak.Name}: {(int)Math.Round(weak.Utilisation!.Value * 100)} % of what it can take{(weak.Case == LoadCase.BlockedDrain ? " with the drain blocked" : "")}.",
    };

    private static Sum WetMass(Blueprint blueprint, Brief brief)
    {
        var volume = blueprint.Soil;
        return Sum.Of(
            "Weight, wet through", "m = ρ_sat V + m₀",
            [new("ρ_sat", "density full of water", brief.Medium.SaturatedDensity, Unit.KilogramPerCubicMetre, $"medium.{brief.Medium.Id}.saturated"), new("V", "soil", volume, Unit.CubicMetre), new("m₀", "empty", blueprint.Handling.EmptyMass, Unit.Kilogram)],
            brief.Medium.SaturatedDensity * volume + blueprint.Handling.EmptyMass, Unit.Kilogram, "Soil full of water and the thing itself");
    }

    private static Sentence Carry(Blueprint blueprint, double? wet, Materials.Handbook handbook)
    {
        var empty = blueprint.Handling.EmptyMass;
        if (wet is { } all && Lifting.People(all, handbook) == 1) return "One person can carry it full.";
        var once = wet is null ? "" : Lifting.People(wet.Value, handbook) is null ? " Fill it where it stands; nobody moves it wet." : " Full, it takes two or three.";
        if (blueprint.Handling.BuiltInPlace) return "Built where it stands." + once;
        var people = Lifting.People(empty, handbook) ?? 0;
        Sentence carried = people switch
        {
            0 => (Sentence)$"Empty it is {Amount.Mass(empty)}: roll it or use a barrow.",
            1 => (Sentence)$"One person carries it empty ({Amount.Mass(empty)}).",
            _ => (Sentence)$"{people} people carry it empty ({Amount.Mass(empty)}).",
        };
        return $"{carried}{once}";
    }
}
