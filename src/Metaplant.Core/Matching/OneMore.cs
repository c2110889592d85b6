using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What one thing more would make of a design that will do already: the size above the best that lacks a little of one part and nothing else.</summary>
public static class OneMore
{
    /// <summary>More pieces than this nobody comes by at once.</summary>
    private const int MostPieces = 8;

    /// <summary>Sizes above the best that are looked at, the nearest first.</summary>
    private const int MostDrafted = 24;

    private const double Slack = 1e-9;

    /// <summary>The fit that lacks least and would be better by the aim with it; null where there is none among those looked at.</summary>
    public static Fit? Of(Design design, Fit best, Stockroom room, Aim aim, CancellationToken cancel = default)
    {
        var (settings, rank) = (design.Settings(best.Lead), Ranking.Of(best, aim));
        var now = rank + Ranking.WorthWhile * Math.Abs(rank);
        var above = LeadMatch.SizesOf(settings, best.Lead, best.Set.Brief).Select(s => (Set: s, Most: Ranking.AtMost(design, s, aim))).Where(s => s.Most > now + Slack).OrderBy(s => s.Most).Take(MostDrafted);
        List<Draft> lacking = [];
        foreach (var (set, _) in above)
        {
            cancel.ThrowIfCancellationRequested();
            if (Draft.Of(design, set, room) is { Ok: true, Value: var draft } && Lacks(draft) && Ranking.AtBest(draft, aim) > now + Slack) lacking.Add(draft);
        }

        return lacking.OrderBy(d => d.Cast.Short[0].Count).ThenByDescending(d => Ranking.AtBest(d, aim)).Select(d => Whole(design, d, room, cancel)).FirstOrDefault(f => f is not null && Ranking.Of(f, aim) > now + Slack);
    }

    private static bool Lacks(Draft draft) => draft.Cast.Short is [{ Count: <= MostPieces }];

    /// <summary>The draft with the least that holds, cast exactly and assessed; null unless all that is wrong with it is what it lacks.</summary>
    private static Fit? Whole(Design design, Draft draft, Stockroom room, CancellationToken cancel)
    {
        cancel.ThrowIfCancellationRequested();
        if (Solver.Least(design, draft.Set, room) is not { } solved || Draft.Of(design, solved.Set, room, Effort.Proven) is not { Ok: true, Value: var exact } || !Lacks(exact)) return null;
        var fit = Fit.Of(exact, room);
        return fit.Assessment.Worst < Verdict.Fails && fit.Cast.Unfilled.Count() == 1 ? fit : null;
    }
}
