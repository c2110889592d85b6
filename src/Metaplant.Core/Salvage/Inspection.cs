using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>Judges what a thing is fit for from what was seen on it and on what it came from, what it is made of, and the house rules.</summary>
public static class Inspection
{
    /// <summary>
    /// The judgement: the worst of all reasons. What is not known is never taken as good: a vessel of unknown contents and an unmarked pallet each bring their own reason, and nothing may be called food until the
    /// decisive questions are answered.
    /// </summary>
    public static Judgement Judge(Thing thing, HouseRules rules)
    {
        var seen = thing.Findings.Concat(thing.History).Distinct(StringComparer.Ordinal).Select(Findings.Find).OfType<Finding>().ToList();
        // Stuff and sign may say the same of fibre-cement; once is enough.
        var reasons = seen.Select(f => f.Judge?.Invoke(rules)).Concat([OfMarks(thing, rules), OfContents(thing), OfSubstance(thing, rules)]).OfType<Reason>().DistinctBy(r => r.Sentence).ToList();
        var fitness = reasons.Select(r => r.Fitness).DefaultIfEmpty(Fitness.Food).Max();
        var open = fitness == Fitness.Refused ? [] : Walk.Open(thing);
        if (fitness == Fitness.Food && reasons.Count == 0 && open.Count == 0) reasons.Add(new(Fitness.Food, "Nothing seen that speaks against food plants."));
        return new(
            fitness,
            LookedAt: open.Count == 0,
            [.. open.Select(q => q.Words)],
            MayCut: OfContents(thing) is null && thing.Substance != Substance.FibreCement && !seen.Exists(f => f.NoCutting),
            MustLine: reasons.Exists(r => r.Lined) || thing.Shows(Findings.RustThrough),
            [.. reasons.OrderByDescending(r => r.Fitness)]);
    }

    /// <summary>True for pallets, and for whatever was part of one.</summary>
    public static bool IsPalletWood(Thing thing) => thing.Kind is Kinds.Pallet || thing.Shows(Findings.PalletWood);

    private static Reason? OfMarks(Thing thing, HouseRules rules)
    {
        if (!IsPalletWood(thing) || thing.Shows(Findings.FumigantMark)) return null;
        var heated = thing.Shows(Findings.HeatMark);
        const string Rule = HouseRules.PalletWood;
        return rules[Rule] switch
        {
            "lined" => new(Fitness.Food, "Not fumigated: for food behind film.", Rule, Lined: true),
            "never" => heated && thing.Shows(Findings.OwnerVouches)
                ? new(Fitness.Food, "Heat mark, and the owner vouches for what it carried.", Rule)
                : new(Fitness.Ornamentals, "Needs both a heat mark and the owner's word for food.", Rule, Seen: false),
            _ => heated
                ? new(Fitness.Food, thing.Shows(Findings.LookedOver) ? "Heat mark, and nothing was seen that speaks against it." : "Heat mark: it was heated, not fumigated.", Rule)
                : new(Fitness.Ornamentals, "No heat mark, so nobody knows how it was treated: ornamentals only.", Rule, Seen: thing.Shows(Findings.LookedOver)),
        };
    }

    private static Reason? OfContents(Thing thing)
    {
        if (thing.Measures is not IVessel || thing.Kind is Kinds.Crate || thing.Shows(Findings.HeldFood) || thing.Shows(Findings.HeldGarden)) return null;
        if (thing.Shows(Findings.HeldChemical) || thing.Shows(Findings.HeldUnknown)) return null;
        return new(Fitness.StructureOnly, "Tick what it held before. Until then: not for plants, and no cutting.", Seen: false);
    }

    private static Reason? OfSubstance(Thing thing, HouseRules rules) => thing.Substance switch
    {
        Substance.ZincCoatedSteel => rules[HouseRules.CoatedMetal] switch
        {
            "accept" => new(Fitness.Food, "Zinc is accepted while the soil stays near neutral.", HouseRules.CoatedMetal),
            "line" => new(Fitness.Food, "Zinc: for food behind film.", HouseRules.CoatedMetal, Lined: true),
            _ => new(Fitness.Ornamentals, "Zinc: ornamentals only.", HouseRules.CoatedMetal),
        },
        Substance.FibreCement => new(Fitness.Refused, Findings.AsbestosWords),
        Substance.Copper => new(Fitness.Ornamentals, "Copper: sour soil dissolves enough of it to harm roots and food. Away from soil it may carry."),
        Substance.Brass or Substance.Bronze => new(Fitness.Ornamentals, $"{(thing.Substance == Substance.Brass ? "Brass" : "Bronze")} holds copper and often some lead: not against soil for food."),
        Substance.Lead => new(Fitness.Refused, "Lead: poison in soil and on hands. Gloves, no cutting or melting; a scrap dealer takes it."),
        Substance.TreatedAsh => new(Fitness.Refused, "Ash of treated or painted wood or of coal holds arsenic, chromium or lead: not on any bed, and not on the heap."),
        Substance.Rubber or Substance.Pvc when rules[HouseRules.DoubtfulPlastic] != "accept"
            => new(Fitness.Ornamentals, $"{(thing.Substance == Substance.Rubber ? "Tyres and rubber" : "PVC")}: ornamentals only.", HouseRules.DoubtfulPlastic),
        Substance.UnknownPlastic or Substance.Film when !thing.Shows(Findings.HeldFood) && !thing.Shows(Findings.PlasticMark) && rules[HouseRules.DoubtfulPlastic] != "accept"
            => new(Fitness.Ornamentals, $"{(thing.Substance == Substance.Film ? "Film" : "Plastic")} without a mark: ornamentals only.", HouseRules.DoubtfulPlastic, Seen: thing.Substance != Substance.Film || thing.Shows(Findings.LookedOver)),
        _ => null,
    };
}
