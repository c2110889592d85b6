using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Places;

/// <summary>What a spot does to what stands and grows there.</summary>
public class SpotTests
{
    private static readonly PlanSite Site = new(52.4, 14, 90, Exposure.Exposed, 120, 118, 297);

    private static readonly Screen Wall = new(10, "Boiler wall", [new(0, 6), new(10, 6)], ScreenKind.Wall, 2.6, .3, 0);
    private static readonly House WinchHouse = new(11, "Winch house", [new(-6, 0), new(4, 0), new(4, 2), new(-6, 2)], 4);

    private static Spot At(int id, string name, double x, double y, double wide, double deep, Core.Designs.Site site = Core.Designs.Site.Paving)
        => new(id, name, [new(x, y), new(x + wide, y), new(x + wide, y + deep), new(x, y + deep)], site, null, null, "", false, 0, null, [], null);

    private static GardenPlan Yard { get; } = new(Site, [Wall, WinchHouse], [At(1, "Under the wall", 5, 5, 4, .8), At(2, "Behind the house", .2, 2.2, 3.5, .8), At(3, "In the open", 6, 1, 4, 2)]);

    private static SpotReport Report(int spot) => SpotReport.Of(Yard, Yard.Find(spot)!, Handbook.Default);

    [Fact]
    public void Under_a_wall_that_has_the_afternoon_it_is_hot_and_the_last_frost_comes_earlier()
    {
        var (wall, open) = (Report(1), Report(3));
        wall.Here.Hot.ShouldBeTrue();
        open.Here.Hot.ShouldBeFalse();
        wall.Frost.Degrees.ShouldBe(1.5);
        wall.Frost.Days.ShouldBe(-7);
        open.Frost.Days.ShouldBe(0);
        var hollow = SpotReport.Of(Yard with { Spots = [Yard.Spots[2] with { Hollow = true }] }, Yard.Spots[2] with { Hollow = true }, Handbook.Default);
        hollow.Frost.Days.ShouldBe(8);
    }

    [Fact]
    public void North_of_a_house_tomatoes_are_refused_by_the_hours_there_are_and_not_in_the_open()
    {
        var tomato = Crops.Find(Handbook.Default, "tomato")!;
        var (behind, open) = (Report(2), Report(3));
        behind.Here.Sun.InAll.ShouldBeLessThan(open.Here.Sun.InAll - 4);
        behind.Here.WhyNot(tomato)!.ToString().ShouldStartWith("Behind the house has ");
        open.Here.WhyNot(tomato).ShouldBeNull();
        open.Here.WhyNot(Crops.Find(Handbook.Default, "cucumber")!).ShouldBeNull();
        Report(1).Here.Doubt(Crops.Find(Handbook.Default, "lettuce")!)!.ToString().ShouldContain("bolts or wilts");
    }

    [Fact]
    public void Crops_at_a_spot_are_those_with_sun_enough_and_more_sun_never_takes_one_away()
    {
        var (design, room) = (Catalogue.Find("drilled-tub")!, Stockroom.Of(Yards.Whole));
        var lead = Leads.Of(design, room).Found[0];
        int Fitting(Whereabouts? here) => Draft.Of(design, new(lead, design.Settings(lead).ToDictionary(s => s.Id, s => s.Default), Brief.Default with { Here = here }), room).OrThrow() is var draft ? Fit.Of(draft, room).Assessment.Grow.Crops.Count(c => c.Count > 0) : 0;
        var last = 0;
        foreach (var hours in new[] { 0, 2, 3.5, 5, 6.5, 12 })
        {
            var now = Fitting(new(1, "Spot", new(hours / 2, hours / 2), false));
            now.ShouldBeGreaterThanOrEqualTo(last);
            last = now;
        }

        Fitting(new(1, "Spot", new(0, 0), false)).ShouldBe(0);
        Fitting(null).ShouldBe(last);
    }

