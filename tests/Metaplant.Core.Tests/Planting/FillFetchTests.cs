using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Planting;

/// <summary>What fills a bay comes from the heap as far as it lies there and may be used, and what is short is told.</summary>
public class FillFetchTests
{
    private static double Volume(string kind) => Yards.Whole.Things.Where(t => t.Thing.Kind.Id == kind).Sum(t => ((LoadMeasures)t.Thing.Measures).Volume);

    [Fact]
    public void Two_bays_share_the_woodchip_and_the_second_is_short_by_what_the_first_took()
    {
        var there = Volume("woodchip");
        var fetched = FillFetch.Of([([new(Fill.Woodchip, there * .7, there * .7)], false), ([new(Fill.Woodchip, there * .5, there * .5)], false)], Yards.Whole);
        fetched[0].Single().ShouldSatisfyAllConditions(f => f.Short.ShouldBe(0), f => f.Takes.Sum(t => t.Volume).ShouldBe(there * .7, 1e-9));
        fetched[1].Single().ShouldSatisfyAllConditions(f => f.Short.ShouldBe(there * .2, 1e-9), f => f.Takes.Sum(t => t.Volume).ShouldBe(there * .3, 1e-9));
    }

    [Fact]
    public void Soil_of_an_unknown_yard_goes_under_violas_and_into_no_bed_for_food_and_the_reason_is_told()
    {
        var heap = A.Heap(A.Thing("soil", id: 1, findings: ["unknown-site"]), A.Thing("soil", id: 2, findings: [Findings.LookedOver]), A.Thing("soil", id: 3));
        var food = FillFetch.Of([([new(Fill.Topsoil, .9, .9)], true)], heap)[0][0];
        food.Takes.ShouldAllBe(t => t.ThingId == 2);
        food.PassedOver.Select(p => p.ThingId).ShouldBe([1, 3]);
        food.PassedOver[0].Why.ToString().ShouldContain("ornamentals only");
        food.PassedOver[1].Why.ToString().ShouldContain("Nobody has looked at it yet");
        FillFetch.Of([([new(Fill.Topsoil, .9, .9)], false)], heap)[0][0].Takes.ShouldContain(t => t.ThingId == 1);
    }

    [Fact]
    public void Of_a_pile_that_another_project_has_begun_the_rest_is_taken()
    {
        var soil = A.Thing("soil", measures: [("volume", .8)]);
        var heap = Heap.With([soil], HouseRules.Default, new Dictionary<int, IReadOnlyList<Taken>> { [1] = [new(1, .5) { OfVolume = true }] }, new Dictionary<int, IReadOnlyList<string>>());
        var fetched = FillFetch.Of([([new(Fill.Topsoil, .4, .4)], false)], heap)[0][0];
        fetched.Takes.ShouldHaveSingleItem().Volume.ShouldBe(.3, 1e-9);
        fetched.Short.ShouldBe(.1, 1e-9);
    }

    [Fact]
    public void Never_more_is_taken_than_lies_there()
    {
        var random = new Random(6);
        for (var i = 0; i < 300; i++)
        {
            var wants = Enumerable.Range(0, 1 + random.Next(5)).Select(_ => ((IReadOnlyList<FillAmount>)[.. Enum.GetValues<Fill>().Where(_ => random.Next(2) == 0).Select(f => random.NextDouble() is var v ? new FillAmount(f, v, v) : null!)], random.Next(2) == 0)).ToList();
            var fetched = FillFetch.Of(wants, Yards.Whole);
            foreach (var thing in fetched.SelectMany(b => b).SelectMany(f => f.Takes).GroupBy(t => t.ThingId))
                thing.Sum(t => t.Volume).ShouldBeLessThanOrEqualTo(((LoadMeasures)Yards.Whole.Things.Single(t => t.Thing.Id == thing.Key).Thing.Measures).Volume + 1e-9);
            foreach (var f in fetched.SelectMany(b => b)) (f.Takes.Sum(t => t.Volume) + f.Short).ShouldBe(f.Wanted, 1e-9);
        }
    }
}
