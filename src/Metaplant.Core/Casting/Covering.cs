using Metaplant.Core.Designs;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <summary>Rectangles of cloth and film pieced together out of what there is, cut off edge to edge so that what is left is a rectangle too.</summary>
public static class Covering
{
    /// <summary>Lap of a seam, m.</summary>
    public const double Lap = .10;

    private const double Slack = 1e-9;

    /// <summary>
    /// How many sheets of a size in m make the one wanted: one whole; or strips cut lengthways and joined end to end; or sheets joined side by side and end to end, all with a lap. The fewest of these; null where a sheet is no wider than its own lap.
    /// </summary>
    public static int? Needed(CoverNeeded need, double length, double width)
    {
        int?[] ways = [Strips(need, length, width), Strips(need, width, length), Tiles(need, length, width), Tiles(need, width, length)];
        return ways.Min();
    }

    /// <summary>
    /// What is cut of units left: of a single one that is large enough the strip that leaves most, and else whole untouched ones joined. Null when they do not make it.
    /// </summary>
    public static IReadOnlyList<Taken>? From(CoverNeeded need, IReadOnlyList<Remains> left)
    {
        if (left.Where(u => u.Width > 0).Select(u => (Unit: u, Strip: Strip(need, u))).Where(u => u.Strip is not null).OrderBy(u => u.Strip!.Value.Area).ThenBy(u => u.Unit.Length * u.Unit.Width).ToList() is [var one, ..])
            return [one.Strip!.Value.Whole ? new(one.Unit.Unit) : new(one.Unit.Unit, one.Strip.Value.Amount, one.Strip.Value.Across)];
        var whole = left.Where(u => u.Untouched).ToList();
        if (whole.Count == 0 || Needed(need, whole[0].Length, whole[0].Width) is not { } count || count > whole.Count) return null;
        return [.. whole.Take(count).Select(u => new Taken(u.Unit))];
    }

    /// <summary>The strip of one unit that makes the whole cover: strips side by side out of it, each joined on, or just the rectangle.</summary>
    private static (double Amount, bool Across, bool Whole, double Area)? Strip(CoverNeeded need, Remains unit)
    {
        (double Amount, bool Across, bool Whole, double Area)? best = null;
        double wanted = Math.Max(need.Length, need.Width), wide = Math.Min(need.Length, need.Width);
        Try(wide, wanted, unit.Length, unit.Width, false);
        Try(wide, wanted, unit.Width, unit.Length, true);
        Try(wanted, wide, unit.Length, unit.Width, false);
        Try(wanted, wide, unit.Width, unit.Length, true);
        return best;

        // Strips so wide cut off one after another along the side "along", each as long as the other side; joined end to end they make up the length wanted.
        void Try(double each, double total, double along, double other, bool across)
        {
            var strips = total <= other + Slack ? 1 : other <= Lap + Slack ? int.MaxValue : (int)Math.Ceiling((total - Lap) / (other - Lap) - Slack);
            if (strips == int.MaxValue || strips * each > along + Slack) return;
            var amount = strips * each;
            var area = amount * other;
            if (best is null || area < best.Value.Area - 1e-9) best = (amount, across, unit.Untouched && amount >= along - Slack, area);
        }
    }

    private static int? Strips(CoverNeeded need, double along, double across)
    {
        double wanted = Math.Max(need.Length, need.Width), wide = Math.Min(need.Length, need.Width);
        var fromEach = (int)(across / wide + Slack);
        return fromEach == 0 || Joined(wanted, along) is not { } strips ? null : (strips + fromEach - 1) / fromEach;
    }

    private static int? Tiles(CoverNeeded need, double along, double across)
        => Joined(need.Length, along) is { } lengthways && Joined(need.Width, across) is { } sideways ? lengthways * sideways : null;

    /// <summary>Pieces joined with a lap that make a length.</summary>
    private static int? Joined(double wanted, double each)
        => wanted <= each + Slack ? 1 : each <= Lap + Slack ? null : (int)Math.Ceiling((wanted - Lap) / (each - Lap) - Slack);
}
