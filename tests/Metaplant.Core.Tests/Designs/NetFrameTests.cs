using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>A net over a frame of poles.</summary>
public class NetFrameTests
{
    private static Fit Net(Brief? brief = null, params (string, double)[] set) => Built(
        "net-frame", A.Heap(
            A.Thing("mesh", findings: [Findings.LookedOver], substance: Substance.SyntheticFibre, measures: [("length", 12), ("width", 2), ("aperture", .018), ("wire", .0012)]), A.Thing("pole", 12, id: 2, findings: [Findings.LookedOver], substance: Substance.DryWood, measures: [("length", 2.6), ("thickness", .045)]),
            A.Thing("line", id: 3, findings: [Findings.LookedOver], substance: Substance.SyntheticFibre, measures: [("length", 200), ("diameter", .003)])), brief ?? Firm, set);

    [Fact]
    public void A_net_frame_is_cut_from_the_roll_and_stands_by_its_posts()
    {
        var fit = Net(set: [("length", 1.6), ("width", 1.0), ("height", .6)]);
        fit.Cast.Short.ShouldBeEmpty();
        // Over both sides with skirts and laps: 2 (.60 + .15) + 1.00 + .20 = 2.70 m, one strip of 2 m for 1.80; an end .75.
        fit.Blueprint.Figures.Single().Value.Near(2.70 + 2 * .75);
        fit.Cast.Of("net").Sum(t => t.Taken.Amount!.Value).Near(2.70);
        fit.Assessment.Grow.Words.ToString().ShouldStartWith("Nothing grows on it: it keeps pigeons and blackbirds off");
        Of(fit, "opening").Verdict.ShouldBe(Verdict.Sound);
        Of(Net(set: ("out", 2)), "opening").Verdict.ShouldBe(Verdict.Fails);
        // Left up in winter, snow pulls the posts together.
        fit.Assessment.Hold.Checks.ShouldNotContain(c => c.Id == "net-snow");
        Of(Net(set: ("winter", 1)), "net-snow").Verdict.ShouldBe(Verdict.Fails);
        fit.Blueprint.Operations().ShouldContain(o => o.Words.ToString().Contains("before the first snow"));
    }

    [Fact]
    public void High_enough_to_walk_in_it_has_a_door_with_a_high_latch()
    {
        var fit = Net(set: [("height", 1.9), ("width", 1.2)]);
        fit.Blueprint.Parts.Select(p => p.Id).ShouldContain("stile");
        fit.Cast.Buys.Select(b => b.NeedId).ShouldContain("latch");
        fit.Blueprint.Operations().Single(o => o.Id == "door").Words.ToString().ShouldContain("out of a child");
        Should.Throw<Exception>(() => Net(set: [("height", 1.9), ("width", .6)])).Message.ShouldContain("the door takes");
    }

    [Theory]
    [InlineData("birds", .15)]
    [InlineData("rabbits", .30)]
    [InlineData("butterflies", .20)]
    [InlineData("flies", .20)]
    public void Each_pest_asks_for_its_own_opening_and_skirt(string pest, double skirt)
    {
        var index = Pests.All.ToList().FindIndex(p => p.Id == pest);
        var fit = Net(set: ("out", index));
        Part(fit, "net").Length.Near(2 * (fit.Set["height"] + skirt) + fit.Set["width"] + .20);
        Part(fit, "end").Length.Near(fit.Set["height"] + skirt);
        Of(fit, "opening").Verdict.ShouldBe(.018 <= Handbook.Default[Pests.Opening(Pests.All[index])] ? Verdict.Sound : Verdict.Fails);
        // An own opening in the handbook decides: half of each is less than this net's.
        var own = Handbook.With(new Dictionary<string, double> { [Pests.Opening(Pests.All[index])] = Handbook.Default[Pests.Opening(Pests.All[index])] / 2 }).OrThrow();
        Of(Net(Firm with { Handbook = own }, ("out", index)), "opening").Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void More_bays_bring_posts_closer_and_rails_and_posts_bear_more()
    {
        Fit Of_(double bays) => Net(set: [("length", 2.4), ("bays", bays), ("embed", .5)]);
        Part(Of_(3), "post").Count.ShouldBe(8);
        Part(Of_(3), "rail").Count.ShouldBe(6);
        Part(Of_(3), "cross").Count.ShouldBe(4);
        Of(Of_(3), "net-rails").Utilisation!.Value.ShouldBeLessThan(Of(Of_(1), "net-rails").Utilisation!.Value);
        // Half the span, a quarter of the bending.
        (Of(Of_(1), "net-rails").Demand / Of(Of_(2), "net-rails").Demand).Near(4);
    }

    [Fact]
    public void A_net_that_lets_everything_through_or_is_rusted_or_all_seams_is_told_so()
    {
        WhyNot("net-frame", A.Thing("mesh", substance: Substance.SyntheticFibre, measures: ("aperture", .08))).ShouldContain("let through everything");
        WhyNot("net-frame", A.Thing("mesh", substance: Substance.ZincCoatedSteel, findings: [Findings.RustThrough])).ShouldContain("Rusted through");
        WhyNot("net-frame", A.Thing("mesh", substance: Substance.SyntheticFibre, measures: ("width", .3))).ShouldContain("Too narrow");
        // A torn one may go up once it is mended.
        var torn = Built("net-frame", A.Heap(A.Thing("mesh", findings: [Findings.LookedOver, Findings.Torn], substance: Substance.SyntheticFibre, measures: [("length", 12), ("width", 2), ("aperture", .018), ("wire", .0012)])), Firm);
        Of(torn, "opening").Verdict.ShouldBe(Verdict.Tight);
        Of(torn, "opening").Words.ToString().ShouldContain("mend every hole");
    }
}
