using System.Diagnostics;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Cutting;

/// <summary>
/// Lays pieces out over bars: fewest missing first, then least length of bars cut into, and of plans as good the one whose offcuts are worth most. First-fit-decreasing at once; an optimizer goes on from that, and says how far from the best it can be.
/// </summary>
public static class BarCutting
{
    /// <summary>Of the time given, the tie between plans as good takes no more than this: it changes nothing that is told of the plan.</summary>
    private static readonly Patience ForTies = Patience.OfWork(.1);

    /// <summary>Of the time given, the part for patterns; the rest is for looking piece by piece where they were given up.</summary>
    private const double ByPatterns = .8;

    /// <summary>Of the time given, the part for filling to the last unit.</summary>
    private const double BySnugness = .3;

    /// <summary>More kinds of piece times stretches than this are laid out first-fit-decreasing and no further.</summary>
    private const int Largest = 40_000;

    /// <summary>The best plan that is found in the time there is.</summary>
    /// <param name="optimizer">Null where none is to hand; then what is told is first-fit-decreasing.</param>
    /// <param name="patience">To look at most.</param>
    /// <exception cref="ArgumentException">The order has problems.</exception>
    public static CutAnswer Answer(CutOrder order, IOptimizer? optimizer, Patience patience, CancellationToken cancel = default)
    {
        if (order.Problems().FirstOrDefault() is { } problem) throw new ArgumentException($"{problem.Field}: {problem.Sentence.ToString()}", nameof(order));
        if (order.Pieces.Count == 0) return new([], new Dictionary<string, int>(), 0, 0, true);
        var slots = new BarSlots(order);
        var filling = FirstFit.Best(slots);
        if (slots.Pieces.Count * slots.Stretches.Count > Largest) return Told(slots, filling, 0, false);
        var question = new BarQuestion(slots);
        var clock = Stopwatch.StartNew();
        var bound = question.Trivial(filling);
        if (filling.Used > bound && optimizer is not null) filling = SnugFilling.Best(slots, filling, bound, patience.Part(BySnugness), cancel);
        var proven = filling.Missing() == question.Unavoidable && filling.Used <= bound;
        if (!proven && optimizer is not null) (filling, bound, proven) = Better(slots, question, filling, bound, optimizer, patience.Part(1, clock.Elapsed.TotalSeconds), cancel);
        // Of plans as good the one whose offcuts are worth most.
        if (optimizer is not null && question.Tied(filling) is { } tie && optimizer.Least(tie, question.Values(filling), ForTies, cancel) is { } kept) filling = question.Filling(kept.Values);
        return Told(slots, filling, bound, proven);
    }

    /// <summary>By patterns where that is to any purpose, and then piece by piece in the time that is left.</summary>
    private static (BarFilling Filling, long Bound, bool Proven) Better(BarSlots slots, BarQuestion question, BarFilling filling, long bound, IOptimizer optimizer, Patience patience, CancellationToken cancel)
    {
        var clock = Stopwatch.StartNew();
        if (new PatternCutting(slots, optimizer) is { Suits: true } patterns && patterns.Improve(filling, patience with { Seconds = patience.Seconds * ByPatterns }, cancel) is { } cut)
        {
            filling = cut.Filling;
            bound = Math.Max(bound, question.LeastUsed(cut.Bound, filling.Missing()));
            if (cut.Proven) return (filling, bound, true);
        }

        if (optimizer.Least(question.Program, question.Values(filling), patience.Part(1, clock.Elapsed.TotalSeconds), cancel) is not { } found) return (filling, bound, false);
        var better = question.Filling(found.Values);
        if (better.Cost <= filling.Cost) filling = better;
        return (filling, Math.Max(bound, question.LeastUsed(found.Bound, filling.Missing())), found.Proven);
    }

