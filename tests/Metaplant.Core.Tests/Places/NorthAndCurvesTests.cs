using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Places;

namespace Metaplant.Core.Tests.Places;

/// <summary>A direction by a stick, and pegs that follow a bend or an edge.</summary>
public class NorthAndCurvesTests
{
    /// <summary>The shadow is thrown by the sun as it is worked out elsewhere: at noon of any day, wherever the base line lies.</summary>
    [Theory]
    [InlineData(52.4)]
    [InlineData(30)]
    [InlineData(-41)]
    public void From_the_shortest_shadow_the_base_line_is_found_as_it_lies(double latitude)
    {
        var random = new Random(11);
        for (var i = 0; i < 50; i++)
        {
            PlanSite site = new(latitude, 14, 360 * random.NextDouble(), Exposure.Open, null, null, null);
            var sun = SunPosition.At(latitude, 21 + 28 * random.Next(12), 12);
            var length = 1.8 / Math.Tan(sun.Elevation * Math.PI / 180);
            if (length < .3) continue;
            var away = site.Toward(sun.Azimuth + 180);
            Point foot = new(2 + 8 * random.NextDouble(), 4 * random.NextDouble() - 2), tip = new(foot.X + away.X * length, foot.Y + away.Y * length);
            var found = NorthByStick.Of(Offset(foot), Offset(tip), 14, latitude).OrThrow();
            Math.Abs((found.Bearing - site.Bearing + 540) % 360 - 180).ShouldBeLessThan(.3, $"{site.Bearing}");
            found.Bearing.ShouldBeInRange(0, 360);
            found.Within.ShouldBe(Math.Atan(.02 * Math.Sqrt(2) / length) * 180 / Math.PI, 1e-6);
        }
    }

    [Fact]
    public void Where_a_stick_tells_nothing_it_is_said_at_the_measure_that_is_to_blame()
    {
        MarkDraft foot = new(Along: 5, Off: 1), near = new(Along: 5, Off: 1.2), tip = new(Along: 5, Off: 3);
        NorthByStick.Of(foot, tip, 14, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("latitude");
        NorthByStick.Of(foot, near, 14, 50).Problems.ShouldHaveSingleItem().Field.ShouldBe("tip");
        NorthByStick.Of(new(A: 2, B: 3), tip, 14, 50).Problems.ShouldHaveSingleItem().Field.ShouldBe("foot.b");
        NorthByStick.Of(foot, new(A: 2), 14, 50).Problems.ShouldHaveSingleItem().Field.ShouldBe("tip.b");
    }

    private static MarkDraft Offset(Point p) => new(Along: p.X, Off: p.Y);

    /// <summary>By pencil: over a string of 3 m a bend that rises .5 m has R = (2.25 + .25) ÷ 1 = 2.5 m, and at the middle of each half it stands √(6.25 − .5625) − 2 = .3848 m off.</summary>
    [Fact]
    public void A_bend_over_a_string_by_pencil()
    {
        var bend = Bend.Of(3, .5, 1).OrThrow();
        bend.Radius.ShouldBe(2.5, 1e-9);
        bend.Length.ShouldBe(2 * Math.Asin(.6) * 2.5, 1e-9);
        bend.OuterLength.ShouldBe(2 * Math.Asin(.6) * 3.5, 1e-9);
        foreach (var p in bend.Inner) p.Off.ShouldBe(Math.Sqrt(6.25 - (p.Along - 1.5) * (p.Along - 1.5)) - 2, 1e-9);
    }

    [Fact]
    public void Every_bend_begins_and_ends_on_its_string_and_is_one_width_wide_all_round()
    {
        var random = new Random(5);
        for (var i = 0; i < 500; i++)
        {
            double chord = .5 + 8 * random.NextDouble(), rise = chord / 2 * (.01 + .99 * random.NextDouble()), width = .2 + random.NextDouble();
            var bend = Bend.Of(chord, rise, width).OrThrow();
            bend.Inner[0].ShouldSatisfyAllConditions(p => p.Along.ShouldBe(0, 1e-9), p => p.Off.ShouldBe(0, 1e-9));
            bend.Inner[^1].ShouldSatisfyAllConditions(p => p.Along.ShouldBe(chord, 1e-9), p => p.Off.ShouldBe(0, 1e-9));
            bend.Inner.Max(p => p.Off).ShouldBeLessThanOrEqualTo(rise + 1e-9);
            foreach (var (inner, outer) in bend.Inner.Zip(bend.Outer)) At(inner).DistanceTo(At(outer)).ShouldBe(width, 1e-9);
            foreach (var (a, b) in bend.Inner.Zip(bend.Inner.Skip(1))) At(a).DistanceTo(At(b)).ShouldBeLessThan(1.5 * Bend.Every);
            // No outer peg is nearer to any inner one than the width: nowhere is the bed narrower.
            foreach (var outer in bend.Outer) bend.Inner.Min(p => At(p).DistanceTo(At(outer))).ShouldBe(width, 1e-9);
        }
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-.2)]
    [InlineData(1.6)]
    [InlineData(double.NaN)]
    public void A_bend_that_is_none_is_refused_at_its_rise(double rise) => Bend.Of(3, rise, 1).Problems.ShouldHaveSingleItem().Field.ShouldBe("rise");

