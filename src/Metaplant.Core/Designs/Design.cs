using Metaplant.Core.Casting;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A design says what it needs, what can be set, how its parts stand and which way its loads go. It searches no heap, draws no picture and formats no measure: the engine casts what it asks for, draws its scene, and solves back what should be the least that holds.
/// One file in this folder is one design; it is found by being there.
/// </summary>
public abstract class Design
{
    public abstract string Id { get; }

    public abstract string Name { get; }

    /// <summary>What it is and what it is good for, in one sentence.</summary>
    public abstract string Summary { get; }

    /// <summary>Raised when what it makes of the same settings and pieces changes, so that a kept project knows what it was drawn by.</summary>
    public virtual int Edition => 1;

    /// <summary>What it is made of for the most part, on which the sizes there are depend.</summary>
    public abstract Role Lead { get; }

    /// <summary>What can be set, over the range that this lead can be cut to. The first is the one a gardener reaches for first. Never empty.</summary>
    public abstract IReadOnlyList<Setting> Settings(Lead lead);

    /// <summary>The most that these settings can come to whatever pieces fill them: litres of soil, or for a support m of height. Never less than what is made of them holds; infinite where nothing is known before the pieces are.</summary>
    public virtual double AtMost(Chosen set) => double.PositiveInfinity;

    /// <summary>What these settings take, role by role, or why they cannot be. Sees no heap; cheap.</summary>
    public abstract Outcome<Demand> Ask(Chosen set);

    /// <summary>The blueprint from the real pieces that were chosen, or why it cannot be made of them.</summary>
    public abstract Outcome<Blueprint> Make(Chosen set, Cast cast);

    /// <summary>The same with the additions that were chosen.</summary>
    public Outcome<Blueprint> Complete(Chosen set, Cast cast) => Make(set, cast).Then<Blueprint>(b => AdditionShelf.To(b, set));
}

/// <summary>All that settings ask for. Screws and soil are not in it: they follow from what is made.</summary>
public sealed record Demand(IReadOnlyList<Need> Needs)
{
    public static Demand Of(params IEnumerable<Need?> needs) => new([.. needs.OfType<Need>()]);
}

/// <summary>All designs there are, in the order of their names.</summary>
public static class Catalogue
{
    public static IReadOnlyList<Design> All { get; } =
    [
        .. typeof(Design).Assembly.GetTypes()
            .Where(t => t.IsSubclassOf(typeof(Design)) && !t.IsAbstract)
            .Select(t => (Design)Activator.CreateInstance(t)!)
            .OrderBy(d => d.Name, StringComparer.Ordinal),
    ];

    public static Design? Find(string id) => All.FirstOrDefault(d => d.Id == id);
}

/// <summary>A thing of the heap that a design cannot be made of, with the sentence why.</summary>
public sealed record NoLead(Salvage.HeapThing Thing, Sentence Why);

/// <summary>What of a stockroom could be the lead of a design, and what could not and why.</summary>
public sealed record Leads(IReadOnlyList<Lead> Found, IReadOnlyList<NoLead> Others)
{
    /// <summary>Every thing that gives a form the lead may be of is in one or the other, grouped with those it goes together with.</summary>
    public static Leads Of(Design design, Stockroom room)
    {
        var role = design.Lead;
        var groups = new List<List<Lot>>();
        var others = new List<NoLead>();
        foreach (var lot in role.Forms.SelectMany(room.Lots).Where(l => role.LotCounts(l)).DistinctBy(l => l.ThingId).OrderBy(l => l.Of.Thing.Number))
        {
            if ((role.Refuses(lot, Salvage.Grown.Ornamentals) ?? (lot.Units == 0 && !Remains(lot) ? lot.Of.SpokenFor : null)) is { } why) others.Add(new(lot.Of, why));
            else if (role.Together is { } together && groups.Find(g => together(g[0], lot)) is { } group) group.Add(lot);
            else groups.Add([lot]);
        }

        return new([.. groups.Select(g => new Lead(g))], others);
    }

    private static bool Remains(Lot lot) => Stock.Remains.ByParts(lot.Of.Thing) && lot.Of.Left.Count > 0;
}
