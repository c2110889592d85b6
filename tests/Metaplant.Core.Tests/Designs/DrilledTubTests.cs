using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Drainage;
using Metaplant.Core.Geometry;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>A tub with what found tubs have: a crack, an outlet, holes of rust; on ground that falls; drilled in its wall.</summary>
public class DrilledTubTests
{
    private static Heap Heap(Substance stuff, params string[] found) => A.Heap(
        A.Thing("round-tub", findings: [Findings.HeldFood, Findings.LookedOver, .. found], substance: stuff, measures: [("topDiameter", .60), ("bottomDiameter", .48), ("height", .42), ("wall", .005)]),
        A.Thing("post", 6, id: 2, findings: [Findings.LookedOver], measures: [("length", 1.4), ("width", .10), ("thickness", .07)]), A.Thing("grit", id: 3, findings: [Findings.LookedOver]));

    private static Fit Tub(string[]? found = null, params (string, double)[] set) => Built("drilled-tub", Heap(Substance.Polyethylene, found ?? []), Firm, set);

    private static Fit Iron(string[] found, params (string, double)[] set) => Built("drilled-tub", Heap(Substance.Steel, found), Firm, set);

    private static Shell Plastic(double wall) => new(Substance.Polyethylene, wall, 1, Damaged: true, Proved: null);

