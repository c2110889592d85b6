using CsCheck;
using Metaplant.Core.Designs;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Tests.Reinforcement;

public class ScrewAndConeTests
{
    [Fact]
    public void A_screw_through_a_pallet_board_into_a_bearer()
    {
        var joint = new ScrewJoint(.018, .038, .0033, 290, 290, Predrilled: true);
        joint.Characteristic.Near(669.6);
        joint.Weakest.Mode.ShouldBe('d');
        joint.Design(Timbers.Get(Handbook.Default, "C14"), LoadCase.Normal).Near(257.5);
    }

    [Fact]
    public void End_grain_leaves_a_third() => new ScrewJoint(.018, .038, .0033, 290, 290, true, EndGrain: true).Characteristic.Near(669.6 / 3);

    [Fact]
    public void Denser_wood_never_holds_a_screw_worse()
        => Gen.Double[250, 600].Sample(rho => new ScrewJoint(.02, .04, .004, rho + 10, rho + 10, true).Characteristic.ShouldBeGreaterThan(new ScrewJoint(.02, .04, .004, rho, rho, true).Characteristic));

    [Fact]
    public void A_screw_too_short_to_bite_is_not_counted_when_it_is_pulled() => ScrewWithdrawal.Characteristic(4, .006, .030, 290).ShouldBe(0);

    [Fact]
    public void Screws_in_a_group_hold_less_than_each_alone()
        => ScrewWithdrawal.Characteristic(4, .006, .05, 290).ShouldBeLessThan(4 * ScrewWithdrawal.Characteristic(1, .006, .05, 290));

    [Fact]
    public void A_drum_of_wet_soil_is_stretched() => ShellWalls.HoopTension(EarthPressure.At(.45, WallKind.Braced, new(15000, 17000, 30, 0)), .27).Near(911);

    [Fact]
    public void A_square_plate_under_even_load_has_the_stress_of_the_table()
        => ShellWalls.PlateStress(1, 1, .01, 2000).Near(1.1 * .2874 * 1000 / 1e-4);

    [Fact]
    public void The_sticks_of_a_cone() => Cone.StickLength(1.7, .35, .15, .15).Near(2.042);

    [Fact]
    public void The_line_to_wind_a_cone() => Cone.Twine(4, .35, 1.7, 7, .1, 1, .022).Near(12.462);

    [Theory]
    [InlineData(3, .525)]
    [InlineData(4, .4950)]
    [InlineData(5, .6332)]
    [InlineData(6, .6062)]
    public void The_far_leg_of_a_cone(int legs, double far) => Cone.FarLeg(legs, .35).Near(far);

    [Fact]
    public void A_cone_in_the_wind_pulls_at_its_far_leg() => Cone.Uplift(3, .35, 40, .9, 30).Near(58.6);

    [Fact]
    public void A_gust_of_twenty_metres_a_second() => Wind.Pressure(20).Near(245.2);

    [Fact]
    public void A_peg_as_deep_as_the_remedy_says_holds_the_pull()
        => Gen.Select(Gen.Double[10, 500], Gen.Double[.02, .08]).Sample((pull, d) => Stake.PullOut(d, Stake.EmbedmentFor(pull, d, 18000, 20), 18000, 20).Near(pull, 1e-9));

    // Topsoil and compost: 12 262.5 N/m³, K₀ .5.
    private const double PushAtFortyCentimetres = .5 * 12262.5 * .4 * .4 / 2;

    [Theory]
    [InlineData(2, 1.25)]
    [InlineData(3, 1.10)]
    [InlineData(5, 1.10)]
    public void A_tie_takes_more_than_its_share_of_the_wall(int spans, double more)
        => TieForce.Of(.4, .6, spans, Brief.Default, LoadCase.Normal).Total.Near(PushAtFortyCentimetres * .6 * more);

    [Fact]
    public void People_at_the_edge_count_by_their_own_factor_on_a_tie()
    {
        var (alone, crowded) = (TieForce.Of(.4, .6, 2, Brief.Default, LoadCase.Normal), TieForce.Of(.4, .6, 2, Brief.Default with { PeopleAtEdge = true }, LoadCase.Normal));
        crowded.Soil.Near(alone.Soil);
        crowded.People.Near(.5 * 1000 * .4 * .6 * 1.25 * 1.5 / 1.35);
    }

    [Fact]
    public void A_corner_takes_half_the_span_of_each_wall()
    {
        var checks = new CornerScrews("corner", .4, 1.2, .6, 8, .018, .045, "C14").Work(Brief.Default).ToDictionary(c => c.Id);
        checks["corner-pull"].Demand.Near(1.35 * PushAtFortyCentimetres * .6);
        checks["corner"].Demand.Near(1.35 * PushAtFortyCentimetres * .3);
        // EN 1995-1-1 8.7.2: 42 mm of 6 mm thread in C14, eight of them, and k_mod/γ_M.
        checks["corner-pull"].Capacity.Near(Math.Min(Math.Pow(8, .9) * .52 * Math.Pow(6, -.5) * Math.Pow(42, -.1) * Math.Pow(290, .8) * 6 * 42 * .75, 8 * 10e6 * .012 * .012 * Math.Pow(290.0 / 350, .8)) * .5 / 1.3);
    }

    /// <summary>engineering.md 12: what the farthest of n feet takes of the uplift when those that lift share it.</summary>
    [Theory]
    [InlineData(4, .5)]
    [InlineData(7, 1 / 2.54)]
    [InlineData(8, 1 / 3.17)]
    public void Feet_share_the_uplift_by_their_distance(int legs, double share) => (Cone.ShareOfFarFoot(legs, .35) * Cone.FarLeg(legs, .35)).Near(share);

    [Fact]
    public void A_stick_of_a_cone_bends_under_its_share_of_the_wind()
    {
        // q 245.2 Pa, drag 1.2, leaves .8, outline (r + s) H; M = 1.5 F L/8n on the thinnest third.
        var bending = new ConeSticks("stick", 3, .35, 1.7, .006, .3, Condition.Sound, "C14").Work(Brief.Default).Single(c => c.Id == "stick-bending");
        var wind = 245.2 * 1.2 * .8 * (.35 + .3) * 1.7;
        bending.Demand.Near(32 * 1.5 * wind * Math.Sqrt(1.7 * 1.7 + .35 * .35) / (8 * 3) / (Math.PI * Math.Pow(.006, 3)));
        bending.Capacity.Near(9.692e6);
        bending.Verdict.ShouldBe(Verdict.Fails);
        bending.Utilisation!.Value.ShouldBeGreaterThan(50);
    }
}
