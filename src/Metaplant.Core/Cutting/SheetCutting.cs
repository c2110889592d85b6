using Metaplant.Core.Optimising;

namespace Metaplant.Core.Cutting;

/// <summary>
/// Lays rectangles out over sheets by straight cuts from edge to edge: fewest missing first, then least area of sheets cut into. Quick plans at once; then an optimizer chooses among whole ways of cutting a sheet, which where pieces are few are all there are, so that the best is known to be it.
/// </summary>
public static class SheetCutting
{
    private const int MostPatterns = 20_000;

    /// <summary>The part of the time for what the areas alone prove.</summary>
    private const double ForBound = .1;

    /// <summary>A rectangle left of a sheet is worth keeping if it is so long and so wide, m.</summary>
    private const double LongEnough = CutPlan.WorthKeeping;

    private const double WideEnough = .1;

    /// <summary>The best plan that is found in the time there is.</summary>
    /// <param name="optimizer">Null where none is to hand; then what is told is the best of the quick plans.</param>
    /// <param name="patience">To look at most.</param>
    /// <exception cref="ArgumentException">The order has problems.</exception>
    public static SheetAnswer Answer(SheetOrder order, IOptimizer? optimizer, Patience patience, CancellationToken cancel = default)
    {
        if (order.Problems().FirstOrDefault() is { } problem) throw new ArgumentException($"{problem.Field}: {problem.Sentence.ToString()}", nameof(order));
        var slots = new SheetSlots(order);
        List<SheetFilling> quick = [.. SheetFit.All(slots, cancel)];
        var best = quick.MinBy(f => f.Cost)!;
        var (bound, proven) = Bound(best);
        if (proven || optimizer is null) return Told(best, bound, proven);
        var all = SlicedBlocks.Of(slots, cancel) is { } blocks ? Enumerable.Range(0, slots.Sheets.Count).SelectMany(blocks.Patterns).Take(MostPatterns + 1).ToList() : null;
        var complete = all is { Count: <= MostPatterns };
        List<SheetPattern> patterns = [.. best.Sheets, .. complete ? all! : quick.SelectMany(f => f.Sheets)];
        if (Chosen(slots, [.. patterns.DistinctBy(Name).Take(MostPatterns)], best, optimizer, patience.Part(1 - ForBound), cancel) is { } chosen)
        {
            if (chosen.Filling.Cost < best.Cost) best = chosen.Filling;
            if (complete && chosen.Proven) return Told(best, best.Used, true);
        }

        (bound, proven) = Bound(best);
        if (!proven && Areal(best, optimizer, patience.Part(ForBound), cancel) is { } least) bound = Math.Max(bound, least);
        return Told(best, Math.Min(bound, best.Used), proven || (best.Missing() == Unavoidable(slots) && bound >= best.Used));
    }

    private static int Unavoidable(SheetSlots slots) => Enumerable.Range(0, slots.Pieces.Count).Sum(slots.Unavoidable);

    private static string Name(SheetPattern pattern) => $"{pattern.Stock}:{string.Join(',', pattern.Counts)}";

    /// <summary>What a plan uses at least, mm², as if sheets could be cut into in part.</summary>
    private static (long Bound, bool Proven) Bound(SheetFilling filling)
    {
        var (need, rooms) = filling.Slots.Areal(filling.Missing());
        double left = need, least = 0;
        foreach (var (stock, room) in rooms.Index().Where(r => r.Item > 0).OrderBy(r => (double)filling.Slots.Areas[r.Index] / r.Item))
        {
            var some = Math.Clamp(left / room, 0, filling.Slots.Order.Sheets[stock].Count);
            least += some * filling.Slots.Areas[stock];
            left -= some * room;
        }

        var bound = (long)Math.Ceiling(least - 1e-3);
        return (Math.Min(bound, filling.Used), filling.Missing() == Unavoidable(filling.Slots) && bound >= filling.Used);
    }

    /// <summary>The same, of whole sheets.</summary>
    private static long? Areal(SheetFilling filling, IOptimizer optimizer, Patience patience, CancellationToken cancel)
    {
        var (need, rooms) = filling.Slots.Areal(filling.Missing());
        var program = new IntegerProgram();
        foreach (var sheet in filling.Slots.Order.Sheets) program.Unknown(0, sheet.Count);
        program.AtLeast([.. rooms.Select((r, s) => new Times(s, r))], need);
        program.Cost = [.. filling.Slots.Areas.Select((a, s) => new Times(s, a))];
        return optimizer.Least(program, [], patience, cancel)?.Bound;
    }

