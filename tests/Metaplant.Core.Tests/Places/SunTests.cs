using CsCheck;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;

namespace Metaplant.Core.Tests.Places;

/// <summary>Where the sun stands, what hides it, and how long it shines.</summary>
public class SunTests
{
    private static readonly PlanSite East = PlanSite.Nothing with { Latitude = 52.4, BaseLine = 14, Bearing = 90 };

    [Theory]
    // At noon by the sun it stands 90° − φ + δ high; on the solstices δ is 23.44° one way and the other, on the equinoxes next to nothing.
    [InlineData(52.4, 172, 90 - 52.4 + 23.44, 180)]
    [InlineData(52.4, 355, 90 - 52.4 - 23.44, 180)]
    [InlineData(66.5, 172, 90 - 66.5 + 23.44, 180)]
    [InlineData(-33.9, 355, 90 - 33.9 + 23.44, 0)]
    [InlineData(-33.9, 172, 90 - 33.9 - 23.44, 0)]
    [InlineData(0, 172, 90 - 23.44, 0)]
    public void At_noon_it_stands_as_high_as_the_season_and_the_place_say(double latitude, int day, double elevation, double azimuth)
    {
        var sun = SunPosition.At(latitude, day, 12);
        sun.Elevation.ShouldBe(elevation, .03);
        Math.Abs((sun.Azimuth - azimuth + 540) % 360 - 180).ShouldBeLessThan(.1);
    }

    [Fact]
    public void On_the_equinox_it_rises_due_east_at_six_wherever_one_is()
    {
        foreach (var latitude in new[] { -60.0, -20, 0, 35, 52.4 })
        {
            var sun = SunPosition.At(latitude, 79, 6);
            sun.Elevation.ShouldBe(0, .4);
            sun.Azimuth.ShouldBe(90, .4);
        }
    }

    /// <summary>Meeus, Astronomical Algorithms, example 25.a: 1992 October 13 at 0 h TD the declination is −7.78507°. At Greenwich's antipode of noon, seen from the pole, the height is the declination.</summary>
    [Fact]
    public void From_the_pole_its_height_is_the_declination_of_the_book()
        => SunPosition.At(90, 0, new DateTime(1992, 10, 13, 0, 0, 0, DateTimeKind.Utc)).Elevation.ShouldBe(-7.78507, .01);

    [Fact]
    public void On_level_ground_the_day_is_as_long_as_the_sunset_equation_says()
    {
        foreach (var (latitude, day, declination) in new[] { (52.4, 172, 23.437), (52.4, 355, -23.437), (-35.0, 355, -23.437) })
        {
            double r = Math.PI / 180, half = Math.Acos(-Math.Tan(latitude * r) * Math.Tan(declination * r)) / r / 15;
            var hours = Horizon.Hours(latitude, day, []);
            hours.InAll.ShouldBe(2 * half, .02);
            hours.Morning.ShouldBe(hours.Afternoon, .02);
        }
    }

    [Fact]
    public void A_horizon_all_round_to_the_zenith_leaves_nothing_and_one_in_the_east_takes_the_morning()
    {
        Horizon.Hours(52, 172, [new(0, 360, 90)]).InAll.ShouldBe(0);
        var (open, walled) = (Horizon.Hours(52, 172, []), Horizon.Hours(52, 172, [new(350, 180, 90)]));
        walled.Morning.ShouldBeLessThan(.05);
        walled.Afternoon.ShouldBe(open.Afternoon, .5);
    }

    [Fact]
    public void A_higher_horizon_never_gives_more_sun()
        => Gen.Select(Gen.Double[-65, 65], Gen.Int[1, 365], Gen.Double[0, 360], Gen.Double[0, 360], Gen.Double[0, 60], Gen.Double[0, 30]).Sample(
            (latitude, day, from, to, height, more) => Horizon.Hours(latitude, day, [new(from, to, height + more)]).InAll <= Horizon.Hours(latitude, day, [new(from, to, height)]).InAll + .02, iter: 60);

