namespace Metaplant.Core.Water;

/// <summary>
/// The water of a tall vessel by levels: roots take most from the top, and rain and watering fill it from the top down. Volumes in m³.
/// Shares of 40, 30, 20 and 10 % by quarters of the depth are the rule of irrigation handbooks (USDA NRCS, National Engineering Handbook 623.2).
/// </summary>
public sealed record Levels(SoilWater Whole, IReadOnlyList<double> Depleted)
{
    private static readonly double[] Shares = [.4, .3, .2, .1];

    public static int Count => Shares.Length;

    /// <summary>All four levels at field capacity.</summary>
    public static Levels Full(SoilWater whole) => new(whole, [0, 0, 0, 0]);

    private SoilWater Quarter => Whole with { Volume = Whole.Volume / Shares.Length };

    /// <summary>Days until the top quarter has given all its ready water.</summary>
    public double DaysUntilTopIsDry(double dailyUse) => Quarter.Ready / (Shares[0] * dailyUse);

    /// <summary>
    /// One day: water comes in from the top and goes on down where a level is full; each level gives its share, less as it dries. Returns the levels at the day's end and what drained at the foot.
    /// </summary>
    public (Levels After, double Drained) Day(double water, double cropUse)
    {
        var quarter = Quarter;
        var after = new double[Shares.Length];
        var coming = water;
        for (var i = 0; i < after.Length; i++)
        {
            var (depleted, drained) = quarter.Day(Depleted[i], coming, 0, Shares[i] * cropUse);
            (after[i], coming) = (depleted, drained);
        }

        return (this with { Depleted = after }, coming);
    }
}
