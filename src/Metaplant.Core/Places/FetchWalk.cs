using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>Something to fetch and where it was said to lie.</summary>
public sealed record Lying(int ThingId, string Place);

/// <summary>One place on the way and what is taken there.</summary>
public sealed record FetchStop(string Place, Point At, IReadOnlyList<int> ThingIds);

/// <summary>The walk that fetches what a project is made of: round from where it is to stand and back there.</summary>
/// <param name="Length">m as the crow flies; walls are gone round.</param>
/// <param name="Nowhere">Things whose place is not on the plan, in the order they came.</param>
public sealed record FetchWalk(IReadOnlyList<FetchStop> Stops, double Length, IReadOnlyList<int> Nowhere)
{
    /// <summary>Names of steps on the way: there it is carried and not wheeled.</summary>
    public IReadOnlyList<string> Over { get; init; } = [];

    /// <summary>Up to so many places the shortest round is found; beyond it the nearest is gone to next.</summary>
    public const int MostExact = 12;

    /// <summary>A place is a pile on the plan of that name, however it is written.</summary>
    public static FetchWalk Of(GardenPlan plan, Point from, IReadOnlyList<Lying> things)
    {
        var piles = plan.Features.OfType<Pile>().DistinctBy(p => p.Name, StringComparer.OrdinalIgnoreCase).ToDictionary(p => p.Name, StringComparer.OrdinalIgnoreCase);
        var lying = things.ToLookup(t => piles.GetValueOrDefault(t.Place.Trim()));
        List<FetchStop> stops = [.. lying.Where(g => g.Key is not null).Select(g => new FetchStop(g.Key!.Name, g.Key.Points[0], [.. g.Select(t => t.ThingId)]))];
        var order = stops.Count <= MostExact ? Shortest(from, stops) : NearestNext(from, stops);
        List<Point> way = [from, .. order.Select(s => s.At), from];
        return new(order, Round(from, order), [.. lying[null].Select(t => t.ThingId)]) { Over = [.. way.Zip(way.Skip(1)).SelectMany(leg => Figures.Over(plan, leg.First, leg.Second)).Select(s => s.Name).Distinct()] };
    }

    /// <summary>m from a point through all stops in their order and back.</summary>
    public static double Round(Point from, IReadOnlyList<FetchStop> stops)
        => stops.Count == 0 ? 0 : from.DistanceTo(stops[0].At) + stops.Zip(stops.Skip(1)).Sum(p => p.First.At.DistanceTo(p.Second.At)) + stops[^1].At.DistanceTo(from);

    /// <summary>Held and Karp 1962: the shortest way through each set of stops that ends at one of them, from smaller sets to greater.</summary>
    private static List<FetchStop> Shortest(Point from, List<FetchStop> stops)
    {
        var n = stops.Count;
        if (n == 0) return [];
        var best = new double[1 << n, n];
        var before = new int[1 << n, n];
        for (var set = 1; set < 1 << n; set++)
        {
            for (var last = 0; last < n; last++)
            {
                if ((set & (1 << last)) == 0) continue;
                var rest = set & ~(1 << last);
                (best[set, last], before[set, last]) = rest == 0
                    ? (from.DistanceTo(stops[last].At), -1)
                    : Enumerable.Range(0, n).Where(p => (rest & (1 << p)) != 0).Select(p => (best[rest, p] + stops[p].At.DistanceTo(stops[last].At), p)).Min();
            }
        }

        var way = new List<FetchStop>();
        var (left, at) = ((1 << n) - 1, Enumerable.Range(0, n).MinBy(l => best[(1 << n) - 1, l] + stops[l].At.DistanceTo(from)));
        while (at >= 0)
        {
            way.Add(stops[at]);
            (left, at) = (left & ~(1 << at), before[left, at]);
        }

        // Round the other way it is as long: first to the nearer of its two ends.
        if (from.DistanceTo(way[0].At) > from.DistanceTo(way[^1].At)) way.Reverse();
        return way;
    }

    private static List<FetchStop> NearestNext(Point from, List<FetchStop> stops)
    {
        var (way, left, at) = (new List<FetchStop>(), stops.ToList(), from);
        while (left.Count > 0)
        {
            var next = left.MinBy(s => s.At.DistanceTo(at))!;
            left.Remove(next);
            way.Add(next);
            at = next.At;
        }

        return way;
    }
}
