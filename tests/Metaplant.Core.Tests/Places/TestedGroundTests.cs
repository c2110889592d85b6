using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Places;

/// <summary>What a jar, a hole, a rod and a look at the weeds say of a spot, and of what is built there.</summary>
public class TestedGroundTests
{
    private static readonly DateOnly March = new(2026, 3, 14), April = new(2026, 4, 2);

    private static GroundTestDraft Jar(double sand, double silt, double clay, DateOnly? day = null) => new(GroundTestKind.Jar, day ?? March) { Sand = sand, Silt = silt, Clay = clay };

    private static GroundTestDraft Hole(double fall, double minutes, DateOnly? day = null) => new(GroundTestKind.Hole, day ?? March) { Fall = fall, Seconds = minutes * 60 };

    private static GroundTestDraft Rod(double depth, bool struck = true) => new(GroundTestKind.Rod, March) { Depth = depth, Struck = struck };

    private static GroundTestDraft Weeds(WeedKind weeds) => new(GroundTestKind.Weeds, March) { Weeds = weeds };

    private static TestedGround Ground(string? told, params GroundTestDraft[] tests) => new([.. tests.Select(t => t.Read().OrThrow())], told);

    private static string[] Said(TestedGround ground) => [.. ground.Findings(Handbook.Default).Select(f => $"{f.Verdict}: {f.Words}")];

    private static Spot At(params GroundTestDraft[] tests) => new(1, "Plot", [new(0, 0), new(9, 0), new(9, 9), new(0, 9)], Site.Soil, "firm-sand", null, "", false, 0, null, [], null) { Tests = [.. tests.Select(t => t.Read().OrThrow())] };

    [Fact]
    public void Three_layers_in_a_jar_are_a_soil_and_an_empty_jar_is_none()
    {
        Ground(null, Jar(.06, .03, .01)).Texture.ShouldBe(TextureClass.SandyLoam);
        Ground(null, Jar(.01, .02, .06)).Texture.ShouldBe(TextureClass.Clay);
        Jar(.001, .001, .001).Read().Problems.ShouldHaveSingleItem().Field.ShouldBe("clay");
        Jar(-.01, .02, .06).Read().Problems.ShouldHaveSingleItem().Field.ShouldBe("sand");
        (Jar(.01, .02, .06) with { Silt = null }).Read().Problems.ShouldHaveSingleItem().Field.ShouldBe("silt");
    }

    [Theory]
    [InlineData(GroundTestKind.Hand, "feel", "ribbon")]
    [InlineData(GroundTestKind.Hole, "fall", "seconds")]
    [InlineData(GroundTestKind.Acidity, "ph")]
    [InlineData(GroundTestKind.Rod, "depth")]
    [InlineData(GroundTestKind.Weeds, "weeds")]
    [InlineData((GroundTestKind)99, "kind")]
    public void What_a_test_lacks_is_said_at_its_field(GroundTestKind kind, params string[] fields) => new GroundTestDraft(kind, March).Read().Problems.Select(p => p.Field).ShouldBe(fields);

    [Fact]
    public void The_latest_of_each_counts_and_the_jar_before_the_hand()
    {
        Ground(null, Hole(.1, 60, April), Hole(.01, 60, March)).Soaks.ShouldBe(.1 / 3600);
        Ground(null, Hole(.1, 60), Hole(.01, 60)).Soaks.ShouldBe(.01 / 3600);
        var hand = new GroundTestDraft(GroundTestKind.Hand, April) { Ribbon = .06, Feel = HandFeel.Neither };
        Ground(null, Jar(.08, .01, .002, March), hand).Texture.ShouldBe(TextureClass.Sand);
        Ground(null, hand).Texture.ShouldBe(TextureClass.Clay);
        Ground(null).Texture.ShouldBeNull();
        Ground(null).Soaks.ShouldBeNull();
    }

    [Fact]
    public void Each_test_says_what_follows()
    {
        Said(Ground(null, Hole(.005, 60))).ShouldHaveSingleItem().ShouldStartWith("Tight: Water in the hole falls 5 mm/h: it stays wet.");
        Said(Ground(null, Hole(.06, 60))).ShouldHaveSingleItem().ShouldBe("Sound: Water in the hole falls 60 mm/h: it drains.");
        Said(Ground(null, Hole(.4, 60))).ShouldHaveSingleItem().ShouldContain("watered more often");
        Said(Ground(null, new GroundTestDraft(GroundTestKind.Acidity, March) { Ph = 4.6 })).ShouldHaveSingleItem().ShouldStartWith("Tight: pH 4.6: too sour");
        Said(Ground(null, new GroundTestDraft(GroundTestKind.Acidity, March) { Ph = 8.2 })).ShouldHaveSingleItem().ShouldStartWith("Tight: pH 8.2: too chalky");
        Said(Ground(null, new GroundTestDraft(GroundTestKind.Acidity, March) { Ph = 6.8 })).ShouldHaveSingleItem().ShouldStartWith("Sound: pH 6.8");
        Said(Ground(null, Rod(.3))).ShouldHaveSingleItem().ShouldStartWith("Tight: A rod stops at 300 mm");
        Said(Ground(null, Rod(.6, struck: false))).ShouldHaveSingleItem().ShouldBe("Sound: A rod goes in 600 mm and strikes nothing.");
        Said(Ground(null, Weeds(WeedKind.Perennial))).ShouldHaveSingleItem().ShouldStartWith("Tight:");
        Said(Ground(null, Weeds(WeedKind.Annual))).ShouldHaveSingleItem().ShouldStartWith("Sound:");
        Said(Ground(null)).ShouldBeEmpty();
    }

