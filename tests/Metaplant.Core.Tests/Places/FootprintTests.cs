using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Places;

/// <summary>The room that something takes where it stands, of every design.</summary>
public class FootprintTests
{
    public static TheoryData<string> Designs => [.. Catalogue.All.Select(d => d.Id)];

    /// <summary>What is in the ground makes nothing higher, and soil is never told higher than it lies: a rabbit would come in by the difference.</summary>
    [Theory]
    [MemberData(nameof(Designs))]
    public void Height_is_above_the_ground_depth_below_it_and_soil_between(string id)
    {
        var fit = Yards.First(id);
        var scene = fit.Blueprint.Scene();
        // What it stands on is no part of it.
        var (size, extent) = (Footprint.Of(fit), (scene with { Solids = [.. scene.Solids.Where(s => s.Part != Parts.Ground)] }).Extent);
        (size.Length, size.Width).ShouldBe((extent.Size.X, extent.Size.Y));
        size.Height.ShouldBe(extent.Most.Z, 1e-9);
        (size.Height + size.Deep!.Value).ShouldBeInRange(extent.Size.Z - 1e-9, extent.Most.Z + Math.Max(0, -extent.Least.Z) + 1e-9);
        (size.Soil is null).ShouldBe(fit.Assessment.Hold.WetMass is null);
        if (size.Soil is { } soil) soil.ShouldBeInRange(-size.Deep.Value, size.Height + 1e-9);
    }

    [Fact]
    public void A_bed_on_posts_is_no_higher_for_their_depth_and_rabbits_jump_to_its_soil()
    {
        var fit = Yards.First("upright-bed");
        var size = Footprint.Of(fit);
        size.Deep!.Value.ShouldBeGreaterThan(.2);
        size.Soil!.Value.ShouldBeLessThan(size.Height);
        var spot = new Spot(1, "Ground", [new(0, 0), new(9, 0), new(9, 9), new(0, 9)], Site.Soil, null, null, "", false, 0, null, ["rabbits"], null);
        var plan = new GardenPlan(new(52, 9, 90, Exposure.Open, null, null, null), [], [spot]);
        PlaceRemark Said(Footprint of) => Placement.Of(plan, new(1, "Bed", 1, new(4, 4), 0, of, 300), [], Handbook.Default).Single(r => r.About == "visitors");
        Said(size with { Soil = .46 }).Verdict.ShouldBe(Verdict.Sound);
        Said(size with { Soil = .44, Height = 2 }).Verdict.ShouldBe(Verdict.Tight);
        // Kept before soil was: not known is not sound.
        Said(size with { Soil = null }).Verdict.ShouldBe(Verdict.Tight);
    }
}
