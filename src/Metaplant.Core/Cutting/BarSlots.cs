namespace Metaplant.Core.Cutting;

/// <summary>One sound stretch of one bar, in whole units: where it begins in m along the bar, and how long it is.</summary>
internal sealed record Stretch(int Bar, double From, double To, long Length);

/// <summary>One bar that may be cut into, in whole units.</summary>
/// <param name="Stock">Which of the order's stocks.</param>
/// <param name="Piece">Which of the bars alike, from 1.</param>
internal sealed record BarSlot(int Stock, int Piece, long Length, IReadOnlyList<int> Stretches);

/// <summary>An order in whole units, so that nothing is too long by a rounding: pieces rounded up and what is sound down to a thousandth of a millimetre, then all in the greatest unit they have in common.</summary>
internal sealed class BarSlots
{
    private const double Slack = 1e-3;

    public BarSlots(CutOrder order)
    {
        Order = order;
        long[] pieces = [.. order.Pieces.Select(p => Whole.AtLeast(p.Length))];
        var kerf = (long)Math.Round(order.Kerf * Whole.PerMetre);
        List<(int Stock, double From, double To, long Length)> sound = [.. order.Bars.Index().SelectMany(b => order.Sound(b.Item).Select(s => (b.Index, s.From, s.To, Whole.AtMost(s.To - s.From))))];
        long[] lengths = [.. order.Bars.Select(b => (long)Math.Round(b.Length * Whole.PerMetre))];
        Unit = pieces.Concat(lengths).Concat(sound.Select(s => s.Length)).Append(kerf).Aggregate(0L, Whole.Common);
        Kerf = kerf / Unit;
        Pieces = [.. pieces.Select(p => p / Unit)];
        var bars = new List<BarSlot>();
        var stretches = new List<Stretch>();
        foreach (var (i, stock) in order.Bars.Index())
        {
            for (var k = 1; k <= stock.Count; k++)
            {
                var first = stretches.Count;
                stretches.AddRange(sound.Where(s => s.Stock == i).Select(s => new Stretch(bars.Count, s.From, s.To, s.Length / Unit)));
                bars.Add(new(i, k, lengths[i] / Unit, [.. Enumerable.Range(first, stretches.Count - first)]));
            }
        }

        (Bars, Stretches) = (bars, stretches);
        PerMissing = bars.Sum(b => b.Length) + 1;
    }

    public CutOrder Order { get; }

    /// <summary>Thousandths of a millimetre in a unit.</summary>
    public long Unit { get; }

    public long Kerf { get; }

    /// <summary>What a missing piece weighs beside the length used: more than all bars together.</summary>
    public long PerMissing { get; }

    /// <summary>By kind of piece, its length.</summary>
    public IReadOnlyList<long> Pieces { get; }

    public IReadOnlyList<BarSlot> Bars { get; }

    public IReadOnlyList<Stretch> Stretches { get; }

    /// <summary>What a stretch takes of pieces, each with the saw cut after it; the last needs none.</summary>
    public long Room(int stretch) => Stretches[stretch].Length + Kerf;

    /// <summary>What a piece takes with the saw cut after it.</summary>
    public long Takes(int piece) => Pieces[piece] + Kerf;

    public bool Fits(int piece, int stretch) => Pieces[piece] <= Stretches[stretch].Length && CutOrder.Suits(Order.Bars[Bars[Stretches[stretch].Bar].Stock], Order.Pieces[piece]);

    /// <summary>So many units in m.</summary>
    public double Metres(long units) => units * Unit / Whole.PerMetre;

    /// <summary>So many m in units.</summary>
    public long Units(double metres) => (long)Math.Ceiling(metres * Whole.PerMetre / Unit - Slack);
}

/// <summary>How many of each kind of piece come from each stretch.</summary>
internal sealed class BarFilling(BarSlots slots)
{
    public int[,] Count { get; } = new int[slots.Pieces.Count, slots.Stretches.Count];

    public long Load(int stretch) => Enumerable.Range(0, slots.Pieces.Count).Sum(p => Count[p, stretch] * slots.Takes(p));

    public bool Opens(BarSlot bar) => bar.Stretches.Any(s => Load(s) > 0);

    public int Missing(int piece) => slots.Order.Pieces[piece].Count - Enumerable.Range(0, slots.Stretches.Count).Sum(s => Count[piece, s]);

    public int Missing() => Enumerable.Range(0, slots.Pieces.Count).Sum(Missing);

    /// <summary>Length of the bars cut into, in units.</summary>
    public long Used => slots.Bars.Where(Opens).Sum(b => b.Length);

    /// <summary>Fewest missing before least used, as one number.</summary>
    public long Cost => slots.PerMissing * Missing() + Used;

    /// <summary>The bars cut into with their pieces, the longest first in each stretch.</summary>
    public IReadOnlyList<BarLayout> Layout()
    {
        var kerf = slots.Order.Kerf;
        return [.. slots.Bars.Where(Opens).Select(bar =>
        {
            var cuts = new List<Cut>();
            var offcuts = new List<BadPlace>();
            foreach (var s in bar.Stretches)
            {
                var at = slots.Stretches[s].From;
                foreach (var p in Enumerable.Range(0, slots.Pieces.Count).Where(p => Count[p, s] > 0).OrderByDescending(p => slots.Pieces[p]))
                {
                    for (var k = 0; k < Count[p, s]; k++)
                    {
                        var to = at + slots.Order.Pieces[p].Length;
                        cuts.Add(new(slots.Order.Pieces[p].Id, at, to));
                        at = to + kerf;
                    }
                }

                if (slots.Stretches[s].To - at >= CutPlan.WorthKeeping) offcuts.Add(new(at, slots.Stretches[s].To));
            }

            return new BarLayout(slots.Order.Bars[bar.Stock].Id, bar.Piece, cuts, offcuts);
        })];
    }
}
