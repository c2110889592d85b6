using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>What dries a planter faster or slower than a bed in the open. Each factor multiplies its water use.</summary>
[Table(40, "What dries a planter")]
public static class Drying
{
    public const string OpenWind = "drying.open-wind";
    public const string HotWall = "drying.hot-wall";
    public const string PorousWall = "drying.porous-wall";
    public const string Mulch = "drying.mulch";
    public const string DaysToRoot = "drying.days-to-root";

    private const string Estimate = "Estimate from pot trials; your own log corrects it";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(OpenWind, "k", "water use in open wind", 1.15, Unit.One, Evidence.Assumed, Estimate) { NeverBelow = 1, NeverAbove = 3 },
        new(HotWall, "k", "water use with dark or metal sides in afternoon sun", 1.25, Unit.One, Evidence.Assumed, Estimate) { NeverBelow = 1, NeverAbove = 3 },
        new(PorousWall, "k", "water use with porous sides", 1.35, Unit.One, Evidence.Assumed, Estimate) { NeverBelow = 1, NeverAbove = 3 },
        new(Mulch, "k", "water use under mulch", .8, Unit.One, Evidence.Assumed, "FAO-56 ch. 11, plastic mulch lowers by 10 to 30 %; straw alike"),
        new(DaysToRoot, "t", "days until a new plant's roots fill the volume", 28, Unit.Day, Evidence.Assumed, Experience),
    ];

    private const string Experience = "Experience with small containers; longer in big ones";
}
