namespace Metaplant.Core.Cutting;

/// <summary>Pieces that are cut from a rectangle by straight cuts from edge to edge: one piece, or two such blocks with a cut between them.</summary>
/// <param name="Kind">Of a single piece; -1 for two blocks.</param>
/// <param name="Along">Whether the second lies beyond the first along the length, else across it.</param>
internal sealed record Block(Flat Size, int Kind, bool Turned, bool Along, Block? First, Block? Second)
{
    /// <summary>Where its pieces lie from a corner on.</summary>
    public IEnumerable<Laid> Laid(long x, long y, long kerf)
    {
        if (First is null || Second is null) return [new(Kind, x, y, Size, Turned)];
        return [.. First.Laid(x, y, kerf), .. Second.Laid(Along ? x + First.Size.Length + kerf : x, Along ? y : y + First.Size.Width + kerf, kerf)];
    }
}

/// <summary>
/// For every choice of pieces, all the smallest rectangles it can be cut from: any such rectangle is cut in two first, so each is two smaller choices side by side. Complete, and only for few pieces.
/// </summary>
internal sealed class SlicedBlocks
{
    private const int MostChoices = 20_000;
    private const long MostWork = 6_000_000;

    private readonly SheetSlots slots;
    private readonly int[] radix;
    private readonly List<Block>[] smallest;
    private long work = MostWork;

    private SlicedBlocks(SheetSlots slots, int choices)
    {
        this.slots = slots;
        radix = new int[slots.Pieces.Count];
        for (int k = 0, r = 1; k < radix.Length; r *= slots.Order.Pieces[k].Count + 1, k++) radix[k] = r;
        smallest = [.. Enumerable.Range(0, choices).Select(_ => new List<Block>())];
    }

    /// <summary>Null where there are too many choices to go through.</summary>
    public static SlicedBlocks? Of(SheetSlots slots, CancellationToken cancel)
    {
        var choices = 1L;
        foreach (var piece in slots.Order.Pieces)
        {
            choices *= piece.Count + 1;
            if (choices > MostChoices) return null;
        }

        var blocks = new SlicedBlocks(slots, (int)choices);
        return blocks.WorkOut(cancel) ? blocks : null;
    }

    /// <summary>Every way of cutting a sheet that leaves no room for one more of what is wanted.</summary>
    public IEnumerable<SheetPattern> Patterns(int stock)
    {
        for (var choice = 1; choice < smallest.Length; choice++)
        {
            if (From(choice, stock) is not { } block) continue;
            var counts = Counts(choice);
            if (counts.Index().Any(k => k.Item < slots.Order.Pieces[k.Index].Count && From(choice + radix[k.Index], stock) is not null)) continue;
            yield return new(stock, counts, [.. block.Laid(0, 0, slots.Kerf)]);
        }
    }

    private Block? From(int choice, int stock) => smallest[choice].Find(b => slots.Sheets[stock].Holds(b.Size));

    private int[] Counts(int choice) => [.. radix.Select((r, k) => choice / r % (slots.Order.Pieces[k].Count + 1))];

    private bool WorkOut(CancellationToken cancel)
    {
        for (var choice = 1; choice < smallest.Length; choice++)
        {
            if (cancel.IsCancellationRequested) return false;
            var counts = Counts(choice);
            if (counts.Sum() == 1) Single(choice, Array.IndexOf(counts, 1));
            // What cannot be cut from any sheet cannot be with one more piece either.
            else if (counts.Index().All(k => k.Item == 0 || smallest[choice - radix[k.Index]].Count > 0) && !Joined(choice, counts)) return false;
        }

        return true;
    }

    private void Single(int choice, int kind)
    {
        foreach (var (size, turned) in slots.Ways(kind)) Keep(choice, new(size, kind, turned, false, null, null));
    }

    /// <summary>Every part of a choice beside the rest of it, each way; false where that is too much work.</summary>
    private bool Joined(int choice, int[] counts)
    {
        var part = new int[counts.Length];
        for (var first = Next(part, counts); first > 0; first = Next(part, counts))
        {
            var rest = choice - first;
            if (first > rest || rest == 0) continue;
            if ((work -= 1 + smallest[first].Count * smallest[rest].Count) < 0) return false;
            foreach (var a in smallest[first])
            {
                foreach (var b in smallest[rest])
                {
                    Keep(choice, new(new(a.Size.Length + slots.Kerf + b.Size.Length, Math.Max(a.Size.Width, b.Size.Width)), -1, false, true, a, b));
                    Keep(choice, new(new(Math.Max(a.Size.Length, b.Size.Length), a.Size.Width + slots.Kerf + b.Size.Width), -1, false, false, a, b));
                }
            }
        }

        return true;
    }

    /// <summary>The next part of a choice, like a clock; 0 after the last.</summary>
    private int Next(int[] part, int[] counts)
    {
        for (var k = 0; k < part.Length; k++)
        {
            if (part[k] < counts[k])
            {
                part[k]++;
                return part.Select((n, i) => n * radix[i]).Sum();
            }

            part[k] = 0;
        }

        return 0;
    }

    private void Keep(int choice, Block block)
    {
        var kept = smallest[choice];
        if (!slots.Sheets.Any(s => s.Holds(block.Size)) || kept.Exists(k => block.Size.Holds(k.Size))) return;
        kept.RemoveAll(k => k.Size.Holds(block.Size));
        kept.Add(block);
    }
}
