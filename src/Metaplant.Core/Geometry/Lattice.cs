namespace Metaplant.Core.Geometry;

/// <summary>How the centres stand: in squares, or each row shifted by half a step.</summary>
public enum LatticePattern
{
    Square,
    Offset,
}

/// <summary>Centres laid out inside an outline.</summary>
public sealed record Layout(LatticePattern Pattern, IReadOnlyList<Point> Positions)
{
    public int Count => Positions.Count;
}

/// <summary>
/// Lays equal centres out inside an outline by the best square or offset lattice. The count is never below the best
/// square lattice along the axes and never above Oler's bound.
/// </summary>
public static class Lattice
{
    private const double Slack = 1e-9;
    private const int Steps = 24;
    private const int RowsTried = 32;

    /// <summary>
    /// The fullest lattice of centres at least <paramref name="spacing"/> apart in a row and <paramref name="rowSpacing"/> between rows (both m, above 0),
    /// all inside or on <paramref name="outline"/>. Both directions of the rows are tried. Offset rows close up to
    /// spacing·√3/2 only when the two spacings are equal.
    /// </summary>
    public static Layout Fill(Outline outline, double spacing, double rowSpacing)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(spacing);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(rowSpacing);
        var best = Rows(outline, spacing, rowSpacing, LatticePattern.Square);
        // A circle turned is the same circle.
        var turns = outline is not CircleOutline;
        if (turns) Keep(Turn(Rows(outline.Turned(), spacing, rowSpacing, LatticePattern.Square)));
        var shifted = Math.Abs(spacing - rowSpacing) < Slack ? spacing * Math.Sqrt(3) / 2 : rowSpacing;
        Keep(Rows(outline, spacing, shifted, LatticePattern.Offset));
        if (turns) Keep(Turn(Rows(outline.Turned(), spacing, shifted, LatticePattern.Offset)));
        return best;

        void Keep(Layout other) => best = other.Count > best.Count ? other : best;
    }

    /// <summary>
    /// Oler's bound on the number of points at least <paramref name="spacing"/> apart in a convex outline: 2A/(√3 s²) + P/(2s) + 1.
    /// Source: N. Oler, An inequality in the geometry of numbers, Acta Mathematica 105 (1961).
    /// </summary>
    public static double OlerBound(Outline outline, double spacing)
        => 2 * outline.Area / (Math.Sqrt(3) * spacing * spacing) + outline.Perimeter / (2 * spacing) + 1;

    private static Layout Turn(Layout layout) => layout with { Positions = [.. layout.Positions.Select(p => new Point(p.Y, p.X))] };

    /// <summary>The best of many shifts of one lattice whose rows run along x.</summary>
    private static Layout Rows(Outline outline, double spacing, double rowSpacing, LatticePattern pattern)
    {
        var half = outline.Width / 2;
        List<Point> best = [];
        foreach (var start in Starts(half, rowSpacing, outline is RectangleOutline { CornerRadius: 0 }))
        {
            var ys = new List<double>();
            for (var y = start; y <= half + Slack; y += rowSpacing) ys.Add(y);
            if (ys.Count == 0) continue;
            double[] chords = [.. ys.Select(outline.HalfChordAt)];
            foreach (var parity in pattern == LatticePattern.Offset ? (ReadOnlySpan<int>)[0, 1] : [0])
            {
                var (count, shift) = BestShift(outline, chords, spacing, pattern, parity);
                if (count > best.Count) best = Place(outline, ys, spacing, pattern, parity, shift);
            }
        }

        return new Layout(pattern, best);
    }

    /// <summary>Heights of the first row to try: hard against the edge, centred, and steps between.</summary>
    private static IEnumerable<double> Starts(double half, double rowSpacing, bool square)
    {
        // In a rectangle every row is alike, so only the number of rows counts, and the centred start has the most.
        var rows = Math.Floor(2 * half / rowSpacing + Slack);
        yield return -rows * rowSpacing / 2;
        if (square) yield break;
        if (rows > 0) yield return -(rows - 1) * rowSpacing / 2;
        for (var i = 0; i < Steps; i++)
        {
            var y = -half + rowSpacing * i / Steps;
            if (y <= half + Slack) yield return y;
        }
    }

    /// <summary>
    /// The sideways shift with the most centres. The count changes only where a centre meets the end of a row, so only those shifts are tried.
    /// </summary>
    private static (int Count, double Shift) BestShift(Outline outline, double[] chords, double spacing, LatticePattern pattern, int parity)
    {
        (int Count, double Shift) best = (0, 0);
        // In a rectangle all rows but the shifted ones are alike; elsewhere so many rows give all the shifts that matter.
        var rectangle = outline is RectangleOutline { CornerRadius: 0 };
        var end = rectangle ? Math.Min(2, chords.Length) : chords.Length;
        var step = Math.Max(1, chords.Length / RowsTried);
        for (var row = 0; row < end; row += rectangle ? 1 : step)
        {
            var a = chords[row];
            if (a < 0) continue;
            Try(-a - RowShift(row));
            if (!rectangle) Try(a - RowShift(row));
            // Centred rows look best when they hold as many.
            var n = Math.Floor(2 * a / spacing + Slack);
            Try(-n * spacing / 2 - RowShift(row));
        }

        return best;

        double RowShift(int row) => pattern == LatticePattern.Offset && (row + parity) % 2 == 1 ? spacing / 2 : 0;

        void Try(double shift)
        {
            var count = 0;
            for (var row = 0; row < chords.Length; row++)
            {
                var a = chords[row];
                if (a < 0) continue;
                var own = shift + RowShift(row);
                var first = Math.Ceiling((-a - own) / spacing - Slack);
                var last = Math.Floor((a - own) / spacing + Slack);
                count += Math.Max(0, (int)(last - first) + 1);
            }

            // Later candidates of equal count win only when they are centred, and those come last for each row.
            if (count >= best.Count) best = (count, shift);
        }
    }

    private static List<Point> Place(Outline outline, List<double> ys, double spacing, LatticePattern pattern, int parity, double shift)
    {
        var points = new List<Point>();
        for (var row = 0; row < ys.Count; row++)
        {
            var a = outline.HalfChordAt(ys[row]);
            if (a < 0) continue;
            var own = shift + (pattern == LatticePattern.Offset && (row + parity) % 2 == 1 ? spacing / 2 : 0);
            var first = Math.Ceiling((-a - own) / spacing - Slack);
            var last = Math.Floor((a - own) / spacing + Slack);
            for (var k = first; k <= last; k++) points.Add(new(own + k * spacing, ys[row]));
        }

        return points;
    }
}
