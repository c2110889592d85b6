using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>From where on something is to be said of tested ground.</summary>
[Table(107, "The ground, tested")]
public static class GroundLimits
{
    /// <summary>Slower than this the ground stays wet.</summary>
    public const string Slow = "ground-test.slow";

    /// <summary>Faster than this it dries out.</summary>
    public const string Fast = "ground-test.fast";

    public const string Sour = "ground-test.sour";
    public const string Chalky = "ground-test.chalky";

    private const double MillimetrePerHour = 1 / 3.6e6;
    private const string Hole = "Garden practice: about an inch an hour at the second filling; put in your own";
    private const string Acidity = "Garden practice for vegetables";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Slow, "s", "water in a test hole falls at least so fast where ground drains", 25 * MillimetrePerHour, Unit.MetrePerSecond, Evidence.Assumed, Hole) { NeverBelow = 2 * MillimetrePerHour, NeverAbove = 100 * MillimetrePerHour },
        new(Fast, "s", "faster than this, water runs through before roots have it", 150 * MillimetrePerHour, Unit.MetrePerSecond, Evidence.Assumed, Hole) { NeverBelow = 100 * MillimetrePerHour, NeverAbove = 2000 * MillimetrePerHour },
        new(Sour, "pH", "below this most vegetables suffer", 5.5, Unit.One, Evidence.Assumed, Acidity) { NeverBelow = 4, NeverAbove = 6.5 },
        new(Chalky, "pH", "above this most vegetables suffer", 7.8, Unit.One, Evidence.Assumed, Acidity) { NeverBelow = 7, NeverAbove = 9 },
    ];
}
