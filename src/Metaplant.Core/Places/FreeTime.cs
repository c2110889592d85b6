namespace Metaplant.Core.Places;

/// <summary>The part of every year in which a spot may be used, both days among them; it may run over the turn of the year.</summary>
/// <param name="From">Day of a year of 365 days, 1 to 365.</param>
/// <param name="To">Day of the year.</param>
public sealed record FreeTime(int From, int To)
{
    public const int Year = 365;

    public int Days => (To - From + Year) % Year + 1;
}
