using Metaplant.Core.Building;
using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Making;

/// <summary>A piece is sawn too short, and what is made of it goes on from what is left.</summary>
public class MiscutTests
{
    private static readonly HashSet<string> Nothing = [];

    private static Fit Of(string design, Heap heap, string kind)
    {
        var (of, room) = (Catalogue.Find(design)!, Stockroom.Of(heap));
        var lead = Leads.Of(of, room).Found.First(l => l.Main.Of.Thing.Kind.Id == kind);
        return Fit.Of(Draft.Of(of, new(lead, of.Settings(lead).ToDictionary(s => s.Id, s => s.Default), Brief.Default), room, Effort.Proven).OrThrow(), room);
    }

    private static CutBar Bar(params double[] pieces)
    {
        var bar = new CutBar(new(1, 1, 2.4, .12, .025, []), [], []);
        return pieces.Aggregate(bar, (b, length) => b.And("rails", length)!);
    }

    [Fact]
    public void What_was_to_follow_goes_into_the_rest_and_nothing_is_cut_across_the_saw_cut()
    {
        // .005 trimmed, .700, .003 sawn, .700, .003, and 0.984 m over.
        var (left, lost) = Bar(.7, .7).Broken(0, .4);
        lost.ShouldBeEmpty();
        left.Bar.Sawn.ShouldBe([.405]);
        // In the least stretch that takes it: of 1.987 m there is one.
        left.Cuts.Select(c => c.From).ShouldBe([.408, 1.111], 1e-9);
        left.Offcuts.Select(o => (o.To - o.From).ToString("0.000", System.Globalization.CultureInfo.InvariantCulture)).ShouldBe(["0.400", "0.581"]);
    }

    [Fact]
    public void A_short_piece_still_gives_a_shorter_one_that_was_to_follow()
    {
        var (left, lost) = Bar(1.25, .9, .2).Broken(0, 1.15);
        lost.Select(c => c.To - c.From).ShouldBe([1.25], 1e-9);
        // 0.9 m goes into the 1.15 m that are the short piece, and 0.2 m beside it.
        left.Cuts.Select(c => (c.From, c.To - c.From)).ShouldContain(c => c.Item1 < .01 && Math.Abs(c.Item2 - .9) < 1e-9);
        left.Used.Near(1.1);
        left.Cuts.ShouldAllBe(c => c.To <= 1.155 + 1e-9 || c.From >= 1.158 - 1e-9);
    }

    [Fact]
    public void What_was_cut_before_it_stays_where_it_is()
    {
        var bar = Bar(.9, .7, .5);
        var (left, lost) = bar.Broken(1, .3);
        left.Cuts[0].ShouldBe(bar.Cuts[0]);
        lost.Select(c => c.To - c.From).ShouldBe([.5], 1e-9);
        left.Cuts.Count.ShouldBe(2);
    }

    [Fact]
    public void Whatever_piece_of_whatever_design_is_sawn_too_short_it_is_made_of_as_many_pieces_as_before_or_asks_for_what_it_lacks()
    {
        var (mended, asked) = (0, 0);
        List<string> said = [];
        foreach (var heap in (Heap[])[Yards.Whole, .. Enumerable.Range(0, 12).Select(Yards.Any)])
        {
            var room = Stockroom.Of(heap);
            foreach (var design in Catalogue.All)
            {
                foreach (var lead in Leads.Of(design, room).Found.Take(2))
                {
                    if (Draft.Of(design, new(lead, design.Settings(lead).ToDictionary(s => s.Id, s => s.Default), Brief.Default), room, Effort.Proven) is not { Ok: true, Value: var draft }) continue;
                    var fit = Fit.Of(draft, room);
                    if (fit.Cast.Unfilled.Any()) continue;
                    // The first and the last piece of the first and the last bar.
                    foreach (var (bar, cut) in Ends(fit.Cast.Cuts.Bars).Distinct())
                    {
                        var piece = fit.Cast.Cuts.Bars[bar].Cuts[cut];
                        var which = $"{design.Id}, {lead.Key}, board {bar}, piece {cut}";
                        var recut = Miscuts.Apply(fit, new(bar, cut, (piece.To - piece.From) * .6), Nothing, room);
                        if (!recut.Ok)
                        {
                            recut.Problems[0].Field.ShouldBe("length", which);
                            recut.Problems[0].Sentence.ToString().ShouldContain("at least", Case.Sensitive, which);
                            asked++;
                            continue;
                        }

                        Sound(fit, recut.Value.Fit, heap, which);
                        said.Add(recut.Value.Words.ToString());
                        mended++;
                    }
                }
            }
        }

        mended.ShouldBeGreaterThan(60);
        asked.ShouldBeGreaterThan(0);
        // Each place that a piece can come from was met with.
        foreach (var from in (string[])["What is left of that board", "out of what is left of", "out of post now", "out of bought wood"]) said.ShouldContain(s => s.Contains(from), from);
    }

