using Metaplant.Core.Cutting;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <summary>Pieces alike that are to be cut, all of one length and least section, m.</summary>
/// <param name="From">Indices of the stocks they may be cut from.</param>
/// <param name="Bought">What so many of them cost in the shop; null where none can be bought.</param>
public sealed record SawnItem(string Id, int Count, double Length, double Wide, double Thin, IReadOnlyList<int> From, Func<int, double?> Bought)
{
    /// <summary>True of the pieces of a course, which come from the boards chosen for it and from no others.</summary>
    public bool Coursed { get; init; }
}

/// <summary>Bars alike from one lot: so many units of its thing, each giving <see cref="Lot.FromEach"/>.</summary>
public sealed record SawnStock(Lot Lot, int Units);

/// <summary>A bar that is cut into.</summary>
public sealed class SawnBar(int stock, IReadOnlyList<BadPlace> free)
{
    public int Stock { get; } = stock;

    public List<Cut> Cuts { get; } = [];

    /// <summary>Stretches still free, from and to in m.</summary>
    public List<BadPlace> Free { get; } = [.. free];
}

/// <summary>What a plan costs, and what it comes to: money, working minutes told as money, and the wood used up told as money, so that plans can be compared.</summary>
/// <param name="Missing">Pieces that neither heap nor shop gives; fewer is better before anything else.</param>
public readonly record struct SawnCost(int Missing, double Money)
{
    /// <summary>Below 0 where this is the better, 0 where they are as good to a thousand-millionth.</summary>
    public int Against(SawnCost other) => Missing != other.Missing ? Missing.CompareTo(other.Missing) : Math.Abs(Money - other.Money) < 1e-9 ? 0 : Money.CompareTo(other.Money);
}

/// <summary>Where every piece is cut.</summary>
/// <param name="Bought">By item, how many are bought or, where they cannot be, missing.</param>
public sealed record SawnPlan(IReadOnlyList<SawnBar> Bars, IReadOnlyDictionary<string, int> Bought, SawnCost Cost, bool Proven);

/// <summary>
/// Lays pieces out over all bars of all lots together, so that no piece takes wood that another could not do without. Branch and bound: the longest pieces first, each into the place that costs least; a branch is left as soon as the
/// least that it can still come to is no better than the best found. Ends proven, or at <paramref name="nodes"/> places looked at with the best so far.
/// </summary>
public sealed class SawnSearch(IReadOnlyList<SawnItem> items, IReadOnlyList<SawnStock> stocks, IReadOnlyList<SawnBar> opened, double minuteWorth, int nodes)
{
    /// <summary>What a m³ of salvaged wood is held to be worth beside money, so that a thick timber is not cut up where a thin one does.</summary>
    public const double WoodWorth = 200;

    private const double Slack = 1e-9;

    private readonly List<(SawnItem Item, bool SameAsLast)> pieces = [.. items.OrderByDescending(i => i.Length).ThenByDescending(i => i.Thin * i.Wide).ThenBy(i => i.Id, StringComparer.Ordinal).SelectMany(i => Enumerable.Range(0, i.Count).Select(k => (i, k > 0)))];
    private readonly List<SawnBar> bars = [.. opened.Select(b => Copy(b))];
    private readonly int[] used = [.. stocks.Select((_, s) => opened.Count(b => b.Stock == s))];
    private readonly Dictionary<string, int> bought = new(StringComparer.Ordinal);
    private readonly Dictionary<(string, int), double?> prices = [];
    private readonly (IReadOnlyList<int>[] Own, IReadOnlyList<int>[][] Others) ways = Ways(stocks);
    private readonly IReadOnlyList<BadPlace>[] sound = [.. stocks.Select(s => Sound(s.Lot))];
    private double[] least = [];
    private readonly bool greedy = nodes == 0;

