using System.Collections.Concurrent;
using Metaplant.Core.Assessing;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What matters most to the gardener when sizes are compared.</summary>
public enum Aim
{
    MostSoil,
    MostPlants,
    LeastBought,
    LeastWork,
}

/// <summary>How far a design is from being made.</summary>
public enum Standing
{
    WillDo,
    Nearly,
    WontDo,
}

/// <summary>One design against the heap.</summary>
/// <param name="Best">The best by the aim; for a design that will not do, the one that lacks least; null when the heap has nothing for it.</param>
/// <param name="Others">The best of each other lead, best first.</param>
/// <param name="Sizes">How many sizes there are of the best lead.</param>
/// <param name="Why">One sentence: what is missing, or why not. Null when it will do.</param>
/// <param name="Wanted">What is missing with its least measures, for a list of what to look for; null where nothing single is.</param>
public sealed record DesignMatch(Design Design, Standing Standing, Fit? Best, IReadOnlyList<Fit> Others, int Sizes, IReadOnlyList<NoLead> NoLeads, Sentence? Why, Shortage? Wanted)
{
    /// <summary>Of what the best asks more than there is; empty where it is within the means, and where nothing will do.</summary>
    public IReadOnlyList<Beyond> Beyond { get; init; } = [];

    /// <summary>What went wrong where some of it could not be worked out, for the log; null as it should be.</summary>
    public Exception? Failure { get; init; }
}

/// <summary>Finds what a heap can make.</summary>
public static class Matcher
{
    private const string NotWorkedOut = "It could not be worked out; what went wrong is told to the log.";

    /// <summary>Every design of the catalogue, those that will do first, then nearly, then not; each with its best size by the aim. Stopped between one lead and the next.</summary>
    public static IReadOnlyList<DesignMatch> Match(Heap heap, Brief brief, Aim aim, Means? means = null, CancellationToken cancel = default)
        => [.. OneByOne(Catalogue.All).AsParallel().WithCancellation(cancel).Select(d => Match(d, heap, brief, aim, means, cancel)).OrderBy(m => m.Standing).ThenBy(m => m.Beyond.Count > 0).ThenBy(m => m.Best is null ? 0 : -Ranking.Of(m.Best, aim)).ThenBy(m => m.Design.Id, StringComparer.Ordinal)];

    /// <summary>Some designs take a hundred times as long as others: each processor takes the next when it is free.</summary>
    private static OrderablePartitioner<Design> OneByOne(IReadOnlyList<Design> designs) => Partitioner.Create(designs, EnumerablePartitionerOptions.NoBuffering);

    /// <summary>One design against the heap. A lead of which something cannot be worked out, which is a fault of ours, costs the design that lead and nobody the others.</summary>
    public static DesignMatch Match(Design design, Heap heap, Brief brief, Aim aim, Means? means = null, CancellationToken cancel = default)
    {
        var room = Stockroom.Of(heap);
        Exception? failure = null;
        Leads leads = new([], []);
        Try(() => leads = Leads.Of(design, room));
        List<NoLead> others = [.. leads.Others];
        var found = new List<LeadMatch>();
        foreach (var lead in leads.Found)
        {
            cancel.ThrowIfCancellationRequested();
            if (!Try(() => found.Add(LeadMatch.Of(design, lead, room, brief, aim, means, cancel)))) others.Add(new(lead.Thing, NotWorkedOut));
        }

        return Judge(design, others, found, aim, means ?? Means.Any) with { Failure = failure };

        bool Try(Action work)
        {
            try
            {
                work();
                return true;
            }
            catch (Exception e) when (e is not OperationCanceledException and not OutOfMemoryException)
            {
                failure = e;
                return false;
            }
        }
    }

