using CsCheck;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Tests.Geometry;

public class LatticeTests
{
    private static readonly Gen<(double Length, double Width, double Spacing)> Beds = Gen.Select(Gen.Double[.2, 3], Gen.Double[.2, 2], Gen.Double[.08, .6]);

    [Fact]
    public void A_bed_of_four_by_three_steps_takes_five_by_four_in_squares()
        => Lattice.Fill(new RectangleOutline(1.2, .9), .3, .3).Count.ShouldBeGreaterThanOrEqualTo(20);

    [Fact]
    public void Nothing_closer_than_its_spacing() => Beds.Sample((l, w, s) =>
    {
        var points = Lattice.Fill(new RectangleOutline(l, w), s, s).Positions;
        for (var i = 0; i < points.Count; i++)
        {
            for (var j = i + 1; j < points.Count; j++) points[i].DistanceTo(points[j]).ShouldBeGreaterThan(s - 1e-6);
        }
    }, iter: 60);

    [Fact]
    public void Never_fewer_than_squares_along_the_edges_and_never_more_than_Oler_allows() => Beds.Sample((l, w, s) =>
    {
        var bed = new RectangleOutline(l, w);
        var count = Lattice.Fill(bed, s, s).Count;
        count.ShouldBeGreaterThanOrEqualTo((int)(Math.Floor(l / s) + 1) * (int)(Math.Floor(w / s) + 1));
        ((double)count).ShouldBeLessThanOrEqualTo(Lattice.OlerBound(bed, s) + 1e-6);
    });

    [Fact]
    public void A_round_tub_takes_no_fewer_than_the_best_of_many_square_grids_laid_on_it() => Gen.Select(Gen.Double[.2, 1.2], Gen.Double[.08, .4]).Sample((d, s) =>
    {
        var count = Lattice.Fill(new CircleOutline(d), s, s).Count;
        var best = 0;
        for (var i = 0; i < 12; i++)
        {
            for (var j = 0; j < 12; j++) best = Math.Max(best, SquaresIn(d, s, i * s / 12, j * s / 12));
        }

        count.ShouldBeGreaterThanOrEqualTo(best);
        ((double)count).ShouldBeLessThanOrEqualTo(Lattice.OlerBound(new CircleOutline(d), s) + 1e-6);
    }, iter: 60);

    [Fact]
    public void Every_plant_stands_inside() => Gen.Select(Gen.Double[.2, 1.2], Gen.Double[.05, .5]).Sample((d, s)
        => Lattice.Fill(new CircleOutline(d), s, s).Positions.ShouldAllBe(p => p.DistanceTo(default) <= d / 2 + 1e-6), iter: 60);

    private static int SquaresIn(double diameter, double spacing, double x, double y)
    {
        var n = 0;
        for (var i = -20; i <= 20; i++)
        {
            for (var j = -20; j <= 20; j++)
            {
                if (new Point(x + i * spacing, y + j * spacing).DistanceTo(default) <= diameter / 2) n++;
            }
        }

        return n;
    }
}