    private static IEnumerable<(int Bar, int Cut)> Ends(IReadOnlyList<CutBar> bars)
        => bars.Count == 0 ? [] : ((int[])[0, bars.Count - 1]).SelectMany(b => ((int[])[0, bars[b].Cuts.Count - 1]).Select(c => (b, c)));

    private static void Sound(Fit before, Fit after, Heap heap, string which)
    {
        var asked = before.Design.Ask(before.Set).OrThrow().Needs;
        foreach (var need in asked) after.Cast[need.Id].Count.ShouldBe(before.Cast[need.Id].Count, which);
        after.Cast.Unfilled.ShouldBeEmpty(which);
        foreach (var taken in after.Cast.Takes.GroupBy(t => t.ThingId)) Remains.Overdrawn(heap.Find(taken.Key)!.Thing, [.. taken.Select(t => t.Taken).Distinct()]).ShouldBeFalse(which);
        // Every piece that is not bought is cut somewhere, as many and as long as they are.
        foreach (var id in before.Cast.Cuts.Bars.SelectMany(b => b.Cuts).Select(c => c.WantedId).Distinct())
        {
            var cuts = after.Cast.Cuts.Bars.SelectMany(b => b.Cuts).Count(c => c.WantedId == id);
            cuts.ShouldBe(after.Cast[id].Count(p => p.Of is not null), $"{which}: {id}");
        }

        foreach (var bar in after.Cast.Cuts.Bars)
        {
            var cuts = bar.Cuts.OrderBy(c => c.From).ToList();
            for (var i = 1; i < cuts.Count; i++) (cuts[i].From - cuts[i - 1].To).ShouldBeGreaterThanOrEqualTo(CutPlan.Kerf - 1e-9, which);
            cuts.ShouldAllBe(c => c.From >= CutPlan.Trim - 1e-9 && c.To <= bar.Bar.Length - CutPlan.Trim + 1e-9, which);
            cuts.ShouldAllBe(c => bar.Bar.Sawn.All(x => c.To <= x + 1e-9 || c.From >= x + CutPlan.Kerf - 1e-9), which);
            cuts.ShouldAllBe(c => bar.Bar.Bad.All(b => c.To <= b.From + 1e-9 || c.From >= b.To - 1e-9), which);
        }
    }