    private static CutAnswer Told(BarSlots slots, BarFilling filling, long bound, bool proven)
    {
        var missing = slots.Order.Pieces.Index().Select(p => (p.Item.Id, Count: filling.Missing(p.Index))).Where(m => m.Count > 0).ToDictionary(m => m.Id, m => m.Count, StringComparer.Ordinal);
        return new(filling.Layout(), missing, slots.Metres(filling.Used), slots.Metres(proven ? filling.Used : Math.Min(bound, filling.Used)), proven);
    }
}

/// <summary>An order as a question in whole numbers: how many of each kind of piece come from each stretch, which bars are cut into, and how many pieces are missing.</summary>
internal sealed class BarQuestion
{
    /// <summary>Units wanted times bars that are gone through for whole bars.</summary>
    private const long MostCovered = 20_000_000;

    private readonly BarSlots slots;
    private readonly int[,] from;
    private readonly int[] opened;
    private readonly int[] missing;

    public BarQuestion(BarSlots slots)
    {
        this.slots = slots;
        opened = [.. slots.Bars.Select(_ => Program.Unknown(0, 1))];
        missing = [.. slots.Order.Pieces.Select(p => Program.Unknown(0, p.Count))];
        from = new int[slots.Pieces.Count, slots.Stretches.Count];
        for (var p = 0; p < slots.Pieces.Count; p++)
        {
            for (var s = 0; s < slots.Stretches.Count; s++) from[p, s] = slots.Fits(p, s) ? Program.Unknown(0, Math.Min(slots.Order.Pieces[p].Count, slots.Room(s) / slots.Takes(p))) : -1;
            Program.Require([.. Stretches.Where(s => from[p, s] >= 0).Select(s => new Times(from[p, s], 1)), new(missing[p], 1)], slots.Order.Pieces[p].Count, slots.Order.Pieces[p].Count);
        }

        foreach (var s in Stretches) Program.AtMost([.. Load(s), new(opened[slots.Stretches[s].Bar], -slots.Room(s))], 0);
        // Together the bars cut into have room for all that is cut, which follows from the rest and proves the most.
        Program.AtLeast([.. Stretches.Select(s => new Times(opened[slots.Stretches[s].Bar], slots.Room(s))), .. missing.Select((m, p) => new Times(m, slots.Takes(p)))], slots.Order.Pieces.Index().Sum(p => p.Item.Count * slots.Takes(p.Index)));
        // Of bars alike the one with more in it comes first, so that no plan is looked at in every order.
        foreach (var (a, b) in slots.Bars.Index().Skip(1).Where(b => slots.Bars[b.Index - 1].Stock == b.Item.Stock).Select(b => (b.Index - 1, b.Index)))
            Program.AtMost([.. slots.Bars[b].Stretches.SelectMany(Load), .. slots.Bars[a].Stretches.SelectMany(Load).Select(t => t with { Factor = -t.Factor })], 0);
        Program.Cost = [.. missing.Select(m => new Times(m, slots.PerMissing)), .. opened.Select((o, b) => new Times(o, slots.Bars[b].Length))];
    }

    public IntegerProgram Program { get; } = new();

    /// <summary>Pieces that no stretch is long, wide and thick enough for.</summary>
    public int Unavoidable => slots.Order.Pieces.Index().Where(p => Stretches.All(s => from[p.Index, s] < 0)).Sum(p => p.Item.Count);

    private IEnumerable<int> Stretches => Enumerable.Range(0, slots.Stretches.Count);

    private IEnumerable<int> Pieces => Enumerable.Range(0, slots.Pieces.Count);

    /// <summary>What no plan with as many pieces uses less than: the shortest bars whose sound stretches together have room for them; where they are too many to go through, taken as if bars could be cut into in part.</summary>
    public long Trivial(BarFilling filling)
    {
        var wanted = Pieces.Sum(p => (slots.Order.Pieces[p].Count - filling.Missing(p)) * slots.Takes(p));
        if (filling.Missing() > 0 || wanted == 0) return 0;
        List<(long Length, long Room)> bars = [.. slots.Bars.Select(b => (b.Length, Room: b.Stretches.Sum(slots.Room))).Where(b => b.Room > 0).OrderBy(b => (double)b.Length / b.Room)];
        if (wanted * bars.Count <= MostCovered) return Covered(bars, (int)wanted);
        double least = 0;
        foreach (var (length, room) in bars)
        {
            if (wanted <= 0) break;
            least += length * Math.Min(1, (double)wanted / room);
            wanted -= room;
        }

        return (long)Math.Ceiling(least - 1e-6);
    }

