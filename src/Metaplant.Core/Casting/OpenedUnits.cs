namespace Metaplant.Core.Casting;

/// <summary>
/// How many units of each thing the bars begun open, and the minutes that takes, kept as bars come and go. A unit is taken apart once, whatever of it is used: by each way as many units as the form of which most is used asks for, and
/// none by two ways.
/// </summary>
public sealed class OpenedUnits
{
    private readonly IReadOnlyList<SawnStock> stocks;
    private readonly int[] used;

    /// <summary>By stock, the number of its thing's way of being taken apart.</summary>
    private readonly int[] wayOf;

    /// <summary>By way, the other ways of the same thing.</summary>
    private readonly int[][] others;

    /// <summary>By way, the units opened.</summary>
    private readonly int[] open;

    /// <summary>What these bars open.</summary>
    public OpenedUnits(IReadOnlyList<SawnStock> stocks, IReadOnlyList<SawnBar> begun)
    {
        this.stocks = stocks;
        used = new int[stocks.Count];
        wayOf = new int[stocks.Count];
        var ways = new List<(int Thing, string Way)>();
        for (var s = 0; s < stocks.Count; s++)
        {
            var own = (stocks[s].Lot.ThingId, stocks[s].Lot.Way.Id);
            if ((wayOf[s] = ways.IndexOf(own)) >= 0) continue;
            wayOf[s] = ways.Count;
            ways.Add(own);
        }

        others = new int[ways.Count][];
        for (var w = 0; w < ways.Count; w++)
        {
            var same = new List<int>();
            for (var o = 0; o < ways.Count; o++)
            {
                if (o != w && ways[o].Thing == ways[w].Thing) same.Add(o);
            }

            others[w] = [.. same];
        }

        open = new int[ways.Count];
        foreach (var bar in begun) Begin(bar.Stock);
    }

    /// <summary>Minutes of taking apart all that is opened.</summary>
    public double Minutes { get; private set; }

    /// <summary>One more bar of a stock.</summary>
    /// <returns>What <see cref="Undo"/> wants.</returns>
    public (int Open, double Minutes) Begin(int stock)
    {
        var before = (open[wayOf[stock]], Minutes);
        Minutes += MinutesMore(stock);
        used[stock]++;
        open[wayOf[stock]] = Math.Max(open[wayOf[stock]], Units(stock, used[stock]));
        return before;
    }

    /// <summary>Takes the last bar of a stock back.</summary>
    public void Undo(int stock, (int Open, double Minutes) before)
    {
        used[stock]--;
        (open[wayOf[stock]], Minutes) = before;
    }

    /// <summary>What another bar of a stock takes in minutes: nothing where it comes out of a unit that is opened already.</summary>
    public double MinutesMore(int stock) => Units(stock, used[stock] + 1) > open[wayOf[stock]] ? stocks[stock].Lot.Way.Minutes : 0;

    /// <summary>True where another bar can be begun: its thing has a unit left that is not taken apart another way.</summary>
    public bool LeaveRoomFor(int stock)
    {
        var units = Math.Max(open[wayOf[stock]], Units(stock, used[stock] + 1));
        foreach (var other in others[wayOf[stock]]) units += open[other];
        return units <= stocks[stock].Units;
    }

    private int Units(int stock, int bars) => (bars + stocks[stock].Lot.FromEach - 1) / stocks[stock].Lot.FromEach;
}
