using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>Where something that was let go of near a wall comes to stand: along it, with the gap it needs.</summary>
/// <param name="Beside">Names of what it was drawn to, one or two.</param>
/// <param name="Gap">To the first, m.</param>
public sealed record Snapping(Point At, double Turned, IReadOnlyList<string> Beside, double Gap)
{
    /// <summary>Air between it and a wall, so that both dry, m.</summary>
    public const double ToDry = .05;

    /// <summary>What drains from it wets the foot of a building that is nearer, m.</summary>
    public const double ToDrip = .15;

    /// <summary>So much farther off, or into it, and it is drawn to the wall, m.</summary>
    private const double Draws = .25;

    /// <summary>It is turned along a wall that it lies along so nearly, degrees.</summary>
    private const double Turns = 12;

    /// <summary>Null where it stands too far from every wall, or across them. In a corner it is drawn to both.</summary>
    public static Snapping? Of(GardenPlan plan, StandingPlanter planter)
    {
        if (Nearest(plan, planter, _ => true) is not { } first) return null;
        var stands = planter with { At = first.At, Turned = first.Turned };
        return Nearest(plan, stands, turned => Math.Abs(turned - first.Along) is > 45 and < 135) is { } second && Math.Abs(second.Turned - first.Turned) < 1e-6
            ? new(second.At, first.Turned, [first.Name, second.Name], first.Gap)
            : new(first.At, first.Turned, [first.Name], first.Gap);
    }

    /// <summary>Where one wall would draw it.</summary>
    /// <param name="Along">How the wall lies, degrees to the left of the base line, 0 up to 180.</param>
    private sealed record Drawn(Point At, double Turned, double Along, string Name, double Gap);

    private static Drawn? Nearest(GardenPlan plan, StandingPlanter planter, Func<double, bool> which)
        => plan.Features.Where(f => f is House or Screen).SelectMany(f => Figures.Sides(f.Points, f.Closed).Select(s => To(f, s.A, s.B, planter))).OfType<(Drawn Drawn, double Moved)>().Where(d => which(d.Drawn.Along)).OrderBy(d => d.Moved).Select(d => d.Drawn).FirstOrDefault();

    private static (Drawn Drawn, double Moved)? To(Feature wall, Point a, Point b, StandingPlanter planter)
    {
        var along = Math.Atan2(b.Y - a.Y, b.X - a.X) * 180 / Math.PI;
        // Its length or its width lies along the wall: quarters of a turn make no odds.
        var askew = (planter.Turned - along + 45 + 720) % 90 - 45;
        if (Math.Abs(askew) > Turns) return null;
        var turned = planter.Turned - askew;
        var endways = Math.Abs(Math.Cos((turned - along) * Math.PI / 180)) < .5;
        var (deep, wide) = endways ? (planter.Size.Length / 2, planter.Size.Width / 2) : (planter.Size.Width / 2, planter.Size.Length / 2);
        var length = a.DistanceTo(b);
        double ux = (b.X - a.X) / length, uy = (b.Y - a.Y) / length, x = planter.At.X - a.X, y = planter.At.Y - a.Y;
        double on = x * ux + y * uy, off = y * ux - x * uy, side = off < 0 ? -1 : 1;
        if (on < -wide || on > length + wide) return null;
        var gap = wall is House && planter is { Mass: not null, Size.Open: not true } ? ToDrip : ToDry;
        var wants = deep + gap + (wall is Screen s ? s.Thickness / 2 : 0);
        var move = wants - Math.Abs(off);
        if (Math.Abs(move) > Draws + 1e-9) return null;
        Point at = new(planter.At.X - uy * side * move, planter.At.Y + ux * side * move);
        // Not from within.
        if (wall is House && Figures.Area((planter with { At = at, Turned = turned }).Corners).Intersection(Figures.Area(wall.Points)).Area > Placement.Slack * Placement.Slack) return null;
        return (new(at, turned, (along + 360) % 180, wall.Name, gap), Math.Abs(move));
    }
}
