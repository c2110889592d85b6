using Metaplant.Core.Designs;
using Metaplant.Core.Fetching;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Tests.Designs;
using Metaplant.Core.Words;

namespace Metaplant.Core.Tests.Fetching;

/// <summary>What something that lies elsewhere would do for the heap, and what is worth looking for.</summary>
public class WorthTests
{
    private static readonly Heap Tubs = A.Heap(A.FoodTub(), A.Thing("grit", id: 2), A.Thing("fabric", id: 3));

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static Worth Of(Heap heap, Thing thing) => Worth.Of(heap, thing, HouseRules.Default, Brief.Default, Aim.MostSoil, cancel: Cancel);

    /// <summary>What is wanted on heaps made by chance, which is little on most.</summary>
    private static readonly Lazy<IReadOnlyList<(int Seed, Heap Heap, WantedThing Wanted)>> ByChance = new(() => [.. Enumerable.Range(0, 120).AsParallel().AsOrdered().SelectMany(seed => Yards.Any(seed) is var heap ? Wanted(heap).Select(w => (seed, heap, w)) : [])]);

    private static IReadOnlyList<WantedThing> Wanted(Heap heap) => WantedList.Of(heap, HouseRules.Default, Brief.Default, Aim.MostSoil);

    private static Thing Tub(double across, string finding = Findings.HeldFood) => A.Thing("round-tub", 2, id: 90, findings: [finding, Findings.LookedOver], substance: Metaplant.Core.Materials.Substance.Polyethylene,
        measures: [("topDiameter", across), ("bottomDiameter", across * .8), ("height", .42)]);

    [Fact]
    public void A_wider_tub_betters_what_can_be_made_and_a_narrower_one_only_serves()
    {
        var wide = Of(Tubs, Tub(.9)).Unlocks.Single(u => u.With.Design.Id == "drilled-tub");
        wide.Gain.ShouldBe(Gain.Betters);
        wide.With.Assessment.Grow.Litres!.Value.ShouldBeGreaterThan(wide.Without!.Assessment.Grow.Litres!.Value);
        wide.Words.ToString().ShouldContain(", where now it is ");
        new Teller(Lengths.Inches).Tell(wide.Words).ShouldNotContain("mm");
        var narrow = Of(Tubs, Tub(.5)).Unlocks.Single(u => u.With.Design.Id == "drilled-tub");
        narrow.Gain.ShouldBe(Gain.Serves);
    }

    [Fact]
    public void What_is_the_same_with_and_without_is_said_once_and_only_the_soil_differs()
    {
        Fit Tubful(double high) => Matcher.Match(Core.Designs.Catalogue.Find("drilled-tub")!, A.Heap(A.Thing("round-tub", id: 1, findings: [Findings.HeldFood, Findings.LookedOver], substance: Metaplant.Core.Materials.Substance.Polyethylene, measures: [("topDiameter", .6), ("bottomDiameter", .5), ("height", high)])), Brief.Default, Aim.MostSoil).Best!;
        Fit small = Tubful(.40), large = Tubful(.44);
        var told = new Unlock(Gain.Betters, large with { Blueprint = large.Blueprint with { Size = small.Blueprint.Size } }, small, null, 1).Words.ToString();
        told.ShouldStartWith(small.Blueprint.Size.ToString());
        told.ShouldNotContain("where now it is");
        told.ShouldContain($"{large.Assessment.Grow.Litres!.Value * 1000:0} litres of soil, now {small.Assessment.Grow.Litres!.Value * 1000:0} litres");
        new Unlock(Gain.Betters, large, small, null, 1).Words.ToString().ShouldContain($"{large.Blueprint.Size}, where now it is {small.Blueprint.Size}; ");
        new Unlock(Gain.Completes, large, null, null, 1).Words.ToString().ShouldNotContain("now");
    }

