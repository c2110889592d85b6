namespace Metaplant.Core.Planting;

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
