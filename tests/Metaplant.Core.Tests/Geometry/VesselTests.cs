using CsCheck;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Tests.Geometry;

/// <summary>Volumes beside the worked examples, and what must be true of any vessel.</summary>
public class VesselTests
{
    private static readonly RoundedTrough RinseTrough = new(new(1.20, .45, .15), new(1.35, .55, .20), new(1.50, .65, .25), .38);

    [Fact]
    public void A_round_tub_holds_what_the_textbook_says() => new RoundTub(.60, .48, .42).Volume.Near(.096585);

    [Fact]
    public void A_tub_holds_as_much_upside_down() => new RoundTub(.48, .60, .42).Volume.Near(new RoundTub(.60, .48, .42).Volume, 1e-12);

    [Fact]
    public void A_tapered_box_holds_what_the_textbook_says() => new TaperedBox(.56, .36, .50, .30, .28).Volume.Near(.049056);

    [Fact]
    public void A_rounded_trough_holds_what_the_textbook_says() => RinseTrough.Volume.Near(.270730);

    [Fact]
    public void A_straight_tub_is_a_cylinder() => new RoundTub(.5, .5, .4).Volume.Near(Math.PI / 4 * .25 * .4, 1e-12);

    [Fact]
    public void An_empty_vessel_holds_nothing() => RinseTrough.VolumeTo(0).ShouldBe(0);

    [Fact]
    public void More_than_it_holds_has_no_level() => RinseTrough.HeightFor(.3).ShouldBeNull();

    [Fact]
    public void A_level_above_the_rim_is_a_mistake_in_the_program() => Should.Throw<ArgumentOutOfRangeException>(() => RinseTrough.VolumeTo(.5));

    [Fact]
    public void The_level_for_a_volume_gives_the_volume_back()
        => Gen.Select(Gen.Double[.1, 2], Gen.Double[.1, 2], Gen.Double[.05, 1.5], Gen.Double[0, 1]).Sample((top, bottom, height, part) =>
        {
            var tub = new RoundTub(top, bottom, height);
            var level = tub.HeightFor(part * tub.Volume)!.Value;
            tub.VolumeTo(Math.Min(level, height)).ShouldBe(part * tub.Volume, 1e-7);
        });

    [Fact]
    public void A_higher_level_never_holds_less()
        => Gen.Select(Gen.Double[0, 1], Gen.Double[0, 1]).Sample((a, b) => RinseTrough.VolumeTo(Math.Min(a, b) * .38).ShouldBeLessThanOrEqualTo(RinseTrough.VolumeTo(Math.Max(a, b) * .38)));

    [Fact]
    public void Twice_the_size_is_eight_times_the_volume()
        => Gen.Select(Gen.Double[.1, 1], Gen.Double[.1, 1], Gen.Double[.1, 1]).Sample((a, b, h) => new RoundTub(2 * a, 2 * b, 2 * h).Volume.Near(8 * new RoundTub(a, b, h).Volume, 1e-9));
}
