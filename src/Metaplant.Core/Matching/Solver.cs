using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>
/// Finds the least of what should be the least that holds: ties, packers, pegs, posts. More of any of them never makes a check worse, so that with all at their most the checks are as good as they get; then each is lowered by halving
/// as far as no check gets worse than that, or than tight.
/// </summary>
public static class Solver
{
    /// <summary>The draft with the least that holds, the others of its settings as they are; null where even the most cannot be drafted.</summary>
    /// <param name="like">A draft of the same settings but for those, whose cast is kept where it may be.</param>
    public static Draft? Least(Design design, Chosen set, Stockroom room, Effort effort = Effort.Quick, Draft? like = null) => Least(design, [.. design.Settings(set.Lead).Where(s => s.LeastThatHolds)], set, room, effort, like);

    /// <summary>The same with those of the lead's settings given that should be the least.</summary>
    internal static Draft? Least(Design design, IReadOnlyList<Setting> settings, Chosen set, Stockroom room, Effort effort = Effort.Quick, Draft? like = null)
    {
        foreach (var s in settings) set = set.With(s.Id, s.Stops[^1].Value);
        if (Draft.Of(design, set, room, effort, like) is not { Ok: true, Value: var best }) return null;
        var checks = best.Checks();
        // Where even the most fails there is nothing to lower.
        if (checks.Any(c => c.Verdict >= Verdict.Fails)) return best;
        var most = checks.ToDictionary(c => c.Id, Allowed, StringComparer.Ordinal);
        foreach (var s in settings)
        {
            int low = 0, high = s.Stops.Count - 1;
            while (low < high)
            {
                var middle = (low + high) / 2;
                if (Draft.Of(design, set.With(s.Id, s.Stops[middle].Value), room, effort, best) is { Ok: true, Value: var tried } && Holds(tried, most)) (high, best) = (middle, tried);
                else low = middle + 1;
            }

            set = set.With(s.Id, s.Stops[high].Value);
        }

        return best.Set.Values.All(v => Math.Abs(set[v.Key] - v.Value) < 1e-12) ? best : Draft.Of(design, set, room, effort).Value;
    }

    private static (Verdict Verdict, bool Wanting) Allowed(Check c) => ((Verdict)Math.Max((int)c.Verdict, (int)Verdict.Tight), c.Wanting);

    private static bool Holds(Draft draft, Dictionary<string, (Verdict Verdict, bool Wanting)> most)
        // A check that the most does not have, such as that of a tie where now there is none, counts by itself.
        => draft.Checks().All(c => most.TryGetValue(c.Id, out var allowed) ? c.Verdict <= allowed.Verdict && (!c.Wanting || allowed.Wanting) : c.Verdict <= Verdict.Tight);
}
