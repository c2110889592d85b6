using Metaplant.Core.Geometry;
using NetTopologySuite.Operation.Distance;

namespace Metaplant.Core.Places;

/// <summary>An edge near a planter from which a gardener measures where it stands.</summary>
/// <param name="Away">m to its face.</param>
/// <param name="Toward">A step of 1 m to it.</param>
public sealed record EdgeNear(Sentence Name, double Away, Point Toward)
{
    /// <summary>Two that lie more nearly in one direction do not say where it stands, degrees.</summary>
    private const double Apart = 45;

    /// <summary>The nearest wall or edge of its spot, and the nearest one that lies across: two measures that say where it stands. Fewer where it touches or there are none.</summary>
    public static IReadOnlyList<EdgeNear> Of(GardenPlan plan, StandingPlanter planter)
    {
        var body = Figures.Area(planter.Corners);
        List<EdgeNear> all = [.. Edges(plan, planter.SpotId).Select(e => Measured(e.Name, e.A, e.B, e.Half, body)).OfType<EdgeNear>().OrderBy(e => e.Away)];
        if (all.Count == 0) return [];
        var second = all.Skip(1).FirstOrDefault(e => Math.Abs(e.Toward.X * all[0].Toward.X + e.Toward.Y * all[0].Toward.Y) < Math.Cos(Apart * Math.PI / 180));
        return second is null ? [all[0]] : [all[0], second];
    }

    private static IEnumerable<(Sentence Name, Point A, Point B, double Half)> Edges(GardenPlan plan, int spot)
    {
        foreach (var wall in plan.Features.Where(f => f is House or Screen))
            foreach (var (a, b) in Figures.Sides(wall.Points, wall.Closed)) yield return (wall.Name, a, b, wall is Screen s ? s.Thickness / 2 : 0);
        if (plan.Find(spot) is not { } here) yield break;
        foreach (var (i, (a, b)) in Figures.Sides(here.Corners, true).Index()) yield return ($"the edge of {here.Name} from its point {i + 1} to {(i + 1) % here.Corners.Count + 1}", a, b, 0);
    }

    private static EdgeNear? Measured(Sentence name, Point a, Point b, double half, NetTopologySuite.Geometries.Polygon body)
    {
        var near = DistanceOp.NearestPoints(body, Figures.Line([a, b]));
        double x = near[1].X - near[0].X, y = near[1].Y - near[0].Y, away = double.Hypot(x, y);
        return away - half > Placement.Slack ? new(name, away - half, new(x / away, y / away)) : null;
    }
}
