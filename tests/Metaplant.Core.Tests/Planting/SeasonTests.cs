using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Planting;

namespace Metaplant.Core.Tests.Planting;

/// <summary>When crops are begun and picked, and what still works when one begins late, as worked with a pencil in docs/method.md.</summary>
public class SeasonTests
{
    private static readonly FrostFree Slipway = new(118, 297);
    private static readonly DateOnly Saturday = new(2026, 6, 13);
    private static readonly WorkAhead Ahead = new(10, 0, 5, 5, 0);

    private static Crop Crop(string id) => Crops.Find(Handbook.Default, id)!;

    [Fact]
    public void Dwarf_beans_are_in_time_and_the_last_day_to_begin_is_told_with_each_day_of_work()
    {
        SeasonPlan.LastInFull(Crop("dwarf-bean"), Slipway).ShouldBe(207);
        var plan = InTime.Of(Crop("dwarf-bean"), Saturday, Slipway, Ahead, WorkDays.Saturdays);
        plan.LastBegin.ShouldBe(new DateOnly(2026, 7, 11));
        plan.Latest!.Build.ShouldBe([new(2026, 7, 11), new(2026, 7, 18)]);
        plan.Latest.Order.ShouldBe(new DateOnly(2026, 7, 20));
        plan.Latest.Fill.ShouldBe([new DateOnly(2026, 7, 25)]);
        plan.Latest.Ready.ShouldBe(new DateOnly(2026, 7, 26));
    }

    [Fact]
    public void Tomatoes_from_seed_are_too_late_and_bought_plants_still_bear_for_part_of_their_time()
    {
        SeasonPlan.LastInFull(Crop("tomato"), Slipway).ShouldBe(162);
        var plan = InTime.Of(Crop("tomato"), Saturday, Slipway, Ahead, WorkDays.Saturdays);
        plan.LastBegin.ShouldBeNull();
        var late = plan.Late.ShouldNotBeNull();
        (late.Planted, late.Picked, late.Cleared).ShouldBe((178, 243, 297));
        late.Share.ShouldBe(54 / 70.0, 1e-9);
        late.YieldEach.ShouldBe(.77 * 2.5, .01);
    }

    [Fact]
    public void What_is_sown_when_it_is_filled_at_last_and_picked_before_the_frost_still_works()
    {
        string[] works = [.. Crops.In(Handbook.Default).Where(c => c.Raising != Raising.SetOut && SeasonPlan.From(c, 178, Slipway) is { Share: 1 }).Select(c => c.Id)];
        foreach (var id in (string[])["radish", "rocket", "beetroot", "pak-choi"]) works.ShouldContain(id);
        works.ShouldNotContain("parsnip");
        SeasonPlan.From(Crop("beetroot"), 178, Slipway)!.Picked.ShouldBe(253);
    }

    [Fact]
    public void A_short_season_gives_half_of_the_tomatoes_a_few_melons_and_never_a_sweet_potato()
    {
        FrostFree high = new(150, 250);
        SeasonPlan.FirstPlanting(Crop("tomato"), high, 5).ShouldBe(150);
        var tomato = SeasonPlan.From(Crop("tomato"), 150, high).ShouldNotBeNull();
        (tomato.Sown, tomato.Picked, tomato.YieldEach).ShouldBe((100, 215, 1.25));
        var melon = SeasonPlan.From(Crop("melon"), 150, high).ShouldNotBeNull();
        (melon.Picked, melon.Cleared - melon.Picked).ShouldBe((240, 10));
        SeasonPlan.From(Crop("sweet-potato"), 150, high).ShouldBeNull();
        SeasonPlan.LastInFull(Crop("radish"), high).ShouldBe(212);
    }

    /// <summary>The backward plan, run forward from the day it begins on, is ready in time; begun a working day later it is not.</summary>
    [Fact]
    public void A_plan_from_the_harvest_back_run_forward_arrives_on_the_day()
    {
        var random = new Random(8);
        for (var i = 0; i < 2000; i++)
        {
            WorkDays days = new([.. Enum.GetValues<DayOfWeek>().Where(_ => random.Next(3) == 0).DefaultIfEmpty(DayOfWeek.Sunday)], 1 + 6 * random.NextDouble());
            WorkAhead work = new(20 * random.NextDouble(), random.Next(4), 10 * random.NextDouble(), random.Next(15), random.Next(20));
            var planted = new DateOnly(2026, 1, 1).AddDays(random.Next(365));
            var back = WorkPlan.Backward(planted, work, days);
            WorkPlan.Forward(back.Begin, work, days).Ready.ShouldBeLessThanOrEqualTo(planted, $"{work} {back}");
            if (back.Build.Count > 0 && back.Begin == back.Build[0]) WorkPlan.Forward(back.Begin.AddDays(1), work, days).Build[0].ShouldBeGreaterThan(back.Build[0]);
            back.Build.Concat(back.Fill).ShouldAllBe(d => days.Days.Contains(d.DayOfWeek));
            back.Build.Concat(back.Fill).ShouldBeInOrder();
        }
    }

    [Fact]
    public void More_days_never_take_a_crop_away_and_never_give_less_of_it()
    {
        foreach (var crop in Crops.In(Handbook.Default))
        {
            var last = -1.0;
            for (var frost = 150; frost <= 360; frost++)
            {
                var given = SeasonPlan.From(crop, 130, new(118, frost))?.Share ?? -1;
                given.ShouldBeGreaterThanOrEqualTo(last, crop.Id);
                last = given;
            }
        }
    }

    [Theory]
    [InlineData(5, 118)]
    [InlineData(9, 131)]
    public void The_last_frost_is_told_by_its_odds(int ofTen, int day) => Slipway.LastIn(ofTen, 10).ShouldBe(day);
}
