using Metaplant.Core.Growing;

namespace Metaplant.Core.Planting;

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
