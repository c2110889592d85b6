using Metaplant.Core.Sums;

namespace Metaplant.Core.Cutting;

/// <summary>What the entries of any list in an order must be: of a name of their own, and neither none nor too many. Each problem at its field ("boards[2].count").</summary>
internal static class Entries
{
    public static IEnumerable<Problem> Counted(string field, IReadOnlyList<int> counts, int most)
    {
        foreach (var (i, _) in counts.Index().Where(c => c.Item < 1 || c.Item > most)) yield return new($"{field}[{i}].count", $"From 1 to {most}.");
        if (counts.Sum(n => (long)n) > most) yield return new(field, $"No more than {most} together.");
    }

    public static IEnumerable<Problem> Named(string field, IReadOnlyList<string> ids)
    {
        foreach (var (i, id) in ids.Index())
        {
            if (string.IsNullOrEmpty(id)) yield return new($"{field}[{i}].id", "Each has a name of its own.");
            else if (ids.Take(i).Contains(id)) yield return new($"{field}[{i}].id", "Another has this name.");
        }
    }
}
