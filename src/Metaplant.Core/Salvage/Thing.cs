using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Salvage;

/// <summary>A bad place on a part: from and to in m along it. A whole bad slat has no extent and is marked by both at 0.</summary>
public sealed record Fault(string Part, double From, double To);

/// <summary>A batch of things that are alike, measured and inspected. Faults are on each of the batch; split it where they differ.</summary>
/// <param name="Findings">Ticked on the thing itself, in the order its kind looks for them.</param>
public sealed record Thing(
    int Id, int Number, string Name, SalvageKind Kind, int Count, Measures Measures, IReadOnlyDictionary<string, double> Values,
    Substance Substance, IReadOnlyList<string> Findings, IReadOnlyList<Fault> Faults)
{
    /// <summary>
    /// What was seen on what it was cut or taken out of, and stays true of it: marks, contents, treatment. It counts like a finding of its own, is kept whatever the piece's kind asks about, and is not unticked.
    /// </summary>
    public IReadOnlyList<string> History { get; init; } = [];

    /// <summary>Ids of the measures that somebody took; the others are typical values standing in.</summary>
    public IReadOnlySet<string> Taken { get; init; } = new HashSet<string>();

    /// <summary>Sticks of a bundle that were laid along the tape one by one, in the order laid; see <see cref="LaidSticks.Lay"/>.</summary>
    public IReadOnlyList<Stick> Laid { get; init; } = [];

    /// <summary>The measures that nobody has taken yet, in the order of the form.</summary>
    public IEnumerable<MeasureField> NotTaken => Kind.Fields.Where(f => !Taken.Contains(f.Id));

    public const int GreatestCount = 10_000;
    public const int LongestName = 80;

    /// <summary>True where it was seen on the thing or on what it came from.</summary>
    public bool Shows(string finding) => Findings.Contains(finding) || History.Contains(finding);

    public Condition Condition => Shows(Salvage.Findings.Poor) ? Condition.Poor : Shows(Salvage.Findings.Weathered) ? Condition.Weathered : Condition.Sound;

    /// <summary>
    /// A thing made from what was typed, or every problem there is with it, each at its field ("measures.height"). Measures left out take their typical values and count as not taken;
    /// <paramref name="taken"/> names those taken where typical values are among the given ones.
    /// </summary>
    public static Outcome<Thing> Create(
        int id, int number, string name, string kindId, int count, IReadOnlyDictionary<string, double> values, Substance? substance,
        IReadOnlyList<string> findings, IReadOnlyList<Fault> faults, IReadOnlyList<string>? history = null, IReadOnlyCollection<string>? taken = null)
    {
        if (SalvageKinds.Find(kindId) is not { } kind) return new Problem("kind", "There is no such kind of thing.");
        var problems = new List<Problem>();
        name = name.Trim();
        if (name.Length == 0) problems.Add(new("name", "Give it a name you would call it by."));
        if (name.Length > LongestName) problems.Add(new("name", $"A name can have at most {LongestName} letters."));
        if (count is < 1 or > GreatestCount) problems.Add(new("count", $"The count must be from 1 to {GreatestCount}."));
        var made = substance ?? kind.Substances[0];
        if (!kind.Substances.Contains(made)) problems.Add(new("substance", $"A {kind.Name.ToLowerInvariant()} is not made of {made.Name()}."));
        problems.AddRange((history ?? []).Where(f => Salvage.Findings.Find(f) is null).Select(f => new Problem("history", $"Nobody knows what “{f}” was.")));
        problems.AddRange(findings.Where(f => !kind.LookFor.Contains(f)).Select(f => new Problem("findings", $"“{f}” is not looked for on a {kind.Name.ToLowerInvariant()}.")));
        var measures = kind.Read(values);
        problems.AddRange(measures.Problems.Select(p => p with { Field = "measures." + p.Field }));
        if (measures.Ok) problems.AddRange(FaultProblems(kind, measures.Value, faults));
        if (problems.Count > 0) return Outcome<Thing>.Refuse(problems);
        IReadOnlyList<string> ordered = [.. kind.LookFor.Where(findings.Contains)];
        return new Thing(id, number, name, kind, count, measures.Value!, new MeasureReader(kind.Fields, values).Values, made, ordered, faults)
        {
            History = history ?? [],
            Taken = (taken ?? values.Keys).Where(values.ContainsKey).ToHashSet(StringComparer.Ordinal),
        };
    }

    private static IEnumerable<Problem> FaultProblems(SalvageKind kind, Measures measures, IReadOnlyList<Fault> faults)
    {
        var parts = kind.FaultParts(measures);
        var length = measures is ISawn sawn ? sawn.Length : 0;
        foreach (var fault in faults)
        {
            if (!parts.Contains(fault.Part)) yield return new("faults", $"There is no part “{fault.Part}” to mark on this.");
            else if (fault.From < 0 || fault.To < fault.From || fault.To > length + 1e-9) yield return new("faults", "A bad place must lie on the piece, its start before its end.");
        }
    }
}