    /// <summary>The best choice among ways of cutting a sheet; what they give beyond what is wanted is left in the sheet.</summary>
    private static (SheetFilling Filling, bool Proven)? Chosen(SheetSlots slots, IReadOnlyList<SheetPattern> patterns, SheetFilling start, IOptimizer optimizer, Patience patience, CancellationToken cancel)
    {
        var program = new IntegerProgram();
        foreach (var piece in slots.Order.Pieces) program.Unknown(0, piece.Count);
        foreach (var pattern in patterns) program.Unknown(0, slots.Order.Sheets[pattern.Stock].Count);
        var first = slots.Pieces.Count;
        for (var k = 0; k < first; k++)
        {
            var kind = k;
            program.AtLeast([new(kind, 1), .. patterns.Index().Where(p => p.Item.Counts[kind] > 0).Select(p => new Times(first + p.Index, p.Item.Counts[kind]))], slots.Order.Pieces[kind].Count);
        }

        foreach (var (stock, sheet) in slots.Order.Sheets.Index()) program.AtMost([.. patterns.Index().Where(p => p.Item.Stock == stock).Select(p => new Times(first + p.Index, 1))], sheet.Count);
        program.Cost = [.. Enumerable.Range(0, first).Select(k => new Times(k, slots.PerMissing)), .. patterns.Select((p, i) => new Times(first + i, slots.Areas[p.Stock]))];
        var at = patterns.Index().ToDictionary(p => Name(p.Item), p => p.Index, StringComparer.Ordinal);
        var values = new long[program.Unknowns.Count];
        for (var k = 0; k < first; k++) values[k] = start.Missing(k);
        // A plan of patterns that are not among these is no start.
        foreach (var sheet in start.Sheets.Where(s => at.ContainsKey(Name(s)))) values[first + at[Name(sheet)]]++;
        if (optimizer.Least(program, values, patience, cancel) is not { } found) return null;
        return (new(slots, [.. Wanted(slots, patterns.Index().SelectMany(p => Enumerable.Repeat(p.Item, (int)found.Values[first + p.Index])))]), found.Proven);
    }

    private static IEnumerable<SheetPattern> Wanted(SheetSlots slots, IEnumerable<SheetPattern> sheets)
    {
        int[] wanted = [.. slots.Order.Pieces.Select(p => p.Count)];
        foreach (var sheet in sheets)
        {
            List<Laid> kept = [.. sheet.Pieces.Where(p => wanted[p.Kind]-- > 0)];
            if (kept.Count > 0) yield return sheet with { Counts = [.. wanted.Select((_, k) => kept.Count(p => p.Kind == k))], Pieces = kept };
        }
    }

    private static SheetAnswer Told(SheetFilling filling, long bound, bool proven)
    {
        var slots = filling.Slots;
        var layouts = filling.Sheets.GroupBy(s => s.Stock).OrderBy(s => s.Key).SelectMany(alike => alike.Select((s, i) => Layout(slots, s, i + 1))).ToList();
        var missing = slots.Order.Pieces.Index().Select(p => (p.Item.Id, Count: filling.Missing(p.Index))).Where(m => m.Count > 0).ToDictionary(m => m.Id, m => m.Count, StringComparer.Ordinal);
        var used = filling.Sheets.Sum(s => slots.Order.Sheets[s.Stock] is var sheet ? sheet.Length * sheet.Width : 0);
        return new(layouts, missing, used, proven ? used : Math.Min(used, bound / 1e6), proven);
    }

    private static SheetLayout Layout(SheetSlots slots, SheetPattern pattern, int number)
    {
        var sheet = slots.Order.Sheets[pattern.Stock];
        var offcuts = Offcuts.Of(slots.Sheets[pattern.Stock], pattern.Pieces, slots.Kerf).Select(o => new SheetPlace(Metres(o.X), Metres(o.Y), Metres(o.Size.Length), Metres(o.Size.Width)));
        return new(
            sheet.Id,
            number,
            [.. pattern.Pieces.OrderBy(p => p.Y).ThenBy(p => p.X).Select(p => new PlacedPiece(slots.Order.Pieces[p.Kind].Id, new(Metres(p.X), Metres(p.Y), Metres(p.Size.Length), Metres(p.Size.Width)), p.Turned))],
            [.. offcuts.Where(o => Math.Max(o.Length, o.Width) >= LongEnough && Math.Min(o.Length, o.Width) >= WideEnough).OrderByDescending(o => o.Length * o.Width)]);
    }

    private static double Metres(long units) => units / Whole.PerMetre;
}
