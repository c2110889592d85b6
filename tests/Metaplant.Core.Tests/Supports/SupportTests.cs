using CsCheck;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Tests.Supports;

public class SupportTests
{
    [Fact]
    public void A_ridge_at_its_greatest_span_sags_by_a_hundredth()
    {
        var span = Ridge.GreatestSpan(30, .04, 9e9, 100);
        (Ridge.Sag(30, span, .04, 9e9) / span).Near(.01);
        Ridge.StringLength(1.8, .15, 6).Near(2.7);
    }

    [Fact]
    public void An_arch_has_room_in_the_middle_and_none_at_its_feet()
    {
        var arch = HoopArch.Of(2.6, 1.4);
        arch.HeadroomAt(0).Near(.8876);
        arch.HeadroomAt(arch.GreatestWidth).ShouldBe(0);
        HoopArch.BendingStrain(.02, .7).Near(.0143, 2e-3);
    }

    [Fact]
    public void The_four_most_alike_are_chosen_out_of_a_bundle()
    {
        Stick[] sticks = [new(2.4, .03, .01), new(1.81, .026, .010), new(1.80, .027, .010), new(2.9, .05, .02), new(1.83, .026, .011), new(1.2, .02, .01), new(1.79, .027, .011)];
        AlikeSticks.Choose(sticks, 4).ShouldBe([1, 2, 4, 6]);
        AlikeSticks.Choose(sticks, 2, leastLength: 2.2).ShouldBe([0, 3]);
        AlikeSticks.Choose(sticks, 3, leastLength: 2.2).ShouldBeNull();
    }

    [Fact]
    public void No_other_choice_of_straight_sticks_is_more_alike()
        => Gen.Select(Gen.Double[1, 3], Gen.Double[.01, .04]).Select((length, butt) => new Stick(length, butt, butt / 2)).Array[4, 8].Sample(sticks =>
        {
            var chosen = AlikeSticks.Spread([.. AlikeSticks.Choose(sticks, 3)!.Select(i => sticks[i])]);
            var least = (from a in Enumerable.Range(0, sticks.Length) from b in Enumerable.Range(a + 1, sticks.Length - a - 1) from c in Enumerable.Range(b + 1, sticks.Length - b - 1) select AlikeSticks.Spread([sticks[a], sticks[b], sticks[c]])).Min();
            chosen.ShouldBe(least, 1e-9);
        }, iter: 1000);

    [Fact]
    public void Wind_on_a_net_is_less_than_on_leaves() => Wind.Force(245.2, 1, 1.2, .3).Near(245.2 * 1.2 * .3);
}
