using Metaplant.Core.Stock;

namespace Metaplant.Core.Salvage;

/// <summary>A thing with its judgement and how many of the batch nobody has touched.</summary>
public sealed record HeapThing(Thing Thing, Judgement Judgement, int Free)
{
    private Once<IReadOnlyList<Remains>> left;

    /// <summary>Names of the projects that have spoken for some, in the order they were kept.</summary>
    public IReadOnlyList<string> SpokenForBy { get; init; } = [];

    /// <summary>What is taken of single units, whole or in part.</summary>
    public IReadOnlyList<Taken> Taken { get; init; } = [];

    /// <summary>"Spoken for by Gate bed and Apron bed."</summary>
    public string SpokenFor => SpokenForBy.Count == 0 ? "Spoken for." : $"Spoken for by {string.Join(" and ", SpokenForBy)}.";

    /// <summary>Every unit of which something is left, the ones already cut into first, so that they are used up before another is begun.</summary>
    public IReadOnlyList<Remains> Left => left.Of(this, static t => [.. Remains.Of(t.Thing, t.Taken).OrderBy(r => r.Untouched).ThenBy(r => r.Unit)]);

    /// <summary>True when some of it is free and it may reach a design at all.</summary>
    public bool Usable => Judgement.Fitness != Fitness.Refused && (Free > 0 || Left.Count > 0);
}

/// <summary>Everything that lies there, in order of number.</summary>
public sealed record Heap(IReadOnlyList<HeapThing> Things)
{
    private Once<Dictionary<int, HeapThing>> byId;

    /// <summary>A heap judged by the house rules, with the first so many units of each batch that other projects have spoken for taken off.</summary>
    public static Heap Of(IEnumerable<Thing> things, HouseRules rules, IReadOnlyDictionary<int, int>? spokenFor = null, IReadOnlyDictionary<int, IReadOnlyList<string>>? by = null)
        => With(things, rules, (spokenFor ?? new Dictionary<int, int>()).ToDictionary(s => s.Key, s => (IReadOnlyList<Taken>)[.. Enumerable.Range(1, s.Value).Select(u => new Taken(u))]), by);

    /// <summary>A heap judged by the house rules, with what is taken of each batch.</summary>
    public static Heap With(IEnumerable<Thing> things, HouseRules rules, IReadOnlyDictionary<int, IReadOnlyList<Taken>> taken, IReadOnlyDictionary<int, IReadOnlyList<string>>? by = null)
        => new([.. things.OrderBy(t => t.Number).Select(t =>
        {
            var of = Remains.Within(t, taken.GetValueOrDefault(t.Id) ?? []);
            return new HeapThing(t, Inspection.Judge(t, rules), Math.Max(0, t.Count - of.Select(x => x.Unit).Distinct().Count())) { Taken = of, SpokenForBy = by?.GetValueOrDefault(t.Id) ?? [] };
        })]);

    /// <summary>The same heap once something more is taken of it, and by whom it is spoken for.</summary>
    public Heap After(IEnumerable<(int ThingId, Taken Taken)> takes, string by)
    {
        var more = takes.ToLookup(t => t.ThingId, t => t.Taken);
        return new([.. Things.Select(t =>
        {
            if (!more.Contains(t.Thing.Id)) return t;
            List<Taken> taken = [.. t.Taken, .. more[t.Thing.Id].Distinct()];
            return new HeapThing(t.Thing, t.Judgement, Math.Max(0, t.Thing.Count - taken.Select(x => x.Unit).Distinct().Count())) { Taken = taken, SpokenForBy = [.. t.SpokenForBy, by] };
        })]);
    }

    public HeapThing? Find(int thingId) => byId.Of(this, static heap => heap.Things.DistinctBy(t => t.Thing.Id).ToDictionary(t => t.Thing.Id)).GetValueOrDefault(thingId);
}
