using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Fetching;

/// <summary>What something more would do for a design, the most first.</summary>
public enum Gain
{
    /// <summary>What could not be made could be.</summary>
    Completes,

    /// <summary>What can be made would come out better by the aim, or for less money.</summary>
    Betters,

    /// <summary>It could be made of it, though no better than of what lies here.</summary>
    Serves,
}

/// <summary>What a thing that lies elsewhere would do for one design.</summary>
/// <param name="With">The fit that takes some of it.</param>
/// <param name="Without">The best there is now; null where nothing will do.</param>
/// <param name="Until">Why it cannot be made now; null where it can.</param>
/// <param name="Number">How many of the batch it takes, whole or in part.</param>
public sealed record Unlock(Gain Gain, Fit With, Fit? Without, Sentence? Until, int Number)
{
    /// <summary>For less than this, in the garden's money, nobody goes out.</summary>
    private const double LeastSaved = 1;

    /// <summary>What would be saved beside the best of now, in the garden's money; 0 where there is none or it is not worth a way.</summary>
    public double Saves => Without is not null && Without.Cast.Cost - With.Cast.Cost is >= LeastSaved and var saved ? saved : 0;

    /// <summary>How it stands beside what can be made now.</summary>
    public Sentence Words => BesideNow.Of(With, Without);

    /// <summary>What a thing would do for a design, before and after; null where no fit takes any of it.</summary>
    internal static Unlock? Of(DesignMatch before, DesignMatch after, int thingId, Aim aim)
    {
        if (after.Standing != Standing.WillDo) return null;
        List<Fit> with = [.. after.Others.Prepend(after.Best!).Where(f => Taken(f, thingId) > 0)];
        if (with.Count == 0) return null;
        var first = with[0];
        if (before.Standing != Standing.WillDo) return new(Gain.Completes, first, null, before.Why, Taken(first, thingId));
        return new(first == after.Best && Better(first, before.Best!, aim) ? Gain.Betters : Gain.Serves, first, before.Best, null, Taken(first, thingId));
    }

    private static bool Better(Fit with, Fit without, Aim aim)
    {
        double now = Ranking.Of(without, aim), then = Ranking.Of(with, aim), same = 1e-6 * Math.Max(1, Math.Abs(now));
        return then > now + Ranking.WorthWhile * Math.Abs(now) + same || (then >= now - same && with.Cast.Cost <= without.Cast.Cost - LeastSaved);
    }

    private static int Taken(Fit fit, int thingId)
        => fit.Cast.Counts.GetValueOrDefault(thingId) is > 0 and var some ? some : fit.Lead.Lots.Any(l => l.ThingId == thingId) ? 1 : 0;
}

/// <summary>What a thing seen elsewhere would be worth here.</summary>
/// <param name="WhyNot">Why nothing is made of it; null where something is.</param>
/// <param name="Hoped">What it would be worth if looking it over found nothing against it; null where it has been looked over, and where it is refused already.</param>
public sealed record Worth(HeapThing Seen, IReadOnlyList<Unlock> Unlocks, Sentence? WhyNot, Worth? Hoped)
{
    /// <summary>Ticks that speak for a thing, where its kind and stuff can have them.</summary>
    private static readonly string[] SpeakForIt = [Findings.HeldFood, Findings.HeatMark, Findings.LookedOver];

    /// <summary>
    /// Every design matched with the heap as it is and as it would be with the thing on it. It lies last, so that of stock as good what is here is taken first and nothing here is made to look better by it.
    /// </summary>
    public static Worth Of(Heap heap, Thing thing, HouseRules rules, Brief brief, Aim aim, Means? means = null, CancellationToken cancel = default)
    {
        var seen = Judged(thing, rules);
        if (seen.Judgement.Fitness == Fitness.Refused && seen.Judgement.LookedAt) return new(seen, [], Refusal(seen), null);
        var before = Matcher.Match(heap, brief, aim, means, cancel).ToDictionary(m => m.Design.Id, StringComparer.Ordinal);
        var hoped = seen.Judgement.LookedAt ? null : Judged(thing with { Findings = [.. thing.Kind.LookFor.Where(f => thing.Findings.Contains(f) || (SpeakForIt.Contains(f) && Findings.Find(f)!.CanBeOn(thing.Substance)))] }, rules);
        return With(seen) with { Hoped = hoped is { Judgement: { LookedAt: true, Fitness: not Fitness.Refused } } ? With(hoped) : null };

        Worth With(HeapThing one)
        {
            if (one.Judgement.Fitness == Fitness.Refused) return new(one, [], Refusal(one), null);
            var more = new Heap([.. heap.Things.Where(t => t.Thing.Id != thing.Id), one]);
            var after = Matcher.Match(more, brief, aim, means, cancel);
            List<Unlock> unlocks = [.. after.Select(m => Unlock.Of(before[m.Design.Id], m, thing.Id, aim)).OfType<Unlock>().OrderBy(u => u.Gain).ThenByDescending(u => Relative(u, aim)).ThenBy(u => u.With.Design.Id, StringComparer.Ordinal)];
            return new(one, unlocks, unlocks.Count > 0 ? null : Idle.Of(after, more).FirstOrDefault(i => i.Thing.Thing.Id == thing.Id)?.Why ?? "Nothing is made of it.", null);
        }
    }

    private static HeapThing Judged(Thing thing, HouseRules rules) => new(thing, Inspection.Judge(thing, rules), thing.Count);

    private static Sentence Refusal(HeapThing seen) => seen.Judgement.Reasons.First(r => r.Fitness == Fitness.Refused).Sentence;

    /// <summary>By how much of itself a design comes out better, so that designs of different aims can be told in one order.</summary>
    private static double Relative(Unlock unlock, Aim aim)
        => unlock is { Gain: Gain.Betters, Without: { } now } && Ranking.Of(now, aim) is var was && Math.Abs(was) > 1e-9 ? (Ranking.Of(unlock.With, aim) - was) / Math.Abs(was) : 0;
}
