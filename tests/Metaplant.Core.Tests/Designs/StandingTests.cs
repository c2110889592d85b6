using Metaplant.Core.Assessing;
using Metaplant.Core.Designs;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>What every planter is asked where it stands: who leans on it, what it stands on, how high it holds soil back, and whether it drains there.</summary>
public class StandingTests
{
    private static readonly Brief FirmGround = Brief.Default with { GroundId = "firm-sand" };

    private static Board Tub(Thing thing, Brief? brief = null, params (string Id, double Value)[] set)
    {
        var heap = A.Heap(thing);
        var design = Catalogue.Find("drilled-tub")!;
        return DrawingBoard.FindLead(design, heap, "1").Then(s => DrawingBoard.Open(design, s, set.ToDictionary(x => x.Id, x => x.Value), brief ?? FirmGround, heap)).OrThrow();
    }

    private static Check Of(Board board, string check) => board.Fit.Assessment.Hold.Checks.Single(c => c.Id == check);

    private static Thing Vessel(string kind, Substance? substance = null, string[]? findings = null, params (string Id, double Value)[] measures)
        => A.Thing(kind, substance: substance, findings: [.. new[] { Findings.HeldFood, Findings.LookedOver }.Where(SalvageKinds.Find(kind)!.LookFor.Contains), .. findings ?? []], measures: measures);

    /// <summary>A column .9 m high.</summary>
    private static Thing Tall(double side = .30, double wall = .003) => Vessel("tapered-tub", Substance.Steel, measures: [("topLength", side), ("topWidth", side), ("bottomLength", side), ("bottomWidth", side), ("height", .9), ("wall", wall)]);

    [Theory]
    [InlineData(Site.Deck)]
    [InlineData(Site.Balcony)]
    [InlineData(Site.Roof)]
    public void On_a_built_floor_every_design_that_stands_there_tells_its_load_and_asks_a_professional(Site site)
    {
        foreach (var board in DesignTests.EveryDesign(Brief.Default with { Site = site }))
        {
            var load = Of(board, "floor-load");
            load.Verdict.ShouldBe(Verdict.AskAProfessional, board.Fit.Design.Id);
            load.Utilisation.ShouldBeNull();
            load.Sums[0].Value.ShouldBeGreaterThan(0);
            board.Fit.Assessment.Hold.Verdict.ShouldBe(Verdict.AskAProfessional);
        }
    }

    [Fact]
    public void The_load_on_a_balcony_is_the_wet_weight_over_the_floor_it_covers()
    {
        var board = Tub(A.FoodTub(), Brief.Default with { Site = Site.Balcony });
        var sum = Of(board, "floor-load").Sums[0];
        var mass = sum.Terms.Single(t => t.Symbol == "m").Value;
        sum.Value.Near(mass * 9.81 / (.6 * .6));
        // Soil full of water, and the tub.
        mass.ShouldBeGreaterThan(board.Fit.Assessment.Grow.Litres!.Value * Brief.Default.Medium.SaturatedDensity);
    }

    [Fact]
    public void What_is_tall_and_narrow_tips_and_against_a_wall_it_does_not()
    {
        var alone = Of(Tub(Tall(), null, ("wall", 0)), "tipping");
        alone.Verdict.ShouldBe(Verdict.Fails);
        alone.Words.ShouldContain("against a wall");
        // What one person can lift is moved by whoever leans on it: against the wind a wall is no help, and is not offered.
        var light = Of(Tub(Tall(.12, .0005), null, ("wall", 0)), "tipping");
        light.Verdict.ShouldBe(Verdict.Fails);
        light.Words.ShouldNotContain("wall");
        Of(Tub(Tall(), null, ("wall", 1)), "tipping").Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
    }

    [Fact]
    public void The_size_that_is_offered_of_a_tall_tub_stands_against_a_wall()
    {
        var heap = A.Heap(Tall(.36));
        Matcher.Match(Catalogue.Find("drilled-tub")!, heap, FirmGround, Aim.MostSoil).Best!.Set["wall"].ShouldBe(1);
    }

    [Fact]
    public void Feet_press_harder_on_loose_ground_than_it_carries_and_not_on_firm()
    {
        var steel = Vessel("drum", Substance.Steel, measures: [("height", .9)]);
        var loose = Of(Tub(steel, Brief.Default, ("packers", 2), ("height", .8)), "bearing");
        var firm = Of(Tub(steel, FirmGround, ("packers", 2), ("height", .8)), "bearing");
        loose.Demand.ShouldBe(firm.Demand);
        loose.Capacity.ShouldBeLessThan(firm.Capacity);
        loose.Words.ShouldContain("Nobody has looked");
    }

