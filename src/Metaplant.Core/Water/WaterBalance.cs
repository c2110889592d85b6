namespace Metaplant.Core.Water;

/// <summary>
/// The water in a planter's soil, m³: a bucket that fills to field capacity and is emptied to wilting.
/// </summary>
/// <param name="FieldCapacity">Part of the volume, 0 to 1.</param>
/// <param name="WiltingPoint">Part of the volume, below field capacity.</param>
/// <param name="Depletion">p, the part of it that a crop takes before it suffers, FAO-56 table 22. 0 to 1.</param>
public sealed record SoilWater(double Volume, double FieldCapacity, double WiltingPoint, double Depletion)
{
    /// <summary>TAW in m³: all that plants can take, FAO-56 eq. 82.</summary>
    public double Total => (FieldCapacity - WiltingPoint) * Volume;

    /// <summary>RAW in m³: what they take before they suffer, FAO-56 eq. 83.</summary>
    public double Ready => Depletion * Total;

    /// <summary>Days between waterings at a use in m³/day.</summary>
    public double DaysBetween(double dailyUse) => Ready / dailyUse;

    /// <summary>K_s, how far use falls when dry: 1 until RAW is gone, then down to 0 at wilting. FAO-56 eq. 84. Depleted in m³ below field capacity, from 0 up.</summary>
    public double Stress(double depleted) => depleted <= Ready ? 1 : Math.Clamp((Total - depleted) / (Total - Ready), 0, 1);

    /// <summary>
    /// One day: rain and watering come in, the crop takes K_s times its use, and what is over field capacity drains. All in m³; returns the depletion at the day's end and what drained.
    /// </summary>
    public (double Depleted, double Drained) Day(double depleted, double rainCaught, double watered, double cropUse)
    {
        var after = depleted - rainCaught - watered + Stress(depleted) * cropUse;
        return after < 0 ? (0, -after) : (Math.Min(after, Total), 0);
    }

    /// <summary>Part of the volume that the roots of a plant so many days old reach: from its root ball's share to all of it in so many days; 28 are usual.</summary>
    public static double Reached(double rootBallShare, double daysSincePlanting, double daysToRoot)
        => rootBallShare + (1 - rootBallShare) * Math.Clamp(daysSincePlanting / daysToRoot, 0, 1);

    /// <summary>Minutes a day that a hose runs for a use in m³/day, at a flow in m³/s.</summary>
    public static double TimerMinutes(double dailyUse, double flow) => dailyUse / flow / 60;
}
