using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Matching;

/// <summary>Each part of a planter is made of what is fit to sit there beside what is grown, and what was passed over says why.</summary>
public class FitPartsTests
{
    private static readonly string[] LookedOver = [Findings.LookedOver];

    private static readonly Role PostRole = new("corner-posts", "Corner posts", Seat.BehindCloth, Form.Timber, Form.Board) { Buy = "timber" };
    private static readonly Role LinerRole = new("liner", "Liner", Seat.InSoil, Form.Film, Form.Fabric) { Buy = "film" };
    private static readonly PiecesNeeded CornerPosts = new("corner-posts", PostRole, 4, .4, .048, .048);
    private static readonly CoverNeeded Liner = new("liner", LinerRole, 1.2, .8);
    private static readonly RunNeeded Twine = new("twine", new("twine", "Line to wind", Seat.AmongPlants, Form.Line) { Buy = "twine", Of = s => s != Substance.Wire }, 10, .002, .008);

    private static Thing Posts(params string[] findings) => A.Thing("post", 6, findings: [.. LookedOver, .. findings]);

    private static Cast Fill(Need need, Thing thing, Grown grown) => A.Cast(need, A.Heap(thing), grown);

    [Fact]
    public void Sound_posts_stand_in_the_corners_of_a_food_bed() => Fill(CornerPosts, Posts(), Grown.Food).Takes.Select(t => t.NeedId).Distinct().Single().ShouldBe("corner-posts");

    [Theory]
    [InlineData(Findings.Treated)]
    [InlineData("old-paint")]
    public void Treated_or_old_painted_posts_do_not(string finding)
    {
        var supply = Fill(CornerPosts, Posts(finding), Grown.Food);
        supply.Takes.ShouldBeEmpty();
        supply.Buys.Single().NeedId.ShouldBe("corner-posts");
        supply.PassedOver["corner-posts"].ThingName.ShouldBe("post");
        supply.PassedOver["corner-posts"].Why.ToString().ShouldNotBeNullOrWhiteSpace();
    }

