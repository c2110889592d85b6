using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Whole builds as docs/method.md works them with a pencil: parts, cuts, holes, litres, minutes and cost from the same heap.</summary>
public class WholeBuildTests
{
    private static Fit Bales(Brief brief, int count = 6) => Built("bale-bed", A.Heap(A.Thing("straw-bale", count, findings: [Findings.LookedOver])), brief, ("long", 2), ("wide", 1), ("laid", 0), ("posts", 2), ("embed", .55));

    private static Fit Bricks(Brief brief, int count = 46, double batter = 1 / 8.0) => Built("dry-wall-bed", A.Heap(A.Thing("bricks", count)), brief, ("long", 4), ("wide", 3), ("height", .195), ("batter", batter), ("base", .05));

    [Fact]
    public void A_ring_of_six_bales()
    {
        var fit = Bales(Firm);
        fit.Blueprint.Parts.Single(p => p.Id == "bale").Count.ShouldBe(6);
        fit.Cast.Short.ShouldBeEmpty();
        var bay = fit.Blueprint.Bays.Single();
        (bay.Planting.Length, bay.Planting.Width).ShouldBe((1.35, .45));
        fit.Blueprint.Soil.Near(.1944);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.2236);
        Of(fit, "posts").Sums[0].Terms[0].Value.Near(141.3);
        Of(fit, "posts").Sums[0].Value.Near(.5036);
        Of(fit, "posts-bent").Utilisation!.Value.Near(.667);
        fit.Assessment.Hold.Verdict.ShouldBe(Verdict.Sound);
        // Twelve stakes of a metre and a half, since thinner ones are sold shorter.
        var stakes = fit.Cast.Buys.Single(b => b.NeedId == "pegs");
        (stakes.Packs, Math.Round(stakes.Cost, 2)).ShouldBe((12, 40.80));
        fit.Blueprint.Parts.Single(p => p.Id == "peg").Length.Near(.86);
        (Minutes(fit, "ground"), Minutes(fit, "bales"), Minutes(fit, "pegs")).ShouldBe((30, 36, 60));
        Minutes(fit, "fill").Near(194.4 / 8);
        fit.Blueprint.Figures.Single(f => f.Title == "Ground it mulches in the end").Value.Near(6.62, 2e-3);
        fit.Blueprint.Figures.Single(f => f.Title.StartsWith("Safety against sliding", StringComparison.Ordinal)).Value.ShouldBeLessThan(.5);
    }

    [Fact]
    public void Bales_may_be_laid_four_ways_the_lowest_first_and_the_second_course_crosses_the_joints_of_the_first()
    {
        Fit Laid(int way) => Built("bale-bed", A.Heap(A.Thing("straw-bale", 16, findings: [Findings.LookedOver])), Firm, ("long", 2), ("wide", 2), ("laid", way));
        Enumerable.Range(0, 4).Select(w => Math.Round(Laid(w).Blueprint.Depth + .04, 3)).ShouldBe([.36, .45, .72, .90]);
        Enumerable.Range(0, 4).Select(w => Laid(w).Blueprint.Parts.Single(p => p.Id == "bale").Count).ShouldBe([8, 8, 16, 16]);
        var boxes = Laid(2).Blueprint.Scene().Solids.Where(s => s.Part == "bale").Select(s => s.Extent).ToList();
        double[] Joints(double z) => [.. boxes.Where(b => Math.Abs(b.Least.Z - z) < 1e-6 && b.Least.Y < -.6).Select(b => Math.Round(b.Least.X, 3)).Order()];
        Joints(0).ShouldNotBe(Joints(.36));
        Laid(3).Assessment.Hold.Checks.Single(c => c.Id == "retained-height").Verdict.ShouldNotBe(Verdict.Sound);
    }

    [Fact]
    public void On_ground_that_nobody_has_looked_at_its_pegs_are_judged_in_the_worst()
    {
        var fit = Bales(Brief.Default);
        Of(fit, "posts").Verdict.ShouldBe(Verdict.Fails);
        Of(fit, "posts").Remedies.Single().Value.Near(.5824);
        Of(fit, "posts-bent").Utilisation!.Value.Near(.728);
    }

    [Fact]
    public void Straw_is_sure_for_one_season_and_what_has_lain_out_is_not()
    {
        Check Seasons(int years, string[] found) => Of(Built("bale-bed", A.Heap(A.Thing("straw-bale", 6, findings: found)), Firm, ("seasons", years)), "seasons");
        Seasons(1, [Findings.LookedOver]).Verdict.ShouldBe(Verdict.Sound);
        Seasons(2, [Findings.LookedOver]).Verdict.ShouldBe(Verdict.Tight);
        Seasons(1, [Findings.LookedOver, Findings.Weathered]).Verdict.ShouldBe(Verdict.Tight);
        Seasons(2, [Findings.LookedOver, Findings.Weathered]).Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void On_paving_pegs_cannot_be_driven_and_nobody_is_comforted()
        => Of(Bales(Firm with { Site = Site.Paving }), "posts").Verdict.ShouldBe(Verdict.AskAProfessional);

    [Fact]
    public void A_dry_laid_wall_of_forty_six_bricks()
    {
        var fit = Bricks(Firm);
        fit.Blueprint.Parts.Single(p => p.Id == "block").Count.ShouldBe(42);
        fit.Blueprint.Soil.Near(.06347);
        fit.Cast.Asked.OfType<FillNeeded>().Single(n => n.Id != "base").Volume.Near(.0730);
        fit.Cast.Asked.OfType<FillNeeded>().Single(n => n.Id == "base").Volume.Near(.0305, 2e-3);
        var cloth = fit.Cast.Asked.OfType<CoverNeeded>().Single();
        (Math.Round(cloth.Length, 3), Math.Round(cloth.Width, 3)).ShouldBe((2.75, .345));
        var slide = Of(fit, "wall-slide");
        slide.Sums[0].Terms[0].Value.Near(.2877);
        slide.Sums[0].Value.Near(48.02);
        slide.Sums[1].Value.Near(279.8);
        slide.Sums[2].Value.Near(2.069);
        Of(fit, "wall-turn").Sums[2].Value.Near(5.425);
        Of(fit, "wall-middle").Demand.ShouldBe(0);
        fit.Assessment.Hold.Verdict.ShouldBe(Verdict.Sound);
        // 42 laid and 8 of them knocked shorter.
        Minutes(fit, "courses").Near(63 + 24);
        Minutes(fit, "base").Near(24.08);
        fit.Blueprint.Figures.Single().Value.Near(.1025);
    }

    [Fact]
    public void Bricks_that_do_not_reach_round_say_how_many_more_are_wanted()
    {
        var fit = Bricks(Firm, count: 40);
        fit.Cast.Short.Single().Count.ShouldBe(2);
        fit.Cast.Short.Single().Words.ToString().ShouldContain("2 more wanted for bricks, blocks or stones");
    }

    [Fact]
    public void An_upright_wall_needs_no_brick_knocked_shorter_and_is_pushed_harder()
    {
        Fit upright = Bricks(Firm, batter: 0), leaning = Bricks(Firm);
        Minutes(upright, "courses").Near(63);
        Of(upright, "wall-slide").Utilisation!.Value.ShouldBeGreaterThan(Of(leaning, "wall-slide").Utilisation!.Value);
        Of(upright, "wall-turn").Utilisation!.Value.ShouldBeGreaterThan(Of(leaning, "wall-turn").Utilisation!.Value);
    }

    [Theory]
    [InlineData("slates", "Too thin to lay a wall of")]
    [InlineData("bricks", null)]
    [InlineData("stones", null)]
    public void What_is_too_thin_for_a_course_is_no_wall(string kind, string? why)
    {
        var leads = Leads.Of(Catalogue.Find("dry-wall-bed")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing(kind, 60))));
        if (why is null) leads.Others.ShouldBeEmpty();
        else leads.Others.Single().Why.ToString().ShouldContain(why);
    }

    [Fact]
    public void Pieces_as_wide_as_they_are_long_find_no_bond()
        => Leads.Of(Catalogue.Find("dry-wall-bed")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("stones", 60, measures: [("length", .3), ("width", .3), ("height", .1)])))).Others.Single().Why.ToString().ShouldContain("joints would stand one above another");

    [Fact]
    public void A_long_block_is_no_coping()
    {
        var d = Catalogue.Find("dry-wall-bed")!;
        var heap = A.Heap(A.Thing("blocks", 60));
        var lead = DrawingBoard.FindLead(d, heap, "1").OrThrow();
        DrawingBoard.Open(d, lead, new Dictionary<string, double> { ["coping"] = 1 }, Firm, heap).Problems.Single().Sentence.ShouldContain("tip");
    }

    [Fact]
    public void Straw_that_may_carry_weedkiller_makes_no_bed_before_beans_have_grown_in_it()
    {
        var design = Catalogue.Find("bale-bed")!;
        Leads Found(string finding) => Leads.Of(design, Core.Stock.Stockroom.Of(A.Heap(A.Thing("straw-bale", 6, findings: [finding]))));
        Found("weedkiller-unknown").Others.Single().Why.ToString().ShouldContain("beans");
        Found("bean-test-failed").Found.ShouldBeEmpty();
        Found("bean-test-passed").Found.Count.ShouldBe(1);
    }

    private static Fit Tyres(int bolts, double cut = 0, int stack = 2) => Built("tyre-ring", A.Heap(A.Thing("tyre", 2, measures: [("overall", .62), ("rim", .38), ("width", .185)])), Firm, ("stack", stack), ("bolts", bolts), ("cut", cut));

    [Fact]
    public void Two_tyres_bolted_one_on_the_other()
    {
        var fit = Tyres(2);
        fit.Blueprint.Soil.Near(.0794);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.0913);
        Of(fit, "stack-slide").Utilisation!.Value.Near(.0320, 2e-3);
        Of(fit, "tipping").Utilisation!.Value.Near(.676, 2e-3);
        Of(Tyres(0), "stack-slide").Utilisation!.Value.Near(2.087);
        (Minutes(fit, "wash"), Minutes(fit, "drain"), Minutes(fit, "bolts")).ShouldBe((16, 12, 8));
        Minutes(fit, "fill").Near(79.4 / 8);
        fit.Cast.Buys.Single(b => b.Row?.Id == "bolt").Packs.ShouldBe(2);
    }

    [Fact]
    public void One_tyre_needs_no_bolts_and_with_its_upper_wall_cut_out_has_more_to_plant()
    {
        Fit whole = Tyres(0, stack: 1), open = Tyres(0, cut: 1, stack: 1);
        whole.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "stack-slide");
        open.Blueprint.Bays.Single().Planting.Area.ShouldBeGreaterThan(2 * whole.Blueprint.Bays.Single().Planting.Area);
        open.Blueprint.Soil.ShouldBeLessThan(whole.Blueprint.Soil);
        (Of(whole, "tyre-wall").Verdict, Of(open, "tyre-wall").Verdict).ShouldBe((Verdict.Sound, Verdict.Tight));
    }

    [Fact]
    public void Tyres_grow_flowers_unless_the_house_rule_says_otherwise_and_the_flattest_nothing()
    {
        var fit = Tyres(2);
        fit.Assessment.Grow.Crops.Where(c => c.Crop.Edible).ShouldAllBe(c => c.Count == 0);
        fit.Assessment.Grow.Crops.ShouldContain(c => c.Count > 0);
        var accepting = HouseRules.Choose(new Dictionary<string, string> { [HouseRules.DoubtfulPlastic] = "accept" }).OrThrow();
        Built("tyre-ring", Heap.Of([A.Thing("tyre", 2)], accepting), Firm, ("cut", 1)).Assessment.Grow.Crops.ShouldContain(c => c.Crop.Edible && c.Count > 0);
        Leads.Of(Catalogue.Find("tyre-ring")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("tyre", 2, measures: [("overall", .38), ("rim", .2), ("width", .085)])))).Others.Single().Why.ToString().ShouldContain("Too flat");
    }

    private static Fit Baulks(double corner = 0, int count = 2, string[]? findings = null, double thick = .125) => Built("timber-bed", A.Heap(A.Thing("heavy-timber", count, substance: Substance.Softwood, findings: findings ?? [Findings.LookedOver], measures: [("thickness", thick)])), Firm, ("long", 1.6), ("short", .7), ("corner", corner), ("posts", 3), ("embed", .55));

    [Fact]
    public void One_course_of_two_heavy_baulks()
    {
        var fit = Baulks();
        fit.Cast.Short.ShouldBeEmpty();
        fit.Cast.Cuts.Bars.Count.ShouldBe(2);
        fit.Cast.Cuts.Bars.ShouldAllBe(b => b.Cuts.Count == 2);
        fit.Blueprint.Soil.Near(.18659);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.2146);
        fit.Blueprint.Figures.Single().Value.Near(.2157);
        Of(fit, "posts").Sums[0].Terms[0].Value.Near(155.3);
        Of(fit, "posts").Sums[0].Value.Near(.5129);
        Of(fit, "posts-bent").Utilisation!.Value.Near(.647);
        Of(fit, "slats").Sums.Single(s => s.Title.ToString().Contains("Bending", StringComparison.Ordinal)).Value.Near(.0613e6, 3e-3);
        var posts = fit.Cast.Buys.Single(b => b.NeedId == "posts");
        (posts.Packs, Math.Round(posts.Cost, 2)).ShouldBe((10, 34.00));
        (Minutes(fit, "cut"), Minutes(fit, "courses"), Minutes(fit, "posts")).ShouldBe((24, 40, 50));
        fit.Blueprint.Operations().Single(o => o.Id == "courses").Words.ToString().ShouldContain("40 kg wet, too much for three");
    }

    [Fact]
    public void Halved_corners_take_their_cuts_and_leave_less_inside()
    {
        Fit butted = Baulks(), halved = Baulks(corner: 1);
        halved.Blueprint.Operations().Single(o => o.Id == "halve").Words.ToString().ShouldContain("16 cuts");
        butted.Blueprint.Operations().ShouldNotContain(o => o.Id == "halve");
        halved.Blueprint.Soil.Near(1.35 * .45 * .22);
        halved.Blueprint.Soil.ShouldBeLessThan(butted.Blueprint.Soil);
    }

    [Fact]
    public void One_baulk_says_how_much_more_is_wanted()
    {
        var lacks = Baulks(count: 1).Cast.Short;
        lacks.Sum(s => s.Count).ShouldBe(2);
        lacks.ShouldAllBe(s => s.Words.ToString().Contains("more wanted for", StringComparison.Ordinal));
    }

    [Fact]
    public void Baulks_of_another_thickness_lie_in_no_course_with_them()
    {
        var heap = A.Heap(A.Thing("heavy-timber", 1, substance: Substance.Softwood, findings: [Findings.LookedOver]), A.Thing("heavy-timber", 4, id: 2, substance: Substance.Softwood, findings: [Findings.LookedOver], measures: [("thickness", .2)]));
        Built("timber-bed", heap, Firm, ("long", 1.6), ("short", .7)).Cast.Takes.ShouldNotContain(t => t.ThingId == 2 && t.NeedId != "posts");
    }

    [Fact]
    public void Nor_do_higher_ones_since_a_course_is_level()
    {
        var heap = A.Heap(A.Thing("heavy-timber", 1, substance: Substance.Softwood, findings: [Findings.LookedOver]), A.Thing("heavy-timber", 4, id: 2, substance: Substance.Softwood, findings: [Findings.LookedOver], measures: [("width", .35)]));
        Built("timber-bed", heap, Firm, ("long", 1.6), ("short", .7)).Cast.Takes.ShouldNotContain(t => t.ThingId == 2);
    }

    [Theory]
    [InlineData("plank-bed", "board", "posts-bent")]
    [InlineData("upright-bed", "board", "posts-bent")]
    [InlineData("timber-bed", "heavy-timber", "posts-bent")]
    [InlineData("bale-bed", "straw-bale", "posts-bent")]
    [InlineData("pallet-bed", "pallet", "foot-pegs")]
    [InlineData("core-sack", "sack", "stakes-bent")]
    public void Posts_pegs_and_stakes_off_the_heap_are_as_worn_as_they_lie_there(string design, string lead, string check)
    {
        double Bent(string? state)
        {
            string[] seen = [Findings.LookedOver, Findings.HeldFood, Findings.HeatMark, .. state is null ? Array.Empty<string>() : [state]];
            var kind = SalvageKinds.Find(lead)!;
            var heap = A.Heap(
                A.Thing(lead, 30, findings: [.. seen.Where(f => f != state && kind.LookFor.Contains(f))]),
                A.Thing("pole", 60, id: 2, measures: [("length", 2.6), ("thickness", .055)], findings: [.. seen.Where(SalvageKinds.Find("pole")!.LookFor.Contains)]));
            var fit = Built(design, heap, Firm with { PeopleAtEdge = true });
            fit.Cast.Takes.ShouldContain(t => t.ThingId == 2);
            return Of(fit, check).Utilisation!.Value;
        }

        Bent(Findings.Poor).Near(Bent(null) / .6);
    }

    [Theory]
    [InlineData("creosote", "heavy-timber")]
    [InlineData("creosote", "post")]
    [InlineData("chemical-smell", "heavy-timber")]
    public void What_is_tarred_is_in_no_bed_by_any_road(string finding, string kind)
    {
        const int Tarred = 99;
        var heap = A.Heap([.. Yards.Whole.Things.Select(t => t.Thing), A.Thing(kind, 8, id: Tarred, findings: [finding])]);
        List<Fit> fits = [.. Matcher.Match(heap, Brief.Default, Aim.MostSoil).SelectMany(m => m.Others.Append(m.Best)).OfType<Fit>()];
        fits.Select(f => f.Design).Distinct().Count().ShouldBe(Catalogue.All.Count);
        foreach (var fit in fits) fit.Cast.Takes.ShouldNotContain(t => t.ThingId == Tarred, fit.Design.Id);
        Leads.Of(Catalogue.Find("timber-bed")!, Core.Stock.Stockroom.Of(heap)).Found.ShouldAllBe(l => l.Lots.All(x => x.ThingId != Tarred));
    }
}
