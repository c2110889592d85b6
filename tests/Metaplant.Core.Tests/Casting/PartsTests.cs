using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Casting;

/// <summary>Part of a thing is taken and the rest goes on lying there: sticks of a bundle, metres of a coil, a strip of a cloth, litres of a pile.</summary>
public class PartsTests
{
    private static readonly Role Pegs = new("pegs", "Pegs", Seat.Clear, Form.Pole);
    private static readonly Role Twine = new("twine", "Twine", Seat.AmongPlants, Form.Line);
    private static readonly Role Cloth = new("liner", "Liner", Seat.InSoil, Form.Fabric);
    private static readonly Role Soil = new("soil", "Soil", Seat.InSoil) { Worked = false };

    private static Heap After(Thing thing, Cast cast) => Heap.With([thing], HouseRules.Default, new Dictionary<int, IReadOnlyList<Taken>> { [thing.Id] = [.. cast.Takes.Select(t => t.Taken)] });

    [Fact]
    public void Four_sticks_of_thirty_four_are_the_shortest_that_do_and_thirty_are_left()
    {
        var bundle = A.Thing("branches", measures: [("sticks", 34), ("shortest", 1.4), ("longest", 2.9), ("butt", .03), ("tip", .012)]);
        var need = new SticksNeeded("pegs", Pegs, 4, 1.5, .012);
        var cast = A.Cast(need, A.Heap(bundle));
        cast.Takes.Single().Taken.Sticks!.Count.ShouldBe(4);
        cast["pegs"].ShouldAllBe(p => p.Length >= 1.5 && p.Length < 1.7);
        After(bundle, cast).Things[0].Left.Single().Sticks.Count.ShouldBe(30);
        // The next takes other sticks.
        var next = A.Cast(need, After(bundle, cast));
        next.Takes.Single().Taken.Sticks!.Intersect(cast.Takes.Single().Taken.Sticks!).ShouldBeEmpty();
        // Where 15 mm are wanted at the far end, 1.5 m off the butt, it takes sticks of 1.8 m: shorter ones are thinner there.
        A.Cast(need with { LeastThickness = .015 }, A.Heap(bundle))["pegs"].ShouldAllBe(p => p.Length >= 1.8 - 1e-9 && p.Length < 2 && p.Thin >= .015 - 1e-9);
    }

