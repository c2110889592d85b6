using System.Runtime.CompilerServices;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Casting;

/// <summary>Something to buy: how it is packed, how big one piece of it is, and what a pack costs in the garden's money. Prices are guesses, to be replaced in the handbook by the gardener's own.</summary>
/// <param name="Family">What it stands in for; rows of a family are tried for the cheapest that does.</param>
/// <param name="Pack">How much is in a pack, in <paramref name="Per"/>.</param>
/// <param name="Per">Metres, their squares and cubes, or a count.</param>
/// <param name="Length">Of one piece, m; 0 where it is sold by count, line or volume.</param>
/// <param name="Width">Of one piece, m.</param>
/// <param name="Thickness">Of one piece, m.</param>
public sealed record PriceRow(string Id, string Family, Sentence Name, double Pack, Unit Per, double Price, double Length = 0, double Width = 0, double Thickness = 0)
{
    /// <summary>What to ask for in the shop: small goods with how many are in a box.</summary>
    public Sentence Packed => Per == Unit.Count && Pack > 1 ? (Sentence)$"{Name}, {(int)Pack} in a box" : Name;
}

/// <summary>What the shop has.</summary>
[Table(130, "Prices")]
public static class Prices
{
    public static IReadOnlyList<PriceRow> All { get; } =
    [
        new("batten", "timber", $"Batten {Amount.Length(.05)} × {Amount.Length(.05)}, {Amount.Length(2.4)}", 2.4, Unit.Metre, 5.50, 2.4, .05, .05),
        new("batten-long", "timber", $"Batten {Amount.Length(.05)} × {Amount.Length(.05)}, {Amount.Length(3.6)}", 3.6, Unit.Metre, 8.50, 3.6, .05, .05),
        new("post-75", "timber", $"Post {Amount.Length(.075)} × {Amount.Length(.075)}, {Amount.Length(2.4)}", 2.4, Unit.Metre, 11.00, 2.4, .075, .075),
        new("post-100", "timber", $"Post {Amount.Length(.1)} × {Amount.Length(.1)}, {Amount.Length(2.4)}", 2.4, Unit.Metre, 17.00, 2.4, .1, .1),
        new("plank", "plank", $"Planed board {Amount.Length(.02)} × {Amount.Length(.145)}, {Amount.Length(2.4)}", 2.4, Unit.Metre, 9.00, 2.4, .145, .02),
        new("plank-long", "plank", $"Planed board {Amount.Length(.02)} × {Amount.Length(.145)}, {Amount.Length(3.6)}", 3.6, Unit.Metre, 14.00, 3.6, .145, .02),
        new("sheet-screw", "sheet-screw", $"Sheet-metal screws {new Trade("4.2 × 16 mm")}", 50, Unit.Count, 4.00),
        new("end-cap", "end-cap", "End cap of sheet metal for a duct", 1, Unit.Count, 6.50),
        new("hook", "hook", $"Screw hook, ring and short chain, marked {Amount.Mass(120)}", 1, Unit.Count, 5.00),
        new("cloth", "cloth", $"Woven ground cloth, {Amount.Length(1)} × {Amount.Length(5)}", 5, Unit.SquareMetre, 7.00, 5, 1),
        new("film", "film", $"Pond film of polyethylene, {Amount.Length(2)} × {Amount.Length(2)}", 4, Unit.SquareMetre, 6.50, 2, 2),
        new("film-wide", "film", $"Pond film of polyethylene, {Amount.Length(4)} × {Amount.Length(4)}", 16, Unit.SquareMetre, 24.00, 4, 4),
        new("outdoor-screw", "outdoor-screw", $"Outdoor screws {new Trade("6 × 60 mm")}", 50, Unit.Count, 8.50),
        new("outdoor-screw-80", "outdoor-screw-80", $"Outdoor screws {new Trade("6 × 80 mm")}", 50, Unit.Count, 10.50),
        new("outdoor-screw-100", "outdoor-screw-100", $"Outdoor screws {new Trade("6 × 100 mm")}", 50, Unit.Count, 13.00),
        new("bolt", "bolt", $"Bolt {new Trade("M8")} with nut and washers", 1, Unit.Count, .90),
        new("wire", "wire", $"Soft fence wire {Amount.Length(.0025)}, {Amount.Length(25)}", 25, Unit.Metre, 6.00),
        new("twine", "twine", $"Garden twine {Amount.Length(.004)}, {Amount.Length(50)}", 50, Unit.Metre, 4.50),
        new("rope", "rope", $"Rope {Amount.Length(.01)}, {Amount.Length(10)}", 10, Unit.Metre, 8.00),
        new("stake-0.6", "stake", $"Pointed stake {Amount.Length(.04)}, {Amount.Length(0.6)}", 1, Unit.Count, 1.20, .6, .04, .04),
        new("stake-0.9", "stake", $"Pointed stake {Amount.Length(.04)}, {Amount.Length(0.9)}", 1, Unit.Count, 1.80, .9, .04, .04),
        new("stake-1.2", "stake", $"Pointed stake {Amount.Length(.04)}, {Amount.Length(1.2)}", 1, Unit.Count, 2.50, 1.2, .04, .04),
        new("stake-1.5", "stake", $"Pointed stake {Amount.Length(.05)}, {Amount.Length(1.5)}", 1, Unit.Count, 3.40, 1.5, .05, .05),
        new("paint", "paint", $"Outdoor paint, tin of {Amount.Volume(.00075)}", 1, Unit.Count, 16.00),
        new("staples", "staples", "Stainless staples", 1, Unit.Count, 4.50),
        new("eye", "eye", "Eye bolt with a plug", 1, Unit.Count, 2.80),
        new("hinge", "hinge", "Strap hinge with screws", 1, Unit.Count, 3.20),
        new("latch", "latch", "Gate latch", 1, Unit.Count, 5.50),
        new("tunnel-hoop", "tunnel-hoop", $"Water pipe of polyethylene {new Trade("20 mm")}, {Amount.Length(3)}", 1, Unit.Count, 3.20, 3, .02, .02),
        new("fine-mesh", "fine-mesh", $"Zinc-coated mesh of {Amount.Length(.013)}, {Amount.Length(1)} × {Amount.Length(5)}", 5, Unit.SquareMetre, 22.00, 5, 1),
        new("seep-hose", "seep-hose", $"Seep hose, {Amount.Length(10)}", 1, Unit.Count, 14.00),
        new("timer", "timer", "Tap timer with pressure reducer and backflow stop", 1, Unit.Count, 38.00),
        new("tray", "tray", "Drip tray", 1, Unit.Count, 9.00),
        new("castor", "castor", "Castor with its load marked on it, bolts", 1, Unit.Count, 6.00),
        new("oil", "oil", $"Raw linseed oil, tin of {Amount.Volume(.001)}", 1, Unit.Count, 15.00),
        new("plate", "plate", "Repair plate with bolts", 1, Unit.Count, 2.40),
        new("potting-sack", "soil-potting-mix", $"Potting mix, sack of {Amount.Volume(.060)}", .060, Unit.CubicMetre, 9.50),
        new("soil-sack", "soil-topsoil-compost", $"Topsoil and compost, sack of {Amount.Volume(.040)}", .040, Unit.CubicMetre, 5.50),
        new("soil-bag", "soil-topsoil-compost", $"Topsoil and compost, bulk bag of {Amount.Volume(.8)}, delivered", .8, Unit.CubicMetre, 85.00),
        new("loam-bag", "soil-garden-loam", $"Screened loam, bulk bag of {Amount.Volume(.8)}, delivered", .8, Unit.CubicMetre, 75.00),
        new("loam-sack", "soil-garden-loam", $"Screened loam, sack of {Amount.Volume(.025)}", .025, Unit.CubicMetre, 4.50),
        new("sand-bag", "soil-loamy-sand", $"Loamy sand, bulk bag of {Amount.Volume(.8)}, delivered", .8, Unit.CubicMetre, 65.00),
        new("sand-sack", "soil-loamy-sand", $"Loamy sand, sack of {Amount.Volume(.025)}", .025, Unit.CubicMetre, 4.00),
        new("compost-sack", "soil-finished-compost", $"Peat-free compost, sack of {Amount.Volume(.050)}", .050, Unit.CubicMetre, 7.00),
        new("compost-bag", "soil-finished-compost", $"Green-waste compost, bulk bag of {Amount.Volume(.8)}, delivered", .8, Unit.CubicMetre, 70.00),
        new("gravel-sack", "soil-coarse-gravel", $"Gravel, sack of {Amount.Mass(20)}", .0125, Unit.CubicMetre, 5.00),
        new("gravel-bag", "soil-coarse-gravel", $"Gravel, bulk bag of {Amount.Volume(.5)}, delivered", .5, Unit.CubicMetre, 70.00),
    ];

