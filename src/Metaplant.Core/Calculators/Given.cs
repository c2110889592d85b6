namespace Metaplant.Core.Calculators;

/// <summary>A value as it came in, not yet checked against anything.</summary>
public abstract record Given;

public sealed record GivenNumber(double Value) : Given;

public sealed record GivenText(string Value) : Given;

public sealed record GivenFlag(bool Value) : Given;

public sealed record GivenItems(IReadOnlyList<Given> Items) : Given;

public sealed record GivenFields(IReadOnlyDictionary<string, Given> Fields) : Given
{
    public static GivenFields Empty { get; } = new(new Dictionary<string, Given>(StringComparer.Ordinal));

    /// <summary>The same with one number put in place, by a path such as "outline.length" or "layers.0.thickness". A path that leads nowhere changes nothing.</summary>
    public GivenFields With(string path, double value) => (GivenFields)Put(this, path.Split('.'), value);

    private static Given Put(Given given, ReadOnlySpan<string> path, double value)
    {
        if (path.Length == 0) return new GivenNumber(value);
        switch (given)
        {
            case GivenFields fields:
                var copy = new Dictionary<string, Given>(fields.Fields, StringComparer.Ordinal);
                copy[path[0]] = Put(copy.GetValueOrDefault(path[0], Empty), path[1..], value);
                return new GivenFields(copy);
            case GivenItems list when int.TryParse(path[0], out var i) && i >= 0 && i < list.Items.Count:
                List<Given> items = [.. list.Items];
                items[i] = Put(items[i], path[1..], value);
                return new GivenItems(items);
            default:
                return given;
        }
    }
}
