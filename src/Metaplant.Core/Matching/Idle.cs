using Metaplant.Core.Designs;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Matching;

/// <summary>A thing of the heap that nothing on offer is made of, with why. It may still serve: <see cref="StandIn"/>.</summary>
public sealed record Idle(HeapThing Thing, Sentence Why)
{
    /// <summary>Every thing of which something is free and that no best or other fit takes, in order of number. What projects have spoken for whole is in use and not told.</summary>
    public static IReadOnlyList<Idle> Of(IReadOnlyList<DesignMatch> matches, Heap heap)
    {
        var room = Stockroom.Of(heap);
        var used = matches.SelectMany(Fits).SelectMany(f => f.Cast.Takes.Select(t => t.ThingId).Concat(f.Lead.Lots.Select(l => l.ThingId))).ToHashSet();
        return [.. heap.Things.Where(t => (t.Free > 0 || t.Left.Count > 0) && !used.Contains(t.Thing.Id)).Select(t => new Idle(t, WhyNot(t, matches, room)))];
    }

    private static IEnumerable<Fit> Fits(DesignMatch match) => match.Best is { } best ? match.Others.Prepend(best) : match.Others;

    private static Sentence WhyNot(HeapThing thing, IReadOnlyList<DesignMatch> matches, Stockroom room)
    {
        if (thing.Judgement.Fitness == Fitness.Refused) return thing.Judgement.Reasons.First(r => r.Fitness == Fitness.Refused).Sentence;
        // Said by the design that comes nearest to being made: matches stand in that order.
        foreach (var match in matches)
        {
            if (match.NoLeads.FirstOrDefault(n => n.Thing.Thing.Id == thing.Thing.Id) is { } no) return $"{match.Design.Name}: {no.Why.GoingOn()}";
        }

        return matches.Where(m => m.Best is not null).Select(m => AsPart(thing, m.Design, m.Best!, room)).FirstOrDefault(w => w is not null) ?? "No design that is drawn here is made of it.";
    }

    /// <summary>Why it fills no part of a fit that its form could fill; null where there is no such part.</summary>
    private static Sentence? AsPart(HeapThing thing, Design design, Fit fit, Stockroom room)
    {
        foreach (var need in fit.Cast.Asked)
        {
            var lots = room.For(need.Role, Draft.GrownIn(fit.Lead, fit.Set.Brief)).Where(l => l.Lot.ThingId == thing.Thing.Id).ToList();
            if (lots.Count == 0) continue;
            var part = $"{design.Name}, {need.Name.ToLowerInvariant()}";
            if (lots.TrueForAll(l => l.Why is not null)) return $"{part}: {lots[0].Why!.GoingOn()}";
            return fit.Cast.Buys.Any(b => b.NeedId == need.Id)
                ? (Sentence)$"{part}: it has not the size, or there is too little of it."
                : $"{part}: it would do; something that fits better is taken first.";
        }

        return null;
    }
}
