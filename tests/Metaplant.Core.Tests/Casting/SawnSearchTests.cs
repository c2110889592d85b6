using Metaplant.Core.Casting;
using Metaplant.Core.Cutting;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Tests.Casting;

/// <summary>All sawn wood is laid out together: no piece takes what another could not do without.</summary>
public class SawnSearchTests
{
    private const double Worth = .1;

    private static SawnStock Stock(int id, double length, double wide, double thin, int units, int fromEach = 1, double minutes = 1, string way = "piece")
    {
        var thing = A.Thing("board", units, id: id, measures: [("length", Math.Max(length, wide)), ("width", wide), ("thickness", Math.Min(thin, .08))]);
        return new(new(new(thing, Inspection.Judge(thing, HouseRules.Default), units), new(way, "", [], minutes, [], ""), Form.Board, "board", fromEach, length, wide, thin), units);
    }

    private static SawnPlan Plan(IReadOnlyList<SawnItem> items, IReadOnlyList<SawnStock> stocks, int nodes = 200_000) => new SawnSearch(items, stocks, [], Worth, nodes).Run();

    [Fact]
    public void Short_pieces_do_not_eat_the_only_board_that_is_long_enough_for_another()
    {
        // Taking the short piece first from the long board leaves nothing for the long one.
        List<SawnStock> stocks = [Stock(1, 1.0, .1, .02, 1), Stock(2, .5, .1, .02, 1)];
        var plan = Plan([new("short", 1, .4, .05, .02, [0, 1], _ => null), new("long", 1, .9, .05, .02, [0], _ => null)], stocks);
        plan.Cost.Missing.ShouldBe(0);
        plan.Proven.ShouldBeTrue();
    }

    [Fact]
    public void A_thing_is_taken_apart_one_way_only_and_both_of_what_it_gives_are_used()
    {
        // One pallet by prising: boards and bearers; by sawing: short boards. One cannot be both.
        List<SawnStock> stocks = [Stock(1, 1.2, .095, .018, 1, 6, 40, "long-boards"), Stock(1, .8, .095, .045, 1, 3, 40, "long-boards"), Stock(1, .5, .095, .018, 1, 12, 10, "short-boards")];
        Plan([new("board", 2, 1.0, .09, .018, [0], _ => null), new("bearer", 2, .7, .09, .04, [1], _ => null)], stocks).Cost.Missing.ShouldBe(0);
        Plan([new("board", 2, 1.0, .09, .018, [0], _ => null), new("short", 2, .4, .09, .018, [2], _ => null)], stocks).Cost.Missing.ShouldBe(2);
    }

    [Fact]
    public void What_is_dearer_to_take_apart_than_to_buy_is_bought()
    {
        List<SawnStock> stocks = [Stock(1, 1.2, .095, .045, 1, 3, 60, "parts")];
        Plan([new("post", 1, .5, .045, .045, [0], k => 4 * k)], stocks).Bought["post"].ShouldBe(1);
        Plan([new("post", 1, .5, .045, .045, [0], k => 40 * k)], stocks).Bought.ShouldBeEmpty();
    }

    [Fact]
    public void The_plan_costs_what_the_best_of_all_plans_costs()
    {
        var mattered = 0;
        for (var seed = 0; seed < 500; seed++)
        {
            var random = new Random(seed);
            List<SawnStock> stocks =
            [
                .. Enumerable.Range(1, random.Next(2, 9)).Select(id => Stock(id, .4 + 1.4 * random.NextDouble(), .06 + .01 * random.Next(8), .018 + .005 * random.Next(5), random.Next(1, 3), random.Next(4) == 0 ? 3 : 1, random.Next(4) == 0 ? 20 : 1)),
            ];
            List<SawnItem> items =
            [
                .. Enumerable.Range(0, random.Next(1, 4)).Select(i =>
                {
                    double length = .25 + .8 * random.NextDouble(), wide = .05 + .02 * random.Next(4), thin = .015 + .005 * random.Next(4);
                    var sold = random.Next(2) == 0;
                    double each = 1 + 4 * random.NextDouble();
                    var item = new SawnItem($"i{i}", random.Next(1, 3), length, wide, thin, [], k => sold ? each * k : null);
                    return item with { From = [.. Enumerable.Range(0, stocks.Count).Where(s => SawnSearch.Suits(stocks[s].Lot, item) && stocks[s].Lot.Length >= length + .01)] };
                }),
            ];
            var plan = Plan(items, stocks);
            plan.Proven.ShouldBeTrue($"seed {seed}");
            var best = Exhaustive(items, stocks);
            plan.Cost.Missing.ShouldBe(best.Missing, $"seed {seed}");
            plan.Cost.Money.ShouldBe(best.Money, 1e-6, $"seed {seed}");
            if (plan.Bars.Count > 1) mattered++;
        }

        mattered.ShouldBeGreaterThan(200);
    }

    /// <summary>Every piece into every bar there is, or bought: no order, no bound, no alike.</summary>
    private static SawnCost Exhaustive(IReadOnlyList<SawnItem> items, IReadOnlyList<SawnStock> stocks)
    {
        var pieces = items.SelectMany(i => Enumerable.Repeat(i, i.Count)).ToList();
        var bars = stocks.SelectMany((s, i) => Enumerable.Range(0, s.Units * s.Lot.FromEach).Select(_ => new SawnBar(i, SawnSearch.Sound(s.Lot)))).ToList();
        var bought = items.ToDictionary(i => i.Id, _ => 0);
        SawnCost? best = null;
        Next(0);
        return best!.Value;

        void Next(int at)
        {
            if (at == pieces.Count)
            {
                var used = bars.Where(b => b.Cuts.Count > 0).ToList();
                var cost = SawnSearch.CostOf(items, stocks, used, bought, Worth);
                if (best is null || cost.Against(best.Value) < 0) best = cost;
                return;
            }

            var piece = pieces[at];
            bought[piece.Id]++;
            Next(at + 1);
            bought[piece.Id]--;
            var untouched = new HashSet<int>();
            foreach (var bar in bars)
            {
                if (!piece.From.Contains(bar.Stock) || (bar.Cuts.Count == 0 && !untouched.Add(bar.Stock))) continue;
                var free = bar.Free[0];
                if (free.To - free.From < piece.Length - 1e-9) continue;
                bar.Cuts.Add(new(piece.Id, free.From, free.From + piece.Length));
                bar.Free[0] = new(Math.Min(free.To, free.From + piece.Length + CutPlan.Kerf), free.To);
                Next(at + 1);
                bar.Free[0] = free;
                bar.Cuts.RemoveAt(bar.Cuts.Count - 1);
            }
        }
    }
}
