using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>A tray of odd boards on the frame of a table.</summary>
public class FrameTrayTests
{
    private static Fit Tray(Brief? brief = null, string[]? findings = null, params (string, double)[] set) => Built(
        "frame-tray", A.Heap(
            A.Thing("table-frame", findings: [Findings.LookedOver, .. findings ?? []], measures: [("length", 1.4), ("width", .65), ("height", .80)]), A.Thing("board", 14, id: 2, findings: [Findings.LookedOver], measures: [("length", 1.5), ("width", .10), ("thickness", .022)]),
            A.Thing("board", 3, id: 3, findings: [Findings.LookedOver], measures: [("length", .8), ("width", .14), ("thickness", .026)]), A.Thing("post", 8, id: 4, findings: [Findings.LookedOver], measures: [("length", 2.4), ("width", .075), ("thickness", .05)]), A.Thing("film", id: 5, measures: [("length", 4), ("width", 3)]), A.Thing("grit", id: 6, measures: ("volume", .2))),
        brief ?? Firm, [.. set, .. new[] { ("height", .2) }.ExceptBy(set.Select(s => s.Item1), s => s.Item1)]);

    [Fact]
    public void Odd_boards_are_laid_across_until_the_frame_is_covered_and_soil_is_level_on_a_floor_that_falls()
    {
        var fit = Tray();
        fit.Cast.Short.ShouldBeEmpty();
        fit.Blueprint.Parts.Where(p => p.Need == "floor").Sum(p => p.Count * p.Width).ShouldBeInRange(1.4, 1.4 + .14);
        // Two courses of .10 make sides of .20: .20 less room to water and half of the fall of .021.
        var soil = .20 - .03 - .015 * 1.4 / 2;
        fit.Blueprint.Depth.Near(soil);
        var stones = (1.4 - .044) * fit.Set["stones"] * .05;
        fit.Blueprint.Soil.Near((1.4 - .044) * (.65 - .044) * soil - stones - 4 * .045 * .045 * soil);
        // Nothing is screwed into end grain: a block stands in each corner.
        Part(fit, "corner").Count.ShouldBe(4);
        // What is filled in is what there is room for.
        Step(fit, "fill").Minutes.Near(Math.Max(5, fit.Blueprint.Soil * 1000 / 8));
        // Every course of the sides is judged where soil reaches it.
        fit.Assessment.Hold.Checks.Count(c => c.Id is "side-1" or "side-2").ShouldBe(2);
        Of(fit, "corner-pull").Verdict.ShouldBe(Verdict.Sound);
        fit.Blueprint.Figures.Single().Value.Near(.021);
        fit.Blueprint.Foot.ShouldBeOfType<OutletFloor>().Slope.ShouldBe(.015);
        // The frame is drawn as it stands: sloping, its far legs packed up.
        fit.Blueprint.Scene().Solids.First(s => s.Part == "frame").ShouldBeOfType<Core.Scenes.Tilted>().Slope.ShouldBe(.015);
        fit.Blueprint.Scene().Solids.Count(s => s.Part == "pack").ShouldBe(Part(fit, "pack").Count);
    }

    [Fact]
    public void Rails_of_a_table_are_made_for_a_table_so_props_go_under_them()
    {
        var bare = Tray(set: [("props", 0), ("height", .3), ("rail", .016), ("runners", 0)]);
        Of(bare, "rails").Verdict.ShouldBe(Verdict.Fails);
        var propped = Tray(set: [("props", 2), ("height", .3), ("rail", .016), ("runners", 1)]);
        Of(propped, "rails").Verdict.ShouldBe(Verdict.Sound);
        // Under two rails and a runner, two each, and one under either end of the runner: end rails carry none of it.
        (Part(propped, "prop").Count + Part(propped, "runner-prop").Count).ShouldBe(8);
        Part(propped, "pad").Count.ShouldBe(12);
        Part(Tray(set: [("props", 0), ("runners", 1)]), "runner-prop").Count.ShouldBe(2);
        Of(propped, "floor").Utilisation!.Value.ShouldBeLessThan(Of(bare, "floor").Utilisation!.Value);
        // The drawing board takes no more of them than hold.
        Tray(set: ("height", .3)).Set["props"].ShouldBeLessThan(3);
    }

    [Fact]
    public void A_floor_screwed_up_under_thin_rails_splits_them_and_lies_deeper_under_thick_ones()
    {
        Of(Tray(set: [("floor", 1), ("rail", .020)]), "floor-rail").Verdict.ShouldBe(Verdict.Fails);
        var hung = Tray(set: [("floor", 1), ("rail", .050)]);
        Of(hung, "floor-rail").Verdict.ShouldBe(Verdict.Sound);
        Of(hung, "floor-hangs").Verdict.ShouldBe(Verdict.Sound);
        hung.Blueprint.Depth.Near(Tray().Blueprint.Depth + .10);
        Step(hung, "floor-up").Words.ToString().ShouldContain("No nail");
    }

    [Fact]
    public void Short_boards_make_long_sides_where_an_upright_stands_behind_their_joint()
    {
        var one = Tray();
        var two = Tray(set: ("pieces", 2));
        one.Blueprint.Parts.First(p => p.Need == "sides").Length.Near(1.4);
        two.Blueprint.Parts.First(p => p.Need == "sides").Length.Near(.7);
        two.Blueprint.Parts.First(p => p.Need == "sides").Count.ShouldBe(one.Blueprint.Parts.First(p => p.Need == "sides").Count / 4 * 6);
        Step(two, "sides-up").Words.ToString().ShouldContain("meet on the middle of an upright");
        two.Blueprint.Soil.Near(one.Blueprint.Soil);
    }

    [Fact]
    public void It_stands_at_a_hip_braced_and_its_water_goes_into_a_pail()
    {
        // .80 of frame and .20 of sides: a rim at .95 wants a leg shorter by .05.
        var fit = Tray();
        fit.Set["cut"].Near(.05);
        Step(fit, "legs").Minutes.ShouldBeGreaterThan(0);
        Tray(set: ("cut", 0)).Blueprint.Operations().ShouldNotContain(o => o.Id == "legs");
        Of(fit, "sway").Verdict.ShouldBe(Verdict.Sound);
        Of(Tray(set: ("brace", 0)), "sway").Verdict.ShouldBe(Verdict.ProveFirst);
        Of(Tray(findings: ["wobbles"], set: ("brace", 0)), "sway").Verdict.ShouldBe(Verdict.Fails);
        Of(Tray(Firm with { Site = Site.Deck }, set: ("water", 0)), "drips").Verdict.ShouldBe(Verdict.Fails);
        fit.Blueprint.Operations()[0].Title.ToString().ShouldContain("Sharp and rusty places first");
    }

    [Fact]
    public void Frames_of_steel_or_too_low_or_too_small_are_told_why()
    {
        WhyNot("frame-tray", A.Thing("table-frame", substance: Substance.Steel)).ShouldContain("their wall is hidden");
        WhyNot("frame-tray", A.Thing("table-frame", measures: ("height", .2))).ShouldContain("no pail goes under it");
        WhyNot("frame-tray", A.Thing("table-frame", measures: ("width", .25))).ShouldContain("Too small");
    }
}
