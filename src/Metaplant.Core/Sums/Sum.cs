using System.Globalization;

namespace Metaplant.Core.Sums;

/// <summary>One number that went into a sum: its symbol in the formula, what it is, its value in SI.</summary>
/// <param name="ConstantId">The row of <see cref="Materials.Handbook"/> it came from, when a person may change it there; otherwise null.</param>
public sealed record Term(string Symbol, string Meaning, double Value, Unit Unit, string? ConstantId = null);

/// <summary>
/// A worked sum: a value in SI together with the formula, the numbers put in, the source and what was assumed.
/// Two sums are compared by their values alone nowhere; a sum is for reading.
/// </summary>
public sealed record Sum(
    string Title,
    string Formula,
    IReadOnlyList<Term> Terms,
    double Value,
    Unit Unit,
    string Source,
    IReadOnlyList<Sentence> Assumptions)
{
    /// <summary>The question of the shelf that it answers; null where none does.</summary>
    public Question? Question { get; init; }

    /// <summary>The numbers put in, in SI, as one line: "K = 0.5, γ = 15000 N/m³".</summary>
    public string Substitution => string.Join(", ", Terms.Select(t => $"{t.Symbol} = {Digits(t.Value)} {t.Unit.Symbol()}".TrimEnd()));

    public static Sum Of(string title, string formula, IReadOnlyList<Term> terms, double value, Unit unit, string source, params Sentence[] assumptions)
        => new(title, formula, terms, value, unit, source, assumptions);

    private static string Digits(double value) => value.ToString("G5", CultureInfo.InvariantCulture);
}
