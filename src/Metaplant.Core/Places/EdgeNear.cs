using Metaplant.Core.Geometry;
using NetTopologySuite.Operation.Distance;

namespace Metaplant.Core.Places;

/// <summary>An edge near a planter from which a gardener measures where it stands.</summary>
/// <param name="Away">m to its face.</param>
/// <param name="Toward">A step of 1 m to it.</param>
public sealed record EdgeNear(Sentence Name, double Away, Point Toward)
{
    /// <summary>Two that lie more nearly in one direction are one way to measure, degrees.</summary>
    private const double Apart = 45;

    /// <summary>The nearest wall or edge of its spot in each direction, at most four, walls before edges and each in the order of the plan: moved by one measure, it is measured from the same ones as before. Fewer where it touches or there are none. Two sides of one thing are told apart by their points.</summary>
    public static IReadOnlyList<EdgeNear> Of(GardenPlan plan, StandingPlanter planter)
    {
        var body = Figures.Area(planter.Corners);
        var all = Edges(plan, planter.SpotId).Index().Select(e => (e.Index, e.Item.Side, Near: Measured(e.Item, body))).Where(e => e.Near is not null).Select(e => (e.Index, e.Side, Near: e.Near!));
        List<(int Index, Sentence Side, EdgeNear Near)> kept = [];
        foreach (var edge in all.OrderBy(e => e.Near.Away))
            if (kept.All(k => k.Near.Toward.X * edge.Near.Toward.X + k.Near.Toward.Y * edge.Near.Toward.Y < Math.Cos(Apart * Math.PI / 180))) kept.Add(edge);
        return [.. kept.OrderBy(k => k.Index).Select(k => kept.Count(o => o.Near.Name.Equals(k.Near.Name)) > 1 ? k.Near with { Name = k.Side } : k.Near)];
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