    [Fact]
    public void What_nothing_was_made_of_before_it_completes()
    {
        var worth = Of(A.Heap(A.Thing("grit", id: 2), A.Thing("fabric", id: 3)), Tub(.6));
        var tub = worth.Unlocks.Single(u => u.With.Design.Id == "drilled-tub");
        tub.Gain.ShouldBe(Gain.Completes);
        tub.Until.ShouldNotBeNull().ToString().ShouldNotBeEmpty();
        tub.Number.ShouldBe(1);
        worth.WhyNot.ShouldBeNull();
        worth.Unlocks.Select(u => u.Gain).ShouldBeInOrder();
    }

    [Fact]
    public void Of_what_is_refused_nothing_is_made_and_it_is_said_why()
    {
        var worth = Of(Tubs, A.Thing("heavy-timber", 6, id: 90, findings: ["creosote"]));
        worth.Unlocks.ShouldBeEmpty();
        worth.WhyNot.ShouldNotBeNull().ToString().ShouldNotBeEmpty();
        worth.Seen.Judgement.Fitness.ShouldBe(Fitness.Refused);
    }

    [Fact]
    public void Not_looked_over_it_is_told_what_it_would_do_if_nothing_spoke_against_it()
    {
        var open = A.Thing("drum", id: 90, measures: [("diameter", .58), ("height", .9)]);
        var worth = Of(A.Heap(A.Thing("grit", id: 2)), open);
        worth.Seen.Judgement.LookedAt.ShouldBeFalse();
        worth.Unlocks.ShouldNotContain(u => u.With.Design.Id == "drilled-tub", "nobody knows what it held");
        var hoped = worth.Hoped.ShouldNotBeNull();
        hoped.Seen.Thing.Findings.ShouldContain(Findings.LookedOver);
        hoped.Unlocks.ShouldContain(u => u.With.Design.Id == "drilled-tub" && u.Gain == Gain.Completes);
        // Looked over there is nothing left to hope, and what is refused is not hoped for.
        Of(Tubs, Tub(.6)).Hoped.ShouldBeNull();
        Of(Tubs, A.Thing("drum", id: 90, findings: [Findings.HeldChemical])).Hoped.ShouldBeNull();
    }

    [Fact]
    public void Of_what_is_of_no_use_it_is_said_why()
    {
        var worth = Of(Tubs, A.Thing("board", id: 90, measures: [("length", .3), ("width", .05), ("thickness", .01)]));
        worth.Unlocks.ShouldBeEmpty();
        worth.WhyNot.ShouldNotBeNull().ToString().ShouldNotBeEmpty();
    }

    [Fact]
    public void Nothing_that_is_told_of_it_fails_or_lacks_anything_and_all_of_it_takes_the_thing()
    {
        for (var seed = 0; seed < 6; seed++)
        {
            var heap = Yards.Any(seed);
            var thing = heap.Things[^1].Thing;
            var worth = Of(new([.. heap.Things.Take(heap.Things.Count - 1)]), thing);
            foreach (var u in worth.Unlocks)
            {
                u.With.Good.ShouldBeTrue($"seed {seed}, {u.With.Design.Id}");
                (u.With.Cast.Takes.Any(t => t.ThingId == thing.Id) || u.With.Lead.Lots.Any(l => l.ThingId == thing.Id)).ShouldBeTrue($"seed {seed}, {u.With.Design.Id}");
                u.Number.ShouldBeInRange(1, thing.Count);
                // What is told as better is the best there is with it on the heap.
                if (u.Gain == Gain.Betters) Matcher.Match(u.With.Design, heap, Brief.Default, Aim.MostSoil, cancel: Cancel).Best!.Blueprint.Size.ShouldBe(u.With.Blueprint.Size);
            }

            (worth.Unlocks.Count > 0).ShouldBe(worth.WhyNot is null, $"seed {seed}");
        }
    }

