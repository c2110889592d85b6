using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Stock;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Small parts that any planter may have where they fit.</summary>
public class AdditionTests
{
    private static readonly Thing Pallets = A.Thing("pallet", 8, findings: [Findings.HeatMark, Findings.LookedOver]);

    private static Fit Bed(Thing[] more, params (string, double)[] set) => Built("pallet-bed", A.Heap([Pallets, .. more]), Firm, set);

    private static Fit Tub(Brief? brief = null, params (string, double)[] set) => Built(
        "drilled-tub", A.Heap(A.Thing("round-tub", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("topDiameter", .60), ("bottomDiameter", .48), ("height", .42), ("wall", .005)])), brief ?? Firm, set);

    private static Thing Mesh(int id, double aperture, params string[] found) => A.Thing("mesh", id: id, substance: Substance.ZincCoatedSteel, findings: [Findings.LookedOver, .. found], measures: [("length", 8), ("width", 1.6), ("aperture", aperture), ("wire", .001)]);

    private static IEnumerable<string> Offered(Fit fit) => AdditionShelf.Offered(fit.Blueprint).Select(a => a.Setting.Id);

    [Fact]
    public void Each_is_offered_where_it_fits_and_nothing_is_added_that_was_not_asked_for()
    {
        Offered(Bed([])).ShouldBe(["with-burrow-mesh", "with-finish", "with-low-tunnel", "with-seep-hose"], ignoreOrder: true);
        Offered(Tub()).ShouldBe(["with-castors", "with-catch-tray", "with-seep-hose"], ignoreOrder: true);
        Bed([]).Blueprint.Supplies.ShouldBeEmpty();
        AdditionShelf.All.Select(a => a.Setting).ShouldAllBe(s => s.Default == 0 && s.Stops[0].Value == 0 && s.IsAddition);
        AdditionShelf.All.Select(a => a.Setting.Id).ShouldBeUnique();
    }

    [Fact]
    public void Mesh_of_the_heap_is_laid_under_a_bed_where_no_vole_goes_through_it()
    {
        var fit = Bed([Mesh(7, .025), Mesh(8, .010, Findings.Torn), Mesh(9, .010)], ("with-burrow-mesh", 1));
        fit.Cast.Takes.Where(t => t.NeedId == "with-burrow-mesh").ShouldAllBe(t => t.ThingId == 9);
        fit.Cast.Takes.ShouldContain(t => t.NeedId == "with-burrow-mesh");
        var bay = fit.Blueprint.Bays.Single().Space.SectionAt(0);
        Part(fit, "burrow-mesh").Length.Near(bay.Length + .20);
        // It lies there before anything is filled in.
        var steps = fit.Blueprint.Operations().Select(o => o.Id).ToList();
        steps.IndexOf("burrow-mesh").ShouldBeLessThan(steps.IndexOf("fill"));
        fit.Blueprint.Scene().Solids.Single(s => s.Part == "burrow-mesh").Extent.Most.Z.ShouldBeLessThan(.01);
        // Without any, so many square metres are bought.
        Bed([], ("with-burrow-mesh", 1)).Cast.Buys.Single(b => b.NeedId == "with-burrow-mesh").Row!.Id.ShouldBe("fine-mesh");
    }

    [Fact]
    public void A_seep_hose_goes_to_and_fro_and_one_tap_feeds_so_much_of_it()
    {
        var fit = Bed([], ("with-seep-hose", .30));
        var bed = fit.Blueprint.Bays.Single().Planting;
        // As many rows as leave no two farther apart than .30, evenly.
        var rows = Math.Ceiling(bed.Width / .30);
        var metres = rows * bed.Length + (rows - 1) * bed.Width / rows;
        fit.Blueprint.Figures.Single(f => f.Title == "Seep hose").Value.Near(metres);
        fit.Cast.Buys.Single(b => b.NeedId == "with-seep-hose").Amount.ShouldBe(Math.Ceiling(metres / 10));
        Of(fit, "seep-hose").Utilisation!.Value.Near(metres / 30);
        fit.Blueprint.Operations()[^1].Id.ShouldBe("seep-hose");
        var longBed = Bed([A.Thing("pallet", 30, id: 5, findings: [Findings.HeatMark, Findings.LookedOver])], ("length", 3), ("width", 2), ("with-seep-hose", .20));
        if (longBed.Blueprint.Figures.Single(f => f.Title == "Seep hose").Value > 30) Of(longBed, "seep-hose").Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void Castors_are_taken_by_the_load_that_is_marked_on_them()
    {
        var fit = Tub(set: ("with-castors", 50));
        var wet = 1500 * fit.Blueprint.Soil + fit.Blueprint.Handling.EmptyMass;
        // Three of four carry it on an uneven floor.
        Of(fit, "castors").Demand.Near(wet / 3);
        Of(fit, "castors").Utilisation!.Value.Near(wet / 3 / 50);
        Of(fit, "castors-floor").Verdict.ShouldBe(Verdict.Fails);
        var paved = Tub(Firm with { Site = Site.Paving }, ("with-castors", 75));
        Of(paved, "castors-floor").Verdict.ShouldBe(Verdict.Sound);
        Of(Tub(set: ("with-castors", 30)), "castors").Verdict.ShouldBe(Verdict.Fails);
        // Higher, on a narrower foot, it tips sooner.
        Of(paved, "tipping").Utilisation!.Value.ShouldBeGreaterThan(Of(Tub(Firm with { Site = Site.Paving }), "tipping").Utilisation!.Value);
        // 180 kg on a slope of one in twenty would push with 88.18 N; here the floor falls one in fifty.
        fit.Blueprint.Figures.Single(f => f.Title == "Push down a floor laid to fall").Value.Near(wet * 9.81 * Math.Sin(Math.Atan(.02)), 2e-3);
        fit.Cast.Buys.Single(b => b.NeedId == "with-castors").Amount.ShouldBe(4);
    }

    [Fact]
    public void A_tray_catches_what_drips_and_says_when_it_runs_over()
    {
        var fit = Tub(Brief.Default with { Site = Site.Deck }, ("with-catch-tray", 1));
        Of(fit, "drips").Verdict.ShouldBe(Verdict.Sound);
        var foot = (ClosedFloor)fit.Blueprint.Foot;
        // 30 mm in a rain of 10 mm an hour on so much more top than foot.
        fit.Blueprint.Figures.Single(f => f.Title == "The tray runs over after").Value.Near(.03 / (.010 / 3600) / foot.TopToBase);
        var steps = fit.Blueprint.Operations().Select(o => o.Id).ToList();
        steps.IndexOf("catch-tray").ShouldBeLessThan(steps.IndexOf("fill"));
    }

    [Fact]
    public void Oil_is_counted_over_all_faces_and_edges_of_the_wood_before_it_is_put_together()
    {
        Fit oiled = Bed([], ("with-finish", 1)), painted = Bed([], ("with-finish", 2));
        var litres = oiled.Blueprint.Figures.Single(f => f.Title == "Oil").Value;
        var wood = oiled.Blueprint.Scene().Solids.Where(s => s.Ink is Core.Drawing.Ink.Wood or Core.Drawing.Ink.WoodEnd).Sum(s => s.Faces.Sum(f => f.Normal.Length / 2));
        // Two coats of a tenth of a millimetre, and rough wood drinks twice that.
        litres.Near(4 * .0001 * wood);
        oiled.Cast.Buys.Single(b => b.NeedId == "with-finish").Amount.ShouldBe(Math.Ceiling(litres / .001));
        painted.Cast.Buys.Single(b => b.NeedId == "with-finish").Row!.Family.ShouldBe("paint");
        Step(oiled, "finish").Words.ToString().ShouldContain("burn by themselves");
        oiled.Hours(Firm).ShouldBeGreaterThan(Bed([]).Hours(Firm));
    }

    [Fact]
    public void Hoops_of_a_low_tunnel_spring_over_a_wide_bed_and_kink_over_a_narrow_one()
    {
        var pipe = A.Thing("flexible-pipe", 6, id: 6, substance: Substance.Polyethylene, findings: [Findings.LookedOver], measures: [("length", 3), ("thickness", .02)]);
        var fit = Bed([pipe], ("length", 2), ("width", 1), ("with-low-tunnel", 1));
        var bed = fit.Blueprint.Bays.Single().Space.SectionAt(0);
        var radius = (bed.Width + .40) / 2;
        var hoop = Part(fit, "tunnel-hoop");
        hoop.Length.Near(Math.PI * radius + fit.Blueprint.Depth + .50);
        hoop.Count.ShouldBe((int)(bed.Length / .60) + 1);
        fit.Cast.Takes.Where(t => t.NeedId == "with-low-tunnel-hoops").ShouldAllBe(t => t.ThingId == 6);
        // 25 mm pipe bent to that half circle, against 20 MPa of .8 GPa.
        Of(fit, "tunnel-springs").Utilisation!.Value.Near(.025 / (2 * radius) / .025);
        Of(fit, "tunnel-springs").Verdict.ShouldBe(radius >= .5 ? radius * .8 >= .5 ? Verdict.Sound : Verdict.Tight : Verdict.Fails);
        // Half of what the gust lifts on a metre of it.
        fit.Blueprint.Figures.Single(f => f.Title.StartsWith("Weight on each edge")).Value.Near(.613 * 20 * 20 * radius / 9.81);
        fit.Blueprint.Scene().Solids.Count(s => s.Part == "tunnel-hoop").ShouldBe(hoop.Count);
    }

    [Fact]
    public void What_was_chosen_is_on_the_board_beside_the_settings_and_nothing_else_of_it_changes()
    {
        var heap = A.Heap(Pallets);
        var design = Catalogue.Find("pallet-bed")!;
        var lead = DrawingBoard.FindLead(design, heap, "1").OrThrow();
        Board With(params (string, double)[] set) => DrawingBoard.Open(design, lead, set.ToDictionary(s => s.Item1, s => s.Item2), Firm, heap).OrThrow();
        Board plain = With(), added = With(("with-seep-hose", .33), ("with-castors", 50), ("with-nothing-known", 1));
        added.Untried.Single(s => s.Setting.Id == "with-seep-hose").Value.ShouldBe(.30);
        plain.Untried.Single(s => s.Setting.Id == "with-seep-hose").Value.ShouldBe(0);
        added.Untried.ShouldNotContain(s => s.Setting.Id == "with-castors" || s.Setting.Id == "with-nothing-known");
        added.Sliders.Single(s => s.Setting.Id == "with-burrow-mesh").Notches.ShouldAllBe(n => n.Verdict != null);
        added.Fit.Blueprint.Soil.ShouldBe(plain.Fit.Blueprint.Soil);
        added.Fit.Blueprint.Parts.Count.ShouldBe(plain.Fit.Blueprint.Parts.Count);
    }

    [Fact]
    public void With_all_of_them_every_design_of_a_whole_yard_still_names_its_parts_and_checks_once()
    {
        var room = Stockroom.Of(Yards.Whole);
        var met = new HashSet<string>();
        foreach (var design in Catalogue.All)
        {
            foreach (var lead in Leads.Of(design, room).Found)
            {
                var set = Chosen.Snap(design, lead, Brief.Default, AdditionShelf.All.ToDictionary(a => a.Setting.Id, a => a.Setting.Stops[^1].Value));
                if (Draft.Of(design, set, room) is not { Ok: true, Value: var draft }) continue;
                var plain = design.Make(set, draft.Cast).OrThrow();
                met.UnionWith(AdditionShelf.Offered(plain).Select(a => a.Setting.Id));
                draft.Checks().Select(c => c.Id).ShouldBeUnique(design.Id);
                draft.Blueprint.Operations().Select(o => o.Id).ShouldBeUnique(design.Id);
                draft.Consumables().Concat(draft.Demand.Needs).Select(n => n.Id).ShouldBeUnique(design.Id);
                draft.Blueprint.Scene().Solids.Select(s => s.Part).Where(Parts.IsMade).Distinct().Order().ShouldBe(draft.Blueprint.Parts.Select(p => p.Id).Order(), design.Id);
                draft.Blueprint.Soil.ShouldBe(plain.Soil);
                Fit.Of(draft, room).Cast.Takes.Where(t => AdditionShelf.IsNeed(t.NeedId)).ShouldAllBe(t => t.NeedId.StartsWith("with-burrow-mesh") || t.NeedId.StartsWith("with-low-tunnel"));
            }
        }

        met.Count.ShouldBe(AdditionShelf.All.Count);
    }
}
