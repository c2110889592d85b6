using Metaplant.Core.Casting;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Planting;

/// <summary>What to order of one fill: so many packs as the shop has them.</summary>
public sealed record FillOrder(PriceRow Row, int Packs)
{
    /// <summary>In the garden's money.</summary>
    public double Cost => Packs * Row.Price;

    private static readonly (Fill Fill, string Family)[] Sold = [(Fill.Topsoil, "soil-garden-loam"), (Fill.Compost, "soil-finished-compost"), (Fill.PottingMix, "soil-potting-mix")];

    /// <summary>The cheapest for so many m³ loose; null where nothing is short, or the shop does not sell it.</summary>
    public static FillOrder? For(Fill fill, double loose, Handbook handbook)
        => loose > 0 && Array.Find(Sold, s => s.Fill == fill) is { Family: { } family } && Prices.In(handbook).CheapestLoose(family, loose) is var (row, packs) ? new(row, packs) : null;
}