    /// <summary>True where every piece is so long that none goes into what is left too short to be kept: then all that is not kept is lost already.</summary>
    private readonly bool remnantsLost = items.All(i => i.Length >= CutPlan.WorthKeeping);
    private int left = nodes;
    private bool stopped;
    private SawnPlan? best;

    public SawnPlan Run()
    {
        // The least each piece can cost: the wood of it in the thinnest bar that does, or its share of what is bought.
        least = new double[pieces.Count + 1];
        for (var i = pieces.Count - 1; i >= 0; i--) least[i] = least[i + 1] + Math.Min(LeastBought(pieces[i].Item), pieces[i].Item.From.Select(s => pieces[i].Item.Length * Section(s) * WoodWorth).DefaultIfEmpty(double.MaxValue).Min());
        Place(0, -1, 0, 0);
        return best! with { Proven = !stopped };
    }

    /// <summary>What it costs to open bars by stocks, in minutes: each unit of a thing is taken apart once, whatever of it is used.</summary>
    public static double Minutes(IReadOnlyList<SawnStock> stocks, IReadOnlyList<int> usedOfEach)
        => stocks.Select((s, i) => (Stock: s, Units: Units(s, usedOfEach[i]))).GroupBy(x => (x.Stock.Lot.ThingId, x.Stock.Lot.Way.Id)).Sum(g => g.Max(x => x.Units) * g.First().Stock.Lot.Way.Minutes);

    /// <summary>What a plan costs: what is bought, the minutes it opens stock for, and the wood that is neither free nor an offcut worth keeping.</summary>
    public static SawnCost CostOf(IReadOnlyList<SawnItem> items, IReadOnlyList<SawnStock> stocks, IReadOnlyList<SawnBar> bars, IReadOnlyDictionary<string, int> bought, double minuteWorth)
    {
        var missing = 0;
        double money = Minutes(stocks, [.. stocks.Select((_, s) => bars.Count(b => b.Stock == s))]) * minuteWorth;
        foreach (var item in items.Where(i => bought.GetValueOrDefault(i.Id) > 0))
        {
            if (item.Bought(bought[item.Id]) is { } price) money += price;
            else missing += bought[item.Id];
        }

        foreach (var bar in bars)
        {
            var lot = stocks[bar.Stock].Lot;
            money += (lot.Length - bar.Free.Where(f => f.To - f.From >= CutPlan.WorthKeeping).Sum(f => f.To - f.From)) * lot.Wide * lot.Thin * WoodWorth;
        }

        return new(missing, money);
    }

    /// <summary>Stretches of a bar of a lot that are sound, trimmed at both ends.</summary>
    public static IReadOnlyList<BadPlace> Sound(Lot lot) => CutPlan.Sound(lot.Length, lot.Bad);

    public static bool Suits(Lot lot, SawnItem item) => lot.Wide >= item.Wide - Slack && lot.Thin >= item.Thin - Slack;

    private static SawnBar Copy(SawnBar bar)
    {
        var copy = new SawnBar(bar.Stock, bar.Free);
        copy.Cuts.AddRange(bar.Cuts);
        return copy;
    }

    private static int Units(SawnStock stock, int usedBars) => (usedBars + stock.Lot.FromEach - 1) / stock.Lot.FromEach;

    private double Section(int stock) => stocks[stock].Lot.Wide * stocks[stock].Lot.Thin;

    private double? Price(SawnItem item, int count) => prices.TryGetValue((item.Id, count), out var known) ? known : prices[(item.Id, count)] = item.Bought(count);

    private double LeastBought(SawnItem item) => Enumerable.Range(1, item.Count).Select(k => Price(item, k) is { } price ? price / k : double.MaxValue).Min();

