using Metaplant.Core.Geometry;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>The worked examples of the method, each as a gardener would ask it, to a thousandth.</summary>
public class WorkedExampleTests
{
    private static readonly object Tub = new { topDiameter = .60, bottomDiameter = .48, height = .42 };

    private static readonly object Pot = new { topLength = .56, topWidth = .36, bottomLength = .50, bottomWidth = .30, height = .28 };

    private static readonly object Trough = new
    {
        bottom = new { length = 1.20, width = .45, cornerRadius = .15 },
        middle = new { length = 1.35, width = .55, cornerRadius = .20 },
        top = new { length = 1.50, width = .65, cornerRadius = .25 },
        height = .38,
    };

    [Fact]
    public void A_round_tub_of_600_480_and_420_holds_97_litres() => Working.Value("volume-round-tub", Tub).Near(.096585);

    [Fact]
    public void A_tapered_box_holds_49_litres() => Working.Value("volume-tapered-box", Pot).Near(.049056);

    [Fact]
    public void A_rounded_trough_holds_271_litres() => Working.Value("volume-rounded-trough", Trough).Near(.270730);

    [Fact]
    public void Half_a_drum_holds_108_litres_and_68_to_200_mm()
    {
        Working.Value("volume-half-drum", new { diameter = .57, length = .85 }).Near(.108450);
        Working.Value("volume-half-drum", new { diameter = .57, length = .85, fillHeight = .20 }).Near(.067886);
    }

    [Fact]
    public void A_ring_of_mesh_is_548_mm_across_and_holds_118_litres()
    {
        var ring = Working.Of("volume-mesh-ring", new { sheetLength = 1.80, overlap = .08, height = .50 });
        ring.Value!.Value.Near(.117711);
        ring.Number("diameter").Near(.5475);
    }

    [Fact]
    public void A_sack_550_flat_and_800_high_holds_77_litres_and_less_with_a_core()
    {
        Working.Value("volume-sack", new { flatWidth = .55, height = .80 }).Near(.077031);
        Working.Value("volume-sack", new { flatWidth = .55, height = .80, coreDiameter = .10 }).Near(.077031 - Math.PI * .01 * .8 / 4);
    }

    [Fact]
    public void Fill_firmed_sinks_91_mm_in_a_year_and_loose_fill_32_at_once_and_117_in_all()
    {
        Working.Value("settling", new { layers = Layers(true), years = 1 }).Near(.0906);
        Working.Value("settling", new { layers = Layers(false), years = 0 }).Near(.0320);
        var loose = Working.Of("settling", new { layers = Layers(false), years = 2.5 });
        Working.Value("settling", new { layers = Layers(false), years = 1 }).Near(.1170);
        // Each year's top-up brings it level again, so together they are the sinking of the whole years, less what went at once.
        var topUps = (IReadOnlyList<double>)loose.Also.First(a => a.Name == "topUps").Value!;
        topUps.Count.ShouldBe(2);
        topUps.Sum().Near(Working.Value("settling", new { layers = Layers(false), years = 2 }) - .0320);

        static object[] Layers(bool firmed) =>
            [new { fill = "Logs", thickness = .20, firmed }, new { fill = "Sticks", thickness = .10, firmed }, new { fill = "Compost", thickness = .15, firmed }, new { fill = "Topsoil", thickness = .20, firmed }];
    }

    [Fact]
    public void Twenty_kilograms_of_logs_hold_32_grams_of_nitrogen() => Working.Value("nitrogen-hold", new { dryMass = 20, fill = "Logs" }).Near(.0318);

    [Fact]
    public void Soil_at_400_mm_presses_with_3_kPa_and_with_5_4_when_the_drain_is_blocked()
    {
        var answer = Working.Of("wall-pressure", new { depth = .4, unitWeight = 15e3, frictionAngleDegrees = 30, wall = "Braced", saturatedUnitWeight = 17e3 });
        answer.Value!.Value.Near(3000);
        answer.Number("coefficient").Near(.5);
        answer.Number("blockedDrain").Near(5362);
        answer.Check.ShouldBeNull();
    }

