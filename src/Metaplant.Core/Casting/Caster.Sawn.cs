using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Salvage.Kinds;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <content>Sawn wood, laid out together over everything that gives boards and timbers.</content>
public sealed partial class Caster
{
    private (CutPlan Plan, bool Proven) CutAll(IReadOnlyList<Need> needs)
    {
        var items = new List<SawnItem>();
        var whole = needs.OfType<PiecesNeeded>().ToList();
        foreach (var need in whole) items.Add(new(need.Id, need.Count, need.Length, need.Wide, need.Thin, StocksFor(need, need.Length, need.Wide, need.Thin), k => prices.CostOf(need, k)));
        var coursed = needs.OfType<CoursesNeeded>().Select(n => (Need: n, Classes: ChooseCourses(n, items))).ToList();
        if (items.Count == 0 && opened.Count == 0 && coursed.Count == 0) return (CutPlan.Empty, true);
        var plan = new SawnSearch(items, stocks, opened, minuteWorth, effort == Effort.Proven ? ProvenNodes : 0).Run();
        // Quick or not, nothing is told as missing before it was looked for in all there is.
        if (plan.Cost.Missing > Unavoidable(items) && effort == Effort.Quick) plan = new SawnSearch([.. items.Select(All)], stocks, opened, minuteWorth, MissingNodes).Run();
        // Courses are of certain boards; what can be bought leaves these things alone where else a course would lack.
        if (plan.Cost.Missing > 0 && items.Exists(i => i.Coursed) && new SawnSearch(BesideCourses(items), stocks, opened, minuteWorth, 0).Run() is var spared && spared.Cost.Missing < plan.Cost.Missing) plan = spared;
        takingApart += SawnSearch.Minutes(stocks, plan.Bars);
        var cut = Cut(plan);
        foreach (var need in whole) pieces[need.Id] = [.. Pieces(need, need.Id, need.Count, need.Length, need.Wide, need.Thin, cut, plan).Select(p => need.Exact is { } side ? p with { Width = p.Wide, Thickness = side } : p)];
        foreach (var (need, classes) in coursed) FinishCourses(need, classes, cut, plan);
        foreach (var need in whole)
        {
            if (plan.Bought.GetValueOrDefault(need.Id) is not (> 0 and var count)) continue;
            Buy(need, count);
            if (buys[^1].Row is null) shorts.Add(new(need, count, CutPlan.Untrimmed(need.Length), need.LeastWidth, need.LeastThickness));
        }

        var shared = SharedBars.Of(buys);
        buys.Clear();
        buys.AddRange(shared);

        return (ToCutPlan(plan), plan.Proven);
    }

    private List<SawnItem> BesideCourses(List<SawnItem> items)
    {
        var taken = items.Where(i => i.Coursed).SelectMany(i => i.From).Select(s => stocks[s].Lot.ThingId).ToHashSet();
        return [.. items.Select(i => i.Coursed || i.Bought(1) is null ? i : i with { From = [.. i.From.Where(s => !taken.Contains(stocks[s].Lot.ThingId))] })];
    }

    /// <summary>Pieces that no stock and no shop gives whatever is done.</summary>
    private int Unavoidable(List<SawnItem> items) => items.Where(i => All(i).From.Count == 0 && i.Bought(1) is null).Sum(i => i.Count);

    /// <summary>The same item from every stock that suits it.</summary>
    private SawnItem All(SawnItem item) => allStocks.TryGetValue(item.Id, out var all) ? item with { From = all } : item;

    /// <summary>Lots that pieces of a size may be cut from, each added to the stocks once.</summary>
    private List<int> StocksFor(Need need, double length, double wide, double thin)
    {
        var found = new List<int>();
        foreach (var (lot, why) in room.For(need.Role, grown))
        {
            var suits = lot.Wide >= wide - 1e-9 && lot.Thin >= thin - 1e-9 && lot.Length >= length - 1e-9;
            if (need is PiecesNeeded { Most: var most }) suits &= lot.Wide <= most.Width + 1e-9 && lot.Thin <= most.Thickness + 1e-9;
            if (!suits || FreeUnits(lot.Of) is not (> 0 and var free)) continue;
            if (why is not null)
            {
                passedOver.TryAdd(need.Id, new(need.Name, lot.ThingId, lot.Of.Thing.Name, why));
                continue;
            }

            var known = stocks.FindIndex(s => ReferenceEquals(s.Lot, lot));
            if (known < 0)
            {
                known = stocks.Count;
                stocks.Add(new(lot, free));
            }

            found.Add(known);
        }

        if (need is PiecesNeeded) allStocks[need.Id] = found;
        return need is PiecesNeeded ? Likeliest(found, length, need.Amount) : found;
    }