    /// <summary>Places one piece and all after it, in every way that may still be better than the best.</summary>
    /// <param name="from">The bar that the piece before it went to when it is alike, so that the same plan is not looked at in every order.</param>
    /// <param name="spent">Wood of the pieces placed, told as money.</param>
    /// <param name="missing">Pieces so far that cannot be had.</param>
    private void Place(int at, int from, double spent, int missing)
    {
        if (best is not null)
        {
            if (stopped || left-- <= 0)
            {
                stopped = true;
                return;
            }

            var bound = new SawnCost(missing, BoughtSoFar() + OpeningSoFar() * minuteWorth + (remnantsLost ? LostSoFar() : spent) + (least[at] >= double.MaxValue / 2 ? 0 : least[at]));
            if (bound.Against(best.Cost) >= 0) return;
        }

        if (at == pieces.Count)
        {
            var cost = CostOf(items, stocks, bars, bought, minuteWorth);
            if (best is null || cost.Against(best.Cost) < 0) best = new([.. bars.Where(b => b.Cuts.Count > 0).Select(Copy)], bought.Where(b => b.Value > 0).ToDictionary(StringComparer.Ordinal), cost, false);
            return;
        }

        var (item, same) = pieces[at];
        var lowest = same ? from : -1;
        foreach (var option in Options(item, lowest))
        {
            Take(at, item, option, spent, missing);
            if (stopped) return;
        }
    }

    private void Take(int at, SawnItem item, Option option, double spent, int missing)
    {
        if (option.Bar == int.MaxValue)
        {
            var before = bought.GetValueOrDefault(item.Id);
            bought[item.Id] = before + 1;
            Place(at + 1, int.MaxValue, spent, missing + (Price(item, 1) is null ? 1 : 0));
            bought[item.Id] = before;
            return;
        }

        var fresh = option.Bar == bars.Count;
        if (fresh)
        {
            bars.Add(new(option.Stock, sound[option.Stock]));
            used[option.Stock]++;
        }

        var bar = bars[option.Bar];
        var stretch = bar.Free[option.Stretch];
        bar.Cuts.Add(new(item.Id, stretch.From, stretch.From + item.Length));
        bar.Free[option.Stretch] = new(Math.Min(stretch.To, stretch.From + item.Length + CutPlan.Kerf), stretch.To);
        Place(at + 1, option.Bar, spent + item.Length * Section(option.Stock) * WoodWorth, missing);
        bar.Free[option.Stretch] = stretch;
        bar.Cuts.RemoveAt(bar.Cuts.Count - 1);
        if (!fresh) return;
        bars.RemoveAt(bars.Count - 1);
        used[option.Stock]--;
    }

    private readonly record struct Option(int Bar, int Stretch, int Stock, double Price, double Over) : IComparable<Option>
    {
        public int CompareTo(Option other) => Price.CompareTo(other.Price) is not 0 and var price ? price : Over.CompareTo(other.Over) is not 0 and var over ? over : Bar.CompareTo(other.Bar);
    }

    /// <summary>Every place that is not like another one, the cheapest first and of these the one that leaves least.</summary>
    private IEnumerable<Option> Options(SawnItem item, int lowest)
    {
        var options = new List<Option>();
        if (lowest != int.MaxValue)
        {
            var like = new HashSet<(int Stock, int Over, long Bar)>();
            for (var b = Math.Max(lowest, 0); b < bars.Count; b++)
            {
                if (!item.From.Contains(bars[b].Stock)) continue;
                for (var s = 0; s < bars[b].Free.Count; s++)
                {
                    var over = bars[b].Free[s].To - bars[b].Free[s].From - item.Length;
                    // The bar of the piece before is always looked at, since it is the lowest there is.
                    if (over >= -Slack && (like.Add((bars[b].Stock, (int)Math.Round(over * 1e5), Looks(bars[b]))) || b == lowest)) options.Add(new(b, s, bars[b].Stock, item.Length * Section(bars[b].Stock) * WoodWorth, over));
                }
            }

            foreach (var stock in item.From)
            {
                if (!Open(stock)) continue;
                var whole = sound[stock];
                for (var s = 0; s < whole.Count; s++)
                {
                    if (whole[s].To - whole[s].From - item.Length is var over && over >= -Slack) options.Add(new(bars.Count, s, stock, item.Length * Section(stock) * WoodWorth + OpeningMinutes(stock) * minuteWorth, over));
                }
            }
        }

        options.Add(new(int.MaxValue, 0, 0, Price(item, 1) ?? double.MaxValue, 0));
        if (greedy) return [options.Min()];
        // Stable, so that of two as good the one met first comes first.
        return options.Order();
    }

