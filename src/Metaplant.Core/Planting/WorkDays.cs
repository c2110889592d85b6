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
