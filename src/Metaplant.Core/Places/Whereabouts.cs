using Metaplant.Core.Growing;

namespace Metaplant.Core.Places;

/// <summary>What a spot does to what is grown there, worked out from the plan.</summary>
/// <param name="SpotId">The spot.</param>
/// <param name="Name">What the gardener calls it.</param>
/// <param name="Sun">Hours of direct sun on a day of the four months about midsummer, the mean of them and over the spot.</param>
/// <param name="Hot">True at the foot of a wall that has the afternoon's sun.</param>
public sealed record Whereabouts(int SpotId, string Name, SunHours Sun, bool Hot)
{
    /// <summary>The gust it gets, m/s; null where nobody worked it out.</summary>
    public double? Gust { get; init; }

    /// <summary>Its ground, as it was told and tested; null where it is no ground, or unknown.</summary>
    public TestedGround? Ground { get; init; }

    /// <summary>Days of a year in which it may be used; null where it always may.</summary>
    public int? FreeDays { get; init; }

    /// <summary>Rounding of a tenth of an hour is no shade.</summary>
    private const double Near = .05;

    /// <summary>Why a crop is not grown here; null where the sun suits it, and the ground as far as its roots find it and somebody has tested it.</summary>
    /// <param name="open">True of what is open below: its roots find the ground, whatever it is filled with.</param>
    public Sentence? WhyNot(Crop crop, bool open = false)
    {
        if (Sun.InAll < crop.LightHours - Near) return $"{Name} has {Hours(Sun.InAll)} of sun a summer’s day, and one wants {Hours(crop.LightHours)}.";
        if (FreeDays < crop.DaysToHarvest) return $"{Name} is free for {new Count(FreeDays.Value, "day", "days")} of the year, and it takes {new Count((int)Math.Ceiling(crop.DaysToHarvest), "day", "days")} there before {(crop.Edible ? "the first picking" : "it flowers")}.";
        return open && crop.GreatestPh is { } most && Ground?.Ph is { } ph && ph > most ? (Sentence)$"The ground at {Name} has pH {new Amount(ph, Sums.Unit.One)}, and it wants {new Amount(most, Sums.Unit.One)} at most where its roots find it." : null;
    }

    /// <summary>What is to be said of a crop that grows here and would rather be elsewhere; null where there is nothing.</summary>
    public Sentence? Doubt(Crop crop) => (crop.Heat, crop.SunHalf) switch
    {
        (HeatClass.Cool, _) when Hot => $"{Name} is hot in the afternoon, and it bolts or wilts there: early and late in the year only.",
        (_, SunHalf.Morning) when Sun.Afternoon > Sun.Morning + 1 => $"Most of the sun at {Name} comes in the afternoon, and it would rather have the morning’s.",
        (_, SunHalf.Afternoon) when Sun.Morning > Sun.Afternoon + 1 => $"Most of the sun at {Name} comes in the morning, and it would rather have the afternoon’s.",
        _ => null,
    };

    private static Sentence Hours(double hours) => $"{new Amount(hours, Sums.Unit.Hour)}";
}
