using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Places;

/// <summary>Hours of direct sun over points of a plan, with the shadows of all that was measured on it.</summary>
public static class SunMap
{
    /// <summary>Height above the ground at which sun is counted, m: the rim of a low bed.</summary>
    public const double Height = .3;

    /// <summary>Hours a day at which contours are drawn.</summary>
    public static IReadOnlyList<double> Levels { get; } = [2, 4, 6, 8, 10];

    private const int StepsAnHour = 6;

    /// <summary>How finely a plan is looked at for its contours, points.</summary>
    private const int MostPoints = 1200;

    /// <summary>The sun is not counted lower than this, degrees: what is not on the plan hides it there, and it warms nothing.</summary>
    private const double Lowest = 2;

    /// <summary>The 21st of each month of <see cref="SunPosition.Year"/>.</summary>
    public static IReadOnlyList<int> Days { get; } = [.. Enumerable.Range(1, 12).Select(month => new DateOnly(SunPosition.Year, month, 21).DayOfYear)];

    /// <summary>Which of <see cref="Days"/> has the longest light where a garden lies.</summary>
    public static int Midsummer(PlanSite site) => site.Latitude >= 0 ? 5 : 11;

    /// <summary>
    /// For each point its hours on a day, looked at every ten minutes; sun through leaves or a fence counts as much as comes through. It is not counted below 2°. Range of <paramref name="day"/>: 1 to 365.
    /// </summary>
    public static SunHours[] Hours(GardenPlan plan, IReadOnlyList<Point> points, int day, Handbook handbook, double height = Height)
    {
        var casters = plan.Casters;
        var passing = casters.Passing(new DateOnly(SunPosition.Year, 1, 1).AddDays(Math.Min(day, 365) - 1).Month, handbook);
        var suns = Suns(plan.Site, day);
        var hours = new SunHours[points.Count];
        Parallel.For(0, points.Count, i =>
        {
            double morning = 0, afternoon = 0;
            foreach (var (hour, toward, rise) in suns)
            {
                var light = casters.Light(points[i], height, toward, rise, passing) / StepsAnHour;
                if (hour < 12) morning += light;
                else afternoon += light;
            }

            hours[i] = new(morning, afternoon);
        });
        return hours;
    }

    /// <summary>Where the sun stands at the middle of each ten minutes of a day in which it counts: a step of 1 m towards it on the plan, and by how many m it rises with that.</summary>
    private static List<(double Hour, Point Toward, double Rise)> Suns(PlanSite site, int day)
    {
        var suns = new List<(double, Point, double)>();
        for (var i = 0; i < 24 * StepsAnHour; i++)
        {
            var hour = (i + .5) / StepsAnHour;
            var sun = SunPosition.At(site.Latitude, day, hour);
            if (sun.Elevation > Lowest) suns.Add((hour, site.Toward(sun.Azimuth), Math.Tan(sun.Elevation * Math.PI / 180)));
        }

        return suns;
    }

    /// <summary>Where a day has at least so many hours of sun, all over the plan, for each of <see cref="Levels"/> that there is.</summary>
    public static IReadOnlyList<(double Hours, IReadOnlyList<IReadOnlyList<IReadOnlyList<Point>>> Areas)> Contoured(GardenPlan plan, int day, Handbook handbook)
    {
        var (least, greatest) = plan.Extent;
        double wide = Math.Max(1, greatest.X - least.X), high = Math.Max(1, greatest.Y - least.Y), apart = Math.Sqrt(wide * high / MostPoints);
        int across = Math.Max(2, (int)(wide / apart) + 1), up = Math.Max(2, (int)(high / apart) + 1);
        var step = new Point(wide / (across - 1), high / (up - 1));
        List<Point> points = [.. from j in Enumerable.Range(0, up) from i in Enumerable.Range(0, across) select new Point(least.X + i * step.X, least.Y + j * step.Y)];
        var hours = Hours(plan, points, day, handbook).Select(h => h.InAll).ToList();
        return [.. Levels.AsParallel().AsOrdered().Select(level => (level, Contours.AtLeast(hours, across, least, step, level))).Where(l => l.Item2.Count > 0)];
    }

    /// <summary>Points over a figure, about so far apart, m, none nearer to its edge than half of that where there is room; its middle where it is smaller.</summary>
    public static IReadOnlyList<Point> Points(IReadOnlyList<Point> corners, double apart)
    {
        double x0 = corners.Min(c => c.X), y0 = corners.Min(c => c.Y), wide = corners.Max(c => c.X) - x0, high = corners.Max(c => c.Y) - y0;
        int across = Math.Max(1, (int)Math.Round(wide / apart)), up = Math.Max(1, (int)Math.Round(high / apart));
        var figure = Figures.Area(corners);
        List<Point> inside = [.. from j in Enumerable.Range(0, up) from i in Enumerable.Range(0, across) let p = new Point(x0 + (i + .5) * wide / across, y0 + (j + .5) * high / up) where figure.Contains(Figures.Dot(p)) select p];
        return inside.Count > 0 ? inside : [new(corners.Average(c => c.X), corners.Average(c => c.Y))];
    }

    /// <summary>
    /// The part of an evenly bright sky that lights level ground at a point, 0 to 1, past all that stands on the plan: the mean of cos² of the skyline's angle over 48 directions. Trees count as in leaf.
    /// </summary>
    public static double OpenSky(GardenPlan plan, Point at, Handbook handbook, double height = Height)
    {
        const int Directions = 48;
        var passing = plan.Casters.Passing(plan.Site.Latitude >= 0 ? 7 : 1, handbook);
        return Enumerable.Range(0, Directions).Average(i =>
        {
            var tangent = plan.Casters.Skyline(at, height, plan.Site.Toward((i + .5) * 360 / Directions), passing);
            return 1 / (1 + tangent * tangent);
        });
    }
}
