namespace Metaplant.Core.Salvage;

/// <summary>A thing with its judgement and how many of the batch are not spoken for.</summary>
public sealed record HeapThing(Thing Thing, Judgement Judgement, int Free)
{
    /// <summary>Names of the projects that have spoken for some, in the order they were kept.</summary>
    public IReadOnlyList<string> SpokenForBy { get; init; } = [];

    /// <summary>"Spoken for by Gate bed and Apron bed."</summary>
    public string SpokenFor => SpokenForBy.Count == 0 ? "Spoken for." : $"Spoken for by {string.Join(" and ", SpokenForBy)}.";

    /// <summary>True when some are free and it may reach a design at all.</summary>
    public bool Usable => Free > 0 && Judgement.Fitness != Fitness.Refused;
}

/// <summary>Everything that lies there, in order of number.</summary>
public sealed record Heap(IReadOnlyList<HeapThing> Things)
{
    /// <summary>A heap judged by the house rules, with what other projects have spoken for taken off.</summary>
    public static Heap Of(IEnumerable<Thing> things, HouseRules rules, IReadOnlyDictionary<int, int>? spokenFor = null, IReadOnlyDictionary<int, IReadOnlyList<string>>? by = null)
        => new([.. things.OrderBy(t => t.Number).Select(t => new HeapThing(t, Inspection.Judge(t, rules), Math.Max(0, t.Count - (spokenFor?.GetValueOrDefault(t.Id) ?? 0))) { SpokenForBy = by?.GetValueOrDefault(t.Id) ?? [] })]);

    public HeapThing? Find(int thingId) => Things.FirstOrDefault(t => t.Thing.Id == thingId);
}
