using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Places;

/// <summary>What else is measured of a garden, and what each of it changes: steps, sockets, how a door hangs, the kitchen, when a spot is free and who sees it.</summary>
public class StairsDoorsAndDaysTests
{
    // North is up: the base line runs east.
    private static readonly PlanSite Site = new(52.4, 14, 90, Exposure.Open, null, null, null);
    private static readonly Spot Ground = new(1, "Ground", [new(0, 0), new(14, 0), new(14, 8), new(0, 8)], Core.Designs.Site.Soil, "firm-sand", null, "", false, 0, null, [], null);

    private static GardenPlan Yard(params Feature[] features) => new(Site, features, [Ground]);

    private static StandingPlanter Bed(double x, double y, double length = 2, double width = 1)
        => new(1, "Bed", 1, new(x, y), 0, new(length, width, .4, length * width, false), 500) { Drinks = new(1.05, 2, .02, true) };

    private static IEnumerable<PlaceRemark> About(string about, GardenPlan plan, StandingPlanter planter) => Placement.Of(plan, planter, [planter], Handbook.Default).Where(r => r.About == about);

    private static Door Gate(double? shut, bool? left) => new(7, "Gate", [new(5, 4)], 1) { Shut = shut, OpensLeft = left };

    [Fact]
    public void A_door_of_which_nobody_knows_how_it_hangs_may_strike_all_round_and_one_that_was_looked_at_strikes_where_it_opens()
    {
        // Shut it points east; opened to the left it sweeps to the north, to the right to the south.
        StandingPlanter north = Bed(5.6, 5, 1, 1), south = Bed(5.6, 3, 1, 1), west = Bed(4, 4, .8, .8);
        foreach (var at in (StandingPlanter[])[north, south, west]) About("overlap", Yard(Gate(null, null)), at).ShouldHaveSingleItem().Words.ToString().ShouldContain("swings");
        About("overlap", Yard(Gate(90, true)), north).ShouldHaveSingleItem();
        About("overlap", Yard(Gate(90, true)), south).ShouldBeEmpty();
        About("overlap", Yard(Gate(90, false)), north).ShouldBeEmpty();
        About("overlap", Yard(Gate(90, false)), south).ShouldHaveSingleItem();
        foreach (var left in (bool[])[true, false]) About("overlap", Yard(Gate(90, left)), west).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(null, null)]
    [InlineData(0.0, true)]
    [InlineData(225.0, false)]
    public void What_a_door_sweeps_is_never_less_than_its_leaf_reaches(double? shut, bool? left)
    {
        var gate = Gate(shut, left);
        var outline = gate.Swept(Site);
        var random = new Random(3);
        for (var i = 0; i < 200; i++)
        {
            var opened = (left is null ? 360 : 90) * random.NextDouble() * (left == true ? -1 : 1);
            var leaf = Site.Toward((shut ?? 0) + opened);
            Inside(outline, new(5 + leaf.X * .999, 4 + leaf.Y * .999)).ShouldBeTrue($"{opened} degrees open");
        }

        outline.Max(p => p.DistanceTo(new(5, 4))).ShouldBeLessThan(1.01);
    }

    /// <summary>By the sides that a ray from the point crosses.</summary>
    private static bool Inside(IReadOnlyList<Point> outline, Point p)
        => outline.Zip(outline.Skip(1).Append(outline[0])).Count(s => s.First.Y > p.Y != s.Second.Y > p.Y && p.X < (s.Second.X - s.First.X) * (p.Y - s.First.Y) / (s.Second.Y - s.First.Y) + s.First.X) % 2 == 1;

    [Fact]
    public void How_a_door_hangs_is_told_whole_or_not_at_all()
    {
        PlaceDraft gate = new(PlaceSort.Door, "Gate", [new(Along: 5, Off: 4)]) { Swing = 1 };
        Survey.Of(gate with { Shut = 90 }, 1, 14).Problems.ShouldHaveSingleItem().Field.ShouldBe("opensLeft");
        Survey.Of(gate with { OpensLeft = true }, 1, 14).Problems.ShouldHaveSingleItem().Field.ShouldBe("shut");
        Survey.Of(gate with { Shut = 400, OpensLeft = true }, 1, 14).Problems.ShouldHaveSingleItem().Field.ShouldBe("shut");
        Survey.Of(gate with { Shut = 90, OpensLeft = false, Kitchen = true }, 1, 14).Value!.Feature.ShouldBeOfType<Door>().ShouldSatisfyAllConditions(d => d.ToKitchen.ShouldBeTrue(), d => d.Shut.ShouldBe(90));
    }