    [Fact]
    public void A_brief_at_a_spot_has_its_ground_and_a_wind_no_milder_than_it_gets()
    {
        var brief = Brief.Default.At(Yard, Yard.Spots[0]);
        brief.Site.ShouldBe(Core.Designs.Site.Paving);
        brief.Here!.Name.ShouldBe("Under the wall");
        foreach (var spot in Yard.Spots)
        {
            var report = SpotReport.Of(Yard, spot, Handbook.Default);
            Brief.Default.At(Yard, spot).Gust.Value.ShouldBeGreaterThanOrEqualTo(report.Wind.Speed - 1e-9);
        }

        // Walled in on every side it is sheltered, and says by what.
        var closed = Yard with { Features = [new House(12, "Court", [new(3, -2), new(12, -2), new(12, 8), new(3, 8)], 4)] };
        var wind = SpotReport.Of(closed, Yard.Spots[2], Handbook.Default).Wind;
        wind.Exposure.ShouldBe(Exposure.Sheltered);
        wind.ShelteredBy.ShouldBe(["Court"]);

        // Over walls as high as a knee it blows into what stands there.
        var kerb = Yard with { Features = [new House(12, "Kerb", [new(3, -2), new(12, -2), new(12, 8), new(3, 8)], .5)] };
        SpotReport.Of(kerb, Yard.Spots[2], Handbook.Default).Wind.Exposure.ShouldBe(Exposure.Exposed);
    }

    private static StandingPlanter Tub(int id, double x, double y, double wide = .6, double deep = .6, int spot = 3) => new(id, $"Tub {id}", spot, new(x, y), 0, new(wide, deep, .5, wide * deep, true, .4, 0, Heats: false), 120);

    private static string[] About(StandingPlanter tub, params StandingPlanter[] others) => [.. Placement.Of(Yard, tub, [tub, .. others], Handbook.Default).Where(r => r.Verdict > Verdict.Sound).Select(r => r.About)];

