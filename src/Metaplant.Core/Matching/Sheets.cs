using Metaplant.Core.Designs;

namespace Metaplant.Core.Matching;

/// <summary>Sheets pieced together out of smaller ones.</summary>
public static class Sheets
{
    /// <summary>Lap of a seam, m.</summary>
    public const double Lap = .10;

    private const double Slack = 1e-9;

    /// <summary>
    /// How many sheets of a size in m make the one wanted: one whole; or strips cut lengthways and joined end to end; or sheets joined side by side and end to end, all with a lap. The fewest of these; null where a sheet is no wider than its own lap.
    /// </summary>
    public static int? Needed(SheetNeeded need, double length, double width)
    {
        int?[] ways = [Strips(need, length, width), Strips(need, width, length), Tiles(need, length, width), Tiles(need, width, length)];
        return ways.Min();
    }

    /// <summary>Strips as wide as what is wanted, cut side by side out of each sheet and joined end to end.</summary>
    private static int? Strips(SheetNeeded need, double along, double across)
    {
        double wanted = Math.Max(need.Length, need.Width), wide = Math.Min(need.Length, need.Width);
        var fromEach = (int)(across / wide + Slack);
        return fromEach == 0 || Joined(wanted, along) is not { } strips ? null : (strips + fromEach - 1) / fromEach;
    }

    private static int? Tiles(SheetNeeded need, double along, double across)
        => Joined(need.Length, along) is { } lengthways && Joined(need.Width, across) is { } sideways ? lengthways * sideways : null;

    /// <summary>Pieces joined with a lap that make a length.</summary>
    private static int? Joined(double wanted, double each)
        => wanted <= each + Slack ? 1 : each <= Lap + Slack ? null : (int)Math.Ceiling((wanted - Lap) / (each - Lap) - Slack);
}
