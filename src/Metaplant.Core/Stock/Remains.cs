using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;

namespace Metaplant.Core.Stock;

/// <summary>What is left of one unit of a batch after what was taken of it.</summary>
/// <param name="Length">m along it; of a pile 0.</param>
/// <param name="Width">m across; of line 0.</param>
/// <param name="Volume">m³ of a pile; else 0.</param>
/// <param name="Sticks">The sticks still there, the longest being 0; empty where it is no bundle.</param>
public sealed record Remains(int Unit, bool Untouched, double Length, double Width, double Volume, IReadOnlyList<int> Sticks)
{
    private const double Nothing = 1e-9;

    public bool Empty => !Untouched && Length <= Nothing && Volume <= Nothing && Sticks.Count == 0;

    /// <summary>So much of it, m along it or m³; the unit whole where that is all of one that nobody has touched, for of one that was opened the rest only is still to be had.</summary>
    public Taken Part(double amount) => Untouched && amount >= Math.Max(Length, Volume) - Nothing ? new(Unit) : new(Unit, Math.Min(amount, Math.Max(Length, Volume))) { OfVolume = Volume > 0 };

    /// <summary>True for what a part can be taken of, and the rest goes on lying there.</summary>
    public static bool ByParts(Thing thing) => thing.Measures is ISticks or ISheeting or ILine or LoadMeasures;

    /// <summary>Every unit of a batch as it is after what was taken, in order; those of which nothing is left are not in it.</summary>
    public static IReadOnlyList<Remains> Of(Thing thing, IReadOnlyList<Taken> taken)
    {
        var of = taken.ToLookup(t => t.Unit);
        return [.. Enumerable.Range(1, thing.Count).Select(u => Left(thing, u, [.. of[u]])).OfType<Remains>()];
    }

    /// <summary>What is left of a batch once more is taken of some of its units: these are worked out anew, the others stay as they are.</summary>
    /// <param name="all">All that is taken of the batch, what was taken before among it.</param>
    public static IReadOnlyList<Remains> After(IReadOnlyList<Remains> left, Thing thing, IReadOnlyList<Taken> all, IReadOnlySet<int> units)
    {
        var after = new List<Remains>(left.Count);
        foreach (var unit in left)
        {
            if (!units.Contains(unit.Unit)) after.Add(unit);
            else if (Left(thing, unit.Unit, [.. all.Where(t => t.Unit == unit.Unit)]) is { } rest) after.Add(rest);
        }

        return after;
    }

    /// <summary>True where more is taken than there is: a unit whole and once more, a stick twice, more metres or litres than a unit has, or more units than there are.</summary>
    public static bool Overdrawn(Thing thing, IReadOnlyList<Taken> taken)
    {
        var units = taken.GroupBy(t => t.Unit).ToList();
        if (units.Count > thing.Count) return true;
        return units.Exists(u =>
        {
            var whole = Whole(thing, u.Key);
            return (u.Any(t => t.Whole) && u.Skip(1).Any()) || u.SelectMany(t => t.Sticks ?? []).GroupBy(s => s).Any(g => g.Skip(1).Any())
                || u.Where(t => !t.Across).Sum(t => t.Amount ?? 0) > Math.Max(whole.Length, whole.Volume) + 1e-6 || u.Where(t => t.Across).Sum(t => t.Amount ?? 0) > whole.Width + 1e-6;
        });
    }

    /// <summary>The same with units numbered beyond the batch, as when it was made smaller since, given the lowest numbers that are free.</summary>
    public static IReadOnlyList<Taken> Within(Thing thing, IReadOnlyList<Taken> taken)
    {
        if (taken.All(t => t.Unit <= thing.Count)) return taken;
        var free = new Queue<int>(Enumerable.Range(1, thing.Count).Except(taken.Select(t => t.Unit)));
        var moved = taken.Where(t => t.Unit > thing.Count).Select(t => t.Unit).Distinct().Order().ToDictionary(u => u, u => free.TryDequeue(out var to) ? to : u);
        return [.. taken.Select(t => moved.TryGetValue(t.Unit, out var to) ? t with { Unit = to } : t)];
    }

    private static Remains? Left(Thing thing, int unit, IReadOnlyList<Taken> taken)
    {
        if (taken.Any(t => t.Whole)) return null;
        var whole = Whole(thing, unit);
        if (taken.Count == 0) return whole;
        double length = whole.Length, width = whole.Width, volume = whole.Volume;
        foreach (var t in taken)
        {
            if (whole.Volume > 0) volume -= t.Amount ?? 0;
            else if (t.Across) width -= t.Amount ?? 0;
            else length -= t.Amount ?? 0;
        }

        var gone = taken.SelectMany(t => t.Sticks ?? []).ToHashSet();
        if (width <= Nothing && whole.Width > 0) length = 0;
        var left = new Remains(unit, false, Math.Max(0, length), Math.Max(0, width), Math.Max(0, volume), [.. whole.Sticks.Where(s => !gone.Contains(s))]);
        return left.Empty || (whole.Sticks.Count > 0 && left.Sticks.Count == 0) ? null : left;
    }

    private static Remains Whole(Thing thing, int unit) => thing.Measures switch
    {
        ISticks s => new(unit, true, 0, 0, 0, [.. Enumerable.Range(0, s.Sticks)]),
        ISheeting s => new(unit, true, s.Length, s.Width, 0, []),
        ILine l => new(unit, true, l.Length, 0, 0, []),
        LoadMeasures l => new(unit, true, 0, 0, l.Volume, []),
        _ => new(unit, true, 0, 0, 0, []),
    };
}
