using Metaplant.Core.Geometry;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Calculators;

/// <summary>The further sums, each as a gardener would ask it; the numbers beside them were worked by hand from the formula named.</summary>
public class FurtherExampleTests
{
    [Fact]
    public void Six_tomatoes_give_15_kg_and_in_a_poor_season_8()
    {
        var six = Working.Of("crop-yield", new { crop = "tomato", plants = 6 });
        six.Value!.Value.Near(15);
        six.Number("poorSeason").Near(8.25);
        six.Number("goodSeason").Near(21.75);
        six.Number("eachWeek").Near(1.5);
    }

    [Fact]
    public void A_kilogram_of_runner_beans_a_week_takes_10_plants_and_16_to_be_sure()
    {
        var beans = Working.Of("plants-for-harvest", new { crop = "runner-bean", massEachWeek = 1.0 });
        beans.Value.ShouldBe(10);
        beans.Number("plantsPoorSeason").ShouldBe(16);
    }

    [Fact]
    public void A_kilogram_of_radishes_a_week_is_a_sowing_of_50_each_week() => Working.Value("plants-for-harvest", new { crop = "radish", massEachWeek = 1.0 }).ShouldBe(50);

    [Fact]
    public void So_much_that_it_is_a_farm_is_refused()
    {
        var own = Core.Materials.Handbook.With(new Dictionary<string, double> { ["crop.radish.yield"] = .005 }).OrThrow();
        Core.Calculators.CalculatorShelf.Find("plants-for-harvest")!.Reckon(Working.Fields(new { crop = "radish", massEachWeek = 90.0 }), own).Problems.Select(p => p.Field).ShouldBe(["massEachWeek"]);
    }

    [Fact]
    public void A_stack_of_120_litres_of_logs_takes_48_of_soil() => Working.Value("wood-infill", new { fill = "Logs", stacked = .12 }).Near(.048);

    [Fact]
    public void Half_a_square_metre_of_tomato_by_a_hot_wall_drinks_3_litres_a_day()
        => Working.Value("daily-use", new { crop = "tomato", evapotranspiration = 4.2, canopy = .5, hotWall = true }).Near(.00301875);

    [Fact]
    public void Half_the_sun_and_mulch_make_it_two_fifths()
        => Working.Value("daily-use", new { crop = "tomato", evapotranspiration = 4.2, canopy = .5, sun = .5, mulched = true }).Near(.4 * 1.15 * 4.2e-3 * .5);

    [Fact]
    public void A_week_after_planting_it_wants_water_every_seventh_day_and_every_25th_once_rooted()
    {
        var planting = Working.Of("first-weeks", new { medium = "topsoil-compost", volume = .096, rootBalls = .006, daysSincePlanting = 7, depletion = .5, dailyUse = .0004 });
        planting.Value!.Value.Near(7.48125);
        planting.Number("reached").Near(.296875);
        planting.Number("whenRooted").Near(.5 * .21 * .096 / .0004);
    }

    [Fact]
    public void The_top_of_a_sack_is_dry_in_4_days_and_the_whole_in_7()
    {
        var sack = Working.Of("top-dries", new { medium = "topsoil-compost", volume = .077, depletion = .5, dailyUse = .0012 });
        sack.Value!.Value.Near(4.2109);
        sack.Number("whenWholeDry").Near(6.7375);
        var gone = sack.Get<IReadOnlyList<double>>("afterAWeek");
        gone.ShouldBe(gone.OrderDescending());
    }

    [Fact]
    public void Twenty_four_litres_run_for_two_minutes_through_at_most_103_metres()
    {
        var hose = Working.Of("hose-timer", new { dailyUse = .024, flow = 2e-4, pressure = 300e3, hoseDiameter = .0125 });
        hose.Value!.Value.Near(2);
        hose.Number("longestHose").Near(103.36);
        hose.Check!.Verdict.ShouldBe(Verdict.Fails);
        hose.Check.Words.ShouldContain("reducer");
    }

