using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Casting;

/// <summary>While a slider moves what is firm stays and what is loose is taken anew beside it: nothing that is firm is taken a second time.</summary>
public class CarriedOnTests
{
    private static readonly Role Legs = new("legs", "Legs", Seat.Clear, Form.Pole);
    private static readonly Role Cross = new("cross", "Cross pieces", Seat.Clear, Form.Pole);
    private static readonly Role Frame = new("table", "A table", Seat.Clear, Form.Frame) { Counts = l => l.Way.Id == "let-in" };

    [Fact]
    public void Sticks_of_a_bundle_go_into_one_part_only()
    {
        var room = Stockroom.Of(A.Heap(A.Thing("branches", measures: [("sticks", 12), ("shortest", 2.0), ("longest", 2.4), ("butt", .03), ("tip", .02)])));
        Lead lead = new([room.Lots(Form.Pole).First()]);
        IReadOnlyList<Need> Needs(double pegs) => [new SticksNeeded("legs", Legs, 5, 1.9, .01, Alike: true), new SticksNeeded("cross", Cross, 3, 1.0, .01), new SticksNeeded("pegs", Cross, 4, pegs, .01)];
        var first = Caster.Cast(Needs(.8), lead, room, Grown.Food, Handbook.Default);
        foreach (var pegs in (double[])[.5, .9, 1.2])
        {
            var on = Caster.Loose(first, Needs(pegs), lead, room, Grown.Food, Handbook.Default, Effort.Quick);
            on.Takes.SelectMany(t => (t.Taken.Sticks ?? []).Select(s => (t.Taken.Unit, s))).ShouldBeUnique();
            on.Of("legs").Single().Taken.ShouldBe(first.Of("legs").Single().Taken);
            on["pegs"].Count.ShouldBe(4);
        }
    }

    [Fact]
    public void A_whole_thing_that_is_no_lead_is_the_smallest_that_does_and_what_is_passed_over_says_why()
    {
        var need = new FoundNeeded("table", Frame, 1, 1.2, .6);
        var cast = A.Cast(need, A.Heap(A.Thing("table", measures: [("length", 1.0), ("width", .6)]), A.Thing("table", id: 2, measures: [("length", 1.6), ("width", .8)]), A.Thing("table", id: 3, measures: [("length", 1.3), ("width", .7)])));
        cast.Takes.Single().ThingId.ShouldBe(3);
        cast["table"].Single().Length.ShouldBe(1.3);
        // Two alike come from one batch.
        A.Cast(need with { Count = 2 }, A.Heap(A.Thing("table", measures: [("length", 1.3), ("width", .7)]), A.Thing("table", 2, id: 2, measures: [("length", 1.6), ("width", .8)]))).Takes.ShouldAllBe(t => t.ThingId == 2);
        var none = A.Cast(need with { LeastLength = 3 }, A.Heap(A.Thing("table")));
        none.Short.Single().Count.ShouldBe(1);
        none["table"].Single().Missing.ShouldBeTrue();
        var choosy = A.Cast(need with { Role = Frame with { Also = _ => "It wobbles." } }, A.Heap(A.Thing("table", measures: [("length", 1.6), ("width", .8)])));
        choosy.PassedOver["table"].Why.ToString().ShouldBe("It wobbles.");
        choosy.Short.ShouldNotBeEmpty();
    }
}
