using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Half a drum in a cradle, a drum with pockets, a tower filled in lifts, a trough on legs, a pallet of pockets.</summary>
public class VesselBuildTests
{
    private static Fit Cradled(Substance? substance = null, double wall = .003, string[]? findings = null, params (string, double)[] set) => Built(
        "drum-cradle", A.Heap(A.Thing("drum", findings: [Findings.HeldFood, Findings.LookedOver, .. findings ?? []], substance: substance ?? Substance.Polyethylene, measures: [("diameter", .57), ("height", .86), ("wall", wall)])), Firm, set);

    [Fact]
    public void Both_halves_of_a_drum_lie_in_cradles_of_their_own()
    {
        var fit = Cradled(set: [("troughs", 2), ("rail", .075)]);
        fit.Cast.Short.ShouldBeEmpty();
        // Rails of 75 beside a keel of 45 mm on the same bearers: cos a = 1 − .030/.288.
        fit.Blueprint.LoadPaths.OfType<Core.Designs.LoadPaths.CradledShell>().Single().Angle.Near(Math.Acos(1 - .030 / .288));
        var radius = .285;
        double z = radius - .03, area = radius * radius * Math.Acos((radius - z) / radius) - (radius - z) * Math.Sqrt(2 * radius * z - z * z);
        fit.Blueprint.Soil.Near(2 * area * .86);
        fit.Blueprint.Parts.Where(p => p.Need == "bearers").Sum(p => p.Count).ShouldBe(2 * (int)fit.Set["bearers"]);
        fit.Blueprint.Operations().Single(o => o.Id == "cut").Cautions.ShouldContain("drum");
        // One stands and tips by itself, and one of them is what is carried.
        fit.Blueprint.Stance.ShouldBeOfType<OnFeet>().Bears!.Value.Soil.Near(fit.Blueprint.Soil / 2);
        fit.Assessment.Drain.InAll.ShouldBe(2 * fit.Assessment.Drain.Holes!.Count);
    }

