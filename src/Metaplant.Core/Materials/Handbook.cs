using System.Collections.Frozen;
using System.Reflection;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Rows that belong together, such as those of the crops.</summary>
public sealed record HandbookTable(string Title, IReadOnlyList<Constant> Rows);

/// <summary>
/// Every constant of the job, by id, with the gardener's own values in place of ours where there are any. Immutable.
/// </summary>
public sealed class Handbook
{
    /// <summary>The tables with the published values, in their order.</summary>
    public static IReadOnlyList<HandbookTable> Tables { get; } =
    [
        .. from type in typeof(Handbook).Assembly.GetTypes()
           let table = type.GetCustomAttribute<TableAttribute>()
           where table is not null
           orderby table.Order
           select new HandbookTable(table.Title, (IReadOnlyList<Constant>)type.GetProperty("Rows")!.GetValue(null)!),
    ];

    /// <summary>All rows in the order of the tables, with the published values.</summary>
    public static IReadOnlyList<Constant> Rows { get; } = [.. Tables.SelectMany(t => t.Rows)];

    private static readonly FrozenDictionary<string, Constant> Published = Rows.ToFrozenDictionary(r => r.Id, StringComparer.Ordinal);

    private static volatile Handbook? latest;

    private readonly FrozenDictionary<string, double> own;

    private Handbook(FrozenDictionary<string, double> own) => this.own = own;

    /// <summary>The tables as published, nothing changed.</summary>
    public static Handbook Default { get; } = new(FrozenDictionary<string, double>.Empty);

    /// <summary>The value in force. An id that no table has is a bug and throws <see cref="KeyNotFoundException"/>.</summary>
    public double this[string id] => own.TryGetValue(id, out var value) ? value : Published[id].Value;

    public bool IsOwn(string id) => own.ContainsKey(id);

    /// <summary>What each row means in words, told once: a check asks for dozens.</summary>
    private static FrozenDictionary<string, string> Meanings { get; } = Published.ToFrozenDictionary(r => r.Key, r => r.Value.Meaning.ToString(), StringComparer.Ordinal);

    /// <summary>The row as a term of a sum, carrying its id so that the reader can change it.</summary>
    public Term Term(string id)
    {
        var row = Published[id];
        return new Term(row.Symbol, Meanings[id], this[id], row.Unit, id);
    }

    /// <summary>The handbook with the gardener's values in place of ours; refused when an id is unknown or a value is out of its row's range.</summary>
    public static Outcome<Handbook> With(IReadOnlyDictionary<string, double> values)
    {
        // The same values give the same handbook, so that what is made from one, such as its crops, is made once and not at every question.
        if (values.Count == 0) return Default;
        if (latest is { } same && same.Holds(values)) return same;
        var problems = values.Select(v => ProblemWith(v.Key, v.Value)).OfType<Problem>().ToList();
        if (problems.Count > 0) return Outcome<Handbook>.Refuse(problems);
        return latest = new Handbook(values.ToFrozenDictionary(StringComparer.Ordinal));
    }

    /// <summary>The same with those values that can be; one of an id or a range that a later version no longer has is left out, and the others stay in force.</summary>
    public static Handbook WithWhatCanBe(IReadOnlyDictionary<string, double> values)
        => With(values).Value ?? With(values.Where(v => ProblemWith(v.Key, v.Value) is null).ToDictionary(StringComparer.Ordinal)).OrThrow();

    /// <summary>Why a value cannot stand in a row; null when it can.</summary>
    public static Problem? ProblemWith(string id, double value) => Published.TryGetValue(id, out var row)
        ? value >= row.Least && value <= row.Greatest ? null : new Problem(id, $"{row.Meaning} must be from {new Amount(row.Least, row.Unit)} to {new Amount(row.Greatest, row.Unit)}.")
        : new Problem(id, "There is no constant of this name.");

    private bool Holds(IReadOnlyDictionary<string, double> values) => values.Count == own.Count && values.All(v => own.TryGetValue(v.Key, out var mine) && mine.Equals(v.Value));
}
