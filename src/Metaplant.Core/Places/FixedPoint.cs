using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>Something on the plan that stays where it is, to hook a tape on.</summary>
public sealed record FixedPoint(Sentence Name, Point At)
{
    /// <summary>A longer tape sags and stretches, m.</summary>
    private const double LongTape = 30;

    /// <summary>The tape is laid over what is no higher than this, m.</summary>
    private const double Over = .3;

    /// <summary>A tape that only touches what stands at its end passes it, m.</summary>
    private const double AtItsEnd = .12;

    /// <summary>All there are: the ends of the base line, corners of buildings, ends and bends of walls and fences, hinges, taps.</summary>
    public static IReadOnlyList<FixedPoint> Of(GardenPlan plan) =>
    [
        new("A, the first end of the base line", default), new("B, its other end", new(plan.Site.BaseLine, 0)),
        .. plan.Features.SelectMany(f => f switch
        {
            House or Screen { Kind: not ScreenKind.Hedge } => f.Points.Select((p, i) => new FixedPoint($"point {i + 1} of {f.Name}", p)),
            Tap or Door => [new(f.Name, f.Points[0])],
            _ => Enumerable.Empty<FixedPoint>(),
        }),
    ];

    /// <summary>
    /// The two from which points are found most surely: tapes that are free to run, short, and cross as square as may be. Where none sees all of them it is the base line, and <c>Sees</c> is false.
    /// </summary>
    public static (FixedPoint First, FixedPoint Second, bool Sees) Best(GardenPlan plan, IReadOnlyList<Point> points)
    {
        var all = Of(plan);
        var free = all.Where(f => points.All(p => f.At.DistanceTo(p) <= LongTape && IsFree(plan, f.At, p))).ToList();
        var pairs = from i in Enumerable.Range(0, free.Count)
                    from j in Enumerable.Range(i + 1, free.Count - i - 1)
                    let worst = points.Max(p => Worth(free[i].At, free[j].At, p))
                    where double.IsFinite(worst)
                    orderby worst
                    select free[i].At.X <= free[j].At.X ? (free[i], free[j], true) : (free[j], free[i], true);
        return pairs.FirstOrDefault((all[0], all[1], false));
    }

    /// <summary>How far off a point comes to stand for each m that one tape is wrong: √2 over the sine of the angle between the two; without end where they lie in one line.</summary>
    public static double Astray(Point a, Point b, Point p)
    {
        double ax = p.X - a.X, ay = p.Y - a.Y, bx = p.X - b.X, by = p.Y - b.Y, cross = Math.Abs(ax * by - ay * bx);
        return cross > 0 ? Math.Sqrt(2) * double.Hypot(ax, ay) * double.Hypot(bx, by) / cross : double.PositiveInfinity;
    }

    /// <summary>The less the better: how far astray, and a little for the length of the tapes.</summary>
    private static double Worth(Point a, Point b, Point p) => Astray(a, b, p) * (1 + (a.DistanceTo(p) + b.DistanceTo(p)) / LongTape);

    /// <summary>Whether a tape can be drawn straight from one point to another past all that stands.</summary>
    internal static bool IsFree(GardenPlan plan, Point from, Point to)
    {
        if (from.DistanceTo(to) < Over) return true;
        var tape = Figures.Line([from, to]);
        return plan.Features.All(f => f switch
        {
            House h => Figures.Area(h.Points).Intersection(tape).Length < AtItsEnd,
            Screen { Height: > Over } s => Figures.Line(s.Points).Intersection(tape).Coordinates.All(c => Near(c.X, c.Y, from) || Near(c.X, c.Y, to)),
            _ => true,
        });
    }

    private static bool Near(double x, double y, Point p) => p.DistanceTo(new(x, y)) < AtItsEnd;
}
