using System.Diagnostics.CodeAnalysis;
using System.Runtime.CompilerServices;
using System.Text;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Words;

/// <summary>A value with its SI unit, as a sentence keeps it.</summary>
public sealed record Measured(double Value, Unit Unit);

/// <summary>
/// A value with its SI unit, put into a sentence to be told in whatever unit the reader has. It lives on the stack alone, so that no ordinary string can swallow it: only a <see cref="Sentence"/> takes it.
/// </summary>
public readonly ref struct Amount(double value, Unit unit)
{
    public double Value { get; } = value;

    public Unit Unit { get; } = unit;

    public override string ToString() => Teller.Metric.Say(new(Value, Unit));

    /// <summary>A length in m.</summary>
    public static Amount Length(double metres) => new(metres, Unit.Metre);

    /// <summary>A volume in m³.</summary>
    public static Amount Volume(double cubicMetres) => new(cubicMetres, Unit.CubicMetre);

    /// <summary>A mass in kg.</summary>
    public static Amount Mass(double kilograms) => new(kilograms, Unit.Kilogram);

    /// <summary>A pressure or a load on an area in Pa.</summary>
    public static Amount Pressure(double pascals) => new(pascals, Unit.Pascal);
}

/// <summary>
/// The name something is sold by, "M8" or "20 mm conduit": it is told as it stands in every system of units, since that is what to ask for in a shop. It is no measure; what is reckoned with is the true one beside it.
/// </summary>
public readonly record struct Trade(string Name)
{
    public override string ToString() => Name;
}

/// <summary>So many of something, with the word for one and the word for more.</summary>
public readonly record struct Count(int Number, string One, string More);

/// <summary>
/// Words with measures in them: a pattern and its arguments, kept apart so that the edge can tell them in the reader's units. Written as an interpolated string whose holes may be quantities, counts, whole numbers, names and other sentences;
/// a bare fraction does not compile, since it would have lost its unit. Nor is a sentence put into a plain string, which would tell it in metric to everybody: a test reads the compiled code for that. Two sentences are equal when pattern and arguments are.
/// </summary>
[InterpolatedStringHandler]
public sealed class Sentence : IEquatable<Sentence>
{
    private readonly StringBuilder pattern;
    private readonly List<object> arguments = [];

    public Sentence(int literalLength, int formattedCount)
    {
        pattern = new(literalLength + 3 * formattedCount);
    }

    /// <summary>The words with a numbered hole for each argument: "Holes must be {0} apart".</summary>
    public string Pattern => pattern.ToString();

    public IReadOnlyList<object> Arguments => arguments;

    [return: NotNullIfNotNull(nameof(words))]
    public static implicit operator Sentence?(string? words)
    {
        if (words is null) return null;
        var sentence = new Sentence(words.Length, 0);
        sentence.AppendLiteral(words);
        return sentence;
    }

    public void AppendLiteral(string words) => pattern.Append(words.Replace("{", "{{", StringComparison.Ordinal).Replace("}", "}}", StringComparison.Ordinal));

    public void AppendFormatted(Amount quantity) => Append(new Measured(quantity.Value, quantity.Unit));

    public void AppendFormatted(Count count) => Append(count);

    public void AppendFormatted(Trade trade) => Append(trade);

    public void AppendFormatted(int number) => Append(number);

    public void AppendFormatted(string name) => Append(name);

    public void AppendFormatted(Sentence? sentence)
    {
        if (sentence is not null) Append(sentence);
    }

    /// <summary>The sentence as somebody with a metric tape says it; the other units are told by whoever shows it.</summary>
    public override string ToString() => Teller.Metric.Tell(this);

    /// <summary>Sentences one after the other with <paramref name="between"/>; nothing of none.</summary>
    public static Sentence Join(string between, IEnumerable<Sentence> sentences)
    {
        var all = new Sentence(0, 0);
        foreach (var (i, sentence) in sentences.Index())
        {
            if (i > 0) all.AppendLiteral(between);
            all.Append(sentence);
        }

        return all;
    }

    /// <summary>The same going on from other words: its first letter small, where it begins with a letter of its own.</summary>
    public Sentence GoingOn()
    {
        var same = new Sentence(pattern.Length, arguments.Count);
        same.pattern.Append(pattern);
        if (same.pattern.Length > 0) same.pattern[0] = char.ToLowerInvariant(same.pattern[0]);
        same.arguments.AddRange(arguments.Count > 0 && Pattern.StartsWith("{0}", StringComparison.Ordinal) && arguments[0] is Sentence first ? [first.GoingOn(), .. arguments.Skip(1)] : arguments);
        return same;
    }

    /// <summary>The sentence with its quantities told by <paramref name="say"/>.</summary>
    public string Tell(Func<Measured, string> say)
    {
        if (arguments.Count == 0) return Pattern.Replace("{{", "{", StringComparison.Ordinal).Replace("}}", "}", StringComparison.Ordinal);
        return string.Format(System.Globalization.CultureInfo.InvariantCulture, Pattern, [.. arguments.Select(a => (object)(a switch
        {
            Measured q => say(q),
            Count c => $"{c.Number} {(c.Number == 1 ? c.One : c.More)}",
            Sentence s => s.Tell(say),
            _ => $"{a}",
        }))]);
    }

    public bool Equals(Sentence? other) => other is not null && Pattern == other.Pattern && arguments.SequenceEqual(other.arguments);

    public override bool Equals(object? obj) => Equals(obj as Sentence);

    public override int GetHashCode() => HashCode.Combine(Pattern, arguments.Count);

    private void Append(object argument)
    {
        pattern.Append('{').Append(arguments.Count).Append('}');
        arguments.Add(argument);
    }
}