    [Fact]
    public void Ground_told_as_sand_that_the_jar_calls_clay_holds_no_post_by_either()
    {
        var odd = Ground("firm-sand", Jar(.01, .02, .06));
        odd.Agrees.ShouldBeFalse();
        odd.Holds.ShouldBeNull();
        Said(odd).ShouldHaveSingleItem().ShouldStartWith("Tight: By the jar it is clay, and it was told as firm sand.");
        Ground("firm-clay", Jar(.08, .01, .002)).Holds.ShouldBeNull();
        Ground("firm-sand", Jar(.04, .04, .02)).Holds.ShouldBe("firm-sand");
        Ground("made-ground", Jar(.01, .02, .06)).Holds.ShouldBe("made-ground");

        // The brief then knows of no ground, and takes the worst of all.
        var plan = new GardenPlan(PlanSite.Nothing, [], [At(Jar(.01, .02, .06))]);
        Brief.Default.At(plan, plan.Spots[0]).GroundId.ShouldBeNull();
        Brief.Default.At(plan, plan.Spots[0]).GroundKnown.ShouldBeFalse();
        Brief.Default.At(plan with { Spots = [At(Jar(.08, .01, .002))] }, At(Jar(.08, .01, .002))).GroundId.ShouldBe("firm-sand");
    }

    private static Assessment Built(string design, params GroundTestDraft[] tests)
    {
        var (wanted, room, spot) = (Catalogue.Find(design)!, Stockroom.Of(Yards.Whole), At(tests));
        var brief = Brief.Default.At(new(PlanSite.Nothing, [], [spot]), spot);
        return Leads.Of(wanted, room).Found.Select(lead => Draft.Of(wanted, new(lead, wanted.Settings(lead).ToDictionary(s => s.Id, s => s.Default), brief), room)).Where(d => d.Ok).Select(d => Fit.Of(d.Value!, room)).First().Assessment;
    }

    [Fact]
    public void A_bed_open_to_wet_ground_is_never_told_to_drain_well_and_what_has_a_floor_does_not_ask()
    {
        var (unknown, dry, wet) = (Built("plank-bed"), Built("plank-bed", Hole(.06, 60)), Built("plank-bed", Hole(.004, 60)));
        unknown.Drain.Words.ToString().ShouldBe("Open ground: no wet layer, where the ground below drains.");
        dry.Drain.Words.ToString().ShouldBe("Open ground that drains: no wet layer.");
        wet.Drain.Verdict.ShouldBe(Verdict.Tight);
        wet.Drain.Words.ToString().ShouldStartWith("Water in a hole here falls 4 mm/h: the foot stands wet");
        Built("drilled-tub", Hole(.004, 60)).Drain.Words.ShouldBe(Built("drilled-tub").Drain.Words);
    }

    [Fact]
    public void What_wants_sour_soil_is_refused_where_its_roots_find_ground_that_was_measured_and_not_in_a_tub_there()
    {
        GroundTestDraft Ph(double ph) => new(GroundTestKind.Acidity, March) { Ph = ph };
        string? WhyNot(string design, params GroundTestDraft[] tests) => Built(design, tests).Grow.Crops.Single(c => c.Crop.Id == "blueberry").WhyNot?.ToString();
        WhyNot("plank-bed", Ph(6.6)).ShouldBe("The ground at Plot has pH 6.6, and it wants 5.5 at most where its roots find it.");
        WhyNot("plank-bed", Ph(5.2)).ShouldBe(WhyNot("plank-bed"));
        WhyNot("drilled-tub", Ph(6.6)).ShouldBe(WhyNot("drilled-tub"));
        Built("plank-bed", Ph(6.6)).Grow.Crops.Count(c => c.WhyNot?.ToString().Contains("pH", StringComparison.Ordinal) == true).ShouldBe(1);
    }

    [Fact]
    public void Every_test_asks_for_what_it_lacks_and_for_nothing_else()
    {
        GroundTestHow.All.Select(h => h.Kind).ShouldBe(Enum.GetValues<GroundTestKind>());
        foreach (var how in GroundTestHow.All) new GroundTestDraft(how.Kind, March).Read().Problems.Select(p => p.Field).Except(["feel", "weeds"]).ShouldBe(how.Asks.Select(a => a.Field), how.Name);
        // Whatever goes into the ground is looked up first.
        GroundTestHow.All.Where(h => h.Kind is GroundTestKind.Hole or GroundTestKind.Rod).ShouldAllBe(h => h.How.Contains("Look up pipes and cables"));
    }

