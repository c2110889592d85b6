using Metaplant.Core.Designs.Shared;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Additions;

/// <summary>A hose that seeps along its length, laid to and fro over the soil under its mulch, with a timer at the tap. Lengths in m.</summary>
public sealed class SeepHose : Addition
{
    /// <summary>As it is sold, and as makers let one tap feed: past it its far end stays dry.</summary>
    private const double Roll = 10, Longest = 30;

    public override Setting Setting { get; } = Choose("seep-hose", "Seep hose, rows at most apart", Unit.Metre, "Near rows in sand, wider ones in clay: water spreads sideways as soil lets it", new Stop(.20), new Stop(.30), new Stop(.40), new Stop(.50));

    public override bool Fits(Blueprint to) => to.Bays.Count > 0 && to.Bays.All(b => b.Planting.Width >= .25) && to.Pockets.Count == 0;

    public override Added With(Blueprint to, double choice, Brief brief)
    {
        var run = to.Bays.Sum(b => Length(b, choice));
        var apart = to.Bays.Min(b => Apart(b, choice));
        Sum length = Sum.Of(
            "Seep hose", "Σ n l + (n − 1) s", [.. to.Bays.Take(1).SelectMany(b => (Term[])[new("n", "rows", Rows(b, choice), Unit.Count), new("l", "length of a row", b.Planting.Length, Unit.Metre)]), new("s", "from row to row", apart, Unit.Metre)], run, Unit.Metre, "To and fro, half the distance from each edge", to.Bays.Count == 1 ? "" : $"{to.Bays.Count} such rooms");
        return new(
            [
                new(
                    "seep-hose", "Lay the seep hose", $"{Amount.Length(run)} to and fro, {Amount.Length(apart)} from row to row and half of that from the edges, held down with bent wire, mulch over it. At the tap in this order: something that keeps water from running back, a sieve, a pressure reducer, the timer. The far end is closed and opened once a month to flush it.",
                    10 + 2 * run, ["Knife"], [], false, "water"),
            ])
        {
            Needs = [new GoodsNeeded(Need(), new("seep-hose", "Seep hose", Seat.InSoil) { Buy = "seep-hose" }, (int)Math.Ceiling(run / Roll - 1e-9)), new GoodsNeeded(Need("-timer"), new("timer", "Timer, reducer and backflow stop", Seat.Clear) { Buy = "timer" }, 1)],
            LoadPaths = [new OneTap("seep-hose", run, Longest)],
            Figures = [length],
        };
    }

    /// <summary>So many that no row is farther from the next than was chosen.</summary>
    private static int Rows(Bay bay, double most) => Math.Max(1, (int)Math.Ceiling(bay.Planting.Width / most - 1e-9));

    private static double Apart(Bay bay, double most) => bay.Planting.Width / Rows(bay, most);

    private static double Length(Bay bay, double most) => Rows(bay, most) * bay.Planting.Length + (Rows(bay, most) - 1) * Apart(bay, most);

    /// <summary>Whether one hose waters all of its length.</summary>
    private sealed record OneTap(string Id, double Run, double Most) : LoadPath
    {
        public override IEnumerable<Check> Work(Brief brief)
        {
            yield return Check.Compare(
                Id, "Seep hose from one tap", LoadCase.Normal, Run, Most, Unit.Metre, Run <= Most ? "Whether your tap feeds it shows when its far end is wet after ten minutes." : "Its far end stays dry: lay it in two halves and water one after the other.", null,
                [Sum.Of("Longest that one tap feeds", "L", [], Most, Unit.Metre, "As makers of porous hose have it, at a pressure of one metre in ten", "A tap of ten litres a minute or more")]);
        }
    }
}
