using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>
/// What a wall of found bricks, blocks or stones weighs, N/m³ of wall with its joints. Nobody sees from outside whether a block is hollow or aerated, so that what holds by its weight is judged by the least, and what must be carried by the most.
/// </summary>
[Table(95, "Bricks, blocks and stones")]
public static class Masonry
{
    private static readonly (Substance Substance, string Id, string Name, double Least, double Most, string Source)[] Table =
    [
        (Substance.FiredClay, "clay", "Fired clay, with holes or frogs", 14e3, 20e3, "EN 1991-1-1 table A.1 for clay; a third of perforated ones is holes. Weigh one"),
        (Substance.Concrete, "concrete", "Concrete blocks, hollow or light", 9e3, 24e3, "EN 1991-1-1 table A.1, LC 1.0 to normal concrete. Weigh one"),
        (Substance.Stone, "stone", "Stones, with the voids between", 20e3, 27e3, "EN 1991-1-1 table A.1, sandstone to granite, less a fifth of voids for the least"),
    ];

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. Table.SelectMany(t => (Constant[])
        [
            new(Id(t.Id, "least"), "γ_w", $"{t.Name}: a wall weighs at least", t.Least, Unit.NewtonPerCubicMetre, Evidence.Assumed, t.Source),
            new(Id(t.Id, "most"), "γ_w", $"{t.Name}: a wall weighs at most", t.Most, Unit.NewtonPerCubicMetre, Evidence.Assumed, t.Source),
        ]),
    ];

    /// <summary>The row of the least or the most that a wall of a substance weighs; null for what no wall is laid of.</summary>
    public static string? Row(Substance substance, bool least) => Array.Find(Table, t => t.Substance == substance).Id is { } id ? Id(id, least ? "least" : "most") : null;

    private static string Id(string id, string column) => $"masonry.{id}.{column}";
}
