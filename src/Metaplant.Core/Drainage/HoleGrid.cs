using Metaplant.Core.Geometry;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Drainage;

/// <summary>A round place that holes must stay out of: a foot, a rib, a seam, an axle. In m.</summary>
public sealed record KeepClear(Point Centre, double Radius);

/// <summary>Where the holes go in the foot of a vessel, as points in m from its centre.</summary>
public sealed record HoleGrid(IReadOnlyList<Point> Positions)
{
    public const int Least = 3;

    /// <summary>The least web between a hole and the wall or a packer, m.</summary>
    public const double EdgeWeb = .005;

    internal const string Title = "Holes in the foot";

    public int Count => Positions.Count;

    /// <summary>How much farther than the spacing a place at a curved edge may be, where columns end in a slanting wall.</summary>
    private const double AtACurvedEdge = 1.1;

    /// <summary>From row to row, along a packer, at least, m; infinite where nobody laid them in rows.</summary>
    public double RowsApart { get; init; } = double.PositiveInfinity;

    /// <summary>False where a bay between packers had no room for as many columns as the spacing wants.</summary>
    public bool Roomy { get; init; } = true;

    /// <summary>True where no place of the floor is farther from a hole than the spacing, by a tenth at most at a curved edge: known beforehand where there was room, else looked for.</summary>
    public bool Reaches(Outline foot, double spacing) => Roomy || Farthest(foot) <= spacing * (foot is RectangleOutline { CornerRadius: 0 } ? 1 + 1e-9 : AtACurvedEdge);

    /// <summary>Holes that are there already and drain as well, such as an outlet of its own.</summary>
    public IReadOnlyList<Point> There { get; init; } = [];

    /// <summary>
    /// The same beside an opening that is there already: without the holes that would meet it, and without those round about that are no longer wanted, as long as no place of the floor is farther from what is left than before allowed.
    /// </summary>
    /// <param name="across">Of the opening, m.</param>
    public HoleGrid Beside(Point there, double across, Outline foot, double spacing, double holeDiameter)
    {
        var grid = this with { There = [there], Roomy = false, Positions = [.. Positions.Where(p => p.DistanceTo(there) >= (across + holeDiameter) / 2 + 2 * holeDiameter)] };
        foreach (var near in grid.Positions.Where(p => p.DistanceTo(there) <= spacing).OrderBy(p => p.DistanceTo(there)))
        {
            var without = grid with { Positions = [.. grid.Positions.Where(p => p != near)] };
            if (without.Count + without.There.Count >= Least && without.Reaches(foot, spacing)) grid = without;
        }

        return grid;
    }

    /// <summary>The least distance in m between the middles of two holes; infinite with one.</summary>
    public double LeastPitch
    {
        get
        {
            var least = double.PositiveInfinity;
            for (var i = 0; i < Count; i++)
            {
                var (x, y) = (Positions[i].X, Positions[i].Y);
                for (var j = i + 1; j < Count; j++) least = Math.Min(least, (Positions[j].X - x) * (Positions[j].X - x) + (Positions[j].Y - y) * (Positions[j].Y - y));
            }

            return Math.Sqrt(least);
        }
    }

    /// <summary>
    /// The farthest in m that water on the floor has to go to a hole, found at the points of a fine net over the floor and along its edge; infinite without holes.
    /// </summary>
    public double Farthest(Outline foot)
    {
        const int Net = 24;
        var farthest = 0.0;
        for (var i = 0; i <= Net; i++)
        {
            var x = ((double)i / Net - .5) * foot.Length;
            var half = Math.Max(0, foot.Turned().HalfChordAt(x));
            for (var j = 0; j <= Net; j++) farthest = Math.Max(farthest, Nearest(new(x, ((double)j / Net * 2 - 1) * half)));
        }

        return farthest;

        double Nearest(Point p)
        {
            var least = double.PositiveInfinity;
            foreach (var hole in Positions) least = Math.Min(least, hole.DistanceTo(p));
            foreach (var hole in There) least = Math.Min(least, hole.DistanceTo(p));
            return least;
        }
    }

    /// <summary>
    /// Holes between packers that are laid first: in each bay columns as far apart as still keeps the way across a packer within <paramref name="spacing"/>, in each column rows from end to end, no closer than four fifths of the spacing. No hole lies
    /// outside the floor, under a packer, or nearer to wall or packer than <paramref name="web"/>; holes are never closer than three diameters. Without packers it is one bay.
    /// No place of the floor is farther from a hole than the spacing, by a tenth at most at a curved edge, where the spacing is at least the packer's width and the greater of that and three diameters, and every bay has room for as many columns as that takes, see <see cref="Roomy"/>; where it is less, packers are in the way of water.
    /// </summary>
    /// <param name="packers">Where the packers lie across the length, their middles in m from the middle of the floor, in order.</param>
    /// <param name="packerWidth">m.</param>
    public static HoleGrid Between(Outline foot, double spacing, double holeDiameter, IReadOnlyList<double> packers, double packerWidth, double web)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(spacing);
        var inset = (foot.InsetBy(holeDiameter / 2 + web) ?? foot.ScaledBy(1e-3)).Turned();
        var clear = holeDiameter / 2 + web;
        var roomy = true;
        for (var pitch = Math.Max(.8 * spacing, 3 * holeDiameter); ; pitch /= 2)
        {
            var holes = Bays(foot.Length / 2, packers, packerWidth).SelectMany(b => Columns(b.From, b.To)).SelectMany(x => Rows(x, pitch)).ToList();
            if (holes.Count >= Least || pitch / 2 < 3 * holeDiameter) return new(holes) { RowsApart = pitch, Roomy = roomy };
        }

