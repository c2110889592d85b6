using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Places;

/// <summary>What is let go of near a wall stands along it with the gap it needs; and where it stands is measured from edges.</summary>
public class SnappingTests
{
    private static readonly Screen Wall = new(10, "Yard wall", [new(0, 8), new(14, 8)], ScreenKind.Wall, 2, .2, 0);
    private static readonly House Shed = new(11, "Shed", [new(14, 0), new(18, 0), new(18, 9), new(14, 9)], 3);
    private static readonly Spot Ground = new(1, "Ground", [new(0, 0), new(14, 0), new(14, 8), new(0, 8)], Site.Soil, "firm-sand", null, "", false, 0, null, [], null);
    private static readonly GardenPlan Yard = new(new(52.4, 14, 90, Exposure.Open, null, null, null), [Wall, Shed], [Ground]);

    private static StandingPlanter Tub(double x, double y, double turned = 0, bool open = false) => new(1, "Tub", 1, new(x, y), turned, new(2, 1, .4, 2, false, null, 0, open), 500);

    [Fact]
    public void Near_a_wall_it_is_turned_along_it_and_stands_a_hand_off_so_that_both_dry()
    {
        // Its face is at 7.9 m; half a metre of tub and 50 mm of air.
        var snapped = Snapping.Of(Yard, Tub(5, 7.2, 8)).ShouldNotBeNull();
        snapped.Turned.ShouldBe(0, 1e-9);
        snapped.At.ShouldSatisfyAllConditions(p => p.X.ShouldBe(5, 1e-9), p => p.Y.ShouldBe(7.9 - .05 - .5, 1e-9));
        snapped.Beside.ShouldBe(["Yard wall"]);
        // Endways it stays endways.
        Snapping.Of(Yard, Tub(5, 6.9, 85))!.ShouldSatisfyAllConditions(s => s.Turned.ShouldBe(90, 1e-9), s => s.At.Y.ShouldBe(7.9 - .05 - 1, 1e-9));
    }

    [Theory]
    [InlineData(5, 6.5, 0)]
    [InlineData(5, 7.2, 30)]
    [InlineData(7, 3, 0)]
    public void Farther_off_or_across_it_stays_where_it_was_let_go_of(double x, double y, double turned) => Snapping.Of(Yard, Tub(x, y, turned)).ShouldBeNull();

    [Fact]
    public void What_drips_stands_farther_from_a_building_than_what_is_open_below_and_then_nothing_is_said_of_it()
    {
        var closed = Snapping.Of(Yard, Tub(12.7, 3)).ShouldNotBeNull();
        closed.At.X.ShouldBe(14 - .15 - 1, 1e-9);
        Snapping.Of(Yard, Tub(12.9, 3, open: true))!.At.X.ShouldBe(14 - .05 - 1, 1e-9);
        IEnumerable<string> Said(StandingPlanter at) => Placement.Of(Yard, at, [at], Handbook.Default).Select(r => r.About);
        Said(Tub(closed.At.X, 3)).ShouldNotContain("drips");
        Said(Tub(closed.At.X, 3)).ShouldNotContain("gap");
        Said(Tub(closed.At.X + .1, 3)).ShouldContain("drips");
    }

    [Fact]
    public void In_a_corner_it_is_drawn_to_both_walls()
    {
        var snapped = Snapping.Of(Yard, Tub(12.75, 7.2, 5)).ShouldNotBeNull();
        snapped.Beside.ShouldBe(["Yard wall", "Shed"], ignoreOrder: true);
        snapped.At.X.ShouldBe(14 - .15 - 1, 1e-9);
        snapped.At.Y.ShouldBe(7.9 - .05 - .5, 1e-9);
    }

    /// <summary>Wherever it is let go of, what it is drawn to it does not stand in, and drawn once more it stays.</summary>
    [Fact]
    public void Drawn_to_a_wall_it_stands_clear_of_it_and_drawn_again_it_does_not_move()
    {
        var random = new Random(9);
        var drawn = 0;
        for (var i = 0; i < 2000; i++)
        {
            var tub = Tub(14 * random.NextDouble(), 8 * random.NextDouble(), 360 * random.NextDouble() - 180);
            if (Snapping.Of(Yard, tub) is not { } snapped) continue;
            drawn++;
            var stands = tub with { At = snapped.At, Turned = snapped.Turned };
            Snapping.Of(Yard, stands)!.At.DistanceTo(snapped.At).ShouldBeLessThan(1e-9);
            stands.At.DistanceTo(tub.At).ShouldBeLessThan(.25 * Math.Sqrt(2) + 1e-9);
            Placement.Of(Yard, stands, [stands], Handbook.Default).ShouldNotContain(r => r.About == "overlap" && snapped.Beside.Any(b => r.Words.ToString().StartsWith(b, StringComparison.Ordinal)));
        }

        drawn.ShouldBeGreaterThan(50);
    }

    private static string[] Named(GardenPlan plan, StandingPlanter tub) => [.. EdgeNear.Of(plan, tub).Select(e => e.Name.ToString())];

    [Fact]
    public void It_is_measured_from_the_nearest_wall_or_edge_each_way_round_it()
    {
        var edges = EdgeNear.Of(Yard, Tub(12, 6.5));
        Named(Yard, Tub(12, 6.5)).ShouldBe(["Yard wall", "Shed", "the edge of Ground from its point 1 to 2", "the edge of Ground from its point 4 to 1"]);
        edges.Select(e => Math.Round(e.Away, 6)).ShouldBe([.9, 1, 6, 11]);

        // In the corner of one wall its two sides are told apart.
        var bent = Yard with { Features = [Wall with { Points = [new(0, 8), new(14, 8), new(14, 0)] }] };
        Named(bent, Tub(12, 6.5)).Take(2).ShouldBe(["Yard wall, from its point 1 to 2", "Yard wall, from its point 2 to 3"]);

        // On its edge there is nothing to measure that way.
        Named(Yard, Tub(1, 2)).ShouldBe(["Yard wall", "Shed", "the edge of Ground from its point 1 to 2"]);
    }

    [Fact]
    public void Moved_by_what_one_measure_says_it_measures_that_and_is_measured_from_the_same_edges_in_the_same_order()
    {
        // Also where the move takes it past the middle, so that another edge is nearer then.
        foreach (var at in (StandingPlanter[])[Tub(12, 6.5), Tub(3, 2), Tub(7, 4)])
            foreach (var (i, e) in EdgeNear.Of(Yard, at).Index())
            {
                var by = e.Away - 1.3;
                var moved = EdgeNear.Of(Yard, Tub(at.At.X + e.Toward.X * by, at.At.Y + e.Toward.Y * by));
                moved.Select(m => m.Name).ShouldBe(EdgeNear.Of(Yard, at).Select(m => m.Name));
                moved[i].Away.ShouldBe(1.3, 1e-9);
            }
    }
}