    private static DesignMatch Judge(Design design, List<NoLead> others, List<LeadMatch> found, Aim aim, Means means)
    {
        var good = found.Where(f => f.Good is not null).OrderBy(f => means.Of(f.Good!).Count > 0).ThenByDescending(f => Ranking.Of(f.Good!, aim)).ThenBy(f => f.Lead.Thing.Thing.Number).ToList();
        // What could be its lead and holds in no size is told with the rest, each with its reason.
        others.AddRange(found.Where(f => f.Good is null).Select(f => new NoLead(f.Lead.Thing, f.Why!)));
        if (good.Count > 0) return new(design, Standing.WillDo, good[0].Good, [.. good.Skip(1).Select(f => f.Good!)], good[0].Sizes, others, null, null) { Beyond = means.Of(good[0].Good!) };
        if (found.Where(f => f.Wanted is not null).OrderBy(f => f.Wanted!.Count).ThenBy(f => f.Lead.Thing.Thing.Number).FirstOrDefault() is { } near)
            return new(design, Standing.Nearly, near.Nearest, [], near.Sizes, others, $"{near.Lead.Thing.Thing.Name}: {near.Wanted!.Words}", near.Wanted);
        if (found.Where(f => f.Nearest is not null).OrderBy(f => f.Nearest!.Assessment.Worst).ThenBy(f => f.Lead.Thing.Thing.Number).FirstOrDefault() is { } fails)
            return new(design, Standing.Nearly, fails.Nearest, [], fails.Sizes, others, fails.Why, null);
        Sentence why = others.Count > 0 ? (Sentence)$"{others[0].Thing.Thing.Name}: {others[0].Why}" : "Nothing on the heap could be its main part.";
        return new(design, Standing.WontDo, null, [], 0, others, why, null);
    }

    /// <summary>The settings of the best size of one lead; null when no size of it can be drafted.</summary>
    public static IReadOnlyDictionary<string, double>? BestSettings(Design design, Lead lead, Heap heap, Brief brief, Aim aim)
        => LeadMatch.Of(design, lead, Stockroom.Of(heap), brief, aim) is var m && (m.Good ?? m.Nearest) is { } fit ? fit.Set.Values : null;
}

/// <summary>The best size of one lead, or what comes nearest.</summary>
/// <param name="Good">The best by the aim of all sizes that grow, drain and hold; null when there is none.</param>
/// <param name="Nearest">Where none is good, the one that lacks or fails least.</param>
/// <param name="Why">What is lacking or fails in it.</param>
/// <param name="Wanted">The one thing missing of it, with which it would be good.</param>
public sealed record LeadMatch(Lead Lead, Fit? Good, Fit? Nearest, Sentence? Why, Shortage? Wanted, int Sizes)
{
    /// <summary>Of the sizes that the lead alone is too little for, so many are looked at, those it is short of least, and only where no size is good.</summary>
    private const int MostLacking = 6;

