using System.Diagnostics;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Cutting;

/// <summary>
/// The same question asked by whole patterns, how often each way of filling a stretch is cut: its relaxation is far nearer to the truth. Patterns are found as they are needed, by what the relaxation says a piece is worth; then all that any better plan could
/// use are listed, and of these the best plan is the best there is.
/// Only for lengths that have a coarse unit in common, as measures taken with a tape do.
/// </summary>
internal sealed class PatternCutting(BarSlots slots, IOptimizer optimizer)
{
    /// <summary>Kinds of piece times units of the longest stretch that are worked out one by one.</summary>
    private const long MostWorkedOut = 4_000_000;

    private const int Rounds = 400;
    private const int MostPatterns = 30_000;

    /// <summary>So many are looked at all at once.</summary>
    private const int FewPatterns = 2_000;

    /// <summary>By how much a pattern may cost more than the relaxation pays for it, m, as more and more are tried.</summary>
    private static readonly IReadOnlyList<double> Steps = [0, .001, .002, .004, .008, .016, .032, .064, .128];

    /// <summary>A place where patterns are cut: one of the stretches of bars alike.</summary>
    /// <param name="Number">Which of the places.</param>
    /// <param name="Pieces">The kinds of piece it suits, told as one word so that places alike are worked out together.</param>
    private sealed record Place(int Number, int Stock, int Stretch, int Room, string Pieces);

    /// <summary>A pattern at a place.</summary>
    private sealed record Column(Place At, int[] Counts);

    private readonly List<Place> places = [.. PlacesOf(slots).Select((p, i) => p with { Number = i })];
    private readonly List<Column> columns = [];
    private readonly HashSet<string> known = new(StringComparer.Ordinal);

    /// <summary>True where the lengths are coarse enough.</summary>
    public bool Suits => places.Count > 0 && places.Max(p => (long)p.Room) * slots.Pieces.Count <= MostWorkedOut;

    /// <summary>The best plan found from a first one, and the least any can cost; null where it is given up.</summary>
    public (BarFilling Filling, long Bound, bool Proven)? Improve(BarFilling first, Patience patience, CancellationToken cancel)
    {
        var clock = Stopwatch.StartNew();
        foreach (var c in Of(first)) Add(c);
        if (Converged(clock, patience, cancel) is not { } relaxed) return null;
        var (best, cost) = (first, first.Cost);
        var bound = (long)Math.Ceiling(relaxed.Cost - 1e-4);
        // At once where all that could be better are few; else from the patterns that waste least, of which a good plan is mostly made, wider and wider, and at last all again.
        foreach (var (within, most) in (IEnumerable<(long, int)>)[(long.MaxValue, FewPatterns), .. Steps.Select(s => (slots.Units(s), MostPatterns)), (long.MaxValue, MostPatterns)])
        {
            if (cost <= bound || Left(1).Seconds < .05) break;
            // Whoever would do better uses no pattern that costs more than the gap beyond what the relaxation pays for it.
            var gap = cost - bound;
            if (!AddAllWithin(relaxed, Math.Min(gap, within), most))
            {
                if (most == FewPatterns) continue;
                break;
            }

            if (Best(best, Left(within >= gap ? 1 : .4)) is not { } found) continue;
            if (found.Filling.Cost < cost) (best, cost) = (found.Filling, found.Filling.Cost);
            if (within >= gap && found.Proven) return (best, cost, true);
        }

        return (best, bound, cost <= bound);

        Patience Left(double part) => patience.Part(part, clock.Elapsed.TotalSeconds);

        (BarFilling Filling, bool Proven)? Best(BarFilling from, Patience time)
        {
            // What it starts from may be of patterns not met yet.
            var start = Values(from);
            return optimizer.Least(Program(), start, time, cancel) is { } found ? (Filling(found.Values), found.Proven) : null;
        }
    }

    /// <summary>The relaxation once no pattern there is would lower it; null where the time is over first, or where rounding hides which pattern would.</summary>
    private Relaxation? Converged(Stopwatch clock, Patience patience, CancellationToken cancel)
    {
        for (var round = 0; round < Rounds && !cancel.IsCancellationRequested && clock.Elapsed.TotalSeconds < patience.Seconds; round++)
        {
            if (optimizer.Relaxed(Program()) is not { } relaxed) return null;
            bool added = false, wanting = false;
            foreach (var alike in places.GroupBy(p => p.Pieces))
            {
                var patterns = PatternsFor(alike, relaxed);
                foreach (var place in alike)
                {
                    if (patterns.Worth(place.Room) <= Price(place, relaxed) + 1e-6) continue;
                    wanting = true;
                    added |= Add(new(place, patterns.Best(place.Room)));
                }
            }

            if (!wanting) return relaxed;
            if (!added) return null;
        }

        return null;
    }

    private bool AddAllWithin(Relaxation relaxed, long gap, int most)
    {
        List<Column> found = [];
        foreach (var alike in places.GroupBy(p => p.Pieces))
        {
            var patterns = PatternsFor(alike, relaxed);
            foreach (var place in alike)
            {
                if (patterns.WorthAtLeast(place.Room, Price(place, relaxed) - gap, most - found.Count) is not { } some) return false;
                found.AddRange(some.Select(counts => new Column(place, counts)));
            }
        }

        foreach (var column in found) Add(column);
        return true;
    }

