using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Salvage;

/// <summary>A thing as it was kept, perhaps by an earlier catalogue, with nothing checked.</summary>
/// <param name="Taken">Ids of the measures that somebody took.</param>
/// <param name="Substance">Null where the word for it is no longer known.</param>
public sealed record KeptThing(
    int Id, int Number, string Name, string KindId, int Count, IReadOnlyDictionary<string, double> Values, Substance? Substance,
    IReadOnlyList<string> Findings, IReadOnlyList<Fault> Faults, IReadOnlyList<string> History, IReadOnlyCollection<string> Taken)
{
    /// <summary>Parts of it that cannot be read at all, and stand empty above: "measures", "findings", "faults", "history".</summary>
    public IReadOnlyCollection<string> Unread { get; init; } = [];

    /// <summary>Its sticks as laid one by one.</summary>
    public IReadOnlyList<Stick> Laid { get; init; } = [];

    /// <summary>Its history, with the worst in place of what cannot be read: signs nobody can read make its past unknown, bad places nobody can read make it poor.</summary>
    public IReadOnlyList<string> Past =>
    [
        .. History.Concat(Unread.Any(u => u is "findings" or "history") ? [Salvage.Findings.HeldUnknown] : []).Concat(Unread.Contains("faults") ? [Salvage.Findings.Poor] : []).Distinct(StringComparer.Ordinal),
    ];

    /// <summary>The thing, or everything in it that can no longer be read or no longer passes the checks of its kind.</summary>
    public Outcome<Thing> Read()
    {
        if (Unread.Count > 0) return Outcome<Thing>.Refuse([.. Unread.Select(u => new Problem(u, $"Its {u} cannot be read."))]);
        return Substance is { } substance
            ? Thing.Create(Id, Number, Name, KindId, Count, Values, substance, Findings, Faults, History, Taken).Then(t => t.Lay(Laid))
            : new Problem("substance", "What it is made of is no longer in the list.");
    }
}

/// <summary>A thing made readable again, and what that took, in sentences.</summary>
public sealed record Mended(Thing Thing, IReadOnlyList<Sentence> Changes);

/// <summary>
/// Makes a thing of an earlier catalogue readable again. Nothing gets fitter or stronger by it: what can no longer be told counts as not known.
/// </summary>
public static class Mending
{
    /// <summary>
    /// The thing as the given kind, or as its own when null. A measure that cannot be is put back to the typical one and counts as not taken; a sign this kind is not asked about goes into its history where it counts against it, and no longer counts where it spoke for it;
    /// a sign nobody knows any more makes its past unknown; after any change of what was seen it has to be looked at again.
    /// Refused when the kind does not exist, or the name or count cannot be.
    /// </summary>
    public static Outcome<Mended> Of(KeptThing kept, string? kindId = null)
    {
        if (SalvageKinds.Find(kindId ?? kept.KindId) is not { } kind) return new Problem("kind", $"“{kindId ?? kept.KindId}” is no kind of thing any more. Choose what it is.");
        var changes = new List<Sentence>();
        changes.AddRange(kept.Unread.Select(u => u switch
        {
            "measures" => "Its measures cannot be read and have to be taken again.",
            "faults" => "Its bad places cannot be read, so it counts as poor.",
            _ => "What was seen on it cannot be read, so what it held counts as unknown.",
        }).Distinct(StringComparer.Ordinal).Select(words => (Sentence)words));
        if (kind.Id != kept.KindId) changes.Add($"It becomes a {kind.Name.ToLowerInvariant()}.");
        var (substance, known) = Stuff(kept, kind, changes);
        var values = Measures(kept, kind, changes);
        var (findings, history) = Signs(kept, kind, known, changes);
        var faults = Faults(kept, kind, values, changes);
        if (faults.Count < kept.Faults.Count && kind.LookFor.Contains(Findings.Poor)) findings.Add(Findings.Poor);
        // What was seen on something else was not seen on this.
        if (changes.Count > 0 && findings.Remove(Findings.LookedOver)) changes.Add("It has to be looked at again.");
        var count = Math.Clamp(kept.Count, 1, Thing.GreatestCount);
        if (count != kept.Count) changes.Add($"The count {kept.Count} becomes {count}.");
        return Thing.Create(kept.Id, kept.Number, Named(kept), kind.Id, count, values, substance, findings, faults, history, [.. kept.Taken.Where(values.ContainsKey)]).Then<Mended>(t => new Mended(Laid(t, kept, changes), changes));
    }

