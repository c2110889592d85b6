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

    /// <summary>The nearest wall or edge of its spot, and the nearest one that lies across: two measures that say where it stands. Fewer where it touches or there are none. Two sides of one thing are told apart by their points.</summary>
    public static IReadOnlyList<EdgeNear> Of(GardenPlan plan, StandingPlanter planter)
    {
        var body = Figures.Area(planter.Corners);
        var all = Edges(plan, planter.SpotId).Select(e => (Edge: Measured(e, body), e.Side)).Where(e => e.Edge is not null).Select(e => (Edge: e.Edge!, e.Side)).OrderBy(e => e.Edge.Away).ToList();
        if (all.Count == 0) return [];
        var (first, side) = all[0];
        var across = all.Skip(1).Where(e => Math.Abs(e.Edge.Toward.X * first.Toward.X + e.Edge.Toward.Y * first.Toward.Y) < Math.Cos(Apart * Math.PI / 180)).Take(1).ToList();
        if (across.Count == 0) return [first];
        var (second, other) = across[0];
        return second.Name.Equals(first.Name) ? [first with { Name = side }, second with { Name = other }] : [first, second];
    }

    /// <summary>One side of a wall, a building or the spot.</summary>
    /// <param name="Half">m from its line to its face.</param>
    private sealed record Edge(Sentence Name, int Number, int Of, Point A, Point B, double Half)
    {
        public Sentence Side => $"{Name}, from its point {Number + 1} to {(Number + 1) % Of + 1}";
    }

    private static IEnumerable<Edge> Edges(GardenPlan plan, int spot)
    {
        foreach (var wall in plan.Features.Where(f => f is House or Screen))
            foreach (var (i, (a, b)) in Figures.Sides(wall.Points, wall.Closed).Index()) yield return new(wall.Name, i, wall.Points.Count, a, b, wall is Screen s ? s.Thickness / 2 : 0);
        if (plan.Find(spot) is not { } here) yield break;
        foreach (var (i, (a, b)) in Figures.Sides(here.Corners, true).Index()) yield return new($"the edge of {here.Name} from its point {i + 1} to {(i + 1) % here.Corners.Count + 1}", i, here.Corners.Count, a, b, 0);
    }

    private static EdgeNear? Measured(Edge edge, NetTopologySuite.Geometries.Polygon body)
    {
        var near = DistanceOp.NearestPoints(body, Figures.Line([edge.A, edge.B]));
        double x = near[1].X - near[0].X, y = near[1].Y - near[0].Y, away = double.Hypot(x, y);
        return away - edge.Half > Placement.Slack ? new(edge.Name, away - edge.Half, new(x / away, y / away)) : null;
    }
}
