namespace Metaplant.Core.Sums;

/// <summary>
/// The question of the shelf of sums that a sum met elsewhere answers, with the inputs as they stood there, so that it can be worked by itself and gives the same.
/// </summary>
/// <param name="Calculator">The calculator by its name, "hole-spacing".</param>
/// <param name="Numbers">Its numbers in SI by their paths, "base.diameter".</param>
/// <param name="Words">Its choices by their names.</param>
public sealed record Question(string Calculator, IReadOnlyDictionary<string, double> Numbers, IReadOnlyDictionary<string, string> Words)
{
    public static Question Of(string calculator, params IReadOnlyList<(string Path, double Value)> numbers)
        => new(calculator, numbers.ToDictionary(n => n.Path, n => n.Value, StringComparer.Ordinal), new Dictionary<string, string>(StringComparer.Ordinal));

    public Question Choosing(string name, string word) => this with { Words = new Dictionary<string, string>(Words, StringComparer.Ordinal) { [name] = word } };
}
