using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Whole builds of supports and edges, repeated as they were worked with a pencil in docs/method.md: an obelisk, a ridge on tripods, a woven edging.</summary>
public class WholeSupportTests
{
    private static Fit Alders(int sticks = 12, double rings = 3, double shortest = 1.0) => Built("twig-obelisk", A.Heap(A.Thing("branches", substance: Substance.DryWood, measures: [("sticks", sticks), ("shortest", shortest), ("longest", 2.2), ("butt", .042), ("tip", .024)])), Firm, ("height", 1.2), ("legs", 4), ("radius", .40), ("rings", rings), ("pegs", .90));

    [Fact]
    public void An_obelisk_of_four_alder_sticks()
    {
        var fit = Alders();
        fit.Cast.Short.ShouldBeEmpty();
        fit.Blueprint.Figures[0].Value.Near(1.534, 4e-4);
        fit.Cast["sticks"].Select(p => Math.Round(p.Length, 3)).ShouldBe([1.545, 1.655, 1.764, 1.873]);
        fit.Blueprint.Figures[1].Value.Near(1.358, 4e-4);
        fit.Blueprint.Parts.Where(p => p.Id.StartsWith("cross-", StringComparison.Ordinal)).Select(p => (p.Count, Math.Round(p.Length, 4))).ShouldBe([(4, .5803), (4, .4743), (4, .2975)]);
        var racking = Of(fit, "racking");
        racking.Sums[0].Value.Near(235.4);
        racking.Utilisation!.Value.Near(.2805);
        Of(fit, "uplift").Demand.Near(270.2);
        Of(fit, "uplift").Remedies.Single().Value.Near(.866);
        new[] { Verdict.Sound, Verdict.Tight }.ShouldContain(fit.Assessment.Hold.Verdict);
        (fit.Cast.Buys.Single(b => b.NeedId == "pegs").Packs, Math.Round(fit.Cast.Buys.Single(b => b.NeedId == "pegs").Cost, 2)).ShouldBe((4, 10.00));
        fit.Blueprint.Joints.Where(j => j.Fixing == "outdoor-screw-80").Sum(j => j.Count).ShouldBe(24);
        fit.Cast.Buys.Single(b => b.Row?.Id == "outdoor-screw-80").Cost.ShouldBe(10.50);
        fit.Blueprint.Figures[2].Value.ShouldBe(4);
        (Minutes(fit, "pick"), Minutes(fit, "pegs"), Minutes(fit, "cross"), Minutes(fit, "screw")).ShouldBe((12, 24, 24, 72));
    }

    [Fact]
    public void More_rings_bend_the_sticks_less_and_take_longer_rods()
    {
        Fit three = Alders(), six = Alders(rings: 6);
        Of(six, "racking").Utilisation!.Value.ShouldBeLessThan(Of(three, "racking").Utilisation!.Value);
        six.Blueprint.Figures[1].Value.ShouldBeGreaterThan(three.Blueprint.Figures[1].Value);
    }

    [Fact]
    public void Four_sticks_and_no_rods_lack_the_cross_pieces_and_say_how_long()
        => Alders(sticks: 4, shortest: 1.8).Cast.Short.Single().Words.ToString().ShouldContain("rods for cross pieces");

