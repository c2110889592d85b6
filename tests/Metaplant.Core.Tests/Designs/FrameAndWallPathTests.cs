using Metaplant.Core.Designs;
using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;
using static Metaplant.Core.Tests.Designs.Build;

namespace Metaplant.Core.Tests.Designs;

/// <summary>Trays on frames, arches, pots on a lattice, carts: each worked by hand to a thousandth, as docs/method.md has them.</summary>
public class FrameAndWallPathTests
{
    private static Check One(LoadPath path, string id, Brief? brief = null) => path.Work(brief ?? Firm).Single(c => c.Id == id);

    [Fact]
    public void Uprights_hold_the_sides_of_a_tray_and_lean_on_their_upper_screws()
    {
        // .30 m of soil, .90 m of side: 12 262.5 × .5 × .30 × .30² ÷ 6 × .90.
        var posts = new TrayUprights("upright", .30, .90, .045, .060, .050, .020, Condition.Sound);
        posts.Moment(Firm, LoadCase.Normal, 0).Total.Near(24.83);
        // 248.3 N of soil .10 m up, and the screws .05 m below: 37.25 N m. About its foot, .06 m lower, 52.15 N m over .06.
        posts.Moment(Firm, LoadCase.Normal, .05).Total.Near(37.25);
        One(posts, "uprights").Demand.Near(3.311e6);
        One(posts, "uprights").Utilisation!.Value.Near(.6149);
        One(posts, "upright-screws").Demand.Near(1173.3);
        One(posts, "upright-screws").Capacity.Near(1770);
        One(posts, "upright-screws").Utilisation!.Value.Near(.6630);
        // People press evenly, and half way up: p z²/2.
        var leaned = posts.Moment(Firm with { PeopleAtEdge = true }, LoadCase.Normal, 0);
        leaned.People.Near(.5 * 1000 * .30 * .30 / 2 * .90);
        // Half as far apart, half of it; a longer hold below pulls less.
        One(posts with { Spacing = .45 }, "uprights").Demand.Near(3.311e6 / 2);
        One(posts with { Lever = .12 }, "upright-screws").Demand.Near(1.35 * (37.25 + 248.3 * .12) / .12);
    }

    [Fact]
    public void A_floor_hung_by_screws_wants_rails_that_take_them()
    {
        var floor = new HungFloor("floor", "frame", new(0, 100), .5, 40, .020, (.060, .10), "C14");
        One(floor, "floor-hangs").Demand.Near(1324);
        One(floor, "floor-hangs").Capacity.Near(26230);
        One(floor, "floor-hangs").Utilisation!.Value.Near(.0505);
        One(floor, "floor-rail").Verdict.ShouldBe(Verdict.Sound);
        // Four diameters of a 6 mm screw on either side.
        One(floor with { Rail = (.047, .10) }, "floor-rail").Verdict.ShouldBe(Verdict.Fails);
        // A thread of less than six diameters is not counted on.
        One(floor with { Rail = (.060, .030) }, "floor-hangs").Verdict.ShouldBe(Verdict.Fails);
    }

    [Theory]
    [InlineData(false, Verdict.ProveFirst)]
    [InlineData(true, Verdict.Fails)]
    public void The_joints_of_an_old_frame_are_pushed_before_they_are_trusted(bool wobbles, Verdict verdict)
    {
        var check = One(new OwnJoints("frame", wobbles), "sway");
        check.Verdict.ShouldBe(verdict);
        check.Test.Count.ShouldBe(wobbles ? 0 : 2);
    }

    private static ArchRow Arches(double diameter = .022, double wall = .001, string stuff = "SteelTube", bool former = true, double deep = .60) => new(
        "arch", "stake", "line", 2.6, new(HoopArch.Of(2.6, 1.4), 1.4, .60), new(diameter, wall), stuff, former, .025, deep, .004, Math.PI / 4, Condition.Sound);

    [Fact]
    public void An_arch_of_tube_stands_in_a_gust_and_its_stakes_are_pulled()
    {
        // 2.6 m over 1.4: R .7198, rise .8876; 245.2 Pa × 1.2 × .8 on .8876 × .60.
        var row = Arches();
        row.Frame.Arch.Rise.Near(.8876);
        row.Force(Firm).Value.Near(125.4);
        One(row, "arch-wind").Demand.Near(41.73);
        One(row, "arch-wind").Capacity.Near(72.90);
        One(row, "arch-wind").Utilisation!.Value.Near(.5724);
        One(row, "uplift").Demand.Near(53.66 * Handbook.Default[Grounds.PegSafety]);
        row.OnStake(Firm).Value.Near(.75 * 125.4);
        One(row, "along").Demand.Near(131.5);
        One(row, "uplift", Firm with { Site = Site.Deck }).Verdict.ShouldBe(Verdict.AskAProfessional);
        // Twice as deep holds four times as much.
        One(Arches(deep: 1.2), "uplift").Capacity.Near(4 * One(row, "uplift").Capacity);
        // Worn, it takes less; farther apart, more comes on it.
        One(row with { Worn = Condition.Poor }, "arch-wind").Capacity.ShouldBeLessThan(72.9);
        One(row with { Frame = row.Frame with { Bay = 1.2 } }, "arch-wind").Demand.Near(2 * 41.73);
    }

