using System.Globalization;
using System.Text.RegularExpressions;
using Metaplant.Core.Designs;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Places;

/// <summary>A planter is brought from the plan onto the ground with two tapes and a string.</summary>
public partial class SettingOutTests
{
    private static readonly House Shed = new(11, "Shed", [new(4, 3), new(8, 3), new(8, 5), new(4, 5)], 3);
    private static readonly Screen Wall = new(10, "Yard wall", [new(0, 8), new(14, 8)], ScreenKind.Wall, 2, .2, 0);
    private static readonly Spot Ground = new(1, "Ground", [new(0, 0), new(14, 0), new(14, 8), new(0, 8)], Site.Soil, "firm-sand", null, "", false, 0, null, [], null);
    private static readonly GardenPlan Yard = new(new(52.4, 14, 90, Exposure.Open, null, null, null), [Shed, Wall], [Ground]);

    private static StandingPlanter Bed(double x, double y, double turned = 0, double length = 2, double width = 1, double height = .4, double? mass = 500) => new(1, "Bed", 1, new(x, y), turned, new(length, width, height, length * width, false), mass);

    private static SettingOut Pegs(StandingPlanter bed, GardenPlan? plan = null) => SettingOut.Of(plan ?? Yard, bed, []);

    [Fact]
    public void Wherever_it_stands_two_tapes_on_their_side_meet_at_each_corner_and_run_through_no_wall()
    {
        var random = new Random(7);
        for (var i = 0; i < 300; i++)
        {
            var bed = Bed(1 + 12 * random.NextDouble(), .8 + random.NextDouble(), 360 * random.NextDouble());
            var pegs = Pegs(bed);
            foreach (var (peg, corner) in pegs.Pegs.Zip(bed.Corners))
            {
                Met(pegs, peg).DistanceTo(corner).ShouldBeLessThan(1e-6);
                foreach (var fixedPoint in new[] { pegs.First, pegs.Second }) Crosses(Shed.Points, fixedPoint.At, corner).ShouldBeFalse($"{fixedPoint.Name} to {corner}");
            }
        }
    }

    /// <summary>By plain circles, from the two fixed points.</summary>
    private static Point Met(SettingOut pegs, Peg peg)
    {
        Point a = pegs.First.At, b = pegs.Second.At;
        var apart = a.DistanceTo(b);
        Point u = new((b.X - a.X) / apart, (b.Y - a.Y) / apart);
        var along = (peg.FromFirst * peg.FromFirst - peg.FromSecond * peg.FromSecond + apart * apart) / (2 * apart);
        var off = Math.Sqrt(Math.Max(0, peg.FromFirst * peg.FromFirst - along * along)) * (peg.Right ? -1 : 1);
        return new(a.X + u.X * along - u.Y * off, a.Y + u.Y * along + u.X * off);
    }

    /// <summary>Whether the middle part of a tape lies within a figure, looked at every centimetre.</summary>
    private static bool Crosses(IReadOnlyList<Point> box, Point from, Point to)
    {
        const double Skin = .05;
        var steps = (int)(from.DistanceTo(to) * 100);
        double x0 = box.Min(p => p.X) + Skin, x1 = box.Max(p => p.X) - Skin, y0 = box.Min(p => p.Y) + Skin, y1 = box.Max(p => p.Y) - Skin;
        return Enumerable.Range(0, steps + 1).Select(i => (double)i / Math.Max(1, steps)).Any(t => from.X + (to.X - from.X) * t is var x && from.Y + (to.Y - from.Y) * t is var y && x > x0 && x < x1 && y > y0 && y < y1);
    }

    [Fact]
    public void Tapes_that_cross_square_are_taken_before_those_that_cross_flat_and_what_is_flat_is_said()
    {
        // Beside the base line its ends see every corner nearly in one line; the shed and the wall do not.
        var beside = Pegs(Bed(7, .7));
        beside.Pegs.Max(p => p.Astray).ShouldBeLessThan(3);
        beside.Remarks.ShouldNotContain(r => r.ToString().Contains("flat", StringComparison.Ordinal));
        var bare = Pegs(Bed(7, .7), Yard with { Features = [] });
        bare.First.Name.ToString().ShouldStartWith("A,");
        bare.Pegs.Max(p => p.Astray).ShouldBeGreaterThan(3);
        bare.Remarks.ShouldContain(r => r.ToString().Contains("tapes cross flat", StringComparison.Ordinal));
        FixedPoint.Astray(new(0, 0), new(2, 0), new(1, 1)).ShouldBe(Math.Sqrt(2), 1e-12);
        FixedPoint.Astray(new(0, 0), new(2, 0), new(1, 0)).ShouldBe(double.PositiveInfinity);
    }

