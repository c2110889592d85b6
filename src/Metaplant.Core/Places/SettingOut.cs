using Metaplant.Core.Geometry;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>A peg to drive, and how two tapes find it. Lengths in m.</summary>
/// <param name="Name">What is written on it.</param>
/// <param name="Right">True where it lies to the right of the way from the first fixed point to the second.</param>
/// <param name="Lower">How much lower the ground lies there than at the highest peg.</param>
/// <param name="Astray">How far off it comes to stand for each m that one of the tapes is wrong: 1.4 where they cross square, more the flatter they do.</param>
public sealed record Peg(string Name, Point At, double FromFirst, double FromSecond, bool Right, double Lower, double Astray);

/// <summary>A post or stake of the planter, from peg 1: so far along towards peg 2, and so far in from there. Lengths in m.</summary>
public sealed record StakeAt(double Along, double In);

/// <summary>Three, four and five of one measure: two strings stand square where their marks are <paramref name="Across"/> apart. Lengths in m.</summary>
public sealed record Triangle(double Short, double Long, double Across)
{
    /// <summary>The largest that lies along both sides, in steps of 50 mm; null where a corner is too small for one.</summary>
    public static Triangle? Within(double length, double width)
    {
        const double Step = .05, Least = .1;
        var third = Math.Floor(Math.Min(Math.Max(length, width) / 4, Math.Min(length, width) / 3) / Step + 1e-9) * Step;
        return third >= Least ? new(3 * third, 4 * third, 5 * third) : null;
    }
}

/// <summary>How to bring a planter from the plan onto the ground with two tapes, pegs and a string. Lengths in m.</summary>
/// <param name="Diagonal">From peg 1 to peg 3, and from peg 2 to peg 4.</param>
/// <param name="Square">The triangle that squares its corners; null where it is too small for one.</param>
/// <param name="Remarks">What is to be known before the first peg is driven.</param>
public sealed record SettingOut(FixedPoint First, FixedPoint Second, IReadOnlyList<Peg> Pegs, double Length, double Width, double Diagonal, Triangle? Square, IReadOnlyList<StakeAt> Stakes, IReadOnlyList<Sentence> Remarks)
{
    /// <summary>A pipe nearer than this is marked before anything is driven, m.</summary>
    private const double NearPipe = 1;

    /// <summary>A wall nearer than this is measured from first, m.</summary>
    private const double NearWall = 1.5;

    /// <summary>Tapes that cross flatter than this are worth a word.</summary>
    private const double Flat = 3;

    private const double Tell = .005;

    /// <summary>Sets out a planter where it stands. <paramref name="stakes"/> are where its posts stand, about its middle and along its own length.</summary>
    public static SettingOut Of(GardenPlan plan, StandingPlanter planter, IReadOnlyList<Point> stakes)
    {
        var corners = planter.Corners;
        var (first, second, sees) = FixedPoint.Best(plan, corners);
        var (slope, down) = plan.Find(planter.SpotId) is { FallsTo: { } to } spot ? (spot.Slope, plan.Site.Toward(to)) : (0, default);
        var drops = corners.Select(c => (c.X * down.X + c.Y * down.Y) * slope).ToList();
        List<Peg> pegs = [.. corners.Select((c, i) => new Peg($"{i + 1}", c, c.DistanceTo(first.At), c.DistanceTo(second.At), RightOf(first.At, second.At, c), drops[i] - drops.Min(), FixedPoint.Astray(first.At, second.At, c)))];
        double l = planter.Size.Length, w = planter.Size.Width;
        List<StakeAt> posts = [.. stakes.Select(s => new StakeAt(s.X + l / 2, s.Y + w / 2)).OrderBy(s => Math.Round(s.In, 2)).ThenBy(s => s.Along)];
        return new(first, second, pegs, l, w, double.Hypot(l, w), Triangle.Within(l, w), posts, [.. Words(plan, planter, pegs, posts.Count, sees)]);
    }

    /// <summary>Where the posts and stakes of a planter go into the ground, about the middle of its outline and along its own length. What leans, or is wider than a post, is none.</summary>
    public static IReadOnlyList<Point> Posts(Scene scene)
    {
        const double Deep = .08, Thick = .2;
        var middle = scene.Extent.Middle;
        return [.. scene.Solids.Where(s => Parts.IsMade(s.Part)).Select(s => s.Extent).Where(e => e.Least.Z < -Deep && e.Size.X < Thick && e.Size.Y < Thick).Select(e => new Point(e.Middle.X - middle.X, e.Middle.Y - middle.Y))];
    }

    private static bool RightOf(Point a, Point b, Point p) => (b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X) < 0;

    private static IEnumerable<Sentence> Words(GardenPlan plan, StandingPlanter planter, List<Peg> pegs, int posts, bool sees)
    {
        var body = Figures.Area(planter.Corners);
        var pipes = plan.Features.OfType<Buried>().Select(b => (b.Name, Away: Figures.Line(b.Points).Distance(body))).Where(b => b.Away < NearPipe).OrderBy(b => b.Away).ToList();
        foreach (var (name, away) in pipes) yield return away < Tell ? (Sentence)$"{name} runs under it. Mark where it runs, and drive no peg or post there." : $"{name} runs {Amount.Length(away)} from it. Mark where it runs before the first peg is driven.";
        if (pipes.Count == 0) yield return $"No pipe or cable is on the plan near it, which does not mean that there is none. Where nobody knows, push the pegs in by hand{(posts > 0 ? ", and ask those who lay them before a post is driven" : "")}.";
        if (!sees) yield return "Something stands between the corners and every pair of points that stay. Lead the tape round it square, or measure the hidden corners from those that are pegged.";
        foreach (var flat in pegs.Where(p => p.Astray > Flat)) yield return $"At peg {flat.Name} the tapes cross flat: whatever is wrong with one of them comes out {(int)Math.Round(flat.Astray)} times as large. Believe the diagonals there.";
        foreach (var (name, a, b, gap) in Walls(plan, pegs).Take(1)) yield return $"From {name} to the string between pegs {a} and {b} there are {Amount.Length(gap)}: the quickest check of all.";
        if (pegs.Max(p => p.Lower) is var fall && fall >= Tell) yield return $"The ground falls {Amount.Length(fall)} over its corners. Draw the string level from the highest, and measure down from it.";
    }

    /// <summary>Walls that one of its sides runs along, from the nearest, with the pegs of that side and the gap.</summary>
    private static IEnumerable<(string Name, string A, string B, double Gap)> Walls(GardenPlan plan, List<Peg> pegs)
    {
        const double Along = .02;
        return from feature in plan.Features
               let half = feature is Screen s ? s.Thickness / 2 : 0
               where feature is Screen or House
               from wall in Figures.Sides(feature.Points, feature.Closed)
               let line = Figures.Line([wall.A, wall.B])
               from i in Enumerable.Range(0, pegs.Count)
               let next = pegs[(i + 1) % pegs.Count]
               let near = line.Distance(Figures.Dot(pegs[i].At))
               let far = line.Distance(Figures.Dot(next.At))
               where Math.Abs(near - far) < Along && near - half < NearWall && near - half > Tell
               orderby near
               select (feature.Name, pegs[i].Name, next.Name, near - half);
    }
}