    /// <summary>The prices as rows of the handbook. A guess in one money says little of another, so that much more or nothing at all may stand in its place.</summary>
    public static IReadOnlyList<Constant> Rows { get; } =
        [.. All.Select(r => new Constant(IdOf(r), "p", r.Packed, r.Price, Unit.Money, Evidence.Assumed, "A guess, whatever the money; put in what your shop asks") { NeverBelow = 0, NeverAbove = Math.Max(1000, r.Price * 1000) })];

    private static readonly ConditionalWeakTable<Handbook, PriceList> Lists = [];

    /// <summary>The list with the gardener's own prices in place of ours; one handbook has one list.</summary>
    public static PriceList In(Handbook handbook) => Lists.GetValue(handbook, h => new([.. All.Select(r => h.IsOwn(IdOf(r)) ? r with { Price = h[IdOf(r)] } : r)]));

    private static string IdOf(PriceRow row) => $"price.{row.Id}";

    /// <summary>What a family of goods is called: the name of its first row; null for what the shop does not have. Fixings are sold by trade names, which read the same in every system of units.</summary>
    public static string? Named(string family) => All.FirstOrDefault(r => r.Family == family)?.Name.ToString();
}

/// <summary>What the shop has, at the prices of one garden.</summary>
public sealed class PriceList(IReadOnlyList<PriceRow> rows)
{
    private const double Slack = 1e-9;

