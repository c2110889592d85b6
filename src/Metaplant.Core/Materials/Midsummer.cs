using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>A dry week at the height of summer, which every planter must come through.</summary>
[Table(41, "A dry week of midsummer")]
public static class Midsummer
{
    public const string Low = "midsummer.low";
    public const string High = "midsummer.high";
    public const string Diffuse = "midsummer.diffuse";
    public const string Can = "midsummer.can";

    /// <summary>No night is put in warmer and no day colder, °C, so that a day is never colder than its night.</summary>
    private const double WarmestNight = 18;

    private const string Mild = "A mild coast; put in what your own thermometer says of a warm week";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(Low, "T_min", "nights of a warm midsummer week", 11, Unit.DegreeCelsius, Evidence.Assumed, Mild) { NeverBelow = -5, NeverAbove = WarmestNight },
        new(High, "T_max", "days of a warm midsummer week", 24, Unit.DegreeCelsius, Evidence.Assumed, Mild) { NeverBelow = WarmestNight, NeverAbove = 50 },
        new(Diffuse, "d", "part of midsummer's light that comes from the whole sky and not from the sun", .4, Unit.One, Evidence.Assumed, "Estimate; measured yearly shares lie between .3 and .6 outside deserts") { NeverBelow = .1, NeverAbove = .9 },
        new(Can, "V_c", "a watering can", .009, Unit.CubicMetre, Evidence.Assumed, "A can of ten litres filled as far as it is carried; measure yours") { NeverBelow = .002, NeverAbove = .02 },
    ];
}
