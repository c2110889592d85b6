using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>What to put on before handling or working a thing.</summary>
public static class HandlingAdvice
{
    /// <summary>Sentences, most important first; never empty.</summary>
    public static IReadOnlyList<string> For(Thing thing, Judgement judgement)
    {
        var advice = new List<string>();
        if (thing.Substance == Substance.FibreCement || thing.Shows("fibre-cement")) advice.Add("Do not cut, drill or break it. Wet it, wrap it whole, and ask how your council collects it.");
        if (thing.Shows(Findings.HeldChemical) || thing.Shows(Findings.HeldUnknown)) advice.Add("Closed containers of unknown contents: no flame, no cutting, no rinsing into a drain.");
        if (thing.Shows("creosote")) advice.Add("Gloves and long sleeves; it burns skin in the sun.");
        if (thing.Shows("old-paint")) advice.Add("No sanding and no burning; wash hands before eating.");
        if (thing.Shows("mark-treated")) advice.Add("Dust mask when sawing; offcuts are not burned.");
        if (thing.Shows(Findings.Nails)) advice.Add("Thick soles, gloves, and a jar for every nail.");
        if (thing.Shows(Findings.RustThrough) || thing.Substance is Substance.ZincCoatedSteel or Substance.Steel or Substance.Aluminium) advice.Add("Gloves for sheet edges; eye protection when cutting; no hot cutting of zinc.");
        if (thing.Substance is Substance.Manure or Substance.PlantMatter or Substance.Straw) advice.Add("A mask when it is dry and dusty; gloves; hands washed.");
        if (thing.Substance is Substance.Lead or Substance.TreatedAsh) advice.Add("Gloves; wash hands and sleeves; nothing of it on the ground.");
        if (thing.Substance is Substance.WoodAsh or Substance.TreatedAsh) advice.Add("A mask and goggles: wet ash burns eyes.");
        if (thing.Substance is Substance.Stone or Substance.Concrete or Substance.FiredClay) advice.Add("Steel toecaps; cut wet, with a mask.");
        if (!judgement.MayCut && !advice.Exists(a => a.Contains("cut", StringComparison.Ordinal))) advice.Insert(0, "No cutting, drilling or breaking.");
        if (advice.Count == 0) advice.Add("Gloves.");
        return advice;
    }
}

/// <summary>How much of a thing can be used.</summary>
public static class UsablePart
{
    /// <summary>One sentence for what is not whole: which slats, how much of a length, what patches it; null when all of it is good.</summary>
    public static Sentence? Of(Thing thing) => thing switch
    {
        { Measures: Kinds.PalletMeasures m } when thing.Faults.Count > 0 => Slats(m, thing.Faults),
        { Measures: ISawn m } when thing.Faults.Count > 0 => (Sentence)$"{Amount.Length(LongestSound(m.Length, thing.Faults))} of its {Amount.Length(m.Length)} is sound in one piece.",
        _ when thing.Shows(Findings.RustThrough) => "Patch the holes or line it; count it as six tenths of its wall.",
        _ when thing.Shows(Findings.Cracked) => "Drill the ends of the crack and bolt a plate across, inside and out.",
        _ when thing.Shows("torn") => "The part between the tears; cut it out square.",
        _ when thing.Shows("wobbles") => "Brace it with a board from corner to corner before it carries anything.",
        _ => null,
    };

    /// <summary>The longest stretch in m between bad places.</summary>
    public static double LongestSound(double length, IReadOnlyList<Fault> faults)
    {
        double at = 0, best = 0;
        foreach (var fault in faults.OrderBy(f => f.From))
        {
            best = Math.Max(best, fault.From - at);
            at = Math.Max(at, fault.To);
        }

        return Math.Max(best, length - at);
    }

    private static string Slats(Kinds.PalletMeasures m, IReadOnlyList<Fault> faults)
    {
        var bad = faults.Select(f => f.Part).Distinct(StringComparer.Ordinal).Count();
        var highest = Enumerable.Range(1, m.Slats).LastOrDefault(n => m.Sections(n, faults).Count > 0);
        return highest == 0 ? "No slat of it is sound." : $"{m.Slats - bad} of {m.Slats} slats are sound; the highest section is {highest} boards.";
    }
}