    /// <summary>While nobody looks, the cheapest stocks that together have three times what is wanted; all of them otherwise.</summary>
    private List<int> Likeliest(List<int> found, double length, double count)
    {
        if (effort == Effort.Proven || found.Count <= 4) return found;
        var enough = 3 * count;
        var few = new List<int>();
        foreach (var s in found.OrderBy(s => stocks[s].Lot.Way.Minutes * minuteWorth / stocks[s].Lot.FromEach + stocks[s].Lot.Wide * stocks[s].Lot.Thin * length * SawnSearch.WoodWorth).ThenBy(s => stocks[s].Lot.Of.Thing.Number))
        {
            if (enough <= 0 && few.Count >= 4) break;
            few.Add(s);
            enough -= stocks[s].Units * stocks[s].Lot.FromEach * Math.Floor(stocks[s].Lot.Length / length);
        }

        return few;
    }

    /// <summary>Cuts each bar out of a unit that is free, and remembers which.</summary>
    private Dictionary<string, Queue<Piece>> Cut(SawnPlan plan)
    {
        var cut = new Dictionary<string, Queue<Piece>>(StringComparer.Ordinal);
        foreach (var group in plan.Bars.GroupBy(b => (stocks[b.Stock].Lot.ThingId, stocks[b.Stock].Lot.Way.Id)))
        {
            var lot = stocks[group.First().Stock].Lot;
            var free = Free(lot.Of).ToList();
            foreach (var ofStock in group.GroupBy(b => b.Stock))
            {
                var own = stocks[ofStock.Key].Lot;
                foreach (var (bar, i) in ofStock.Select((b, i) => (b, i)))
                {
                    var unit = barUnits[(ofStock.Key, i)] = free[i / own.FromEach];
                    foreach (var c in bar.Cuts) Of(c.WantedId).Enqueue(new(c.WantedId, own.Of, own.Way.Id, unit, c.To - c.From, own.Wide, own.Thin));
                }
            }

            var units = group.GroupBy(b => b.Stock).Max(s => (s.Count() + stocks[s.Key].Lot.FromEach - 1) / stocks[s.Key].Lot.FromEach);
            if (!lot.AsItIs) takenApart.Add((lot.Of, lot.Way, units));
            foreach (var unit in free.Take(units)) takes.Add(new(lot.ThingId, group.First().Cuts[0].WantedId.Split('#')[0], lot.Way.Id, new(unit)));
            Left(lot.Of).RemoveAll(u => free.Take(units).Contains(u.Unit));
        }

        return cut;

        Queue<Piece> Of(string id) => cut.TryGetValue(id, out var queue) ? queue : cut[id] = new();
    }

    private IEnumerable<Piece> Pieces(Need need, string id, int count, double length, double wide, double thin, Dictionary<string, Queue<Piece>> cut, SawnPlan plan)
    {
        var from = cut.GetValueOrDefault(id);
        for (var i = 0; i < count; i++)
        {
            if (from is { Count: > 0 }) yield return from.Dequeue() with { NeedId = need.Id };
            else if (prices.Cheapest(need, Math.Max(1, plan.Bought.GetValueOrDefault(id))) is { Row: var row }) yield return new(need.Id, null, row.Id, 0, length, Math.Max(row.Width, row.Thickness), Math.Min(row.Width, row.Thickness));
            else yield return new(need.Id, null, "", 0, length, wide, thin) { Missing = true };
        }
    }

    private CutPlan ToCutPlan(SawnPlan plan)
    {
        List<CutBar> bars = [];
        foreach (var group in plan.Bars.GroupBy(b => b.Stock))
        {
            var lot = stocks[group.Key].Lot;
            bars.AddRange(group.Select((b, i) => new CutBar(
                new(lot.ThingId, barUnits[(group.Key, i)], lot.Length, lot.Wide, lot.Thin, lot.Bad), [.. b.Cuts.Select(c => c with { WantedId = c.WantedId.Split('#')[0] }).OrderBy(c => c.From)],
                [.. b.Free.Where(f => f.To - f.From >= CutPlan.WorthKeeping).Select(f => new Cut("", f.From, f.To))])));
        }

        return new(bars, plan.Bought.GroupBy(b => b.Key.Split('#')[0]).ToDictionary(g => g.Key, g => g.Sum(b => b.Value)));
    }
}
