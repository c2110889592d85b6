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

    [Fact]
    public void Sweet_peas_root_as_deep_as_those_who_grow_them_say_and_peas_want_their_litres_each()
    {
        Of("sweet-pea").LeastDepth.ShouldBeInRange(.400, .450);
        foreach (var pea in All.Where(c => c.Id is "pea" or "mangetout")) pea.LeastLitres.ShouldBeInRange(1.5, 2.0, pea.Id);
        All.Count(c => c.Id is "pea" or "mangetout").ShouldBe(2);
    }

    [Fact]
    public void Sweet_corn_stands_in_a_block_and_not_in_a_row()
    {
        var corn = Of("sweet-corn");
        // A row of four metres has room and soil for a dozen, and wind would pollinate none of them.
        var row = PlantsThatFit.Work(new(new RectangleOutline(4, .4), .4, 640), corn, true);
        row.Count.ShouldBe(0);
        row.WhyNot!.ShouldContain("3 by 3");
        PlantsThatFit.Work(new(new RectangleOutline(1.5, 1.5), .4, 900), corn, true).Count.ShouldBeGreaterThanOrEqualTo(9);
        PlantsThatFit.Work(new(new RectangleOutline(1.5, 1.5), .4, 8 * corn.LeastLitres), corn, true).Count.ShouldBe(0);
    }

    [Fact]
    public void A_blueberry_asks_how_sour_the_soil_is()
    {
        var fit = PlantsThatFit.Work(new(new RectangleOutline(2, 1), .5, 1000), Of("blueberry"), true);
        fit.Count.ShouldBeGreaterThan(0);
        fit.NotKnown!.ShouldContain("pH");
        PlantsThatFit.Work(new(new RectangleOutline(2, 1), .5, 1000), Of("lettuce"), true).NotKnown.ShouldBeNull();
    }

    [Fact]
    public void A_count_of_crops_says_what_it_does_not_know_and_nothing_growing_names_the_reason()
    {
        Core.Assessing.GrowAssessment Grow(string? crop, double topDiameter, double height)
        {
            var heap = A.Heap(A.Thing("round-tub", findings: [Core.Salvage.Findings.HeldFood, Core.Salvage.Findings.LookedOver], measures: [("topDiameter", topDiameter), ("bottomDiameter", topDiameter), ("height", height)]));
            var design = Core.Designs.Catalogue.Find("drilled-tub")!;
            var brief = Core.Designs.Brief.Default with { Crop = crop is null ? null : Of(crop) };
            return Core.Matching.DrawingBoard.FindLead(design, heap, "1").Then(s => Core.Matching.DrawingBoard.Open(design, s, new Dictionary<string, double>(), brief, heap)).OrThrow().Fit.Assessment.Grow;
        }

        Grow(null, .6, .5).Words.ShouldMatch(@"^\d+ of 62 crops have the room and depth\. Sun, heat and acidity are not asked yet\.$");
        var shallow = Grow(null, .3, .14);
        shallow.Verdict.ShouldBe(Core.Sums.Verdict.Fails);
        shallow.Words.ShouldMatch("^Nothing on the list grows in it: .*(to root in|litres).*\\.$");
        Grow("blueberry", .7, .6).Verdict.ShouldBe(Core.Sums.Verdict.Tight);
    }

    [Theory]
    [InlineData("lettuce", "lettuce")]
    [InlineData("tomato", "tomato")]
    [InlineData("spinach", "spinach plant")]
    [InlineData("rosemary", "rosemary bush")]
    [InlineData("chive", "clump of chives")]
    [InlineData("climbing-bean", "climbing French bean")]
    [InlineData("jerusalem-artichoke", "Jerusalem artichoke")]
    public void One_plant_is_called_what_a_gardener_calls_it(string id, string one) => Of(id).One.ShouldBe(one);
}
