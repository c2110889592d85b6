using Metaplant.Core.Geometry;
using Metaplant.Core.Places;

namespace Metaplant.Core.Tests.Places;

/// <summary>The walk that fetches what a project is made of.</summary>
public class FetchWalkTests
{
    private static GardenPlan Plan(params (string Name, double X, double Y)[] piles) => new(PlanSite.Nothing, [.. piles.Select((p, i) => new Pile(i + 1, p.Name, [new(p.X, p.Y)]))], []);

    [Fact]
    public void It_goes_round_and_comes_back_and_takes_all_of_a_place_at_once()
    {
        var plan = Plan(("Shed", 10, 0), ("Gate", 0, 10), ("Slip", 10, 10));
        var walk = FetchWalk.Of(plan, new(0, 1), [new(1, "Slip"), new(2, "shed "), new(3, "Gate"), new(4, "SHED"), new(5, "in the loft"), new(6, "")]);
        walk.Stops.Select(s => s.Place).ShouldBe(["Gate", "Slip", "Shed"]);
        walk.Stops[2].ThingIds.ShouldBe([2, 4]);
        walk.Nowhere.ShouldBe([5, 6]);
        walk.Length.ShouldBe(9 + 10 + 10 + Math.Sqrt(101), 1e-9);
    }

    [Fact]
    public void Up_to_seven_places_no_other_order_is_shorter()
    {
        var random = new Random(7);
        for (var round = 0; round < 40; round++)
        {
            (string, double, double)[] piles = [.. Enumerable.Range(0, 1 + round % 7).Select(i => ($"Pile {i}", random.NextDouble() * 20, random.NextDouble() * 20))];
            Point from = new(random.NextDouble() * 20, random.NextDouble() * 20);
            var walk = FetchWalk.Of(Plan(piles), from, [.. piles.Select((p, i) => new Lying(i, p.Item1))]);
            walk.Stops.Select(s => s.Place).ShouldBe(piles.Select(p => p.Item1), ignoreOrder: true);
            walk.Length.ShouldBe(Orders([.. walk.Stops]).Min(o => FetchWalk.Round(from, o)), 1e-9);
        }
    }

    [Fact]
    public void Of_many_places_none_is_left_out_and_of_none_there_is_no_walk()
    {
        (string, double, double)[] piles = [.. Enumerable.Range(0, FetchWalk.MostExact + 8).Select(i => ($"Pile {i}", i * 7 % 20.0, i * 3 % 11.0))];
        FetchWalk.Of(Plan(piles), default, [.. piles.Select((p, i) => new Lying(i, p.Item1))]).Stops.SelectMany(s => s.ThingIds).ShouldBe(Enumerable.Range(0, piles.Length), ignoreOrder: true);
        FetchWalk.Of(Plan(), default, []).ShouldSatisfyAllConditions(w => w.Stops.ShouldBeEmpty(), w => w.Length.ShouldBe(0));
    }

    private static IEnumerable<FetchStop[]> Orders(FetchStop[] stops)
        => stops.Length <= 1 ? [stops] : stops.SelectMany((first, i) => Orders([.. stops.Where((_, n) => n != i)]).Select(rest => (FetchStop[])[first, .. rest]));
}