    private Patterns PatternsFor(IGrouping<string, Place> alike, Relaxation relaxed)
        => new([.. slots.Pieces.Select((_, p) => alike.Key[p] == '1' ? (int)slots.Takes(p) : 0)], [.. slots.Order.Pieces.Select(p => p.Count)], [.. slots.Pieces.Select((_, p) => Math.Max(0, relaxed.Prices[p]))], alike.Max(p => p.Room));

    /// <summary>What a pattern at a place must be worth at least, by the relaxation.</summary>
    private double Price(Place place, Relaxation relaxed) => -relaxed.Prices[slots.Pieces.Count + place.Number];

    private bool Add(Column column)
    {
        if (!known.Add($"{column.At.Number}:{string.Join(',', column.Counts)}")) return false;
        columns.Add(column);
        return true;
    }

    // Unknowns are, in order: bars cut into by stock, pieces missing by kind, and how often each pattern is cut.
    private IntegerProgram Program()
    {
        var program = new IntegerProgram();
        foreach (var stock in slots.Order.Bars) program.Unknown(0, stock.Count);
        foreach (var piece in slots.Order.Pieces) program.Unknown(0, piece.Count);
        // One more than there are bars, so that it is the bars that limit it and the relaxation puts a price on them, and not on this.
        foreach (var column in columns) program.Unknown(0, slots.Order.Bars[column.At.Stock].Count + 1);
        var bars = slots.Order.Bars.Count;
        var first = bars + slots.Pieces.Count;
        for (var p = 0; p < slots.Pieces.Count; p++)
        {
            var kind = p;
            program.AtLeast([new(bars + p, 1), .. columns.Index().Where(c => c.Item.Counts[kind] > 0).Select(c => new Times(first + c.Index, c.Item.Counts[kind]))], slots.Order.Pieces[p].Count);
        }

        var at = columns.Index().ToLookup(c => c.Item.At);
        foreach (var place in places) program.AtMost([.. at[place].Select(c => new Times(first + c.Index, 1)), new(place.Stock, -1)], 0);
        var lengths = slots.Bars.DistinctBy(b => b.Stock).ToDictionary(b => b.Stock, b => b.Length);
        program.Cost = [.. Enumerable.Range(0, bars).Select(b => new Times(b, lengths[b])), .. Enumerable.Range(bars, slots.Pieces.Count).Select(m => new Times(m, slots.PerMissing))];
        return program;
    }

    private IEnumerable<Column> Of(BarFilling filling)
        => from bar in slots.Bars
           where filling.Opens(bar)
           from k in Enumerable.Range(0, bar.Stretches.Count)
           where filling.Load(bar.Stretches[k]) > 0
           select new Column(places.First(p => p.Stock == bar.Stock && p.Stretch == k), [.. slots.Pieces.Select((_, p) => filling.Count[p, bar.Stretches[k]])]);

    private IReadOnlyList<long> Values(BarFilling filling)
    {
        foreach (var c in Of(filling)) Add(c);
        var values = new long[slots.Order.Bars.Count + slots.Pieces.Count + columns.Count];
        foreach (var bar in slots.Bars.Where(filling.Opens)) values[bar.Stock]++;
        for (var p = 0; p < slots.Pieces.Count; p++) values[slots.Order.Bars.Count + p] = filling.Missing(p);
        foreach (var c in Of(filling)) values[slots.Order.Bars.Count + slots.Pieces.Count + columns.FindIndex(k => k.At == c.At && k.Counts.SequenceEqual(c.Counts))]++;
        return values;
    }

    /// <summary>Patterns cut into real bars; what they give beyond what is wanted is left in the bar.</summary>
    private BarFilling Filling(IReadOnlyList<long> values)
    {
        var filling = new BarFilling(slots);
        int[] wanted = [.. slots.Order.Pieces.Select(p => p.Count)];
        var next = places.ToDictionary(p => p, p => new Queue<int>(slots.Bars.Where(b => b.Stock == p.Stock).Select(b => b.Stretches[p.Stretch])));
        foreach (var (i, column) in columns.Index())
        {
            for (var n = values[slots.Order.Bars.Count + slots.Pieces.Count + i]; n > 0; n--)
            {
                var stretch = next[column.At].Dequeue();
                for (var p = 0; p < wanted.Length; p++)
                {
                    var some = Math.Min(wanted[p], column.Counts[p]);
                    filling.Count[p, stretch] = some;
                    wanted[p] -= some;
                }
            }
        }

        return filling;
    }

    private static IEnumerable<Place> PlacesOf(BarSlots slots)
    {
        foreach (var bar in slots.Bars.DistinctBy(b => b.Stock))
        {
            foreach (var (k, s) in bar.Stretches.Index())
            {
                var pieces = string.Concat(Enumerable.Range(0, slots.Pieces.Count).Select(p => slots.Fits(p, s) ? '1' : '0'));
                // What takes nothing of what is wanted is no place.
                if (pieces.Contains('1', StringComparison.Ordinal)) yield return new(0, bar.Stock, k, (int)Math.Min(int.MaxValue, slots.Room(s)), pieces);
            }
        }
    }
}
