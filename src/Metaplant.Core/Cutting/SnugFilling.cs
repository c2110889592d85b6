using System.Diagnostics;
using Metaplant.Core.Optimising;

namespace Metaplant.Core.Cutting;

/// <summary>
/// Fills bars to the last unit, where hardly two pieces or bars are alike and so many fillings are perfect that some are met by chance: bar after bar takes the largest piece left and what fills it best with it; what is left at the end goes into the shortest few bars that take it exactly.
/// The chance is the same every time.
/// </summary>
internal sealed class SnugFilling
{
    /// <summary>Pieces that are left for the end, where every way of parting them is looked at.</summary>
    private const int Last = 13;

    /// <summary>Where fewer kinds of piece meet fewer kinds of bar, patterns find the best sooner.</summary>
    private const int LeastKinds = 600;

    private const int MostBarsAtLast = 4;
    private const int MostPieces = 200;

    /// <summary>Units of the longest bar whose fillings are listed one by one.</summary>
    private const long LongestRoom = 40_000;

    /// <summary>Tries that take about a second.</summary>
    private const int TriesPerWork = 1_000;

    /// <summary>Choices of the last bars that are tried, the shortest together first.</summary>
    private const int MostEndings = 60;

    private readonly BarSlots slots;
    private readonly Random chance = new(1);

    /// <summary>Kinds, one for each piece.</summary>
    private readonly IReadOnlyList<int> pieces;

    /// <summary>Bars of which nothing is bad, which alone are filled to the last.</summary>
    private readonly IReadOnlyList<int> whole;

    private SnugFilling(BarSlots slots)
    {
        this.slots = slots;
        pieces = [.. Enumerable.Range(0, slots.Pieces.Count).SelectMany(p => Enumerable.Repeat(p, slots.Order.Pieces[p].Count))];
        whole = [.. slots.Bars.Index().Where(b => b.Item.Stretches.Count == 1).Select(b => b.Index)];
    }

    /// <summary>The best of many fillings, or the one there is where none is better; ends at once where it costs no more than the bound.</summary>
    public static BarFilling Best(BarSlots slots, BarFilling first, long bound, Patience patience, CancellationToken cancel)
    {
        var snug = new SnugFilling(slots);
        if (slots.Order.Bars.Count * slots.Order.Pieces.Count < LeastKinds || first.Missing() > 0 || snug.pieces.Count > MostPieces || slots.Stretches.Count == 0 || Enumerable.Range(0, slots.Stretches.Count).Max(slots.Room) > LongestRoom) return first;
        var clock = Stopwatch.StartNew();
        var best = first;
        for (var i = 0; i < patience.Work * TriesPerWork && best.Cost > bound && clock.Elapsed.TotalSeconds < patience.Seconds && !cancel.IsCancellationRequested; i++)
        {
            if (snug.Try(best.Cost) is { } better && better.Cost < best.Cost) best = better;
        }

        return best;
    }

    private BarFilling? Try(long most)
    {
        var filling = new BarFilling(slots);
        // The longest waste least by their ends; a little out of order, so that each try is another.
        List<int> unused = [.. Enumerable.Range(0, slots.Bars.Count).Where(b => slots.Bars[b].Stretches.Count > 0).Select(b => (Bar: b, Key: slots.Bars[b].Length / (double)slots.Bars[b].Stretches.Sum(slots.Room) * (1 + .02 * chance.NextDouble()))).OrderBy(b => b.Key).Select(b => b.Bar)];
        List<int> left = [.. pieces.OrderByDescending(p => slots.Pieces[p])];
        while (left.Count > Last)
        {
            if (unused.Count == 0) return null;
            var bar = unused[0];
            unused.RemoveAt(0);
            foreach (var stretch in slots.Bars[bar].Stretches) Fill(filling, stretch, left);
        }

        return End(filling, unused, left, most) ? filling : null;
    }

