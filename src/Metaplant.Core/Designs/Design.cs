using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>A value the slider may stop at.</summary>
public sealed record Stop(double Value, string? Label = null);

/// <summary>Something the gardener sets, with every value it may take, lowest first. The stops are what can be cut from this heap.</summary>
/// <param name="Why">Why the default is what it is, in a sentence.</param>
public sealed record Parameter(string Id, string Name, Unit Unit, IReadOnlyList<Stop> Stops, double Default, string Why)
{
    /// <summary>The stop nearest to a value.</summary>
    public double Nearest(double value) => Stops.MinBy(s => Math.Abs(s.Value - value))!.Value;

    /// <summary>Evenly spaced stops from one value to another, both included.</summary>
    public static IReadOnlyList<Stop> Range(double from, double to, double step)
    {
        var n = Math.Max(0, (int)Math.Floor((to - from) / step + 1e-9));
        return [.. Enumerable.Range(0, n + 1).Select(i => new Stop(Math.Round(from + i * step, 6)))];
    }
}

/// <summary>The values of a design's parameters, by id.</summary>
public sealed class Settings(IReadOnlyDictionary<string, double> values)
{
    public double this[string id] => values[id];

    public int Whole(string id) => (int)Math.Round(values[id]);

    public IReadOnlyDictionary<string, double> Values => values;

    public Settings With(string id, double value) => new(new Dictionary<string, double>(values, StringComparer.Ordinal) { [id] = value });

    public static Settings Defaults(IReadOnlyList<Parameter> parameters) => new(parameters.ToDictionary(p => p.Id, p => p.Default, StringComparer.Ordinal));

    /// <summary>Values as given where they are a parameter's, moved to its nearest stop; the default elsewhere.</summary>
    public static Settings Snap(IReadOnlyList<Parameter> parameters, IReadOnlyDictionary<string, double> given)
        => new(parameters.ToDictionary(p => p.Id, p => given.TryGetValue(p.Id, out var v) && double.IsFinite(v) ? p.Nearest(v) : p.Default, StringComparer.Ordinal));
}

/// <summary>The main stuff a design would be made of: one or more batches of the heap that go together.</summary>
public sealed record Source(IReadOnlyList<HeapThing> Things)
{
    /// <summary>Stable name of the choice: the ids of the things, in order.</summary>
    public string Key => string.Join('+', Things.Select(t => t.Thing.Id));

    public HeapThing Main => Things[0];

    public int Free => Things.Sum(t => t.Free);

    /// <summary>The worst of what its things are fit for.</summary>
    public Fitness Fitness => Things.Max(t => t.Judgement.Fitness);
}

/// <summary>A thing of the heap that a design cannot use, or not yet, with the sentence why. <see cref="Nearly"/> when one more thing would do.</summary>
public sealed record NoSource(HeapThing Thing, string Why, bool Nearly);

/// <summary>
/// A design: from a source and settings to a blueprint. It never reads the database or formats for a screen. One file in this folder is one design; it is found by being there.
/// </summary>
public interface IDesign
{
    string Id { get; }

    string Name { get; }

    /// <summary>What it is and what it is good for, in one sentence.</summary>
    string Summary { get; }

    /// <summary>What of the heap could be its main stuff, and what could not and why.</summary>
    (IReadOnlyList<Source> Sources, IReadOnlyList<NoSource> Others) Find(Heap heap);

    /// <summary>What can be set, over the range that this source can be cut to. The first is the one a gardener reaches for first. Never empty.</summary>
    IReadOnlyList<Parameter> Parameters(Source source);

    /// <summary>The sizes worth trying when the heap is matched, each a full set of settings.</summary>
    IEnumerable<Settings> Sizes(Source source, Brief brief);

    /// <summary>The blueprint, or why these settings cannot be made of this source.</summary>
    Outcome<Blueprint> Draft(Source source, Settings settings, Brief brief);
}

/// <summary>All designs there are, in the order of their names.</summary>
public static class Catalogue
{
    public static IReadOnlyList<IDesign> All { get; } =
    [
        .. typeof(IDesign).Assembly.GetTypes()
            .Where(t => t.IsAssignableTo(typeof(IDesign)) && t is { IsInterface: false, IsAbstract: false })
            .Select(t => (IDesign)Activator.CreateInstance(t)!)
            .OrderBy(d => d.Name, StringComparer.Ordinal),
    ];

    public static IDesign? Find(string id) => All.FirstOrDefault(d => d.Id == id);
}
