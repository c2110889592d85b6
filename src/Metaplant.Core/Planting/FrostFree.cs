namespace Metaplant.Core.Planting;

/// <summary>
/// The days between frosts at a place, as days of the year from 1; a day above 365 is one of the next. It is taken to be the same every year.
/// </summary>
/// <param name="LastFrost">Of spring: half of all years have it by then.</param>
/// <param name="FirstFrost">Of autumn.</param>
public sealed record FrostFree(int LastFrost, int FirstFrost)
{
    /// <summary>The day by which the last frost is over in so many of ten years: by the normal distribution, with a spread of so many days.</summary>
    public int LastIn(int ofTen, double spread) => LastFrost + (int)Math.Ceiling(Deviation(ofTen) * spread - 1e-9);

    /// <summary>Standard deviations above the middle, for five to nine years of ten.</summary>
    private static double Deviation(int ofTen) => ofTen switch
    {
        5 => 0,
        6 => .2533,
        7 => .5244,
        8 => .8416,
        9 => 1.2816,
        _ => throw new ArgumentOutOfRangeException(nameof(ofTen), ofTen, "From 5 to 9 years of ten."),
    };
}
