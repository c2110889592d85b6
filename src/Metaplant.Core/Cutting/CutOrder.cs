using Metaplant.Core.Sums;

namespace Metaplant.Core.Cutting;

/// <summary>Bars alike to cut from, m.</summary>
/// <param name="Bad">Stretches along each of them that nothing may go through, as they are: whoever wants a margin adds it.</param>
public sealed record BarStock(string Id, int Count, double Length, double Width, double Thickness, IReadOnlyList<BadPlace> Bad);

/// <summary>Pieces alike to be cut: how many, how long, and how wide and thick at least, m.</summary>
public sealed record PieceOrder(string Id, int Count, double Length, double LeastWidth, double LeastThickness);

/// <summary>What is to be cut from what.</summary>
/// <param name="Kerf">What a saw cut takes, m.</param>
/// <param name="Trim">What is taken off each end of every bar first, m.</param>
public sealed record CutOrder(IReadOnlyList<BarStock> Bars, IReadOnlyList<PieceOrder> Pieces, double Kerf, double Trim)
{
    /// <summary>More bars or pieces than this are not laid out at once.</summary>
    public const int Most = 500;

    private const double Longest = 100;

    /// <summary>What no order can be, each at its field ("pieces[2].length").</summary>
    public IEnumerable<Problem> Problems()
    {
        if (!(Kerf is >= 0 and <= .05)) yield return new("kerf", $"The saw cut is between nothing and {Amount.Length(.05)}.");
        if (!(Trim is >= 0 and <= 1)) yield return new("trim", $"What is taken off the ends is between nothing and {Amount.Length(1)}.");
        foreach (var p in Entries.Counted("bars", [.. Bars.Select(b => b.Count)], Most)) yield return p;
        foreach (var p in Entries.Counted("pieces", [.. Pieces.Select(p => p.Count)], Most)) yield return p;
        foreach (var p in Entries.Named("bars", [.. Bars.Select(b => b.Id)])) yield return p;
        foreach (var p in Entries.Named("pieces", [.. Pieces.Select(b => b.Id)])) yield return p;
        foreach (var (i, b) in Bars.Index())
        {
            foreach (var (field, value) in (IEnumerable<(string, double)>)[("length", b.Length), ("width", b.Width), ("thickness", b.Thickness)])
            {
                if (!(value > 0 && value <= Longest)) yield return new($"bars[{i}].{field}", Between);
            }

            if (b.Bad.Any(f => !(f.From >= 0 && f.To >= f.From && f.To <= b.Length))) yield return new($"bars[{i}].bad", "A bad place is on the bar, from its nearer end to its farther.");
        }

        foreach (var (i, p) in Pieces.Index())
        {
            if (!(p.Length > 0 && p.Length <= Longest)) yield return new($"pieces[{i}].length", Between);
            if (!(p.LeastWidth is >= 0 and <= Longest)) yield return new($"pieces[{i}].leastWidth", Between);
            if (!(p.LeastThickness is >= 0 and <= Longest)) yield return new($"pieces[{i}].leastThickness", Between);
        }
    }

    /// <summary>Stretches of a bar that pieces may come from. Whatever is bad is as wide as the saw at least, since it is sawn out.</summary>
    public IReadOnlyList<BadPlace> Sound(BarStock bar) => CutPlan.Sound(bar.Length, bar.Bad, Trim, 0, Kerf);

    public static bool Suits(BarStock bar, PieceOrder piece) => bar.Width >= piece.LeastWidth - 1e-9 && bar.Thickness >= piece.LeastThickness - 1e-9;

    private static Sentence Between => $"More than nothing and no more than {Amount.Length(Longest)}.";
}

/// <summary>One bar that is cut into, its pieces in order and what is left of it worth keeping; from and to in m along it.</summary>
/// <param name="Piece">Which of the bars alike, from 1.</param>
public sealed record BarLayout(string Id, int Piece, IReadOnlyList<Cut> Cuts, IReadOnlyList<BadPlace> Offcuts);

/// <summary>Where every piece is cut.</summary>
/// <param name="Missing">By piece, how many no bar gives.</param>
/// <param name="Used">Length of all bars cut into, m.</param>
/// <param name="Bound">With as few missing, no plan uses less than this, m.</param>
/// <param name="Proven">True where none misses fewer, nor uses less with as few missing.</param>
public sealed record CutAnswer(IReadOnlyList<BarLayout> Bars, IReadOnlyDictionary<string, int> Missing, double Used, double Bound, bool Proven);