        IEnumerable<double> Columns(double from, double to)
        {
            var width = to - from;
            if (width < 2 * clear)
            {
                roomy = false;
                return [];
            }

            // Across a packer the way is one column pitch and the packer.
            double apart = packers.Count == 0 ? spacing : Math.Max(spacing - packerWidth, packerWidth), least = 3 * holeDiameter;
            // Wide holes stand nearer to the packers, so that as many columns as are wanted find room; not nearer than three diameters to those across.
            var edge = Math.Max(clear, (least - packerWidth) / 2);
            int wanted = (int)Math.Ceiling(width / apart - 1e-9), count = Math.Max(1, Math.Min(wanted, (int)((width - 2 * edge) / least + 1e-9) + 1));
            roomy &= count >= wanted;
            var step = Math.Max(width / count, least);
            var first = (from + to) / 2 - (count - 1) * step / 2;
            return Enumerable.Range(0, count).Select(i => Math.Clamp(first + i * step, from + clear, to - clear));
        }

        IEnumerable<Point> Rows(double x, double pitch)
        {
            var half = inset.HalfChordAt(x);
            if (half < 0) return [];
            // From end to end of the chord, as many as stand no closer than the pitch; one alone in the middle.
            var count = (int)(2 * half / pitch + 1e-9) + 1;
            return Enumerable.Range(0, count).Select(j => new Point(x, count == 1 ? 0 : (2.0 * j / (count - 1) - 1) * half));
        }
    }

    /// <summary>The middles of packers across a floor, in m from its middle: evenly, half as far from the ends as from each other.</summary>
    public static IReadOnlyList<double> PackersUnder(double length, int count) => [.. Enumerable.Range(0, count).Select(i => ((i + .5) / count - .5) * length)];

    /// <summary>How many holes there are beside packers, as a worked sum.</summary>
    public Sum Worked(Outline foot, double spacing, double holeDiameter, int packers, double packerWidth) => Sum.Of(
        Title, (packers > 0 ? "columns between the packers × rows along them" : "columns × rows from end to end") + (There.Count > 0 ? ", less those that its own outlet stands for" : ""),
        [.. Terms(foot, spacing), new("d", "hole", holeDiameter, Unit.Metre), .. packers > 0 ? (Term[])[new("n", "packers", packers, Unit.Count), new("b", "width of a packer", packerWidth, Unit.Metre)] : []],
        Count, Unit.Count, packers > 0 ? "Packers are laid first; no hole is over one" : "One bay: nothing is laid under it", "Not closer than three diameters") with
    {
        // Beside an outlet of its own it is another question than the shelf asks.
        Question = There.Count > 0 ? null : Asked(foot, spacing, holeDiameter, packers, packerWidth),
    };

    internal static IReadOnlyList<Term> Terms(Outline foot, double spacing)
        => [new("L", "length or diameter", foot.Length, Unit.Metre), new("W", "width", foot.Width, Unit.Metre), new("s", "no farther apart than", spacing, Unit.Metre)];

    /// <summary>The shelf asks about packers under round and square-cornered floors; without packers it lays a square lattice, which is another question.</summary>
    private static Question? Asked(Outline foot, double spacing, double holeDiameter, int packers, double packerWidth)
    {
        if (packers == 0) return null;
        (string, double)[] all = [("spacing", spacing), ("holeDiameter", holeDiameter), ("packers", packers), ("packerWidth", packerWidth)];
        return foot switch
        {
            CircleOutline circle => new("hole-grid", [("base.diameter", circle.Diameter), .. all]),
            RectangleOutline { CornerRadius: 0 } => new("hole-grid", [("base.length", foot.Length), ("base.width", foot.Width), .. all]),
            _ => null,
        };
    }

    private static IEnumerable<(double From, double To)> Bays(double half, IReadOnlyList<double> packers, double packerWidth)
    {
        var from = -half;
        foreach (var packer in packers)
        {
            yield return (from, packer - packerWidth / 2);
            from = packer + packerWidth / 2;
        }

        yield return (from, half);
    }

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
            RectangleOutline { CornerRadius: 0 } => InRectangle(foot, spacing),
            // Cells of the box round it whose middles lie outside the floor have no hole.
            _ => [.. InRectangle(foot, spacing).Where(foot.Contains)],
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
