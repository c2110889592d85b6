using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;

namespace Metaplant.Bench;

/// <summary>A garden full of things that throw shadows, and the hours of sun over a grid of it.</summary>
internal static class Sunlit
{
    public const int Obstacles = 30, Dates = 24;

    private static readonly Random Dice = new(26);

    public static IReadOnlyList<Point> Grid { get; } = [.. from j in Enumerable.Range(0, 40) from i in Enumerable.Range(0, 50) select new Point(.4 * i, .4 * j)];

    /// <summary>Walls of three bends, houses and trees, in turn.</summary>
    public static GardenPlan Garden { get; } = new(new(52.4, 20, 90, Exposure.Open, null, null, null), [.. Enumerable.Range(0, Obstacles).Select(Obstacle)], []);

    /// <summary>Hours of every point on a day of each half month, looked at every ten minutes.</summary>
    public static double Hours() => Enumerable.Range(0, Dates).Sum(d => SunMap.Hours(Garden, Grid, 8 + d * 15, Handbook.Default).Sum(h => h.InAll));

    private static Feature Obstacle(int i)
    {
        double x = 20 * Dice.NextDouble(), y = 16 * Dice.NextDouble(), high = 1 + 3 * Dice.NextDouble();
        return (i % 3) switch
        {
            0 => new Screen(i, $"Wall {i}", [new(x, y), new(x + 2, y + .3), new(x + 3, y + 1.5), new(x + 3, y + 3)], ScreenKind.Wall, high, .2, 0),
            1 => new House(i, $"Shed {i}", [new(x, y), new(x + 2, y), new(x + 2, y + 1.5), new(x, y + 1.5)], high),
            _ => new Tree(i, $"Tree {i}", [new(x, y)], high + 2, 2.5, 1, 4, 10),
        };
    }
}