    [Fact]
    public void Where_it_stands_well_nothing_is_said_and_else_what_is_wrong()
    {
        About(Tub(1, 8, 2)).ShouldBeEmpty();
        About(Tub(1, 6.1, 2)).ShouldBe(["edge"]);
        About(Tub(1, 8, 2), Tub(2, 8.3, 2.2)).ShouldContain("overlap");
        // Half a metre apart is no way for a barrow; a hand apart they stand against each other.
        About(Tub(1, 7, 2), Tub(2, 8.1, 2)).ShouldBe(["gap"]);
        About(Tub(1, 7, 2), Tub(2, 7.65, 2)).ShouldBeEmpty();
        // A bed of two metres is too wide from both sides.
        About(Tub(1, 8, 2, 3, 1.9)).ShouldBe(["reach"]);
        About(Tub(1, 7, 5.45, 2, .9, spot: 1)).ShouldContain("reach");
        Placement.Of(Yard, Tub(1, 8, 2, spot: 77), [], Handbook.Default).ShouldHaveSingleItem().Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void On_a_balcony_the_load_is_told_beside_what_somebody_said_and_a_professional_is_asked()
    {
        var balcony = At(5, "Balcony", 6, 1, 4, 2, Core.Designs.Site.Balcony) with { LoadLimit = 1500, LoadSaidBy = "The harbour master" };
        var plan = Yard with { Spots = [balcony] };
        var tub = Tub(1, 8, 2, spot: 5);
        var load = Placement.Of(plan, tub, [tub], Handbook.Default).First(r => r.About == "load");
        load.Verdict.ShouldBe(Verdict.AskAProfessional);
        load.Words.ToString().ShouldContain("3.27 kPa");
        load.Words.ToString().ShouldContain("The harbour master said 1.5 kPa");
    }

    [Fact]
    public void On_a_slope_each_foot_has_its_packer()
    {
        var sloped = Yard.Spots[2] with { Slope = .05, FallsTo = 90 };
        var plan = Yard with { Spots = [sloped] };
        var tub = Tub(1, 8, 2, 1, .6);
        // It falls along its length: 1 m × .05.
        Placement.Of(plan, tub, [tub], Handbook.Default).First(r => r.About == "level").Words.ToString().ShouldContain("0 mm, 50 mm, 50 mm, 0 mm");
    }

    [Fact]
    public void What_comes_in_is_measured_against_the_rim_and_no_wall_stops_what_flies()
    {
        var visited = Yard.Spots[2] with { ComesIn = ["rabbits", "birds"] };
        var plan = Yard with { Spots = [visited] };
        var low = Tub(1, 8, 2) with { Size = new(.6, .6, .3, .36, true) };
        Placement.Of(plan, low, [low], Handbook.Default).Count(r => r is { About: "visitors", Verdict: Verdict.Tight }).ShouldBe(2);
        var high = Tub(1, 8, 2) with { Size = new(.6, .6, .5, .36, true, .5) };
        Placement.Of(plan, high, [high], Handbook.Default).Single(r => r is { About: "visitors", Verdict: Verdict.Sound }).Words.ToString().ShouldBe("Rabbits get over 450 mm; its soil begins at 500 mm.");
    }

    [Fact]
    public void What_digs_is_stopped_by_mesh_or_a_closed_foot_and_by_no_wall()
    {
        var dug = Yard.Spots[2] with { ComesIn = ["burrowers"], Site = Core.Designs.Site.Soil };
        PlaceRemark Said(bool? open, bool? mesh, bool onFeet = false, Spot? at = null)
        {
            var tub = Tub(1, 8, 2) with { Size = new(.6, .6, .9, .36, onFeet, .9, 0, open, false, mesh) };
            return Placement.Of(Yard with { Spots = [at ?? dug] }, tub, [tub], Handbook.Default).Single(r => r.About == "visitors");
        }

        Said(open: true, mesh: false).ShouldSatisfyAllConditions(r => r.Verdict.ShouldBe(Verdict.Tight), r => r.Words.ToString().ShouldContain("No opening may be as wide as 13 mm"));
        Said(open: true, mesh: null).Verdict.ShouldBe(Verdict.Tight);
        Said(open: null, mesh: null).Verdict.ShouldBe(Verdict.Tight);
        Said(open: true, mesh: true).ShouldSatisfyAllConditions(r => r.Verdict.ShouldBe(Verdict.Sound), r => r.Words.ToString().ShouldContain("mesh under it"));
        Said(open: false, mesh: false).Verdict.ShouldBe(Verdict.Sound);
        Said(open: true, mesh: false, onFeet: true).Verdict.ShouldBe(Verdict.Sound);
        Said(open: true, mesh: false, at: dug with { Site = Core.Designs.Site.Paving }).Verdict.ShouldBe(Verdict.Sound);
    }

    private static PlaceRemark[] Remarks(GardenPlan plan, StandingPlanter tub, string about) => [.. Placement.Of(plan, tub, [tub], Handbook.Default).Where(r => r.About == about)];

    [Fact]
    public void What_is_there_already_and_hides_for_half_the_year_is_remembered()
    {
        var plan = Yard with { Features = [new Clump(20, "Crocosmia", [new(8, 2)], .7, 4, 10), new Clump(21, "Box", [new(8.4, 2)], .4, 1, 12), new Clump(22, "Far off", [new(20, 2)], .7, 11, 2)] };
        var said = Remarks(plan, Tub(1, 8, 2), "plants");
        said.Select(r => r.Words.ToString()).ShouldBe(["Crocosmia comes up here in April and is not to be seen before: lift it first, or leave it its place.", "Box grows here: lift it first, or leave it its place."]);
        said.ShouldAllBe(r => r.Verdict == Verdict.Tight);
        // From November to October is a whole year as well.
        new Clump(23, "Yew", [new(0, 0)], 1, 11, 10).Hides.ShouldBeFalse();
        Remarks(plan, Tub(1, 6.5, 2), "plants").ShouldBeEmpty();
    }

    [Fact]
    public void Branches_are_above_what_is_higher_than_they_begin_and_stands_under_them()
    {
        var plan = Yard with { Features = [new Tree(20, "Alder", [new(8, 2)], 5, 3, 1.4, 4, 10)] };
        var high = Tub(1, 8.5, 2) with { Size = new(.6, .6, 1.8, .36, true, .5, 0, false) };
        Remarks(plan, high, "branches").ShouldHaveSingleItem().Words.ToString().ShouldContain("branches of Alder begin at 1400 mm");
        Remarks(plan, Tub(1, 8.5, 2), "branches").ShouldBeEmpty();
        Remarks(plan, high with { At = new(11, 2) }, "branches").ShouldBeEmpty();
    }

    [Fact]
    public void What_drains_goes_onto_the_path_the_wall_or_whoever_is_below_and_an_open_foot_keeps_it()
    {
        var path = Yard with { Features = [new Core.Places.Path(20, "Way", [new(6, 1), new(10, 1)], .6)] };
        // Its edge is .15 m from that of the path.
        var tub = Tub(1, 8, 1.75) with { Size = new(.6, .6, .5, .36, true, .5, 0, Open: false) };
        Remarks(path, tub, "drips").ShouldHaveSingleItem().Words.ToString().ShouldStartWith("What drains from it wets Way");
        Remarks(path, tub with { At = new(8, 2.2) }, "drips").ShouldBeEmpty();
        Remarks(path, tub with { Size = tub.Size with { Open = true } }, "drips").ShouldBeEmpty();
        Remarks(path, tub with { Mass = null }, "drips").ShouldBeEmpty();
        Remarks(path, tub with { Size = tub.Size with { Open = null } }, "drips").ShouldHaveSingleItem();
        Remarks(Yard with { Features = [new House(20, "Shed", [new(6, 2.1), new(9, 2.1), new(9, 4), new(6, 4)], 3)] }, tub, "drips").ShouldHaveSingleItem().Words.ToString().ShouldContain("the foot of Shed wet");
        var balcony = Yard with { Features = [], Spots = [At(3, "Balcony", 6, 1, 4, 2, Core.Designs.Site.Balcony)] };
        Remarks(balcony, tub, "drips").ShouldHaveSingleItem().Words.ToString().ShouldContain("whoever is below");
    }

    [Fact]
    public void What_belongs_to_somebody_is_asked_for_first()
    {
        var theirs = Yard.Spots[2] with { Owner = "the club" };
        Remarks(Yard with { Spots = [theirs] }, Tub(1, 8, 2), "owner").ShouldHaveSingleItem().Words.ToString().ShouldBe("In the open belongs to the club, who has not said yes: ask before you build.");
        Remarks(Yard with { Spots = [theirs with { Allowed = true }] }, Tub(1, 8, 2), "owner").ShouldBeEmpty();
        Remarks(Yard, Tub(1, 8, 2), "owner").ShouldBeEmpty();
    }

    [Fact]
    public void Plants_are_measured_by_one_point_and_their_spread()
    {
        var draft = new PlaceDraft(PlaceSort.Plants, "Crocosmia", [new(Along: 3, Off: 1)]) { Crown = .7, LeafFrom = 4, LeafTo = 10 };
        Survey.Of(draft, 1, 10).OrThrow().Feature.ShouldBeOfType<Clump>().Hides.ShouldBeTrue();
        Survey.Of(draft with { Crown = null }, 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("crown");
        Survey.Of(draft with { LeafTo = 13 }, 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("leafTo");
        var spot = new PlaceDraft(PlaceSort.Spot, "Plot", [new(Along: 0, Off: 0), new(Along: 3, Off: 0)]) { Depth = 2, Owner = " the club ", Allowed = true };
        Survey.Of(spot, 1, 10).OrThrow().Spot.ShouldNotBeNull().ShouldSatisfyAllConditions(s => s.Owner.ShouldBe("the club"), s => s.Allowed.ShouldBeTrue());
        Survey.Of(spot with { Owner = new('x', 61) }, 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("owner");
    }
}