    [Fact]
    public void Old_painted_posts_do_for_flowers_and_creosoted_ones_never()
    {
        Fill(CornerPosts, Posts("old-paint"), Grown.Ornamentals).Takes.ShouldNotBeEmpty();
        Fill(CornerPosts, Posts("creosote"), Grown.Ornamentals).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void Treated_wood_carries_a_tub_of_food_from_below_and_creosoted_does_not()
    {
        var packers = new PiecesNeeded("packers", PostRole with { Seat = Seat.Clear }, 4, .4, .048, .048);
        Fill(packers, Posts(Findings.Treated), Grown.Food).Takes.ShouldNotBeEmpty();
        Fill(packers, Posts("creosote"), Grown.Food).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void A_bed_made_of_sound_pallets_buys_its_anchors_rather_than_take_creosoted_ones()
    {
        var heap = A.Heap(A.HeatMarkedPallets(12), A.Thing("post", 20, id: 2, findings: ["creosote"]));
        var fit = Matcher.Match(Catalogue.Find("pallet-bed")!, heap, Brief.Default, Aim.MostSoil).Best!;
        fit.Cast.Counts.Keys.ShouldNotContain(2);
        fit.Cast.Buys.ShouldContain(b => b.NeedId == "anchors");
    }

    [Fact]
    public void Card_lines_no_crate_and_film_does()
    {
        Fill(Liner, A.Thing("card", 5, measures: [("length", 3), ("width", 2)]), Grown.Ornamentals).Takes.ShouldBeEmpty();
        Fill(Liner, A.Thing("film", findings: [.. LookedOver, Findings.PlasticMark]), Grown.Food).Takes.ShouldHaveSingleItem();
    }

    [Fact]
    public void Tarred_line_is_not_wound_among_what_is_eaten()
    {
        var line = A.Thing("line", substance: Substance.NaturalFibre, findings: ["tarred", Findings.LookedOver]);
        var supply = Fill(Twine, line, Grown.Food);
        supply.Takes.ShouldBeEmpty();
        supply.PassedOver["twine"].Why.ToString().ShouldContain("tar", Case.Insensitive);
        Fill(Twine, A.Thing("line", substance: Substance.NaturalFibre, findings: LookedOver), Grown.Food).Takes.ShouldHaveSingleItem();
    }

    [Fact]
    public void Film_of_unknown_plastic_lines_no_food_and_woven_cloth_does_not_take_the_place_of_film()
    {
        var film = new CoverNeeded("liner", LinerRole with { Of = s => s == Substance.Film }, 1.2, .8);
        Fill(film, A.Thing("film", findings: LookedOver), Grown.Food).PassedOver["liner"].Why.ToString().ShouldContain("without a mark");
        Fill(film, A.Thing("fabric", 3, substance: Substance.WovenCloth, findings: LookedOver), Grown.Food).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void The_rule_of_lined_pallets_buys_film_for_the_walls_and_no_cloth()
    {
        var rules = HouseRules.Choose(new Dictionary<string, string> { [HouseRules.PalletWood] = "lined" }).OrThrow();
        var heap = Heap.Of([A.Thing("pallet", 12, findings: LookedOver), A.Thing("fabric", 9, id: 2, findings: LookedOver, measures: [("length", 8)])], rules);
        var fit = Matcher.Match(Catalogue.Find("pallet-bed")!, heap, Brief.Default, Aim.MostSoil).Best!;
        fit.Lead.Fitness.ShouldBe(Fitness.Food);
        fit.Cast.Buys.Single(b => b.NeedId == "liner").Row!.Family.ShouldBe("film");
        fit.Cast.Counts.Keys.ShouldNotContain(2);
        fit.Blueprint.Operations().ShouldContain(o => o.Words.ToString().Contains("film", StringComparison.OrdinalIgnoreCase) || o.Title.ToString().Contains("film", StringComparison.OrdinalIgnoreCase));
    }

    [Fact]
    public void What_nobody_has_looked_at_may_be_planned_with_and_is_not_called_food()
    {
        var heap = A.Heap(A.HeatMarkedPallets(12), A.Thing("fabric", 9, id: 2, name: "green cloth", measures: [("length", 8)]));
        var fit = Matcher.Match(Catalogue.Find("pallet-bed")!, heap, Brief.Default, Aim.MostSoil).Best!;
        fit.Pending.ShouldContain(p => p.Thing.Name == "green cloth" && p.NotLookedAt);
        fit.Assessment.Grow.Verdict.ShouldBe(Verdict.Tight);
        fit.Assessment.Grow.Words.ShouldContain("Nothing to eat from it until");
        fit.Assessment.Grow.Words.ShouldContain("green cloth");
    }

    [Fact]
    public void Packers_that_nobody_has_looked_at_are_out_of_reach_and_do_not_decide_what_is_eaten()
    {
        // Packers are clear of soil and plants.
        var heap = A.Heap(A.Thing("round-tub", findings: [Findings.HeldFood, Findings.LookedOver], substance: Substance.Polyethylene), A.Thing("post", 6, id: 2));
        var fit = Matcher.Match(Catalogue.Find("drilled-tub")!, heap, Brief.Default, Aim.MostSoil).Best!;
        fit.Cast.Counts.Keys.ShouldContain(2);
        fit.Assessment.Grow.Words.ShouldNotContain("Nothing to eat");
    }

    [Theory]
    [InlineData("board")]
    [InlineData("post")]
    [InlineData("crate")]
    [InlineData("cable-reel")]
    [InlineData("pallet")]
    public void The_mark_of_fumigation_can_be_ticked_on_whatever_may_be_pallet_wood_and_refuses_it(string kind)
    {
        var thing = A.Thing(kind, findings: [Findings.FumigantMark]);
        Inspection.Judge(thing, HouseRules.Default).Fitness.ShouldBe(Fitness.Refused);
    }
}
