using Metaplant.Core.Assessing;
using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Drainage;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Designs;

/// <summary>What a gardener sees on the drawing board.</summary>
public class DesignTests
{
    private static readonly Heap Yard = Yards.Whole;

    private static Board Open(string design, string source, Brief? brief = null, params (string Id, double Value)[] set)
    {
        var d = Catalogue.Find(design)!;
        return DrawingBoard.FindLead(d, Yard, source).Then(s => DrawingBoard.Open(d, s, set.ToDictionary(x => x.Id, x => x.Value), brief ?? Brief.Default, Yard)).OrThrow();
    }

    [Fact]
    public void Raising_a_pallet_bed_raises_the_load_until_it_fails_and_adding_ties_mends_it()
    {
        var low = Open("pallet-bed", "1", null, ("height", .2), ("ties", 0));
        var high = Open("pallet-bed", "1", null, ("height", .55), ("ties", 0));
        high.Fit.Assessment.Hold.Weakest!.Utilisation!.Value.ShouldBeGreaterThan(low.Fit.Assessment.Hold.Weakest!.Utilisation!.Value);
        high.Fit.Assessment.Hold.Verdict.ShouldBe(Verdict.Fails);
        high.Fit.Assessment.Hold.Weakest.Remedies.ShouldNotBeEmpty();
        Open("pallet-bed", "1", null, ("height", .5), ("ties", 4)).Fit.Assessment.Hold.Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
    }

    [Fact]
    public void The_remedy_for_a_belly_is_a_spacing_of_ties_that_just_holds()
    {
        var failing = Open("pallet-bed", "1", null, ("height", .5), ("ties", 0)).Fit.Assessment.Hold.Checks.First(c => c.Id == "belly-long-wall");
        failing.Verdict.ShouldBe(Verdict.Fails);
        var spacing = failing.Remedies.Single().Value;
        spacing.ShouldBeLessThan(1.2);
        var slat = new Core.Designs.LoadPaths.SlattedWall("s", "s", new(.095, .018), .5775, 2, "C14", Core.Materials.Condition.Sound, .5 * .9);
        var wall = new Core.Designs.LoadPaths.TiedWall("w", "w", slat, 6, 1.2, 1, .5 * .9);
        var asked = wall.Work(Brief.Default).First().Remedies.Single().Value;
        (wall with { Span = asked }).Work(Brief.Default).First().Utilisation!.Value.Near(1, 1e-6);
    }

    [Fact]
    public void Over_six_hundred_millimetres_a_bed_is_flagged_and_over_a_metre_there_is_no_number()
    {
        RetainedHeightCheck(.65).Verdict.ShouldBe(Verdict.Tight);
        RetainedHeightCheck(.65).Words.ShouldContain("permit");
        var ask = RetainedHeightCheck(1.05);
        ask.Verdict.ShouldBe(Verdict.AskAProfessional);
        ask.Utilisation.ShouldBeNull();
    }

    [Fact]
    public void A_bed_on_open_ground_keeps_no_wet_layer_and_a_tub_does()
    {
        Open("pallet-bed", "1").Fit.Assessment.Drain.WetLayer.ShouldBe(0);
        var tub = Open("drilled-tub", "2").Fit.Assessment;
        tub.Drain.WetLayer.Near(.080);
        tub.Grow.UsableDepth!.Value.Near(.42 - .03 - .080);
    }

    [Fact]
    public void Standing_flat_on_the_ground_a_tub_does_not_drain()
        => Open("drilled-tub", "2", null, ("raise", 0)).Fit.Assessment.Drain.Words.ShouldContain("flat on the ground");

    [Fact]
    public void In_clay_the_rain_stands_on_top()
        => Open("drilled-tub", "2", Brief.Default with { Medium = Core.Materials.Media.Find(Core.Materials.Handbook.Default, "clay-soil")! }).Fit.Assessment.Drain.Verdict.ShouldBe(Verdict.Fails);

    [Fact]
    public void No_packer_covers_a_hole()
    {
        foreach (var source in (string[])["2", "7", "8"])
        {
            var board = Open("drilled-tub", source, null, ("packers", 4));
            var packers = board.Scene.Solids.Where(s => s.Part == "packer").Select(s => (s.Extent.Least.X + s.Extent.Most.X) / 2).ToList();
            packers.Count.ShouldBe(4);
            foreach (var hole in board.Fit.Assessment.Drain.Holes!.Positions) packers.ShouldAllBe(x => Math.Abs(x - hole.X) > .0225);
        }
    }

