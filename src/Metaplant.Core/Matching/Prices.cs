namespace Metaplant.Core.Matching;

/// <summary>Something to buy: how it is packed and what a pack costs. Prices are guesses to be replaced by the gardener's own.</summary>
/// <param name="Pack">How much is in a pack, in <paramref name="Per"/>.</param>
/// <param name="Per">"m", "m²" or "pieces".</param>
public sealed record PriceRow(string Id, string Name, double Pack, string Per, double Price);

public static class Prices
{
    public static IReadOnlyList<PriceRow> All { get; } =
    [
        new("batten", "Batten 50 × 50, 2.4 m", 2.4, "m", 5.50),
        new("cloth", "Woven ground cloth, 1 × 5 m", 5, "m²", 7.00),
        new("film", "Pond or damp-proof film, 2 × 2 m", 4, "m²", 6.50),
        new("coach-screw", "Coach screws 6 × 90, 20 in a box", 20, "pieces", 6.00),
        new("wire", "Soft fence wire 2.5 mm, 25 m", 25, "m", 6.00),
        new("twine", "Garden twine 4 mm, 50 m", 50, "m", 4.50),
        new("peg", "Pointed stake 0.6 m", 1, "pieces", 1.20),
        new("plate", "Repair plate with bolts", 1, "pieces", 2.40),
    ];

    private static readonly Dictionary<string, PriceRow> ById = All.ToDictionary(r => r.Id, StringComparer.Ordinal);

    public static PriceRow? Find(string id) => ById.GetValueOrDefault(id);
}