    /// <summary>A long wall square to the sun shades level ground as far as its height over the tangent of the sun's height; past its ends as far as the sideways step lets.</summary>
    [Fact]
    public void A_thousand_walls_throw_the_shadows_of_plain_trigonometry()
        => Gen.Select(Gen.Double[1, 40], Gen.Double[.5, 5], Gen.Double[-5, 5], Gen.Double[.2, 12], Gen.Double[5, 80], Gen.Double[-60, 60]).Sample(
            (length, high, x, y, elevation, off) =>
            {
                // The wall runs along x at y = 0; the point is y behind it, and the sun stands in front, off to one side.
                var plan = new GardenPlan(East, [new Screen(1, "Wall", [new(-length / 2, 0), new(length / 2, 0)], ScreenKind.Wall, high, .2, 0)], []);
                double r = Math.PI / 180, rise = Math.Tan(elevation * r);
                var toward = new Point(Math.Sin(off * r), -Math.Cos(off * r));
                var way = y / Math.Cos(off * r);
                var meets = x + way * Math.Sin(off * r);
                var (inside, below) = (length / 2 - Math.Abs(meets), high - way * rise);
                // What is decided by less than a hair is decided by rounding.
                if (Math.Abs(inside) < 1e-6 || Math.Abs(below) < 1e-6) return true;
                var light = plan.Casters.Light(new(x, y), 0, toward, rise, plan.Casters.Passing(6, Handbook.Default));
                return light == (inside > 0 && below > 0 ? 0 : 1);
            }, iter: 1000);

    [Fact]
    public void A_higher_wall_never_gives_more_sun_and_what_is_south_of_it_has_what_it_had()
    {
        GardenPlan With(double height) => new(East, [new Screen(1, "Wall", [new(2, 3), new(12, 3)], ScreenKind.Wall, height, .2, 0)], []);
        Point north = new(7, 4), south = new(7, 2);
        var last = double.MaxValue;
        foreach (var height in new[] { .4, .8, 1.2, 2, 3, 5 })
        {
            var hours = SunMap.Hours(With(height), [north, south], 80, Handbook.Default);
            hours[0].InAll.ShouldBeLessThanOrEqualTo(last);
            last = hours[0].InAll;
            hours[1].InAll.ShouldBe(SunMap.Hours(With(.31), [south], 80, Handbook.Default)[0].InAll, .2);
        }

        // What is left comes early and late, round its ends.
        last.ShouldBeLessThan(2);
    }

    [Fact]
    public void A_tree_lets_more_sun_through_when_it_is_bare()
    {
        var plan = new GardenPlan(East, [new Tree(1, "Alder", [new(7, 2)], 6, 5, 1, 5, 9)], []);
        var (leafy, bare) = (plan.Casters.Passing(6, Handbook.Default)[0], plan.Casters.Passing(12, Handbook.Default)[0]);
        leafy.ShouldBeLessThan(bare);
        SunMap.Hours(plan, [new(7, 2)], 172, Handbook.Default)[0].InAll.ShouldBeLessThan(.5 * SunMap.Hours(GardenPlan.Nothing with { Site = East }, [new(7, 2)], 172, Handbook.Default)[0].InAll);
    }

    [Fact]
    public void The_sky_is_open_in_the_open_and_half_of_it_at_the_foot_of_a_high_wall()
    {
        SunMap.OpenSky(new(East, [], []), new(5, 5), Handbook.Default).ShouldBe(1);
        var walled = new GardenPlan(East, [new Screen(1, "Wall", [new(-500, 6), new(500, 6)], ScreenKind.Wall, 200, .2, 0)], []);
        SunMap.OpenSky(walled, new(5, 5.9), Handbook.Default).ShouldBe(.5, .03);
    }

