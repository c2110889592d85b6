namespace Metaplant.Core.Cutting;

/// <summary>What straight cuts from edge to edge leave of a sheet beside its pieces.</summary>
internal static class Offcuts
{
    /// <summary>A rectangle that is not cut up yet, with the pieces in it.</summary>
    private sealed record Part(long X, long Y, Flat Size, IReadOnlyList<Laid> Pieces);

    /// <summary>The rectangles left, found by cutting off again and again what is largest.</summary>
    public static IEnumerable<(long X, long Y, Flat Size)> Of(Flat sheet, IReadOnlyList<Laid> pieces, long kerf) => Cut(new(0, 0, sheet, pieces), kerf);

    private static IEnumerable<(long X, long Y, Flat Size)> Cut(Part part, long kerf)
    {
        if (part.Pieces.Count == 0) return [(part.X, part.Y, part.Size)];
        // Whatever is left whole by a cut is largest first; else any cut that goes through no piece.
        var best = Cuts(part, kerf).OrderByDescending(c => Math.Max(Free(c.First), Free(c.Second))).Select(c => ((Part First, Part Second)?)c).FirstOrDefault();
        return best is { } cut ? [.. Cut(cut.First, kerf), .. Cut(cut.Second, kerf)] : [];
    }

    private static double Free(Part part) => part.Pieces.Count == 0 ? (double)part.Size.Length * part.Size.Width : -1;

    /// <summary>Both ways to cut right behind a piece or right before one, where no piece is in the way and something is parted.</summary>
    private static IEnumerable<(Part First, Part Second)> Cuts(Part part, long kerf)
    {
        foreach (var at in part.Pieces.SelectMany(p => (IEnumerable<long>)[p.X + p.Size.Length, p.X - kerf]).Distinct())
        {
            List<Laid> before = [.. part.Pieces.Where(p => p.X + p.Size.Length <= at)], behind = [.. part.Pieces.Where(p => p.X >= at + kerf)];
            long own = at - part.X, rest = part.Size.Length - own - kerf;
            if (own > 0 && rest > 0 && before.Count + behind.Count == part.Pieces.Count) yield return (part with { Size = part.Size with { Length = own }, Pieces = before }, new(at + kerf, part.Y, part.Size with { Length = rest }, behind));
        }

        foreach (var at in part.Pieces.SelectMany(p => (IEnumerable<long>)[p.Y + p.Size.Width, p.Y - kerf]).Distinct())
        {
            List<Laid> before = [.. part.Pieces.Where(p => p.Y + p.Size.Width <= at)], behind = [.. part.Pieces.Where(p => p.Y >= at + kerf)];
            long own = at - part.Y, rest = part.Size.Width - own - kerf;
            if (own > 0 && rest > 0 && before.Count + behind.Count == part.Pieces.Count) yield return (part with { Size = part.Size with { Width = own }, Pieces = before }, new(part.X, at + kerf, part.Size with { Width = rest }, behind));
        }
    }
}
