using Metaplant.Core.Drawing;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Tests.Scenes;

/// <summary>What is seen of boards that stand before each other.</summary>
public sealed class PicturesTests
{
    [Fact]
    public void A_board_behind_one_as_large_is_not_drawn() => Front(Board("front", 0, 1, 0), Board("back", 0, 1, .5)).ShouldBe(["front"]);

    [Fact]
    public void A_board_behind_two_that_meet_is_not_drawn() => Front(Board("left", 0, .6, 0), Board("right", .6, 1, .1), Board("back", 0, 1, .5)).ShouldBe(["left", "right"], ignoreOrder: true);

    [Fact]
    public void A_board_is_seen_through_a_gap_of_a_millimetre() => Front(Board("left", 0, .6, 0), Board("right", .601, 1, 0), Board("back", 0, 1, .5)).ShouldContain("back");

    [Fact]
    public void A_board_that_looks_out_at_one_end_is_drawn_before_what_hides_the_rest() => Front(Board("front", 0, 1, 0), Board("back", .5, 1.2, .5)).ShouldBe(["back", "front"]);

    [Fact]
    public void Plants_hide_nothing() => Front(Board("leaves", 0, 1, 0, Ink.Plant), Board("back", 0, 1, .5)).ShouldBe(["back", "leaves"]);

    [Fact]
    public void A_board_behind_a_row_of_slats_with_gaps_is_drawn_whole()
    {
        // Forty slats with gaps between them leave more bits than are followed up: it is painted.
        var slats = Enumerable.Range(0, 40).Select(i => Board($"slat-{i}", i * .02, i * .02 + .015, 0));
        Front([.. slats, Board("back", 0, .8, .5)])[0].ShouldBe("back");
    }

    /// <summary>Parts drawn from the front, the farthest first.</summary>
    private static List<string> Front(params Solid[] solids) => [.. Pictures.Draw(new(solids, [], 0), Camera.Front).Shapes.OfType<Polygon>().Select(p => p.Part!)];

    /// <summary>A board upright, from one end to the other, so far away.</summary>
    private static Prism Board(string part, double from, double to, double away, Ink ink = Ink.Wood) => Prism.Box(part, ink, new(from, away, 0), new(to, away + .02, .2));
}