    [Fact]
    public void Cans_that_are_carried_up_steps_are_said_to_be_and_a_tap_on_this_side_of_them_is_carried_level()
    {
        Tap tap = new(3, "Tap", [new(1, 4)], null);
        Steps steps = new(4, "Bank steps", [new(5, 0), new(5, 8)], .8, .9);
        var over = About("water", Yard(tap, steps), Bed(9, 4)).ShouldHaveSingleItem();
        over.Verdict.ShouldBe(Verdict.Tight);
        over.Words.ToString().ShouldContain("over Bank steps each time");
        var high = Yard(tap) with { Spots = [Balcony(2.5)] };
        About("water", high, Bed(7, 4.5)).ShouldHaveSingleItem().ShouldSatisfyAllConditions(r => r.Verdict.ShouldBe(Verdict.Tight), r => r.Words.ToString().ShouldContain("and 2500 mm up each time"));
        About("water", Yard(tap, steps), Bed(2.5, 4)).Concat(About("water", Yard(tap), Bed(9, 4))).ShouldAllBe(r => r.Verdict == Verdict.Sound && !r.Words.ToString().Contains("Bank steps", StringComparison.Ordinal));
    }

    [Fact]
    public void Nothing_stands_on_steps_and_what_is_fetched_over_them_is_carried()
    {
        Steps steps = new(4, "Bank steps", [new(5, 0), new(5, 8)], .8, .9);
        About("overlap", Yard(steps), Bed(5.5, 4)).ShouldHaveSingleItem().Verdict.ShouldBe(Verdict.Fails);
        About("overlap", Yard(steps), Bed(6.5, 4)).ShouldBeEmpty();
        Pile here = new(8, "Here", [new(2, 2)]), there = new(9, "There", [new(12, 2)]);
        FetchWalk.Of(Yard(steps, here, there), new(3, 3), [new(1, "Here"), new(2, "There")]).Over.ShouldBe(["Bank steps"]);
        FetchWalk.Of(Yard(steps, here, there), new(3, 3), [new(1, "Here")]).Over.ShouldBeEmpty();
    }

    [Fact]
    public void Beside_a_socket_an_electrician_is_asked_and_a_step_away_from_it_nobody_is()
    {
        Power socket = new(5, "Socket", [new(5, 4)]);
        var near = About("power", Yard(socket), Bed(6.5, 4)).ShouldHaveSingleItem();
        near.Verdict.ShouldBe(Verdict.Tight);
        near.Words.ToString().ShouldContain("electrician");
        About("power", Yard(socket), Bed(8, 4)).ShouldBeEmpty();
    }

    [Fact]
    public void A_spot_that_is_free_for_part_of_the_year_refuses_what_takes_longer_and_says_when_to_be_gone()
    {
        var strip = Ground with { Free = new(121, 212) };
        strip.Free.Days.ShouldBe(92);
        var plan = Yard() with { Spots = [strip] };
        About("free", plan, Bed(5, 4)).ShouldHaveSingleItem().Words.ToString().ShouldContain("from 1 May to 31 July, 92 days");
        About("free", Yard(), Bed(5, 4)).ShouldBeEmpty();
        var report = SpotReport.Of(plan, strip, Handbook.Default);
        foreach (var (crop, whyNot, _) in report.Crops(Handbook.Default)) (whyNot is not null).ShouldBe(crop.DaysToHarvest > 92, crop.Name);
        Crops.In(Handbook.Default).Count(c => c.DaysToHarvest > 92).ShouldBeGreaterThan(3);
    }

    /// <summary>More days never take a crop away.</summary>
    [Fact]
    public void Every_day_more_that_a_spot_is_free_leaves_each_crop_that_grew_there()
    {
        Whereabouts here = new(1, "Ground", new(6, 6), false);
        foreach (var crop in Crops.In(Handbook.Default))
        {
            var grew = false;
            for (var days = 1; days < 365; days++)
            {
                var grows = (here with { FreeDays = days }).WhyNot(crop) is null;
                (grew && !grows).ShouldBeFalse($"{crop.Name} at {days} days");
                grew = grows;
            }

            grew.ShouldBe(crop.DaysToHarvest <= 364, crop.Name);
        }

        // Free all year is free for what takes years.
        var ever = Ground with { Free = new(1, 365) };
        SpotReport.Of(Yard() with { Spots = [ever] }, ever, Handbook.Default).Here.FreeDays.ShouldBeNull();
    }

    [Theory]
    [InlineData(1, 365, 365)]
    [InlineData(60, 60, 1)]
    [InlineData(305, 59, 120)]
    public void A_free_time_may_run_over_the_turn_of_the_year(int from, int to, int days) => new FreeTime(from, to).Days.ShouldBe(days);

