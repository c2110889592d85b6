using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>A pair of pegs beside an edge: so far along it, and so far off it to each. Lengths in m.</summary>
/// <param name="Corner">True where the edge turns: both are measured along the line that halves the corner, where an even width takes more.</param>
public sealed record EdgePeg(double Along, double Near, double Far, bool Corner);

/// <summary>Pegs that follow a wall, path or hedge with a gap and a width that stay even.</summary>
/// <param name="Left">True where they stand to the left of the way from its first point to its last.</param>
public sealed record EdgeFollowed(string Name, double Gap, bool Left, IReadOnlyList<EdgePeg> Pegs)
{
    private const double Every = .5;

    /// <summary>An edge farther than this is no help, m.</summary>
    private const double Near = 2;

    /// <summary>Turns that are less are no corner, degrees.</summary>
    private const double Straight = 1;

    /// <summary>The edges near a planter, the nearest first, each followed as far as the planter lies beside it and half as much again to both sides.</summary>
    public static IReadOnlyList<EdgeFollowed> Of(GardenPlan plan, StandingPlanter planter)
        => [.. plan.Features.Where(f => f is Path or Screen or Steps && f.Points.Count > 1).Select(f => (Feature: f, Away: Figures.Line(f.Points).Distance(Figures.Area(planter.Corners)) - Half(f))).Where(f => f.Away is >= 0 and <= Near).OrderBy(f => f.Away).Select(f => Beside(f.Feature, f.Away, planter)).Where(e => e.Pegs.Count > 1).Take(3)];

    private static double Half(Feature feature) => feature switch { Screen s => s.Thickness, Path p => p.Width, Steps s => s.Width, _ => 0 } / 2;

    private static EdgeFollowed Beside(Feature edge, double gap, StandingPlanter planter)
    {
        var line = new NetTopologySuite.LinearReferencing.LengthIndexedLine(Figures.Line(edge.Points));
        var feet = planter.Corners.Select(c => line.Project(new(c.X, c.Y))).ToList();
        double over = (feet.Max() - feet.Min()) / 2, from = Math.Max(0, feet.Min() - over), to = Math.Min(line.EndIndex, feet.Max() + over);
        return Follow(edge.Name, edge.Points, gap + Half(edge), planter.Size.Width, Side(edge.Points, planter.At), from, to) with { Gap = gap };
    }

    /// <summary>Pairs along a line between two lengths of it: at even steps, and where it turns. At a corner of half angle β both lie 1 ÷ sin β as far off.</summary>
    public static EdgeFollowed Follow(string name, IReadOnlyList<Point> line, double near, double width, bool left, double from, double to)
    {
        var pegs = new List<EdgePeg>();
        var at = 0.0;
        for (var i = 0; i + 1 < line.Count; i++)
        {
            var length = line[i].DistanceTo(line[i + 1]);
            if (i > 0 && Turn(line, i) is var turn && Math.Abs(turn) > Straight * Math.PI / 180 && at >= from && at <= to)
            {
                var more = 1 / Math.Cos(turn / 2);
                pegs.Add(new(at, near * more, (near + width) * more, true));
            }

            pegs.AddRange(Between(Math.Max(at, from), Math.Min(at + length, to)).Where(a => Math.Min(a - at, at + length - a) > Clear(line, i, a - at < at + length - a, near + width, left)).Select(a => new EdgePeg(a, near, near + width, false)));
            at += length;
        }

        return new(name, near, left, [.. pegs.OrderBy(p => p.Along)]);
    }

    /// <summary>Even steps of half a metre or a little more, both ends among them.</summary>
    private static IEnumerable<double> Between(double from, double to)
    {
        if (to <= from) return [];
        var parts = Math.Max(1, (int)Math.Floor((to - from) / Every));
        return Enumerable.Range(0, parts + 1).Select(i => from + (to - from) * i / parts);
    }

    /// <summary>How far from an end of a side its square offsets come before those of the next: nothing at a free end, and inside a corner as much as it takes.</summary>
    private static double Clear(IReadOnlyList<Point> line, int side, bool atStart, double far, bool left)
    {
        var corner = atStart ? side : side + 1;
        if (corner == 0 || corner == line.Count - 1) return -1;
        var turn = Turn(line, corner);
        if (Math.Abs(turn) <= Straight * Math.PI / 180) return 0;
        return turn > 0 == left ? far * Math.Tan(Math.Abs(turn) / 2) + .05 : .05;
    }

    /// <summary>How far the line turns at a point, radians to the left.</summary>
    private static double Turn(IReadOnlyList<Point> line, int i)
    {
        double ax = line[i].X - line[i - 1].X, ay = line[i].Y - line[i - 1].Y, bx = line[i + 1].X - line[i].X, by = line[i + 1].Y - line[i].Y;
        return Math.Atan2(ax * by - ay * bx, ax * bx + ay * by);
    }

    /// <summary>True where a point lies to the left of the part of a line that is nearest to it.</summary>
    private static bool Side(IReadOnlyList<Point> line, Point at)
    {
        var (a, b) = Figures.Sides(line, false).MinBy(s => Figures.Line([s.A, s.B]).Distance(Figures.Dot(at)));
        return (b.X - a.X) * (at.Y - a.Y) - (b.Y - a.Y) * (at.X - a.X) > 0;
    }
}
