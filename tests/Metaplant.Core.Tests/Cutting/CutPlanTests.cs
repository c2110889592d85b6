using CsCheck;
using Metaplant.Core.Cutting;

namespace Metaplant.Core.Tests.Cutting;

public class CutPlanTests
{
    private static Bar Board(double length, int piece = 1, params BadPlace[] bad) => new(1, piece, length, .1, .05, bad);

    private static readonly Gen<(Wanted[] Wanted, Bar[] Bars)> Heaps =
        from lengths in Gen.Double[.2, 1.2].Array[1, 12]
        from bars in Gen.Select(Gen.Double[.5, 2.5], Gen.Double[0, 1], Gen.Double[.02, .3]).Array[1, 8]
        select (
            lengths.Select((l, i) => new Wanted($"w{i}", 1, l, .04, .04)).ToArray(),
            bars.Select((b, i) => Board(b.Item1, i + 1, new BadPlace(b.Item1 * b.Item2 * .8, Math.Min(b.Item1, b.Item1 * b.Item2 * .8 + b.Item3)))).ToArray());

    [Fact]
    public void Pieces_are_cut_with_room_for_the_saw_and_the_ends_trimmed()
    {
        var plan = CutPlan.Work([new("packer", 2, .5, .04, .04)], [Board(1.1)]);
        plan.Bars.Single().Cuts.Select(c => c.From).ShouldBe([.005, .508], 1e-9);
        plan.Missing.ShouldBeEmpty();
    }

    [Fact]
    public void A_knot_in_the_middle_is_left_out()
    {
        var plan = CutPlan.Work([new("cleat", 2, .4, .04, .04)], [Board(1.0, 1, new BadPlace(.45, .52))]);
        plan.Bars.Single().Cuts.ShouldAllBe(c => c.To <= .44 + 1e-9 || c.From >= .53 - 1e-9);
    }

    [Fact]
    public void What_cannot_be_cut_is_said_and_not_squeezed_in()
        => CutPlan.Work([new("post", 3, .6, .04, .04)], [Board(1.0)]).Missing["post"].ShouldBe(2);

    [Fact]
    public void A_board_too_thin_is_not_taken() => CutPlan.Work([new("post", 1, .3, .09, .09)], [Board(1.0)]).Missing["post"].ShouldBe(1);

    [Fact]
    public void A_long_offcut_goes_back_on_the_heap() => CutPlan.Work([new("packer", 1, .5, .04, .04)], [Board(1.5)]).Bars.Single().Offcuts.Single().To.Near(1.495);

    [Fact]
    public void No_plan_cuts_more_than_there_is_through_a_bad_place_or_twice_the_same_wood() => Heaps.Sample((wanted, bars) =>
    {
        var plan = CutPlan.Work(wanted, bars);
        foreach (var bar in plan.Bars)
        {
            bar.Cuts.ShouldAllBe(c => c.From >= CutPlan.Trim - 1e-9 && c.To <= bar.Bar.Length - CutPlan.Trim + 1e-9);
            foreach (var bad in bar.Bar.Bad) bar.Cuts.ShouldAllBe(c => c.To <= bad.From - CutPlan.BadMargin + 1e-9 || c.From >= bad.To + CutPlan.BadMargin - 1e-9);
            foreach (var (a, b) in bar.Cuts.Zip(bar.Cuts.Skip(1))) (b.From - a.To).ShouldBeGreaterThanOrEqualTo(CutPlan.Kerf - 1e-9);
        }

        plan.Bars.Sum(b => b.Cuts.Count).ShouldBe(wanted.Sum(w => w.Count) - plan.Missing.Values.Sum());
        plan.Waste.ShouldBeInRange(-1e-9, 1);
    });
}
