using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>A bundle whose sticks were laid along the tape one by one.</summary>
public class LaidSticksTests
{
    private static readonly IReadOnlyList<Stick> Five = [At(2.4), At(1.0), At(2.35), At(1.05), At(1.1)];

    private static Stick At(double length, double butt = .02) => new(length, butt, .01);

    private static Thing Bundle(int sticks, double shortest, double longest, int count = 1) => Thing.Create(
        1, 1, "Hedge", "branches", count, new Dictionary<string, double> { ["sticks"] = sticks, ["shortest"] = shortest, ["longest"] = longest, ["butt"] = .02, ["tip"] = .01 }, Substance.DryWood, ["looked-over"], []).OrThrow();

    private static ISticks Sticks(Thing thing) => (ISticks)thing.Measures;

    [Fact]
    public void Each_stick_counts_with_its_own_length_once_all_are_laid()
    {
        var even = Sticks(Bundle(5, 1, 2.4));
        var laid = Sticks(Bundle(5, 1, 2.4).Lay(Five).OrThrow());
        // Spread evenly three would reach 1.7 m; two of them really do.
        even.LengthOfLongest(3).ShouldBe(1.7, 1e-9);
        laid.LengthOfLongest(3).ShouldBe(1.1, 1e-9);
        (even.CountOver(1.7), laid.CountOver(1.7)).ShouldBe((3, 2));
        laid.CountOver(2.35).ShouldBe(2);
        laid.LengthOfLongest(6).ShouldBe(0);
    }

    [Fact]
    public void What_is_not_the_whole_of_one_bundle_is_remembered_and_counts_for_nothing_more()
    {
        foreach (var other in (Thing[])[Bundle(9, 1, 2.4), Bundle(5, 1, 2.6), Bundle(5, .9, 2.4), Bundle(5, 1, 2.4, count: 2)])
        {
            var laid = other.Lay(Five).OrThrow();
            laid.Laid.ShouldBe(Five);
            Sticks(laid).Lengths.ShouldBeEmpty();
            Sticks(laid).LengthOfLongest(3).ShouldBe(Sticks(other).LengthOfLongest(3));
        }
    }

    [Fact]
    public void What_cannot_be_is_refused_at_its_place()
    {
        Bundle(3, 1, 2.4).Lay(Five).Problems.Select(p => p.Field).ShouldBe(["measures.sticks"]);
        Bundle(5, 1, 2.4).Lay([At(1), At(-1), new(1, .01, .02)]).Problems.Select(p => p.Field).ShouldBe(["laid.1", "laid.2"]);
        Thing.Create(1, 1, "Board", "board", 1, new Dictionary<string, double>(), null, [], []).OrThrow().Lay([At(1)]).Problems.Select(p => p.Field).ShouldBe(["laid"]);
        LaidSticks.Bundle([]).Problems.Select(p => p.Field).ShouldBe(["sticks"]);
    }

    [Fact]
    public void Sticks_set_apart_are_in_one_bundle_and_no_longer_in_the_other()
    {
        var (chosen, left) = Bundle(5, 1, 2.4).Lay(Five).OrThrow().SetApart([1, 3, 4], "Props").OrThrow();
        (Sticks(chosen).Sticks, Sticks(left).Sticks).ShouldBe((3, 2));
        (Sticks(chosen).Shortest, Sticks(chosen).Longest).ShouldBe((1.0, 1.1));
        (Sticks(left).Shortest, Sticks(left).Longest).ShouldBe((2.35, 2.4));
        chosen.Laid.Concat(left.Laid).OrderBy(s => s.Length).ShouldBe(Five.OrderBy(s => s.Length));
        chosen.Name.ShouldBe("Props");
        chosen.Findings.ShouldBe(["looked-over"]);
    }

    [Fact]
    public void Of_a_bundle_partly_laid_what_is_left_keeps_the_measures_that_were_typed()
    {
        var (_, left) = Bundle(20, .8, 2.6).Lay(Five).OrThrow().SetApart([0, 2], "Legs").OrThrow();
        (Sticks(left).Sticks, Sticks(left).Shortest, Sticks(left).Longest).ShouldBe((18, .8, 2.6));
        left.Laid.Count.ShouldBe(3);
    }

    [Fact]
    public void The_whole_bundle_or_sticks_that_were_not_laid_are_not_set_apart()
    {
        var laid = Bundle(5, 1, 2.4).Lay(Five).OrThrow();
        foreach (IReadOnlyList<int> which in (int[][])[[], [5], [-1], [0, 1, 2, 3, 4]]) laid.SetApart(which, "All").Problems.Select(p => p.Field).ShouldBe(["sticks"]);
        Bundle(5, 1, 2.4, count: 2).Lay(Five).OrThrow().SetApart([0], "One").Problems.Select(p => p.Field).ShouldBe(["sticks"]);
    }
}