    /// <summary>What is drawn is what is counted: a point is in a drawn shadow where the sun does not reach it.</summary>
    [Fact]
    public void What_is_drawn_dark_has_no_sun_and_what_is_drawn_light_has()
    {
        var plan = new GardenPlan(East, [new House(1, "Shed", [new(4, 3), new(7, 3), new(7, 5), new(4, 5)], 2.5), new Screen(2, "Wall", [new(9, 1), new(12, 4)], ScreenKind.Wall, 1.8, .2, 0)], []);
        var passing = plan.Casters.Passing(3, Handbook.Default);
        foreach (var moment in Shadows.Day(plan, 80, 120, Handbook.Default).Where(m => m.Sun.Elevation > 12))
        {
            var toward = plan.Site.Toward(moment.Sun.Azimuth);
            var rise = Math.Tan(moment.Sun.Elevation * Math.PI / 180);
            foreach (var p in from i in Enumerable.Range(0, 28) from j in Enumerable.Range(0, 20) select new Point(.037 + i * .5, .041 + j * .5))
            {
                if (p is { X: > 3.99 and < 7.01, Y: > 2.99 and < 5.01 }) continue;
                var drawn = moment.Shadows.Any(s => Inside(s.Outline, p));
                var lit = plan.Casters.Light(p, 0, toward, rise, passing) > 0;
                if (NearEdge(moment, p)) continue;
                drawn.ShouldBe(!lit, $"{moment.Hour} at {p}");
            }
        }

        static bool NearEdge(Moment m, Point p) => m.Shadows.Any(s => s.Outline.Zip(s.Outline.Skip(1).Append(s.Outline[0])).Any(e => Away(e.First, e.Second, p) < .002));

        static double Away(Point a, Point b, Point p)
        {
            double dx = b.X - a.X, dy = b.Y - a.Y, t = Math.Clamp(((p.X - a.X) * dx + (p.Y - a.Y) * dy) / Math.Max(1e-12, dx * dx + dy * dy), 0, 1);
            return p.DistanceTo(new(a.X + t * dx, a.Y + t * dy));
        }
    }

    [Fact]
    public void Contours_hold_what_is_at_least_so_much_and_nothing_else()
    {
        const int Across = 21;
        var values = Enumerable.Range(0, Across * Across).Select(i => 10 - new Point(i % Across * .5, i / Across * .5).DistanceTo(new(5, 5))).ToList();
        // At least 7 within 3 m of the middle: a disc.
        var area = Contours.AtLeast(values, Across, default, new(.5, .5), 7).ShouldHaveSingleItem();
        area.Count.ShouldBe(1);
        area[0].ShouldAllBe(p => Math.Abs(p.DistanceTo(new(5, 5)) - 3) < .05);
        Contours.AtLeast(values, Across, default, new(.5, .5), 11).ShouldBeEmpty();
        Contours.AtLeast(values, Across, default, new(.5, .5), 0).ShouldHaveSingleItem()[0].Max(p => p.X).ShouldBe(10, 1e-4);
    }

    [Theory]
    [InlineData(90, 0, 0, 1)]
    [InlineData(90, 90, 1, 0)]
    [InlineData(0, 90, 0, -1)]
    [InlineData(45, 90, .7071, -.7071)]
    public void North_is_where_the_compass_said(double bearing, double azimuth, double x, double y)
    {
        var site = PlanSite.Nothing with { Bearing = bearing };
        site.Toward(azimuth).X.ShouldBe(x, 1e-4);
        site.Toward(azimuth).Y.ShouldBe(y, 1e-4);
    }

    private static bool Inside(IReadOnlyList<Point> ring, Point p)
    {
        var inside = false;
        for (int i = 0, j = ring.Count - 1; i < ring.Count; j = i++)
        {
            if (ring[i].Y > p.Y != ring[j].Y > p.Y && p.X < (ring[j].X - ring[i].X) * (p.Y - ring[i].Y) / (ring[j].Y - ring[i].Y) + ring[i].X) inside = !inside;
        }

        return inside;
    }
}
