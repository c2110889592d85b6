using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Matching;

/// <summary>What is left on the heap when everything is matched is named with why, and what could save a way to the shop is told beside it.</summary>
public class IdleTests
{
    private static readonly Lazy<IReadOnlyList<DesignMatch>> Matches = new(() => Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil));

    private static readonly Lazy<IReadOnlyList<Idle>> Left = new(() => Idle.Of(Matches.Value, Yards.Whole));

    [Fact]
    public void Every_free_thing_of_a_whole_yard_is_made_something_of_or_named_with_why()
    {
        var taken = Matches.Value.SelectMany(m => m.Best is null ? m.Others : m.Others.Prepend(m.Best)).SelectMany(f => f.Cast.Takes.Select(t => t.ThingId).Concat(f.Lead.Lots.Select(l => l.ThingId))).ToHashSet();
        foreach (var thing in Yards.Whole.Things)
        {
            var free = thing.Free > 0 || thing.Left.Count > 0;
            Left.Value.Count(i => i.Thing == thing).ShouldBe(free && !taken.Contains(thing.Thing.Id) ? 1 : 0, thing.Thing.Name);
        }

        Left.Value.ShouldNotBeEmpty();
        Left.Value.ShouldAllBe(i => i.Why.ToString().Length > 15);
        Left.Value.Select(i => i.Thing.Thing.Number).ShouldBeInOrder();
    }

    [Fact]
    public void What_is_refused_is_left_for_that_and_for_no_design()
    {
        var heap = A.Heap(A.Thing("pallet", 4, findings: [Findings.FumigantMark]), A.Thing("chain", 1, id: 2));
        var idle = Idle.Of(Matcher.Match(heap, Brief.Default, Aim.MostSoil), heap);
        var pallets = idle.Single(i => i.Thing.Thing.Id == 1);
        pallets.Thing.Judgement.Reasons.ShouldContain(r => r.Sentence.Equals(pallets.Why));
        idle.Single(i => i.Thing.Thing.Id == 2).Why.ToString().ShouldBe("No design that is drawn here is made of it.");
    }

    /// <summary>One of every kind there is, as it is usually measured: whatever somebody drags home, the sentence for it is there.</summary>
    [Fact]
    public void One_of_every_kind_is_made_something_of_or_named_with_why()
    {
        var heap = A.Heap([.. SalvageKinds.All.Select((k, i) => A.Thing(k.Id, 3, id: i + 1, findings: [.. new[] { Findings.HeatMark, Findings.HeldFood, Findings.LookedOver }.Where(k.LookFor.Contains)]))]);
        var idle = Idle.Of(Matcher.Match(heap, Brief.Default, Aim.MostSoil), heap);
        idle.ShouldNotBeEmpty();
        idle.ShouldAllBe(i => i.Why.ToString().EndsWith('.'));
        idle.Single(i => i.Thing.Thing.Kind.Id == "plastic-crate").Why.ToString().ShouldContain("known of the strength of its boards");
    }

    [Fact]
    public void Bricks_save_the_packers_where_they_are_wide_enough_and_there_are_enough()
    {
        var (fit, room) = Tub(("length", .215), ("width", .1025), ("height", .065));
        var need = fit.Cast.Asked.OfType<PiecesNeeded>().Single(n => n.Id == "packers");
        var bricks = StandIn.For(fit, room).Single(s => s.NeedId == "packers");
        // End to end under the whole of each packer, as the floor was reckoned.
        bricks.Number.ShouldBe(need.Count * (int)Math.Ceiling(need.Length / .215));
        bricks.Words.ToString().ShouldContain("65 mm high where");
        Teller.UsCustomary.Tell(bricks.Words).ShouldContain("2 9/16 in");
    }

    [Theory]
    [InlineData(.215, .03, .065)]
    [InlineData(.215, .1025, .2)]
    [InlineData(.03, .1025, .065)]
    public void Blocks_too_narrow_too_high_or_too_few_stand_in_for_nothing(double length, double width, double height)
    {
        var (fit, room) = Tub(("length", length), ("width", width), ("height", height));
        StandIn.For(fit, room).ShouldNotContain(s => s.NeedId == "packers");
    }

    [Fact]
    public void Nothing_stands_in_for_what_is_not_bought()
    {
        var offered = 0;
        var room = Stockroom.Of(Yards.Whole);
        (Fit Fit, Stockroom Room)[] fits = [Tub(("length", .215), ("width", .1025), ("height", .065)), .. Matches.Value.Where(m => m.Best is not null).Select(m => (m.Best!, room))];
        foreach (var (fit, stock) in fits)
        {
            var bought = fit.Cast.Buys.Select(b => b.NeedId).ToHashSet();
            var standIns = StandIn.For(fit, stock);
            standIns.ShouldAllBe(s => bought.Contains(s.NeedId) && s.Number > 0 && s.Thing.Judgement.Fitness != Fitness.Refused);
            standIns.Select(s => s.NeedId).ShouldBeUnique();
            offered += standIns.Count;
        }

        offered.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void Fine_netting_saves_the_cloth_and_coarse_netting_does_not()
    {
        StandIn? With(double aperture)
        {
            var heap = A.Heap(A.HeatMarkedPallets(8), A.Thing("mesh", id: 2, measures: [("length", 25), ("width", 1.2), ("aperture", aperture), ("wire", .001)]));
            var fit = Matcher.Match(Catalogue.Find("pallet-bed")!, heap, Brief.Default, Aim.MostSoil).Best!;
            return StandIn.For(fit, Stockroom.Of(heap)).FirstOrDefault(s => s.NeedId == "liner");
        }

        With(.012)!.Words.ToString().ShouldContain("straw, leaves or card behind it");
        With(.050).ShouldBeNull();
    }

    private static (Fit Fit, Stockroom Room) Tub(params (string, double)[] brick)
    {
        var heap = A.Heap(A.FoodTub(), A.Thing("bricks", 24, id: 2, measures: brick));
        return (Matcher.Match(Catalogue.Find("drilled-tub")!, heap, Brief.Default, Aim.MostSoil).Best!, Stockroom.Of(heap));
    }
}
