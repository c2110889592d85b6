using CsCheck;
using Metaplant.Core.Building;
using Metaplant.Core.Salvage;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Tests.Salvage;

/// <summary>What is taken apart, cut, sorted, merged; what a thing is still good for.</summary>
public class BreakDownTests
{
    [Fact]
    public void A_pallet_prised_apart_gives_boards_and_bearers_that_carry_its_marks()
    {
        var pallets = A.Thing("pallet", 3, name: "Engine pallets", findings: [Findings.HeatMark, Findings.Weathered, Findings.Nails]);
        var broken = BreakDown.Apart(pallets, "long-boards", 2).OrThrow();
        broken.Left!.Count.ShouldBe(1);
        broken.Pieces.Select(p => p.Kind.Id).ShouldBe(["board", "post"]);
        // Of twelve slats a quarter splits.
        broken.Pieces[0].Count.ShouldBe(9);
        broken.Pieces[0].Name.ShouldContain("Engine pallets");
        broken.Pieces[0].Values["length"].ShouldBe(1.2);
        broken.Pieces[0].Findings.ShouldContain(Findings.Weathered);
        broken.Pieces[0].Findings.ShouldNotContain(Findings.Nails);
        broken.Pieces[0].History.ShouldBe([Findings.HeatMark, Findings.PalletWood]);
    }

    [Fact]
    public void Half_a_pallet_stays_half_a_pallet()
    {
        var pallets = A.Thing("pallet", 2, measures: [("slats", 9), ("depth", 1.2)]);
        var sawn = BreakDown.SawSections(pallets, 4, 1).OrThrow();
        sawn.Left!.Count.ShouldBe(1);
        // The section comes back, and so does the other half.
        sawn.Pieces.Select(p => (p.Values["slats"], p.Count)).ShouldBe([(4, 1), (5, 1)]);
        var (section, half) = (sawn.Pieces[0], sawn.Pieces[1]);
        var whole = (Core.Salvage.Kinds.PalletMeasures)pallets.Measures;
        section.Values["depth"].ShouldBe(whole.SectionHeight(4), 1e-9);
        half.Values["depth"].ShouldBe(whole.SectionHeight(5), 1e-9);
        // The other half gives one more with a slat left over, and no two.
        BreakDown.SawSections(half, 4, 1).OrThrow().Pieces.Select(p => p.Values["slats"]).ShouldBe([4, 1]);
        BreakDown.SawSections(half, 4, 2).Ok.ShouldBeFalse();
    }

    [Fact]
    public void Bad_slats_stay_where_they_were_when_a_pallet_is_sawn()
    {
        var pallet = A.Thing("pallet", measures: [("slats", 9), ("depth", 1.2)], faults: [new("slat-2", 0, 0), new("slat-8", 0, 0)]);
        var sawn = BreakDown.SawSections(pallet, 4, 1).OrThrow();
        sawn.Left.ShouldBeNull();
        sawn.Pieces.Select(p => $"{p.Values["slats"]}: {string.Join(' ', p.Faults.Select(f => f.Part))}").ShouldBe(["4: ", "2: slat-2", "3: slat-2"]);
    }

    [Theory]
    [InlineData(0, 1)]
    [InlineData(-1, 1)]
    [InlineData(99, 1)]
    [InlineData(2, 0)]
    [InlineData(2, -3)]
    [InlineData(2, int.MaxValue)]
    [InlineData(int.MinValue, int.MinValue)]
    public void Sections_that_cannot_be_are_refused_at_once(int boards, int sections) => BreakDown.SawSections(A.Thing("pallet"), boards, sections).Ok.ShouldBeFalse();

    [Fact]
    public void An_offcut_worth_keeping_comes_back_with_its_bad_places()
    {
        var boards = A.Thing("board", 4, name: "Deck boards", faults: [new("piece", 1.5, 1.6)], measures: [("length", 1.9)]);
        var cut = BreakDown.CutOff(boards, .8).OrThrow();
        cut.Left!.Count.ShouldBe(3);
        cut.Pieces.Select(p => p.Name).ShouldBe(["Deck boards, cut", "Deck boards, offcut"]);
        var (piece, offcut) = (cut.Pieces[0], cut.Pieces[1]);
        piece.Values["length"].ShouldBe(.8, 1e-9);
        piece.Faults.ShouldBeEmpty();
        offcut.Values["length"].ShouldBe(1.097, 1e-9);
        offcut.Faults.ShouldHaveSingleItem().From.ShouldBe(.697, 1e-9);
        // The bad place goes with the longer piece, and the bit that is left is not worth keeping.
        BreakDown.CutOff(boards, 1.7).OrThrow().Pieces.ShouldHaveSingleItem().Faults.ShouldHaveSingleItem().From.ShouldBe(1.5, 1e-9);
        BreakDown.CutOff(boards, .1).Problems.Single().Sentence.ShouldContain("not kept track of");
        BreakDown.CutOff(boards, 2.0).Problems.Single().Field.ShouldBe("length");
        BreakDown.CutOff(A.FoodTub(), .1).Ok.ShouldBeFalse();
    }

