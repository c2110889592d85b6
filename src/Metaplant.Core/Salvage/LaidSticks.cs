using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Salvage;

/// <summary>A bundle taken apart in two: those chosen, and what is left of it.</summary>
public sealed record Parted(Thing Chosen, Thing Left);

/// <summary>Sticks of a bundle that were laid along the tape one by one.</summary>
public static class LaidSticks
{
    public const int Most = 200;

    /// <summary>Lengths closer than this are the same to a tape, m.</summary>
    private const double Tape = .001;

    /// <summary>What is wrong with sticks as measured, each at its place ("laid.3").</summary>
    public static IEnumerable<Problem> Problems(IReadOnlyList<Stick> sticks, string field)
    {
        if (sticks.Count > Most) yield return new(field, $"At most {Most} sticks.");
        for (var i = 0; i < sticks.Count; i++)
        {
            if (!(sticks[i] is { Length: > 0 and < 20, Butt: > 0 and < .5, Tip: > 0, Bow: >= 0 and < 5 } s && s.Tip <= s.Butt))
                yield return new($"{field}.{i}", "A stick has a length, a butt at least as thick as its tip, and a bow from 0 up.");
        }
    }

    /// <summary>
    /// The thing with its sticks as they were laid. Where they are the whole of one bundle, as many and from its shortest to its longest, each counts with its own length; else the bundle stays spread evenly and they are only remembered.
    /// Refused for what is no bundle of sticks.
    /// </summary>
    public static Outcome<Thing> Lay(this Thing thing, IReadOnlyList<Stick> sticks)
    {
        if (sticks.Count == 0) return thing with { Laid = [] };
        if (thing.Measures is not BundleMeasures bundle) return new Problem("laid", "Only the sticks of a bundle are laid one by one.");
        List<Problem> problems = [.. Problems(sticks, "laid")];
        if (sticks.Count > bundle.Sticks) problems.Add(new("measures.sticks", $"{new Count(sticks.Count, "stick was", "sticks were")} laid; there cannot be fewer in the bundle."));
        if (problems.Count > 0) return Outcome<Thing>.Refuse(problems);
        IReadOnlyList<double> lengths = [.. sticks.Select(s => s.Length).OrderDescending()];
        var whole = thing.Count == 1 && lengths.Count == bundle.Sticks && Math.Abs(lengths[0] - bundle.Longest) <= Tape && Math.Abs(lengths[^1] - bundle.Shortest) <= Tape;
        return thing with { Laid = sticks, Measures = bundle with { Lengths = whole ? lengths : [] } };
    }

    /// <summary>The measures of the bundle that these are all the sticks of; thicknesses are the mean, as of a middling one.</summary>
    public static Outcome<IReadOnlyDictionary<string, double>> Bundle(IReadOnlyList<Stick> sticks)
    {
        List<Problem> problems = [.. Problems(sticks, "sticks")];
        if (sticks.Count == 0) problems.Add(new("sticks", "Lay one at least."));
        if (problems.Count > 0) return Outcome<IReadOnlyDictionary<string, double>>.Refuse(problems);
        return new Dictionary<string, double>(StringComparer.Ordinal)
        {
            ["sticks"] = sticks.Count,
            ["shortest"] = sticks.Min(s => s.Length),
            ["longest"] = sticks.Max(s => s.Length),
            ["butt"] = sticks.Average(s => s.Butt),
            ["tip"] = sticks.Average(s => s.Tip),
        };
    }

    /// <summary>Some of the laid sticks as a bundle of their own, and what is left of the one they were in. No stick is in both.</summary>
    /// <param name="which">Places among the sticks laid.</param>
    public static Outcome<Parted> SetApart(this Thing thing, IReadOnlyList<int> which, string name)
    {
        var chosen = which.Distinct().ToList();
        if (chosen.Count == 0 || chosen.Exists(i => i < 0 || i >= thing.Laid.Count)) return new Problem("sticks", "Choose among the sticks that were laid.");
        if (thing.Count > 1) return new Problem("sticks", "They lie in a batch of several bundles. Split off the one they are of first.");
        if (thing.Measures is not BundleMeasures bundle || chosen.Count >= bundle.Sticks) return new Problem("sticks", "That is the whole bundle; there is nothing to set apart.");
        List<Stick> set = [.. chosen.Select(i => thing.Laid[i])], left = [.. thing.Laid.Where((_, i) => !chosen.Contains(i))];
        return Bundle(set).Then(of => Of(thing, name, of, set).Then(apart => Of(thing, thing.Name, Rest(thing, bundle.Sticks - chosen.Count, left), left).Then<Parted>(rest => new Parted(apart, rest))));
    }

    /// <summary>Where each of those left was measured they say what the bundle is; else its shortest and longest stay as they were typed, since nobody knows better.</summary>
    private static IReadOnlyDictionary<string, double> Rest(Thing thing, int sticks, List<Stick> left)
        => left.Count == sticks ? Bundle(left).OrThrow() : new Dictionary<string, double>(thing.Values, StringComparer.Ordinal) { ["sticks"] = sticks };

    private static Outcome<Thing> Of(Thing thing, string name, IReadOnlyDictionary<string, double> measures, IReadOnlyList<Stick> laid)
        => Thing.Create(thing.Id, thing.Number, name, thing.Kind.Id, 1, measures, thing.Substance, thing.Findings, thing.Faults, thing.History, [.. thing.Taken, .. laid.Count == (int)measures["sticks"] ? measures.Keys : []]).Then(t => t.Lay(laid));
}
