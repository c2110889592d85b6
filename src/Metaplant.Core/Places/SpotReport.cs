using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Places;

/// <summary>How much colder or warmer a clear night is at a spot than in the open.</summary>
/// <param name="Degrees">K, below nothing for colder.</param>
/// <param name="Days">The last frost comes so much later; below nothing for earlier.</param>
/// <param name="Why">Each reason.</param>
public sealed record SpotFrost(double Degrees, int Days, IReadOnlyList<Sentence> Why);

/// <summary>All that follows for a spot from what was measured on the plan.</summary>
/// <param name="Months">Hours of direct sun on the 21st of each month, the mean over the spot.</param>
/// <param name="Least">Hours in summer at its darkest point.</param>
/// <param name="Most">Hours in summer at its brightest point.</param>
/// <param name="OpenSky">Part of the sky that lights it, 0 to 1.</param>
/// <param name="ToTap">m to the nearest tap as the crow flies; null where there is none on the plan.</param>
/// <param name="ToKitchen">m to the nearest door through which what is picked goes; null where none is on the plan.</param>
public sealed record SpotReport(Spot Spot, Whereabouts Here, IReadOnlyList<SunHours> Months, double Least, double Most, double OpenSky, SpotWind Wind, SpotFrost Frost, double? ToTap, double? ToKitchen)
{
    /// <summary>How far apart sun is looked at over a spot, m.</summary>
    private const double Apart = .5;

    /// <summary>A wall this near warms and heats, m.</summary>
    private const double NearWall = 1.5;

    private const double HighWall = 1.5;

    /// <summary>Metres higher or lower that nobody feels.</summary>
    private const double WorthAWord = 5;

    /// <summary>Hours of sun in the afternoon from which walls, and sides that take it up, get hot.</summary>
    public const double HotAfternoon = 3;

    public static SpotReport Of(GardenPlan plan, Spot spot, Handbook handbook)
    {
        var points = SunMap.Points(spot.Corners, Apart);
        // Where nobody measured how high it lies it is taken as low, and so as shaded, as it can be.
        var height = SunMap.Height + (spot.Up ?? 0);
        IReadOnlyList<SunHours[]> days = [.. SunMap.Days.Select(day => SunMap.Hours(plan, points, day, handbook, height))];
        IReadOnlyList<SunHours> months = [.. days.Select(Mean)];
        int[] summer = plan.Site.Latitude >= 0 ? [4, 5, 6, 7] : [10, 11, 0, 1];
        var each = points.Select((_, i) => summer.Average(m => days[m][i].InAll)).ToList();
        var sun = Mean([.. summer.Select(m => months[m])]);
        var (wall, wind) = (WarmWall(plan, spot), SpotWind.At(plan, spot, handbook));
        var here = new Whereabouts(spot.Id, spot.Name, sun, wall is not null && sun.Afternoon >= HotAfternoon) { Gust = wind.Speed, Ground = spot.Ground, FreeDays = spot.Free is { Days: < FreeTime.Year } free ? free.Days : null };
        var ground = Figures.Area(spot.Corners);
        return new(spot, here, months, each.Min(), each.Max(), points.Average(p => SunMap.OpenSky(plan, p, handbook, height)), wind, FrostAt(plan, spot, here.Hot ? wall : null, handbook), plan.Nearest<Tap>(ground)?.Away, plan.Nearest<Door>(ground, d => d.ToKitchen)?.Away);
    }

    /// <summary>Crops in the order of the table with why they are not grown here, or what is doubtful.</summary>
    public IReadOnlyList<(Crop Crop, Sentence? WhyNot, Sentence? Doubt)> Crops(Handbook handbook) => [.. Growing.Crops.In(handbook).Select(c => (c, Here.WhyNot(c), Here.Doubt(c) ?? FarToPick(c, handbook)))];

    /// <summary>What is picked a little at a time and does not keep is fetched nearly every day.</summary>
    private Sentence? FarToPick(Crop crop, Handbook handbook)
    {
        const double KeepsAWeek = 7;
        return crop is { Edible: true, Picking: Picking.LittleByLittle or Picking.CutAgain, KeepsDays: < KeepsAWeek } && ToKitchen > handbook[People.DailyWay]
            ? (Sentence)$"It is picked a little nearly every day, and from {Spot.Name} to the kitchen it is {Amount.Length(ToKitchen.Value)}."
            : null;
    }

    private static SunHours Mean(IReadOnlyList<SunHours> hours) => new(hours.Average(h => h.Morning), hours.Average(h => h.Afternoon));

    /// <summary>A wall close by on the side away from the noon sun, which stores what shines on it.</summary>
    private static Feature? WarmWall(GardenPlan plan, Spot spot)
    {
        var away = plan.Site.Toward(plan.Site.Latitude >= 0 ? 0 : 180);
        return plan.Features.FirstOrDefault(f => f is House { Height: >= HighWall } or Screen { Kind: ScreenKind.Wall, Height: >= HighWall } && spot.Corners.Any(c => Figures.Distance(c, away, f) is <= NearWall));
    }

    private static SpotFrost FrostAt(GardenPlan plan, Spot spot, Feature? warmWall, Handbook handbook)
    {
        var why = new List<Sentence>();
        double degrees = 0;
        if (plan.Site is { Height: { } height, FrostHeight: { } known } && Math.Abs(height - known) >= WorthAWord)
        {
            degrees -= (height - known) / handbook[Shelter.ColdByHeight];
            why.Add($"It lies {Amount.Length(Math.Abs(height - known))} {(height > known ? "higher" : "lower")} than where the frost dates are from.");
        }

        if (spot.Hollow)
        {
            degrees -= handbook[Shelter.ColdHollow];
            why.Add("Cold air pools here on clear nights.");
        }

        if (spot is { Slope: > 0, FallsTo: { } down } && plan.Features.FirstOrDefault(f => f is House or Screen { Porosity: < Shelter.SolidBelow, Height: >= .8 } && spot.Corners.Any(c => Figures.Distance(c, plan.Site.Toward(down), f) is <= 10)) is { } held)
        {
            degrees -= handbook[Shelter.ColdFence];
            why.Add($"{held.Name} holds up the cold air that runs down.");
        }

        if (warmWall is not null)
        {
            degrees += handbook[Shelter.WarmWall];
            why.Add($"{warmWall.Name} gives back at night what shone on it.");
        }

        // Rounded to the later day: a frost that was not foreseen costs more than a day's waiting.
        return new(degrees, (int)Math.Ceiling(-degrees * handbook[Shelter.DaysPerDegree] - 1e-9), why);
    }
}