    /// <summary>
    /// From the size that can come to most down, each is drafted, which says what it can come to at best, then supplied, solved and assessed in full, until one is good that none left can beat. What is passed over is so by these two bounds alone, and by the lead being too little for it.
    /// What is good and beyond the means is kept for when no size is within them.
    /// </summary>
    public static LeadMatch Of(Design design, Lead lead, Stockroom room, Brief brief, Aim aim, Means? means = null, CancellationToken cancel = default)
    {
        means ??= Means.Any;
        Fit? beyond = null;
        List<Draft> late = [];
        var queue = new PriorityQueue<(Chosen Set, Draft? Draft, Fit? Fit), (double, int)>();
        var order = 0;
        Sentence whyNot = "Nothing can be cut of it.";
        List<(Chosen Set, double By)> lacking = [];
        var settings = design.Settings(lead);
        List<Setting> solvedFor = [.. settings.Where(s => s.LeastThatHolds)];
        foreach (var set in SizesOf(settings, lead, brief))
        {
            var asked = design.Ask(set);
            if (!asked.Ok) whyNot = asked.Problems[0].Sentence;
            else if (Caster.LeadLacks(asked.Value.Needs, lead) is > 0 and var by) lacking.Add((set, by));
            else queue.Enqueue((set, null, null), (-Ranking.AtMost(design, set, aim), order++));
        }

        var sizes = order + lacking.Count;
        List<Fit> failed = [];
        List<(Draft Draft, Verdict Worst, int After)> failing = [];
        List<Draft> lackingPieces = [];
        Draft? last = null;
        while (queue.TryDequeue(out var next, out _))
        {
            cancel.ThrowIfCancellationRequested();
            if (next.Fit is { } good)
            {
                if (means.Of(good).Count == 0) return new(lead, good, null, null, null, sizes);
                beyond ??= good;
                continue;
            }

            if (next.Draft is null)
            {
                var drafted = Draft.Of(design, next.Set, room, Effort.Quick, last);
                if (!drafted.Ok) whyNot = drafted.Problems[0].Sentence;
                else if ((last = drafted.Value).Cast.Short.Count == 0) queue.Enqueue((next.Set, last, null), (-Ranking.AtBest(last, aim), order++));
                // What lacks pieces is no candidate for good; what lacks least of them is looked at when nothing else is left.
                else lackingPieces.Add(last);
                continue;
            }

            if (means.AreExceededBy(next.Draft))
            {
                late.Add(next.Draft);
                continue;
            }

            if (Solved(next.Draft) is not { } solved) continue;
            // What a check fails in is no candidate for good, and is assessed in full only when there is none.
            if (Verdicts.Worst(solved.Checks()) is var worst and >= Verdict.Fails)
            {
                failing.Add((solved, worst, failed.Count));
                continue;
            }

            var fit = Fit.Of(solved, room);
            if (fit.Good) queue.Enqueue((next.Set, next.Draft, fit), (-Ranking.Of(fit, aim), order++));
            else failed.Add(fit);
        }

        // What would do without the limits does not come to nothing by them: the best of it that holds is told as beyond them.
        foreach (var draft in late.TakeWhile(_ => beyond is null))
        {
            cancel.ThrowIfCancellationRequested();
            if (Solved(draft) is not { } solved) continue;
            var tooLong = Fit.Of(solved, room);
            if (tooLong.Good) beyond = tooLong;
            else failed.Add(tooLong);
        }

        if (beyond is not null) return new(lead, beyond, null, null, null, sizes);
        // Of those the first that fails least, in its turn among the others.
        foreach (var (draft, _, after) in failing.OrderBy(f => f.Worst).Take(1)) failed.Insert(after, Fit.Of(draft, room));
        foreach (var (set, _) in lacking.OrderBy(l => l.By).Take(MostLacking))
        {
            if (Draft.Of(design, set, room, Effort.Quick, last) is { Ok: true, Value: var draft }) lackingPieces.Add(draft);
        }

        foreach (var draft in lackingPieces.OrderBy(d => d.Cast.Short.Count).ThenBy(d => d.Cast.Short.Sum(s => s.Count)).Take(3))
        {
            if (Solved(draft) is not { } solved) continue;
            var fit = Fit.Of(solved, room);
            failed.Add(fit);
            if (fit.Assessment.Worst < Verdict.Fails) break;
        }

        if (failed.Count == 0) return new(lead, null, null, whyNot, null, sizes);
        // Of what lacks something and would be good with it, what lacks least; else what fails least.
        var near = failed.Where(f => f.Assessment.Worst < Verdict.Fails && f.Cast.Short.Count == 1 && f.Cast.Unfilled.Count() == 1).OrderBy(f => f.Cast.Short[0].Count).FirstOrDefault();
        // What is missing is told exactly: cast once more, with nothing left out.
        if (near is not null && Draft.Of(design, near.Set, room, Effort.Proven) is { Ok: true, Value: var exact } && exact.Cast.Short.Count <= 1)
        {
            var again = Fit.Of(exact, room);
            if (again.Good) return new(lead, again, null, null, null, sizes);
            if (again.Cast.Short.Count == 1) near = again;
        }

        var nearest = near ?? failed.OrderBy(f => f.Cast.Unfilled.Count()).ThenBy(f => f.Assessment.Worst).First();
        return new(lead, null, nearest, WhyNot(nearest), near?.Cast.Short[0], sizes);

        // One size with the least that holds; null where it cannot be drafted.
        Draft? Solved(Draft draft) => solvedFor.Count == 0 ? draft : Solver.Least(design, solvedFor, draft.Set, room, like: draft);
    }

