using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Arches over a bed or a path.</summary>
public class HoopArchTests
{
    private static Fit Arches(Thing hoops, params (string, double)[] set) => Built("hoop-arch", A.Heap(hoops, A.Thing("pole", 12, id: 2, findings: [Findings.LookedOver], measures: [("length", 1.5), ("thickness", .04)]), A.Thing("canes", id: 3), A.Thing("line", id: 4, substance: Substance.NaturalFibre, measures: [("length", 80), ("diameter", .005)])), Firm, set);

    private static Thing Tubes(int count = 4, double length = 3.0) => A.Thing("conduit", count, substance: Substance.ZincCoatedSteel, measures: [("length", length), ("thickness", .022)]);

    private static Thing Coil(double length = 12) => A.Thing("flexible-pipe", substance: Substance.Polyethylene, measures: [("length", length), ("thickness", .032)]);

    [Fact]
    public void Tubes_are_bent_on_a_former_and_slats_lie_alike_on_both_sides_of_the_crown()
    {
        var fit = Arches(Tubes(), ("arc", 2.6), ("span", 1.4), ("arches", 3), ("bay", .6), ("slats", 5));
        fit.Cast.Short.ShouldBeEmpty();
        // 2.6 m over 1.4, and .20 in the ground at both ends.
        fit.Blueprint.Climbing!.Height.Near(.8876);
        Part(fit, "arch").Length.Near(3.0);
        Step(fit, "bend").Words.ToString().ShouldContain("springs back to 720 mm");
        fit.Blueprint.Climbing.Along.Value.Near(2 * 2 * .6);
        var slats = fit.Blueprint.Scene().Solids.OfType<Core.Scenes.Rod>().Where(s => s.Part == "slat").Select(s => s.Path[0]).ToList();
        slats.Count.ShouldBe(5);
        slats.Sum(p => p.Y).Near(0, 1e-9);
        slats.Max(p => p.Z).ShouldBe(slats.Single(p => Math.Abs(p.Y) < 1e-9).Z);
        Of(fit, "uplift").Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
    }

    [Fact]
    public void A_coil_gives_as_many_hoops_as_it_is_long_and_what_springs_is_held_with_both_hands()
    {
        var fit = Arches(Coil(), ("arc", 2.2), ("span", 1.4), ("arches", 4));
        fit.Cast.Short.ShouldBeEmpty();
        fit.Set["bent"].ShouldBe(0);
        Step(fit, "stand").Words.ToString().ShouldContain("it springs");
        fit.Blueprint.Operations().ShouldNotContain(o => o.Id == "bend");
        Part(Arches(Coil(), ("arc", 2.2), ("span", 1.4), ("arches", 4)), "arch").Count.ShouldBe(4);
        Arches(Coil(9), ("arc", 2.2), ("span", 1.4), ("arches", 4)).Cast.Short.ShouldNotBeEmpty();
    }

    [Fact]
    public void Feet_at_two_levels_are_marked_so_that_crowns_come_out_level()
    {
        var level = Arches(Tubes(), ("arc", 2.2), ("span", 1.2));
        var sloping = Arches(Tubes(), ("arc", 2.2), ("span", 1.2), ("level", .20));
        sloping.Blueprint.Climbing!.Height.Near(level.Blueprint.Climbing!.Height + .20);
        Part(sloping, "arch").Length.Near(Part(level, "arch").Length + .20);
        Step(sloping, "cut").Words.ToString().ShouldContain("400 mm at the lower one");
    }

    [Fact]
    public void A_path_wants_headroom_under_the_crown()
    {
        Of(Arches(Tubes(), ("walk", 1)), "headroom").Verdict.ShouldBe(Verdict.Fails);
        Of(Arches(Tubes(length: 6.0), ("arc", 5.6), ("span", 1.4), ("walk", 1)), "headroom").Verdict.ShouldBe(Verdict.Sound);
        Arches(Tubes(), ("walk", 0)).Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "headroom");
    }

    [Fact]
    public void Fresh_rods_carry_little_wind_and_what_nobody_can_bend_is_told()
    {
        var rods = Arches(A.Thing("branches", substance: Substance.GreenWood, findings: [Findings.LookedOver], measures: [("sticks", 12), ("shortest", 2.4), ("longest", 2.9), ("butt", .012), ("tip", .008)]));
        Of(rods, "arch-wind").Verdict.ShouldBe(Verdict.Fails);
        Step(rods, "cut").Words.ToString().ShouldContain("fresh");
        WhyNot("hoop-arch", A.Thing("flexible-pipe", substance: Substance.Rubber)).ShouldContain("Nobody knows how rubber bends");
        WhyNot("hoop-arch", Tubes(length: 1.2)).ShouldContain("Too short");
        WhyNot("hoop-arch", Tubes(count: 1)).ShouldContain("One arch stands nowhere");
        WhyNot("hoop-arch", A.Thing("flexible-pipe", substance: Substance.Polyethylene, findings: [Findings.Cracked])).ShouldContain("it breaks where it is bent");
    }
}
