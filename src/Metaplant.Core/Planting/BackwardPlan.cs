using Metaplant.Core.Growing;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Planting;

/// <summary>When the gardener works: on which days of the week, and for how many hours of each.</summary>
public sealed record WorkDays(IReadOnlyList<DayOfWeek> Days, double Hours)
{
    public static WorkDays Saturdays { get; } = new([DayOfWeek.Saturday], 5);

    public IEnumerable<Problem> Problems()
    {
        if (Days.Count == 0) yield return new("days", "Say on which days you work.");
        if (!(Hours > 0 && Hours <= 24)) yield return new("hours", "A day has more than none and at most 24 hours.");
    }

    /// <summary>The day itself where work is done on it, else the next one on which it is.</summary>
    public DateOnly OnOrAfter(DateOnly day) => Days.Contains(day.DayOfWeek) ? day : OnOrAfter(day.AddDays(1));

    public DateOnly OnOrBefore(DateOnly day) => Days.Contains(day.DayOfWeek) ? day : OnOrBefore(day.AddDays(-1));

    /// <summary>How many days so many hours take.</summary>
    public int For(double hours) => (int)Math.Ceiling(hours / Hours - 1e-9);
}

/// <summary>What lies between beginning and planting.</summary>
/// <param name="Build">Hours of building, at the gardener's own pace.</param>
/// <param name="Drying">Days that finish or glue dries after it.</param>
/// <param name="Fill">Hours of filling.</param>
/// <param name="Delivery">Days from the order until soil is there.</param>
/// <param name="Settling">Days that it stands filled and watered before it is planted.</param>
public sealed record WorkAhead(double Build, int Drying, double Fill, int Delivery, int Settling);

/// <summary>The work laid out on days.</summary>
/// <param name="Build">Days on which it is built; none where there is nothing to build.</param>
/// <param name="Order">Soil is ordered on it at the latest.</param>
/// <param name="Fill">Days on which it is filled.</param>
/// <param name="Ready">From this day it may be planted.</param>
public sealed record WorkPlan(IReadOnlyList<DateOnly> Build, DateOnly Order, IReadOnlyList<DateOnly> Fill, DateOnly Ready)
{
    /// <summary>The first thing there is to do.</summary>
    public DateOnly Begin => new[] { Build.FirstOrDefault(Ready), Fill.FirstOrDefault(Ready), Order }.Min();

    /// <summary>From a day on: as early as it can be. Soil is ordered at once.</summary>
    public static WorkPlan Forward(DateOnly from, WorkAhead work, WorkDays days)
    {
        var build = After(from, days.For(work.Build), days);
        var dry = build.Count > 0 ? build[^1].AddDays(1 + work.Drying) : from;
        var there = from.AddDays(work.Delivery);
        var fill = After(dry > there ? dry : there, days.For(work.Fill), days);
        return new(build, from, fill, (fill.Count > 0 ? fill[^1] : dry > there ? dry : there).AddDays(work.Settling));
    }

    /// <summary>From the day on which it is to be planted back: as late as it can be. Run forward from the day it begins on, it is ready by then.</summary>
    public static WorkPlan Backward(DateOnly planted, WorkAhead work, WorkDays days)
    {
        var fill = Before(planted.AddDays(-work.Settling), days.For(work.Fill), days);
        var filled = fill.Count > 0 ? fill[0] : planted.AddDays(-work.Settling);
        var build = Before(filled.AddDays(-1 - work.Drying), days.For(work.Build), days);
        return new(build, filled.AddDays(-work.Delivery), fill, planted);
    }

    private static IReadOnlyList<DateOnly> After(DateOnly from, int count, WorkDays days)
    {
        var found = new List<DateOnly>();
        for (var day = days.OnOrAfter(from); found.Count < count; day = days.OnOrAfter(day.AddDays(1))) found.Add(day);
        return found;
    }

    private static IReadOnlyList<DateOnly> Before(DateOnly until, int count, WorkDays days)
    {
        var found = new List<DateOnly>();
        for (var day = days.OnOrBefore(until); found.Count < count; day = days.OnOrBefore(day.AddDays(-1))) found.Insert(0, day);
        return found;
    }
}

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
