namespace Metaplant.Core.Sums;

/// <summary>
/// The question of the shelf of sums that a sum met elsewhere answers, with the inputs as they stood there, so that it can be worked by itself and gives the same.
/// </summary>
/// <param name="Calculator">The calculator by its name, "hole-spacing".</param>
/// <param name="Numbers">Its numbers in SI by their paths, "base.diameter".</param>
public sealed record Question(string Calculator, params IReadOnlyList<(string Path, double Value)> Numbers)
{
    /// <summary>Its choices by their names.</summary>
    public IReadOnlyList<(string Name, string Word)> Words { get; init; } = [];

    /// <summary>With a number that is left out where it is nothing: there is no load, no pad.</summary>
    public Question OrNone(string path, double value) => value > 0 ? this with { Numbers = [.. Numbers, (path, value)] } : this;

    public Question Choosing(string name, string word) => this with { Words = [.. Words, (name, word)] };
}
