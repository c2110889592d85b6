using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Places;

/// <summary>The gust a spot gets and from where.</summary>
/// <param name="Speed">m/s.</param>
/// <param name="From">The direction of the worst, degrees from north clockwise.</param>
/// <param name="Exposure">The mildest of the three that is no milder than this; the worst of them where it is worse than that.</param>
/// <param name="ShelteredBy">Names of what takes the edge off from other sides, as far as anything does.</param>
/// <param name="Between">Names of the two between which the worst is squeezed, or of the one whose wings do so; none where it is not.</param>
public sealed record SpotWind(double Speed, double From, Exposure Exposure, IReadOnlyList<string> ShelteredBy, IReadOnlyList<string> Between)
{
    /// <summary>True where it is worse than any of the three: what stands here is held against <see cref="Speed"/> itself.</summary>
    public bool Beyond { get; init; }

    /// <summary>How high above the ground it was taken to be, m; 0 for a spot on the ground.</summary>
    public double Up { get; init; }

    /// <summary>True of a balcony or roof whose height nobody measured: nothing is taken to shelter it.</summary>
    public bool UpAssumed { get; init; }

    private const int Sides = 16;

    /// <summary>Height at which the gusts of the handbook blow, m.</summary>
    private const double GardenHeight = 2;

    /// <summary>Wind goes round an end: a screen shelters only where it stands in the way so many degrees to both sides too.</summary>
    private const double Round = 10;

    /// <summary>Farther than this from where the wind usually comes it seldom comes, degrees.</summary>
    private const double Seldom = 60;

    /// <summary>The gust from each of sixteen sides, worst of the corners and the middle.</summary>
    public static SpotWind At(GardenPlan plan, Spot spot, Handbook handbook)
    {
        var open = handbook[Gusts.Of(plan.Site.Exposure.ToString().ToLowerInvariant())];
        Point[] points = [.. spot.Corners, new(spot.Corners.Average(c => c.X), spot.Corners.Average(c => c.Y))];
        var by = new HashSet<string>(StringComparer.Ordinal);
        var assumed = spot is { Up: null, Site: Site.Balcony or Site.Roof };
        var up = assumed ? handbook[Shelter.UnknownFloor] : spot.Up ?? 0;
        var rise = Math.Pow(1 + up / GardenHeight, handbook[Shelter.WindRise]);
        var worst = Enumerable.Range(0, Sides).SelectMany(side => points.Select(point =>
        {
            var direction = side * 360.0 / Sides;
            var seldom = plan.Site.WindFrom is { } usual && Apart(direction, usual) > Seldom;
            var share = assumed ? 1 : new[] { -Round, 0, Round }.Max(off => Left(plan, point, plan.Site.Toward(direction + off), up, by, handbook));
            var between = SqueezedBy(plan, point, plan.Site.Toward(direction), up, handbook);
            return (Speed: open * rise * (seldom ? handbook[Shelter.OffWind] : 1) * share * (between.Count > 0 ? handbook[Shelter.Gap] : 1), From: direction, Between: between);
        })).OrderByDescending(w => Math.Round(w.Speed, 6)).ThenBy(w => plan.Site.WindFrom is { } usual ? Apart(w.From, usual) : 0).First();
        var exposure = Enum.GetValues<Exposure>().Cast<Exposure?>().FirstOrDefault(e => handbook[Gusts.Of(e!.Value.ToString().ToLowerInvariant())] >= worst.Speed - 1e-9);
        return new(worst.Speed, worst.From, exposure ?? Exposure.Exposed, [.. by.Order(StringComparer.Ordinal)], worst.Between) { Beyond = exposure is null, Up = up, UpAssumed = assumed };
    }

    /// <summary>Degrees between two directions, 0 to 180.</summary>
    private static double Apart(double a, double b) => Math.Abs((a - b + 540) % 360 - 180);

    /// <summary>The share that what stands in the way leaves; over a low fence the wind blows into what stands behind it.</summary>
    private static double Left(GardenPlan plan, Point at, Point toward, double up, HashSet<string> by, Handbook handbook)
    {
        const double WorthAName = .8;
        var least = 1.0;
        foreach (var feature in plan.Features)
        {
            if (Standing(feature) is not var (tall, porosity) || tall - up is var height && height < handbook[Shelter.Head] || Figures.Distance(at, toward, feature) is not { } distance) continue;
            var share = Shelter.Share(height, distance, porosity, handbook);
            if (share < WorthAName) by.Add(feature.Name);
            least = Math.Min(least, share);
        }

        return least;
    }

    /// <summary>The two solid walls between which wind that goes this way is squeezed: along it both, and so near that the gap is no wider than so many heights of the lower.</summary>
    private static IReadOnlyList<string> SqueezedBy(GardenPlan plan, Point at, Point toward, double up, Handbook handbook)
    {
        Point left = new(-toward.Y, toward.X), right = new(toward.Y, -toward.X);
        return Nearest(left) is var (one, a, low) && Nearest(right) is var (other, b, high) && a + b <= handbook[Shelter.GapWidth] * Math.Min(low, high) ? [.. new[] { one, other }.Distinct()] : [];

        (string Name, double Away, double Height)? Nearest(Point aside)
            => plan.Features
                .SelectMany(f => Standing(f) is var (height, porosity) && porosity < Shelter.SolidBelow && height - up >= handbook[Shelter.Head]
                    ? Figures.Sides(f.Points, f.Closed).Where(s => Along(s, toward)).Select(s => (f.Name, Away: Figures.Meets(at, aside, s.A.X, s.A.Y, s.B.X - s.A.X, s.B.Y - s.A.Y), Height: height))
                    : [])
                .Where(n => n.Away >= 0).Select(n => ((string, double, double)?)n).MinBy(n => n!.Value.Item2);
    }

    /// <summary>In a corner of two walls wind is caught and not squeezed: each must lie along it.</summary>
    private static bool Along((Point A, Point B) side, Point toward)
    {
        const double Within = 30;
        Point way = new(side.B.X - side.A.X, side.B.Y - side.A.Y);
        return Math.Abs(way.X * toward.X + way.Y * toward.Y) >= Math.Cos(Within * Math.PI / 180) * Math.Sqrt(way.X * way.X + way.Y * way.Y);
    }

    private static (double Height, double Porosity)? Standing(Feature feature) => feature switch
    {
        Screen s => (s.Height, s.Porosity),
        House b => (b.Height, 0),
        _ => null,
    };
}
