using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;

namespace Metaplant.Core.Tests.Planting;

/// <summary>Several crops on one bed, each plant in its place.</summary>
public class LaidOutTests
{
    private static Crop Crop(string id) => Crops.Find(Handbook.Default, id)!;

    [Fact]
    public void Four_kale_stand_at_the_back_twenty_lettuces_before_them_and_the_carrots_in_front()
    {
        PlantingArea bed = new(new RectangleOutline(2.2, 1.6), .35, 600);
        var laid = LaidOut.InRows(bed, [new(Crop("carrot"), 40), new(Crop("kale"), 4), new(Crop("lettuce"), 14)], foodAllowed: true);
        laid.Left.ShouldBeEmpty();
        double Lowest(string id) => laid.Plants.Where(p => p.Crop.Id == id).Min(p => p.At.Y);
        double Highest(string id) => laid.Plants.Where(p => p.Crop.Id == id).Max(p => p.At.Y);
        laid.Plants.Count.ShouldBe(58);
        Lowest("kale").ShouldBeGreaterThan(Highest("carrot"));
        // By pencil: kale and carrots half of .50 and half of .20 apart between their rows.
        (Lowest("kale") - Highest("carrot")).ShouldBe(.35, 1e-9);
        LaidOut.InRows(bed, [new(Crop("carrot"), 40), new(Crop("kale"), 4)], true, tallAtTop: false).Plants.Where(p => p.Crop.Id == "kale").ShouldAllBe(p => p.At.Y < 0);
    }

    [Fact]
    public void What_finds_no_room_no_soil_or_no_depth_is_left_with_its_reason()
    {
        PlantingArea small = new(new RectangleOutline(.9, .5), .26, 60);
        var laid = LaidOut.InRows(small, [new(Crop("lettuce"), 30), new(Crop("parsnip"), 5), new(Crop("tomato"), 1)], foodAllowed: true);
        laid.Left.Single(l => l.Crop.Id == "parsnip").Why.ToString().ShouldContain("to root in");
        laid.Left.Single(l => l.Crop.Id == "lettuce").ShouldSatisfyAllConditions(l => l.Count.ShouldBe(30 - laid.Plants.Count(p => p.Crop.Id == "lettuce")), l => l.Why.ToString().ShouldContain("no room"));
        LaidOut.InRows(small with { Litres = 10 }, [new(Crop("lettuce"), 30)], true).ShouldSatisfyAllConditions(l => l.Plants.Count.ShouldBe(3), l => l.Left.Single().Why.ToString().ShouldContain("feeds no more"));
        LaidOut.InRows(small, [new(Crop("lettuce"), 3)], foodAllowed: false).Plants.ShouldBeEmpty();
    }

    [Fact]
    public void Plants_never_stand_closer_than_they_want_nor_outside_and_none_is_lost()
    {
        var random = new Random(12);
        var crops = Crops.In(Handbook.Default);
        for (var i = 0; i < 1000; i++)
        {
            Outline outline = (i % 3) switch
            {
                0 => new RectangleOutline(.3 + 3 * random.NextDouble(), .2 + 1.2 * random.NextDouble()),
                1 => new CircleOutline(.3 + 1.5 * random.NextDouble()),
                _ => new RectangleOutline(1 + random.NextDouble(), .6 + random.NextDouble(), .2),
            };
            PlantingArea area = new(outline, .5, 400 * random.NextDouble());
            var wanted = Enumerable.Range(0, 1 + random.Next(5)).Select(_ => crops[random.Next(crops.Count)]).Distinct().Select(c => new Wanted(c, random.Next(40))).ToList();
            var laid = LaidOut.InRows(area, wanted, true, random.Next(2) == 0);
            LaidOut.Clashes(laid.Plants).ShouldBeEmpty();
            laid.Plants.ShouldAllBe(p => outline.Contains(p.At));
            laid.Plants.Sum(p => p.Crop.LeastLitres).ShouldBeLessThanOrEqualTo(area.Litres + 1e-6);
            foreach (var w in wanted) (laid.Plants.Count(p => p.Crop == w.Crop) + laid.Left.Where(l => l.Crop == w.Crop).Sum(l => l.Count)).ShouldBe(w.Count);
        }
    }

    /// <summary>Against looking at every pair.</summary>
    [Fact]
    public void Clashes_are_all_that_there_are_and_no_more()
    {
        var random = new Random(2);
        var crops = Crops.In(Handbook.Default);
        for (var i = 0; i < 100; i++)
        {
            List<PlantAt> plants = [.. Enumerable.Range(0, random.Next(60)).Select(_ => new PlantAt(crops[random.Next(crops.Count)], new(4 * random.NextDouble() - 2, 2 * random.NextDouble() - 1)))];
            var all = from a in Enumerable.Range(0, plants.Count) from b in Enumerable.Range(0, plants.Count) where b > a && plants[a].At.DistanceTo(plants[b].At) < LaidOut.Apart(plants[a].Crop, plants[b].Crop) - 1e-9 select (a, b);
            LaidOut.Clashes(plants).ShouldBe(all, ignoreOrder: true);
        }
    }
}
