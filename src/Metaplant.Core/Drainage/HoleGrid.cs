using Metaplant.Core.Geometry;

namespace Metaplant.Core.Drainage;

/// <summary>A round place that holes must stay out of: a foot, a rib, a seam, an axle. In m.</summary>
public sealed record KeepClear(Point Centre, double Radius);

/// <summary>Where the holes go in the foot of a vessel, as points in m from its centre.</summary>
public sealed record HoleGrid(IReadOnlyList<Point> Positions)
{
    public const int Least = 3;

    public int Count => Positions.Count;

    /// <summary>
    /// Holes on a square grid no wider than <paramref name="spacing"/>, at least three. A rectangle is cut into equal cells, ceil(L/s) × ceil(W/s), a hole in
    /// each. In a circle the holes are the centres, within the foot, of a lattice centred on a hole or on the corner of a cell, whichever has fewer while no point of the foot is
    /// farther than s from a hole. A hole that meets a kept-clear place moves to the nearest free point of the foot, and is left out when there is none.
    /// </summary>
    public static HoleGrid Work(Outline foot, double spacing, double holeDiameter = 0, params IReadOnlyList<KeepClear> keepClear)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(spacing);
        var positions = foot switch
        {
            CircleOutline circle => InCircle(circle, spacing),
            _ => InRectangle(foot, spacing),
        };
        return new([.. positions.Select(p => Clear(p, foot, holeDiameter / 2, keepClear)).OfType<Point>()]);
    }

    private static List<Point> InRectangle(Outline foot, double spacing)
    {
        var across = (int)Math.Ceiling(foot.Length / spacing - 1e-9);
        var up = (int)Math.Ceiling(foot.Width / spacing - 1e-9);
        (across, up) = (Math.Max(1, across), Math.Max(1, up));
        if (across * up < Least) (across, up) = foot.Length >= foot.Width ? (Least, 1) : (1, Least);
        return
        [
            .. from j in Enumerable.Range(0, up)
               from i in Enumerable.Range(0, across)
               select new Point((i + .5) * foot.Length / across - foot.Length / 2, (j + .5) * foot.Width / up - foot.Width / 2),
        ];
    }

    private static List<Point> InCircle(CircleOutline circle, double spacing)
    {
        var both = new[] { Centred(circle, spacing, 0), Centred(circle, spacing, .5) };
        var covering = both.Where(g => Covers(circle, g, spacing)).OrderBy(g => g.Count).FirstOrDefault();
        var grid = covering ?? both.MaxBy(g => g.Count)!;
        return grid.Count >= Least ? grid : Ring(circle.Diameter / 4, Least);
    }

    private static List<Point> Centred(CircleOutline circle, double spacing, double shift)
    {
        var reach = (int)Math.Ceiling(circle.Diameter / 2 / spacing) + 1;
        return
        [
            .. from j in Enumerable.Range(-reach, 2 * reach + 1)
               from i in Enumerable.Range(-reach, 2 * reach + 1)
               let p = new Point((i + shift) * spacing, (j + shift) * spacing)
               where p.DistanceTo(default) <= circle.Diameter / 2 + 1e-12
               select p,
        ];
    }

    /// <summary>The farthest points from the holes lie on the rim of the foot, since inside it every point has a lattice point within s/√2 or beyond the rim.</summary>
    private static bool Covers(CircleOutline circle, List<Point> holes, double spacing)
    {
        if (holes.Count == 0) return false;
        const int Around = 360;
        for (var ring = 1; ring <= 4; ring++)
        {
            for (var i = 0; i < Around; i++)
            {
                var a = 2 * Math.PI * i / Around;
                var r = circle.Diameter / 2 * ring / 4;
                var p = new Point(r * Math.Cos(a), r * Math.Sin(a));
                if (!holes.Exists(h => h.DistanceTo(p) <= spacing + 1e-9)) return false;
            }
        }

        return true;
    }

    private static List<Point> Ring(double radius, int count)
        => [.. Enumerable.Range(0, count).Select(i => new Point(radius * Math.Sin(2 * Math.PI * i / count), radius * Math.Cos(2 * Math.PI * i / count)))];

    /// <summary>The place itself when it is free, else the nearest free one found on circles about the places it meets; null when there is none.</summary>
    private static Point? Clear(Point hole, Outline foot, double radius, IReadOnlyList<KeepClear> keepClear)
    {
        if (Free(hole)) return hole;
        Point? best = null;
        foreach (var place in keepClear)
        {
            for (var i = 0; i < 72; i++)
            {
                var a = 2 * Math.PI * i / 72;
                var reach = (place.Radius + radius) * (1 + 1e-9);
                var p = new Point(place.Centre.X + reach * Math.Cos(a), place.Centre.Y + reach * Math.Sin(a));
                if (foot.Contains(p) && Free(p) && (best is null || p.DistanceTo(hole) < best.Value.DistanceTo(hole))) best = p;
            }
        }

        return best;

        bool Free(Point p) => keepClear.All(k => p.DistanceTo(k.Centre) >= k.Radius + radius - 1e-9);
    }
}
