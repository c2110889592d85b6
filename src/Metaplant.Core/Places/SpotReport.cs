using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Places;

/// <summary>The gust a spot gets and from where.</summary>
/// <param name="Speed">m/s.</param>
/// <param name="From">The direction of the worst, degrees from north clockwise.</param>
/// <param name="Exposure">The mildest of the three that is no milder than this.</param>
/// <param name="ShelteredBy">Names of what takes the edge off from other sides, as far as anything does.</param>
public sealed record SpotWind(double Speed, double From, Exposure Exposure, IReadOnlyList<string> ShelteredBy);

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
/// <param name="ToDoor">m to the nearest door.</param>
public sealed record SpotReport(Spot Spot, Whereabouts Here, IReadOnlyList<SunHours> Months, double Least, double Most, double OpenSky, SpotWind Wind, SpotFrost Frost, double? ToTap, double? ToDoor)
{
    /// <summary>How far apart sun is looked at over a spot, m.</summary>
    private const double Apart = .5;

    /// <summary>A wall this near warms and heats, m.</summary>
    private const double NearWall = 1.5;

    private const double HighWall = 1.5;
    private const double HotAfternoon = 3;

    public static SpotReport Of(GardenPlan plan, Spot spot, Handbook handbook)
    {
        var points = SunMap.Points(spot.Corners, Apart);
        IReadOnlyList<SunHours[]> days = [.. SunMap.Days.Select(day => SunMap.Hours(plan, points, day, handbook))];
        IReadOnlyList<SunHours> months = [.. days.Select(Mean)];
        int[] summer = plan.Site.Latitude >= 0 ? [4, 5, 6, 7] : [10, 11, 0, 1];
        var each = points.Select((_, i) => summer.Average(m => days[m][i].InAll)).ToList();
        var sun = Mean([.. summer.Select(m => months[m])]);
        var wall = WarmWall(plan, spot);
        var here = new Whereabouts(spot.Id, spot.Name, sun, wall is not null && sun.Afternoon >= HotAfternoon);
        return new(spot, here, months, each.Min(), each.Max(), points.Average(p => SunMap.OpenSky(plan, p, handbook)), WindAt(plan, spot, handbook), FrostAt(plan, spot, here.Hot ? wall : null, handbook), To<Tap>(plan, spot), To<Door>(plan, spot));
    }

    /// <summary>Crops in the order of the table with why they are not grown here, or what is doubtful.</summary>
    public IReadOnlyList<(Crop Crop, Sentence? WhyNot, Sentence? Doubt)> Crops(Handbook handbook) => [.. Growing.Crops.In(handbook).Select(c => (c, Here.WhyNot(c), Here.Doubt(c)))];

    private static SunHours Mean(IReadOnlyList<SunHours> hours) => new(hours.Average(h => h.Morning), hours.Average(h => h.Afternoon));

    private static double? To<T>(GardenPlan plan, Spot spot)
        where T : Feature
        => plan.Features.OfType<T>().Select(f => (double?)Figures.Area(spot.Corners).Distance(Figures.Dot(f.Points[0]))).Min();

    /// <summary>The gust from each of sixteen sides, worst of the corners and the middle; a screen shelters from a side only where it stands in the way 10° to both sides of it too, since wind goes round an end.</summary>
    private static SpotWind WindAt(GardenPlan plan, Spot spot, Handbook handbook)
    {
        const int Sides = 16;
        var open = handbook[Gusts.Of(plan.Site.Exposure.ToString().ToLowerInvariant())];
        Point[] points = [.. spot.Corners, new(spot.Corners.Average(c => c.X), spot.Corners.Average(c => c.Y))];
        var by = new HashSet<string>(StringComparer.Ordinal);
        var (speed, from) = Enumerable.Range(0, Sides).Select(side =>
        {
            var direction = side * 360.0 / Sides;
            var seldom = plan.Site.WindFrom is { } usual && Between(direction, usual) > 60;
            var share = points.Max(p => new[] { -10.0, 0, 10 }.Max(off => Least(p, plan.Site.Toward(direction + off))));
            return (Speed: open * (seldom ? handbook[Shelter.OffWind] : 1) * share, From: direction);
        }).OrderByDescending(w => Math.Round(w.Speed, 6)).ThenBy(w => plan.Site.WindFrom is { } usual ? Between(w.From, usual) : 0).First();
        var exposure = Enum.GetValues<Exposure>().Cast<Exposure?>().FirstOrDefault(e => handbook[Gusts.Of(e!.Value.ToString().ToLowerInvariant())] >= speed - 1e-9) ?? Exposure.Exposed;
        return new(speed, from, exposure, [.. by.Order(StringComparer.Ordinal)]);

        static double Between(double a, double b) => Math.Abs((a - b + 540) % 360 - 180);

        double Least(Point at, Point toward)
        {
            var least = 1.0;
            foreach (var feature in plan.Features)
            {
                // Over a low fence the wind blows into what stands behind it.
                if (Of(feature) is not var (height, porosity) || height < handbook[Shelter.Head] || Distance(at, toward, feature) is not { } distance) continue;
                var share = Shelter.Share(height, distance, porosity, handbook);
                if (share < .8) by.Add(feature.Name);
                least = Math.Min(least, share);
            }

            return least;
        }

        static (double Height, double Porosity)? Of(Feature feature) => feature switch
        {
            Screen s => (s.Height, s.Porosity),
            House b => (b.Height, 0),
            _ => null,
        };
    }

    /// <summary>m along a direction to the nearest side of a feature; null where none is met.</summary>
    private static double? Distance(Point at, Point toward, Feature feature)
        => Figures.Sides(feature.Points, feature.Closed).Select(s => Figures.Meets(at, toward, s.A.X, s.A.Y, s.B.X - s.A.X, s.B.Y - s.A.Y)).Where(t => t >= 0).Select(t => (double?)t).Min();

    /// <summary>A wall close by on the side away from the noon sun, which stores what shines on it.</summary>
    private static Feature? WarmWall(GardenPlan plan, Spot spot)
    {
        var away = plan.Site.Toward(plan.Site.Latitude >= 0 ? 0 : 180);
        return plan.Features.FirstOrDefault(f => f is House { Height: >= HighWall } or Screen { Kind: ScreenKind.Wall, Height: >= HighWall } && spot.Corners.Any(c => Distance(c, away, f) is <= NearWall));
    }

    private static SpotFrost FrostAt(GardenPlan plan, Spot spot, Feature? warmWall, Handbook handbook)
    {
        var why = new List<Sentence>();
        double degrees = 0;
        if (spot.Hollow)
        {
            degrees -= handbook[Shelter.ColdHollow];
            why.Add("Cold air pools here on clear nights.");
        }

        if (spot is { Slope: > 0, FallsTo: { } down } && plan.Features.FirstOrDefault(f => f is House or Screen { Porosity: < .3, Height: >= .8 } && spot.Corners.Any(c => Distance(c, plan.Site.Toward(down), f) is <= 10)) is { } held)
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