    [Fact]
    public void Walled_in_all_round_it_is_said_that_no_two_points_see_it()
    {
        // Two courts within walls with one bend each, far from every end: no tape gets in, and one gets round.
        var court = new Screen(12, "Court", [new(9, 1), new(13, 1), new(13, 5), new(9, 5), new(9, 1)], ScreenKind.Wall, 2, .1, 0);
        var inner = court with { Name = "Inner court", Points = [new(10, 2), new(12, 2), new(12, 4), new(10, 4), new(10, 2)] };
        Pegs(Bed(11, 3, length: .8, width: .6), Yard with { Features = [court] }).Remarks.ShouldNotContain(r => r.ToString().Contains("every pair", StringComparison.Ordinal));
        Pegs(Bed(11, 3, length: 3, width: 1), Yard with { Features = [court, inner] }).Remarks.ShouldContain(r => r.ToString().Contains("every pair", StringComparison.Ordinal));
    }

    [Fact]
    public void The_triangle_is_square_and_lies_along_both_sides()
    {
        foreach (var (l, w) in new[] { (2.0, 1.0), (1.0, 2.0), (.6, .6), (5, .4), (1.2, .9) })
        {
            var t = Triangle.Within(l, w)!;
            double.Hypot(t.Short, t.Long).ShouldBe(t.Across, 1e-9);
            t.Long.ShouldBeLessThanOrEqualTo(Math.Max(l, w) + 1e-9);
            t.Short.ShouldBeLessThanOrEqualTo(Math.Min(l, w) + 1e-9);
        }

        Triangle.Within(1.2, .9)!.Across.ShouldBe(1.5, 1e-9);
        Triangle.Within(2, .25).ShouldBeNull();
        Pegs(Bed(7, 1.2)).Diagonal.ShouldBe(Math.Sqrt(5), 1e-12);
    }

    [Fact]
    public void A_pipe_is_marked_before_a_peg_is_driven_and_none_on_the_plan_is_no_promise()
    {
        string Said(params Feature[] more) => string.Join(" ", Pegs(Bed(7, 1.2), Yard with { Features = [.. Yard.Features, .. more] }).Remarks);
        Said().ShouldContain("does not mean that there is none");
        Said(new Buried(20, "Water pipe", [new(0, 1), new(14, 1)])).ShouldStartWith("Water pipe runs under it.");
        Said(new Buried(20, "Water pipe", [new(0, .2), new(14, .2)])).ShouldContain("runs 500 mm from it");
        Said(new Buried(20, "Water pipe", [new(0, 6), new(14, 6)])).ShouldContain("does not mean that there is none");
    }

    [Fact]
    public void On_a_slope_the_peg_down_it_is_lower_by_the_slope_and_along_a_wall_the_gap_is_told()
    {
        // The base line runs east; south is to its right.
        var sloping = Yard with { Spots = [Ground with { Slope = .1, FallsTo = 180 }] };
        Pegs(Bed(7, 1.2), sloping).Pegs.Select(p => Math.Round(p.Lower, 6)).ShouldBe([.1, .1, 0, 0]);
        Pegs(Bed(7, 1.2)).Pegs.ShouldAllBe(p => p.Lower == 0);
        Pegs(Bed(11, 7)).Remarks.ShouldContain(r => r.ToString() == "From Yard wall to the string between pegs 3 and 4 there are 400 mm: the quickest check of all.");
    }

    [Fact]
    public void Posts_are_told_from_peg_one_each_within_the_string()
    {
        var fit = Yards.First("upright-bed");
        var (posts, size) = (SettingOut.Posts(fit.Blueprint.Scene()), Footprint.Of(fit));
        posts.ShouldNotBeEmpty();
        var set = SettingOut.Of(Yard, Bed(7, 2, length: size.Length, width: size.Width), posts);
        set.Stakes.Count.ShouldBe(posts.Count);
        set.Stakes.ShouldAllBe(s => s.Along >= 0 && s.Along <= size.Length && s.In >= 0 && s.In <= size.Width);
        // A bed is alike from both ends, and so are its posts.
        set.Stakes.Average(s => s.Along).ShouldBe(size.Length / 2, .02);
        SettingOutView.Of(Yard, Bed(7, 2), set).Shapes.Count.ShouldBeGreaterThan(10);
    }