    [Fact]
    public void Boards_that_the_list_asks_for_complete_what_it_says()
    {
        var tried = 0;
        foreach (var (seed, heap, wanted) in ByChance.Value.Where(w => w.Wanted.Like is null && w.Wanted.Givers.Any(g => g.Kind.Id == "board")))
        {
            if (Boards(wanted) is not { } boards) continue;
            ShouldUnlock(wanted, new([.. heap.Things, new(boards, Inspection.Judge(boards, HouseRules.Default), boards.Count)]), $"seed {seed}");
            tried++;
        }

        tried.ShouldBeGreaterThan(4);
    }

    [Fact]
    public void More_of_what_a_planter_is_made_of_on_the_same_pile_completes_what_the_list_says()
    {
        var tried = 0;
        foreach (var (seed, heap, wanted) in ByChance.Value.Where(w => w.Wanted.Like is not null))
        {
            var pile = A.Heap([.. heap.Things.Select(t => t == wanted.Like ? t.Thing with { Count = t.Thing.Count + wanted.Count } : t.Thing)]);
            ShouldUnlock(wanted, pile, $"seed {seed}, like {wanted.Like!.Thing.Name}");
            wanted.Measures.ShouldBeNull("the eye says what is like it");
            wanted.What.ToString().ShouldContain($"{wanted.Count} more like {wanted.Like.Thing.Name}");
            tried++;
        }

        tried.ShouldBeGreaterThan(2);
    }

    [Fact]
    public void The_list_says_where_it_is_found_and_what_to_leave()
    {
        var lists = ByChance.Value.Select(w => w.Wanted).ToList();
        lists.ShouldAllBe(w => w.Count > 0 && w.Spares >= 1 && w.Spares <= w.Count && w.Unlocks.Count > 0);
        lists.SelectMany(w => w.Givers).ShouldAllBe(g => g.Each > 0);
        lists.SelectMany(w => w.Givers).SelectMany(g => g.LeaveIt).ShouldNotBeEmpty();
        lists.ShouldContain(w => w.Givers.Count > 1, "what may stand in for it");
        lists.ShouldContain(w => w.Beside != null && w.Measures!.ToString().Contains("as thick as", StringComparison.Ordinal));
    }

    /// <summary>With it on the heap everything it is said to unlock can be made, and at least as large as it is said.</summary>
    private static void ShouldUnlock(WantedThing wanted, Heap heap, string where)
    {
        foreach (var (with, without) in wanted.Unlocks)
        {
            var after = Matcher.Match(with.Design, heap, Brief.Default, Aim.MostSoil, cancel: Cancel);
            after.Standing.ShouldBe(Standing.WillDo, $"{where}, {with.Design.Id}: {with.Cast.Short[0].Words}; then {after.Why}");
            Ranking.Of(after.Best!, Aim.MostSoil).ShouldBeGreaterThanOrEqualTo(Ranking.Of(with, Aim.MostSoil) - 1e-6, $"{where}, {with.Design.Id}: {with.Cast.Short[0].Words}");
            if (without is not null) Ranking.Of(with, Aim.MostSoil).ShouldBeGreaterThan(1.05 * Ranking.Of(without, Aim.MostSoil), "less is no reason to look for anything");
        }
    }

    /// <summary>Sound boards of just what is asked, which somebody has looked over; null where no board is like that.</summary>
    private static Thing? Boards(WantedThing wanted)
    {
        Dictionary<string, double> measures = new() { ["length"] = Math.Max(.3, wanted.Missing.Length), ["width"] = Math.Max(.04, wanted.Missing.Width), ["thickness"] = wanted.Beside is null ? Math.Max(.018, wanted.Missing.Thickness) : wanted.Missing.Thickness };
        return Thing.Create(90, 90, "Seen", "board", wanted.Count, measures, wanted.Beside?.Thing.Substance, [Findings.LookedOver], [], wanted.Beside is { } beside ? [.. beside.Thing.Findings, .. beside.Thing.History] : []).Value;
    }
}
