using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>The woven bed: its ring as docs/method.md works it with a pencil, and its other shapes.</summary>
public class WovenBedTests
{
    private static Fit Woven(Brief? brief = null, string[]? findings = null, params (string, double)[] set) => Built(
        "woven-bed", A.Heap(
            A.Thing("branches", findings: [Findings.LookedOver, .. findings ?? []], substance: Substance.GreenWood, measures: [("sticks", 34), ("shortest", 1.4), ("longest", 2.9), ("butt", .026), ("tip", .008)]),
            A.Thing("board", 12, id: 2, findings: [Findings.LookedOver, Findings.HeatMark], measures: [("length", 2.2), ("width", .14), ("thickness", .026)])), brief ?? Firm,
        [.. set, .. new[] { ("length", 1.0), ("width", .80), ("height", .25), ("apart", .25), ("shape", 0), ("embed", .25) }.ExceptBy(set.Select(s => s.Item1), s => s.Item1)]);

    [Fact]
    public void A_woven_ring_to_plant()
    {
        var fit = Woven();
        fit.Cast.Short.ShouldBeEmpty();
        (fit.Blueprint.Parts.Single(p => p.Id == "stake").Count, fit.Blueprint.Parts.Single(p => p.Id == "rod").Count).ShouldBe((13, 27));
        fit.Blueprint.Figures.Single().Value.Near(54.03);
        fit.Blueprint.Figures.Single().Terms.Single(t => t.Symbol == "courses").Value.ShouldBe(17);
        fit.Blueprint.Parts.Single(p => p.Id == "rod").Length.Near(1.718);
        (fit.Blueprint.Soil * 1000).Near(131.9);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.1517);
        Of(fit, "rods").Sums[1].Value.Near(6.180);
        Of(fit, "rods").Utilisation!.Value.Near(.1717);
        Of(fit, "posts").Sums[0].Terms[0].Value.Near(23.40);
        Of(fit, "posts").Sums[0].Value.Near(.2369);
        Of(fit, "posts-bent").Utilisation!.Value.Near(.1182);
        var film = fit.Cast.Asked.OfType<CoverNeeded>().Single();
        (Math.Round(film.Length, 3), film.Width).ShouldBe((2.986, .40));
        fit.Cast.Buys.Single(b => b.NeedId == "liner").Cost.Near(6.50);
        var stakes = fit.Cast.Buys.Single(b => b.NeedId == "stakes");
        (stakes.Packs, Math.Round(stakes.Cost, 2)).ShouldBe((13, 15.60));
        (Minutes(fit, "ground"), Minutes(fit, "sort"), Minutes(fit, "points"), Minutes(fit, "stakes"), Minutes(fit, "weave"), Minutes(fit, "trim"), Minutes(fit, "liner")).ShouldBe((30, 27, 39, 52, 108, 10, 25));
        Minutes(fit, "fill").Near(131.9 / 8);
    }

    [Fact]
    public void Film_behind_a_weave_may_hold_water_up_and_cloth_does_not()
    {
        var film = Woven();
        Of(film, "rods-blocked").Case.ShouldBe(LoadCase.BlockedDrain);
        // Full of water: a third of what the soil weighs in it, and all of the water.
        Of(film, "rods-blocked").Sums[1].Value.Near(((14715 - 9810) / 3.0 + 9810) * .21 * .9 * .008);
        Woven(set: ("behind", 1)).Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "rods-blocked");
        // Against the soil itself green rods are gone in two years at most.
        Of(Woven(set: [("behind", 1), ("seasons", 3)]), "seasons").Verdict.ShouldBe(Verdict.Fails);
        Of(Woven(set: [("seasons", 3)]), "seasons").Verdict.ShouldBe(Verdict.Tight);
    }

    [Fact]
    public void Beside_a_bed_only_the_front_and_ends_are_woven_and_planks_take_the_ends()
    {
        var straight = Woven(set: [("shape", 1)]);
        straight.Blueprint.Figures.Single().Terms[0].Value.Near(1.0 + 2 * .80 + 4 * .037);
        straight.Blueprint.Bays.Sum(b => b.Volume).Near(1.0 * .80 * .21);
        // A stake in both corners.
        straight.Blueprint.Parts.Single(p => p.Id == "stake").Count.ShouldBe(4 + 5 + 4 + 1);
        var planked = Woven(set: [("shape", 1), ("ends", 1)]);
        planked.Blueprint.Parts.Single(p => p.Id == "rod").Count.ShouldBeLessThan(straight.Blueprint.Parts.Single(p => p.Id == "rod").Count);
        planked.Cast.Of("ends").ShouldAllBe(t => t.ThingId == 2);
        Of(planked, "end-posts").Name.ShouldStartWith("Posts of the ends");
        // Where planks between posts hold the ends, half of an end comes to each post.
        Of(planked, "end-posts").Sums[0].Terms[0].Value.Near(90.13 * (.80 + .10) / 2);
        planked.Assessment.Hold.Checks.ShouldContain(c => c.Id == "end-1");
    }

    [Fact]
    public void A_step_and_a_bend_keep_the_width_of_the_bed_and_plants_are_nowhere_closer()
    {
        var step = Woven(set: [("shape", 2)]);
        step.Blueprint.Bays.Count.ShouldBe(2);
        step.Blueprint.Bays.Sum(b => b.Volume).Near(1.0 * .80 * .21);
        (step.Blueprint.Bays[1].At.Y - step.Blueprint.Bays[0].At.Y).Near(.30);
        var bend = Woven(set: [("shape", 3), ("bend", 2)]);
        // A piece of a ring from 1.2 to 2 m, half a radian of it.
        bend.Blueprint.Soil.Near(.5 * (4 - 1.44) / 2 * .21);
        var plants = bend.Assessment.Grow.Crops.First(c => c is { Count: > 3, Crop.Spacing: < .2 });
        foreach (var (a, i) in plants.Layout.Positions.Select((p, i) => (p, i)))
            plants.Layout.Positions.Skip(i + 1).ShouldAllBe(b => a.DistanceTo(b) >= Math.Min(plants.Crop.Spacing, plants.Crop.RowSpacing) - .002);
        // Seen from the middle of the bend all of them lie between its back and its front.
        plants.Layout.Positions.Select(p => Math.Sqrt(p.X * p.X + Math.Pow(p.Y - 1.6, 2))).ShouldAllBe(r => r > 1.2 && r < 2);
        Should.Throw<Exception>(() => Woven(set: [("shape", 3), ("bend", 1.5), ("width", 1.2)])).Message.ShouldContain("leaves no room behind");
    }

    [Fact]
    public void A_coping_is_a_seat_so_that_people_press_on_the_wall_whatever_was_told()
    {
        var seat = Woven(set: [("shape", 1), ("coping", 1), ("length", 1.0)]);
        var none = Woven(set: [("shape", 1)]);
        // Soil 2575 · .07 and people 1000 as it leans: with their factor at the foot.
        Of(seat, "rods").Demand.ShouldBe(Of(Woven(Firm with { PeopleAtEdge = true }, set: [("shape", 1)]), "rods").Demand, 1e-6);
        Of(seat, "rods").Demand.ShouldBeGreaterThan(Of(none, "rods").Demand);
        // A person on .25 m of a board 140 by 26 mm: 1.5 × 1000 × .25/4 ÷ (.14 × .026²/6).
        Of(seat, "seat").Demand.Near(1.5 * 1000 * seat.Blueprint.LoadPaths.OfType<Core.Designs.LoadPaths.SeatBoard>().Single().Span / 4 / (.14 * .026 * .026 / 6));
        none.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "seat");
        Should.Throw<Exception>(() => Woven(set: ("coping", 1))).Message.ShouldContain("round a bend there are none");
    }

    [Theory]
    [InlineData(.6, .6, .25)]
    [InlineData(1.0, .8, .25)]
    [InlineData(1.2, 1.0, .20)]
    [InlineData(1.0, 1.0, .30)]
    public void A_ring_has_an_odd_number_of_stakes_none_farther_apart_than_asked_and_none_in_the_soil(double length, double width, double apart)
    {
        var fit = Woven(set: [("length", length), ("width", width), ("apart", apart)]);
        var count = Part(fit, "stake").Count;
        (count % 2).ShouldBe(1);
        var stakes = Middles(fit, "stake");
        stakes.Count.ShouldBe(count);
        for (var i = 0; i < count; i++) (stakes[i] - stakes[(i + 1) % count]).Length.ShouldBeLessThanOrEqualTo(apart + 1e-6);
        // Half a stake and a rod outside the ellipse of the soil.
        stakes.ShouldAllBe(p => p.X * p.X / (length * length / 4) + p.Y * p.Y / (width * width / 4) > 1);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Along_a_bed_every_corner_has_a_stake_and_the_soil_lies_behind_them(int shape)
    {
        foreach (var ends in (double[])[0, 1])
        {
            var fit = Woven(set: [("shape", shape), ("ends", ends), ("length", 1.4), ("bend", 2)]);
            var stakes = Middles(fit, "stake");
            foreach (var (a, b) in stakes.Zip(stakes.Skip(1))) (a - b).Length.ShouldBeLessThanOrEqualTo(.25 + 1e-6);
            var soil = fit.Blueprint.Scene().Solids.Where(s => s.Part == "soil").ToList();
            foreach (var stake in stakes.Select(p => p with { Z = .1 })) soil.ShouldAllBe(s => s.DepthOf(stake) <= 0);
            soil.Sum(s => s.Volume).Near(fit.Blueprint.Soil, 2e-2);
        }
    }

    [Fact]
    public void Dry_rods_are_soaked_and_a_bundle_too_small_says_how_many_are_wanted()
    {
        Fit Of_(Thing rods) => Built("woven-bed", A.Heap(rods), Firm, ("length", 1), ("height", .25));
        Of_(A.Thing("branches", findings: [Findings.LookedOver], substance: Substance.DryWood, measures: [("sticks", 60), ("butt", .022), ("tip", .008)])).Blueprint.Operations().ShouldContain(o => o.Id == "soak");
        var few = Of_(A.Thing("branches", findings: [Findings.LookedOver], substance: Substance.GreenWood, measures: [("sticks", 6), ("butt", .022), ("tip", .008)]));
        few.Cast.Short.Single(s => s.Need.Id == "rods").Words.ToString().ShouldContain("more wanted for rods to weave");
        WhyNot("woven-bed", A.Thing("branches", measures: [("butt", .04), ("tip", .02)])).ShouldContain("Too thick to weave");
        WhyNot("woven-bed", A.Thing("canes", substance: Substance.Bamboo)).ShouldContain("splits where it goes round");
        // What soil must be kept off is hung with film and nothing else.
        Catalogue.Find("woven-bed")!.Settings(Of_(A.Thing("branches", substance: Substance.GreenWood, findings: [Findings.LookedOver])).Lead).Single(s => s.Id == "behind").Stops.Count.ShouldBe(2);
    }

    [Fact]
    public void So_sharp_a_turn_no_rod_goes_round()
        => Should.Throw<Exception>(() => Woven(set: [("length", 2.0), ("width", .40), ("apart", .45)])).Message.ShouldContain("do not go round its narrow ends");

    [Fact]
    public void Where_stakes_cannot_be_driven_a_professional_is_asked()
    {
        var paved = Woven(Firm with { Site = Site.Paving }, set: [("shape", 1), ("ends", 1)]);
        Of(paved, "posts").Verdict.ShouldBe(Verdict.AskAProfessional);
        Of(paved, "end-posts").Verdict.ShouldBe(Verdict.AskAProfessional);
        Drains(paved, "open-foot").Verdict.ShouldBe(Verdict.Fails);
    }

    private static List<Core.Scenes.Point3> Middles(Fit fit, string part) => [.. fit.Blueprint.Scene().Solids.Where(s => s.Part == part).Select(s => s.Extent.Middle with { Z = 0 })];
}