    [Fact]
    public void Plates_carry_over_a_crack_what_a_round_wall_no_longer_can()
    {
        var fit = Tub([Findings.Cracked], ("soil", .39), ("crack", .15), ("bolts", 0));
        Of(fit, "crack").Demand.Near(29.05);
        Of(fit, "crack").Capacity.Near(93.24);
        Of(fit, "crack").Utilisation!.Value.Near(.3116);
        fit.Blueprint.Extras.Single().Count.ShouldBe(2);
        Step(fit, "plates").Words.ToString().ShouldContain("4 on each side");
        fit.Blueprint.Operations().Select(o => o.Id).ShouldBe(["wash", "stop", "plates", "packers", "holes", "stand", "first-water", "pads", "fill"]);
        // A longer crack takes longer plates and more bolts: six where there were four.
        var longer = Tub([Findings.Cracked], ("soil", .39), ("crack", .30), ("bolts", 0));
        Of(longer, "crack").Utilisation!.Value.Near(2 * .3116 * 4 / 6);
        longer.Blueprint.Extras.Single().Count.ShouldBe(4);
        // Close together there are more of them, and never nearer than three diameters.
        Of(Tub([Findings.Cracked], ("soil", .39), ("crack", .15), ("bolts", 3)), "crack").Utilisation!.Value.Near(.3116 * 4 / 9);
        Tub().Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "crack");
    }

    [Fact]
    public void Over_a_crack_in_a_flat_wall_each_bolt_is_turned_in_its_hole()
    {
        var two = new PlatedCrack("vessel", .20, 2, .005, null, .70, .25, .22, Plastic(.012)).Work(Brief.Default).First(c => c.Id == "crack");
        two.Demand.Near(.7228);
        two.Capacity.Near(.6713);
        two.Verdict.ShouldBe(Verdict.Fails);
        two.Remedies.Single().Value.ShouldBe(3);
        // A wide thin wall bends beyond the theory of plates, plated or not.
        new PlatedCrack("vessel", .10, 8, .005, null, 1.4, .9, .5, Plastic(.004)).Work(Brief.Default).First(c => c.Id == "crack").Verdict.ShouldBe(Verdict.AskAProfessional);
    }

    [Fact]
    public void The_board_finds_the_bolts_that_hold()
    {
        var heap = Heap(Substance.Steel, Findings.Cracked);
        var best = Matcher.Match(Catalogue.Find("drilled-tub")!, heap, Firm, Aim.MostSoil).Best!;
        best.Assessment.Hold.Checks.ShouldAllBe(c => c.Verdict < Verdict.Fails);
        var bolts = best.Set["bolts"];
        Check Crack(double at) => Of(Built("drilled-tub", heap, Firm, [.. best.Set.Values.Where(v => v.Key != "bolts").Select(v => (v.Key, v.Value)), ("bolts", at)]), "crack");
        Crack(bolts).Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
        if (bolts > 0) Crack(bolts - 1).Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void A_cracked_slat_is_changed_and_not_plated()
        => WhyNot("drilled-tub", A.Thing("plastic-crate", findings: [Findings.HeldFood, Findings.LookedOver, Findings.Cracked])).ShouldContain("put a sound one in its place");

    [Theory]
    [InlineData(1, 0)]
    [InlineData(2, -.18)]
    public void An_outlet_of_its_own_stands_for_holes_that_are_not_drilled(double where, double x)
    {
        Fit plain = Tub([Findings.HasOutlet]), counted = Tub([Findings.HasOutlet], ("outlet", where), ("outlet-wide", .040));
        Point own = new(x, 0);
        HoleGrid before = plain.Assessment.Drain.Holes!, after = counted.Assessment.Drain.Holes!;
        after.Count.ShouldBeLessThanOrEqualTo(before.Count);
        after.Positions.ShouldAllBe(p => p.DistanceTo(own) >= .02 + .005 + .02 - 1e-9);
        // Looked for again from the middle of every square centimetre of the foot, clear of its curved edge.
        var spacing = ((ClosedFloor)counted.Blueprint.Foot).Spacing(Firm).Spacing;
        List<Point> all = [.. after.Positions, own];
        for (var i = -23; i <= 23; i++)
        {
            for (var j = -23; j <= 23; j++)
            {
                Point p = new(i * .01, j * .01);
                if (p.DistanceTo(default) < .24) all.Min(h => h.DistanceTo(p)).ShouldBeLessThanOrEqualTo(1.1 * spacing + .007);
            }
        }

        Drains(counted, "hole-reach").Verdict.ShouldBe(Verdict.Sound);
        Drains(counted, "flow").Capacity.ShouldBeGreaterThan(Drains(plain, "flow").Capacity);
        counted.Assessment.Drain.Counted!.Formula.ShouldContain("its own outlet");
        Step(counted, "holes").Words.ToString().ShouldContain("stays open");
    }

    [Fact]
    public void A_wide_outlet_spares_holes_and_the_packer_over_it_is_laid_in_two()
    {
        var thirsty = Firm with { Medium = Media.Find(Handbook.Default, "potting-mix")! };
        Fit Of(params (string, double)[] set) => Built("drilled-tub", Heap(Substance.Polyethylene, Findings.HasOutlet), thirsty, [("packers", 3), .. set]);
        var plain = Of();
        var counted = Of(("outlet", 1), ("outlet-wide", .050));
        var middle = counted.Blueprint.Scene().Solids.Where(s => s.Part == "packer" && Math.Abs(s.Extent.Middle.X) < .01).ToList();
        middle.Count.ShouldBe(2);
        middle.ShouldAllBe(s => s.DepthOf(new(0, 0, .04)) <= 0);
        Step(counted, "packers").Words.ToString().ShouldContain("in two");
        Step(plain, "packers").Words.ToString().ShouldNotContain("in two");
    }

    [Fact]
    public void Holes_of_rust_count_half_and_only_for_what_runs_out()
    {
        Fit none = Iron([Findings.RustThrough], ("rusty", 0)), ten = Iron([Findings.RustThrough], ("rusty", 10));
        ten.Assessment.Drain.Holes!.Count.ShouldBe(none.Assessment.Drain.Holes!.Count);
        (Drains(ten, "flow").Capacity / Drains(none, "flow").Capacity).Near((none.Assessment.Drain.Holes!.Count + 5.0) / none.Assessment.Drain.Holes!.Count);
        ten.Blueprint.Operations().ShouldContain(o => o.Id == "rust");
        none.Blueprint.Operations().ShouldNotContain(o => o.Id == "rust");
    }

    [Fact]
    public void Drilled_in_its_wall_it_stands_flat_and_keeps_water_below_the_holes()
    {
        Tub(set: ("raise", 0)).Assessment.Drain.Verdict.ShouldBe(Verdict.Fails);
        var fit = Tub(set: [("raise", 0), ("lip", .03)]);
        var side = fit.Blueprint.Foot.ShouldBeOfType<SideHoles>();
        (side.Outline.Perimeter, side.Apart, side.Farthest).ShouldSatisfyAllConditions(m => m.Perimeter.Near(1.535), m => m.Apart.Near(.2558), m => m.Farthest.Near(.2758));
        fit.Assessment.Drain.Verdict.ShouldBe(Verdict.Sound);
        fit.Assessment.Drain.InAll.ShouldBe(6);
        // What stones pass: .01 m/s; h² = q/K (R² ln(R/r) − (R² − r²)/2), and no farther than the entry lets.
        var spacing = side.Spacing(Firm);
        double r = .005, radius = spacing.CellRadius, q = spacing.Reaching;
        (q / .01 * (radius * radius * Math.Log(radius / r) - (radius * radius - r * r) / 2)).Near(.02 * .02);
        Drains(fit, "side-reach").Capacity.Near(spacing.Spacing);

        // Stones take their room from the soil, and roots lose them and the wet layer above.
        var stones = Math.PI * .05 / 12 * (.48 * .48 + .48 * (.48 + .12 * .05 / .42) + Math.Pow(.48 + .12 * .05 / .42, 2));
        (Tub().Blueprint.Soil - fit.Blueprint.Soil).Near(stones);
        fit.Cast.Of("stones").Single().ThingId.ShouldBe(3);
        fit.Assessment.Grow.UsableDepth!.Value.Near(.39 - .05 - .08);
        fit.Assessment.Hold.WetMass!.Value.Near(1500 * fit.Blueprint.Soil + 2000 * stones + fit.Blueprint.Handling.EmptyMass);
        Step(fit, "stones").Words.ToString().ShouldContain("winter");
        fit.Blueprint.Operations().ShouldNotContain(o => o.Id == "pads");
        HoleTemplate.Of(fit.Blueprint, fit.Assessment).ShouldBeEmpty();
    }

    [Fact]
    public void Water_that_stands_in_it_and_holes_round_it_stretch_the_wall_more()
    {
        Check foot = Of(Tub(set: ("raise", .05)), "hoop"), side = Of(Tub(set: [("raise", .05), ("lip", .08)]), "hoop");
        // (K₀ γ z + γ_w .08) over what a third less of the wall holds.
        (side.Utilisation!.Value / foot.Utilisation!.Value).Near((.5 * 12262.5 * .39 + 9810 * .08) / (.5 * 12262.5 * .39) * 1.5);
    }

    [Fact]
    public void What_is_of_boards_or_too_low_is_drilled_in_its_foot_only()
    {
        IEnumerable<string> Settings(Thing thing) => Catalogue.Find("drilled-tub")!.Settings(Leads.Of(Catalogue.Find("drilled-tub")!, Core.Stock.Stockroom.Of(A.Heap(thing))).Found.Single()).Select(s => s.Id);
        Settings(A.Thing("crate", findings: [Findings.LookedOver])).ShouldNotContain("lip");
        Settings(A.Thing("pan", findings: [Findings.HeldFood, Findings.LookedOver])).ShouldNotContain("lip");
        Settings(A.Thing("round-tub", findings: [Findings.HeldFood, Findings.LookedOver])).ShouldContain("lip");
    }

    [Fact]
    public void On_ground_that_falls_it_stands_level_on_packers_that_differ()
    {
        var fit = Tub(set: [("slope", .05), ("raise", .05), ("packers", 3)]);
        fit.Blueprint.Parts.Where(p => p.Need?.StartsWith("packers", StringComparison.Ordinal) == true).Select(p => Math.Round(p.Thickness, 6)).ShouldBe([.054, .062, .070]);
        fit.Cast.Short.ShouldBeEmpty();
        // All their tops are level, and each stands on the ground where it is.
        var packers = fit.Blueprint.Scene().Solids.Where(s => s.Part.StartsWith("packer", StringComparison.Ordinal)).ToList();
        packers.Select(p => Math.Round(p.Extent.Most.Z, 9)).Distinct().ShouldBe([.074]);
        packers.Select(p => p.Extent.Least.Z).Order().ShouldBe([.004, .012, .020], 1e-9);
        var ground = fit.Blueprint.Scene().Solids.Single(s => s.Part == Parts.Ground);
        foreach (var p in packers) ground.DepthOf(p.Extent.Middle with { Z = p.Extent.Least.Z + .002 }).ShouldBeLessThanOrEqualTo(0);
        Of(fit, "packers-stand").Utilisation!.Value.Near(.070 / .09);
        Of(Tub(set: [("slope", .10), ("raise", .10), ("packers", 3)]), "packers-stand").Verdict.ShouldBe(Verdict.Fails);
        // Higher up it catches more wind.
        Of(fit, "tipping").Demand.ShouldBeGreaterThan(Of(Tub(set: [("raise", .05), ("packers", 3)]), "tipping").Demand);
    }
}