    /// <summary>The same for two bars with the same stretches free.</summary>
    private static long Looks(SawnBar bar)
    {
        long looks = 17;
        foreach (var f in bar.Free) looks = looks * 1_000_003 + (long)Math.Round((f.To - f.From) * 1e5);
        return looks;
    }

    private double OpeningMinutes(int stock) => Units(stocks[stock], used[stock] + 1) > OpenUnits(ways.Own[stock]) ? stocks[stock].Lot.Way.Minutes : 0;

    /// <summary>Units of a thing that are taken apart one way: as many as the form of which most is used asks for.</summary>
    private int OpenUnits(IReadOnlyList<int> way)
    {
        var most = 0;
        foreach (var s in way) most = Math.Max(most, Units(stocks[s], used[s]));
        return most;
    }

    /// <summary>True where another bar can be begun: its thing has a unit left that is not taken apart another way.</summary>
    private bool Open(int stock)
    {
        var units = Math.Max(OpenUnits(ways.Own[stock]), Units(stocks[stock], used[stock] + 1));
        foreach (var other in ways.Others[stock]) units += OpenUnits(other);
        return units <= stocks[stock].Units;
    }

    /// <summary>By stock, the stocks of the same thing and way; and those of the same thing by its other ways.</summary>
    private static (IReadOnlyList<int>[] Own, IReadOnlyList<int>[][] Others) Ways(IReadOnlyList<SawnStock> stocks)
    {
        var byThing = Enumerable.Range(0, stocks.Count).GroupBy(s => stocks[s].Lot.ThingId).ToDictionary(g => g.Key, g => g.GroupBy(s => stocks[s].Lot.Way.Id, StringComparer.Ordinal).Select(w => (w.Key, Stocks: (IReadOnlyList<int>)[.. w])).ToList());
        return (
            [.. stocks.Select(s => byThing[s.Lot.ThingId].First(w => w.Key == s.Lot.Way.Id).Stocks)],
            [.. stocks.Select(s => byThing[s.Lot.ThingId].Where(w => w.Key != s.Lot.Way.Id).Select(w => w.Stocks).ToArray())]);
    }

    /// <summary>Wood of the bars begun that is neither free nor to be kept, told as money.</summary>
    private double LostSoFar()
    {
        double money = 0;
        foreach (var bar in bars)
        {
            var kept = 0.0;
            foreach (var f in bar.Free)
            {
                if (f.To - f.From >= CutPlan.WorthKeeping) kept += f.To - f.From;
            }

            money += (stocks[bar.Stock].Lot.Length - kept) * Section(bar.Stock) * WoodWorth;
        }

        return money;
    }

    /// <summary>The same as <see cref="Minutes"/> for the bars begun, without looking anything up: it is asked at every place.</summary>
    private double OpeningSoFar()
    {
        double minutes = 0;
        for (var s = 0; s < used.Length; s++)
        {
            // A way counts once, at the first of its stocks.
            if (ways.Own[s][0] == s) minutes += OpenUnits(ways.Own[s]) * stocks[s].Lot.Way.Minutes;
        }

        return minutes;
    }

    private double BoughtSoFar()
    {
        double money = 0;
        foreach (var item in items)
        {
            if (bought.GetValueOrDefault(item.Id) is > 0 and var k && Price(item, k) is { } price) money += price;
        }

        return money;
    }
}
