namespace Metaplant.Core.Cutting;

/// <summary>First-fit-decreasing: the longest piece first, each into the first bar begun that takes it, else into a new one. At once, and often near the best.</summary>
internal static class FirstFit
{
    /// <summary>The best of it over several orders of bars and of pieces, each with bars begun tried before fresh ones and without.</summary>
    public static BarFilling Best(BarSlots slots)
        => Orders(slots).SelectMany(bars => Pieces(slots).SelectMany(pieces => (IEnumerable<BarFilling>)[Fill(slots, bars, pieces, true), Fill(slots, bars, pieces, false)])).MinBy(f => f.Cost)!;

    /// <summary>Kinds of piece, the longest first, of those as long the first given or the widest; and the widest of all first, which the fewest bars take.</summary>
    private static IEnumerable<IReadOnlyList<int>> Pieces(BarSlots slots)
    {
        List<int> given = [.. Enumerable.Range(0, slots.Pieces.Count)];
        yield return [.. given.OrderByDescending(p => slots.Pieces[p])];
        yield return [.. given.OrderByDescending(p => slots.Pieces[p]).ThenByDescending(p => slots.Order.Pieces[p].LeastWidth)];
        yield return [.. given.OrderByDescending(p => slots.Order.Pieces[p].LeastWidth).ThenByDescending(p => slots.Pieces[p])];
    }

    /// <summary>Bars as given, the shortest first, the longest, the thinnest and of these the longest or the shortest.</summary>

    private static IEnumerable<IReadOnlyList<int>> Orders(BarSlots slots)
    {
        List<int> given = [.. Enumerable.Range(0, slots.Bars.Count)];
        double Section(int bar) => slots.Order.Bars[slots.Bars[bar].Stock] is var b ? b.Width * b.Thickness : 0;
        yield return given;
        yield return [.. given.OrderBy(b => slots.Bars[b].Length)];
        yield return [.. given.OrderByDescending(b => slots.Bars[b].Length)];
        yield return [.. given.OrderBy(Section).ThenByDescending(b => slots.Bars[b].Length)];
        yield return [.. given.OrderBy(Section).ThenBy(b => slots.Bars[b].Length)];
    }

    private static BarFilling Fill(BarSlots slots, IReadOnlyList<int> order, IReadOnlyList<int> pieces, bool begunFirst)
    {
        var filling = new BarFilling(slots);
        var left = Enumerable.Range(0, slots.Stretches.Count).Select(slots.Room).ToArray();
        var begun = new List<int>();
        var fresh = order.ToList();
        foreach (var piece in pieces)
        {
            for (var k = 0; k < slots.Order.Pieces[piece].Count; k++)
            {
                if (begun.Concat(fresh).SelectMany(b => slots.Bars[b].Stretches).Where(s => left[s] >= slots.Takes(piece) && slots.Fits(piece, s)).Select(s => (int?)s).FirstOrDefault() is not { } stretch) break;
                filling.Count[piece, stretch]++;
                left[stretch] -= slots.Takes(piece);
                if (begunFirst && fresh.Remove(slots.Stretches[stretch].Bar)) begun.Add(slots.Stretches[stretch].Bar);
            }
        }

        return filling;
    }
}
