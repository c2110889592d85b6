using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>Judges what a thing is fit for from what was seen on it and the house rules.</summary>
public static class Inspection
{
    /// <summary>
    /// The judgement: the worst of all reasons. A thing with nothing against it is fit for food. What is not known is never taken as good: a vessel of unknown contents and an unmarked pallet each bring their own reason.
    /// </summary>
    public static Judgement Judge(Thing thing, HouseRules rules)
    {
        var ticked = thing.Findings.Select(Findings.Find).OfType<Finding>().ToList();
        var reasons = ticked.Select(f => f.Judge?.Invoke(rules)).Concat([OfMarks(thing, rules), OfContents(thing), OfSubstance(thing, rules)]).OfType<Reason>().ToList();
        var fitness = reasons.Select(r => r.Fitness).DefaultIfEmpty(Fitness.Food).Max();
        if (fitness == Fitness.Food && reasons.Count == 0) reasons.Add(new(Fitness.Food, "Nothing seen that speaks against food plants."));
        var unknown = thing.Measures is IVessel and not Kinds.CrateMeasures && OfContents(thing) is not null;
        return new(
            fitness,
            MayCut: !unknown && thing.Substance != Substance.FibreCement && !ticked.Exists(f => f.NoCutting),
            MustLine: MustLine(thing, rules),
            [.. reasons.OrderByDescending(r => r.Fitness)]);
    }

    private static Reason? OfMarks(Thing thing, HouseRules rules)
    {
        if (thing.Kind is not Kinds.Pallet || thing.Shows(Findings.FumigantMark)) return null;
        var heated = thing.Shows(Findings.HeatMark);
        const string Rule = HouseRules.PalletWood;
        return rules[Rule] switch
        {
            "lined" => new(Fitness.Food, "Not fumigated: for food behind a liner.", Rule),
            "never" => heated && thing.Shows(Findings.OwnerVouches)
                ? new(Fitness.Food, "Heat mark, and the owner vouches for what it carried.", Rule)
                : new(Fitness.Ornamentals, "Needs both a heat mark and the owner's word for food.", Rule),
            _ => heated
                ? new(Fitness.Food, "Heat mark, clean: may grow food.", Rule)
                : new(Fitness.Ornamentals, "No heat mark, so nobody knows how it was treated: ornamentals only.", Rule),
        };
    }

    private static Reason? OfContents(Thing thing)
    {
        if (thing.Measures is not IVessel || thing.Kind is Kinds.Crate || thing.Shows(Findings.HeldFood) || thing.Shows(Findings.HeldGarden)) return null;
        if (thing.Shows(Findings.HeldChemical) || thing.Shows(Findings.HeldUnknown)) return null;
        return new(Fitness.StructureOnly, "Tick what it held before. Until then: not for plants, and no cutting.");
    }

    private static Reason? OfSubstance(Thing thing, HouseRules rules) => thing.Substance switch
    {
        Substance.ZincCoatedSteel => rules[HouseRules.CoatedMetal] switch
        {
            "accept" => new(Fitness.Food, "Zinc is accepted while the soil stays near neutral.", HouseRules.CoatedMetal),
            "line" => new(Fitness.Food, "Zinc: for food behind a liner.", HouseRules.CoatedMetal),
            _ => new(Fitness.Ornamentals, "Zinc: ornamentals only.", HouseRules.CoatedMetal),
        },
        Substance.FibreCement => new(Fitness.Refused, "Old fibre-cement may hold asbestos. Do not cut, drill or break it; ask how your council collects it."),
        Substance.Rubber or Substance.Pvc when rules[HouseRules.DoubtfulPlastic] != "accept"
            => new(Fitness.Ornamentals, $"{(thing.Substance == Substance.Rubber ? "Tyres" : "PVC")}: ornamentals only.", HouseRules.DoubtfulPlastic),
        Substance.UnknownPlastic when !thing.Shows(Findings.HeldFood) && !thing.Shows(Findings.PlasticMark) && rules[HouseRules.DoubtfulPlastic] != "accept"
            => new(Fitness.Ornamentals, "Plastic without a mark: ornamentals only.", HouseRules.DoubtfulPlastic),
        _ => null,
    };

    private static bool MustLine(Thing thing, HouseRules rules)
        => (thing.Kind is Kinds.Pallet && rules[HouseRules.PalletWood] == "lined")
        || (thing.Substance == Substance.ZincCoatedSteel && rules[HouseRules.CoatedMetal] == "line")
        || (thing.Shows("mark-treated") && rules[HouseRules.TreatedBoards] == "line")
        || thing.Shows(Findings.RustThrough);
}
