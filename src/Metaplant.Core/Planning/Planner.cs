using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Optimising;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Planning;

/// <summary>
/// Finds the projects and sizes that make the most of a whole heap. Candidates come from the matcher, design by design; after each the best choice among them is asked for and really cast, one project after another; a choice that cannot be cast is ruled out. Then the same from what the best plan leaves, as long as that is better.
/// </summary>
public sealed class Planner
{
    private const int Rounds = 4;

    /// <summary>Choices that are cast before the best so far is left at it.</summary>
    private const int CastingsBetween = 2, CastingsAtLast = 15;

    /// <summary>Orders in which one choice is cast before it is told apart from what it was taken for.</summary>
    private const int OrdersAtLast = 6;

    private const double Slack = 1e-6;

    /// <summary>For one choice while more candidates are to come, and at the end.</summary>
    private static readonly Patience Between = Patience.OfWork(.3), AtLast = Patience.OfWork(3);

    private readonly Heap heap;
    private readonly Wants asked;
    private readonly IReadOnlyList<Want> wants;
    private readonly IReadOnlyList<Design> designs;
    private readonly IOptimizer? optimizer;
    private readonly Dictionary<string, Candidate> candidates = new(StringComparer.Ordinal);
    private HeapPlan best;

    /// <summary>The choice that the best plan was cast from.</summary>
    private IReadOnlyList<Candidate> chosen = [];

    /// <summary>Whoever plans this heap for these wants.</summary>
    /// <param name="optimizer">Null where none is to hand; then each next project is the one that does most for what is still wanted.</param>
    /// <param name="designs">Those to choose from; null for the whole catalogue.</param>
    /// <exception cref="ArgumentException">The wants have problems.</exception>
    public Planner(Heap heap, Wants asked, IOptimizer? optimizer, IReadOnlyList<Design>? designs = null)
    {
        if (asked.Problems(heap).FirstOrDefault() is { } problem) throw new ArgumentException($"{problem.Field}: {problem.Sentence.ToString()}", nameof(asked));
        (this.heap, this.asked, this.optimizer) = (heap, asked, optimizer);
        this.designs = designs ?? Catalogue.All;
        wants = asked.All(heap);
        best = Planned([]);
    }

    /// <summary>Plans, each at least as good as the one before, until nothing better is found, or the time is over; the last says that it is. Never none.</summary>
    /// <param name="seconds">By the clock; what ends by it may be another plan on another day.</param>
    public IEnumerable<HeapPlan> Plans(double seconds, CancellationToken cancel = default)
    {
        using var limit = CancellationTokenSource.CreateLinkedTokenSource(cancel);
        limit.CancelAfter(TimeSpan.FromSeconds(seconds));
        var proven = false;
        var from = heap;
        for (var round = 0; round < Rounds && !limit.IsCancellationRequested; round++)
        {
            var before = (best.Objective, candidates.Count);
            foreach (var some in Found(from, limit.Token))
            {
                // What was cast from all of the heap is asked for first.
                foreach (var c in some) candidates.TryAdd(c.Name + (round == 0 ? "" : $"|{round}"), c);
                if (some.Count > 0) proven = Choose(CastingsBetween, Between, limit.Token);
                yield return best with { Tried = candidates.Count };
            }

            if (candidates.Count == before.Count || limit.IsCancellationRequested) break;
            proven = Choose(CastingsAtLast, AtLast, limit.Token);
            yield return best with { Tried = candidates.Count };
            if (round > 0 && best.Objective == before.Objective) break;
            if (best.Wants.All(w => w.Given >= w.Needed) && best.Money == 0) break;
            from = best.Projects.Aggregate(heap, (h, f) => After(h, f));
        }

        yield return best with { Tried = candidates.Count, Ended = true, Proven = proven && !limit.IsCancellationRequested };
    }

    /// <summary>A heap once a project has taken its share.</summary>
    public static Heap After(Heap heap, Fit fit) => heap.After(fit.Cast.Takes.Select(t => (t.ThingId, t.Taken)), fit.Design.Name);

    /// <summary>Candidates design by design, those of several worked out at once; none more once it is stopped.</summary>
    private IEnumerable<IReadOnlyList<Candidate>> Found(Heap from, CancellationToken cancel)
    {
        foreach (var some in designs.Chunk(Environment.ProcessorCount))
        {
            List<IReadOnlyList<Candidate>>? found = null;
            try
            {
                found = [.. some.AsParallel().AsOrdered().WithCancellation(cancel).Select(d => Candidate.All(d, from, asked, wants, cancel))];
            }
            catch (OperationCanceledException)
            {
                // What was found so far is what there is to choose from.
            }

            if (found is null) yield break;
            foreach (var one in found) yield return one;
        }
    }

    /// <summary>The best choice among the candidates there are, cast; true where it is known to be.</summary>
    private bool Choose(int castings, Patience patience, CancellationToken cancel)
    {
        if (optimizer is null)
        {
            Keep(Greedy(cancel), []);
            return false;
        }

        IReadOnlyList<Candidate> among = [.. candidates.Values];
        var loose = among.Any(c => c.Takes.Any(t => c.Firm.GetValueOrDefault(t.Key) != t.Value));
        // Sharing loose stuff as it lies, what is chosen is mostly cast as it was taken for. But that stuff can be bought as well, and so only what is chosen without regard to it shows that nothing is better.
        var proven = Choose(new PlanChoice(among, wants, asked, heap), bounds: !loose, castings, patience, cancel);
        return loose ? Choose(new PlanChoice(among, wants, asked, heap, firmOnly: true), bounds: true, castings, patience, cancel) : proven;
    }

