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

    private readonly List<(int Item, bool SameAsLast)> pieces = [.. Enumerable.Range(0, items.Count).OrderByDescending(i => items[i].Length).ThenByDescending(i => items[i].Thin * items[i].Wide).ThenBy(i => items[i].Id, StringComparer.Ordinal).SelectMany(i => Enumerable.Range(0, items[i].Count).Select(k => (i, k > 0)))];
    private readonly bool[][] suits = [.. items.Select(i => Among(i.From, stocks.Count))];
    private readonly List<SawnBar> bars = [.. opened.Select(Copy)];
    private readonly OpenedUnits units = new(stocks, opened);
    private readonly double[] worth = [.. stocks.Select(s => s.Lot.Wide * s.Lot.Thin * WoodWorth)];
    private readonly IReadOnlyList<BadPlace>[] sound = [.. stocks.Select(s => Sound(s.Lot))];
    private readonly int[] bought = new int[items.Count];
    private readonly double?[]?[] prices = new double?[]?[items.Count];
    private readonly bool greedy = nodes == 0;

    /// <summary>True where every piece is so long that none goes into what is left too short to be kept: then all that is not kept is lost already.</summary>
    private readonly bool remnantsLost = items.All(i => i.Length >= CutPlan.WorthKeeping);
    private double[] least = [];
    private int left = nodes;
    private bool stopped;
    private SawnCost bestCost;
    private SawnPlan? best;

    public SawnPlan Run()
    {
        least = greedy ? [] : LeastFrom();
        Place(0, -1, new(0, 0, opened.Sum(b => Lost(b.Stock, b.Free)), 0));
        return best! with { Cost = CostOf(items, stocks, best.Bars, best.Bought, minuteWorth), Proven = !stopped };
    }

    /// <summary>What it costs to open bars by stocks, in minutes: each unit of a thing is taken apart once, whatever of it is used.</summary>
    public static double Minutes(IReadOnlyList<SawnStock> stocks, IReadOnlyList<SawnBar> bars) => new OpenedUnits(stocks, bars).Minutes;

    /// <summary>What a plan costs: what is bought, the minutes it opens stock for, and the wood that is neither free nor an offcut worth keeping.</summary>
    public static SawnCost CostOf(IReadOnlyList<SawnItem> items, IReadOnlyList<SawnStock> stocks, IReadOnlyList<SawnBar> bars, IReadOnlyDictionary<string, int> bought, double minuteWorth)
    {
        var missing = 0;
        var money = Minutes(stocks, bars) * minuteWorth;
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

    private static bool[] Among(IReadOnlyList<int> some, int all)
    {
        var among = new bool[all];
        foreach (var s in some) among[s] = true;
        return among;
    }

    /// <summary>From each piece on, the least that it and those after it can cost: the wood of each in the thinnest bar that does, or its share of what is bought.</summary>
    private double[] LeastFrom()
    {
        var each = items.Select((item, i) => Math.Min(LeastBought(i), item.From.Select(s => item.Length * worth[s]).DefaultIfEmpty(double.MaxValue).Min())).ToList();
        var sums = new double[pieces.Count + 1];
        for (var i = pieces.Count - 1; i >= 0; i--) sums[i] = sums[i + 1] + each[pieces[i].Item];
        return sums;
    }

    private double LeastBought(int item) => Enumerable.Range(1, items[item].Count).Select(k => Price(item, k) is { } price ? price / k : double.MaxValue).Min();

    /// <summary>What so many of an item cost, asked once.</summary>
    private double? Price(int item, int count)
    {
        var known = prices[item] ??= new double?[items[item].Count + 1];
        // Not for sale is remembered as no number.
        return (known[count] ??= items[item].Bought(count) ?? double.NaN) is var price && double.IsNaN(price) ? null : price;
    }

    /// <summary>What the pieces placed so far come to, carried along so that nothing is summed anew at every place.</summary>
    /// <param name="Bought">What is bought, money.</param>
    /// <param name="Spent">Wood of the pieces placed, told as money.</param>
    /// <param name="Lost">Wood of the bars begun that is neither free nor to be kept, told as money.</param>
    /// <param name="Missing">Pieces that cannot be had.</param>
    private readonly record struct SoFar(double Bought, double Spent, double Lost, int Missing);

    /// <summary>Places one piece and all after it, in every way that may still be better than the best.</summary>
    /// <param name="from">The bar that the piece before it went to when it is alike, so that the same plan is not looked at in every order.</param>
    private void Place(int at, int from, SoFar so)
    {
        if (best is not null)
        {
            if (stopped || left-- <= 0)
            {
                stopped = true;
                return;
            }

            var bound = new SawnCost(so.Missing, so.Bought + units.Minutes * minuteWorth + (remnantsLost ? so.Lost : so.Spent) + (least[at] >= double.MaxValue / 2 ? 0 : least[at]));
            if (bound.Against(bestCost) >= 0) return;
        }

        if (at == pieces.Count)
        {
            var cost = new SawnCost(so.Missing, so.Bought + units.Minutes * minuteWorth + so.Lost);
            if (best is not null && cost.Against(bestCost) >= 0) return;
            bestCost = cost;
            best = new([.. bars.Where(b => b.Cuts.Count > 0).Select(Copy)], items.Select((item, i) => (item.Id, Count: bought[i])).Where(b => b.Count > 0).ToDictionary(b => b.Id, b => b.Count, StringComparer.Ordinal), cost, false);
            // Greedy, the first is the answer; whether a better one was ruled out is not known.
            stopped |= greedy && pieces.Count > 0;
            return;
        }

        var (item, same) = pieces[at];
        foreach (var option in Options(item, same ? from : -1))
        {
            Take(at, item, option, so);
            if (stopped) return;
        }
    }

    private void Take(int at, int item, Option option, SoFar so)
    {
        if (option.Bar == int.MaxValue)
        {
            var before = bought[item] == 0 ? 0 : Price(item, bought[item]) ?? 0;
            var now = Price(item, ++bought[item]);
            Place(at + 1, int.MaxValue, so with { Bought = so.Bought - before + (now ?? 0), Missing = so.Missing + (now is null ? 1 : 0) });
            bought[item]--;
            return;
        }

        var fresh = option.Bar == bars.Count;
        var opening = fresh ? units.Begin(option.Stock) : default;
        if (fresh)
        {
            bars.Add(new(option.Stock, sound[option.Stock]));
            so = so with { Lost = so.Lost + Lost(option.Stock, sound[option.Stock]) };
        }

        var bar = bars[option.Bar];
        var stretch = bar.Free[option.Stretch];
        var length = items[item].Length;
        var over = new BadPlace(Math.Min(stretch.To, stretch.From + length + CutPlan.Kerf), stretch.To);
        bar.Cuts.Add(new(items[item].Id, stretch.From, stretch.From + length));
        bar.Free[option.Stretch] = over;
        Place(at + 1, option.Bar, so with { Spent = so.Spent + length * worth[option.Stock], Lost = so.Lost + (Kept(stretch) - Kept(over)) * worth[option.Stock] });
        bar.Free[option.Stretch] = stretch;
        bar.Cuts.RemoveAt(bar.Cuts.Count - 1);
        if (!fresh) return;
        bars.RemoveAt(bars.Count - 1);
        units.Undo(option.Stock, opening);
    }

    private static double Kept(BadPlace stretch) => stretch.To - stretch.From is var long_ && long_ >= CutPlan.WorthKeeping ? long_ : 0;

    /// <summary>Wood of a bar that is neither free nor to be kept, told as money.</summary>
    private double Lost(int stock, IReadOnlyList<BadPlace> free)
    {
        var lost = stocks[stock].Lot.Length;
        for (var f = 0; f < free.Count; f++) lost -= Kept(free[f]);
        return lost * worth[stock];
    }

    /// <summary>A place for a piece: a stretch of a bar begun, of a fresh one, or the shop.</summary>
    /// <param name="Met">How many were met before it: of two as good the one met first comes first.</param>
    private readonly record struct Option(int Bar, int Stretch, int Stock, double Price, double Over, int Met) : IComparable<Option>
    {
        public int CompareTo(Option other)
            => Price.CompareTo(other.Price) is not 0 and var price ? price : Over.CompareTo(other.Over) is not 0 and var over ? over : Bar.CompareTo(other.Bar) is not 0 and var bar ? bar : Met.CompareTo(other.Met);
    }

    /// <summary>Every place that is not like another one, the cheapest first and of these the one that leaves least.</summary>
    private List<Option> Options(int item, int lowest)
    {
        var options = new List<Option>();
        if (lowest != int.MaxValue)
        {
            InBarsBegun(item, lowest, options);
            InFreshBars(item, options);
        }

        options.Add(new(int.MaxValue, 0, 0, Price(item, 1) ?? double.MaxValue, 0, options.Count));
        if (greedy) return [options.Min()];
        options.Sort();
        return options;
    }

    private void InBarsBegun(int item, int lowest, List<Option> options)
    {
        var like = greedy ? null : new HashSet<(int Stock, int Over, long Bar)>();
        var length = items[item].Length;
        for (var b = Math.Max(lowest, 0); b < bars.Count; b++)
        {
            var bar = bars[b];
            if (!suits[item][bar.Stock]) continue;
            for (var s = 0; s < bar.Free.Count; s++)
            {
                var over = bar.Free[s].To - bar.Free[s].From - length;
                // The bar of the piece before is always looked at, since it is the lowest there is.
                if (over >= -Slack && (like is null || like.Add((bar.Stock, (int)Math.Round(over * 1e5), Looks(bar))) || b == lowest)) options.Add(new(b, s, bar.Stock, length * worth[bar.Stock], over, options.Count));
            }
        }
    }

    private void InFreshBars(int item, List<Option> options)
    {
        var length = items[item].Length;
        foreach (var stock in items[item].From)
        {
            if (!units.LeaveRoomFor(stock)) continue;
            var whole = sound[stock];
            for (var s = 0; s < whole.Count; s++)
            {
                if (whole[s].To - whole[s].From - length is var over && over >= -Slack) options.Add(new(bars.Count, s, stock, length * worth[stock] + units.MinutesMore(stock) * minuteWorth, over, options.Count));
            }
        }
    }

    /// <summary>The same for two bars with the same stretches free.</summary>
    private static long Looks(SawnBar bar)
    {
        long looks = 17;
        foreach (var f in bar.Free) looks = looks * 1_000_003 + (long)Math.Round((f.To - f.From) * 1e5);
        return looks;
    }
}