    [Fact]
    public void Posts_that_go_deeper_than_a_rod_did_are_refused()
    {
        var (deep, shallow) = (Built("plank-bed", Rod(1.5)), Built("plank-bed", Rod(.1)));
        deep.Hold.Verdict.ShouldBe(Built("plank-bed").Hold.Verdict);
        (shallow.Hold.Verdict >= Verdict.Fails).ShouldBeTrue();
        shallow.Hold.Checks.Single(c => c.Id == "hard-layer").Words.ToString().ShouldContain("a rod stopped at 100 mm here: dig there first");
        Built("plank-bed", Rod(.1, struck: false)).Hold.Checks.ShouldAllBe(c => c.Id != "hard-layer");
        Built("drilled-tub", Rod(.1)).Hold.Checks.ShouldAllBe(c => c.Id != "hard-layer");
    }

    [Fact]
    public void Whatever_of_any_design_goes_into_the_ground_is_held_against_the_rod()
    {
        var spot = At(Rod(.03));
        var brief = Brief.Default.At(new(PlanSite.Nothing, [], [spot]), spot);
        const double Trench = .051;
        var driven = 0;
        foreach (var design in Catalogue.All)
        {
            var fit = Yards.First(design.Id);
            var deep = Footprint.Of(fit).Deep.ShouldNotBeNull(design.Id);
            var said = Assessor.Assess(fit.Blueprint, brief, Core.Salvage.Fitness.Food).Hold.Checks.SingleOrDefault(c => c.Id == "hard-layer");
            // A trench that is dug for gravel, a spade's breadth deep, is driven by nobody.
            if (deep > Trench) said.ShouldNotBeNull(design.Id).ShouldSatisfyAllConditions(c => c.Verdict.ShouldBe(Verdict.Fails, design.Id), c => c.Words.ToString().ShouldContain($"It goes {Teller.Metric.Tell($"{Amount.Length(deep)}")} into", Case.Sensitive, design.Id));
            else said.ShouldBeNull(design.Id);
            if (deep > Trench) driven++;
        }

        driven.ShouldBeGreaterThan(5);
    }

    private static string[] Standing(Footprint size, params GroundTestDraft[] tests)
    {
        var planter = new StandingPlanter(1, "Bed", 1, new(4, 4), 0, size, 300);
        return [.. Placement.Of(new(PlanSite.Nothing, [], [At(tests)]), planter, [planter], Handbook.Default).Where(r => r.Verdict > Verdict.Sound).Select(r => $"{r.Verdict} {r.About}")];
    }

    [Fact]
    public void What_stands_there_already_is_held_against_the_tests_and_what_was_not_kept_is_no_comfort()
    {
        Footprint bed = new(2, 1, .3, 2, false, .3, .4, true, false), tub = new(.6, .6, .5, .36, true, .4, 0, false, false);
        Standing(bed, Hole(.004, 60), Weeds(WeedKind.Perennial), Rod(.3)).ShouldBe(["Fails hard", "Tight wet", "Tight weeds"], ignoreOrder: true);
        Standing(bed, Hole(.06, 60), Weeds(WeedKind.Annual), Rod(.5)).ShouldBeEmpty();
        Standing(tub, Hole(.004, 60), Weeds(WeedKind.Perennial), Rod(.3)).ShouldBeEmpty();
        Standing(bed with { Deep = null, Open = null }, Rod(.3), Hole(.004, 60)).ShouldBe(["Tight hard", "Tight wet"], ignoreOrder: true);
        Standing(bed, Jar(.01, .02, .06)).ShouldBe(["Tight ground"]);
        Standing(bed).ShouldBeEmpty();
    }

    [Fact]
    public void Tests_are_typed_with_their_spot_and_a_wrong_one_is_named()
    {
        var draft = new PlaceDraft(PlaceSort.Spot, "Plot", [new(Along: 0, Off: 0), new(Along: 3, Off: 0)]) { Depth = 2, Tests = [Hole(.06, 60), Rod(.4)] };
        Survey.Of(draft, 1, 10).OrThrow().Spot!.Ground!.Rod!.Depth.ShouldBe(.4);
        Survey.Of(draft with { Site = Site.Paving }, 1, 10).OrThrow().Spot!.Ground.ShouldBeNull();
        // Where nobody sees it, what was begun of one is in nobody's way.
        Survey.Of(draft with { Site = Site.Paving, Tests = [Hole(-.1, 60)] }, 1, 10).Ok.ShouldBeTrue();
        Survey.Of(draft with { Tests = [Hole(.06, 60), Hole(-.1, 60)] }, 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("tests.1.fall");
        Survey.Of(draft with { Tests = [.. Enumerable.Repeat(Rod(.4), Survey.MostTests + 1)] }, 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("tests");
    }
}
