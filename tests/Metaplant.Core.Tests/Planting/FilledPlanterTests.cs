using Metaplant.Core.Designs;
using Metaplant.Core.Growing;
using Metaplant.Core.Matching;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Planting;

/// <summary>What a planter is filled with decides what grows in it and when, and what must be said of it.</summary>
public class FilledPlanterTests
{
    private static readonly Dictionary<string, Fit> Fits = Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil).Where(m => m.Best is { Blueprint.Bays.Count: > 0 }).ToDictionary(m => m.Design.Id, m => m.Best!);

    public static TheoryData<string> Planters => [.. Fits.Keys];

    private static Fit Deepest => Fits.Values.Where(f => f.Blueprint.Pockets.Count == 0 && f.Blueprint.Bays.Count == 1).MaxBy(f => f.Blueprint.Bays[0].Depth)!;

    private static FilledPlanter With(Fit fit, params IReadOnlyList<Layer> layers) => FilledPlanter.Of(fit, [.. BaysAlike.Of(fit.Blueprint).Select(_ => layers)]).OrThrow();

    private static IReadOnlyList<Layer> Shares(Fit fit, params IReadOnlyList<(Fill Fill, double Share)> of) => [.. of.Select(s => new Layer(s.Fill, s.Share * fit.Blueprint.Bays.Min(b => b.Depth)))];

    [Theory]
    [MemberData(nameof(Planters))]
    public void Every_design_is_filled_by_every_school_to_where_it_was_drawn_and_grows_no_more_for_it(string design)
    {
        var fit = Fits[design];
        var drawn = fit.Assessment.Grow.Crops.ToDictionary(c => c.Crop.Id, c => c.Count);
        foreach (var school in (string[])["wood", "green", "soil"])
        {
            var filled = FilledPlanter.Of(fit, FilledPlanter.Proposed(fit, school)).OrThrow();
            filled.Volume.ShouldBe(fit.Blueprint.Bays.Sum(b => b.Volume), 1e-6 * filled.Volume, school);
            filled.Remarks().ShouldNotContain(r => r.Verdict == Verdict.Fails, school);
            // Nothing grows in a layered fill at once that would not in soil all through, and never more of it.
            foreach (var crop in filled.Crops()) crop.Years[0].Count.ShouldBeLessThanOrEqualTo(drawn[crop.Crop.Id], $"{school}: {crop.Crop.Id}");
        }
    }

    [Fact]
    public void Soil_all_through_grows_at_once_what_it_was_drawn_for()
    {
        var fit = Deepest;
        var filled = FilledPlanter.Of(fit, FilledPlanter.Proposed(fit, "soil")).OrThrow();
        filled.Usable(0).ShouldBe(fit.Assessment.Grow.UsableDepth!.Value, 1e-9);
        filled.Crops().ToDictionary(c => c.Crop.Id, c => c.Years[0].Count).ShouldBe(fit.Assessment.Grow.Crops.ToDictionary(c => c.Crop.Id, c => c.Count), ignoreOrder: true);
    }

    [Fact]
    public void Wood_at_the_foot_takes_root_room_away_and_gives_it_back_as_it_rots()
    {
        var fit = Deepest;
        var wood = With(fit, Shares(fit, (Fill.Logs, .5), (Fill.TopsoilCompost, .5)));
        wood.Usable(0).ShouldBe(fit.Blueprint.Bays[0].Depth / 2 - fit.Assessment.Drain.NotRooted, 1e-9);
        wood.Usable(0).ShouldBeLessThan(wood.Usable(1));
        var green = With(fit, Shares(fit, (Fill.GreenWaste, .5), (Fill.TopsoilCompost, .5)));
        green.Usable(0).ShouldBe(wood.Usable(0), 1e-9, "fresh green stuff is no soil yet");
        wood.Remarks().ShouldContain(r => r.Words.ToString().Contains("nitrogen", StringComparison.Ordinal));
    }

    [Fact]
    public void Heavier_or_higher_than_what_was_checked_fails_and_lower_is_told()
    {
        var light = Matcher.Match(Yards.Whole, Brief.Create(Handbook.Default, "potting-mix", null, Exposure.Open, false, Site.Soil, null).OrThrow(), Aim.MostSoil).First(m => m.Best is { Blueprint.Bays.Count: 1, Blueprint.Pockets.Count: 0 }).Best!;
        bool Fails(FilledPlanter p, string words) => p.Remarks().Any(r => r.Verdict == Verdict.Fails && r.Words.ToString().Contains(words, StringComparison.Ordinal));
        Fails(With(light, Shares(light, (Fill.Topsoil, 1))), "heavier").ShouldBeTrue();
        Fails(With(light, Shares(light, (Fill.PottingMix, 1))), "heavier").ShouldBeFalse();
        Fails(With(light, Shares(light, (Fill.Logs, .3), (Fill.PottingMix, .7))), "heavier").ShouldBeTrue("soil runs in between the logs");

        var roomy = Fits.Values.First(f => f.Blueprint.Bays.Count == 1 && f.Blueprint.Bays[0] is var b && b.Space.Height > b.Depth + .005);
        Fails(With(roomy, new Layer(Fill.TopsoilCompost, roomy.Blueprint.Bays[0].Space.Height)), "higher than it was drawn").ShouldBeTrue();
        var bay = Deepest.Blueprint.Bays[0];
        With(Deepest, new Layer(Fill.TopsoilCompost, bay.Depth - .05)).Remarks().ShouldContain(r => r.Verdict == Verdict.Tight && r.Words.ToString().Contains("lower", StringComparison.Ordinal));
    }

    [Fact]
    public void Coarse_lies_under_fine_and_something_to_plant_into_lies_on_top()
    {
        IEnumerable<string> Said(params IReadOnlyList<(Fill, double)> of) => With(Deepest, Shares(Deepest, of)).Remarks().Select(r => r.Words.ToString());
        Said((Fill.Compost, .5), (Fill.Sticks, .2), (Fill.Topsoil, .3)).ShouldContain(w => w.StartsWith("Sticks on compost", StringComparison.Ordinal));
        Said((Fill.Topsoil, .5), (Fill.Sticks, .5)).ShouldContain(w => w.StartsWith("Nothing is sown", StringComparison.Ordinal));
        // Leaves on logs are no mulch: nothing is planted through them.
        Said((Fill.Logs, .95), (Fill.Leaves, .05)).ShouldContain(w => w.StartsWith("Nothing is sown", StringComparison.Ordinal));
        // A thin blanket of leaves is mulch.
        Said((Fill.TopsoilCompost, .95), (Fill.Leaves, .05)).ShouldNotContain(w => w.StartsWith("Nothing is sown", StringComparison.Ordinal) || w.StartsWith("Leaves on", StringComparison.Ordinal));
    }

    [Theory]
    [MemberData(nameof(Planters))]
    public void More_soil_in_place_of_wood_never_takes_a_crop_away(string design)
    {
        var fit = Fits[design];
        if (fit.Blueprint.Pockets.Count > 0) return;
        Dictionary<string, int>? before = null;
        for (var share = .2; share <= 1.001; share += .2)
        {
            var layers = BaysAlike.Of(fit.Blueprint).Select(b => (IReadOnlyList<Layer>)[.. share > .999 ? (Layer[])[] : [new(Fill.Logs, (1 - share) * b.Bay.Depth)], new(Fill.TopsoilCompost, Math.Min(1, share) * b.Bay.Depth)]);
            var now = FilledPlanter.Of(fit, [.. layers]).OrThrow().Crops().ToDictionary(c => c.Crop.Id, c => c.Years[0].Count);
            if (before is not null) foreach (var (crop, count) in before) now[crop].ShouldBeGreaterThanOrEqualTo(count, $"{crop} with {share:0.0} of soil");
            before = now;
        }
    }

    [Fact]
    public void What_holds_no_soil_is_not_filled_and_each_sort_of_bay_is_asked_for()
    {
        var support = Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil).First(m => m.Best is { Blueprint.Bays.Count: 0 }).Best!;
        FilledPlanter.Of(support, []).Problems.ShouldHaveSingleItem().Sentence.ToString().ShouldContain("holds no soil");
        FilledPlanter.Of(Deepest, []).Problems.ShouldHaveSingleItem().Field.ShouldBe("bays");
        FilledPlanter.Of(Deepest, [[new(Fill.Logs, 0)]]).Problems.ShouldHaveSingleItem().Field.ShouldBe("bays.0.layers.0.thickness");
    }

    [Fact]
    public void What_is_short_is_ordered_in_whole_packs_at_the_least_cost_and_never_too_little()
    {
        foreach (var litres in (double[])[.01, .05, .3, .79, .81, 2.4])
            foreach (var fill in (Fill[])[Fill.Topsoil, Fill.Compost, Fill.PottingMix])
            {
                var order = FillOrder.For(fill, litres, Handbook.Default).ShouldNotBeNull();
                (order.Packs * order.Row.Pack).ShouldBeGreaterThanOrEqualTo(litres - 1e-9);
                ((order.Packs - 1) * order.Row.Pack).ShouldBeLessThan(litres);
            }

        FillOrder.For(Fill.Logs, 1, Handbook.Default).ShouldBeNull();
        FillOrder.For(Fill.Compost, 0, Handbook.Default).ShouldBeNull();
    }
}
