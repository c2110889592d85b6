using Metaplant.Core.Geometry;

namespace Metaplant.Core.Tests.Geometry;

/// <summary>Vessels of no regular shape: a dinghy, a copper, a tyre, what is only known by the buckets it took.</summary>
public class FreeFormTests
{
    [Fact]
    public void A_round_tub_measured_at_three_heights_holds_what_the_formula_says()
    {
        FreeForm tub = new([new(0, new CircleOutline(.48)), new(.21, new CircleOutline(.54)), new(.42, new CircleOutline(.60))]);
        tub.Volume.Near(.096585);
        tub.VolumeTo(.21).Near(new RoundTub(.60, .48, .42).VolumeTo(.21));
    }

    [Fact]
    public void More_sections_than_three_go_piece_by_piece()
    {
        // A cylinder on a cone: no one parabola fits it, two do.
        FreeForm vessel = new([.. new[] { 0, .1, .2, .3, .4 }.Select(y => new MeasuredSection(y, new CircleOutline(y <= .2 ? .2 + y : .4)))]);
        vessel.Volume.Near(new RoundTub(.4, .2, .2).Volume + Math.PI * .04 * .2);
        vessel.HeightFor(vessel.VolumeTo(.33))!.Value.Near(.33, 1e-6);
    }

    [Fact]
    public void A_dinghy_is_drawn_and_planted_by_its_nearest_section()
    {
        FreeForm dinghy = new([new(0, new EllipseOutline(1.6, .5)), new(.25, new EllipseOutline(2.2, 1.0)), new(.5, new EllipseOutline(2.4, 1.2))]);
        dinghy.SectionAt(.5).Area.Near(Math.PI / 4 * 2.4 * 1.2);
        dinghy.AreaAt(.4).ShouldBeInRange(Math.PI / 4 * 2.2 * 1.0, Math.PI / 4 * 2.4 * 1.2);
        dinghy.SectionAt(.4).Area.Near(dinghy.AreaAt(.4));
    }

    [Fact]
    public void Counted_buckets_fill_evenly() => new PouredVessel(.120, .3).VolumeTo(.1).Near(.040);

    [Fact]
    public void A_tyre_holds_its_rim_and_most_of_the_hollow_beyond()
    {
        Tyre tyre = new(.63, .381, .185);
        var rim = Math.PI / 4 * .381 * .381 * .185;
        var all = Math.PI / 4 * .60 * .60 * .185;
        tyre.Volume.ShouldBeInRange(rim, all);
        tyre.Volume.Near(rim + .75 * (all - rim));
    }

    [Fact]
    public void An_ellipse_as_wide_as_long_is_a_circle()
    {
        EllipseOutline round = new(.6, .6);
        round.Area.Near(new CircleOutline(.6).Area);
        round.Perimeter.Near(new CircleOutline(.6).Perimeter);
        new EllipseOutline(2, 1).HalfChordAt(.25).Near(Math.Sqrt(.75));
        new EllipseOutline(.2, .1).InsetBy(.06).ShouldBeNull();
    }
}
