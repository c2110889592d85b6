using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>A value the slider may stop at.</summary>
public sealed record Stop(double Value, string? Label = null);

/// <summary>Something the gardener sets, with every value it may take with this lead, lowest first. Never empty.</summary>
/// <param name="Why">Why the default is what it is, in a sentence.</param>
public sealed record Setting(string Id, string Name, Unit Unit, IReadOnlyList<Stop> Stops, double Default, Sentence Why)
{
    /// <summary>The stops worth trying when the heap is matched; empty where the default will do.</summary>
    public IReadOnlyList<double> Sizes { get; init; } = [];

    /// <summary>True where the least that holds is wanted: ties, packers, pegs, posts. The engine finds it by solving back, since more of it never makes a check worse.</summary>
    public bool LeastThatHolds { get; init; }

    /// <summary>True where it is of an <see cref="Addition"/> and not of the design.</summary>
    public bool IsAddition { get; init; }

    /// <summary>The stop nearest to a value, the lower of two as near; the ends for what lies outside them.</summary>
    public double Nearest(double value) => Stops.MinBy(s => Math.Abs(s.Value - value))!.Value;

    /// <summary>A length or count over even stops, both ends included, a last stop at the end where the steps do not meet it.</summary>
    public static Setting Even(string id, string name, Unit unit, double from, double to, double step, double usual, Sentence why)
    {
        var stops = Range(from, to, step);
        var setting = new Setting(id, name, unit, stops, usual, why);
        return setting with { Default = setting.Nearest(usual) };
    }

    /// <summary>Every stop is tried.</summary>
    public Setting TryAll() => this with { Sizes = [.. Stops.Select(s => s.Value)] };

    /// <summary>Those stops are tried that pass; the default where none does.</summary>
    public Setting Try(Func<double, bool> which) => Stops.Where(s => which(s.Value)).Select(s => s.Value).ToList() is { Count: > 0 } some ? this with { Sizes = some } : this with { Sizes = [Default] };

    /// <summary>The stops at these values are tried, those there are.</summary>
    public Setting TryThese(params IReadOnlyList<double> values) => Try(v => values.Any(x => Math.Abs(x - v) < 1e-6));

    public Setting Least() => this with { LeastThatHolds = true };

    /// <summary>Heights of a wall laid in whole courses of one height, from one course up to no more than so high, m; one course where even that is higher.</summary>
    public static IReadOnlyList<Stop> Courses(double each, double most)
        => [.. Enumerable.Range(1, Math.Max(1, (int)Math.Floor(most / each + 1e-9))).Select(n => new Stop(Math.Round(n * each, 6), n == 1 ? "one course" : $"{n} courses"))];

    /// <summary>Evenly spaced stops from one value to another, both included where the steps meet the last.</summary>
    public static IReadOnlyList<Stop> Range(double from, double to, double step)
    {
        var n = Math.Max(0, (int)Math.Floor((to - from) / step + 1e-9));
        return [.. Enumerable.Range(0, n + 1).Select(i => new Stop(Math.Round(from + i * step, 6)))];
    }
}

/// <summary>The lots a design is made of for the most part: one batch, or several that go together.</summary>
public sealed record Lead(IReadOnlyList<Lot> Lots)
{
    private Once<string> key;

    /// <summary>Stable name of the choice: the ids of the things, in order.</summary>
    public string Key => key.Of(this, static lead => string.Join('+', lead.Lots.Select(t => t.ThingId)));

    public Lot Main => Lots[0];

    public Salvage.HeapThing Thing => Main.Of;

    /// <summary>The worst of what its things are fit for.</summary>
    public Salvage.Fitness Fitness => Lots.Max(t => t.Of.Judgement.Fitness);

    /// <summary>True where soil must be kept off any of them by film.</summary>
    public bool MustLine => Lots.Any(l => l.Of.Judgement.MustLine);

    public Materials.Condition Condition => Lots.Max(l => l.Of.Thing.Condition);
}

/// <summary>All that a design is worked out from before any piece is chosen: its lead, the values of its settings, and the brief.</summary>
public sealed class Chosen(Lead lead, IReadOnlyDictionary<string, double> values, Brief brief)
{
    public Lead Lead => lead;

    public Brief Brief => brief;

    public IReadOnlyDictionary<string, double> Values => values;

    public double this[string id] => values[id];

    public int Whole(string id) => (int)Math.Round(values[id]);

    public Chosen With(string id, double value) => new(lead, new Dictionary<string, double>(values, StringComparer.Ordinal) { [id] = value }, brief);

    /// <summary>Values as given where they are a setting's, moved to its nearest stop; the default elsewhere. Of additions only those that were chosen.</summary>
    public static Chosen Snap(Design design, Lead lead, Brief brief, IReadOnlyDictionary<string, double> given)
    {
        var values = design.Settings(lead).ToDictionary(p => p.Id, p => given.TryGetValue(p.Id, out var v) && double.IsFinite(v) ? p.Nearest(v) : p.Default, StringComparer.Ordinal);
        foreach (var (id, value) in AdditionShelf.Snap(given)) values[id] = value;
        return new(lead, values, brief);
    }
}