    [Fact]
    public void So_many_metres_of_a_coil_are_taken_and_no_more_than_one_end_has()
    {
        var coil = A.Thing("line", substance: Substance.SyntheticFibre, measures: [("length", 14), ("diameter", .004)]);
        var cast = A.Cast(new RunNeeded("twine", Twine, 2.3, .002, .008), A.Heap(coil));
        cast.Takes.Single().Taken.Amount.ShouldBe(2.3);
        var left = After(coil, cast);
        left.Things[0].Left.Single().Length.ShouldBe(11.7, 1e-9);
        left.Things[0].Free.ShouldBe(0);
        left.Things[0].Usable.ShouldBeTrue();
        A.Cast(new RunNeeded("twine", Twine, 11.5, .002, .008), left).Takes.ShouldHaveSingleItem();
        A.Cast(new RunNeeded("twine", Twine, 12, .002, .008), left).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void A_strip_of_a_cloth_leaves_a_cloth_and_two_strips_no_more_than_there_is()
    {
        var cloth = A.Thing("fabric", substance: Substance.WovenCloth, measures: [("length", 4), ("width", 1.5)]);
        var cast = A.Cast(new CoverNeeded("liner", Cloth, 3.6, .4), A.Heap(cloth));
        (cast.Takes.Single().Taken.Amount, cast.Takes.Single().Taken.Across).ShouldBe((.4, true));
        var left = After(cloth, cast).Things[0].Left.Single();
        (left.Length, left.Width).ShouldBe((4, 1.1));
        A.Cast(new CoverNeeded("liner", Cloth, 3.6, 1.2), After(cloth, cast)).Takes.ShouldBeEmpty();
    }

    [Fact]
    public void Three_hundred_litres_come_off_a_pile_of_more()
    {
        var pile = A.Thing("soil", measures: [("volume", .8)], findings: [Findings.LookedOver]);
        var cast = A.Cast(new FillNeeded("soil", Soil, .3, [("soil", 1)]), A.Heap(pile));
        cast.Takes.Single().Taken.Amount.ShouldBe(.3);
        cast.Buys.ShouldBeEmpty();
        After(pile, cast).Things[0].Left.Single().Volume.ShouldBe(.5, 1e-9);
    }

    [Fact]
    public void The_end_that_another_left_is_used_up_by_its_length_and_never_as_a_whole_coil()
    {
        var coils = A.Thing("line", 2, substance: Substance.SyntheticFibre, measures: [("length", 10), ("diameter", .004)]);
        var first = A.Cast(new RunNeeded("twine", Twine, 4, .002, .008), A.Heap(coils));
        foreach (var (length, left) in new[] { (6.0, 10.0), (14.0, 2.0), (16.0, 0.0) })
        {
            var next = A.Cast(new RunNeeded("twine", Twine, length, .002, .008), After(coils, first));
            next.Buys.ShouldBeEmpty();
            List<Taken> all = [.. first.Takes.Select(t => t.Taken), .. next.Takes.Select(t => t.Taken)];
            Remains.Overdrawn(coils, all).ShouldBeFalse($"{length} m");
            Remains.Of(coils, all).Sum(r => r.Length).ShouldBe(left, 1e-6);
        }
    }

    [Fact]
    public void The_last_strip_of_an_opened_cloth_is_taken_as_a_strip()
    {
        var cloth = A.Thing("fabric", substance: Substance.WovenCloth, measures: [("length", 4), ("width", 1.5)]);
        var first = A.Cast(new CoverNeeded("liner", Cloth, 3.6, .5), A.Heap(cloth));
        var next = A.Cast(new CoverNeeded("liner", Cloth, 4, 1), After(cloth, first));
        List<Taken> all = [.. first.Takes.Select(t => t.Taken), next.Takes.Single().Taken];
        Remains.Overdrawn(cloth, all).ShouldBeFalse();
        Remains.Of(cloth, all).ShouldBeEmpty();
    }

    [Fact]
    public void Rungs_come_of_a_ladder_that_is_taken_apart_and_that_is_a_step_of_its_own()
    {
        var ladder = A.Thing("ladder", findings: [Findings.LookedOver]);
        var cast = A.Cast(new SticksNeeded("pegs", Pegs, 3, .3, .02), A.Heap(ladder));
        cast["pegs"].ShouldAllBe(p => p.Of != null);
        cast.TakingApart.ShouldBeGreaterThan(0);
        cast.TakenApart.Sum(a => a.Way.Minutes * a.Units).ShouldBe(cast.TakingApart, 1e-9);
    }

    [Fact]
    public void What_is_taken_twice_or_beyond_what_there_is_is_overdrawn()
    {
        var coils = A.Thing("line", 2, measures: [("length", 10)]);
        Remains.Overdrawn(coils, [new(1, 6), new(1, 4)]).ShouldBeFalse();
        Remains.Overdrawn(coils, [new(1, 6), new(1, 5)]).ShouldBeTrue();
        Remains.Overdrawn(coils, [new(1), new(1, 1)]).ShouldBeTrue();
        Remains.Overdrawn(coils, [new(1), new(2), new(3)]).ShouldBeTrue();
        var bundle = A.Thing("branches", measures: [("sticks", 5)]);
        Remains.Overdrawn(bundle, [new(1, Sticks: [0, 1]), new(1, Sticks: [1, 2])]).ShouldBeTrue();
        // A batch made smaller since: its last unit is another one now.
        Remains.Within(coils, [new(1), new(7, 3)]).Select(t => t.Unit).ShouldBe([1, 2]);
    }
}