    [Fact]
    public void Bamboo_and_thin_rods_make_no_obelisk()
    {
        var others = Leads.Of(Catalogue.Find("twig-obelisk")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("canes", substance: Substance.Bamboo), A.Thing("twigs", id: 2)))).Others;
        others.Select(o => o.Why.ToString()).ShouldContain(w => w.Contains("Bamboo splits"));
        others.Select(o => o.Why.ToString()).ShouldContain(w => w.Contains("Too thin to screw"));
    }

    private static Fit Canes(int sticks = 12, double bays = 1, double pole = .045, double span = 1.5, string[]? seen = null) => Built(
        "tripod-ridge",
        A.Heap(A.Thing("branches", substance: Substance.DryWood, measures: [("sticks", sticks), ("shortest", 1.8), ("longest", 2.6), ("butt", .036), ("tip", .018)], findings: [Findings.LookedOver, .. seen ?? []]), A.Thing("pole", 3, id: 2, measures: [("length", 2.4), ("thickness", pole)], findings: [Findings.LookedOver])),
        Firm, [("height", 1.6), ("bays", bays), ("span", span), ("apart", .3), ("spare", .5), ("guys", 2), ("reach", 2), ("pegs", .85)]);

    [Fact]
    public void A_ridge_of_one_bay_on_two_tripods()
    {
        var fit = Canes();
        fit.Cast.Short.ShouldBeEmpty();
        fit.Cast["sticks"].Select(p => Math.Round(p.Length, 3)).ShouldBe([2.018, 2.091, 2.164, 2.236, 2.309, 2.382]);
        fit.Blueprint.Parts.Single(p => p.Id == "stick").Length.Near(1.974, 4e-4);
        fit.Blueprint.Parts.Single(p => p.Id == "pole").Length.Near(1.80);
        fit.Blueprint.Figures[0].Value.Near(2.40);
        fit.Blueprint.Figures[1].Value.Near(41.29, 4e-4);
        var twine = fit.Cast.Buys.Single(b => b.NeedId == "twine");
        (twine.Packs, Math.Round(twine.Cost, 2)).ShouldBe((1, 4.50));
        Of(fit, "ridge").Sums[1].Terms.Single(t => t.Symbol == "M").Value.Near(80.88);
        Of(fit, "ridge").Utilisation!.Value.Near(.9328);
        Of(fit, "ridge-sag").Demand.Near(1.871e-3);
        Of(fit, "guys").Demand.Near(271.3);
        Of(fit, "guys").Utilisation!.Value.Near(.3598);
        Of(fit, "guy-pegs").Demand.Near(254.2);
        Of(fit, "legs").Demand.Near(145.4);
        Of(fit, "legs").Utilisation!.Value.Near(.6494, 2e-3);
        var pegs = fit.Cast.Buys.Single(b => b.NeedId == "pegs");
        (pegs.Packs, Math.Round(pegs.Cost, 2)).ShouldBe((8, 20.00));
        // The pencil took them 35 mm thick; those sold are 40, hold better, and are bent.
        Of(fit, "guy-pegs").Remedies.Single().Value.Near(.786, 2e-3);
        Of(fit, "guy-pegs-bent").Utilisation!.Value.Near(.767, 2e-3);
        fit.Assessment.Hold.Verdict.ShouldBe(Verdict.Tight);
        (Minutes(fit, "pick"), Minutes(fit, "row"), Minutes(fit, "lash"), Minutes(fit, "pegs"), Minutes(fit, "stand"), Minutes(fit, "poles"), Minutes(fit, "lines"), Minutes(fit, "plant")).ShouldBe((18, 10, 12, 48, 16, 8, 42, 10));
    }

    [Fact]
    public void Poles_lap_on_a_shared_tripod_so_that_each_bay_more_takes_three_sticks()
    {
        Fit one = Canes(), three = Canes(bays: 2);
        (one.Blueprint.Parts.Single(p => p.Id == "stick").Count, three.Blueprint.Parts.Single(p => p.Id == "stick").Count).ShouldBe((6, 9));
        three.Blueprint.Parts.Single(p => p.Id == "pole").Count.ShouldBe(2);
        // One lies on the other there: each pole of its own height, and both over the head between them.
        var poles = three.Blueprint.Scene().Solids.Where(s => s.Part == "pole").Select(s => s.Extent).ToList();
        poles.Min(p => p.Most.X).ShouldBeGreaterThan(poles.Max(p => p.Least.X));
        poles.Select(p => Math.Round(p.Least.Z, 4)).Distinct().Count().ShouldBe(2);
        three.Blueprint.Joints.Single(j => j.Name == "Poles to each other").Count.ShouldBe(1);
    }

    [Fact]
    public void A_thin_pole_is_told_how_thick_it_should_be_and_how_near_the_tripods()
    {
        var ridge = Of(Canes(pole: .038), "ridge");
        ridge.Verdict.ShouldBe(Verdict.Fails);
        Of(Canes(pole: ridge.Remedies[0].Value), "ridge").Verdict.ShouldNotBe(Verdict.Fails);
        Of(Canes(pole: .038, span: Math.Floor(ridge.Remedies[1].Value * 10) / 10), "ridge").Utilisation!.Value.ShouldBeLessThanOrEqualTo(1.0001);
    }

    [Fact]
    public void A_ridge_has_room_along_its_row_and_a_plant_to_each_string()
    {
        var grow = Canes(bays: 2).Assessment.Grow;
        (grow.Along!.Title.ToString(), Math.Round(grow.Along.Value, 6)).ShouldBe(("Along its row", 3.0));
        grow.Crops.Max(c => c.Count).ShouldBe(10);
        grow.Crops.ShouldAllBe(c => c.Count <= Math.Floor(3.0 / c.Crop.Spacing + 1e-9));
    }

    [Fact]
    public void A_ridge_pole_and_pegs_out_of_the_bundle_are_as_thick_as_where_they_are_cut_off()
    {
        var heap = A.Heap(A.Thing("branches", substance: Substance.DryWood, measures: [("sticks", 20), ("shortest", 2.6), ("longest", 2.6), ("butt", .05), ("tip", .03)], findings: [Findings.LookedOver]));
        var fit = Built("tripod-ridge", heap, Firm, ("height", 1.6), ("span", 1.5), ("guys", 2), ("pegs", .85));
        (fit.Cast.Of("poles").Single().ThingId, fit.Cast.Of("pegs").First().ThingId).ShouldBe((1, 1));
        fit.Blueprint.Parts.Single(p => p.Id == "pole").Thickness.Near(.05 - .02 * 1.8 / 2.6);
        fit.Blueprint.Parts.Single(p => p.Id == "peg").Thickness.Near(.05 - .02 * 1.0 / 2.6);
    }

    [Fact]
    public void A_short_stick_thins_sooner_and_is_passed_over_where_its_end_is_too_thin()
    {
        // A pole of 1.8 m and 30 mm: of sticks that taper from 50 to 23.4 mm only those of 2.4 m and more are that thick there.
        var heap = A.Heap(A.Thing("branches", substance: Substance.DryWood, measures: [("sticks", 30), ("shortest", 1.8), ("longest", 2.8), ("butt", .05), ("tip", .0234)], findings: [Findings.LookedOver]));
        var pole = Built("tripod-ridge", heap, Firm, ("height", 1.6), ("span", 1.5), ("guys", 2), ("pegs", .85)).Cast["poles"].Single();
        pole.Length.ShouldBeGreaterThan(2.39);
        pole.Thin.ShouldBeGreaterThanOrEqualTo(.03 - 1e-9);
    }

    [Fact]
    public void Legs_that_lay_out_carry_less()
        => (Of(Canes(seen: [Findings.Weathered]), "legs").Utilisation!.Value * .8).Near(Of(Canes(), "legs").Utilisation!.Value);

    [Fact]
    public void Five_sticks_thin_ones_and_short_ones_carry_no_ridge()
    {
        string Why(params (string, double)[] measures) => Leads.Of(Catalogue.Find("tripod-ridge")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("branches", measures: measures)))).Others.Single().Why.ToString();
        Why(("sticks", 5)).ShouldContain("two tripods take six");
        Why(("butt", .012), ("tip", .008)).ShouldContain("Too thin to carry a ridge");
        Why(("shortest", .9), ("longest", 1.2)).ShouldContain("Too short");
    }

    private static Fit Edge(Brief? brief = null, string[]? findings = null, params (string, double)[] set) => Built(
        "woven-edging", A.Heap(A.Thing("branches", findings: [Findings.LookedOver, .. findings ?? []], substance: Substance.GreenWood, measures: [("sticks", 34), ("shortest", 1.4), ("longest", 2.9), ("butt", .026), ("tip", .008)]), A.Thing("twigs", id: 2, findings: [Findings.LookedOver])), brief ?? Firm,
        [.. set, .. new[] { ("length", 2), ("height", .25), ("apart", .30), ("soil", .15), ("embed", .35) }.ExceptBy(set.Select(s => s.Item1), s => s.Item1)]);

    [Fact]
    public void Two_metres_of_woven_edging()
    {
        var fit = Edge();
        fit.Cast.Short.ShouldBeEmpty();
        (fit.Blueprint.Parts.Single(p => p.Id == "stake").Count, fit.Blueprint.Parts.Single(p => p.Id == "rod").Count).ShouldBe((8, 16));
        fit.Blueprint.Figures.Single().Value.Near(34.84, 4e-4);
        fit.Blueprint.Figures.Single().Terms.Single(t => t.Symbol == "courses").Value.ShouldBe(17);
        fit.Blueprint.Parts.Single(p => p.Id == "rod").Length.Near(2.218);
        Of(fit, "rods").Sums[1].Value.Near(4.415);
        Of(fit, "rods").Utilisation!.Value.Near(.1797, 2e-3);
        Of(fit, "posts").Sums[0].Terms[0].Value.Near(46.81, 2e-3);
        Of(fit, "posts").Sums[0].Terms[1].Value.Near(.1018, 2e-3);
        Of(fit, "posts").Sums[0].Value.Near(.336, 3e-3);
        Of(fit, "posts-bent").Utilisation!.Value.Near(.366, 3e-3);
        var stakes = fit.Cast.Buys.Single(b => b.NeedId == "stakes");
        (stakes.Packs, Math.Round(stakes.Cost, 2)).ShouldBe((8, 14.40));
        (Minutes(fit, "sort"), Minutes(fit, "mark"), Minutes(fit, "stakes"), Minutes(fit, "weave"), Minutes(fit, "trim")).ShouldBe((16, 10, 32, 64, 10));
    }

    [Fact]
    public void An_edge_keeps_soil_in_and_is_climbed_only_by_its_pea_twigs()
    {
        var bare = Edge();
        bare.Assessment.Grow.Words.ToString().ShouldStartWith("Nothing grows on it");
        bare.Assessment.Grow.Verdict.ShouldBe(Verdict.Sound);
        // But it is no answer to somebody who asked for tomatoes.
        var asked = Edge(Firm with { Crop = Core.Growing.Crops.Find(Handbook.Default, "tomato") }).Assessment.Grow;
        (asked.Verdict, asked.Words.ToString().StartsWith("No tomatoes. Nothing grows on it", StringComparison.Ordinal)).ShouldBe((Verdict.Fails, true));
        var twigged = Edge(set: ("twigs", .8));
        twigged.Blueprint.Parts.Single(p => p.Id == "twig").Count.ShouldBe(14);
        twigged.Cast.Of("twigs").Single().ThingId.ShouldBe(2);
        twigged.Assessment.Grow.Along!.Value.ShouldBe(2);
        twigged.Assessment.Grow.Crops.Where(c => c.Count > 0).Select(c => c.Crop.One).ShouldContain("mangetout");
        // What has to be tied up finds no hold in a twig.
        twigged.Assessment.Grow.Crops.Single(c => c.Crop.One == "aubergine").WhyNot!.ToString().ShouldContain("twigs do not bear it");
    }

    [Fact]
    public void Wind_alone_wants_its_stakes_deep_too_and_more_soil_than_it_is_high_is_refused()
    {
        var mulch = Edge(set: ("soil", 0));
        mulch.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "rods");
        Of(mulch, "posts").Name.ShouldBe("Stakes against the wind");
        Of(mulch, "posts").Sums[0].Terms[0].Value.Near(32.36, 2e-3);
        Of(mulch, "posts").Sums[0].Value.ShouldBeLessThan(Of(Edge(), "posts").Sums[0].Value);
        Should.Throw<Exception>(() => Edge(set: [("soil", .40)])).Message.ShouldContain("cannot hold back");
    }

    [Fact]
    public void A_bend_is_as_long_as_the_edge_and_turns_away_from_the_path()
    {
        var stakes = Edge(set: ("bend", 1)).Blueprint.Scene().Solids.Where(s => s.Part == "stake").Select(s => (s.Extent.Least + s.Extent.Most) * .5).ToList();
        // On a circle of one metre, so many radians of it as the edge has metres.
        stakes.ShouldAllBe(p => Math.Abs(Math.Sqrt(p.X * p.X + (p.Y - 1) * (p.Y - 1)) - 1) < 1e-6);
        Math.Atan2(stakes[^1].X, 1 - stakes[^1].Y).Near(1);
        stakes[0].Y.ShouldBeGreaterThan(.4);
        Should.Throw<Exception>(() => Built("woven-edging", A.Heap(A.Thing("branches", 4)), Firm, ("bend", 1), ("length", 5), ("height", .15))).Message.ShouldContain("three quarters of a circle");
    }

    [Fact]
    public void Willow_is_watched_for_roots_and_dry_rods_are_soaked()
    {
        Edge(findings: ["resprouts"]).Blueprint.Operations().ShouldContain(o => o.Id == "root");
        Edge().Blueprint.Operations().ShouldNotContain(o => o.Id == "root" || o.Id == "soak");
    }

    [Fact]
    public void Rods_that_crack_or_are_too_thick_short_or_few_are_told_so()
    {
        string Why(Thing thing) => Leads.Of(Catalogue.Find("woven-edging")!, Core.Stock.Stockroom.Of(A.Heap(thing))).Others.Single().Why.ToString();
        Why(A.Thing("branches", measures: [("butt", .04), ("tip", .02)])).ShouldContain("Too thick to weave");
        Why(A.Thing("branches", findings: [Findings.Poor])).ShouldContain("Too brittle");
        Why(A.Thing("canes", substance: Substance.Bamboo)).ShouldContain("splits where it goes round");
        Why(A.Thing("twigs", measures: [("longest", .65), ("shortest", .6), ("butt", .008), ("tip", .004)])).ShouldContain("Too short to weave");
        Why(A.Thing("twigs", measures: [("tip", .002)])).ShouldContain("Too thin to weave");
        Built("woven-edging", A.Heap(A.Thing("rods", measures: ("sticks", 5))), Firm, ("length", .5), ("height", .15)).Cast.Short.Select(s => s.Words.ToString()).ShouldContain(w => w.Contains("more wanted for rods to weave"));
    }
}