    [Fact]
    public void A_free_time_has_both_its_days_and_both_are_of_a_year()
    {
        PlaceDraft spot = new(PlaceSort.Spot, "Strip", [new(Along: 0, Off: 0), new(Along: 4, Off: 0)]) { Depth = 1 };
        Survey.Of(spot with { FreeFrom = 90 }, 1, 14).Problems.ShouldHaveSingleItem().Field.ShouldBe("freeTo");
        Survey.Of(spot with { FreeFrom = 0, FreeTo = 366 }, 1, 14).Problems.Select(p => p.Field).ShouldBe(["freeFrom", "freeTo"]);
        Survey.Of(spot with { FreeFrom = 90, FreeTo = 200, SeenFrom = " the lane " }, 1, 14).Value!.Spot!.ShouldSatisfyAllConditions(s => s.Free.ShouldBe(new FreeTime(90, 200)), s => s.SeenFrom.ShouldBe("the lane"));
        Survey.Of(spot with { SeenFrom = new('x', 61) }, 1, 14).Problems.ShouldHaveSingleItem().Field.ShouldBe("seenFrom");
    }

    [Fact]
    public void What_is_picked_nearly_every_day_would_rather_be_near_the_kitchen_and_what_keeps_does_not_mind()
    {
        Door kitchen = new(6, "Back door", [new(0, -30)], .8) { ToKitchen = true }, shed = new(7, "Shed", [new(7, 4)], .8);
        IReadOnlyList<string> Far(params Feature[] features) => [.. SpotReport.Of(Yard(features), Ground, Handbook.Default).Crops(Handbook.Default).Where(c => c.Doubt?.ToString().Contains("kitchen", StringComparison.Ordinal) == true).Select(c => c.Crop.Id)];
        Far(kitchen).ShouldContain("basil");
        Far(kitchen).ShouldNotContain("garlic");
        Far(shed).ShouldBeEmpty();
        Far(kitchen with { Points = [new(0, -10)] }).ShouldBeEmpty();
        SpotReport.Of(Yard(kitchen, shed), Ground, Handbook.Default).ToKitchen.ShouldBe(30);
        SpotReport.Of(Yard(shed), Ground, Handbook.Default).ToKitchen.ShouldBeNull();
    }

    [Fact]
    public void The_better_side_goes_to_where_it_is_seen_from()
        => About("seen", Yard() with { Spots = [Ground with { SeenFrom = "the lane" }] }, Bed(5, 4)).ShouldHaveSingleItem().Words.ToString().ShouldContain("seen from the lane");

    [Fact]
    public void Designs_for_a_spot_come_by_their_worst_verdict_with_the_reason_that_decides()
    {
        var hard = Ground with { Tests = [new RodTest(new(2026, 3, 1), .2, true)] };
        var plan = Yard() with { Spots = [hard] };
        var brief = Brief.Default.At(plan, hard);
        string[] some = ["drilled-tub", "let-in-table", "pallet-bed"];
        var matches = some.Select(id => Catalogue.Find(id)!).Select(d => Matcher.Match(d, Yards.Whole, brief, Aim.MostSoil)).ToList();
        var ranked = DesignRank.Ordered(matches, brief.Here!);
        ranked.Count.ShouldBe(matches.Count);
        foreach (var (a, b) in ranked.Zip(ranked.Skip(1)))
        {
            ((int)a.Standing).ShouldBeLessThanOrEqualTo((int)b.Standing);
            if (a.Standing == Standing.WillDo && b.Standing == Standing.WillDo) ((int)a.Worst!.Value).ShouldBeLessThanOrEqualTo((int)b.Worst!.Value);
        }

        ranked.ShouldAllBe(r => r.Words.ToString().Length > 10);
        // What is driven deeper than the rod went is behind all that stands on the ground.
        ranked[^1].Words.ToString().ShouldContain("rod");
        ranked[0].Standing.ShouldBe(Standing.WillDo);
    }

    private static Spot Balcony(double? up) => Ground with { Site = Core.Designs.Site.Balcony, GroundId = null, Up = up, Corners = [new(6, 4), new(8, 4), new(8, 5), new(6, 5)] };

    [Fact]
    public void A_balcony_above_the_fences_has_no_shelter_of_them_and_harder_gusts_the_higher_it_lies()
    {
        Feature[] court = [new House(9, "Court", [new(5, 3), new(9, 3), new(9, 6), new(5, 6)], 3)];
        double Gust(double? up) => SpotWind.At(Yard(court), Balcony(up), Handbook.Default).Speed;
        var ground = SpotWind.At(Yard(court), Balcony(null) with { Site = Core.Designs.Site.Paving }, Handbook.Default);
        var last = ground.Speed;
        foreach (var up in (double[])[.5, 1, 1.5, 1.9, 2.5, 4, 8, 20])
        {
            Gust(up).ShouldBeGreaterThanOrEqualTo(last);
            last = Gust(up);
        }

        // Above the walls less a crop's height nothing shelters: v (1 + z ÷ 2)^.14 by the pencil.
        Gust(2).ShouldBe(20 * Math.Pow(2, .14), 1e-9);
        var unknown = SpotWind.At(Yard(court), Balcony(null), Handbook.Default);
        unknown.Speed.ShouldBe(20 * Math.Pow(4, .14), 1e-9);
        unknown.UpAssumed.ShouldBeTrue();
        unknown.ShelteredBy.ShouldBeEmpty();
    }

