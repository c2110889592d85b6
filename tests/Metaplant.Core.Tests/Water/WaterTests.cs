using CsCheck;
using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Water;

namespace Metaplant.Core.Tests.Water;

public class WaterTests
{
    private static readonly SoilWater Tub = new(.096, .35, .14, .5);

    private static readonly Medium Mix = Media.Find(Handbook.Default, "topsoil-compost")!;

    [Fact]
    public void Use_falls_once_the_ready_water_is_gone_and_stops_at_wilting()
    {
        Tub.Stress(Tub.Ready).ShouldBe(1);
        Tub.Stress((Tub.Ready + Tub.Total) / 2).Near(.5);
        Tub.Stress(Tub.Total).ShouldBe(0);
    }

    [Fact]
    public void No_water_is_lost_or_made_over_a_day()
        => Gen.Select(Gen.Double[0, .02016], Gen.Double[0, .03], Gen.Double[0, .01], Gen.Double[0, .005]).Sample((depleted, rain, watered, use) =>
        {
            var (after, drained) = Tub.Day(depleted, rain, watered, use);
            after.ShouldBeInRange(0, Tub.Total + 1e-12);
            drained.ShouldBeGreaterThanOrEqualTo(0);
            if (after < Tub.Total) (depleted - after + Tub.Stress(depleted) * use).ShouldBe(rain + watered - drained, 1e-12);
        }, iter: 500);

    [Fact]
    public void A_new_plant_reaches_all_of_it_after_four_weeks()
    {
        SoilWater.Reached(.05, 0, 28).Near(.05);
        SoilWater.Reached(.05, 14, 28).Near(.525);
        SoilWater.Reached(.05, 40, 28).ShouldBe(1);
    }

    [Fact]
    public void A_timer_runs_as_long_as_the_hose_takes() => SoilWater.TimerMinutes(.012, .1e-3).Near(2);

    [Fact]
    public void There_is_no_sun_in_the_polar_night_and_no_growth_in_frost()
    {
        Evapotranspiration.ExtraterrestrialRadiation(80, 355).ShouldBe(0);
        Evapotranspiration.Hargreaves(20, -30, -20).ShouldBe(0);
        Evapotranspiration.ExtraterrestrialRadiation(-52, 355).ShouldBeGreaterThan(40);
    }

    [Fact]
    public void An_outlet_filter_grows_coarser_towards_the_outlet()
    {
        var openings = Outlet.FilterOpenings(.040, .001);
        openings.Count.ShouldBe(3);
        openings.Zip(openings.Skip(1)).ShouldAllBe(p => p.First > p.Second);
        openings[^1].ShouldBeLessThanOrEqualTo(.001);
        openings[0].ShouldBeLessThan(.040);
    }

    [Fact]
    public void A_first_water_test_gives_the_conductivity_back()
    {
        // Ten litres on a third of a square metre gone in half an hour.
        DrainDown.ConductivitySeen(.010, 1 / 3.0, 1800).Near(60e-3 / 3600);
        DrainDown.Time(.35, Mix).Near(5250);
    }

    [Fact]
    public void Liners_cores_and_orders()
    {
        Liner.Whole(1.0, .5, .4, .1).Near((1.0 + .8 + .2) * (.5 + .8 + .2));
        Liner.Walls(3.0, .4, .1).Near(3.1 * .5);
        WateringCore.ToFieldCapacity(.1, Mix).Near(.021);
        WateringCore.Reach(Mix, 3).Near(3 * Mix.WetLayer);
        Order.Infill(Handbook.Default, Fill.Logs, .2).Near(.08);
        Order.Infill(Handbook.Default, Fill.Compost, .2).ShouldBe(0);
        Order.Loose(Handbook.Default, 1, mulch: true).Near(1.3);
    }
}
