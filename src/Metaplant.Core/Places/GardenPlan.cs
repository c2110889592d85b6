using System.Collections.Concurrent;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>Where on earth the garden lies, and the base line that everything on its plan is measured from.</summary>
/// <param name="Latitude">Degrees, north positive, −66 to 66: beyond them there are days without a sunrise and nobody has asked for such a garden yet.</param>
/// <param name="BaseLine">Its length, m.</param>
/// <param name="Bearing">Direction from its first end to its second, degrees from north clockwise, 0 up to 360.</param>
/// <param name="Exposure">How the wind finds the garden where nothing on the plan shelters it.</param>
/// <param name="WindFrom">Where strong wind mostly comes from, degrees from north clockwise; null where nobody has watched.</param>
/// <param name="LastFrost">Day of the year of the last frost in the open; null where nobody knows.</param>
/// <param name="FirstFrost">Day of the year of the first.</param>
public sealed record PlanSite(double Latitude, double BaseLine, double Bearing, Exposure Exposure, double? WindFrom, int? LastFrost, int? FirstFrost)
{
    /// <summary>m above the sea; null where nobody looked.</summary>
    public double? Height { get; init; }

    /// <summary>m above the sea of where the frost dates are from; null where they are the garden's own.</summary>
    public double? FrostHeight { get; init; }

    public static PlanSite Nothing { get; } = new(50, 10, 90, Exposure.Open, null, null, null);

    public IEnumerable<Problem> Problems()
    {
        if (Latitude is not (>= -66 and <= 66)) yield return new("latitude", "From −66 to 66 degrees; beyond the polar circles the sums of a day do not hold.");
        if (BaseLine is not (>= 1 and <= Mark.Farthest)) yield return new("baseLine", $"A base line is from {Amount.Length(1)} to {Amount.Length(Mark.Farthest)} long.");
        if (Bearing is not (>= 0 and < 360)) yield return new("bearing", "A direction is from 0 up to 360 degrees.");
        if (!Enum.IsDefined(Exposure)) yield return new("exposure", "There is no such exposure.");
        if (WindFrom is { } wind && wind is not (>= 0 and < 360)) yield return new("windFrom", "A direction is from 0 up to 360 degrees.");
        if (LastFrost is { } last && last is not (>= 1 and <= 366)) yield return new("lastFrost", "There is no such day.");
        foreach (var (height, field) in ((double?, string)[])[(Height, "height"), (FrostHeight, "frostHeight")]) if (height is { } h && h is not (>= -450 and <= 5500)) yield return new(field, $"From {Amount.Length(-450)} to {Amount.Length(5500)} above the sea.");
        if (FrostHeight is not null && Height is null) yield return new("height", "To set frost dates from elsewhere right it takes the height of the garden too.");
        if (FirstFrost is { } first && first is not (>= 1 and <= 366)) yield return new("firstFrost", "There is no such day.");
    }

    /// <summary>The direction on the plan, as a step of 1 m, towards something <paramref name="azimuth"/> degrees from north clockwise.</summary>
    public Point Toward(double azimuth)
    {
        // x runs along the base line, y to the left of it.
        var turned = (azimuth - Bearing) * Math.PI / 180;
        return new(Math.Cos(turned), -Math.Sin(turned));
    }
}

/// <summary>The garden as it was measured: what stands there and the spots for planters.</summary>
public sealed record GardenPlan(PlanSite Site, IReadOnlyList<Feature> Features, IReadOnlyList<Spot> Spots)
{
    private Once<ShadeCasters> casters;

    /// <summary>What was worked out for its spots: a slider in hand asks for the same one again and again.</summary>
    private Once<ConcurrentDictionary<(int Spot, Handbook Handbook), SpotReport>> reports;

    public static GardenPlan Nothing { get; } = new(PlanSite.Nothing, [], []);

    public ShadeCasters Casters => casters.Of(this, static plan => ShadeCasters.Of(plan));

    /// <summary>All that follows for a spot of the plan.</summary>
    public SpotReport Report(Spot spot, Handbook handbook) => reports.Of(this, static _ => []).GetOrAdd((spot.Id, handbook), _ => SpotReport.Of(this, spot, handbook));

    /// <summary>The nearest tap or door and how many m away it is as the crow flies; null where there is none on the plan.</summary>
    internal (T Of, double Away)? Nearest<T>(NetTopologySuite.Geometries.Polygon from, Func<T, bool>? which = null)
        where T : Feature
        => Features.OfType<T>().Where(f => which?.Invoke(f) != false).Select(f => ((T Of, double Away)?)(f, from.Distance(Figures.Dot(f.Points[0])))).MinBy(f => f!.Value.Away);

    public Spot? Find(int spot) => Spots.FirstOrDefault(s => s.Id == spot);

    /// <summary>The least and greatest of all that is on it, with the base line; m.</summary>
    public (Point Least, Point Greatest) Extent
    {
        get
        {
            List<Point> all = [default, new(Site.BaseLine, 0), .. Features.SelectMany(f => f.Points), .. Spots.SelectMany(s => s.Corners), .. Features.OfType<Tree>().SelectMany(t => (Point[])[new(t.Points[0].X - t.Crown / 2, t.Points[0].Y - t.Crown / 2), new(t.Points[0].X + t.Crown / 2, t.Points[0].Y + t.Crown / 2)])];
            return (new(all.Min(p => p.X), all.Min(p => p.Y)), new(all.Max(p => p.X), all.Max(p => p.Y)));
        }
    }
}
