using Metaplant.Core.Growing;

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

/// <summary>One planting through the year, as days of the year; it is not begun before its first and not picked after its last.</summary>
/// <param name="Sown">Under cover, or where it grows; the same as <paramref name="Planted"/> where it is sown in place or bought.</param>
/// <param name="Planted">When its place is taken.</param>
/// <param name="Picked">First picking.</param>
/// <param name="Cleared">When its place is free: the end of its picking, or frost.</param>
/// <param name="Share">The part of its picking that comes before the frost, 0 to 1: 1 for a crop picked once that comes in time.</param>
public sealed record PlantedCrop(Crop Crop, int Sown, int Planted, int Picked, int Cleared, double Share)
{
    /// <summary>kg a plant gives in a usual season of so many days.</summary>
    public double YieldEach => Crop.Yield * Share;
}

/// <summary>When crops are begun and picked between the frosts of a place.</summary>
public static class SeasonPlan
{
    /// <summary>What frost does to it: a crop that comes through a night of no frost only is lost in one.</summary>
    public static bool IsTender(Crop crop) => crop.LeastNight >= 0;

    /// <summary>Days before the last frost on which a hardy crop may be planted out: for each degree it bears, as many as spring takes to warm by one.</summary>
    private static int Ahead(Crop crop, double daysPerDegree) => IsTender(crop) ? 0 : (int)Math.Floor(-crop.LeastNight * daysPerDegree + 1e-9);

    /// <summary>The first day on which it is planted out or sown in place: tender crops when the last frost is over.</summary>
    public static int FirstPlanting(Crop crop, FrostFree season, double daysPerDegree) => Math.Max(1, season.LastFrost - Ahead(crop, daysPerDegree));

    /// <summary>The last day on which it is planted or sown in place and has all of its picking before the first frost: frost − picking − growing.</summary>
    public static int LastInFull(Crop crop, FrostFree season) => (int)Math.Floor(season.FirstFrost - crop.HarvestDays - crop.DaysToHarvest + 1e-9);

    /// <summary>The last day from which any of it is picked before the first frost; of a crop picked once, from which all of it is.</summary>
    public static int LastAtAll(Crop crop, FrostFree season) => (int)Math.Floor(season.FirstFrost - crop.DaysToHarvest - 1 + 1e-9);

    /// <summary>
    /// Planted or sown in place on a day; null where nothing of it is picked before the first frost. With <paramref name="bought"/> young plants nothing is sown before.
    /// </summary>
    public static PlantedCrop? From(Crop crop, int planted, FrostFree season, bool bought = false)
    {
        var picked = planted + (int)Math.Ceiling(crop.DaysToHarvest - 1e-9);
        if (picked >= season.FirstFrost) return null;
        var most = picked + (int)Math.Ceiling(crop.HarvestDays - 1e-9);
        var cleared = Math.Min(most, season.FirstFrost);
        var share = crop.Picking == Picking.Once || crop.HarvestDays <= 0 ? 1 : Math.Min(1, (cleared - picked) / crop.HarvestDays);
        return new(crop, bought || crop.Raising != Raising.RaiseUnderCover ? planted : planted - (int)Math.Ceiling(crop.DaysToPlant - 1e-9), planted, picked, cleared, share);
    }
}
