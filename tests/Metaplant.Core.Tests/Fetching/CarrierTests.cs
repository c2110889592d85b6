using Metaplant.Core.Drawing;
using Metaplant.Core.Fetching;
using Metaplant.Core.Geometry;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Tests.Fetching;

/// <summary>Whether what was seen goes into the car.</summary>
public class CarrierTests
{
    /// <summary>1200 mm long, 1000 mm wide, 800 mm high.</summary>
    private static readonly Carrier Car = new(1.2, 1, .8);

    /// <summary>Rims and handles, which nobody measures and the drawing shows.</summary>
    private const double Rim = .08 + 1e-9;

    public static TheoryData<string> Kinds => [.. SalvageKinds.All.Select(k => k.Id)];

    [Fact]
    public void A_drum_too_tall_to_stand_lies()
    {
        var told = Car.For(A.Thing("drum", measures: [("diameter", .58), ("height", .9)]).Measures.Bulk, 1);
        told.Fits.ShouldBe(true);
        told.Words.ToString().ShouldBe("It goes in.");
    }

    [Fact]
    public void What_goes_in_only_just_is_told_so()
        => Car.For(new Bulk(1.19, .3, .3), 1).Words.ToString().ShouldBe("It goes in, with 10 mm to spare: rims and handles stick out, so measure again.");

    [Fact]
    public void What_is_too_long_is_told_by_how_much()
    {
        var told = Car.For(A.Thing("board", measures: [("length", 2), ("width", .1), ("thickness", .02)]).Measures.Bulk, 6);
        told.Fits.ShouldBe(false);
        told.AtOnce.ShouldBe(0);
        told.Words.ToString().ShouldContain("800 mm too long");
    }

    [Theory]
    // 144 mm high each: five lie on each other in 800 mm.
    [InlineData(5, 5, "All 5 go in at once.")]
    [InlineData(9, 5, "5 of 9 go in at once, laid square; nested more may.")]
    public void Of_many_it_is_told_how_many_go_in_at_once(int count, int atOnce, string words)
    {
        var told = Car.For(new Bulk(1.16, .96, .144), count);
        told.AtOnce.ShouldBe(atOnce);
        told.Words.ToString().ShouldBe(words);
    }

    [Theory]
    [InlineData("film")]
    [InlineData("soil")]
    [InlineData("line")]
    public void Of_what_folds_or_pours_nobody_says_that_it_goes_in(string kind) => Car.For(A.Thing(kind).Measures.Bulk, 1).Fits.ShouldBeNull();

    [Fact]
    public void A_pallet_too_large_is_prised_apart_where_it_lies_and_fumigated_it_is_not()
    {
        var small = new Carrier(1.25, .6, .4);
        var pallet = A.Thing("pallet", findings: [Findings.HeatMark]);
        small.For(pallet.Measures.Bulk, 1).Fits.ShouldBe(false);
        var ways = small.Apart(pallet, Inspection.Judge(pallet, HouseRules.Default));
        ways.ShouldNotBeEmpty();
        ways.SelectMany(w => w.Yields).ShouldAllBe(y => y.Length <= 1.25 && y.Width <= .6);
        var sealed_ = Inspection.Judge(pallet, HouseRules.Default) with { MayCut = false };
        small.Apart(pallet, sealed_).ShouldAllBe(w => !w.Cuts);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_box_round_a_thing_is_no_smaller_than_it_is_drawn(string kind)
    {
        var thing = A.Thing(kind);
        // Sticks are drawn fanned out and carried tied.
        if (thing.Measures.Bulk is not { } bulk || thing.Measures is ISticks) return;
        double[] sides = [.. new[] { bulk.Length, bulk.Width, bulk.Height }.OrderDescending()];
        var corners = thing.Kind.Silhouette(thing.Measures).SelectMany(CornersOf).ToList();
        double[] drawn = [.. new[] { corners.Max(c => c.X) - corners.Min(c => c.X), corners.Max(c => c.Y) - corners.Min(c => c.Y) }.OrderDescending()];
        drawn[0].ShouldBeLessThanOrEqualTo(sides[0] + Rim);
        drawn[1].ShouldBeLessThanOrEqualTo(sides[1] + Rim);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Of_what_is_measured_inside_the_walls_count_as_well(string kind)
    {
        var measures = A.Thing(kind).Measures;
        if (measures is not IVessel vessel || measures.Bulk is not { } bulk) return;
        var rim = vessel.Inside.SectionAt(vessel.Inside.Height);
        bulk.Length.ShouldBeGreaterThanOrEqualTo(rim.Length + 2 * vessel.Wall - 1e-9);
        bulk.Width.ShouldBeGreaterThanOrEqualTo(rim.Width + 2 * vessel.Wall - 1e-9);
        bulk.Height.ShouldBeGreaterThan(vessel.Inside.Height);
    }

    [Fact]
    public void However_it_is_turned_as_many_go_in_as_can_be_laid_in_rows()
    {
        var random = new Random(5);
        double Side(double most) => Math.Round(.1 + most * random.NextDouble(), 3);
        for (var i = 0; i < 500; i++)
        {
            var (car, box, count) = (new Carrier(Side(2), Side(1.4), Side(1)), new Bulk(Side(1.2), Side(.8), Side(.5)), random.Next(1, 9));
            double[] sides = [box.Length, box.Width, box.Height];
            var most = 0;
            foreach (var a in Enumerable.Range(0, 3))
            {
                foreach (var b in Enumerable.Range(0, 3).Where(b => b != a)) most = Math.Max(most, Rows(car.Length, sides[a]) * Rows(car.Width, sides[b]) * Rows(car.Height, sides[3 - a - b]));
            }

            var told = car.For(box, count);
            told.Fits.ShouldBe(most > 0, $"{i}");
            // Only just in, one at a time.
            told.AtOnce.ShouldBe(told.Words.ToString().Contains("to spare", StringComparison.Ordinal) ? 1 : Math.Min(most, count), $"{i}");
        }

        static int Rows(double room, double side)
        {
            var rows = 0;
            while ((rows + 1) * side <= room + 1e-9) rows++;
            return rows;
        }
    }

    private static IEnumerable<Point> CornersOf(Shape shape) => shape switch
    {
        Polygon p => p.Points,
        Polyline l => l.Points,
        Disc d => [new(d.Centre.X - d.Radius, d.Centre.Y - d.Radius), new(d.Centre.X + d.Radius, d.Centre.Y + d.Radius)],
        _ => [],
    };

    [Theory]
    [InlineData(.05, 1, 1, "length")]
    [InlineData(1, 13, 1, "width")]
    [InlineData(1, 1, double.NaN, "height")]
    public void What_no_load_space_can_be_is_told_at_its_field(double length, double width, double height, string field)
        => new Carrier(length, width, height).Problems().Select(p => p.Field).ShouldBe([field]);
}