    private readonly ILookup<string, PriceRow> byFamily = rows.ToLookup(r => r.Family, StringComparer.Ordinal);

    /// <summary>A row by its id; null where the shop no longer has it.</summary>
    public PriceRow? Find(string? id) => rows.FirstOrDefault(r => r.Id == id);

    /// <summary>What so many pieces of a length and section cost in the shop; null where nothing of the family is large enough.</summary>
    public double? CostOf(PiecesNeeded need, int count) => Cheapest(need, count) is { } found ? found.Packs * found.Row.Price : null;

    /// <summary>
    /// The cheapest row of a family and how many packs of it do for <paramref name="amount"/> of a need, pieces cut whole out of pieces, sheets joined with a lap; null when nothing of the family is long, wide or thick enough.
    /// </summary>
    public (PriceRow Row, int Packs)? Cheapest(Need need, double amount) => need.Role.Buy is { } family ? Cheapest(family, row => PacksFor(need, amount, row)) : null;

    /// <summary>The cheapest way to buy so many m³ of a family, whole packs; null where the shop has none.</summary>
    public (PriceRow Row, int Packs)? CheapestLoose(string family, double volume) => Cheapest(family, row => Whole(volume, row.Pack));

    private (PriceRow Row, int Packs)? Cheapest(string family, Func<PriceRow, int?> packsOf)
    {
        (PriceRow Row, int Packs)? best = null;
        foreach (var row in byFamily[family])
        {
            if (packsOf(row) is { } packs && (best is not { } b || packs * row.Price < b.Packs * b.Row.Price)) best = (row, packs);
        }

        return best;
    }

    private static int? PacksFor(Need need, double amount, PriceRow row) => need switch
    {
        PiecesNeeded n => Suits(n.LeastWidth, n.LeastThickness, row) ? Whole(amount, PiecesFrom(row.Length, n.Length)) : null,
        SticksNeeded n => row.Length >= n.Length - Slack && row.Thickness >= n.LeastThickness - Slack ? Whole(amount, row.Pack) : null,
        CoverNeeded n => Covering.Needed(n, row.Length, row.Width),
        RunNeeded or FillNeeded or GoodsNeeded => Whole(amount, row.Pack),
        // Nothing bought is a lead.
        _ => null,
    };

    private static bool Suits(double width, double thickness, PriceRow row)
        => Math.Max(row.Width, row.Thickness) >= Math.Max(width, thickness) - Slack && Math.Min(row.Width, row.Thickness) >= Math.Min(width, thickness) - Slack;

    /// <summary>Pieces of a length that one bar gives, a saw cut between two.</summary>
    private static int PiecesFrom(double bar, double piece) => (int)Math.Floor((bar + Cutting.CutPlan.Kerf) / (piece + Cutting.CutPlan.Kerf) + Slack);

    private static int? Whole(double amount, double each) => each <= 0 ? null : (int)Math.Ceiling(amount / each - Slack);
}
