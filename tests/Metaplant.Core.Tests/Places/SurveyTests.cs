using CsCheck;
using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Tests.Places;

/// <summary>A plan from one tape and no right angle.</summary>
public class SurveyTests
{
    [Fact]
    public void Tapes_of_three_four_and_five_meet_square_over_the_first_end()
    {
        var found = Tapes.Point(4, 3, 5).OrThrow();
        found.Along.ShouldBe(0, 1e-12);
        found.Off.ShouldBe(3, 1e-12);
    }

    [Fact]
    public void Whatever_point_is_measured_is_found_again()
        => Gen.Select(Gen.Double[1, 100], Gen.Double[-80, 80], Gen.Double[0, 80]).Sample((b, x, y) =>
        {
            Point p = new(x, y);
            var found = Tapes.Point(b, p.DistanceTo(default), p.DistanceTo(new(b, 0)));
            return p.DistanceTo(default) == 0 || (found.Ok && new Point(found.Value.Along, found.Value.Off).DistanceTo(p) < 1e-4);
        }, iter: 1000);

    [Theory]
    [InlineData(10, 3, 4, "b")]
    [InlineData(3, 10, 4, "a")]
    [InlineData(3, 4, 10, "b")]
    public void A_triangle_that_cannot_be_is_refused_at_the_tape_that_is_wrong(double baseLine, double a, double b, string field)
        => Tapes.Point(baseLine, a, b).Problems.ShouldHaveSingleItem().Field.ShouldBe(field);

    [Fact]
    public void A_third_tape_that_nearly_agrees_is_told_and_shared_and_one_that_does_not_is_refused()
    {
        Point from = new(0, 3), at = new(4, 3);
        TapeMark Back(double back) => new(at.DistanceTo(default), at.DistanceTo(new(10, 0)), Back: back);
        Back(4).On(10, from).OrThrow().Out!.Value.ShouldBe(0, 1e-9);
        var place = Back(3.97).On(10, from).OrThrow();
        place.Out!.Value.ShouldBe(.03, 1e-9);
        place.At.X.ShouldBe(4 - .01, 1e-9);
        var refused = Back(3.5).On(10, from);
        refused.Problems.ShouldHaveSingleItem().Field.ShouldBe("back");
        refused.Problems[0].Sentence.ToString().ShouldContain("500 mm out");
    }

    [Fact]
    public void Two_corners_and_a_depth_make_a_rectangle_and_its_diagonals_say_how_square_it_is()
    {
        PlaceDraft Spot(double? a, double? b) => new(PlaceSort.Spot, "Apron", [new(Along: 1, Off: 1), new(Along: 5, Off: 1)]) { Depth = 3, DiagonalA = a, DiagonalB = b };
        Survey.Of(Spot(null, null), 1, 10).OrThrow().Points[2].ShouldBe(new(5, 4));
        Survey.Of(Spot(5, 5), 1, 10).OrThrow().Out[3]!.Value.ShouldBe(0, 1e-9);
        // Pushed out of square by 3 cm: one diagonal longer, the other shorter, and the far side as long as the near one.
        var leaning = Survey.Of(Spot(new Point(4.03, 3).DistanceTo(default), new Point(3.97, 3).DistanceTo(default)), 1, 10).OrThrow();
        leaning.Points[2].X.ShouldBeGreaterThan(5.02);
        leaning.Out[3]!.Value.ShouldBe(0, .005);
        Survey.Of(Spot(5.4, 5.4), 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("diagonalB");
        Survey.Of(Spot(5, null), 1, 10).Problems.ShouldHaveSingleItem().Field.ShouldBe("diagonalB");
        Survey.Of(Spot(9, 9), 1, 10).Problems.Select(p => p.Field).ShouldBe(["diagonalA", "diagonalB"]);
    }

    [Fact]
    public void What_is_wrong_is_said_at_its_field()
    {
        string[] Wrong(PlaceDraft draft) => [.. Survey.Of(draft, 0, 10).Problems.Select(p => p.Field)];
        Wrong(new(PlaceSort.Wall, " ", [])).ShouldBe(["name"]);
        Wrong(new(PlaceSort.Wall, "Wall", [])).ShouldBe(["marks"]);
        Wrong(new(PlaceSort.Wall, "Wall", [new(A: 2, B: 3), new(Along: 1, Off: 1)])).ShouldBe(["marks.0.b"]);
        Wrong(new(PlaceSort.Wall, "Wall", [new(A: 2), new(Along: 1)])).ShouldBe(["marks.0.b", "marks.1.off"]);
        Wrong(new(PlaceSort.Wall, "Wall", [new(Along: 1, Off: 1), new(Along: 3, Off: 1)])).ShouldBe(["height"]);
        Wrong(new(PlaceSort.Wall, "Wall", [new(Along: 1, Off: 1), new(Along: 1, Off: 1)]) { Height = 1 }).ShouldBe(["marks"]);
        Wrong(new(PlaceSort.Tree, "Alder", [new(Along: 1, Off: 1)]) { Height = 2, Crown = 1, CrownFrom = 3, LeafFrom = 13 }).ShouldBe(["crownFrom", "leafFrom"]);
        Wrong(new(PlaceSort.Building, "Shed", [new(Along: 0, Off: 0), new(Along: 2, Off: 2), new(Along: 2, Off: 0), new(Along: 0, Off: 2)]) { Height = 2 }).ShouldBe(["marks"]);
        Wrong(new(PlaceSort.Spot, "Spot", [new(Along: 0, Off: 0), new(Along: 2, Off: 0)]) { Depth = 1, ComesIn = ["dragons"], Slope = .1, LoadLimit = 1 }).ShouldBe(["loadLimit", "fallsTo", "comesIn"]);
    }

    [Fact]
    public void A_fence_shelters_more_the_nearer_one_is_and_a_porous_one_farther_than_a_solid_one()
    {
        double Share(double distance, double porosity) => Shelter.Share(1.5, distance, porosity, Handbook.Default);
        foreach (var porosity in new[] { 0, .2, .5, .8 })
        {
            Enumerable.Range(0, 100).Select(i => Share(i, porosity)).ShouldBeInOrder();
            Share(400, porosity).ShouldBe(1, .01);
            Share(0, porosity).ShouldBeInRange(0, 1);
        }

        Share(15, .5).ShouldBeLessThan(Share(15, 0));
        Share(1, 0).ShouldBeLessThan(Share(1, .5));
        Share(3, 1).ShouldBe(1);
        // By hand: 1 − .8 × .75 × e^(−10 ÷ 14).
        Share(15, .5).ShouldBe(.70626, 1e-4);
    }

    [Fact]
    public void A_draft_with_nothing_where_something_belongs_is_not_whole()
    {
        var draft = new PlaceDraft(PlaceSort.Spot, "Plot", [new(Along: 0, Off: 0)]);
        PlaceDraft.Whole(draft).ShouldBe(draft);
        foreach (var lacking in (PlaceDraft?[])[null, draft with { Name = null! }, draft with { Marks = null! }, draft with { Marks = [null!] }, draft with { Tests = [null!] }, draft with { ComesIn = [null!] }]) PlaceDraft.Whole(lacking).ShouldBeNull();
    }
}