    [Theory]
    [InlineData("drum", .90)]
    [InlineData("tapered-tub", .90)]
    public void Soil_over_sixty_centimetres_is_never_sound_in_whatever_holds_it(string kind, double height)
    {
        var thing = Vessel(kind, Substance.Steel, measures: [("height", height)]);
        var known = Of(Tub(thing, FirmGround, ("height", height), ("soil", height)), "retained-height");
        known.Verdict.ShouldBe(Verdict.Tight);
        known.Remedies.ShouldNotBeEmpty();
        Of(Tub(thing, Brief.Default, ("height", height), ("soil", height)), "retained-height").Verdict.ShouldBe(Verdict.AskAProfessional);
    }

    [Theory]
    [InlineData(.60, true, null)]
    [InlineData(.681, true, Verdict.Tight)]
    [InlineData(1.00, true, Verdict.Tight)]
    [InlineData(1.47, true, Verdict.AskAProfessional)]
    [InlineData(.60, false, null)]
    [InlineData(.681, false, Verdict.AskAProfessional)]
    public void A_height_of_soil_is_judged_by_what_is_known_below_it(double height, bool groundKnown, Verdict? verdict) => RetainedSoil.Judge(height, groundKnown: groundKnown)?.Verdict.ShouldBe(verdict!.Value);

    [Fact]
    public void A_tub_of_a_metre_and_a_half_gets_no_verdict()
    {
        var tank = Vessel("round-tub", Substance.Steel, measures: [("topDiameter", 1.5), ("bottomDiameter", 1.5), ("height", 1.5), ("wall", .005)]);
        Tub(tank).Fit.Assessment.Hold.Verdict.ShouldBe(Verdict.AskAProfessional);
        Tub(tank).Fit.Assessment.Hold.Weakest!.Id.ShouldBe("retained-height");
    }

    [Fact]
    public void No_medium_may_be_lighter_than_water_when_it_is_full_of_it()
    {
        foreach (var (id, _) in Media.Names)
        {
            Handbook.With(new Dictionary<string, double> { [$"medium.{id}.saturated"] = 999 }).Ok.ShouldBeFalse(id);
            Media.Find(Handbook.Default, id)!.SaturatedUnitWeight.ShouldBeGreaterThanOrEqualTo(EarthPressure.WaterUnitWeight, id);
        }
    }

    [Fact]
    public void A_foot_open_to_paving_does_not_drain()
    {
        var bed = DesignTests.EveryDesign(Brief.Default with { Site = Site.Paving }).First(b => b.Fit.Blueprint.Foot is OpenGround);
        bed.Fit.Assessment.Drain.Verdict.ShouldBe(Verdict.Fails);
        bed.Fit.Assessment.Drain.Checks.ShouldContain(c => c.Id == "open-foot" && c.Verdict == Verdict.Fails);
    }

    [Fact]
    public void Clay_that_stays_wet_for_days_is_not_sound_with_an_open_foot_either()
    {
        var clay = FirmGround with { Medium = Media.Find(Handbook.Default, "clay-soil")! };
        var bed = DesignTests.EveryDesign(clay).First(b => b.Fit.Blueprint.Foot is OpenGround).Fit.Assessment.Drain;
        bed.DrainDown!.Value.ShouldBeGreaterThan(24 * 3600);
        bed.Verdict.ShouldNotBe(Verdict.Sound);
        bed.Checks.Single(c => c.Id == "drain-down").Demand.ShouldBe(bed.DrainDown.Value);
    }

    [Fact]
    public void A_thing_poured_in_a_mould_is_checked_as_flat_sides_and_not_as_a_hoop()
    {
        var poured = Tub(Vessel("poured", Substance.Polyethylene)).Fit.Assessment.Hold.Checks;
        poured.ShouldContain(c => c.Id == "plate");
        poured.ShouldNotContain(c => c.Id == "hoop");
    }

    [Fact]
    public void A_bucket_that_fails_on_paper_is_offered_a_test_with_water_and_holds_once_it_has_passed()
    {
        (string, double)[] set = [("packers", 2)];
        var untested = Of(Tub(Vessel("bucket", Substance.Polyethylene), null, set), "floor");
        untested.Verdict.ShouldBe(Verdict.ProveFirst);
        untested.Test.ShouldNotBeEmpty();
        untested.Test[2].ShouldContain("Stand clear");
        Of(Tub(Vessel("bucket", Substance.Polyethylene, [Findings.HeldWater]), null, set), "floor").Verdict.ShouldBe(Verdict.Tight);
    }

    [Fact]
    public void No_test_is_offered_for_what_is_cracked()
    {
        var checks = Tub(Vessel("bucket", Substance.Polyethylene, [Findings.Cracked]), null, ("packers", 2)).Fit.Assessment.Hold.Checks;
        checks.ShouldAllBe(c => c.Verdict != Verdict.ProveFirst && c.Test.Count == 0);
        checks.ShouldContain(c => c.Verdict >= Verdict.Fails);
    }

