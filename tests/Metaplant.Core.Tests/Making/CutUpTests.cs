using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Making;

/// <summary>What lies on the heap once the saw has been at it.</summary>
public class CutUpTests
{
    private static readonly Role Rails = new("rails", "Rails", Seat.Clear, Form.Board, Form.Timber);

    [Fact]
    public void A_board_that_was_sawn_into_is_gone_and_its_offcut_lies_there_with_its_bad_place()
    {
        var heap = A.Heap(A.Thing("board", 2, faults: [new("piece", 2.0, 2.1)], measures: [("length", 2.4), ("width", .12), ("thickness", .025)]));
        var cast = A.Cast(new PiecesNeeded("rails", Rails, 2, .7, .1, .02), heap);
        var up = CutUp.Of(cast, new HashSet<string> { "rails" }, heap);
        up.Gone[1].ShouldBe([cast.Cuts.Bars[0].Bar.Piece]);
        var offcut = up.Back.ShouldHaveSingleItem();
        offcut.ThingId.ShouldBe(1);
        offcut.Thing.Values["length"].Near(cast.Cuts.Bars[0].Offcuts[0].To - cast.Cuts.Bars[0].Offcuts[0].From);
        up.Made.ShouldHaveSingleItem().Thing.Count.ShouldBe(2);
        up.Made[0].Thing.Values["length"].Near(.7);
    }

    [Fact]
    public void An_offcut_waits_until_the_last_piece_of_its_board_is_cut()
    {
        var heap = A.Heap(A.Thing("board", 1, measures: [("length", 2.4), ("width", .12), ("thickness", .025)]));
        var cast = Caster.Cast([new PiecesNeeded("rails", Rails, 1, .7, .1, .02), new PiecesNeeded("coping", Rails, 1, .6, .1, .02)], null, Stockroom.Of(heap), Core.Salvage.Grown.Food, Core.Materials.Handbook.Default, Effort.Proven);
        CutUp.Of(cast, new HashSet<string>(), heap).Gone.ShouldBeEmpty();
        CutUp.Of(cast, new HashSet<string> { "rails" }, heap).ShouldSatisfyAllConditions(u => u.Gone[1].Count.ShouldBe(1), u => u.Back.ShouldBeEmpty());
        CutUp.Of(cast, new HashSet<string> { "rails", "coping" }, heap).Back.Count.ShouldBe(1);
    }

    [Fact]
    public void Given_up_half_way_what_is_left_of_a_board_lies_there_with_its_pieces()
    {
        var heap = A.Heap(A.Thing("board", 1, measures: [("length", 2.4), ("width", .12), ("thickness", .025)]));
        var cast = Caster.Cast([new PiecesNeeded("rails", Rails, 1, .7, .1, .02), new PiecesNeeded("coping", Rails, 1, .6, .1, .02)], null, Stockroom.Of(heap), Core.Salvage.Grown.Food, Core.Materials.Handbook.Default, Effort.Proven);
        var up = CutUp.Of(cast, new HashSet<string> { "rails" }, heap);
        // All but a trim at both ends and one saw cut.
        up.Made.Sum(t => t.Thing.Values["length"] * t.Thing.Count).ShouldBe(2.4, .02);
        up.Made.ShouldContain(t => Math.Abs(t.Thing.Values["length"] - .7) < 1e-9);
    }

