using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Tests.Growing;

/// <summary>The table of crops, and how many of one a place takes.</summary>
public class CropTests
{
    private static readonly IReadOnlyList<Crop> All = Crops.In(Handbook.Default);

    private static Crop Of(string id) => Crops.Find(Handbook.Default, id)!;

    [Fact]
    public void There_are_more_than_fifty_each_with_all_that_is_asked_of_it()
    {
        All.Count.ShouldBeGreaterThan(50);
        All.Select(c => c.Id).ShouldBeUnique();
        All.Select(c => c.Name).ShouldBeUnique();
        foreach (var c in All)
        {
            c.Spacing.ShouldBeInRange(.02, 2, c.Id);
            c.RowSpacing.ShouldBeGreaterThanOrEqualTo(c.Spacing, c.Id);
            c.LeastDepth.ShouldBeInRange(.05, .6, c.Id);
            c.LeastLitres.ShouldBeInRange(.2, 80, c.Id);
            c.LightHours.ShouldBeInRange(2, 9, c.Id);
            c.LeastNight.ShouldBeInRange(-25, 15, c.Id);
            c.Height.ShouldBeInRange(.05, 3, c.Id);
            c.Kc.ShouldBeInRange(.5, 1.3, c.Id);
            c.Depletion.ShouldBeInRange(.15, .7, c.Id);
            c.DaysToHarvest.ShouldBeGreaterThan(20, c.Id);
            c.HarvestDays.ShouldBeGreaterThan(0, c.Id);
            c.EatenBy.ShouldNotBeEmpty(c.Id);
            (c.Yield > 0).ShouldBe(c.Edible, c.Id);
            (c.LeastYield <= c.Yield && c.Yield <= c.GreatestYield).ShouldBeTrue(c.Id);
        }
    }

    [Fact]
    public void What_is_raised_under_cover_has_days_until_it_is_planted_out_and_nothing_else_has()
        => All.ShouldAllBe(c => c.DaysToPlant > 0 == (c.Raising == Raising.RaiseUnderCover));

    [Fact]
    public void What_climbs_by_itself_has_a_thickest_grip_and_nothing_else_has()
        => All.ShouldAllBe(c => c.ThickestGrip > 0 == (c.Climbing != Climbing.None && c.Climbing != Climbing.Tied));

    [Fact]
    public void Warm_crops_do_not_stand_frost_unless_they_are_woody()
        => All.Where(c => c.Season == GrowingSeason.Warm && c.Raising != Raising.SetOut).ShouldAllBe(c => c.LeastNight >= 0);

    [Fact]
    public void A_tomato_may_be_buried_and_a_strawberry_not()
    {
        Of("tomato").BuryLimit.ShouldBe(.15);
        Of("strawberry").BuryLimit.ShouldBe(0);
    }

    [Fact]
    public void Ones_own_spacing_changes_how_many_fit()
    {
        var own = Handbook.With(new Dictionary<string, double> { ["crop.lettuce.spacing"] = .2, ["crop.lettuce.row-spacing"] = .2 }).OrThrow();
        var bed = new PlantingArea(new RectangleOutline(1.2, .6), .3, 216);
        PlantsThatFit.Work(bed, Crops.Find(own, "lettuce")!, true).Count.ShouldBeGreaterThan(PlantsThatFit.Work(bed, Of("lettuce"), true).Count);
    }

    [Theory]
    [InlineData(.10, 100, 1.0, .5, true, "to root in")]
    [InlineData(.40, 10, 1.0, .5, true, "litres of soil")]
    [InlineData(.40, 100, 1.0, .1, true, "Too narrow")]
    [InlineData(.40, 100, 1.0, .5, false, "ornamentals")]
    public void A_tomato_says_why_it_does_not_fit(double depth, double litres, double length, double width, bool food, string why)
    {
        var fit = PlantsThatFit.Work(new(new RectangleOutline(length, width), depth, litres), Of("tomato"), food);
        fit.Count.ShouldBe(0);
        fit.WhyNot!.ShouldContain(why);
    }

    [Fact]
    public void The_quick_answer_and_the_count_agree_for_every_crop_and_place()
        => CsCheck.Check.Sample(
            CsCheck.Gen.Select(CsCheck.Gen.Double[.05, 2], CsCheck.Gen.Double[.05, 1.2], CsCheck.Gen.Double[.05, .6], CsCheck.Gen.Int[0, All.Count - 1]),
            place =>
            {
                var (length, width, depth, i) = place;
                var area = new PlantingArea(new RectangleOutline(length, width), depth, length * width * depth * 1000);
                (PlantsThatFit.WhyNot(area, All[i], true) is null).ShouldBe(PlantsThatFit.Work(area, All[i], true).Count > 0);
            });

    [Fact]
    public void Few_litres_spread_the_plants_they_feed_over_the_room()
    {
        var fit = PlantsThatFit.Work(new(new RectangleOutline(2, 1), .3, 60), Of("lettuce"), true);
        fit.Count.ShouldBe(20);
        fit.Limit.ShouldBe("soil");
        fit.Layout.Positions.Distinct().Count().ShouldBe(20);
    }
}
