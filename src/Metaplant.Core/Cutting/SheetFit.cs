namespace Metaplant.Core.Cutting;

/// <summary>Each piece into the corner of the rectangle left that it fits best, which is then cut in two beside it. At once, and better the more orders are tried.</summary>
internal static class SheetFit
{
    /// <summary>Placings that are tried at most, over all orders.</summary>
    private const int Work = 200_000;

    private const int MostShuffles = 300;

    /// <summary>A rectangle left of a sheet.</summary>
    private sealed record Left(int Sheet, long X, long Y, Flat Size);

    /// <summary>How a rectangle is chosen and how what is left of it is cut.</summary>
    private sealed record Habit(Func<Flat, Flat, long> Loss, Func<Flat, Flat, bool> CutAlong);

    private static readonly IReadOnlyList<Habit> Habits =
    [
        .. from loss in (Func<Flat, Flat, long>[])[(room, piece) => room.Length / 1000 * (room.Width / 1000) - piece.Length / 1000 * (piece.Width / 1000), (room, piece) => Math.Min(room.Length - piece.Length, room.Width - piece.Width), (room, piece) => Math.Max(room.Length - piece.Length, room.Width - piece.Width)]
           from cut in (Func<Flat, Flat, bool>[])[(room, piece) => room.Length - piece.Length < room.Width - piece.Width, (room, piece) => room.Length - piece.Length >= room.Width - piece.Width, (_, _) => true, (_, _) => false]
           select new Habit(loss, cut),
    ];

    /// <summary>One plan for every order of pieces and sheets and every habit, some orders by a chance that is the same every time.</summary>
    public static IEnumerable<SheetFilling> All(SheetSlots slots, CancellationToken cancel)
    {
        List<int> given = [.. Enumerable.Range(0, slots.Pieces.Count)];
        Func<int, double>[] measures = [p => (double)slots.Pieces[p].Length * slots.Pieces[p].Width, p => Math.Max(slots.Pieces[p].Length, slots.Pieces[p].Width), p => slots.Pieces[p].Width, p => slots.Pieces[p].Length, p => Math.Min(slots.Pieces[p].Length, slots.Pieces[p].Width)];
        IReadOnlyList<IReadOnlyList<int>> sheets = [[.. SheetsBy(slots, s => s)], [.. SheetsBy(slots, s => slots.Areas[s])], [.. SheetsBy(slots, s => -slots.Areas[s])]];
        foreach (var measure in measures)
        {
            foreach (var order in sheets)
            {
                foreach (var habit in Habits) yield return Fill(slots, order, [.. Each(slots, [.. given.OrderByDescending(measure)])], habit);
            }
        }

        var chance = new Random(1);
        var pieces = slots.Order.Pieces.Sum(p => p.Count);
        for (var i = 0; i < Math.Min(MostShuffles, Work / Math.Max(1, pieces * pieces)) && !cancel.IsCancellationRequested; i++)
        {
            // Nearly by size: what is large still comes early.
            double[] pull = [.. given.Select(p => measures[i % measures.Length](p) * (.5 + chance.NextDouble()))];
            yield return Fill(slots, sheets[i % 3], [.. Each(slots, [.. given.OrderByDescending(p => pull[p])])], Habits[chance.Next(Habits.Count)]);
        }
    }

    private static IEnumerable<int> SheetsBy(SheetSlots slots, Func<int, long> measure) => Enumerable.Range(0, slots.Sheets.Count).OrderBy(measure).SelectMany(s => Enumerable.Repeat(s, slots.Order.Sheets[s].Count));

    private static IEnumerable<int> Each(SheetSlots slots, IReadOnlyList<int> kinds) => kinds.SelectMany(p => Enumerable.Repeat(p, slots.Order.Pieces[p].Count));

    private static SheetFilling Fill(SheetSlots slots, IReadOnlyList<int> sheets, IReadOnlyList<int> pieces, Habit habit)
    {
        var laid = sheets.Select(_ => new List<Laid>()).ToList();
        var left = new List<Left>();
        var opened = 0;
        foreach (var kind in pieces)
        {
            if (Place(left, kind)) continue;
            // Sheets too small for it stay closed for the next.
            for (var s = opened; s < sheets.Count; s++)
            {
                if (laid[s].Count > 0 || left.Exists(l => l.Sheet == s) || !slots.Fits(kind, sheets[s])) continue;
                var fresh = new List<Left> { new(s, 0, 0, slots.Sheets[sheets[s]]) };
                Place(fresh, kind);
                left.AddRange(fresh);
                break;
            }

            while (opened < sheets.Count && laid[opened].Count > 0) opened++;
        }

        return new(slots, [.. sheets.Index().Where(s => laid[s.Index].Count > 0).Select(s => new SheetPattern(s.Item, [.. slots.Pieces.Select((_, k) => laid[s.Index].Count(l => l.Kind == k))], laid[s.Index]))]);

        bool Place(List<Left> among, int kind)
        {
            if (among.SelectMany(_ => slots.Ways(kind), (l, w) => (Left: l, Way: w)).Where(c => c.Left.Size.Holds(c.Way.Size)).Select(c => ((Left Left, (Flat Size, bool Turned) Way)?)c).MinBy(c => habit.Loss(c!.Value.Left.Size, c.Value.Way.Size)) is not { } best) return false;
            among.Remove(best.Left);
            laid[best.Left.Sheet].Add(new(kind, best.Left.X, best.Left.Y, best.Way.Size, best.Way.Turned));
            among.AddRange(Rest(best.Left, best.Way.Size, habit.CutAlong(best.Left.Size, best.Way.Size), slots.Kerf));
            return true;
        }
    }

    /// <summary>What a rectangle leaves beside a piece in its corner: the first cut goes along its whole length, or across its whole width.</summary>
    private static IEnumerable<Left> Rest(Left room, Flat piece, bool along, long kerf)
    {
        long beyond = room.Size.Length - piece.Length - kerf, beside = room.Size.Width - piece.Width - kerf;
        if (beyond > 0) yield return new(room.Sheet, room.X + piece.Length + kerf, room.Y, new(beyond, along ? piece.Width : room.Size.Width));
        if (beside > 0) yield return new(room.Sheet, room.X, room.Y + piece.Width + kerf, new(along ? room.Size.Length : piece.Length, beside));
    }
}