    /// <summary>A wall comes out as wide as it was drawn: a wider board is ripped, and it is said; with none at all the least that would do is asked for.</summary>
    [Theory]
    [InlineData(.16, "ripped to")]
    [InlineData(null, "at least")]
    public void Of_a_wall_the_board_that_takes_its_place_is_as_wide(double? width, string said)
    {
        // Of short boards out of pallets nothing is left that another could come out of.
        var fit = Of("upright-bed", Yards.Whole, "pallet");
        var lead = fit.Lead.Thing.Thing;
        var at = Enumerable.Range(0, fit.Cast.Cuts.Bars.Count).First(i => fit.Cast.Cuts.Bars[i] is var b && b.Bar.ThingId == lead.Id && b.Cuts.All(c => fit.Cast.Panels.ContainsKey(c.WantedId)) && b.Broken(0, Short(b)).Lost.Count > 0);
        var bar = fit.Cast.Cuts.Bars[at];
        var used = fit.Cast.Takes.GroupBy(t => t.ThingId).ToDictionary(g => g.Key, g => g.Max(t => t.Taken.Unit));
        // No more of them than it takes, and nothing else like them.
        List<Thing> left = [.. Yards.Whole.Things.Where(t => used.ContainsKey(t.Thing.Id)).Select(t => t.Thing.Id == lead.Id ? t.Thing with { Count = used[lead.Id] } : t.Thing)];
        if (width is { } wide) left.Add(A.Thing("board", 3, "wide boards", id: 90, measures: [("length", 1.2), ("width", wide), ("thickness", Math.Min(bar.Bar.Width, bar.Bar.Thickness))]));
        var recut = Miscuts.Apply(fit, new(at, 0, Short(bar)), Nothing, Stockroom.Of(A.Heap([.. left])));
        if (width is null)
        {
            recut.Problems[0].Sentence.ToString().ShouldContain(said);
            return;
        }

        var made = recut.OrThrow();
        made.Words.ToString().ShouldContain(said);
        foreach (var (before, after) in fit.Cast.Panels.Values.SelectMany(p => p).Zip(made.Fit.Cast.Panels.Values.SelectMany(p => p))) after.Widths.ShouldBe(before.Widths);
        made.Fit.Cast.Takes.ShouldContain(t => t.ThingId == 90);

        static double Short(CutBar bar) => (bar.Cuts[0].To - bar.Cuts[0].From) * .95;
    }

    [Fact]
    public void The_board_is_off_the_heap_at_once_and_its_short_piece_lies_there_with_the_last_that_is_cut_from_it()
    {
        var heap = Yards.Whole;
        var fit = Of("upright-bed", heap, "board");
        var at = Enumerable.Range(0, fit.Cast.Cuts.Bars.Count).First(i => fit.Cast.Cuts.Bars[i].Cuts[0] is var c && c.To - c.From > .6);
        var bar = fit.Cast.Cuts.Bars[at];
        var recut = Miscuts.Apply(fit, new(at, 0, bar.Cuts[0].To - bar.Cuts[0].From - .1), Nothing, Stockroom.Of(heap)).OrThrow();
        CutUp.Of(fit.Cast, Nothing, heap).Gone.ShouldBeEmpty();
        CutUp.Of(recut.Fit.Cast, Nothing, heap).Gone[bar.Bar.ThingId].ShouldBe([bar.Bar.Piece]);
        var all = recut.Fit.Cast.Cuts.Bars.SelectMany(b => b.Cuts).Select(c => c.WantedId).ToHashSet();
        double Lying(Cast cast) => CutUp.Of(cast, all, heap).Back.Sum(t => t.Thing.Values["length"] * t.Thing.Count);
        double Wood(Cast cast) => cast.Cuts.Bars.Sum(b => b.Bar.Length);
        // What is cut into and neither used nor lying there again is saw cuts, ends and bits.
        (Wood(recut.Fit.Cast) - recut.Fit.Cast.Cuts.Bars.Sum(b => b.Used) - Lying(recut.Fit.Cast)).ShouldBeInRange(0, (CutPlan.WorthKeeping + 2 * CutPlan.Trim) * recut.Fit.Cast.Cuts.Bars.Count);
    }

    [Fact]
    public void What_serves_what_is_ticked_and_what_is_not_there_is_refused_at_its_field()
    {
        var heap = Yards.Whole;
        var (fit, room) = (Of("upright-bed", heap, "board"), Stockroom.Of(heap));
        var piece = fit.Cast.Cuts.Bars[0].Cuts[0];
        Miscuts.Apply(fit, new(0, 0, piece.To - piece.From), Nothing, room).Problems[0].Field.ShouldBe("length");
        Miscuts.Apply(fit, new(0, 0, double.NaN), Nothing, room).Problems[0].Field.ShouldBe("length");
        Miscuts.Apply(fit, new(0, 0, -.1), Nothing, room).Problems[0].Field.ShouldBe("length");
        Miscuts.Apply(fit, new(0, 99, .1), Nothing, room).Problems[0].Field.ShouldBe("piece");
        Miscuts.Apply(fit, new(-1, 0, .1), Nothing, room).Problems[0].Field.ShouldBe("piece");
        Miscuts.Apply(fit, new(0, 0, .1), new HashSet<string> { piece.WantedId }, room).Problems[0].Sentence.ToString().ShouldContain("ticked");
    }
}
