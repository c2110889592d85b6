using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Stock;
using Metaplant.Core.Tests.Designs;

namespace Metaplant.Core.Tests.Matching;

/// <summary>What matching passes over without looking is never what would hold.</summary>
public class BoundTests
{
    /// <summary>Ten thousand sizes by chance, of every design on every lead of sixty heaps: each comes to no more than was said before it was looked at, and what the lead was said to be too little for lacks something.</summary>
    [Fact]
    public void No_bound_ever_turns_away_what_holds()
    {
        const int Cases = 10_000;
        int cases = 0, bounded = 0, lacked = 0;
        for (var seed = 0; cases < Cases; seed++)
        {
            var heap = seed == 0 ? Yards.Whole : Yards.Any(1000 + seed);
            var room = Stockroom.Of(heap);
            foreach (var design in Catalogue.All)
            {
                foreach (var lead in Leads.Of(design, room).Found)
                {
                    var random = new Random(seed + lead.Thing.Thing.Id);
                    for (var k = 0; k < 12; k++)
                    {
                        var set = new Chosen(lead, design.Settings(lead).ToDictionary(s => s.Id, s => s.LeastThatHolds ? s.Stops[0].Value : s.Stops[random.Next(s.Stops.Count)].Value), Brief.Default);
                        var asked = design.Ask(set);
                        if (!asked.Ok) continue;
                        cases++;
                        if (Draft.Of(design, set, room) is not { Ok: true, Value: var draft }) continue;
                        var which = $"seed {seed}, {design.Id} of {lead.Key}: {string.Join(", ", set.Values.Select(v => $"{v.Key} {v.Value:0.###}"))}";
                        if (Caster.LeadLacks(asked.Value.Needs, lead) > 0)
                        {
                            draft.Cast.Short.ShouldNotBeEmpty(which);
                            lacked++;
                            continue;
                        }

                        foreach (var aim in Enum.GetValues<Aim>()) Ranking.AtBest(draft, aim).ShouldBeLessThanOrEqualTo(Ranking.AtMost(design, set, aim) + 1e-9, which);
                        if (double.IsFinite(design.AtMost(set))) bounded++;
                        if (k > 0 || draft.Cast.Short.Count > 0) continue;
                        // Solved for, supplied and assessed it comes to no more either.
                        var solved = Solver.Least(design, set, room) ?? draft;
                        var fit = Fit.Of(solved, room);
                        foreach (var aim in Enum.GetValues<Aim>()) Ranking.Of(fit, aim).ShouldBeLessThanOrEqualTo(Ranking.AtBest(draft, aim) + 1e-9, which);
                    }
                }
            }
        }

        bounded.ShouldBeGreaterThan(500);
        lacked.ShouldBeGreaterThan(500);
    }

    /// <summary>While a slider moves what is loose is taken anew beside what is sawn already; it comes to what casting all of it again would.</summary>
    [Fact]
    public void A_cast_carried_on_from_one_stop_to_the_next_is_the_cast_that_would_be_made_anew()
    {
        var carried = 0;
        for (var seed = 0; seed < 30; seed++)
        {
            var heap = seed == 0 ? Yards.Whole : Yards.Any(seed);
            var room = Stockroom.Of(heap);
            foreach (var design in Catalogue.All)
            {
                foreach (var lead in Leads.Of(design, room).Found.Take(3))
                {
                    var settings = design.Settings(lead);
                    var set = new Chosen(lead, settings.ToDictionary(s => s.Id, s => s.Default), Brief.Default);
                    if (Draft.Of(design, set, room) is not { Ok: true, Value: var at }) continue;
                    foreach (var s in settings)
                    {
                        foreach (var stop in s.Stops.Take(4))
                        {
                            var (on, anew) = (Draft.Of(design, set.With(s.Id, stop.Value), room, Effort.Quick, at), Draft.Of(design, set.With(s.Id, stop.Value), room));
                            on.Ok.ShouldBe(anew.Ok);
                            if (!on.Ok) continue;
                            var which = $"seed {seed}, {design.Id} of {lead.Key}, {s.Id} {stop.Value}";
                            var (mine, other) = (on.Value!.Cast, anew.Value!.Cast);
                            mine.Takes.OrderBy(t => t.ToString(), StringComparer.Ordinal).ShouldBe(other.Takes.OrderBy(t => t.ToString(), StringComparer.Ordinal), which);
                            mine.Cost.ShouldBe(other.Cost, 1e-9, which);
                            mine.Short.Select(x => (x.Need.Id, x.Count)).Order().ShouldBe(other.Short.Select(x => (x.Need.Id, x.Count)).Order(), which);
                            mine.TakingApart.ShouldBe(other.TakingApart, 1e-9, which);
                            if (!ReferenceEquals(mine, at.Cast)) carried++;
                        }
                    }
                }
            }
        }

        carried.ShouldBeGreaterThan(300);
    }
}