    [Fact]
    public void A_tub_to_be_tested_says_so_among_its_steps()
    {
        var board = Tub(Vessel("bucket", Substance.Polyethylene), null, ("packers", 2));
        board.Fit.Assessment.Hold.Verdict.ShouldBe(Verdict.ProveFirst);
        board.Fit.Blueprint.Operations().ShouldContain(o => o.Id == "water-test");
    }

    private static readonly Shell Sound = new(Substance.Steel, .01, 1, false, null);

    /// <summary>The check of each kind of wall, corner and floor that people at its edge press on.</summary>
    public static TheoryData<string> Carriers => ["slats", "corner", "hoop", "plate", "floor"];

    [Theory]
    [MemberData(nameof(Carriers))]
    public void People_at_the_edge_count_by_one_and_a_half_and_soil_by_less(string id)
    {
        var crowded = FirmGround with { PeopleAtEdge = true };
        var doubled = crowded with { Handbook = Handbook.With(new Dictionary<string, double> { [People.AtEdge] = 2 * Handbook.Default[People.AtEdge] }).OrThrow() };
        Check In(Brief brief) => Carrier(id).Work(brief).Single(c => c.Id == id);
        double none = In(FirmGround).Demand, one = In(crowded).Demand, two = In(doubled).Demand;
        one.ShouldBeGreaterThan(none);
        // Linear in people, so that the factor on them can be read off.
        (two - one).Near(one - none, 1e-6);
        ((one - none) / Alone(id, crowded)).Near(1.5, 1e-6);
    }

    private static LoadPath Carrier(string id) => id switch
    {
        "slats" => new SlattedWall("w", "w", new(.1, .02), .5, 2, "C14", Condition.Sound, .4),
        "corner" => new CornerScrews("c", .4, .5, .5, 8, .018, .045, "C14"),
        "hoop" => new HoopWall("v", .3, .4, Sound),
        "plate" => new PlateWall("v", .5, .4, .4, Sound),
        "floor" => new ShellFloor("f", .2, 1, .4, 1, Sound),
        _ => throw new ArgumentOutOfRangeException(nameof(id), id, "Unknown carrier."),
    };

    /// <summary>What a kPa at the edge, or half of it sideways, does by hand.</summary>
    private static double Alone(string id, Brief brief)
    {
        var q = brief.People;
        var sideways = EarthPressure.AtRest(brief.Medium.FrictionAngleDegrees) * q;
        return id switch
        {
            "slats" => sideways * .1 * .5 * .5 / 8 / (.1 * .02 * .02 / 6),
            "corner" => sideways * .4 * .25,
            "hoop" => sideways * .3,
            "plate" => ShellWalls.PlateStress(.5, .4, .01, 2 * sideways),
            "floor" => q * .2 * .2 / 8 / (.01 * .01 / 6),
            _ => double.NaN,
        };
    }

    [Fact]
    public void A_worn_crate_has_a_worn_floor()
    {
        double Floor(params string[] worn) => Of(Tub(Vessel("crate", Substance.Softwood, worn)), "floor").Capacity;
        Floor(Findings.Poor).ShouldBeLessThan(Floor(Findings.Weathered));
        Floor(Findings.Weathered).ShouldBeLessThan(Floor());
    }

    [Theory]
    [InlineData(Findings.Cracked)]
    [InlineData(Findings.RustThrough)]
    [InlineData(Findings.RustSurface)]
    public void Cracks_and_rust_take_of_the_strength_of_a_wall(string finding)
    {
        var sound = Tub(Vessel("drum", Substance.Steel), null, ("height", .45));
        var worn = Tub(Vessel("drum", Substance.Steel, [finding]), null, ("height", .45));
        Of(worn, "hoop").Capacity.ShouldBeLessThan(Of(sound, "hoop").Capacity * .9);
    }

    [Fact]
    public void Plastic_that_nobody_knows_is_half_as_strong_and_no_plastic_is_as_strong_as_when_it_is_pulled_once()
    {
        double Hoop(Substance substance) => Of(Tub(Vessel("drum", substance), null, ("height", .45)), "hoop").Capacity;
        Hoop(Substance.UnknownPlastic).Near(Hoop(Substance.Polyethylene) / 2);
        var wall = Of(Tub(Vessel("drum", Substance.Polyethylene), null, ("height", .45)), "hoop");
        wall.Sums.SelectMany(s => s.Terms).ShouldContain(t => t.ConstantId == Substances.Heat);
    }

    [Fact]
    public void Where_a_side_bends_too_far_for_the_sum_nothing_comforts()
    {
        // A flat side of a metre and 3 mm: it becomes a sail long before it breaks on paper.
        var big = Vessel("tapered-tub", Substance.Polyethylene, measures: [("topLength", 1.1), ("topWidth", 1.1), ("bottomLength", 1.1), ("bottomWidth", 1.1), ("height", .5), ("wall", .003)]);
        Of(Tub(big), "plate").Verdict.ShouldBeOneOf(Verdict.ProveFirst, Verdict.Fails, Verdict.AskAProfessional);
    }
}