    /// <summary>Every size worth trying: all that the settings say, the others at their default and what is solved for at its least.</summary>
    internal static IEnumerable<Chosen> SizesOf(IReadOnlyList<Setting> settings, Lead lead, Brief brief)
    {
        IEnumerable<Dictionary<string, double>> sizes = [settings.ToDictionary(s => s.Id, s => s.LeastThatHolds ? s.Stops[0].Value : s.Default, StringComparer.Ordinal)];
        foreach (var s in settings.Where(s => s.Sizes.Count > 0)) sizes = sizes.SelectMany(size => s.Sizes.Select(v => new Dictionary<string, double>(size, StringComparer.Ordinal) { [s.Id] = v }));
        return sizes.Select(s => new Chosen(lead, s, brief));
    }

    private static Sentence WhyNot(Fit fit)
    {
        if (fit.Cast.Short is [var missing, ..])
            return fit.Cast.PassedOver.TryGetValue(missing.Need.Id, out var over) ? $"{missing.Words} {over.ThingName}: {over.Why}" : missing.Words;
        var a = fit.Assessment;
        if (fit.Cast.Unfilled.FirstOrDefault() is { } unfilled) return $"Missing: {unfilled.Need.Name.ToLowerInvariant()}.";
        if (a.Hold.Verdict >= Verdict.Fails) return a.Hold.Words;
        return a.Drain.Verdict >= Verdict.Fails ? a.Drain.Words : a.Grow.Words;
    }
}

/// <summary>What a fit is worth by an aim, and the most that a draft can come to be worth.</summary>
public static class Ranking
{
    /// <summary>What is better by less than this part is no reason to go out and look for something.</summary>
    internal const double WorthWhile = .05;

    public static double Of(Fit fit, Aim aim) => aim switch
    {
        Aim.MostSoil => Size(fit.Blueprint),
        Aim.MostPlants => fit.Assessment.Grow.Chosen?.Count ?? Room(fit.Blueprint),
        Aim.LeastBought => -fit.Cast.Cost,
        Aim.LeastWork => -fit.Hours(fit.Set.Brief),
        _ => throw new ArgumentOutOfRangeException(nameof(aim), aim, "Unknown aim."),
    };

    /// <summary>Never less than <see cref="AtBest"/> of what is drafted of these settings.</summary>
    public static double AtMost(Design design, Chosen set, Aim aim) => aim switch
    {
        Aim.MostSoil => design.AtMost(set),
        Aim.MostPlants => double.MaxValue,
        Aim.LeastBought or Aim.LeastWork => 0,
        _ => throw new ArgumentOutOfRangeException(nameof(aim), aim, "Unknown aim."),
    };

    /// <summary>Never less than <see cref="Of"/> of what becomes of the draft: what is solved for only takes room from the soil, never gives it any.</summary>
    public static double AtBest(Draft draft, Aim aim) => aim switch
    {
        Aim.MostSoil => Size(draft.Blueprint),
        Aim.MostPlants => draft.Set.Brief.Crop is null ? Room(draft.Blueprint) : double.MaxValue,
        // What is solved for can be cheaper or quicker than with any of it at its least, as one post more saves a stouter one: nothing is known of these but that they are not below nothing.
        Aim.LeastBought or Aim.LeastWork => 0,
        _ => throw new ArgumentOutOfRangeException(nameof(aim), aim, "Unknown aim."),
    };

    /// <summary>Litres for what holds soil, length in metres for an edge, area for a cover, height for a support.</summary>
    private static double Size(Blueprint blueprint) => blueprint.Bays.Count > 0 ? blueprint.Soil * 1000 : blueprint.Edging > 0 ? blueprint.Edging : blueprint.Covered is { } cover ? cover.Area : blueprint.Climbing?.Height ?? 0;

    private static double Room(Blueprint blueprint) => blueprint.Bays.Sum(b => b.Planting.Area) + blueprint.Pockets.Count * .02;
}