    /// <summary>The least length of whole bars that together have room for so much.</summary>
    private static long Covered(List<(long Length, long Room)> bars, int wanted)
    {
        // By the room still wanted, the least length that gives it.
        var least = new long[wanted + 1];
        Array.Fill(least, IntegerProgram.Unlimited, 1, wanted);
        foreach (var (length, room) in bars)
        {
            for (var want = wanted; want > 0; want--) least[want] = Math.Min(least[want], length + least[Math.Max(0, want - room)]);
        }

        return least[wanted];
    }

    /// <summary>Of a bound on the cost, what it says of the length used where so many are missing.</summary>
    public long LeastUsed(long bound, int missing) => Math.Max(0, bound - slots.PerMissing * missing);

    public IReadOnlyList<long> Values(BarFilling filling)
    {
        var values = new long[Program.Unknowns.Count];
        // Bars alike are told the fullest first, as it is asked.
        foreach (var alike in slots.Bars.Index().GroupBy(b => b.Item.Stock))
        {
            var full = alike.OrderByDescending(b => b.Item.Stretches.Sum(filling.Load)).ToList();
            foreach (var (to, own) in alike.Zip(full))
            {
                values[opened[to.Index]] = filling.Opens(own.Item) ? 1 : 0;
                foreach (var (t, o) in to.Item.Stretches.Zip(own.Item.Stretches))
                {
                    foreach (var p in Pieces.Where(p => from[p, t] >= 0)) values[from[p, t]] = filling.Count[p, o];
                }
            }
        }

        foreach (var p in Pieces) values[missing[p]] = filling.Missing(p);
        return values;
    }

    public BarFilling Filling(IReadOnlyList<long> values)
    {
        var filling = new BarFilling(slots);
        foreach (var p in Pieces)
        {
            foreach (var s in Stretches.Where(s => from[p, s] >= 0)) filling.Count[p, s] = (int)values[from[p, s]];
        }

        return filling;
    }

    /// <summary>The same question among plans as good as one, asked for the offcuts that are worth most; null where there is nothing to choose.</summary>
    public IntegerProgram? Tied(BarFilling filling)
    {
        if (filling.Used == 0) return null;
        var tie = Program.Copy();
        var keep = slots.Units(CutPlan.WorthKeeping);
        tie.Require([.. missing.Select(m => new Times(m, 1))], filling.Missing(), filling.Missing());
        tie.Require([.. opened.Select((o, b) => new Times(o, slots.Bars[b].Length))], filling.Used, filling.Used);
        var worth = new List<Times>();
        foreach (var s in Stretches.Where(s => slots.Stretches[s].Length >= keep))
        {
            var bar = slots.Order.Bars[slots.Bars[slots.Stretches[s].Bar].Stock];
            int kept = tie.Unknown(0, 1), length = tie.Unknown(0, slots.Stretches[s].Length);
            Times whole = new(opened[slots.Stretches[s].Bar], -slots.Stretches[s].Length);
            tie.AtMost([new(length, 1), new(kept, -slots.Stretches[s].Length)], 0);
            tie.AtMost([new(length, 1), .. Load(s), whole], 0);
            tie.AtMost([new(kept, keep), .. Load(s), whole], 0);
            worth.Add(new(length, -Math.Max(1, (long)Math.Round(bar.Width * bar.Thickness * 1e5))));
        }

        tie.Cost = worth;
        return worth.Count == 0 ? null : tie;
    }

    /// <summary>What is cut from a stretch, each piece with the saw cut after it.</summary>
    private IEnumerable<Times> Load(int stretch) => Pieces.Where(p => from[p, stretch] >= 0).Select(p => new Times(from[p, stretch], slots.Takes(p)));
}
