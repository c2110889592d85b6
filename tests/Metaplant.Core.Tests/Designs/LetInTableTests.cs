using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Vessels let into a table or a cable reel.</summary>
public class LetInTableTests
{
    private static Fit LetIn(Brief? brief = null, params (string, double)[] set) => Built(
        "let-in-table", A.Heap(
            A.Thing("bucket", 3, findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("topDiameter", .30), ("bottomDiameter", .24), ("height", .29), ("wall", .002)]),
            A.Thing("table", id: 2, findings: [Findings.LookedOver], substance: Substance.Softwood, measures: [("length", 1.5), ("width", .8), ("height", .76)]), A.Thing("cable-reel", id: 3, findings: [Findings.LookedOver], substance: Substance.Softwood, measures: [("flange", 1.2), ("barrel", .4), ("height", .6)])), brief ?? Firm, set);

    [Fact]
    public void Pails_are_let_into_a_table_by_their_rims_with_wood_left_round_them()
    {
        var fit = LetIn(set: ("vessels", 2));
        fit.Cast.Of("table").Single().ThingId.ShouldBe(2);
        // Body and play: .300 + 2 × .002 + .004 across.
        var plan = fit.Blueprint.Faces.Single();
        plan.Openings.ShouldAllBe(o => Math.Abs(o.Across - .308) < 1e-9);
        // Within rails 60 mm from the edge three gaps of (1.38 − 2 × .308)/3.
        (plan.Openings[1].At.X - plan.Openings[0].At.X).Near(.308 + (1.38 - .616) / 3);
        fit.Blueprint.Bays.ShouldAllBe(b => Math.Abs(b.At.Z + .29 - .762) < 1e-9);
        Of(fit, "rim-left").Verdict.ShouldBe(Verdict.Sound);
        fit.Assessment.Drain.InAll.ShouldBe(2 * fit.Assessment.Drain.Holes!.Count);
        // What was proved stood on its floor, and here that hangs.
        fit.Blueprint.LoadPaths.OfType<Core.Designs.LoadPaths.ShellFloor>().Single().Shell.Proved.ShouldBeNull();
        // Two of its four legs, 45 mm each way, carry all of it.
        var all = fit.Blueprint.Soil * 12262.5 + fit.Blueprint.Handling.EmptyMass * 9.81;
        Of(fit, "leg").Demand.Near(1.35 * all / 2);
        Of(fit, "leg").Capacity.Near(Math.PI * Math.PI * 7e9 * Math.Pow(.045, 4) / 12 / (.73 * .73) / 3);
        // It tips by its soil and its own boards, over legs of 45 mm whose inner sides are 60 mm in.
        fit.Blueprint.Stance.ShouldBeOfType<OnFeet>().Length.Near(1.5 - 2 * .015);
    }

    [Fact]
    public void Without_a_rim_it_slips_through_and_on_a_balcony_its_drips_are_caught()
    {
        Of(LetIn(set: ("rim", 0)), "rim-bears").Verdict.ShouldBe(Verdict.Fails);
        Of(LetIn(set: ("rim", .008)), "rim-bears").Verdict.ShouldBe(Verdict.Sound);
        var balcony = Firm with { Site = Site.Balcony };
        Of(LetIn(balcony), "drips").Words.ToString().ShouldContain("whoever is below");
        Of(LetIn(balcony, ("drips", 1)), "drips").Verdict.ShouldBe(Verdict.Sound);
    }

    [Fact]
    public void A_reel_takes_two_beside_its_barrel_and_none_that_is_too_wide()
    {
        var reel = LetIn(set: [("top", 1), ("vessels", 2)]);
        reel.Cast.Of("table").Single().ThingId.ShouldBe(3);
        reel.Blueprint.Bays.Select(b => Math.Abs(b.At.X)).ShouldAllBe(x => Math.Abs(x - .4) < 1e-9);
        // .6 − .4 − .154 = 46 mm of wood to the edge; as much to the barrel, less its bolts.
        Of(reel, "rim-left").Capacity.Near(.046);
        Should.Throw<Exception>(() => LetIn(set: [("top", 1), ("vessels", 3)])).Message.ShouldContain("A reel takes two");
    }

    [Fact]
    public void What_has_no_rim_or_wobbles_is_told_so()
    {
        string Why(Thing thing) => Leads.Of(Catalogue.Find("let-in-table")!, Core.Stock.Stockroom.Of(A.Heap(thing))).Others.Single().Why.ToString();
        Why(A.Thing("crate", findings: [Findings.LookedOver])).ShouldContain("no rim to hang by");
        Why(A.Thing("round-tub", findings: [Findings.HeldFood], substance: Substance.Polyethylene, measures: [("topDiameter", .4), ("bottomDiameter", .4)])).ShouldContain("does not narrow");
        var heap = A.Heap(A.Thing("bucket", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene), A.Thing("table", id: 2, findings: ["wobbles", Findings.LookedOver], substance: Substance.Softwood));
        var cast = Built("let-in-table", heap, Firm).Cast;
        cast.Short.ShouldContain(s => s.Need.Id == "table");
        cast.PassedOver["table"].Why.ToString().ShouldContain("It wobbles");
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Cut_outs_lie_inside_the_top_clear_of_each_other_and_of_the_rails(int vessels)
    {
        var fit = LetIn(set: [("vessels", vessels), ("inset", .04)]);
        var plan = fit.Blueprint.Faces.Single();
        double wide = plan.Face.Max(p => p.X), deep = plan.Face.Max(p => p.Y);
        (wide, deep).ShouldBe((1.5, .8));
        plan.Openings.Count.ShouldBe(vessels);
        plan.Openings.ShouldAllBe(o => o.At.X - o.Across / 2 >= .04 - 1e-9 && o.At.X + o.Across / 2 <= wide - .04 + 1e-9 && o.At.Y - o.Across / 2 >= .04 && o.At.Y + o.Across / 2 <= deep - .04);
        foreach (var (a, b) in plan.Openings.Zip(plan.Openings.Skip(1))) (b.At.X - a.At.X - a.Across).ShouldBeGreaterThan(0);
        // What is drawn of the top is the top less its cut-outs, and their squares.
        fit.Blueprint.Scene().Solids.Where(s => s.Part == "table" && s.Extent.Least.Z > .7).Sum(s => s.Volume).Near((1.5 * .8 - vessels * .308 * .308) * .03);
    }

    [Fact]
    public void The_smallest_table_that_does_is_taken_and_a_larger_vessel_asks_for_a_larger_one()
    {
        var heap = A.Heap(
            A.Thing("bucket", 2, findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene), A.Thing("table", id: 2, findings: [Findings.LookedOver], substance: Substance.Softwood, measures: [("length", 2.0), ("width", 1.0)]),
            A.Thing("table", id: 3, findings: [Findings.LookedOver], substance: Substance.Softwood, measures: [("length", 1.1), ("width", .6)]));
        Built("let-in-table", heap, Firm, ("vessels", 2)).Cast.Of("table").Single().ThingId.ShouldBe(3);
        Built("let-in-table", heap, Firm, ("vessels", 2), ("inset", .20)).Cast.Of("table").Single().ThingId.ShouldBe(2);
    }

    [Fact]
    public void Old_paint_is_looked_for_and_nothing_under_the_top_is_cut()
    {
        var look = Step(LetIn(), "look").Words.ToString();
        look.ShouldContain("none of them may be cut");
        look.ShouldContain("lead");
        Step(LetIn(), "cut").Words.ToString().ShouldContain("oil it twice");
        LetIn(set: ("drips", 1)).Blueprint.Operations().ShouldContain(o => o.Id == "tray");
    }

    [Fact]
    public void A_template_is_for_what_is_round_and_a_box_tells_both_measures()
    {
        var box = Built("let-in-table", A.Heap(
            A.Thing("tote", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene, measures: [("topLength", .40), ("topWidth", .30), ("bottomLength", .34), ("bottomWidth", .24), ("height", .25)]), A.Thing("table", id: 2, findings: [Findings.LookedOver], substance: Substance.Softwood)), Firm);
        box.Blueprint.Faces.ShouldBeEmpty();
        Step(box, "mark").Words.ToString().ShouldStartWith("410 mm by 310 mm");
        Step(LetIn(), "mark").Words.ToString().ShouldStartWith("By the template, 308 mm across");
    }
}