    private static Thing Laid(Thing thing, KeptThing kept, List<Sentence> changes)
    {
        if (thing.Lay(kept.Laid) is { Ok: true, Value: var laid }) return laid;
        changes.Add("What was measured of its sticks one by one no longer fits and is left out.");
        return thing;
    }

    private static string Named(KeptThing kept) => kept.Name.Trim() is { Length: > 0 } name ? name[..Math.Min(name.Length, Thing.LongestName)] : $"Thing {kept.Number}";

    /// <summary>What it is made of, and whether that is known. An unknown stuff is taken before a known one; where the kind has none, its first stands in and its past counts as unknown, so that it is not cut for what it may not be.</summary>
    private static (Substance Stuff, bool Known) Stuff(KeptThing kept, SalvageKind kind, List<Sentence> changes)
    {
        if (kept.Substance is { } own && kind.Substances.Contains(own)) return (own, true);
        var unknown = kind.Substances.Contains(Substance.UnknownPlastic);
        var stuff = unknown ? Substance.UnknownPlastic : kind.Substances[0];
        changes.Add(unknown ? $"What it is made of is taken as {stuff.Name()}; say what it is." : $"What it is made of is no longer known. {stuff.Name()} stands in for it; it is not to be cut, nor planted.");
        return (stuff, unknown);
    }

    private static Dictionary<string, double> Measures(KeptThing kept, SalvageKind kind, List<Sentence> changes)
    {
        var values = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var (id, value) in kept.Values)
        {
            var field = kind.Fields.FirstOrDefault(f => f.Id == id);
            if (field is null) changes.Add($"“{id}” is not measured on a {kind.Name.ToLowerInvariant()}.");
            else if (new MeasureReader([field], new Dictionary<string, double> { [id] = value }).Problems is [var problem, ..]) changes.Add($"{problem.Sentence} It has to be measured again.");
            else values[id] = value;
        }

        if (kind.Read(values) is not { Ok: false } together) return values;
        changes.Add($"Its measures cannot be together: {together.Problems[0].Sentence} They have to be taken again.");
        return [];
    }

    private static (List<string> Findings, List<string> History) Signs(KeptThing kept, SalvageKind kind, bool stuffKnown, List<Sentence> changes)
    {
        List<string> findings = [.. kept.Findings.Where(kind.LookFor.Contains)];
        List<string> history = [.. kept.Past.Where(h => Findings.Find(h) is not null)];
        foreach (var sign in kept.Findings.Where(f => !kind.LookFor.Contains(f) && f != Findings.LookedOver).Select(Findings.Find).OfType<Finding>())
        {
            // What spoke for it was seen on another kind and speaks for it no longer; what spoke against it still does.
            if (sign.CountsAgainst) history.Add(sign.Id);
            changes.Add(sign.CountsAgainst ? $"“{sign.Words}” goes into its history." : $"“{sign.Words}” is not asked about on a {kind.Name.ToLowerInvariant()} and counts no longer.");
        }

        List<string> lost = [.. kept.Findings.Concat(kept.History).Where(f => Findings.Find(f) is null).Distinct(StringComparer.Ordinal)];
        foreach (var sign in lost) changes.Add($"Nobody knows any more what “{sign}” was, so what it held counts as unknown.");
        if (lost.Count > 0 || !stuffKnown) (kind.LookFor.Contains(Findings.HeldUnknown) ? findings : history).Add(Findings.HeldUnknown);
        return ([.. findings.Distinct(StringComparer.Ordinal)], [.. history.Distinct(StringComparer.Ordinal)]);
    }

    private static List<Fault> Faults(KeptThing kept, SalvageKind kind, Dictionary<string, double> values, List<Sentence> changes)
    {
        List<Fault> fit = [.. kept.Faults.Where(f => Thing.Create(0, 0, "It", kind.Id, 1, values, null, [], [f]).Ok)];
        if (fit.Count < kept.Faults.Count) changes.Add($"{kept.Faults.Count - fit.Count} bad place{(kept.Faults.Count - fit.Count == 1 ? " is" : "s are")} no longer on it; look where {(kept.Faults.Count - fit.Count == 1 ? "it is" : "they are")}.");
        return fit;
    }
}