    [Fact]
    public void A_template_gives_every_hole_from_two_edges()
    {
        var plan = BuildPlan.Of(Open("drilled-tub", "2").Fit, Brief.Default, ToolShelf.Untouched);
        var template = plan.Templates.Single();
        template.Holes.Count.ShouldBe(template.View.Shapes.OfType<Core.Drawing.Disc>().Count());
        template.Holes.ShouldAllBe(h => h.FromLeft > 0 && h.FromLeft < .48 && h.FromNear > 0 && h.FromNear < .48);
    }

    [Fact]
    public void A_cone_in_a_windier_place_wants_deeper_pegs()
    {
        double Depth(Exposure exposure) => Open("wound-cone", "3", Brief.Default with { Exposure = exposure }, ("pegs", .2)).Fit.Assessment.Hold.Weakest!.Remedies.Single().Value;
        Depth(Exposure.Exposed).ShouldBeGreaterThan(Depth(Exposure.Open));
        Depth(Exposure.Open).ShouldBeGreaterThan(Depth(Exposure.Sheltered));
    }

    [Fact]
    public void A_cone_taller_than_its_sticks_cannot_be_cut()
    {
        var d = Catalogue.Find("wound-cone")!;
        var source = DrawingBoard.FindLead(d, Yard, "3").OrThrow();
        var tall = DrawingBoard.Open(d, source, new Dictionary<string, double> { ["height"] = 2.1, ["radius"] = .6, ["legs"] = 8 }, Brief.Default, Yard);
        tall.Ok.ShouldBeFalse();
        tall.Problems.Single().Sentence.ShouldContain("longest");
    }

    [Fact]
    public void A_slider_along_which_nothing_was_tried_stands_where_it_stands_and_says_nothing()
    {
        var board = Open("pallet-bed", "1", null, ("height", .5), ("ties", 3));
        board.Untried.Select(s => (s.Setting.Id, s.Value, s.Notches.Count)).ShouldBe(board.Sliders.Select(s => (s.Setting.Id, s.Value, s.Notches.Count)));
        board.Untried.SelectMany(s => s.Notches).ShouldAllBe(n => n.Verdict == null);
        board.Sliders.SelectMany(s => s.Notches).ShouldContain(n => n.Verdict != null);
    }

    [Fact]
    public void A_slider_shows_what_holds_and_what_can_be_cut()
    {
        var ties = Open("pallet-bed", "1", null, ("height", .5), ("ties", 3)).Sliders.First(s => s.Setting.Id == "ties");
        ties.Notches[0].Verdict.ShouldBe(Verdict.Fails);
        ties.Notches[^1].Verdict.ShouldNotBe(Verdict.Fails);
        Open("wound-cone", "3", null, ("legs", 8), ("radius", .5), ("height", 1.6)).Sliders[0].Notches.ShouldContain(n => n.Verdict == null);
    }

    [Fact]
    public void Unmarked_pallets_grow_flowers_and_no_food()
    {
        var heap = A.Heap(A.Thing("pallet", 10));
        var d = Catalogue.Find("pallet-bed")!;
        var board = DrawingBoard.FindLead(d, heap, "1").Then(s => DrawingBoard.Open(d, s, new Dictionary<string, double>(), Brief.Default, heap)).OrThrow();
        board.Fit.Assessment.Grow.Crops.Where(c => c.Crop.Edible).ShouldAllBe(c => c.Count == 0 && c.WhyNot!.Contains("ornamentals"));
        board.Fit.Assessment.Grow.Crops.Where(c => !c.Crop.Edible).ShouldContain(c => c.Count > 0);
    }

    [Fact]
    public void At_least_a_dozen_crops_are_counted_or_say_why_not()
    {
        var crops = Open("drilled-tub", "2").Fit.Assessment.Grow.Crops;
        crops.Count.ShouldBeGreaterThanOrEqualTo(12);
        crops.ShouldAllBe(c => c.Count > 0 == (c.WhyNot == null));
        crops.First(c => c.Crop.Id == "parsnip").WhyNot!.ToString().ShouldBe("310 mm to root in; it wants 450 mm.");
    }

    [Fact]
    public void Peas_climb_line_but_not_bare_poles()
    {
        var cone = Open("wound-cone", "3");
        CropFit Pea(double grip) => Assessor.Assess(cone.Fit.Blueprint with { Climbing = cone.Fit.Blueprint.Climbing! with { Grip = grip } }, Brief.Default, Fitness.Food).Grow.Crops.Single(c => c.Crop.Id == "pea");
        Pea(.004).Count.ShouldBeGreaterThan(0);
        var poles = Pea(.025);
        poles.Count.ShouldBe(0);
        poles.WhyNot!.ShouldContain("grips up to");
    }

