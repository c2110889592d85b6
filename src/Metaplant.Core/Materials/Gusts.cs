using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Wind as gardens get it, and what catches it.</summary>
[Table(100, "Wind and snow")]
public static class Gusts
{
    public const string Drag = "wind.drag";
    public const string Net = "wind.solidity-net";
    public const string Leaves = "wind.solidity-leaves";
    public const string Winter = "wind.left-up-in-winter";
    public const string Snow = "wind.snow-on-net";

    private const string Summer = "Gust of a summer half-year, about one year in ten; EN 1991-1-4 scaled down for the season";

    /// <summary>The row of the gust designed for: "sheltered", "open" or "exposed".</summary>
    public static string Of(string exposure) => $"wind.gust-{exposure}";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Of("sheltered"), "v", "summer gust, sheltered place", 15, Unit.MetrePerSecond, Evidence.Assumed, Summer) { NeverBelow = 8, NeverAbove = 60 },
        new(Of("open"), "v", "summer gust, open place", 20, Unit.MetrePerSecond, Evidence.Assumed, Summer) { NeverBelow = 8, NeverAbove = 60 },
        new(Of("exposed"), "v", "summer gust, exposed place", 25, Unit.MetrePerSecond, Evidence.Assumed, Summer) { NeverBelow = 8, NeverAbove = 60 },
        new(Drag, "c", "drag of lattices and leaves", 1.2, Unit.One, Evidence.Assumed, "EN 1991-1-4 7.11, flat and lattice bodies, held at its middle value") { NeverBelow = .4, NeverAbove = 2.5 },
        new(Net, "φ", "part of the outline that catches wind through a net", .3, Unit.One, Evidence.Assumed, "Estimate"),
        new(Leaves, "φ", "part of the outline that catches wind in full leaf", .8, Unit.One, Evidence.Assumed, "Estimate"),
        new(Winter, "k", "what a support left standing gets over its summer gust", 1.4, Unit.One, Evidence.Assumed, "Ratio of yearly to summer gusts, estimate") { NeverBelow = 1, NeverAbove = 3 },
        new(Snow, "s", "snow on a net left up in winter", 400, Unit.Pascal, Evidence.Assumed, "EN 1991-1-3, ground snow of a mild lowland, low end; local maps come first") { NeverAbove = 10e3 },
    ];
}
