using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Whole builds of pots and crates, repeated as they were worked with a pencil in docs/method.md.</summary>
public class WholePotTests
{
    private static Fit Pots(double pots = 2, string[]? findings = null, params (string, double)[] set)
        => Built("mesh-pot", A.Heap(A.Thing("mesh", findings: findings ?? [])), Firm, [("height", .6), ("across", .55), ("pots", pots), ("stakes", 0), .. set]);

    [Fact]
    public void Two_mesh_pots_off_one_roll()
    {
        var fit = Pots();
        fit.Cast.Short.ShouldBeEmpty();
        fit.Blueprint.Figures[0].Value.Near(1.828, 4e-4);
        fit.Blueprint.Figures[1].Value.ShouldBe(2);
        fit.Cast.Takes.Single(t => t.NeedId == "rings").Taken.Amount!.Value.Near(3.656, 4e-4);
        fit.Blueprint.Soil.Near(.2708, 4e-4);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.3115, 4e-4);
        Of(fit, "mesh").Demand.Near(24.03);
        Of(fit, "mesh").Utilisation!.Value.Near(.1700, 2e-3);
        Of(fit, "mesh-joint").Utilisation!.Value.Near(.3399, 2e-3);
        Of(fit, "tipping").Demand.Near(260.0, 2e-3);
        Of(fit, "tipping").Utilisation!.Value.Near(.8787, 2e-3);
        var cloth = fit.Cast.Buys.Single(b => b.NeedId == "liner");
        (cloth.Packs, Math.Round(cloth.Cost, 2)).ShouldBe((1, 7.00));
        fit.Blueprint.Figures[2].Value.ShouldBe(3.5);
        (Minutes(fit, "cut"), Minutes(fit, "bend"), Minutes(fit, "line")).ShouldBe((10, 24, 16));
        Minutes(fit, "fill").Near(270.8 / 8, 4e-4);
    }

    [Fact]
    public void A_roll_twice_as_wide_gives_two_rings_side_by_side_and_a_third_pot_says_how_much_more()
    {
        var wide = Built("mesh-pot", A.Heap(A.Thing("mesh", measures: [("length", 1.9), ("width", 1.2)])), Firm, ("height", .6), ("across", .55), ("pots", 2));
        wide.Cast.Short.ShouldBeEmpty();
        Pots(3).Cast.Short.Single().Words.ToString().ShouldStartWith("1 more wanted for rings");
    }

    [Fact]
    public void Rusted_wire_counts_thinner_and_laced_ends_bear_as_much_as_the_wire()
    {
        double Wire(params string[] findings) => Of(Pots(findings: findings), "mesh").Utilisation!.Value;
        Wire(Findings.RustSurface).Near(Wire() / .64);
        var laced = Pots(findings: null, set: ("closed", 1));
        laced.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "mesh-joint");
        laced.Cast.Asked.OfType<RunNeeded>().Single().Length.Near(2 * 4 * .6);
    }

    [Fact]
    public void Sacking_is_gone_before_the_third_year_and_card_over_it_gives_it_one_more()
    {
        Verdict Lining(double lining, double seasons, double card) => Of(Pots(set: [("lining", lining), ("seasons", seasons), ("card", card)]), "seasons").Verdict;
        Lining(1, 3, 0).ShouldBe(Verdict.Fails);
        Lining(1, 3, 1).ShouldBe(Verdict.Tight);
        // Of woven cloth two years are sure; what it may or may not last is never sound.
        Lining(0, 2, 0).ShouldBe(Verdict.Sound);
        Lining(0, 3, 0).ShouldBe(Verdict.Tight);
    }

    [Fact]
    public void Cloth_that_lay_out_lasts_less_and_so_does_a_pot_lined_with_it()
    {
        Check Lined(params string[] seen)
        {
            var heap = A.Heap(A.Thing("mesh"), A.Thing("fabric", id: 2, substance: Substance.WovenCloth, measures: [("length", 5), ("width", 1)], findings: [Findings.LookedOver, .. seen]));
            var fit = Built("mesh-pot", heap, Firm, ("height", .6), ("across", .55), ("pots", 1), ("stakes", 0), ("seasons", 2));
            fit.Cast.Of("liner").Single().ThingId.ShouldBe(2);
            return Of(fit, "seasons");
        }

        Lined().Verdict.ShouldBe(Verdict.Sound);
        Lined(Findings.Weathered).Verdict.ShouldBe(Verdict.Tight);
        Lined(Findings.Weathered).Capacity.ShouldBe(3);
    }

    [Theory]
    [InlineData(Findings.RustThrough, "Rusted through")]
    [InlineData(Findings.Torn, "Torn: soil comes out")]
    public void Mesh_that_will_give_way_is_refused(string finding, string why)
        => Leads.Of(Catalogue.Find("mesh-pot")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("mesh", findings: [finding])))).Others.Single().Why.ToString().ShouldContain(why);

    [Fact]
    public void A_net_stands_by_nothing_and_wide_openings_let_the_lining_out()
    {
        string Why(Thing thing) => Leads.Of(Catalogue.Find("mesh-pot")!, Core.Stock.Stockroom.Of(A.Heap(thing))).Others.Single().Why.ToString();
        Why(A.Thing("mesh", substance: Substance.SyntheticFibre)).ShouldContain("does not stand by itself");
        Why(A.Thing("mesh", measures: [("aperture", .1)])).ShouldContain("let the lining out");
    }

    private static Fit Crates(Brief? brief = null, int count = 3, params (string, double)[] set)
        => Built("lined-crates", A.Heap(A.Thing("crate", count, findings: [Findings.LookedOver], measures: [("wall", .012), ("boardHeight", .08)])), brief ?? Firm, [.. set, .. new[] { ("soil", .27), ("steps", 2), ("wide", 1), ("packers", 2), ("ties", 1), ("wall", 1) }.ExceptBy(set.Select(s => s.Item1), s => s.Item1)]);

    [Fact]
    public void Three_apple_crates_as_a_stair_of_two_steps()
    {
        var fit = Crates();
        fit.Cast.Short.ShouldBeEmpty();
        (fit.Blueprint.Parts.Single(p => p.Id == "crate").Count, fit.Blueprint.Parts.Single(p => p.Id == "empty").Count).ShouldBe((2, 1));
        fit.Blueprint.Soil.Near(.0945);
        fit.Cast.Asked.OfType<FillNeeded>().Single().Volume.Near(.1087);
        Of(fit, "slats").Utilisation!.Value.Near(.1351, 2e-3);
        Of(fit, "ties").Demand.Near(69.8, 2e-3);
        Of(fit, "tie-anchor").Utilisation!.Value.Near(.4942, 2e-3);
        Of(fit, "floor").Utilisation!.Value.Near(.3006, 2e-3);
        Of(fit, "below").Utilisation!.Value.Near(.3793, 2e-3);
        Of(fit, "below-corners").Demand.Near(209.1, 2e-3);
        Of(fit, "below-corners").Utilisation!.Value.Near(.2918, 2e-3);
        Of(fit, "tipping").Utilisation!.Value.Near(.418, 2e-3);
        Of(fit, "bearing").Demand.Near(37.0e3, 2e-3);
        (fit.Assessment.Drain.Holes!.Count, fit.Assessment.Drain.InAll).ShouldBe((12, 24));
        fit.Cast.Buys.Where(b => b.NeedId is "packers" or "blocks" or "anchors").Sum(b => b.Cost).Near(11.00);
        (Cost("wire"), Cost("liner")).ShouldBe((6.00, 2 * 6.50));
        fit.Cast.Buys.Single(b => b.Row?.Family == "outdoor-screw").Cost.Near(8.50);
        (Minutes(fit, "packers") + Minutes(fit, "blocks"), Minutes(fit, "corners"), Minutes(fit, "ties"), Minutes(fit, "liner"), Minutes(fit, "holes")).ShouldBe((24, 9.6, 16, 20, 12));

        double Cost(string need) => Math.Round(fit.Cast.Buys.Single(b => b.NeedId == need).Cost, 2);
    }

    [Fact]
    public void Long_sides_of_thin_boards_bulge_until_a_wire_goes_across()
    {
        var loose = Of(Crates(set: ("ties", 0)), "slats");
        loose.Verdict.ShouldBe(Verdict.Fails);
        loose.Demand.Near(.00401, 2e-3);
        Of(Crates(), "slats").Verdict.ShouldBe(Verdict.Sound);
    }

    [Fact]
    public void A_stair_takes_an_empty_crate_more_at_every_step_and_says_how_many_there_are_not()
    {
        var three = Crates(count: 6, set: ("steps", 3));
        (three.Blueprint.Bays.Count, three.Blueprint.Parts.Single(p => p.Id == "empty").Count).ShouldBe((3, 3));
        three.Blueprint.Bays.Select(b => b.At.Z).ShouldBeInOrder();
        // The lowest bears one crate more than it did under two steps.
        (Of(three, "below").Sums[0].Value - Of(Crates(), "below").Sums[0].Value).Near(4.11 * 9.81, 2e-3);
        Crates(set: ("wide", 2)).Cast.Short.Select(s => s.Words.ToString()).ShouldContain(w => w.StartsWith("3 more wanted") || w.StartsWith("1 more wanted"));
    }

    [Fact]
    public void Each_crate_is_carried_by_itself_and_the_tallest_column_is_what_tips()
    {
        var (one, row) = (Crates(set: [("steps", 1), ("wall", 0)]), Crates(set: [("steps", 1), ("wide", 3), ("wall", 0)]));
        row.Assessment.Hold.Handling.ToString().ShouldStartWith("One person carries each empty");
        Of(row, "tipping").Utilisation.ShouldBe(Of(one, "tipping").Utilisation);
        Of(row, "bearing").Demand.Near(Of(one, "bearing").Demand, 1e-9);
        Of(Crates(set: ("wall", 0)), "tipping").Utilisation!.Value.ShouldBeGreaterThan(Of(one, "tipping").Utilisation!.Value);
    }

    [Fact]
    public void Rope_goes_right_under_since_nobody_knows_what_old_nails_hold()
    {
        var fit = Crates(set: ("rope", 1));
        // 1.5 times 75 kg wet on four ends.
        Of(fit, "rope").Demand.Near(1.5 * (1500 * .04725 + 4.11) * 9.81 / 4, 2e-3);
        fit.Cast.Buys.Single(b => b.NeedId == "rope").Row!.Family.ShouldBe("rope");
    }

    [Fact]
    public void A_crate_of_low_boards_has_room_for_one_screw_and_one_of_lower_ones_for_none()
    {
        Check Room(double board) => Of(Built("lined-crates", A.Heap(A.Thing("crate", 3, findings: [Findings.LookedOver], measures: [("boardHeight", board)])), Firm, ("steps", 2)), "below-room");
        Room(.07).Sums[0].Terms[0].Value.Near(.060);
        Room(.08).Sums[0].Terms[0].Value.Near(.078);
        Room(.07).Verdict.ShouldBe(Verdict.Sound);
        Room(.05).Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void Baskets_and_plastic_crates_are_refused_with_the_reason()
    {
        string Why(Thing thing) => Leads.Of(Catalogue.Find("lined-crates")!, Core.Stock.Stockroom.Of(A.Heap(thing))).Others.Single().Why.ToString();
        Why(A.Thing("basket")).ShouldContain("Nobody knows what its weave bears");
        Why(A.Thing("plastic-crate", findings: [Findings.HeldFood])).ShouldContain("no known strength");
        Why(A.Thing("crate", findings: [Findings.LookedOver], measures: ("width", .10))).ShouldContain("Too small");
    }
}