    [Fact]
    public void A_tall_planter_is_told_whose_sun_it_takes_and_a_low_one_takes_none()
    {
        var low = Bed(7, 2) with { Project = 2, Name = "Low bed" };
        string[] Taken(StandingPlanter tall) => [.. Placement.Of(Yard, tall, [tall, low], Handbook.Default).Where(r => r.About == "shade").Select(r => r.Words.ToString())];
        // South of it, between it and the noon.
        Taken(Bed(7, .75, height: 1.8, width: .6)).ShouldHaveSingleItem().ShouldContain("of sun a day from Low bed.");
        Taken(Bed(7, .75, height: 1.8, width: .6, mass: null)).ShouldHaveSingleItem().ShouldContain("once it is grown over");
        Taken(Bed(7, .75, height: .4, width: .6)).ShouldBeEmpty();
        Taken(Bed(1.5, 6.5, height: 1.8)).ShouldBeEmpty();
    }

    [Theory]
    [InlineData(Lengths.Millimetres)]
    [InlineData(Lengths.Inches)]
    public void The_plan_fits_its_sheet_at_the_largest_round_scale_and_the_bar_is_true(Lengths lengths)
    {
        var view = PlanView.Of(Yard, [Bed(7, 1.2)]);
        foreach (var paper in new[] { Paper.A4, Paper.Letter })
        {
            var (scale, lying) = ToScale.Of(view, paper, lengths);
            lying.ShouldBeTrue();
            // At the next larger scale it is no longer on the sheet.
            (14_000.0 / (scale / 2) > paper.Height - 2 * paper.Margin || 8_000.0 / (scale / 2) > paper.Width - 2 * paper.Margin).ShouldBeTrue();
            var svg = ToScale.Sheet(view, paper, new Teller(lengths));
            svg.ShouldContain($"1 : {scale}<");
            // Long among short: the unit is told where it is another.
            svg.ShouldContain(lengths == Lengths.Inches ? ">45.9 ft<" : ">14 m<");
            var size = Size().Match(svg);
            Math.Round(Number(size, "wide"), 1).ShouldBe(paper.Height);
            foreach (Match p in Polygons().Matches(svg))
                foreach (var (x, y) in p.Groups["points"].Value.Split(' ').Select(c => c.Split(',')).Select(c => (double.Parse(c[0], CultureInfo.InvariantCulture), double.Parse(c[1], CultureInfo.InvariantCulture))))
                    (x >= 0 && y >= 0 && x <= Number(size, "x") && y <= Number(size, "y")).ShouldBeTrue($"{x}, {y}");
            // As long on paper as its words say, of the garden.
            var bar = Bar().Match(svg);
            var millimetres = Number(bar, "long") * 25.4 / 96;
            millimetres.ShouldBeInRange(40, 120);
            bar.Groups["said"].Value.ShouldBe(new Teller(lengths).Say(new(Math.Round(millimetres * scale / 1000, 3), Unit.Metre)));
            // The shed is 4 m long: on paper as many mm as the scale says, at 96 pixels an inch.
            var shed = Polygons().Matches(svg).Select(m => m.Groups["points"].Value.Split(' ').Select(c => double.Parse(c.Split(',')[0], CultureInfo.InvariantCulture)).ToList()).Select(x => x.Max() - x.Min());
            shed.ShouldContain(w => Math.Abs(w - 4000.0 / scale * 96 / 25.4) < .2);
        }
    }

    private static double Number(Match match, string group) => double.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

    [GeneratedRegex("width=\"(?<wide>[0-9.]+)mm\" height=\"[0-9.]+mm\" viewBox=\"0 0 (?<x>[0-9.]+) (?<y>[0-9.]+)\"", RegexOptions.NonBacktracking | RegexOptions.ExplicitCapture)]
    private static partial Regex Size();

    [GeneratedRegex("h(?<long>[0-9.]+)m-[^>]*/>\\n<text [^>]*>(?<said>[^·]+) ·", RegexOptions.NonBacktracking | RegexOptions.ExplicitCapture)]
    private static partial Regex Bar();

    [GeneratedRegex("<polygon points=\"(?<points>[^\"]+)\"", RegexOptions.NonBacktracking | RegexOptions.ExplicitCapture)]
    private static partial Regex Polygons();
}
