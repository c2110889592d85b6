using Metaplant.Core.Sums;

namespace Metaplant.Core.Cutting;

/// <summary>Sheets, pieces of cloth or lengths of roll alike to cut from, m.</summary>
/// <param name="Length">Along the grain, the corrugation or the roll.</param>
public sealed record SheetStock(string Id, int Count, double Length, double Width);

/// <summary>Rectangles alike to be cut, m.</summary>
/// <param name="Length">Along the grain of the sheet, unless it is turned.</param>
/// <param name="MayTurn">Whether it may lie across the grain.</param>
public sealed record SheetPieceOrder(string Id, int Count, double Length, double Width, bool MayTurn);

/// <summary>What is to be cut from what, all by straight cuts from edge to edge.</summary>
/// <param name="Kerf">What a cut takes, m; nothing for shears and knife.</param>
public sealed record SheetOrder(IReadOnlyList<SheetStock> Sheets, IReadOnlyList<SheetPieceOrder> Pieces, double Kerf)
{
    /// <summary>More sheets or pieces than this are not laid out at once.</summary>
    public const int Most = 200;

    private const double Longest = 100;

    /// <summary>What no order can be, each at its field ("pieces[2].width").</summary>
    public IEnumerable<Problem> Problems()
    {
        if (!(Kerf is >= 0 and <= .05)) yield return new("kerf", $"The cut is between nothing and {Amount.Length(.05)}.");
        foreach (var p in Entries.Counted("sheets", [.. Sheets.Select(s => s.Count)], Most)) yield return p;
        foreach (var p in Entries.Counted("pieces", [.. Pieces.Select(p => p.Count)], Most)) yield return p;
        foreach (var p in Entries.Named("sheets", [.. Sheets.Select(s => s.Id)])) yield return p;
        foreach (var p in Entries.Named("pieces", [.. Pieces.Select(p => p.Id)])) yield return p;
        foreach (var p in Sides("sheets", [.. Sheets.Select(s => (s.Length, s.Width))])) yield return p;
        foreach (var p in Sides("pieces", [.. Pieces.Select(p => (p.Length, p.Width))])) yield return p;
    }

    private static IEnumerable<Problem> Sides(string list, IReadOnlyList<(double Length, double Width)> sides)
    {
        foreach (var (i, (length, width)) in sides.Index())
        {
            if (!(length > 0 && length <= Longest)) yield return new($"{list}[{i}].length", Between);
            if (!(width > 0 && width <= Longest)) yield return new($"{list}[{i}].width", Between);
        }
    }

    private static Sentence Between => $"More than nothing and no more than {Amount.Length(Longest)}.";
}

/// <summary>A rectangle on a sheet, m: the corner nearest to the sheet's own, and its sides along and across it.</summary>
public sealed record SheetPlace(double X, double Y, double Length, double Width);

/// <summary>A piece as it lies on its sheet.</summary>
public sealed record PlacedPiece(string Id, SheetPlace At, bool Turned);

/// <summary>One sheet that is cut into.</summary>
/// <param name="Piece">Which of the sheets alike, from 1.</param>
/// <param name="Offcuts">Rectangles left of it that are worth keeping.</param>
public sealed record SheetLayout(string Id, int Piece, IReadOnlyList<PlacedPiece> Placed, IReadOnlyList<SheetPlace> Offcuts);

/// <summary>Where every piece is cut.</summary>
/// <param name="Missing">By piece, how many no sheet gives.</param>
/// <param name="Used">Area of all sheets cut into, m².</param>
/// <param name="Bound">With as few missing, no plan uses less than this, m².</param>
/// <param name="Proven">True where none misses fewer, nor uses less with as few missing.</param>
public sealed record SheetAnswer(IReadOnlyList<SheetLayout> Sheets, IReadOnlyDictionary<string, int> Missing, double Used, double Bound, bool Proven);
