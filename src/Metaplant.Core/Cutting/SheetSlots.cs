namespace Metaplant.Core.Cutting;

/// <summary>A rectangle in whole units.</summary>
internal readonly record struct Flat(long Length, long Width)
{
    public bool Holds(Flat other) => other.Length <= Length && other.Width <= Width;
}

/// <summary>A piece on a sheet in whole units: its kind, the corner nearest to the sheet's, and how it lies.</summary>
internal sealed record Laid(int Kind, long X, long Y, Flat Size, bool Turned);

/// <summary>A way of cutting one sheet: how many of each kind, and where they lie.</summary>
internal sealed record SheetPattern(int Stock, int[] Counts, IReadOnlyList<Laid> Pieces);

/// <summary>An order in thousandths of a millimetre, so that nothing is too large by a rounding: pieces rounded up and sheets down.</summary>
internal sealed class SheetSlots
{
    private const double Slack = 1e-3;

    public SheetSlots(SheetOrder order)
    {
        Order = order;
        Kerf = (long)Math.Round(order.Kerf * Whole.PerMetre);
        Sheets = [.. order.Sheets.Select(s => new Flat(Whole.AtMost(s.Length), Whole.AtMost(s.Width)))];
        Pieces = [.. order.Pieces.Select(p => new Flat(Whole.AtLeast(p.Length), Whole.AtLeast(p.Width)))];
        Areas = [.. order.Sheets.Select(s => (long)Math.Round(s.Length * s.Width * 1e6))];
        PerMissing = order.Sheets.Zip(Areas, (s, a) => s.Count * a).Sum() + 1;
    }

    public SheetOrder Order { get; }

    public long Kerf { get; }

    /// <summary>By stock.</summary>
    public IReadOnlyList<Flat> Sheets { get; }

    /// <summary>By kind, as it lies along the grain.</summary>
    public IReadOnlyList<Flat> Pieces { get; }

    /// <summary>By stock, mm².</summary>
    public IReadOnlyList<long> Areas { get; }

    /// <summary>What a missing piece weighs beside the area used: more than all sheets together.</summary>
    public long PerMissing { get; }

    /// <summary>The ways a kind of piece may lie.</summary>
    public IEnumerable<(Flat Size, bool Turned)> Ways(int kind)
    {
        yield return (Pieces[kind], false);
        if (Order.Pieces[kind].MayTurn && Pieces[kind].Length != Pieces[kind].Width) yield return (new(Pieces[kind].Width, Pieces[kind].Length), true);
    }

    public bool Fits(int kind, int stock) => Ways(kind).Any(w => Sheets[stock].Holds(w.Size));

    /// <summary>Pieces that no sheet is large enough for, by kind.</summary>
    public int Unavoidable(int kind) => Enumerable.Range(0, Sheets.Count).Any(s => Fits(kind, s)) ? 0 : Order.Pieces[kind].Count;

    /// <summary>
    /// With so many missing, what no plan uses less than, mm²: sheets whose areas together have room for what is left when the largest are missing. Each piece takes the saw cut on two of its sides, and each sheet has room for one beyond its edges.
    /// </summary>
    public (long Need, IReadOnlyList<long> Rooms) Areal(int missing)
    {
        var kerf = Order.Kerf;
        List<double> takes = [.. Order.Pieces.Index().Where(p => Unavoidable(p.Index) == 0).SelectMany(p => Enumerable.Repeat((p.Item.Length + kerf) * (p.Item.Width + kerf), p.Item.Count)).Order()];
        var spared = missing - Enumerable.Range(0, Pieces.Count).Sum(Unavoidable);
        var need = (long)Math.Floor(takes.SkipLast(Math.Max(0, spared)).Sum() * 1e6 - Slack);
        return (need, [.. Order.Sheets.Select((s, i) => Enumerable.Range(0, Pieces.Count).Any(k => Fits(k, i)) ? (long)Math.Ceiling((s.Length + kerf) * (s.Width + kerf) * 1e6 + Slack) : 0)]);
    }
}

/// <summary>Sheets that are cut into, each in its way.</summary>
internal sealed record SheetFilling(SheetSlots Slots, IReadOnlyList<SheetPattern> Sheets)
{
    public int Missing(int kind) => Slots.Order.Pieces[kind].Count - Sheets.Sum(s => s.Counts[kind]);

    public int Missing() => Enumerable.Range(0, Slots.Pieces.Count).Sum(Missing);

    /// <summary>mm².</summary>
    public long Used => Sheets.Sum(s => Slots.Areas[s.Stock]);

    /// <summary>Fewest missing before least used, as one number.</summary>
    public long Cost => Slots.PerMissing * Missing() + Used;
}
