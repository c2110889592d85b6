using CsCheck;
using Metaplant.Core.Drainage;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Tests.Drainage;

public class HoleTests
{
    private const double MillimetresPerHour = 1e-3 / 3600;

    private static HoleSpacing Spacing(double h, double pad = 0) => HoleSpacing.Work(60 * MillimetresPerHour, 10 * MillimetresPerHour, .010, h, pad);

    [Fact]
    public void A_hole_of_ten_millimetres_lets_out_a_litre_and_a_quarter_a_minute() => (Orifice.Flow(.010, .010, .6) * 60000).Near(1.252);

    [Fact]
    public void In_ordinary_soil_the_way_into_the_hole_decides()
    {
        var spacing = Spacing(.050);
        spacing.BySoil.Near(.1436);
        spacing.ByEntry.Near(.0775);
        spacing.Spacing.Near(.0775);
        spacing.Ponds.ShouldBeFalse();
    }

    [Fact]
    public void Thirsty_plants_need_fewer_holes() => Spacing(.100).Spacing.Near(.1095);

    [Fact]
    public void A_coarse_pad_saves_holes()
    {
        Spacing(.050, pad: .060).ByEntry.Near(.1897);
        Spacing(.100, pad: .060).ByEntry.Near(.2683);
    }

    [Fact]
    public void Rain_faster_than_the_soil_ponds() => HoleSpacing.Work(.6 * MillimetresPerHour, 10 * MillimetresPerHour, .01, .05).Ponds.ShouldBeTrue();

    [Fact]
    public void More_rain_or_a_drier_foot_never_widens_the_spacing()
        => Gen.Select(Gen.Double[.1, 400], Gen.Double[1, 30], Gen.Double[.006, .03], Gen.Double[.02, .12]).Sample((k, q, d, h) =>
        {
            double Of(double rain, double wet) => HoleSpacing.Work(k * MillimetresPerHour, rain * MillimetresPerHour, d, wet).Spacing;
            Of(q * 1.2, h).ShouldBeLessThanOrEqualTo(Of(q, h) * (1 + 1e-9));
            Of(q, h * .8).ShouldBeLessThanOrEqualTo(Of(q, h) * (1 + 1e-9));
        });

    [Fact]
    public void A_box_gets_a_hole_in_every_cell() => HoleGrid.Work(new RectangleOutline(.5, .3), .1).Count.ShouldBe(15);

    [Fact]
    public void There_are_never_fewer_than_three_holes()
    {
        HoleGrid.Work(new RectangleOutline(.3, .2), 5).Count.ShouldBe(3);
        HoleGrid.Work(new CircleOutline(.3), 5).Count.ShouldBe(3);
    }

    [Fact]
    public void No_point_of_a_round_foot_is_farther_from_a_hole_than_the_spacing()
        => Gen.Select(Gen.Double[.2, 1], Gen.Double[.04, .2]).Sample((d, s) =>
        {
            var holes = HoleGrid.Work(new CircleOutline(d), s).Positions;
            foreach (var p in Enumerable.Range(0, 90).SelectMany(i => new[] { .33, .66, 1 }.Select(r => new Point(r * d / 2 * Math.Cos(i * Math.PI / 45), r * d / 2 * Math.Sin(i * Math.PI / 45)))))
                holes.Min(h => h.DistanceTo(p)).ShouldBeLessThanOrEqualTo(s * 1.01);
        }, iter: 40);

    [Fact]
    public void Holes_keep_clear_of_a_foot_and_stay_in_the_floor()
    {
        var floor = new RectangleOutline(.5, .3);
        KeepClear foot = new(new(0, 0), .05);
        var holes = HoleGrid.Work(floor, .1, .01, foot);
        holes.Count.ShouldBe(15);
        holes.Positions.ShouldAllBe(p => p.DistanceTo(foot.Centre) >= .055 - 1e-9 && floor.Contains(p));
    }
}
