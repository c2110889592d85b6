using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;

namespace Metaplant.Core.Casting;

/// <summary>Bars bought for one kind of part are cut together with those bought for another: what is over of one serves the next.</summary>
internal static class SharedBars
{
    /// <summary>
    /// The same purchases with as few bars of each row as first-fit by falling length finds, a saw cut between two pieces; each bar is counted with the need whose piece is the first out of it, so that a need may have none of its own. Never more bars than each by itself takes.
    /// </summary>
    public static IReadOnlyList<Purchase> Of(IReadOnlyList<Purchase> buys)
    {
        var packs = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var same in buys.Where(b => b is { Row: not null, Need: PiecesNeeded }).GroupBy(b => b.Row!.Id).Where(g => g.Skip(1).Any()))
        {
            var opened = Opened([.. same]);
            if (opened.Values.Sum() >= same.Sum(b => b.Packs)) continue;
            foreach (var (need, bars) in opened) packs[need] = bars;
        }

        return [.. buys.Select(b => packs.TryGetValue(b.NeedId, out var bars) ? b with { Packs = bars } : b)];
    }

    private static Dictionary<string, int> Opened(IReadOnlyList<Purchase> buys)
    {
        var opened = buys.ToDictionary(b => b.NeedId, _ => 0, StringComparer.Ordinal);
        var left = new List<double>();
        foreach (var (need, length) in buys.SelectMany(b => Enumerable.Repeat((b.NeedId, ((PiecesNeeded)b.Need).Length), (int)Math.Round(b.Amount))).OrderByDescending(p => p.Length))
        {
            var takes = length + CutPlan.Kerf;
            var bar = left.FindIndex(l => l >= takes - 1e-9);
            if (bar < 0)
            {
                bar = left.Count;
                left.Add(buys[0].Row!.Length + CutPlan.Kerf);
                opened[need]++;
            }

            left[bar] -= takes;
        }

        return opened;
    }
}