    /// <summary>Choices of one question, cast one after another; true where the best plan is known to be the best by it.</summary>
    /// <param name="bounds">True where no plan is refused that could be cast, so that what none of them costs less than is a bound.</param>
    private bool Choose(PlanChoice choice, bool bounds, int castings, Patience patience, CancellationToken cancel)
    {
        // What a choice would cost that could not be cast as it was taken for: in an order that was not tried it might be.
        var doubt = long.MaxValue;
        for (var i = 0; i < castings && !cancel.IsCancellationRequested; i++)
        {
            if (choice.Best(chosen, optimizer!, patience, cancel) is not { } found) return false;
            var bound = Math.Min(found.Bound, doubt);
            // Broken off it proves little of what it was asked; what was known of fewer is told on.
            if (bounds && !cancel.IsCancellationRequested) best = best with { Bound = Math.Min(bound, best.Objective) };
            if (found.Bound >= best.Objective) return bound >= best.Objective;
            var cast = Cast(found.Chosen, castings == CastingsAtLast ? OrdersAtLast : 1);
            Keep(cast, found.Chosen);
            if (best.Objective <= bound) return true;
            if (best.Objective > Planned(found.Chosen).Objective) doubt = Math.Min(doubt, found.Bound);
            choice.Without(found.Chosen);
        }

        return false;
    }

    private void Keep(IReadOnlyList<Candidate> cast, IReadOnlyList<Candidate> of)
    {
        var plan = Planned(cast);
        if (plan.Objective < best.Objective && Allowed(cast)) (best, chosen) = (plan with { Bound = Math.Min(best.Bound, plan.Objective) }, of);
    }

    /// <summary>What is spent is spent on what was really cast, and each stands where it has room.</summary>
    private bool Allowed(IReadOnlyList<Candidate> cast)
        => cast.Sum(c => c.Money) <= (asked.MostMoney ?? double.MaxValue) + Slack && cast.Sum(c => c.Hours) <= (asked.MostHours ?? double.MaxValue) + Slack && (asked.Spots is null || Placing.Of([.. cast.Select(c => c.Spots)]) is not null);

    /// <summary>Again and again the project that makes the plan best by itself, from what those before it leave.</summary>
    private List<Candidate> Greedy(CancellationToken cancel)
    {
        var cast = new List<Candidate>();
        var left = heap;
        while (!cancel.IsCancellationRequested && Next() is { } next)
        {
            cast.Add(next);
            left = After(left, next.Fit);
        }

        return cast;

        Candidate? Next()
        {
            var now = Planned(cast).Objective;
            bool Helps(Candidate c) => Planned([.. cast, c]).Objective < now && Allowed([.. cast, c]);
            return candidates.Values.Where(Helps).OrderBy(c => Planned([.. cast, c]).Objective).Select(c => ReferenceEquals(c.From, left) ? c : c.On(left, wants, asked)).FirstOrDefault(c => c is not null && Helps(c));
        }
    }

    /// <summary>As many of the chosen as can be cast one after another, what cuts into most first; where that comes to more than they were taken for, in other orders, and the best of these.</summary>
    private List<Candidate> Cast(IReadOnlyList<Candidate> choice, int orders)
    {
        List<Candidate> order = [.. choice.OrderByDescending(c => c.Fit.Cast.Cuts.Bars.Count).ThenBy(c => c.Name, StringComparer.Ordinal)];
        var taken = Planned(choice).Objective;
        List<Candidate>? least = null;
        for (var first = 0; first < Math.Min(orders, Math.Max(1, order.Count)) && (least is null || Planned(least).Objective > taken); first++)
        {
            var cast = OneByOne([.. order.Skip(first), .. order.Take(first)]);
            if (least is null || Planned(cast).Objective < Planned(least).Objective) least = cast;
        }

        return least!;
    }

    private List<Candidate> OneByOne(IReadOnlyList<Candidate> order)
    {
        var cast = new List<Candidate>();
        var left = heap;
        foreach (var c in order)
        {
            if ((ReferenceEquals(c.From, left) ? c : c.On(left, wants, asked)) is not { } again) continue;
            cast.Add(again);
            left = After(left, again.Fit);
        }

        return cast;
    }

    private HeapPlan Planned(IReadOnlyList<Candidate> cast)
    {
        List<MetWant> met = [.. wants.Select((w, k) => new MetWant(w.Words, w.Needed, cast.Sum(c => c.Given[k])))];
        var cost = cast.Sum(c => c.Cost) + PlanCost.PerUnmet * met.Sum(m => PlanCost.Unmet(m.Needed, m.Given));
        return new([.. cast.Select(c => c.Fit)], met, cost, 0, cast.Sum(c => c.Money), cast.Sum(c => c.Hours), cast.Sum(c => c.Length), candidates.Count, false, false)
        {
            Stands = asked.Spots is { } spots && Placing.Of([.. cast.Select(c => c.Spots)]) is { } on ? [.. on.Select(i => spots[i])] : null,
        };
    }
}
