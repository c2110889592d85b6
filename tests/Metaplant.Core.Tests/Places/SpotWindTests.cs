using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;

namespace Metaplant.Core.Tests.Places;

/// <summary>Wind where it is squeezed.</summary>
public class SpotWindTests
{
    /// <summary>The base line goes east; strong wind comes along it from the west.</summary>
    private static readonly PlanSite Shore = new(52, 20, 90, Exposure.Exposed, 270, null, null);

    private static Spot Passage { get; } = new(1, "Passage", [new(4, 0), new(6, 0), new(6, 1), new(4, 1)], Core.Designs.Site.Paving, null, null, "", false, 0, null, [], null);

    private static House Block(int id, string name, double from, double height) => new(id, name, [new(0, from), new(10, from), new(10, from + 3), new(0, from + 3)], height);

    private static SpotWind Blows(double gap, double height = 3, double otherHeight = 3) => SpotWind.At(new(Shore, [Block(2, "Shed", .5 + gap / 2, height), Block(3, "Store", .5 - gap / 2 - 3, otherHeight)], [Passage]), Passage, Handbook.Default);

    [Fact]
    public void Between_two_walls_it_blows_faster_than_in_the_open_and_says_between_which()
    {
        var squeezed = Blows(2);
        squeezed.Speed.ShouldBe(25 * 1.3, 1e-9);
        squeezed.Between.ShouldBe(["Shed", "Store"], ignoreOrder: true);
        squeezed.From.ShouldBe(270);
        // Farther apart than the lower of them is high it is no gap.
        Blows(3.2).Between.ShouldBeEmpty();
        Blows(3.2).Speed.ShouldBeLessThanOrEqualTo(25);
        Blows(2, otherHeight: 1.5).Between.ShouldBeEmpty();
        // Over what is lower than a bed with its crop it blows anyhow.
        Blows(1, height: .9).Between.ShouldBeEmpty();
    }

    [Fact]
    public void In_a_corner_wind_is_caught_and_not_squeezed()
    {
        // Walls to the north and to the west of it, and wind into the corner from the south-east.
        var plan = new GardenPlan(Shore with { WindFrom = 135 }, [new Screen(2, "North wall", [new(0, 2), new(10, 2)], ScreenKind.Wall, 4, .2, 0), new Screen(3, "West wall", [new(3.5, -3), new(3.5, 2)], ScreenKind.Wall, 4, .2, 0)], [Passage]);
        SpotWind.At(plan, Passage, Handbook.Default).ShouldSatisfyAllConditions(w => w.Between.ShouldBeEmpty(), w => w.Speed.ShouldBe(25, 1e-9), w => w.Beyond.ShouldBeFalse());
        Blows(2).Beyond.ShouldBeTrue();
    }

    [Fact]
    public void A_narrower_gap_never_calms_the_wind()
    {
        var last = double.MaxValue;
        foreach (var gap in new[] { 1.05, 1.5, 2, 2.5, 3, 3.5, 4, 6 })
        {
            var now = Blows(gap).Speed;
            now.ShouldBeLessThanOrEqualTo(last + 1e-9, $"{gap} m");
            last = now;
        }
    }

    [Fact]
    public void What_stands_in_a_gap_is_held_against_its_gust_and_not_against_the_worst_row()
    {
        var plan = new GardenPlan(Shore, [Block(2, "Shed", 1.5, 3), Block(3, "Store", -3.5, 3)], [Passage]);
        var brief = Brief.Default.At(plan, Passage);
        brief.Exposure.ShouldBe(Exposure.Exposed);
        brief.Gust.Value.ShouldBe(32.5, 1e-9);
        brief.Gust.Meaning.ShouldBe("gust at Passage");
        // In the open it is the row, which a gardener may change.
        Brief.Default.At(plan with { Features = [] }, Passage).Gust.ConstantId.ShouldBe("wind.gust-exposed");
        Brief.Default.Gust.ConstantId.ShouldBe("wind.gust-open");
    }
}