    [Theory]
    [InlineData(30, "Free", .3333)]
    [InlineData(34, "Free", .2827)]
    [InlineData(28, "Braced", .5305)]
    public void Coefficients_of_earth_pressure(double phi, string wall, double expected)
        => Working.Of("wall-pressure", new { depth = .4, unitWeight = 15e3, frictionAngleDegrees = phi, wall }).Number("coefficient").Near(expected);

    [Fact]
    public void A_slat_of_95_by_18_holds_3_kPa_over_half_a_metre_and_at_most_over_578_mm()
    {
        var board = Working.Of("board-span", new { boardHeight = .095, thickness = .018, span = .50, pressure = 3000, timber = "C14" });
        board.Number("moment").Near(8.906);
        board.Number("stress").Near(1.736e6);
        board.Number("deflection").Near(2.153e-3);
        board.Number("greatestSpan").Near(.5784);
        // Bend decides, and at half a metre it is two thirds used.
        board.Value!.Value.Near(Math.Pow(.50 / .5784, 3));
    }

    [Fact]
    public void A_post_of_60_mm_that_holds_320_mm_goes_422_into_firm_sand_and_194_into_firm_clay()
    {
        var sand = Post(new { kind = "Sand", frictionAngleDegrees = 30, unitWeight = 18e3 });
        sand.Value!.Value.Near(.4221);
        sand.Number("thrust").Near(115.2);
        sand.Number("momentAtGround").Near(12.288);
        sand.Number("greatestMoment").Near(24.11);
        sand.Number("stress").Near(1.137e6);
        var clay = Post(new { kind = "Clay", cohesion = 40e3 });
        clay.Value!.Value.Near(.1935);
        clay.Number("greatestMoment").Near(22.96);

        static Core.Calculators.Answer Post(object ground) => Working.Of("post-embedment", new { retainedHeight = .32, spacing = .45, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .060, ground });
    }

    [Fact]
    public void With_people_at_the_edge_the_same_post_goes_501_mm_deep()
    {
        var post = Working.Of("post-embedment", new { retainedHeight = .32, spacing = .45, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .060, ground = new { kind = "Sand", frictionAngleDegrees = 30, unitWeight = 18e3 }, surcharge = 1000 });
        post.Number("thrust").Near(163.2);
        (post.Number("momentAtGround") / post.Number("thrust")).Near(.12235);
        post.Value!.Value.Near(.5007);
    }

    [Fact]
    public void A_drywall_sized_screw_holds_670_N_in_mode_d()
    {
        var screw = Working.Of("screw-joint", new { nearThickness = .018, penetration = .038, effectiveDiameter = .0033, nearDensity = 290, farDensity = 290, predrilled = true });
        screw.Value!.Value.Near(669.6);
        screw.Number("design").Near(257.5);
        screw.Also.First(a => a.Name == "mode").Value.ShouldBe("d");
    }

    [Fact]
    public void A_drum_450_deep_is_stretched_by_911_N_a_metre() => Working.Value("hoop-tension", new { depth = .45, radius = .27, unitWeight = 15e3, frictionAngleDegrees = 30 }).Near(911);

    [Fact]
    public void A_tie_takes_the_push_of_its_share()
        => Working.Value("tie-force", new { depthTop = 0, depthBottom = .4, spacing = .6, unitWeight = 15e3, frictionAngleDegrees = 30 }).Near(.5 * 15e3 * .4 * .4 / 2 * .6);

    [Fact]
    public void A_10_mm_hole_under_10_mm_of_water_lets_out_a_litre_and_a_quarter_a_minute() => (Working.Value("hole-flow", new { diameter = .010, head = .010 }) * 60_000).Near(1.252);

