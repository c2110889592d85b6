using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>A barrow or cart planted where it is seen.</summary>
public class ShowPlanterTests
{
    private static Fit Cart(Substance? substance = null, Brief? brief = null, params (string, double)[] set) => Built(
        "show-planter", A.Heap(A.Thing("cart", substance: substance ?? Substance.ZincCoatedSteel, findings: [Findings.LookedOver], measures: [("length", 1.5), ("width", .8), ("height", .7)]), A.Thing("board", 6, id: 2, findings: [Findings.LookedOver], measures: [("length", 1.2), ("width", .15), ("thickness", .022)])), brief ?? Firm, set);

    [Fact]
    public void A_tray_is_filled_by_its_measured_depth_and_drains_by_holes_in_its_floor()
    {
        var fit = Cart(set: ("deep", .20));
        // From 1.2 × .8 at the rim to three quarters of that at its floor, .17 m deep of soil.
        var tray = fit.Blueprint.Bays.Single();
        tray.Space.SectionAt(.20).Length.Near(1.2);
        tray.Space.SectionAt(0).Width.Near(.6);
        fit.Blueprint.Depth.Near(.17);
        fit.Assessment.Drain.Holes!.Count.ShouldBeGreaterThan(2);
        // As it is measured and not as carts usually are.
        var measured = Cart(set: [("deep", .20), ("long", 1.0), ("floor", .5)]).Blueprint.Bays.Single().Space;
        measured.SectionAt(.20).Length.Near(1.0);
        measured.SectionAt(0).Width.Near(.4);
        Cart(set: ("deep", .30)).Blueprint.Soil.ShouldBeGreaterThan(1.4 * fit.Blueprint.Soil);
        Step(fit, "holes").Words.ToString().ShouldContain("rusty one for half");
    }

    [Fact]
    public void On_one_wheel_and_two_legs_it_stands_on_a_triangle_and_tips_sooner()
    {
        var two = Cart(set: [("wheels", 2), ("track", .6)]);
        var one = Cart(set: [("wheels", 1), ("track", .6), ("base", .8)]);
        two.Blueprint.Stance.ShouldBeOfType<OnFeet>().Width.Near(.6);
        // Half the track, and aslant over .80 m from axle to legs.
        one.Blueprint.Stance.ShouldBeOfType<OnFeet>().Width.Near(.3 / Math.Sqrt(1 + Math.Pow(.6 / (2 * .80), 2)));
        Of(one, "tipping").Utilisation!.Value.ShouldBeGreaterThan(Of(two, "tipping").Utilisation!.Value);
        Of(one, "sat-on").Utilisation!.Value.ShouldBeGreaterThan(Of(two, "sat-on").Utilisation!.Value);
        one.Blueprint.Parts.Single(p => p.Id == "pad").Count.ShouldBe(3);
    }

    [Fact]
    public void Its_wheels_are_proved_or_relieved_and_it_is_chocked_on_a_slope()
    {
        Of(Cart(), "wheels").Verdict.ShouldBe(Verdict.ProveFirst);
        Cart(set: ("stands", 1)).Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "wheels");
        Cart(set: ("slope", .05)).Blueprint.Figures.Single(f => f.Title == "Push down the slope").Value.ShouldBeGreaterThan(30);
        Cart().Blueprint.Figures.ShouldNotContain(f => f.Title == "Push down the slope");
        Step(Cart(), "stand").Words.ToString().ShouldContain("neither rolls nor rocks");
        Step(Cart(set: ("stands", 1)), "stand").Title.ToString().ShouldContain("on blocks");
    }

    [Fact]
    public void It_is_masked_and_painted_before_it_is_filled_with_as_much_paint_as_its_outside_asks()
    {
        var fit = Cart();
        // (1.5 + 2 × .9 …): the mean of both perimeters times the depth, and the floor; two coats of a tenth of a millimetre.
        var area = (2 * (.9 + .6) + 2 * (1.2 + .8)) / 2 * fit.Set["deep"] + .9 * .6;
        fit.Blueprint.Figures[0].Value.Near(area * 2 * .0001);
        var ids = fit.Blueprint.Operations().Select(o => o.Id).ToList();
        ids.IndexOf("mask").ShouldBeLessThan(ids.IndexOf("paint"));
        ids.IndexOf("paint").ShouldBeLessThan(ids.IndexOf("fill"));
        Step(fit, "look").Words.ToString().ShouldContain("test it for lead");
        fit.Cast.Buys.Single(b => b.NeedId == "paint").Amount.ShouldBe(1);
        Cart(set: ("finish", 0)).Blueprint.Operations().ShouldNotContain(o => o.Id == "paint");
    }

    [Fact]
    public void A_wooden_cart_is_judged_by_its_boards_and_what_is_rusted_through_or_wobbles_is_refused()
    {
        Of(Cart(Substance.Softwood, set: [("wall", .025), ("deep", .15)]), "slats").Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
        Cart().Assessment.Hold.Checks.ShouldContain(c => c.Id == "plate");
        WhyNot("show-planter", A.Thing("cart", substance: Substance.Steel, findings: [Findings.RustThrough])).ShouldContain("Rusted through");
        WhyNot("show-planter", A.Thing("cart", findings: ["wobbles"])).ShouldContain("mend its wheels");
        WhyNot("show-planter", A.Thing("cart", measures: [("width", .2)])).ShouldContain("Too small");
        Of(Cart(brief: Firm with { Site = Site.Balcony }), "drips").Verdict.ShouldBe(Verdict.Fails);
    }
}
