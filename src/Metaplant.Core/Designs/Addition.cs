using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A small part that any planter may have where it fits: mesh against burrowers, a seep hose, castors. It is worked out from the blueprint that is there and changes nothing of what carries the soil. One file in this folder is one addition; it is found by being there.
/// </summary>
public abstract class Addition
{
    /// <summary>What can be chosen, the first stop being none of it and the default.</summary>
    public abstract Setting Setting { get; }

    /// <summary>Whether it is offered for this.</summary>
    public abstract bool Fits(Blueprint to);

    /// <summary>What it brings with it at a stop that is not the first.</summary>
    public abstract Added With(Blueprint to, double choice, Brief brief);

    /// <summary>The setting of an addition: none, or one of these.</summary>
    protected static Setting Choose(string id, string name, Unit unit, Sentence why, params IReadOnlyList<Stop> choices) => new(AdditionShelf.Prefix + id, name, unit, [new(0, "none"), .. choices], 0, why) { IsAddition = true };

    /// <summary>The id of a need of it: all of them begin alike, so that a kept project knows them.</summary>
    protected string Need(string more = "") => Setting.Id + more;
}

/// <summary>What an addition brings.</summary>
/// <param name="Before">Steps before the first of which it is done; where none is there, last.</param>
public sealed record Added(IReadOnlyList<Operation> Steps, params IReadOnlyList<string> Before)
{
    /// <summary>What it takes. Loose stuff and goods only: what is sawn belongs to the design.</summary>
    public IReadOnlyList<Need> Needs { get; init; } = [];

    public IReadOnlyList<LoadPath> LoadPaths { get; init; } = [];

    public IReadOnlyList<Sum> Figures { get; init; } = [];

    public IReadOnlyList<Part> Parts { get; init; } = [];

    public Func<IEnumerable<Solid>>? Solids { get; init; }

    /// <summary>How it stands with it; null where that is as it was.</summary>
    public Stance? Stance { get; init; }
}

/// <summary>All additions there are, in the order of their names.</summary>
public static class AdditionShelf
{
    internal const string Prefix = "with-";

    public static IReadOnlyList<Addition> All { get; } =
    [
        .. typeof(Addition).Assembly.GetTypes().Where(t => t.IsSubclassOf(typeof(Addition)) && !t.IsAbstract).Select(t => (Addition)Activator.CreateInstance(t)!).OrderBy(a => a.Setting.Name, StringComparer.Ordinal),
    ];

    /// <summary>Those that are offered for this.</summary>
    public static IReadOnlyList<Addition> Offered(Blueprint to) => [.. All.Where(a => a.Fits(to))];

    /// <summary>True for what an addition and no design asks for.</summary>
    public static bool IsNeed(string id) => id.StartsWith(Prefix, StringComparison.Ordinal);

    /// <summary>What of these was chosen, moved to the nearest stop.</summary>
    internal static IEnumerable<(string Id, double Value)> Snap(IReadOnlyDictionary<string, double> given)
        => All.Select(a => a.Setting).Where(s => given.TryGetValue(s.Id, out var v) && double.IsFinite(v)).Select(s => (s.Id, s.Nearest(given[s.Id]))).Where(s => s.Item2 != 0);

    /// <summary>The blueprint with all that was chosen and fits.</summary>
    public static Blueprint To(Blueprint blueprint, Chosen set)
        => set.Values.Keys.Any(IsNeed) ? All.Where(a => set.Values.GetValueOrDefault(a.Setting.Id) != 0 && a.Fits(blueprint)).Aggregate(blueprint, (b, a) => Put(b, a.With(blueprint, set[a.Setting.Id], set.Brief))) : blueprint;

    private static Blueprint Put(Blueprint to, Added added) => to with
    {
        Supplies = [.. to.Supplies, .. added.Needs],
        LoadPaths = [.. to.LoadPaths, .. added.LoadPaths],
        Figures = [.. to.Figures, .. added.Figures],
        Parts = [.. to.Parts, .. added.Parts],
        Stance = added.Stance ?? to.Stance,
        Scene = added.Solids is { } solids ? () => to.Scene() is var scene ? scene with { Solids = [.. scene.Solids, .. solids()] } : scene : to.Scene,
        Operations = () => In(to.Operations(), added),
    };

    private static IReadOnlyList<Operation> In(IReadOnlyList<Operation> steps, Added added)
    {
        var at = steps.Select((s, i) => (s, i)).Where(x => added.Before.Contains(x.s.Id)).Select(x => x.i).DefaultIfEmpty(steps.Count).First();
        return [.. steps.Take(at), .. added.Steps, .. steps.Skip(at)];
    }
}