    [Fact]
    public void Of_a_thing_of_which_units_are_taken_apart_two_ways_each_bar_is_what_its_own_way_gives()
    {
        var heap = A.Heap(A.HeatMarkedPallets(2));
        var pallet = heap.Find(1)!;
        var ways = pallet.Thing.Kind.BreakDown(pallet.Thing).Where(w => w.Yields.Any(y => y.Form == Form.Board)).Take(2).ToList();
        ways.Count.ShouldBe(2);
        var boards = ways.ConvertAll(w => w.Yields.First(y => y.Form == Form.Board));
        boards[0].Length.ShouldNotBe(boards[1].Length);
        var cast = Core.Casting.Cast.Nothing with
        {
            Takes = [.. ways.Select((w, i) => new Take(1, "rails", w.Id, new(i + 1)))],
            TakenApart = [.. ways.Select(w => (pallet, w, 1))],
            Cuts = new([.. boards.Select((y, i) => new Core.Cutting.CutBar(new(1, i + 1, y.Length, y.Width, y.Thickness, []), [new("rails", .005, .205)], []))], new Dictionary<string, int>()),
        };
        var done = ways.Select(w => CutUp.Apart(1, w.Id)).ToHashSet();
        var got = CutUp.Of(cast, done, heap);
        // Got and not cut: the two bars whole, each as long as its own way gives them; of each way one board fewer is not wanted.
        got.Made.Select(t => t.Thing.Values["length"]).Order().ShouldBe(boards.Select(b => b.Length).Order());
        got.Back.Sum(t => t.Thing.Count).ShouldBe(ways.Sum(w => w.Yields.Sum(y => (int)Math.Floor(y.Expected + 1e-9))) - 2);
        done.Add("rails");
        CutUp.Of(cast, done, heap).Made.Sum(t => t.Thing.Count).ShouldBe(2);
    }

    [Fact]
    public void A_pallet_sawn_for_sections_leaves_the_slats_beside_them()
    {
        var heap = A.Heap(A.HeatMarkedPallets(12));
        var design = Catalogue.Find("pallet-bed")!;
        var lead = Leads.Of(design, Stockroom.Of(heap)).Found[0];
        var set = design.Settings(lead).ToDictionary(s => s.Id, s => s.Default);
        var draft = Draft.Of(design, new(lead, set, Brief.Default), Stockroom.Of(heap)).OrThrow();
        var up = CutUp.Of(draft.Cast, new HashSet<string> { "pallets" }, heap);
        up.Gone[1].Count.ShouldBe(draft.Cast.Of("pallets").Count());
        var slats = ((Core.Salvage.Kinds.PalletMeasures)heap.Find(1)!.Thing.Measures).Slats;
        // Nothing is lost: sections made and parts left have together all the slats there were.
        up.Back.Concat(up.Made).Sum(t => t.Thing.Values["slats"] * t.Thing.Count).ShouldBe(up.Gone[1].Count * slats);
    }

    [Fact]
    public void Of_what_was_taken_apart_the_boards_nobody_wanted_lie_there()
    {
        var heap = A.Heap(A.HeatMarkedPallets(3));
        var cast = A.Cast(new PiecesNeeded("rails", Rails, 2, .7, .08, .015), heap);
        var (thing, way, units) = cast.TakenApart.ShouldHaveSingleItem();
        var up = CutUp.Of(cast, new HashSet<string> { CutUp.Apart(1, way.Id) }, heap);
        up.Gone[1].Count.ShouldBe(units);
        var got = way.Yields.Sum(y => Math.Floor(y.Expected * units + 1e-9));
        up.Back.Sum(t => t.Thing.Count).ShouldBe((int)got - cast.Cuts.Bars.Count);
        up.Back.ShouldAllBe(t => t.Thing.History.Contains(Findings.PalletWood));
    }

    /// <summary>Every need that is sawn is cut by one step and no more, in every design on every lead.</summary>
    [Fact]
    public void Every_need_that_is_sawn_is_cut_by_exactly_one_step()
    {
        var room = Stockroom.Of(Yards.Whole);
        foreach (var design in Catalogue.All)
        {
            foreach (var lead in Leads.Of(design, room).Found)
            {
                var set = design.Settings(lead).ToDictionary(s => s.Id, s => s.LeastThatHolds ? s.Stops[^1].Value : s.Default);
                if (Draft.Of(design, new(lead, set, Brief.Default), room) is not { Ok: true, Value: var draft }) continue;
                var cut = draft.Blueprint.Operations().SelectMany(o => o.Cuts).ToList();
                // A drum is cut down and then drilled; a piece is cut once.
                cut.Where(id => draft.Demand.Needs.First(n => n.Id == id) is not WholeNeeded).ShouldBeUnique();
                foreach (var need in draft.Demand.Needs.Where(n => n is PiecesNeeded or PanelsNeeded or CoursesNeeded or SectionsNeeded or SheetsNeeded)) cut.ShouldContain(need.Id, $"{design.Id} of {lead.Key}");
                cut.ShouldBeSubsetOf(draft.Demand.Needs.Select(n => n.Id));
            }
        }
    }
}
