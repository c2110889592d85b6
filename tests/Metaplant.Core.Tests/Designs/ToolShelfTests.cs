using Metaplant.Core.Building;
using Metaplant.Core.Salvage;
using Metaplant.Core.Tests.Salvage;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Designs;

/// <summary>What the shelf says when a gardener lacks a tool, a size of it, or may not use it.</summary>
public class ToolShelfTests
{
    private static ToolShelf With(params (string Tool, ShelvedTool Held)[] tools) => ToolShelf.Of(tools.ToDictionary(t => t.Tool, t => t.Held)).OrThrow();

    private static readonly ShelvedTool Lacking = new(Having.Lacking);

    [Fact]
    public void A_need_names_its_tools_and_its_bit_is_told_in_the_readers_units()
    {
        ((ToolNeed)"Hand saw or reciprocating saw").Options.ShouldBe(["Hand saw", "Reciprocating saw"]);
        var bit = new ToolNeed("Drill", .008);
        Teller.Metric.Tell(bit.Told).ShouldBe("Drill, 8 mm bit");
        Teller.UsCustomary.Tell(bit.Told).ShouldBe("Drill, 5/16 in bit");
    }

    [Theory]
    [InlineData("4, 6 and 8,5 mm", new[] { .004, .006, .0085 })]
    [InlineData("1/8, 1/4 in", new[] { .003175, .00635 })]
    [InlineData("1 1/2\"", new[] { .0381 })]
    [InlineData("2 in, 10 mm", new[] { .0508, .010 })]
    [InlineData("6", new[] { .006 })]
    public void Sizes_are_read_as_they_are_written(string words, double[] sizes)
    {
        var read = ToolNeed.Sizes(words);
        read.Count.ShouldBe(sizes.Length);
        foreach (var (size, i) in sizes.Select((s, i) => (s, i))) read[i].ShouldBe(size, 1e-9);
    }

    [Fact]
    public void A_quarter_inch_bit_is_no_six_millimetre_one()
    {
        With(("Drill", new(Having.Owned, "1/4 in"))).Answer(new("Drill", .006)).Having.ShouldBe(Having.Lacking);
        With(("Drill", new(Having.Owned, "1/4 in"))).Answer(new("Drill", .00635)).Having.ShouldBe(Having.Owned);
    }

    [Fact]
    public void An_untouched_shelf_stops_nothing() => ToolShelf.Untouched.Answer(new("Drill", .008)).ShouldBe(new(new("Drill", .008), Having.Owned, null, null), new Alike());

    [Fact]
    public void One_of_two_saws_is_enough_and_with_neither_nothing_stands_in()
    {
        With(("Reciprocating saw", Lacking)).Answer("Hand saw or reciprocating saw").Having.ShouldBe(Having.Owned);
        var neither = With(("Reciprocating saw", Lacking), ("Hand saw", Lacking), ("Jigsaw", Lacking)).Answer("Hand saw or reciprocating saw");
        neither.Having.ShouldBe(Having.Lacking);
        neither.Instead.ShouldBeNull();
    }

    [Fact]
    public void What_stands_in_for_a_tool_is_offered_only_when_it_is_had_itself()
    {
        With(("Stapler", Lacking)).Answer("Stapler").Instead!.ShouldContain("short nails");
        With(("Stapler", Lacking), ("Hammer", Lacking)).Answer("Stapler").Instead.ShouldBeNull();
    }

    [Fact]
    public void A_bit_that_is_not_among_the_sizes_is_lacking_and_the_nearest_is_named()
    {
        var shelf = With(("Drill", new(Having.Owned, "4, 6, 10 mm")));
        shelf.Answer(new("Drill", .006)).Having.ShouldBe(Having.Owned);
        var eight = shelf.Answer(new("Drill", .009));
        eight.Having.ShouldBe(Having.Lacking);
        eight.Instead!.ShouldContain("10 mm");
        shelf.Answer("Drill").Having.ShouldBe(Having.Owned);
    }

    [Fact]
    public void What_is_borrowed_is_said_so_and_who_alone_may_use_it_is_told()
    {
        With(("Jigsaw", new(Having.Borrowed))).Answer("Jigsaw").Having.ShouldBe(Having.Borrowed);
        With(("Jigsaw", new(Having.Owned, Who: "Imre"))).Answer("Jigsaw").Who.ShouldBe("Imre");
    }

    [Fact]
    public void Everything_that_a_way_or_a_step_asks_for_beyond_odds_and_ends_is_on_the_shelf()
    {
        // What lies in every house, and is not asked after.
        string[] odds = ["Tape", "Line and pegs", "Block", "Marker", "Brush", "Bucket", "Watering can", "Cord", "Trowel"];
        foreach (var board in DesignTests.EveryDesign())
            foreach (var need in BuildPlan.Of(board.Fit, Core.Designs.Brief.Default, ToolShelf.Untouched).Tools)
                need.Need.Options.Except(odds).ShouldBeSubsetOf(ToolShelf.All, need.Need.Words);
    }

    [Fact]
    public void A_way_names_the_tool_it_lacks_and_what_does_without()
    {
        var pallet = A.Thing("pallet");
        var whole = pallet.Kind.BreakDown(pallet).First(w => w.Tools.Contains("Pry bar"));
        var shelf = With(("Pry bar", Lacking));
        shelf.Lacks(whole).ShouldBe("Pry bar");
        shelf.InsteadFor(whole)!.ShouldContain("Saw through the nails");
    }

    private sealed class Alike : IEqualityComparer<ToolAnswer>
    {
        public bool Equals(ToolAnswer? a, ToolAnswer? b) => (a?.Need.Words, a?.Having, a?.Who, a?.Instead) == (b?.Need.Words, b?.Having, b?.Who, b?.Instead);

        public int GetHashCode(ToolAnswer a) => a.Need.Words.GetHashCode(StringComparison.Ordinal);
    }
}
