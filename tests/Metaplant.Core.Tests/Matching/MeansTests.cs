using Metaplant.Core.Building;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Matching;

/// <summary>What can be made by Sunday, alone, with the tools and the money there are.</summary>
public class MeansTests
{
    private static readonly Lazy<IReadOnlyList<DesignMatch>> Unlimited = new(() => Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil));

    private static IReadOnlyList<DesignMatch> With(Means means) => Matcher.Match(Yards.Whole, Brief.Default, Aim.MostSoil, means: means);

    [Fact]
    public void Without_limits_nothing_is_beyond_them() => Unlimited.Value.ShouldAllBe(m => m.Beyond.Count == 0);

    [Fact]
    public void A_smaller_one_that_is_done_in_time_is_found()
    {
        var bed = Unlimited.Value.Where(m => m.Standing == Standing.WillDo).MaxBy(m => m.Best!.Hours(Brief.Default))!;
        var hours = bed.Best!.Hours(Brief.Default) * .7;
        var sooner = With(new(Hours: hours)).Single(m => m.Design == bed.Design);
        sooner.Beyond.ShouldBeEmpty();
        sooner.Best!.Hours(Brief.Default).ShouldBeLessThanOrEqualTo(hours);
        sooner.Best.Blueprint.Soil.ShouldBeLessThan(bed.Best.Blueprint.Soil);
    }

    [Theory]
    [InlineData(4.0, null, false, null)]
    [InlineData(null, 40.0, false, null)]
    [InlineData(null, 0.0, false, null)]
    [InlineData(.5, null, false, null)]
    [InlineData(null, null, true, null)]
    [InlineData(null, null, false, .5)]
    [InlineData(8.0, 60.0, true, .4)]
    public void What_is_told_to_be_within_them_is_and_the_rest_says_why(double? hours, double? money, bool alone, double? height)
    {
        var matches = With(new(hours, money, alone, height));
        foreach (var match in matches.Where(m => m.Standing == Standing.WillDo))
        {
            var fit = match.Best!;
            match.Beyond.Any(b => b.Limit == Limit.Time).ShouldBe(fit.Hours(Brief.Default) > hours, match.Design.Id);
            match.Beyond.Any(b => b.Limit == Limit.Money).ShouldBe(fit.Cast.Cost > money, match.Design.Id);
            match.Beyond.Any(b => b.Limit == Limit.Hands).ShouldBe(alone && fit.Blueprint.Operations().Any(o => o.TwoPeople), match.Design.Id);
            match.Beyond.ShouldAllBe(b => b.Why.ToString().Length > 20);
        }

        // Limits take nothing away that will do; they order it.
        matches.Count(m => m.Standing == Standing.WillDo).ShouldBe(Unlimited.Value.Count(m => m.Standing == Standing.WillDo));
        matches.Where(m => m.Standing == Standing.WillDo).Select(m => m.Beyond.Count > 0).ShouldBeInOrder();
    }

    [Fact]
    public void With_no_time_at_all_everything_is_told_as_taking_too_long()
    {
        var matches = With(new(Hours: .01)).Where(m => m.Standing == Standing.WillDo).ToList();
        matches.ShouldNotBeEmpty();
        foreach (var match in matches) match.Beyond[0].Why.ToString().ShouldStartWith("It takes ");
    }

    [Fact]
    public void A_tool_that_is_lacking_and_that_nothing_stands_in_for_is_named()
    {
        var shelf = ToolShelf.Of(ToolShelf.All.ToDictionary(t => t, _ => new ShelvedTool(Having.Lacking))).OrThrow();
        var matches = With(new(Shelf: shelf)).Where(m => m.Standing == Standing.WillDo).ToList();
        matches.ShouldNotBeEmpty();
        matches.ShouldContain(m => m.Beyond.Any(b => b.Limit == Limit.Tools));
        With(new(Shelf: ToolShelf.Untouched)).ShouldAllBe(m => m.Beyond.Count == 0);
    }

    [Fact]
    public void A_support_holds_no_soil_and_is_asked_for_no_height()
    {
        var cone = With(new(LeastHeight: 3)).Single(m => m.Design is WoundCone);
        cone.Beyond.ShouldBeEmpty();
    }
}