    [Fact]
    public void What_springs_has_less_left_for_the_wind_and_what_is_bent_too_tightly_creases()
    {
        // 32 × 3 mm of polyethylene over R .7198: 17.78 MPa at first, two fifths of it after weeks.
        var pipe = Arches(.032, .003, "Polyethylene", former: false);
        One(pipe, "arch-bent").Demand.Near(.02223);
        One(pipe, "arch-bent").Verdict.ShouldBe(Verdict.Tight);
        One(pipe, "arch-wind").Capacity.Near(23.39);
        One(pipe, "arch-wind").Verdict.ShouldBe(Verdict.Fails);
        One(Arches(.040, .004, "Polyethylene", former: false), "arch-bent").Verdict.ShouldBe(Verdict.Fails);
        // Metal keeps all of it, and a rod bent beyond it has nothing left.
        One(Arches(.012, .006, "SteelRod", former: false), "arch-bent").Verdict.ShouldBe(Verdict.Fails);
        One(Arches(.012, .006, "SteelRod", former: false), "arch-wind").Capacity.ShouldBe(0);
        // Round a former it stays, and springs back a little.
        One(Arches(.012, .006, "SteelRod"), "arch-bent").Sums.Single(s => s.Title == "Former").Value.ShouldBeInRange(.4, .7198);
        One(Arches(.012, .006, "SteelRod"), "arch-bent").Verdict.ShouldBe(Verdict.Sound);
        // Thicker than a fifth of its former it creases, and plastic stays on none.
        One(Arches(.15, .002), "arch-bent").Verdict.ShouldBe(Verdict.Fails);
        One(Arches(.032, .003, "Polyethylene"), "arch-bent").Verdict.ShouldBe(Verdict.Fails);
    }

    [Fact]
    public void Pots_on_a_lattice_turn_it_about_its_foot_and_the_top_row_is_pulled_most()
    {
        // 60 kg at .18 m and a child: 1.35 × 588.6 × .18 + 1.5 × 500 × .2.
        var pots = new WallFixing("lattice", 60, .18, 1.6, 1.3, .4, .8, 1.2);
        const double Wind = 1.5 * 245.2 * 1.2 * 1.6 * 1.3 * 1.3 / 2;
        var moment = pots.Moment(Firm).Value - Wind;
        moment.Near(293.0);
        pots.OnRow(moment, 1.2).Near(157.0);
        pots.OnRow(moment, .4).Near(157.0 / 3);
        // The wind comes to that, and each of two is tested at twice what it gets.
        var check = One(pots, "fixing");
        check.Verdict.ShouldBe(Verdict.ProveFirst);
        check.Test[1].ToString().ShouldContain($"{pots.OnRow(pots.Moment(Firm).Value, 1.2):0}");
        check.Sums.Count.ShouldBe(4);
    }

    [Fact]
    public void A_lath_bends_under_a_pot_and_its_wire_is_pulled()
    {
        var lath = new PotOnLath("lattice", "wire", .30, .025, .0125, new(0, 5), .0022, "C14", Condition.Sound);
        One(lath, "lath").Demand.Near(3.814e6);
        One(lath, "lath").Utilisation!.Value.Near(3.814e6 / (14e6 * .5 / 1.3));
        One(lath, "pot-wire").Capacity.Near(7.603e-6 * 250e6 / 2);
        One(lath with { Pot = new(0, 10) }, "lath").Verdict.ShouldBe(Verdict.Fails);
        One(lath with { Thick = .025 }, "lath").Demand.Near(3.814e6 / 2);
    }

    [Fact]
    public void On_uneven_ground_one_wheel_carries_nothing_and_on_a_slope_it_wants_to_roll()
    {
        // 180 kg on four: 60 kg each of three; one in twenty: 88.18 N.
        var cart = new OnWheels("cart", new(0, 180), 4, .05, false);
        cart.OnOne(Firm).Value.Near(60);
        cart.Rolls(Firm).Value.Near(88.18);
        One(cart, "wheels").Verdict.ShouldBe(Verdict.ProveFirst);
        (cart with { OnBlocks = true }).Work(Firm).ShouldBeEmpty();
    }

    [Fact]
    public void Whoever_sits_on_an_edge_beyond_the_wheels_tips_what_is_light()
    {
        var edge = new SatOnEdge("cart", new(0, 100), (.10, .30), (.05, .60));
        One(edge, "sat-on").Demand.Near(100);
        One(edge, "sat-on").Utilisation!.Value.Near(100 / 264.9);
        One(edge with { Edges = [(.10, .30), (.30, .30)] }, "sat-on").Verdict.ShouldBe(Verdict.Fails);
        (edge with { Edges = [(0, .30)] }).Work(Firm).ShouldBeEmpty();
    }
}
