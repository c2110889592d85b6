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

    public override string ToString() => Metric.Say(new(Value, Unit));

    /// <summary>A length in m.</summary>
    public static Amount Length(double metres) => new(metres, Unit.Metre);

    /// <summary>A volume in m³.</summary>
    public static Amount Volume(double cubicMetres) => new(cubicMetres, Unit.CubicMetre);

    /// <summary>A mass in kg.</summary>
    public static Amount Mass(double kilograms) => new(kilograms, Unit.Kilogram);
}

/// <summary>So many of something, with the word for one and the word for more.</summary>
public readonly record struct Count(int Number, string One, string More);

/// <summary>
/// Words with measures in them: a pattern and its arguments, kept apart so that the edge can tell them in the reader's units. Written as an interpolated string whose holes may be quantities, counts, whole numbers, names and other sentences;
/// a bare fraction does not compile, since it would have lost its unit. Two sentences are equal when pattern and arguments are.
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

    public void AppendFormatted(int number) => Append(number);

    public void AppendFormatted(string name) => Append(name);

    public void AppendFormatted(Sentence? sentence)
    {
        if (sentence is not null) Append(sentence);
    }

    /// <summary>The sentence as somebody with a metric tape says it; the other units are told by whoever shows it.</summary>
    public override string ToString() => Tell(Metric.Say);

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

/// <summary>Quantities as a metric tape, bucket and scale tell them.</summary>
public static class Metric
{
    public static string Say(Measured q) => q.Unit switch
    {
        Unit.Metre => Math.Abs(q.Value) < 10 ? $"{q.Value * 1000:0} mm" : $"{q.Value:0.0} m",
        Unit.CubicMetre => $"{q.Value * 1000:0} litres",
        Unit.SquareMetre => $"{q.Value:0.00} m²",
        Unit.Kilogram => $"{q.Value:0} kg",
        Unit.Newton => $"{q.Value:0} N",
        Unit.Pascal => $"{q.Value:0} Pa",
        Unit.Second => $"{q.Value / 3600:0.0} h",
        Unit.Minute => $"{q.Value:0} min",
        Unit.Day => $"{q.Value:0} days",
        Unit.One or Unit.Count => $"{q.Value:0.##}",
        _ => $"{q.Value:0.##} {q.Unit.Symbol()}",
    };
}