    [Fact]
    public void A_thin_half_is_proved_with_water_whatever_the_whole_drum_held_and_a_cracked_one_is_refused()
    {
        Of(Cradled(), "cradled").Verdict.ShouldBe(Verdict.ProveFirst);
        // What was proved is the whole drum, not its half.
        Of(Cradled(findings: [Findings.HeldWater]), "cradled").Verdict.ShouldBe(Verdict.ProveFirst);
        Cradled().Blueprint.Operations().ShouldContain(o => o.Id == "water-test");
        string Why(params string[] found) => Leads.Of(Catalogue.Find("drum-cradle")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("drum", findings: [Findings.HeldFood, .. found])))).Others.Single().Why.ToString();
        Why(Findings.Cracked).ShouldContain("no hoop to keep the crack shut");
        Why(Findings.HeldChemical).ShouldNotBeEmpty();
    }

    private static Fit Tower(string? crop = null, params (string, double)[] set) => Built(
        "layered-tower", A.Heap(A.Thing("mesh", findings: [Findings.LookedOver], substance: Substance.ZincCoatedSteel, measures: [("length", 5), ("width", .9), ("aperture", .05), ("wire", .002)]), A.Thing("leaves", id: 2, findings: [Findings.LookedOver], measures: ("volume", .5))),
        Firm with { Crop = crop is null ? null : Core.Growing.Crops.Find(Handbook.Default, crop) }, [.. set, .. new[] { ("height", .7), ("across", .6), ("lifts", 3) }.ExceptBy(set.Select(s => s.Item1), s => s.Item1)]);

    [Fact]
    public void A_tower_is_filled_in_lifts_as_its_crop_grows_and_opened_at_the_side()
    {
        var fit = Tower("potato");
        fit.Blueprint.Parts.Single(p => p.Id == "ring").Length.Near(Math.PI * .6 + .10);
        fit.Blueprint.Soil.Near(Math.PI / 4 * .36 * .65);
        fit.Blueprint.Figures[1].Value.Near(fit.Blueprint.Soil / 3);
        // Half a year of .39 m of soil and .26 m of compost, firmed: .08 of one at .70 a year, .35 of the other at .90.
        fit.Blueprint.Figures.Single(f => f.Title == "It sinks by autumn").Value.Near(.39 * .08 * (1 - Math.Exp(-.35)) + .26 * .35 * (1 - Math.Exp(-.45)));
        Of(fit, "buried").Demand.Near(.65 / 3);
        fit.Blueprint.Figures.Single(f => f.Title == "Days from lift to lift").Value.Near(.65 / 3 * 100 / .6);
        fit.Blueprint.Operations().Select(o => o.Id).TakeLast(2).ShouldBe(["lifts", "open"]);
        // Filled at once there is nothing to bury.
        var once = Tower("lettuce", ("lifts", 1));
        once.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "buried");
        once.Blueprint.Operations().ShouldNotContain(o => o.Id == "lifts");
    }

    [Fact]
    public void Leaves_against_the_mesh_take_room_from_the_soil_and_shelter_slugs()
    {
        var fit = Tower(set: ("wall", 1));
        fit.Blueprint.Soil.Near(Math.PI / 4 * .48 * .48 * .65);
        fit.Cast.Of("wall").Single().ThingId.ShouldBe(2);
        fit.Cast.Asked.OfType<FillNeeded>().Single(n => n.Id == "wall").Volume.Near(1.3 * Math.PI / 4 * (.36 - .48 * .48) * .7);
        fit.Blueprint.Operations().Single(o => o.Id == "wall").Words.ToString().ShouldContain("Slugs");
    }

    private static Fit Sloped(Brief? brief = null, params (string, double)[] set) => Built(
        "sloped-trough", A.Heap(
            A.Thing("trough", 3, findings: [Findings.HeldFood, Findings.LookedOver, Findings.HeldWater], substance: Substance.ZincCoatedSteel), A.Thing("post", 14, id: 2, findings: [Findings.LookedOver], measures: [("length", 2.4), ("width", .095), ("thickness", .07)]),
            A.Thing("board", 10, id: 3, findings: [Findings.LookedOver, Findings.HeatMark], measures: [("length", 2.4), ("width", .15), ("thickness", .022)])), brief ?? Firm, set);

    [Fact]
    public void A_trough_falls_to_its_outlet_by_its_packers_and_stones_lead_the_water_there()
    {
        var fit = Sloped(set: ("stones", .30));
        fit.Cast.Short.ShouldBeEmpty();
        // Stones take their room from the soil.
        fit.Blueprint.Bays.Single().Less.Near(fit.Blueprint.Bays.Single().Space.SectionAt(0).Length * .30 * .05);
        var floor = fit.Blueprint.Foot.ShouldBeOfType<OutletFloor>();
        fit.Assessment.Drain.Sums[0].Value.Near(floor.Way * .015);
        // Through the soil to a strip of .30 m, rain of 10 mm/h on its top and 60 through it.
        var half = (floor.Inside.SectionAt(0).Width - .30) / 2;
        fit.Assessment.Drain.Sums[1].Value.Near(half * Math.Sqrt(10.0 / 60 * floor.Inside.AreaAt(floor.Soil) / floor.Inside.BaseArea));
        fit.Assessment.Drain.Words.ToString().ShouldContain("of fall to it");
        // Level it keeps its water, and soil alone does not let it through.
        Sloped(set: [("fall", 0), ("stones", .30)]).Assessment.Drain.Words.ToString().ShouldContain("pack that end up");
        Sloped(set: ("stones", 0)).Assessment.Drain.Words.ToString().ShouldContain("lay stones along the floor");
        // The far end of the floor is drawn as much higher.
        var vessel = fit.Blueprint.Scene().Solids.First(s => s.Part == "vessel");
        vessel.ShouldBeOfType<Core.Scenes.Tilted>().Slope.ShouldBe(.015);
    }

    [Fact]
    public void Several_stand_end_to_end_on_common_bearers_and_legs_are_as_many_as_the_bearers_ask()
    {
        var one = Sloped();
        var three = Sloped(set: ("vessels", 3));
        (three.Blueprint.Soil / one.Blueprint.Soil).Near(3);
        three.Blueprint.Parts.Single(p => p.Id == "bearer").Length.Near(3 * one.Blueprint.Parts.Single(p => p.Id == "bearer").Length + 2 * .04);
        Of(three, "bearers").Verdict.ShouldBe(Verdict.Fails);
        var many = Sloped(set: [("vessels", 3), ("posts", 7)]);
        Of(many, "bearers").Verdict.ShouldBe(Verdict.Sound);
        many.Blueprint.Parts.Single(p => p.Id == "leg").Count.ShouldBe(2 * (int)many.Set["posts"]);
        // Nobody carries more than one of them at a time.
        three.Blueprint.Handling.Each!.Value.Empty.ShouldBeLessThan(three.Blueprint.Handling.EmptyMass / 3);
        Of(Sloped(Firm with { Site = Site.Deck }, ("water", 0)), "drips").Verdict.ShouldBe(Verdict.Fails);
    }

    private static Fit Pockets(params (string, double)[] set) => Built(
        "pocket-pallet", A.Heap(A.HeatMarkedPallets(2), A.Thing("post", 6, id: 2, findings: [Findings.LookedOver], measures: [("length", 2.4), ("width", .075), ("thickness", .05)]), A.Thing("fabric", 3, id: 3, findings: [Findings.LookedOver], substance: Substance.WovenCloth, measures: [("length", 5), ("width", 2)])), Firm, set);

    [Fact]
    public void A_pallet_stood_upright_has_a_pocket_in_every_other_gap_between_its_bearers()
    {
        var fit = Pockets();
        var m = (Core.Salvage.Kinds.PalletMeasures)fit.Lead.Thing.Thing.Measures;
        fit.Blueprint.Bays.Count.ShouldBe(m.Slats / 2 * (m.Bearers - 1));
        double along = m.BearerSpacing - m.BearerWidth, deep = 2 * (m.SlatWidth + m.Gap) - .03 - m.Gap;
        fit.Blueprint.Soil.Near(fit.Blueprint.Bays.Count * along * m.BearerDepth * deep);
        // In every gap there are more of them, and less deep.
        var more = Built("pocket-pallet", A.Heap(A.HeatMarkedPallets(2)), Firm, ("every", 3));
        more.Blueprint.Bays.Count.ShouldBe(m.Slats / 3 * (m.Bearers - 1));
        more.Blueprint.Depth.ShouldBeGreaterThan(fit.Blueprint.Depth);
        fit.Assessment.Drain.WetLayer.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void On_a_wall_it_hangs_by_fixings_that_are_tested_and_on_feet_it_stands_by_their_length()
    {
        var wall = Pockets(("stands", 0));
        Of(wall, "fixing").Verdict.ShouldBe(Verdict.ProveFirst);
        Step(wall, "test").Words.ToString().ShouldContain("never plaster");
        // Whoever makes it reads there what to pull with.
        Step(wall, "test").Words.ToString().ShouldContain(Of(wall, "fixing").Test[1].ToString());
        wall.Cast.Buys.Select(b => b.NeedId).ShouldContain("fixings");
        var feet = Pockets(("stands", 1), ("feet", 1.2));
        feet.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "fixing");
        Of(feet, "tipping").Utilisation!.Value.ShouldBeLessThan(Of(Pockets(("stands", 1), ("feet", .4)), "tipping").Utilisation!.Value);
        feet.Blueprint.Parts.Select(p => p.Id).ShouldContain("brace");
        // No pocket is hung from a slat that is not there.
        Should.Throw<Exception>(() => Built("pocket-pallet", A.Heap(A.Thing("pallet", findings: [Findings.HeatMark], faults: [new("slat-2", 0, 0)])), Firm)).Message.ShouldContain("split or gone");
    }

    [Fact]
    public void A_drum_with_pockets_has_rows_of_openings_and_less_wall_for_each()
    {
        Fit Drum(params (string, double)[] set) => Built("pocket-drum", A.Heap(A.Thing("drum", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("diameter", .57), ("height", .86), ("wall", .003)]), A.Thing("grit", id: 2, findings: [Findings.LookedOver])), Firm, set);
        var fit = Drum(("height", .86));
        // Five round its 1.79 m, rows .26 m up from .18 to no higher than .12 below the soil.
        fit.Blueprint.Pockets.Count.ShouldBe(5 * 3);
        fit.Blueprint.Pockets.Select(p => Math.Round(p.At.Z, 4)).Distinct().Order().ShouldBe([.18, .4398, .6996]);
        fit.Blueprint.Faces.Single().Openings.Count.ShouldBe(15);
        // .06 of every .26 m of wall is gone; it is filled a centimetre lower than a tub.
        var tub = Built("drilled-tub", A.Heap(A.Thing("drum", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("diameter", .57), ("height", .86), ("wall", .003)])), Firm, ("height", .86));
        (Of(fit, "hoop").Utilisation!.Value / Of(tub, "hoop").Utilisation!.Value).Near(.82 / .83 / (1 - .06 / (.30 * Math.Sqrt(3) / 2)));
        fit.Cast.Of("stones").Single().ThingId.ShouldBe(2);
        // What it stood full of water for had no openings in it: the wall is told by its sum alone.
        fit.Blueprint.LoadPaths.OfType<Core.Designs.LoadPaths.HoopWall>().Single().Shell.Proved.ShouldBeNull();
        // A thin core does not water the outside of so wide a drum in a coarse mix.
        Of(Drum(("core", .06)), "core-reach").Demand.Near((.57 - .06) / 2);
        string Why(params string[] found) => Leads.Of(Catalogue.Find("pocket-drum")!, Core.Stock.Stockroom.Of(A.Heap(A.Thing("drum", findings: [Findings.HeldFood, .. found])))).Others.Single().Why.ToString();
        Why(Findings.Cracked).ShouldContain("openings beside a crack");
    }

    [Fact]
    public void Stouter_rails_reach_farther_round_and_are_driven_apart_harder()
    {
        Fit thin = Cradled(set: ("rail", .075)), stout = Cradled(set: ("rail", .10));
        double Angle(Fit fit) => fit.Blueprint.LoadPaths.OfType<Core.Designs.LoadPaths.CradledShell>().Single().Angle;
        Angle(stout).ShouldBeGreaterThan(Angle(thin));
        Of(stout, "stops").Demand.ShouldBeGreaterThan(Of(thin, "stops").Demand);
        Of(stout, "roll-over").Utilisation!.Value.ShouldBeLessThan(Of(thin, "roll-over").Utilisation!.Value);
        // The drum as drawn touches keel and rails and stands in neither.
        var solids = stout.Blueprint.Scene().Solids;
        foreach (var rail in solids.Where(s => s.Part == "rail")) solids.Where(s => s.Part == "trough").ShouldAllBe(t => t.DepthOf(rail.Extent.Middle) <= 0);
    }

    [Fact]
    public void A_small_drum_rolls_when_somebody_leans_on_it()
    {
        var small = Built("drum-cradle", A.Heap(A.Thing("drum", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("diameter", .30), ("height", .46), ("wall", .003)])), Firm);
        Of(small, "roll-over").Verdict.ShouldBe(Verdict.Fails);
        Of(small, "roll-over").Words.ToString().ShouldContain("leans on its edge");
    }

    [Theory]
    [InlineData(.20)]
    [InlineData(.25)]
    [InlineData(.35)]
    public void Openings_in_a_drum_are_nowhere_closer_than_asked_nor_near_foot_or_top(double apart)
    {
        var fit = Built("pocket-drum", A.Heap(A.Thing("drum", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("diameter", .57), ("height", .86), ("wall", .003)])), Firm, ("apart", apart), ("height", .86));
        var at = fit.Blueprint.Pockets;
        at.Count.ShouldBeGreaterThan(4);
        foreach (var (a, i) in at.Select((a, i) => (a, i)))
        {
            // Round the wall, not through the drum.
            foreach (var b in at.Skip(i + 1))
            {
                double angle = Math.Acos(Math.Clamp(a.Out.Dot(b.Out), -1, 1)), along = angle * .57 / 2, up = a.At.Z - b.At.Z;
                Math.Sqrt(along * along + up * up).ShouldBeGreaterThanOrEqualTo(apart * .98);
            }
        }

        at.ShouldAllBe(p => p.At.Z >= .18 - 1e-9 && p.At.Z <= .86 - .04 - .12 + 1e-9);
        fit.Blueprint.Faces.Single().Openings.Count.ShouldBe(at.Count);
        Should.Throw<Exception>(() => Built("pocket-drum", A.Heap(A.Thing("drum", findings: [Findings.HeldFood], measures: ("height", .32))), Firm)).Message.ShouldContain("Too low for a row");
    }

    [Fact]
    public void Shims_rise_by_the_fall_and_longer_legs_bring_the_rim_up()
    {
        var fit = Sloped(set: [("fall", .02), ("packers", 4)]);
        var foot = fit.Blueprint.Bays.Single().Space.SectionAt(0).Length;
        Part(fit, "shim").Thickness.Near(.02 * foot * 3 / 4);
        double Rim(double legs) => Sloped(set: ("legs", legs)).Blueprint.Bays.Single().At.Z;
        (Rim(.5) - Rim(.3)).Near(.2);
        // Low legs need no brace.
        Sloped(set: ("legs", .10)).Blueprint.Parts.ShouldNotContain(p => p.Id == "brace-along");
        Sloped(set: ("legs", .60)).Blueprint.Parts.ShouldContain(p => p.Id == "brace-across");
    }

    [Fact]
    public void An_outlet_of_its_own_is_cleared_and_else_one_is_bored_with_an_overflow_above_the_soil()
    {
        Step(Sloped(), "outlet").Title.ToString().ShouldContain("Bore");
        var own = Built("sloped-trough", A.Heap(A.Thing("trough", findings: [Findings.HeldFood, Findings.LookedOver, Findings.HasOutlet], substance: Substance.ZincCoatedSteel)), Firm);
        Step(own, "outlet").Title.ToString().ShouldContain("Clear its own");
        Step(own, "overflow").Words.ToString().ShouldContain("fine mesh");
        own.Blueprint.Figures.Single().Value.Near(.002);
        Step(Sloped(set: ("stones", .30)), "filter").Words.ToString().ShouldContain("washed stones from end to end");
    }

    [Fact]
    public void A_clay_soil_drains_to_no_outlet_and_dry_footed_crops_ask_for_wider_stones()
    {
        var clay = Sloped(Firm with { Medium = Media.Find(Handbook.Default, "clay-soil")! }, ("stones", .30));
        clay.Assessment.Drain.Verdict.ShouldBe(Verdict.Fails);
        clay.Assessment.Drain.Checks.ShouldContain(c => c.Id == "ponds");
        var thyme = Sloped(Firm with { Crop = Core.Growing.Crops.Find(Handbook.Default, "thyme") }, ("stones", .30));
        Drains(thyme, "outlet-way").Capacity.ShouldBeLessThan(Drains(Sloped(set: ("stones", .30)), "outlet-way").Capacity);
        Drains(Sloped(set: ("stones", .30)), "flow").Utilisation!.Value.ShouldBeLessThan(.1);
    }

    [Fact]
    public void A_tower_is_told_what_mesh_makes_none()
    {
        WhyNot("layered-tower", A.Thing("mesh", substance: Substance.SyntheticFibre)).ShouldContain("does not stand by itself");
        WhyNot("layered-tower", A.Thing("mesh", substance: Substance.ZincCoatedSteel, measures: ("aperture", .15))).ShouldContain("let the lining out");
        WhyNot("layered-tower", A.Thing("mesh", substance: Substance.ZincCoatedSteel, measures: ("width", .35))).ShouldContain("Too narrow");
        Tower(set: ("closed", 1)).Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "mesh-joint");
    }

    [Fact]
    public void Pallets_without_a_back_or_too_shallow_or_with_few_slats_hold_no_pockets()
    {
        WhyNot("pocket-pallet", A.Thing("skid", findings: [Findings.HeatMark])).ShouldContain("no back");
        WhyNot("pocket-pallet", A.Thing("pallet", findings: [Findings.HeatMark], measures: ("bearerDepth", .05))).ShouldContain("deep");
        // Closer staples bear more; a wall is asked for twice what pulls at it.
        Of(Pockets(("staples", .02)), "staples").Demand.ShouldBeLessThan(Of(Pockets(("staples", .06)), "staples").Demand);
        var pull = Of(Pockets(("stands", 0)), "fixing").Sums[^1].Value;
        Of(Pockets(("stands", 0)), "fixing").Test[1].ToString().ShouldContain($"{Math.Round(2 * pull):0}");
    }
}