    /// <summary>Fills one stretch as full as it can be with the largest piece that goes in, and takes what goes in off what is left.</summary>
    private void Fill(BarFilling filling, int stretch, List<int> left)
    {
        var largest = left.FindIndex(p => slots.Fits(p, stretch));
        if (largest < 0) return;
        Take(filling, stretch, left, largest);
        var room = (int)(slots.Room(stretch) - filling.Load(stretch));
        // By what is filled, the piece that came last to it. None is in it twice: from the fullest down, what a piece is added to was filled by those before it.
        var by = new int[room + 1];
        Array.Fill(by, -1);
        by[0] = int.MaxValue;
        int[] turn = [.. Enumerable.Range(0, left.Count).Where(i => slots.Fits(left[i], stretch))];
        chance.Shuffle(turn);
        foreach (var i in turn)
        {
            var takes = (int)slots.Takes(left[i]);
            for (var filled = room; filled >= takes; filled--)
            {
                if (by[filled] < 0 && by[filled - takes] >= 0) by[filled] = i;
            }
        }

        var full = Array.FindLastIndex(by, b => b >= 0);
        List<int> taken = [];
        for (; full > 0; full -= (int)slots.Takes(left[by[full]])) taken.Add(by[full]);
        foreach (var i in taken.OrderDescending()) Take(filling, stretch, left, i);
    }

    private static void Take(BarFilling filling, int stretch, List<int> left, int at)
    {
        filling.Count[left[at], stretch]++;
        left.RemoveAt(at);
    }

    /// <summary>Lays what is left into as short bars as take it, where that costs less than the most.</summary>
    private bool End(BarFilling filling, List<int> unused, List<int> left, long most)
    {
        if (left.Count == 0) return true;
        var so = filling.Used;
        long[] sums = new long[1 << left.Count];
        for (var set = 1; set < sums.Length; set++) sums[set] = sums[set & (set - 1)] + slots.Takes(left[int.TrailingZeroCount(set)]);
        foreach (var bars in Endings([.. unused.Where(whole.Contains)], sums[^1], most - so).Take(MostEndings))
        {
            var parts = new int[bars.Count];
            if (!Part(bars, left, sums, parts, 0, sums.Length - 1, bars.Sum(b => slots.Room(slots.Bars[b].Stretches[0])) - sums[^1])) continue;
            foreach (var (bar, part) in bars.Zip(parts))
            {
                for (var i = 0; i < left.Count; i++) filling.Count[left[i], slots.Bars[bar].Stretches[0]] += part >> i & 1;
            }

            return true;
        }

        return false;
    }

    /// <summary>Few bars that together have room for so much and are shorter than the most, the shortest together first.</summary>
    private IEnumerable<IReadOnlyList<int>> Endings(IReadOnlyList<int> bars, long need, long most)
    {
        var found = new List<(long Length, IReadOnlyList<int> Bars)>();
        Add([], 0, 0, 0);
        return found.OrderBy(f => f.Length).Select(f => f.Bars);

        void Add(IReadOnlyList<int> chosen, int from, long room, long length)
        {
            if (room >= need)
            {
                found.Add((length, chosen));
                return;
            }

            for (var i = from; i < bars.Count && chosen.Count < MostBarsAtLast; i++)
            {
                var bar = slots.Bars[bars[i]];
                if (length + bar.Length < most) Add([.. chosen, bars[i]], i + 1, room + slots.Room(bar.Stretches[0]), length + bar.Length);
            }
        }
    }

    /// <summary>Parts a set among bars, of which so much may stay empty together.</summary>
    private bool Part(IReadOnlyList<int> bars, List<int> left, long[] sums, int[] parts, int at, int set, long empty)
    {
        var stretch = slots.Bars[bars[at]].Stretches[0];
        var room = slots.Room(stretch);
        if (at == bars.Count - 1)
        {
            parts[at] = set;
            return sums[set] <= room && Suits(set, left, stretch);
        }

        for (var part = set; ; part = (part - 1) & set)
        {
            if (sums[part] <= room && room - sums[part] <= empty && Suits(part, left, stretch))
            {
                parts[at] = part;
                if (Part(bars, left, sums, parts, at + 1, set ^ part, empty - (room - sums[part]))) return true;
            }

            if (part == 0) return false;
        }
    }

    private bool Suits(int set, List<int> left, int stretch)
    {
        for (; set != 0; set &= set - 1)
        {
            if (!slots.Fits(left[int.TrailingZeroCount(set)], stretch)) return false;
        }

        return true;
    }
}