    [Fact]
    public void A_cone_takes_no_more_plants_than_its_feet_and_their_spacing_bear()
    {
        foreach (var legs in Enumerable.Range(3, 6))
        {
            var fit = Open("wound-cone", "3", null, ("legs", legs), ("radius", .2), ("height", 1)).Fit;
            foreach (var crop in fit.Assessment.Grow.Crops)
            {
                crop.Count.ShouldBeLessThanOrEqualTo(2 * legs);
                (crop.Count * crop.Crop.Spacing).ShouldBeLessThanOrEqualTo(2 * legs * .2 * Math.Sin(Math.PI / legs) + 1e-9, crop.Crop.Id);
            }
        }
    }

    [Fact]
    public void A_peg_is_got_as_long_as_it_is_driven_and_a_hand_to_strike()
    {
        foreach (var board in EveryDesign())
        {
            foreach (var pegs in board.Fit.Cast.Asked.OfType<SticksNeeded>().Where(n => n.Id == "pegs"))
            {
                var part = board.Fit.Blueprint.Parts.Single(p => p.Need == "pegs");
                (pegs.Length, pegs.Count).ShouldBe((part.Length, part.Count));
                var bought = board.Fit.Cast.Buys.SingleOrDefault(b => b.NeedId == pegs.Id);
                if (bought?.Row is { } row) row.Length.ShouldBeGreaterThanOrEqualTo(pegs.Length - 1e-9);
            }
        }

        var cone = Open("wound-cone", "3", null, ("pegs", .9)).Fit;
        cone.Cast.Asked.OfType<SticksNeeded>().Single(n => n.Id == "pegs").Length.Near(1.05);
    }

    /// <summary>A board of every design there is on every thing of the yard that it can be made of; a design that the yard has nothing for is no design of this list, and that fails.</summary>
    internal static IReadOnlyList<Core.Matching.Board> EveryDesign(Brief? brief = null)
    {
        List<Core.Matching.Board> boards = [];
        foreach (var design in Catalogue.All)
        {
            var sources = Leads.Of(design, Core.Stock.Stockroom.Of(Yard)).Found;
            sources.ShouldNotBeEmpty($"The yard of this test has nothing for {design.Id}: add what it is made of.");
            boards.AddRange(sources.Select(s => DrawingBoard.Open(design, s, new Dictionary<string, double>(), brief ?? Brief.Default, Yard).OrThrow()));
        }

        return boards;
    }

    [Fact]
    public void Every_sum_of_every_design_carries_its_source_and_every_shape_is_finite()
    {
        foreach (var board in EveryDesign())
        {
            var a = board.Fit.Assessment;
            foreach (var sum in a.Hold.Checks.Concat(a.Drain.Checks).SelectMany(c => c.Sums).Concat(board.Fit.Blueprint.Figures))
            {
                sum.Source.ShouldNotBeNullOrWhiteSpace();
                sum.Terms.ShouldNotBeEmpty();
                double.IsFinite(sum.Value).ShouldBeTrue();
            }

            board.Views.Select(v => v.Id).ShouldBe(["front", "plan", "section"]);
            board.Views.SelectMany(v => v.Shapes).OfType<Core.Drawing.Polygon>().SelectMany(p => p.Points).ShouldAllBe(p => double.IsFinite(p.X) && double.IsFinite(p.Y));
            var plan = BuildPlan.Of(board.Fit, Brief.Default, ToolShelf.Untouched);
            plan.Steps.Count.ShouldBeGreaterThan(4);
            plan.Steps.Select(s => s.Id).ShouldBeUnique();
            plan.Steps.SelectMany(s => s.Cautions).ShouldNotBeEmpty();
        }
    }

    [Fact]
    public void More_soil_never_makes_any_check_of_a_drum_safer()
    {
        double? last = 0;
        foreach (var height in Enumerable.Range(4, 13).Select(i => i * .05))
        {
            var worst = Open("drilled-tub", "7", null, ("height", height), ("packers", 5)).Fit.Assessment.Hold.Checks.Where(c => c.Guards.Any(g => g.Quantity == Quantity.Soil)).Max(c => c.Utilisation);
            worst!.Value.ShouldBeGreaterThanOrEqualTo(last!.Value - 1e-9);
            last = worst;
        }
    }

    private static Check RetainedHeightCheck(double height) => Core.Reinforcement.RetainedSoil.Judge(height)!;
}