    [Theory]
    [InlineData(.05, null, .1436, .0775)]
    [InlineData(.10, null, null, .1095)]
    [InlineData(.05, .06, null, .1897)]
    [InlineData(.10, .06, null, .2683)]
    public void Holes_in_topsoil_and_compost(double wet, double? pad, double? bySoil, double byEntry)
    {
        const double Hour = 3600;
        var inputs = new Dictionary<string, double> { ["conductivity"] = .060 / Hour, ["rain"] = .010 / Hour, ["holeDiameter"] = .010, ["toleratedWetDepth"] = wet };
        if (pad is { } p) inputs["padDiameter"] = p;
        var spacing = Core.Calculators.CalculatorShelf.Find("hole-spacing")!.Reckon(new(inputs.ToDictionary(i => i.Key, i => (Core.Calculators.Given)new Core.Calculators.GivenNumber(i.Value))), Core.Materials.Handbook.Default).OrThrow();
        if (bySoil is { } s) spacing.Number("bySoil").Near(s);
        spacing.Number("byEntry").Near(byEntry);
    }

    [Fact]
    public void Rain_faster_than_the_soil_passes_it_ponds()
    {
        var clay = Working.Of("hole-spacing", new { conductivity = .6e-3 / 3600, rain = 10e-3 / 3600, holeDiameter = .010, toleratedWetDepth = .05 });
        clay.Also.First(a => a.Name == "ponds").Value.ShouldBe(true);
        clay.Check!.Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void A_metre_and_a_half_of_trough_rises_22_mm() => Working.Value("outlet-fall", new { length = 1.5 }).Near(.0225);

    [Fact]
    public void Eighteen_kilograms_on_three_chains_at_20_degrees_pull_with_63_N()
    {
        var hung = Working.Of("hanging-load", new { mass = 18, legs = 3, angleFromVerticalDegrees = 20 });
        hung.Value!.Value.Near(62.6);
        hung.Number("requiredBreakingLoad").Near(5 * 62.6);
        // A fourth chain is not counted on.
        Working.Of("hanging-load", new { mass = 18, legs = 4, angleFromVerticalDegrees = 20 }).Number("sizedForPerLeg").Near(62.6);
    }

    [Fact]
    public void A_gust_of_20_metres_a_second_presses_with_245_Pa() => Working.Value("wind-pressure", new { speed = 20 }).Near(245.2);

    [Theory]
    [InlineData(3, .525)]
    [InlineData(4, .4950)]
    [InlineData(5, .6332)]
    [InlineData(6, .6062)]
    public void The_far_leg_of_a_cone(int legs, double far)
        => Working.Of("cone-uplift", new { legs, baseRadius = .35, windForce = 40, windHeight = .9, weight = 30 }).Number("farLegDistance").Near(far);

    [Fact]
    public void Forty_newtons_of_wind_lift_a_tripod_by_59() => Working.Value("cone-uplift", new { legs = 3, baseRadius = .35, windForce = 40, windHeight = .9, weight = 30 }).Near(58.6);

    [Fact]
    public void A_driven_stick_holds_a_few_newtons() => Working.Value("stake-pull-out", new { diameter = .03, embedment = .4, unitWeight = 18e3 }).Near(Math.PI * .03 * .4 * Math.Tan(20 * Math.PI / 180) * 18e3 * .2);

    [Fact]
    public void Sticks_for_a_cone_tied_at_1_7_metres_are_2_04_long() => Working.Value("stick-length", new { tieHeight = 1.7, baseRadius = .35, embed = .15, above = .15 }).Near(2.042);

    [Fact]
    public void Twelve_and_a_half_metres_of_twine_wind_it()
        => Working.Value("cone-twine", new { legs = 4, baseRadius = .35, tieHeight = 1.7, rings = 7, lowestRing = .1, wraps = 1, stickDiameter = .022 }).Near(12.462);

    [Fact]
    public void Two_metres_60_of_pipe_over_1_40_make_an_arch_888_high_of_more_than_half_a_circle()
    {
        var arch = Working.Of("hoop-arch", new { arcLength = 2.6, span = 1.4 });
        arch.Value!.Value.Near(.7198);
        arch.Number("rise").Near(.8876);
        arch.Number("angleDegrees").ShouldBeGreaterThan(180);
        arch.Number("greatestWidth").Near(2 * .7198);
    }

    [Fact]
    public void Pipe_as_long_as_its_span_is_flat()
    {
        var flat = Working.Of("hoop-arch", new { arcLength = 1.4, span = 1.4 });
        flat.Value.ShouldBeNull();
        flat.Number("rise").ShouldBe(0);
    }

    [Fact]
    public void Weaving_goes_2_percent_round_about() => Working.Of("weave", new { length = 3.5, height = .4, stakeSpacing = .35, stakeDiameter = .045, rodDiameter = .018, rodLength = 1.8, overlap = .3 }).Number("pathFactor").Near(1.0200);

    [Theory]
    [InlineData(false, 11)]
    [InlineData(true, 11)]
    public void Ten_gaps_take_eleven_stakes_open_and_in_a_ring_too_so_that_the_weave_alternates(bool closed, int stakes)
        => Working.Of("weave", new { length = 3.5, height = .4, stakeSpacing = .35, stakeDiameter = .045, rodDiameter = .018, rodLength = 1.8, overlap = .3, closed }).Number("stakes").ShouldBe(stakes);

    [Fact]
    public void Midsummer_at_52_degrees_north_uses_4_2_mm()
    {
        var day = Working.Of("evapotranspiration", new { latitudeDegrees = 52, dayOfYear = 172, minTemperature = 11, maxTemperature = 21 });
        day.Value!.Value.Near(4.182);
        day.Number("extraterrestrialRadiation").Near(41.695);
    }

    [Fact]
    public void A_tub_of_topsoil_is_watered_every_eight_days()
    {
        var tub = Working.Of("watering", new { volume = .096, fieldCapacity = .35, wiltingPoint = .14, depletion = .5, dailyUse = .0012 });
        tub.Value!.Value.Near(8.4);
        tub.Number("litresEachTime").Near(10.08);
    }

    [Fact]
    public void A_blend_keeps_its_mass_and_loses_a_twentieth_of_its_volume()
    {
        var blend = Working.Of("blend", new { parts = new object[] { new { medium = "garden-loam", parts = 3 }, new { medium = "finished-compost", parts = 2 } } });
        blend.Value!.Value.Near((3 * 1300 + 2 * 500) / 5.0 / .95);
        blend.Number("porosity").ShouldBeLessThan((3 * .48 + 2 * .75) / 5);
        // Full of water it weighs its grains and its pores' water.
        blend.Number("saturatedDensity").Near(blend.Value!.Value + 1000 * blend.Number("porosity"));
        blend.Number("conductivity").Near(Math.Exp((3 * Math.Log(13) + 2 * Math.Log(120)) / 5) * 1e-3 / 3600);
    }

    [Fact]
    public void Holes_and_plants_are_laid_out()
    {
        Working.Value("hole-grid", new { @base = new { length = 1.0, width = .5 }, spacing = .26 }).ShouldBe(8);
        Working.Value("hole-grid", new { @base = new { length = .2, width = .1 }, spacing = 1.0 }).ShouldBe(3);
        var plants = Working.Of("plants-that-fit", new { outline = new { length = 1.2, width = .6 }, spacing = .3 });
        plants.Value.ShouldBe(8);
        ((IReadOnlyList<Point>)plants.Also.First(a => a.Name == "positions").Value!).Count.ShouldBe(8);
    }

    [Fact]
    public void A_bed_of_a_cubic_metre_takes_29_bags_of_40_litres() => Working.Value("bags", new { outline = new { length = 2.0, width = 1.0 }, fillDepth = .5, bag = .040 }).ShouldBe(Math.Ceiling(1.15 / .04));

    [Fact]
    public void Ties_are_counted_from_what_one_holds()
    {
        var wall = Working.Of("tie-count", new { wallLength = 6, soilDepth = .5, unitWeight = 15e3, frictionAngleDegrees = 30, wireDiameter = .0025 });
        var force = Working.Value("tie-force", new { depthTop = 0, depthBottom = .5, spacing = 6 / (wall.Value!.Value + 1), unitWeight = 15e3, frictionAngleDegrees = 30 });
        force.ShouldBeLessThanOrEqualTo(wall.Number("capacity"));
        Working.Value("tie-force", new { depthTop = 0, depthBottom = .5, spacing = 6 / wall.Value!.Value, unitWeight = 15e3, frictionAngleDegrees = 30 }).ShouldBeGreaterThan(wall.Number("capacity"));
    }
}
