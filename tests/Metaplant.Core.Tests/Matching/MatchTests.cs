using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Matching;

/// <summary>What the heap can make, and why not.</summary>
public class MatchTests
{
    private static readonly Role Cloth = new("liner", "Liner", Seat.InSoil, Form.Fabric) { Buy = "cloth" };

    private static DesignMatch Of(string design, Heap heap, Aim aim = Aim.MostSoil) => Matcher.Match(Catalogue.Find(design)!, heap, Brief.Default, aim);

    /// <summary>A pallet of which one gives two sections of two boards, and a bed takes three.</summary>
    private static Thing FiveSlats(int count) => A.Thing("pallet", count, findings: [Findings.HeatMark], measures: [("slats", 5)]);

    [Fact]
    public void Ten_good_pallets_make_a_bed_that_holds()
    {
        var match = Of("pallet-bed", A.Heap(A.HeatMarkedPallets(10)));
        match.Standing.ShouldBe(Standing.WillDo);
        match.Best!.Assessment.Hold.Verdict.ShouldBeOneOf(Verdict.Sound, Verdict.Tight);
        match.Sizes.ShouldBeGreaterThan(1);
        match.Best.Cast.Counts[1].ShouldBeLessThanOrEqualTo(10);
    }

    [Fact]
    public void One_small_pallet_nearly_makes_a_bed_and_says_what_is_short()
    {
        var match = Of("pallet-bed", A.Heap(FiveSlats(1)));
        match.Standing.ShouldBe(Standing.Nearly);
        match.Why!.ToString().ShouldContain("1 more wanted for sections of pallets");
        match.Wanted!.Length.Near(1.2);
    }

    [Fact]
    public void A_fumigated_pallet_reaches_no_design()
    {
        var match = Of("pallet-bed", A.Heap(A.Thing("pallet", 20, findings: [Findings.FumigantMark])));
        match.Standing.ShouldBe(Standing.WontDo);
        match.Why!.ToString().ShouldContain("MB");
    }

    [Fact]
    public void Nothing_refused_is_taken_by_any_design()
    {
        var heap = A.Heap(A.HeatMarkedPallets(10), A.Thing("post", 9, id: 2, findings: ["creosote"]), A.FoodTub(3), A.Thing("drum", id: 4, findings: [Findings.HeldChemical]), A.Sticks(5));
        var refused = heap.Things.Where(t => t.Judgement.Fitness == Fitness.Refused).Select(t => t.Thing.Id).ToHashSet();
        foreach (var match in Matcher.Match(heap, Brief.Default, Aim.MostSoil))
        {
            foreach (var fit in match.Others.Append(match.Best).OfType<Fit>()) fit.Cast.Counts.Keys.ShouldNotContain(id => refused.Contains(id));
        }
    }

    [Fact]
    public void Ticking_a_chemical_takes_a_tub_out_of_every_design()
    {
        Of("drilled-tub", A.Heap(A.FoodTub())).Standing.ShouldBe(Standing.WillDo);
        Of("drilled-tub", A.Heap(A.Thing("round-tub", findings: [Findings.HeldFood, Findings.HeldChemical]))).Standing.ShouldBe(Standing.WontDo);
    }

    [Fact]
    public void Things_spoken_for_are_not_taken_again()
    {
        var heap = Heap.Of([FiveSlats(10)], HouseRules.Default, new Dictionary<int, int> { [1] = 9 });
        heap.Things[0].Free.ShouldBe(1);
        Of("pallet-bed", heap).Standing.ShouldBe(Standing.Nearly);
    }

    [Fact]
    public void No_batch_gives_more_than_it_has()
    {
        var heap = A.Heap(A.HeatMarkedPallets(9), A.Thing("post", 2, id: 2), A.Thing("fabric", 1, id: 3), A.FoodTub(4), A.Sticks(5));
        foreach (var fit in Matcher.Match(heap, Brief.Default, Aim.LeastBought).Select(m => m.Best).OfType<Fit>())
        {
            foreach (var (id, count) in fit.Cast.Counts) count.ShouldBeLessThanOrEqualTo(heap.Find(id)!.Free);
        }
    }

    [Fact]
    public void What_the_heap_lacks_is_bought_by_the_pack()
    {
        var supply = A.Cast(new GoodsNeeded("screws", new("screws", "Screws", Seat.Clear) { Buy = "outdoor-screw" }, 101), A.Heap());
        supply.Buys.Single().Packs.ShouldBe(3);
        supply.Cost.Near(25.5);
    }

    [Fact]
    public void Cloth_is_pieced_together_from_strips_with_a_lap()
    {
        var heap = A.Heap(A.Thing("fabric", 3, measures: [("length", 3), ("width", 1.5)]));
        Cast Of(double length, double width) => A.Cast(new CoverNeeded("liner", Cloth, length, width), heap);
        Of(5.5, .5).Takes.Count.ShouldBe(1);
        Of(10, .7).Takes.Count.ShouldBe(2);
        Of(60, .7).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void Film_does_not_stand_in_for_cloth()
        => A.Cast(new CoverNeeded("liner", Cloth, 1, .5), A.Heap(A.Thing("film", findings: [Findings.PlasticMark]))).Takes.ShouldBeEmpty();

    [Fact]
    public void Another_aim_may_choose_another_size()
    {
        var heap = A.Heap(A.HeatMarkedPallets(12));
        var most = Of("pallet-bed", heap).Best!;
        var least = Of("pallet-bed", heap, Aim.LeastWork).Best!;
        least.Hours(Brief.Default).ShouldBeLessThan(most.Hours(Brief.Default));
        most.Assessment.Grow.Litres!.Value.ShouldBeGreaterThan(least.Assessment.Grow.Litres!.Value);
    }

    [Fact]
    public void The_order_in_which_things_came_to_the_heap_changes_no_answer()
    {
        Thing[] things = [A.HeatMarkedPallets(12), A.FoodTub(2), A.Sticks(3), A.Thing("post", 9, id: 4), A.Thing("fabric", 3, id: 5), A.Thing("drum", id: 6, findings: [Findings.HeldFood]), A.Thing("pallet", 3, id: 7, findings: [Findings.HeatMark, Findings.Weathered])];
        string Say(IEnumerable<Thing> heap) => string.Join('|', Matcher.Match(A.Heap([.. heap]), Brief.Default, Aim.MostSoil).Select(m => $"{m.Design.Id} {m.Best?.Blueprint.Size} {m.Best?.Lead.Key} {m.Best?.Cast.Cost:0.00} {string.Join(',', m.Best?.Cast.Counts.OrderBy(c => c.Key).Select(c => $"{c.Key}x{c.Value}") ?? [])}"));
        var first = Say(things);
        for (var seed = 0; seed < 5; seed++)
        {
            var shuffled = things.ToArray();
            new Random(seed).Shuffle(shuffled);
            Say(shuffled).ShouldBe(first);
        }
    }

    [Fact]
    public void An_own_constant_reaches_the_sums_and_a_wild_one_is_refused()
    {
        var own = Handbook.With(new Dictionary<string, double> { ["timber.C14.bending"] = 7e6 }).OrThrow();
        own["timber.C14.bending"].ShouldBe(7e6);
        own.IsOwn("timber.C14.bending").ShouldBeTrue();
        Handbook.With(new Dictionary<string, double> { ["timber.C14.bending"] = 1 }).Ok.ShouldBeFalse();
        Handbook.With(new Dictionary<string, double> { ["no-such"] = 1 }).Ok.ShouldBeFalse();
        Handbook.Rows.ShouldAllBe(r => r.Source.Length > 0);
    }
}
