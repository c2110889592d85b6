using Metaplant.Core.Optimising;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Planning;

/// <summary>
/// Which candidates to make, as a question in whole numbers: no more is taken of any thing than is free, no more spent than allowed, and what is unmet, money, hours and boards cut into least. Which unit each takes is left to the casting, so that what is refused here is impossible, and what is allowed has still to be cast.
/// </summary>
internal sealed class PlanChoice
{
    /// <summary>Of one project, so many alike at most.</summary>
    private const int MostAlike = 6;

    private readonly IReadOnlyList<Candidate> candidates;
    /// <summary>By candidate, how often it is made. One of the same name may be cast from another heap, so that they are told apart by which they are.</summary>
    private readonly Dictionary<Candidate, (int Unknown, int Most)> made = new(ReferenceEqualityComparer.Instance);

    private readonly IntegerProgram program = new();
    private readonly List<Times> unmet = [];
    private readonly IReadOnlyList<Times> money;
    private readonly IReadOnlyList<Times> rest;

    /// <summary>The question for candidates of which each was cast from some heap.</summary>
    /// <param name="firmOnly">True where only what nothing bought would do for is no more than is free: what a project takes of loose stuff the next one buys, and what that costs more is told once it is cast.</param>
    public PlanChoice(IReadOnlyList<Candidate> candidates, IReadOnlyList<Want> wants, Wants asked, Heap heap, bool firmOnly = false)
    {
        this.candidates = candidates;
        IReadOnlyDictionary<int, long> Takes(Candidate c) => firmOnly ? c.Firm : c.Takes;
        var free = candidates.SelectMany(c => Takes(c).Keys).Distinct().ToDictionary(id => id, id => Share.Free(heap.Find(id)!));
        foreach (var c in candidates)
        {
            // What takes nothing, as where all is bought, is made once.
            var most = Takes(c).Where(t => t.Value > 0).Select(t => free[t.Key] / t.Value).DefaultIfEmpty(1).Min();
            var times = (int)Math.Min(MostAlike, most);
            made.Add(c, (program.Unknown(0, times), times));
        }

        foreach (var (id, most) in free) program.AtMost(Sum(c => Takes(c).GetValueOrDefault(id)), most);
        if (asked.MostMoney is { } spent) program.AtMost(Sum(c => (long)Math.Floor(c.Money * 100)), (long)Math.Ceiling(spent * 100 + 1e-6));
        if (asked.MostHours is { } hours) program.AtMost(Sum(c => (long)Math.Floor(c.Hours * 1000)), (long)Math.Ceiling(hours * 1000 + 1e-6));
        if (asked.Spots is { } spots) Standing(spots.Count);
        foreach (var (k, want) in wants.Index())
        {
            var unit = Cutting.Whole.Common(1000, want.Needed);
            unmet.Add(new(program.Unknown(0, 1000), 1));
            program.AtLeast([new(unmet[^1].Unknown, want.Needed / unit), .. Sum(c => 1000 / unit * Math.Min(want.Needed, c.Given[k]))], 1000 / unit * want.Needed);
        }

        money = [.. Sum(c => c.Cost / PlanCost.PerTenthOfMoney)];
        rest = [.. Sum(c => c.Cost % PlanCost.PerTenthOfMoney)];
    }

    /// <summary>The best choice, each candidate as often as it is made; null where none was found in time. What is unmet is asked for first, then money among what leaves no more unmet, then hours and boards: in one sum the weights would be too far apart to be proven anything of.</summary>
    public (IReadOnlyList<Candidate> Chosen, long Bound)? Best(IReadOnlyList<Candidate> start, IOptimizer optimizer, Patience patience, CancellationToken cancel)
    {
        var asks = program.Copy();
        // What is made comes first among the unknowns; the rest follows from it.
        IReadOnlyList<long> values = [.. candidates.Select(c => (long)start.Count(s => ReferenceEquals(s, c)))];
        var any = false;
        var bound = 0L;
        var proven = true;
        foreach (var (sum, weight) in (IEnumerable<(IReadOnlyList<Times>, long)>)[(unmet, PlanCost.PerUnmet), (money, PlanCost.PerTenthOfMoney), (rest, 1)])
        {
            asks.Cost = sum;
            if (optimizer.Least(asks, values, patience, cancel) is not { } found) break;

            (values, any) = (found.Values, true);
            // What comes after it says nothing of the whole where this is not known to be the least.
            if (proven) bound += weight * found.Bound;
            proven &= found.Proven;
            asks.AtMost(sum, found.Cost);
        }

        return any ? ([.. candidates.SelectMany(c => Enumerable.Repeat(c, (int)values[made[c].Unknown]))], bound) : null;
    }

    /// <summary>From now on not all of these together.</summary>
    public void Without(IReadOnlyList<Candidate> together)
    {
        List<Times> fewer = [];
        foreach (var alike in together.GroupBy(c => c, ReferenceEqualityComparer.Instance))
        {
            var (unknown, most) = made[alike.First()];
            // One where it is made fewer times than in this choice.
            var less = program.Unknown(0, 1);
            program.AtMost([new(unknown, 1), new(less, most - alike.Count() + 1)], most);
            fewer.Add(new(less, 1));
        }

        program.AtLeast(fewer, 1);
    }

    /// <summary>Each project on a spot of its own that it has room on.</summary>
    private void Standing(int spots)
    {
        var on = Enumerable.Range(0, spots).Select(_ => new List<Times>()).ToList();
        foreach (var c in candidates)
        {
            List<int> stands = [.. c.Spots.Select(_ => program.Unknown(0, 1))];
            program.Require([.. stands.Select(s => new Times(s, 1)), new(made[c].Unknown, -1)], 0, 0);
            foreach (var (spot, unknown) in c.Spots.Zip(stands)) on[spot].Add(new(unknown, 1));
        }

        foreach (var those in on) program.AtMost(those, 1);
    }

    private IEnumerable<Times> Sum(Func<Candidate, long> of) => [.. candidates.Where(c => of(c) > 0).Select(c => new Times(made[c].Unknown, of(c)))];
}
