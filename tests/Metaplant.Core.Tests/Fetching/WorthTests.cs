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

    private static IReadOnlyList<WantedThing> Wanted(Heap heap) => WantedList.Of(Matcher.Match(heap, Brief.Default, Aim.MostSoil, cancel: Cancel), heap, HouseRules.Default, Aim.MostSoil, Cancel);

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
        narrow.Words.ToString().ShouldEndWith("no better than of what lies here.");
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
        int tried = 0, more = 0;
        for (var seed = 0; seed < 120; seed++)
        {
            var heap = Yards.Any(seed);
            foreach (var wanted in Wanted(heap))
            {
                wanted.Count.ShouldBeGreaterThan(0);
                wanted.Spares.ShouldBeInRange(1, wanted.Count);
                if (wanted.Like is { } like)
                {
                    more += MoreOf(heap, like, wanted, seed);
                    continue;
                }

                if (wanted.Givers.All(g => g.Kind.Id != "board") || Boards(wanted) is not { } boards) continue;
                ShouldUnlock(wanted, new([.. heap.Things, new(boards, Inspection.Judge(boards, HouseRules.Default), boards.Count)]), $"seed {seed}");
                tried++;
            }
        }

        tried.ShouldBeGreaterThan(4);
        more.ShouldBeGreaterThan(2);
    }

    [Fact]
    public void The_list_says_where_it_is_found_and_what_to_leave()
    {
        // A tub that a project would make of is there; what it lacks is told as the matcher tells it.
        List<WantedThing> lists = [.. Enumerable.Range(0, 40).SelectMany(seed => Wanted(Yards.Any(seed)))];
        lists.ShouldNotBeEmpty();
        lists.SelectMany(w => w.Givers).ShouldAllBe(g => g.Each > 0);
        lists.SelectMany(w => w.Givers).SelectMany(g => g.LeaveIt).ShouldNotBeEmpty();
        lists.ShouldContain(w => w.Givers.Count > 1, "what may stand in for it");
    }

    /// <summary>With it on the heap everything it is said to unlock can be made, and at least as large as it is said.</summary>
    private static void ShouldUnlock(WantedThing wanted, Heap heap, string where)
    {
        foreach (var (with, without) in wanted.Unlocks)
        {
            var after = Matcher.Match(with.Design, heap, Brief.Default, Aim.MostSoil, cancel: Cancel);
            after.Standing.ShouldBe(Standing.WillDo, $"{where}, {with.Design.Id}: {with.Cast.Short[0].Words}; then {after.Why}");
            Ranking.Of(after.Best!, Aim.MostSoil).ShouldBeGreaterThanOrEqualTo(Ranking.Of(with, Aim.MostSoil) - 1e-6, $"{where}, {with.Design.Id}: {with.Cast.Short[0].Words}");
            if (without is not null) Ranking.Of(with, Aim.MostSoil).ShouldBeGreaterThan(Ranking.Of(without, Aim.MostSoil));
        }
    }

    /// <summary>So many more of what the planter is mainly made of, on the same pile.</summary>
    private static int MoreOf(Heap heap, HeapThing like, WantedThing wanted, int seed)
    {
        var pile = A.Heap([.. heap.Things.Select(t => t == like ? t.Thing with { Count = t.Thing.Count + wanted.Count } : t.Thing)]);
        ShouldUnlock(wanted, pile, $"seed {seed}, like {like.Thing.Name}");
        return 1;
    }

    /// <summary>Sound boards of just what is asked, which somebody has looked over; null where no board is like that.</summary>
    private static Thing? Boards(WantedThing wanted)
    {
        Dictionary<string, double> measures = new() { ["length"] = Math.Max(.3, wanted.Length), ["width"] = Math.Max(.04, wanted.Width), ["thickness"] = wanted.Beside is null ? Math.Max(.018, wanted.Thickness) : wanted.Thickness };
        return Thing.Create(90, 90, "Seen", "board", wanted.Count, measures, wanted.Beside?.Thing.Substance, [Findings.LookedOver], [], wanted.Beside is { } beside ? [.. beside.Thing.Findings, .. beside.Thing.History] : []).Value;
    }
}
