using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Places;

/// <summary>What a planter drinks where it stands, and how far that is carried.</summary>
public class WateringTests
{
    private static readonly PlanSite Site = new(52, 14, 90, Exposure.Open, null, null, null);
    private static readonly Thirst Bed = new(1.05, 2, .04, true);

    private static Spot Plot(double x = 5, double y = 2) => new(1, "Plot", [new(x, y), new(x + 2, y), new(x + 2, y + 1), new(x, y + 1)], Core.Designs.Site.Paving, null, null, "", false, 0, null, [], null);

    private static Watering Water(Thirst thirst, double? toTap, params Feature[] around)
    {
        var plan = new GardenPlan(Site, around, [Plot()]);
        return Watering.Of(thirst, plan, SpotReport.Of(plan, plan.Spots[0], Handbook.Default), toTap, Handbook.Default);
    }

    [Fact]
    public void In_the_open_it_is_the_sum_that_a_pencil_makes_of_it()
    {
        // 52 N, 21 June, 11 and 24 °C: R_a 41.695, so .0023 × 35.3 × √13 × .408 × 41.695 = 4.980 mm; × 1.05 × 2 m² × 1.15 in the open wind = 12.03 litres a day.
        var water = Water(Bed, 12);
        water.Week.Value.ShouldBe(.08419, .0001);
        water.Days.ShouldBe(40 / 12.027, .01);
        // Cans of nine litres: ten of them, twelve metres there and twelve back.
        water.Cans.ShouldBe(10);
        water.Carried!.Value.ShouldBe(240, 1e-9);
        water.Words.ToString().ShouldContain("its soil lasts 3 days");
        water.Way!.ToString().ShouldContain("10 cans");
        Water(Bed, null).Way.ShouldBeNull();
    }

    [Fact]
    public void Shade_never_makes_it_thirstier_and_dark_is_still_not_dry()
    {
        var last = double.MaxValue;
        foreach (var height in new[] { 0, 1, 2, 4, 8.0 })
        {
            // A house to the south, and as wide as makes no wind come round it.
            var now = height == 0 ? Water(Bed, 5) : Water(Bed, 5, new House(2, "House", [new(-20, -3), new(30, -3), new(30, 1.5), new(-20, 1.5)], height));
            now.Week.Value.ShouldBeLessThanOrEqualTo(last + 1e-12, $"{height} m");
            now.Week.Value.ShouldBeGreaterThan(0);
            last = now.Week.Value;
        }
    }

    [Fact]
    public void Twice_the_leaves_drink_twice_and_half_the_soil_lasts_half_as_long()
    {
        var (one, two) = (Water(Bed, 5), Water(Bed with { Leaves = 4 }, 5));
        two.Week.Value.ShouldBe(2 * one.Week.Value, 1e-12);
        Water(Bed with { Ready = .02 }, 5).Days.ShouldBe(one.Days / 2, 1e-9);
        var small = Water(Bed with { Ready = .004 }, 5);
        small.Days.ShouldBeLessThan(1);
        small.Words.ToString().ShouldContain("morning and evening");
        // No leaves drink nothing, and need no can.
        Water(Bed with { Leaves = 0 }, 5).Cans.ShouldBe(0);
    }

    [Fact]
    public void Every_design_with_soil_has_its_thirst_and_a_support_has_none()
    {
        foreach (var design in Catalogue.All)
        {
            var fit = Yards.First(design.Id);
            var thirst = Thirst.Of(fit);
            if (fit.Blueprint.Bays.Count == 0)
            {
                thirst.ShouldBeNull(design.Id);
                continue;
            }

            thirst.ShouldNotBeNull(design.Id).CanBe.ShouldBeTrue(design.Id);
            thirst.Known.ShouldBeFalse();
            thirst.Leaves.ShouldBeGreaterThan(0);
            // Nothing is ready that is not in the soil.
            thirst.Ready.ShouldBeInRange(1e-6, fit.Blueprint.Soil * .3, design.Id);
        }
    }

    [Fact]
    public void What_stands_on_the_plan_says_what_it_drinks_and_what_was_not_kept_says_nothing()
    {
        var plan = new GardenPlan(Site, [new Tap(2, "Tap", [new(0, 2.5)], null)], [Plot()]);
        var planter = new StandingPlanter(1, "Tub", 1, new(6, 2.5), 0, new(2, 1, .5, 2, true, .5, 0, false), 300) { Drinks = Bed };
        Placement.Of(plan, planter, [planter], Handbook.Default).Single(r => r.About == "water").ShouldSatisfyAllConditions(
            r => r.Verdict.ShouldBe(Verdict.Sound), r => r.Words.ToString().ShouldContain("to and fro from the tap"));
        // From its nearer end: five metres, ten to and fro, ten cans.
        planter.Water(plan, Handbook.Default)!.Carried.ShouldBe(100);
        Placement.Of(plan, planter with { Drinks = null }, [planter], Handbook.Default).ShouldAllBe(r => r.About != "water");
        Placement.Of(plan, planter with { Drinks = Bed with { Ready = .004 } }, [planter], Handbook.Default).Single(r => r.About == "water").Verdict.ShouldBe(Verdict.Tight);
    }

    [Fact]
    public void Another_place_says_what_it_changes()
    {
        var dark = Plot(1, 8) with { Id = 2, Name = "Behind", Ceiling = 2.4 };
        var plan = new GardenPlan(Site, [new House(3, "House", [new(-20, 4), new(30, 4), new(30, 7.5), new(-20, 7.5)], 5), new House(4, "Barn", [new(-20, 10), new(30, 10), new(30, 12), new(-20, 12)], 5)], [Plot(), dark]);
        StandingPlanter was = new(1, "Tub", 1, new(6, 2.5), 0, new(1, 1, .5, 1, true, .5, 0, false), 300) { Drinks = Bed }, now = was with { SpotId = 2, At = new(2, 8.5) };
        var told = SpotRank.Differences(plan, was, now, Handbook.Default).Select(s => s.ToString()).ToList();
        told.Count.ShouldBe(4);
        told[0].ShouldStartWith("Sun: ");
        told[1].ShouldStartWith("Gusts: ");
        told[2].ShouldStartWith("Water: ");
        told[3].ShouldBe("Above: 2400 mm free.");
        SpotRank.Differences(plan, was, was, Handbook.Default).ShouldBeEmpty();
        SpotRank.Differences(plan, was with { SpotId = 77 }, now, Handbook.Default).ShouldBeEmpty();
    }
}
