using Metaplant.Core.Cutting;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Where the pencil goes on a board.</summary>
public class MarksTests
{
    private static CutBar Bar(double length, IReadOnlyList<BadPlace> bad, params double[] pieces) => pieces.Aggregate(new CutBar(new(1, 1, length, .1, .02, bad), [], []), (b, p) => b.And("rails", p)!);

    [Fact]
    public void All_marks_are_measured_from_one_end_with_the_saw_cuts_in_them()
        => Marks.Words(Bar(1.6, [], .412, .412)).ToString().ShouldBe("From one end: square it at 5 mm, then saw just past 417 mm, 832 mm.");

    [Fact]
    public void What_lies_past_a_bad_place_is_measured_from_the_other_end()
    {
        // Sound from 5 to 490 mm and from 810 to 1595 mm.
        var bar = Bar(1.6, [new(.5, .8)], .4, .7);
        bar.Cuts.Select(c => c.From).ShouldBe([.005, .81], 1e-9);
        Marks.Words(bar).ToString().ShouldBe("From one end: square it at 5 mm, then saw just past 405 mm. Turn it; from the other end: square it at 90 mm, then saw just past 790 mm.");
    }

    [Fact]
    public void What_the_pencil_marks_is_as_long_as_the_pieces_whichever_end_it_is_measured_from()
    {
        var bar = Bar(2.4, [new(1.0, 1.1)], .5, .3, .9, .2);
        var marks = Marks.Words(bar).ToString();
        foreach (var cut in bar.Cuts) marks.ShouldContain($"{Math.Round((marks.Contains("Turn") && cut.From > 1.1 ? 2.4 - cut.From : cut.To) * 1000)} mm");
    }
}