    [Fact]
    public void Gravel_at_the_foot_takes_its_own_depth_from_the_roots()
    {
        var pot = Working.Of("root-depth", new { inside = .40, gravel = .05, medium = "topsoil-compost" });
        pot.Value!.Value.Near(.24);
        pot.Number("withoutGravel").Near(.29);
    }

    [Fact]
    public void A_first_watering_gone_in_half_an_hour_says_the_drain_is_well_and_after_three_hours_that_it_is_not()
    {
        var well = First(1800);
        well.Value!.Value.Near(1.98413e-5);
        well.Number("expectedSeconds").Near(2142.86);
        well.Check!.Verdict.ShouldBe(Verdict.Sound);
        First(3 * 3600).Check!.Words.ShouldContain("blocked");
        First(60).Check!.Words.ShouldContain("sheds water");

        static Core.Calculators.Answer First(double seconds) => Working.Of("first-water", new { medium = "topsoil-compost", poured = .010, area = .28, seconds });
    }

    [Fact]
    public void A_core_of_100_mm_waters_a_sack_of_350_but_not_one_of_900()
    {
        var sack = Working.Of("watering-core", new { diameter = .35, coreDiameter = .10, height = .80, medium = "topsoil-compost" });
        sack.Value!.Value.Near(.014844);
        sack.Number("reach").Near(.24);
        sack.Check!.Verdict.ShouldBe(Verdict.Sound);
        Working.Of("watering-core", new { diameter = .90, coreDiameter = .10, height = .80, medium = "topsoil-compost" }).Check!.Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void Lining_a_box_takes_three_and_a_half_square_metres_in_one_piece_and_half_of_that_for_the_walls()
    {
        Working.Value("liner", new { outline = new { length = 1.2, width = .6 }, height = .4, foot = true }).Near(3.52);
        Working.Value("liner", new { outline = new { length = 1.2, width = .6 }, height = .4, foot = false }).Near(1.85);
    }

    [Fact]
    public void An_outlet_of_40_mm_wants_three_layers_down_to_the_soils_own_grain()
    {
        var filter = Working.Of("outlet-filter", new { outletDiameter = .040, grain = .002 });
        filter.Value!.Value.Near(.002);
        filter.Get<IReadOnlyList<double>>("openings").Count.ShouldBe(3);
        filter.Number("filterWidth").Near(.12);
    }

    [Fact]
    public void A_light_tall_tub_tips_under_a_hand_and_says_how_wide_its_foot_must_be()
    {
        var tub = Working.Of("tipping", new { dryMass = 60, footWidth = .40, rimHeight = .75, outline = .5, windHeight = .80, exposure = "open" });
        tub.Value!.Value.Near(342.696 / 105.948);
        tub.Number("tipping").Near(342.696);
        tub.Number("righting").Near(105.948);
        tub.Check!.Remedies.First(r => r.Input == "footWidth").Value.Near(.4 * 342.696 / 105.948);
    }

    [Theory]
    [InlineData("tipping")]
    [InlineData("arch-load")]
    public void What_could_fall_on_people_is_for_a_professional_and_has_no_number(string name)
    {
        var calculator = Core.Calculators.CalculatorShelf.Find(name)!;
        var inputs = Working.Typical(calculator);
        var answer = calculator.Reckon(new(inputs.Fields.Append(new("overPeople", new Core.Calculators.GivenFlag(true))).ToDictionary(f => f.Key, f => f.Value)), Core.Materials.Handbook.Default).OrThrow();
        answer.Value.ShouldBeNull();
        answer.Check!.Verdict.ShouldBe(Verdict.AskAProfessional);
        answer.Check.Utilisation.ShouldBeNull();
    }

    [Fact]
    public void Four_legs_of_45_by_45_count_as_two()
    {
        var legs = Working.Of("leg-buckling", new { wetMass = 180, legs = 4, width = .045, thickness = .045, length = .70, timber = "C14" });
        legs.Value!.Value.Near(16060.1);
        legs.Number("onOneLeg").Near(882.9);
    }

    [Fact]
    public void Soil_pushes_with_142_N_on_two_heads_that_hold_424()
    {
        var heads = Working.Of("head-pull-through", new { pressure = 3000, boardHeight = .095, span = .50, screws = 2, headDiameter = .008, timber = "C14" });
        heads.Value!.Value.Near(142.5);
        heads.Number("design").Near(423.546);
    }

    [Fact]
    public void A_5_mm_screw_stays_60_mm_from_a_pulled_end_and_splits_a_thin_board_undrilled()
    {
        var drilled = Working.Of("screw-distances", new { diameter = .005, thickness = .018, predrilled = true });
        drilled.Value!.Value.Near(.060);
        drilled.Number("unloadedEnd").Near(.035);
        drilled.Check.ShouldBeNull();
        Working.Of("screw-distances", new { diameter = .005, thickness = .018, predrilled = false }).Check!.Verdict.ShouldBe(Verdict.Fails);
        Working.Of("screw-distances", new { diameter = .005, thickness = .040, predrilled = false, hardwood = true }).Check!.Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void A_corner_of_a_long_box_is_pulled_with_360_N() => Working.Value("corner-force", new { depth = .4, wallLength = 1.2, unitWeight = 15e3, frictionAngleDegrees = 30 }).Near(360);

    [Fact]
    public void A_corner_over_a_metre_deep_has_no_number() => Working.Of("corner-force", new { depth = 1.1, wallLength = 1.2, unitWeight = 15e3, frictionAngleDegrees = 30 }).Value.ShouldBeNull();

    [Fact]
    public void A_square_notch_leaves_three_quarters_and_a_tapered_one_all()
    {
        var square = Working.Of("notched-end", new { width = .045, height = .095, left = .070, toCorner = .030, force = 600, timber = "C14" });
        square.Value!.Value.Near(1246.16);
        square.Number("reduction").Near(.767597);
        Working.Of("notched-end", new { width = .045, height = .095, left = .070, toCorner = .030, slope = 3, force = 600, timber = "C14" }).Number("reduction").ShouldBe(1);
    }

    [Fact]
    public void Twelve_screws_from_below_hold_28_kN_in_a_test_and_11_for_years()
    {
        var floor = Working.Of("screw-withdrawal", new { wetMass = 90, screws = 12, diameter = .006, threadedLength = .050, timber = "C14" });
        floor.Value!.Value.Near(28209.5);
        floor.Number("design").Near(10849.8);
    }

    [Theory]
    [InlineData(25, 1)]
    [InlineData(26, 2)]
    [InlineData(38, 3)]
    [InlineData(39, null)]
    public void So_many_people_lift_it(double mass, int? people) => Working.Of("lift", new { mass }).Value.ShouldBe(people);

    [Fact]
    public void A_ridge_of_40_mm_sags_6_mm_over_1_8_m() => Working.Value("ridge-sag", new { load = 40, span = 1.8, diameter = .040, timber = "C14" }).Near(.00621557);

    [Fact]
    public void A_plant_that_grows_150_mm_a_week_for_six_weeks_wants_2_8_m_of_string() => Working.Value("string-length", new { drop = 1.9, growth = .15, weeks = 6 }).Near(2.8);

    [Fact]
    public void The_line_of_the_cone_of_seven_rings_winds_seven_and_a_little_less_winds_six()
    {
        var line = Working.Value("cone-twine", new { legs = 4, baseRadius = .35, tieHeight = 1.7, rings = 7, lowestRing = .1, wraps = 1, stickDiameter = .022 });
        Rings(line).ShouldBe(7);
        Rings(line - .01).ShouldBe(6);

        static double Rings(double line) => Working.Value("cone-rings", new { line, legs = 4, baseRadius = .35, tieHeight = 1.7, lowestRing = .1, stickDiameter = .022 });
    }

    [Fact]
    public void Polyethylene_springs_to_an_arch_that_steel_must_be_bent_to()
    {
        var plastic = Working.Of("bent-pipe", new { diameter = .025, radius = .72, stuff = "Polyethylene" });
        plastic.Value!.Value.Near(.0173611);
        plastic.Get<bool>("springs").ShouldBeTrue();
        plastic.Number("leastRadius").Near(.5);
        var steel = Working.Of("bent-pipe", new { diameter = .020, radius = .72, stuff = "SteelTube" });
        steel.Get<bool>("springs").ShouldBeFalse();
        steel.Number("formerRadius").ShouldBeLessThan(.72);
        // Let go, the former's bend opens again to what was wanted.
        var x = steel.Number("formerRadius") * 220e6 / (210e9 * .020);
        (steel.Number("formerRadius") / (4 * x * x * x - 3 * x + 1)).Near(.72);
    }

    [Fact]
    public void A_pipe_leans_11_mm_on_a_rod_that_is_3_5_mm_too_thin() => Working.Value("sleeve-fit", new { inside = .016, rod = .0125, overlap = .40, height = 1.3 }).Near(.011375);

    [Fact]
    public void An_arch_of_net_in_an_open_place_pulls_its_windward_foot()
    {
        var arch = Working.Of("arch-load", new { arcLength = 2.6, span = 1.4, bay = .8, diameter = .025, wall = .002, stuff = "Polyethylene", cover = "Net", exposure = "open" });
        var force = .613 * 400 * 1.2 * .3 * .8876 * .8;
        arch.Number("windForce").Near(force);
        arch.Number("moment").Near(force * .8876 / 4);
        var weight = .9 * 2.6 * Math.PI / 4 * (.025 * .025 - .021 * .021) * 950 * 9.81;
        arch.Value!.Value.Near((force * .8876 / 2 - weight * .7) / 1.4);
        arch.Number("strain").Near(.025 / (2 * .7198));
    }

    [Fact]
    public void Snow_in_winter_pushes_the_feet_apart_and_wind_is_stronger()
    {
        var winter = Working.Of("arch-load", new { arcLength = 2.6, span = 1.4, bay = .8, diameter = .025, wall = .002, stuff = "Polyethylene", cover = "Net", exposure = "open", winter = true });
        winter.Number("feetThrust").Near(400 * .3 * .8 * 1.96 / (8 * .8876));
        winter.Number("windForce").Near(1.4 * .613 * 400 * 1.2 * .3 * .8876 * .8);
    }

    [Fact]
    public void An_arch_with_one_foot_200_mm_higher_has_its_crown_over_the_lower()
    {
        var arch = Working.Of("hoop-arch", new { arcLength = 2.6, span = 1.4, levelDifference = .2 });
        var crown = arch.Number("crownHeight");
        crown.ShouldBeGreaterThan(.8876);
        // The circle through both feet: brute force over its points.
        double r = arch.Value!.Value, half = arch.Number("angleDegrees") * Math.PI / 360, tilt = Math.Atan2(.2, 1.4), chord = Math.Sqrt(1.4 * 1.4 + .04);
        Enumerable.Range(0, 100_001).Select(i => half * (i / 50_000.0 - 1)).Max(a => (r * Math.Sin(a) + chord / 2) * Math.Sin(tilt) + (r * Math.Cos(a) - r * Math.Cos(half)) * Math.Cos(tilt)).Near(crown, 1e-6);
    }

    [Fact]
    public void A_path_has_headroom_of_600_mm_over_1_3_metres() => Working.Of("hoop-arch", new { arcLength = 2.6, span = 1.4, headroom = .6 }).Number("widthAtHeadroom").Near(2 * Math.Sqrt(.7198 * .7198 - Math.Pow(.6 - .8876 + .7198, 2)), 2e-3);

    [Fact]
    public void Feet_on_a_regular_ring_pull_as_the_regular_cone_does_and_feet_all_on_one_side_are_refused()
    {
        static object Feet(params Point[] p) => new { foot1 = new { x = p[0].X, y = p[0].Y }, foot2 = new { x = p[1].X, y = p[1].Y }, foot3 = new { x = p[2].X, y = p[2].Y }, foot4 = new { x = p[3].X, y = p[3].Y }, tieHeight = 1.7, windForce = 40, windHeight = .9, weight = 30 };
        var placed = Working.Of("cone-feet", Feet(new(.35, 0), new(0, .35), new(-.35, 0), new(0, -.35)));
        placed.Value!.Value.Near(Working.Value("cone-uplift", new { legs = 4, baseRadius = .35, windForce = 40, windHeight = .9, weight = 30 }));
        placed.Number("roundTheFeet").Near(4 * .35 * Math.Sqrt(2));
        placed.Get<IReadOnlyList<double>>("stickLengths").ShouldAllBe(l => Math.Abs(l - 2.042) < .001);
        Working.Try("cone-feet", Feet(new(.35, .1), new(.3, .35), new(.35, -.3), new(.1, -.35))).Problems.Select(p => p.Field).ShouldBe(["foot1"]);
    }

    [Fact]
    public void A_tyre_holds_43_litres() => Working.Value("volume-tyre", new { overallDiameter = .62, rimDiameter = .38, sectionWidth = .185 }).Near(.043179);

    [Fact]
    public void A_form_that_is_really_a_cylinder_holds_what_the_cylinder_does()
    {
        object Round() => new { length = .4, width = .4 };
        Working.Value("volume-free-form", new { section = "Ellipse", foot = Round(), belly = Round(), rim = Round(), bellyHeight = .2, height = .5 }).Near(Math.PI / 4 * .16 * .5);
    }

    [Fact]
    public void Two_layers_of_one_soil_push_as_one_and_a_lighter_one_on_top_pushes_less()
    {
        double Push(params object[] layers) => Working.Value("layered-pressure", new { layers, wall = "Braced" });
        var whole = Push(new { medium = "topsoil-compost", thickness = .4 });
        whole.Near(.5 * 1250 * 9.81 * .16 / 2);
        Push(new { medium = "topsoil-compost", thickness = .15 }, new { medium = "topsoil-compost", thickness = .25 }).Near(whole, 1e-9);
        Push(new { medium = "potting-mix", thickness = .15 }, new { medium = "topsoil-compost", thickness = .25 }).ShouldBeLessThan(whole);
        Working.Of("layered-pressure", new { layers = new object[] { new { medium = "topsoil-compost", thickness = .4 } }, wall = "Braced" }).Number("resultantHeight").Near(.4 / 3);
    }

    [Fact]
    public void Roots_go_deeper_each_year_as_logs_rot_though_the_top_sinks()
    {
        var bed = Working.Of("rooting-by-year", new { wood = "Logs", woodThickness = .25, soilThickness = .25, years = 2 });
        var soil = .25 * (1 - .08 * (1 - Math.Exp(-1.4)));
        bed.Value!.Value.Near(soil + .25 * (1 - .55 * (1 - Math.Exp(-.5))) * (1 - Math.Exp(-.5)));
        var years = bed.Get<IReadOnlyList<double>>("byYear");
        years.ShouldBe(years.Order());
        Working.Value("rooting-by-year", new { wood = "Logs", woodThickness = .25, soilThickness = .25, years = 0 }).Near(.25);
    }

    [Fact]
    public void A_tomato_may_be_earthed_up_and_a_lettuce_is_lifted()
    {
        Working.Of("bury-stem", new { crop = "tomato", topUp = .09 }).Check!.Verdict.ShouldBe(Verdict.Sound);
        var lettuce = Working.Of("bury-stem", new { crop = "lettuce", topUp = .09 });
        lettuce.Check!.Verdict.ShouldBe(Verdict.Fails);
        lettuce.Value!.Value.Near(.09);
    }

    [Fact]
    public void An_inner_post_under_boards_over_two_spans_carries_a_quarter_more()
    {
        Core.Calculators.Answer Post(string boards) => Working.Of("post-embedment", new { retainedHeight = .32, spacing = .45, unitWeight = 15e3, frictionAngleDegrees = 30, postDiameter = .06, ground = new { kind = "Clay", cohesion = 40e3 }, boards });
        Post("TwoSpans").Number("thrust").Near(1.25 * Post("ThisSpanOnly").Number("thrust"));
        Post("ManySpans").Number("thrust").Near(1.10 * 115.2);
    }
}
