using Metaplant.Core.Growing;

namespace Metaplant.Core.Planting;

/// <summary>Whether a crop still comes when something is still to be built and filled for it.</summary>
/// <param name="LastBegin">The last day to begin on so that all of its picking comes before frost; null where it must be sown before what can be.</param>
/// <param name="Late">What comes of it when it is begun now and is later than that; null where it is in time, or nothing comes.</param>
public sealed record InTime(Crop Crop, WorkPlan? Latest, DateOnly? LastBegin, PlantedCrop? Late)
{
    /// <summary>Looks from today: by seed of one's own, and where that is too late by young plants that are bought.</summary>
    public static InTime Of(Crop crop, DateOnly today, FrostFree season, WorkAhead work, WorkDays days)
    {
        var plantBy = new DateOnly(today.Year, 1, 1).AddDays(SeasonPlan.LastInFull(crop, season) - 1);
        var latest = WorkPlan.Backward(plantBy, work, days);
        var sowBy = crop.Raising == Raising.RaiseUnderCover ? plantBy.AddDays(-(int)Math.Ceiling(crop.DaysToPlant)) : plantBy;
        if (latest.Begin >= today && sowBy >= today) return new(crop, latest, latest.Begin < sowBy || crop.Raising != Raising.RaiseUnderCover ? latest.Begin : sowBy, null);
        var ready = WorkPlan.Forward(today, work, days).Ready.DayOfYear;
        return new(crop, null, null, SeasonPlan.From(crop, ready, season, bought: crop.Raising != Raising.SowInPlace));
    }
}