    [Fact]
    public void A_balcony_looks_over_the_wall_that_shades_the_ground_and_one_that_nobody_measured_is_taken_as_shaded()
    {
        Screen wall = new(10, "Wall", [new(0, 3), new(14, 3)], ScreenKind.Wall, 3, .2, 0);
        double Sun(double? up) => SpotReport.Of(Yard(wall) with { Spots = [Balcony(up)] }, Balcony(up), Handbook.Default).Here.Sun.InAll;
        Sun(4).ShouldBeGreaterThan(Sun(null) + 2);
        foreach (var (low, high) in ((double, double)[])[(.5, 1), (1, 2), (2, 3)]) Sun(high).ShouldBeGreaterThanOrEqualTo(Sun(low));
    }

    [Fact]
    public void Frost_dates_from_the_valley_come_later_on_the_hill()
    {
        SpotFrost Frost(double? height, double? from) => SpotReport.Of(Yard() with { Site = Site with { Height = height, FrostHeight = from } }, Ground, Handbook.Default).Frost;
        Frost(320, 120).ShouldSatisfyAllConditions(f => f.Degrees.ShouldBe(-1.3, 1e-9), f => f.Days.ShouldBe(7), f => f.Why.ShouldHaveSingleItem().ToString().ShouldContain("higher than where the frost dates are from"));
        Frost(120, 320).Degrees.ShouldBe(1.3, 1e-9);
        Frost(320, null).Degrees.ShouldBe(0);
        (Site with { FrostHeight = 120 }).Problems().ShouldHaveSingleItem().Field.ShouldBe("height");
        (Site with { Height = 9000 }).Problems().ShouldHaveSingleItem().Field.ShouldBe("height");
    }

    private static StandingPlanter Of(bool? heats, double? soil = .4) => Bed(7, 4) with { Size = new(2, 1, .5, 2, false, soil, 0, false, heats) };

    [Fact]
    public void Sides_of_metal_in_the_afternoon_sun_get_hot_and_dry_it_and_those_of_a_colour_nobody_told_may()
    {
        About("heat", Yard(), Of(true)).ShouldHaveSingleItem().Words.ToString().ShouldContain("roots at them get too hot");
        About("heat", Yard(), Of(null)).ShouldHaveSingleItem().Words.ToString().ShouldStartWith("Nobody has said how dark");
        About("heat", Yard(), Of(false)).ShouldBeEmpty();
        House shade = new(12, "Barn", [new(-4, -4), new(2, -4), new(2, 14), new(-4, 14)], 14);
        About("heat", Yard(shade), Of(true)).ShouldBeEmpty();
        Of(true).Water(Yard(), Handbook.Default)!.Week.Value.ShouldBe(1.25 * Of(false).Water(Yard(), Handbook.Default)!.Week.Value, 1e-9);
        Of(true).Water(Yard(shade), Handbook.Default)!.Week.Value.ShouldBe(Of(false).Water(Yard(shade), Handbook.Default)!.Week.Value, 1e-9);
    }

    [Fact]
    public void One_kneels_at_a_low_bed_stands_at_a_high_one_and_stoops_at_what_is_between()
    {
        About("work", Yard(), Of(false, .3)).ShouldBeEmpty();
        About("work", Yard(), Of(false, .55)).ShouldHaveSingleItem().Verdict.ShouldBe(Verdict.Tight);
        About("work", Yard(), Of(false, .8)).ShouldHaveSingleItem().Verdict.ShouldBe(Verdict.Sound);
        // Half a metre is room to stand and none to kneel.
        Screen near = new(13, "Wall", [new(0, 5.1), new(14, 5.1)], ScreenKind.Wall, 1, .1, 0), other = new(14, "Fence", [new(0, 2.9), new(14, 2.9)], ScreenKind.Fence, 1, .1, .2);
        About("reach", Yard(near, other), Of(false, .3)).ShouldHaveSingleItem().Words.ToString().ShouldBe("There is no room to kneel at either of its long sides.");
        About("reach", Yard(near, other), Of(false, .8)).ShouldBeEmpty();
    }
}
