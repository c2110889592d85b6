using Metaplant.Core.Casting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What lies there now would do better than what a fit was kept with: it costs less, or its worst verdict is better, and neither is worse.</summary>
/// <param name="Saves">In the garden's money; 0 where it only holds better.</param>
/// <param name="Worst">The worst verdict it would then have.</param>
/// <param name="Instead">Things it would take that the fit does not.</param>
public sealed record Offer(double Saves, Verdict Worst, IReadOnlyList<Thing> Instead)
{
    private const double Cent = .01;

    /// <summary>The offer, cast with the same settings from a stockroom in which the fit's own things count as free; null where there is none.</summary>
    public static Offer? Of(Fit kept, Stockroom room)
    {
        if (Draft.Of(kept.Design, kept.Set, room, Effort.Proven) is not { Ok: true, Value: var draft }) return null;
        var now = Fit.Of(draft, room);
        var saves = kept.Cast.Cost - now.Cast.Cost;
        if (!now.Good || saves < -Cent / 2 || now.Assessment.Worst > kept.Assessment.Worst || (saves < Cent && now.Assessment.Worst == kept.Assessment.Worst)) return null;
        var had = kept.Cast.Takes.Select(t => t.ThingId).ToHashSet();
        return new(Math.Max(0, saves), now.Assessment.Worst, [.. now.Cast.Takes.Select(t => t.ThingId).Where(t => !had.Contains(t)).Distinct().Select(t => room.Heap.Find(t)!.Thing)]);
    }
}