    private static Point At(BendPeg p) => new(p.Along, p.Off);

    /// <summary>Along a wall with a corner of 90 degrees, half a metre off and one metre wide, on both sides of it: the pegs of each row stand that far from the wall, and at the corner √2 times.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Pegs_that_follow_an_edge_keep_their_gap_and_width_round_its_corner(bool left)
    {
        // It turns to the left, so that the left of it is within its corner.
        Point[] wall = [new(0, 0), new(6, 0), new(6, 5)];
        var followed = EdgeFollowed.Follow("Wall", wall, .5, 1, left, 0, 11);
        followed.Pegs.Count.ShouldBeGreaterThan(10);
        foreach (var peg in followed.Pegs)
        {
            foreach (var (off, even) in ((double, double)[])[(peg.Near, .5), (peg.Far, 1.5)])
            {
                var at = On(wall, peg, off, left);
                wall.Zip(wall.Skip(1)).Min(s => ToSide(at, s.First, s.Second)).ShouldBe(peg.Corner && !left ? even * Math.Sqrt(2) : even, 1e-9, $"{peg}");
            }
        }

        var corner = followed.Pegs.Where(p => p.Corner).ShouldHaveSingleItem();
        corner.Along.ShouldBe(6);
        corner.Near.ShouldBe(.5 * Math.Sqrt(2), 1e-9);
    }

    private static Point On(Point[] wall, EdgePeg peg, double off, bool left)
    {
        var side = left ? 1 : -1;
        if (peg.Corner) return new(6 - side * off / Math.Sqrt(2), side * off / Math.Sqrt(2));
        return peg.Along < 6 ? new(peg.Along, side * off) : new(wall[1].X - side * off, peg.Along - 6);
    }

    private static double ToSide(Point p, Point a, Point b)
    {
        double dx = b.X - a.X, dy = b.Y - a.Y, t = Math.Clamp(((p.X - a.X) * dx + (p.Y - a.Y) * dy) / (dx * dx + dy * dy), 0, 1);
        return p.DistanceTo(new(a.X + t * dx, a.Y + t * dy));
    }

    [Fact]
    public void The_edges_told_are_those_near_it_the_nearest_first_on_the_side_it_stands()
    {
        Screen wall = new(10, "Yard wall", [new(0, 8), new(14, 8)], ScreenKind.Wall, 2, .2, 0);
        Core.Places.Path way = new(11, "Way", [new(14, 4), new(0, 4)], .6), far = new(12, "Far way", [new(0, -4), new(14, -4)], .6);
        GardenPlan plan = new(new(52.4, 14, 90, Exposure.Open, null, null, null), [wall, way, far], [new(1, "Ground", [new(0, 0), new(14, 0), new(14, 8), new(0, 8)], Site.Soil, null, null, "", false, 0, null, [], null)]);
        StandingPlanter bed = new(1, "Bed", 1, new(7, 6), 0, new(3, 1.2, .4, 3.6, false), 500);
        var edges = EdgeFollowed.Of(plan, bed);
        edges.Select(e => e.Name).ShouldBe(["Way", "Yard wall"]);
        // The way was measured from east to west: the bed to its north is on its right.
        edges.Select(e => e.Left).ShouldBe([false, false]);
        edges[0].Gap.ShouldBe(1.1, 1e-9);
        edges[1].Gap.ShouldBe(1.3, 1e-9);
        edges[1].Pegs.ShouldAllBe(p => Math.Abs(p.Near - 1.4) < 1e-9 && Math.Abs(p.Far - 2.6) < 1e-9);
        edges[1].Pegs[0].Along.ShouldBe(4, 1e-9);
        edges[1].Pegs[^1].Along.ShouldBe(10, 1e-9);
        // A wall that it stands past the end of leads nowhere.
        EdgeFollowed.Of(plan with { Features = [wall with { Points = [new(0, 8), new(2, 8)] }, new Screen(13, "End on", [new(9.5, 6), new(12, 6)], ScreenKind.Fence, 1, .05, .2)] }, bed).ShouldAllBe(e => e.Pegs.Count > 1);
    }
}