    [Fact]
    public void No_length_of_wood_is_made_by_cutting()
        => Gen.Select(Gen.Double[.5, 4], Gen.Double[.05, 3.9]).Sample((whole, length) =>
        {
            var cut = BreakDown.CutOff(A.Thing("board", measures: [("length", whole), ("width", .1)]), length);
            if (!cut.Ok) (length >= whole || length < .2).ShouldBeTrue();
            else cut.Value.Pieces.Sum(p => p.Values["length"]).ShouldBeLessThanOrEqualTo(whole);
        }, iter: 300);

    [Fact]
    public void Used_as_it_is_nothing_comes_back_and_an_unknown_way_is_refused()
    {
        BreakDown.Apart(A.FoodTub(), "vessel", 1).Problems.Single().Field.ShouldBe("way");
        BreakDown.Apart(A.Thing("stones"), "lay", 1).Problems.Single().Field.ShouldBe("way");
        BreakDown.Apart(A.Thing("pallet"), "melt", 1).Problems.Single().Field.ShouldBe("way");
        BreakDown.Apart(A.Thing("pallet", 2), "long-boards", 3).Problems.Single().Field.ShouldBe("count");
    }

    [Fact]
    public void Two_batches_of_the_same_are_found_and_others_are_not()
    {
        var things = new[]
        {
            A.Thing("board", id: 1, measures: [("length", 1.800)]), A.Thing("board", id: 2, measures: [("length", 1.805)]), A.Thing("board", id: 3, measures: [("length", 1.9)]),
            A.Thing("board", id: 4, findings: ["rot"], measures: [("length", 1.8)]), A.Thing("post", id: 5),
        };
        Duplicates.Find(things).ShouldHaveSingleItem().Select(t => t.Id).ShouldBe([1, 2]);
    }

    [Fact]
    public void Measured_sticks_fall_into_alike_sets_and_the_rest_by_use()
    {
        Stick[] sticks = [new(1.80, .026, .01), new(1.82, .027, .01), new(2.60, .04, .02), new(1.79, .026, .01), new(2.58, .041, .02), new(1.3, .010, .004), new(.4, .006, .003)];
        var sorted = StickSorting.Sort(sticks, 2, 1.0, .1).OrThrow();
        sorted.Sets.Select(s => string.Join(',', s.Sticks)).ShouldBe(["0,3", "2,4"], ignoreOrder: true);
        sorted.Rest[StickUse.Frame].ShouldBe([1]);
        sorted.Rest[StickUse.Weave].ShouldBe([5]);
        sorted.Rest[StickUse.Prop].ShouldBe([6]);
        StickSorting.Sort([new(1, .01, .02)], 2, 0, .1).Problems.Single().Field.ShouldBe("sticks.0");
        StickSorting.Sort([], 1, 0, 0).Problems.Select(p => p.Field).ShouldBe(["sticks", "count", "greatestSpread"]);
    }

    [Fact]
    public void A_way_that_wants_a_tool_nobody_has_says_which()
    {
        var pallet = A.Thing("pallet");
        var prised = pallet.Kind.BreakDown(pallet).First(w => w.Id == "long-boards");
        var sawn = pallet.Kind.BreakDown(pallet).First(w => w.Id == "short-boards");
        ToolShelf.Untouched.Lacks(prised).ShouldBeNull();
        var shelf = ToolShelf.Of(new Dictionary<string, ShelvedTool> { ["Pry bar"] = new(Having.Lacking), ["Hand saw"] = new(Having.Lacking), ["Hammer"] = new(Having.Borrowed) }).OrThrow();
        shelf.Lacks(prised).ShouldBe("Pry bar");
        // A circular saw does as well as a hand saw, and nobody said it was lacking.
        shelf.Lacks(sawn).ShouldBeNull();
        shelf.ToBorrow(prised).ShouldBe(["Hammer"]);
        ToolShelf.Of(new Dictionary<string, ShelvedTool> { ["Time machine"] = new(Having.Owned) }).Ok.ShouldBeFalse();
    }

    [Theory]
    [InlineData("", 1.8)]
    [InlineData("0.2-0.3", 1.5)]
    [InlineData("0.2-0.3 0.9-1.0", .8)]
    [InlineData("0-1.8", 0)]
    public void The_longest_sound_stretch_goes_round_the_bad_places(string bad, double expected)
        => UsablePart.LongestSound(1.8, [.. bad.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(b => b.Split('-')).Select(b => new Fault("piece", double.Parse(b[0]), double.Parse(b[1])))]).ShouldBe(expected, 1e-9);

    [Fact]
    public void Worn_things_last_less_long()
    {
        var sound = Core.Materials.Lives.Of(Core.Materials.Substance.Hardwood, Core.Materials.Condition.Sound);
        var poor = Core.Materials.Lives.Of(Core.Materials.Substance.Hardwood, Core.Materials.Condition.Poor);
        sound.Zip(poor).ShouldAllBe(p => p.First.To > p.Second.To);
        sound[0].To.ShouldBeLessThan(sound[2].From);
    }
}
