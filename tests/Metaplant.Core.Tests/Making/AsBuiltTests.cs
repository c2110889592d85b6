using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Making;

/// <summary>What was made comes out a little otherwise than it was drawn, and everything after it follows.</summary>
public class AsBuiltTests
{
    private static readonly HashSet<string> Nothing = [];

    private static Fit Of(Design design, Heap heap, Lead lead)
    {
        var room = Stockroom.Of(heap);
        var set = design.Settings(lead).ToDictionary(s => s.Id, s => s.Default);
        return Fit.Of(Draft.Of(design, new(lead, set, Brief.Default), room, Effort.Proven).OrThrow(), room);
    }

    private static (Fit Fit, Stockroom Room) Upright(Heap? heap = null)
    {
        heap ??= Yards.Whole;
        var design = Catalogue.Find("upright-bed")!;
        return (Of(design, heap, Leads.Of(design, Stockroom.Of(heap)).Found.First(l => l.Main.Of.Thing.Kind.Id == "board")), Stockroom.Of(heap));
    }

    [Fact]
    public void A_panel_that_comes_out_twelve_millimetres_over_takes_coping_liner_and_soil_with_it_and_leaves_its_boards_as_they_are_cut()
    {
        var (planned, room) = Upright();
        var was = planned.Set["length"];
        HashSet<string> cut = ["boards"];
        var made = AsBuilt.Apply(planned, [new("length", null, was + .012)], cut, room).OrThrow();
        made.Cast["boards"].Count.ShouldBe(planned.Cast["boards"].Count);
        made.Cast.Panels["boards"][0].Widths.Sum().Near(was + .012);
        made.Cast["coping-long"].ShouldAllBe(p => Math.Abs(p.Length - (was + .112)) < 1e-9);
        made.Cast["rails-long"].ShouldAllBe(p => p.Length >= was + .012 - 1e-9);
        (made.Blueprint.Soil - planned.Blueprint.Soil).Near(.012 * planned.Set["width"] * (planned.Set["height"] - .03), .01);
        var told = Tally.Changed(Tally.Of(planned), made, cut)!.ToString();
        told.ShouldContain("coping");
        told.ShouldContain("liner");
        told.ShouldContain("soil");
        made.Cast.Takes.Where(t => t.NeedId == "boards").ShouldBe(planned.Cast.Takes.Where(t => t.NeedId == "boards"));
    }

    [Fact]
    public void What_is_cut_already_stays_as_long_as_it_was_cut_and_is_told_to_be_too_short()
    {
        var (planned, room) = Upright();
        HashSet<string> cut = ["boards", "rails-long", "rails-end", "blocks"];
        var made = AsBuilt.Apply(planned, [new("length", null, planned.Set["length"] + .012)], cut, room).OrThrow();
        made.Cast["rails-long"].ShouldBe(planned.Cast["rails-long"]);
        Tally.Changed(Tally.Of(planned), made, cut)!.ToString().ShouldContain("rail of a long wall, cut already, 12 mm too short");
    }

    [Fact]
    public void Thinner_rails_than_drawn_never_hold_better()
    {
        var (planned, room) = Upright();
        var thin = planned.Cast.Weakest("rails-long").Thin;
        var made = AsBuilt.Apply(planned, [new("rails-long", Side.Thickness, thin * .8)], Nothing, room).OrThrow();
        made.Cast.Weakest("rails-long").Thin.Near(thin * .8);
        foreach (var (a, b) in planned.Assessment.Hold.Checks.Zip(made.Assessment.Hold.Checks))
        {
            if (a.Part == "rail-long") ((int)b.Verdict).ShouldBeGreaterThanOrEqualTo((int)a.Verdict, a.Id);
        }

        made.Assessment.Hold.Checks.Where(c => c.Part == "rail-long").ShouldNotBeEmpty();
    }

    [Fact]
    public void A_slip_of_the_pen_is_refused_at_its_field_and_so_is_what_is_not_there()
    {
        var (planned, room) = Upright();
        AsBuilt.Apply(planned, [new("width", null, planned.Set["width"]), new("length", null, 9)], Nothing, room).Problems[0].Field.ShouldBe("measured[1]");
        AsBuilt.Apply(planned, [new("length", null, double.NaN)], Nothing, room).Ok.ShouldBeFalse();
        AsBuilt.Apply(planned, [new("moon", null, 1)], Nothing, room).Ok.ShouldBeFalse();
        AsBuilt.Apply(planned, [new("length", null, .9), new("length", null, .91)], Nothing, room).Ok.ShouldBeFalse();
    }

    /// <summary>Every measure of every design over and under by two in a hundred, before anything is cut and after all is.</summary>
    [Fact]
    public void Every_measure_of_every_design_can_be_put_in_and_takes_nothing_twice()
    {
        var heap = Yards.Whole;
        var room = Stockroom.Of(heap);
        var tried = 0;
        foreach (var design in Catalogue.All)
        {
            var of = 0;
            foreach (var lead in Leads.Of(design, room).Found.Take(2))
            {
                if (Draft.Of(design, new(lead, design.Settings(lead).ToDictionary(s => s.Id, s => s.Default), Brief.Default), room, Effort.Proven) is not { Ok: true }) continue;
                var planned = Of(design, heap, lead);
                var all = planned.Cast.Asked.Select(n => n.Id).ToHashSet();
                foreach (var tape in AsBuilt.Of(planned))
                {
                    foreach (var by in (double[])[.98, 1.02])
                    {
                        foreach (var cut in (HashSet<string>[])[Nothing, all])
                        {
                            var which = $"{design.Id}: {tape.Of} {tape.Side} by {by}, {cut.Count} cut";
                            var made = AsBuilt.Apply(planned, [new(tape.Of, tape.Side, tape.Planned * by)], cut, room);
                            // What no soil or no room is left in is refused with a sentence; nothing throws.
                            if (!made.Ok) continue;
                            foreach (var taken in made.Value.Cast.Takes.GroupBy(t => t.ThingId)) Remains.Overdrawn(heap.Find(taken.Key)!.Thing, [.. taken.Select(t => t.Taken).Distinct()]).ShouldBeFalse(which);
                            foreach (var need in made.Value.Cast.Asked.OfType<SectionsNeeded>()) made.Value.Cast[need.Id].Count.ShouldBe(need.Count, which);
                            foreach (var need in made.Value.Cast.Asked.OfType<PiecesNeeded>()) made.Value.Cast[need.Id].Count.ShouldBe(need.Count, which);
                            if (cut == all) made.Value.Cast.Takes.Where(t => planned.Cast.Asked.Any(n => n.Id == t.NeedId && n is not FillNeeded)).ShouldBe(planned.Cast.Takes.Where(t => planned.Cast.Asked.Any(n => n.Id == t.NeedId && n is not FillNeeded)), which);
                            of++;
                        }
                    }
                }
            }

            of.ShouldBeGreaterThan(1, design.Id);
            tried += of;
        }

        tried.ShouldBeGreaterThan(140);
    }

    [Fact]
    public void The_same_measures_as_drawn_change_nothing()
    {
        var (planned, room) = Upright();
        var made = AsBuilt.Apply(planned, [.. AsBuilt.Of(planned).Where(t => t.Side is null).Select(t => new Taped(t.Of, t.Side, t.Planned))], Nothing, room).OrThrow();
        made.Cast.Takes.ShouldBe(planned.Cast.Takes);
        Tally.Changed(Tally.Of(planned), made, Nothing).ShouldBeNull();
    }
}
