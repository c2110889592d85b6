using Metaplant.Core.Sums;

namespace Metaplant.Core.Salvage;

/// <summary>Batches that look like the same thing entered twice, or that could lie in one.</summary>
public static class Duplicates
{
    /// <summary>Measures closer than this part are the same to a tape.</summary>
    private const double Tape = .01;

    /// <summary>True when two batches may lie in one: same kind, stuff, signs, history and bad places, as well measured, and measures within 1 % of each other.</summary>
    public static bool Alike(Thing a, Thing b)
        => a.Kind == b.Kind && a.Substance == b.Substance && a.Findings.SequenceEqual(b.Findings) && a.History.ToHashSet().SetEquals(b.History) && a.Taken.SetEquals(b.Taken) && a.Faults.SequenceEqual(b.Faults) && a.Laid.SequenceEqual(b.Laid)
        && a.Values.All(v => Math.Abs(v.Value - b.Values[v.Key]) <= Tape * Math.Max(Math.Abs(v.Value), Math.Abs(b.Values[v.Key])) + 1e-9);

    /// <summary>Two batches laid in one: the second with the count of both. Refused where they differ, so that nothing is taken for what it is not.</summary>
    public static Outcome<Thing> Merge(Thing thing, Thing into)
    {
        if (!Alike(thing, into)) return new Problem("into", "They differ in kind, stuff, measures, what was seen on them or what they came from.");
        if (thing.Count + into.Count > Thing.GreatestCount) return new Problem("into", $"A batch has at most {Thing.GreatestCount}.");
        return into with { Count = thing.Count + into.Count };
    }

    /// <summary>Groups of two and more that are alike, each in order of number. A batch is in the group of the first that it is like. Compared within each kind only.</summary>
    public static IReadOnlyList<IReadOnlyList<Thing>> Find(IReadOnlyList<Thing> things)
    {
        var groups = new List<List<Thing>>();
        foreach (var kind in things.OrderBy(t => t.Number).GroupBy(t => (t.Kind, t.Substance, Signs: string.Join(' ', t.Findings))))
        {
            var own = new List<List<Thing>>();
            foreach (var thing in kind)
            {
                if (own.Find(g => Alike(g[0], thing)) is { } group) group.Add(thing);
                else own.Add([thing]);
            }

            groups.AddRange(own.Where(g => g.Count > 1));
        }

        return groups;
    }
}
