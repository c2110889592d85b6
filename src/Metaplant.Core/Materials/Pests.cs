using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Something that a net keeps out.</summary>
/// <param name="Short">In a word: "birds".</param>
/// <param name="Named">In a sentence: "pigeons and blackbirds".</param>
/// <param name="Skirt">How much of the net lies out on the ground, m.</param>
public sealed record Pest(string Id, string Short, string Named, double Skirt);

/// <summary>What gets through which opening. Each widest opening is a row of the handbook, m.</summary>
[Table(105, "What a net keeps out")]
public static class Pests
{
    private const string Usual = "Usual for nets sold against it; what gets through is seen on the crop";

    private static readonly (Pest Pest, double Opening)[] Table =
    [
        (new("birds", "birds", "pigeons and blackbirds", .15), .025),
        (new("rabbits", "rabbits", "rabbits", .30), .030),
        (new("butterflies", "butterflies", "cabbage butterflies", .20), .007),
        (new("flies", "small flies", "carrot flies and flea beetles", .20), .0013),
    ];

    public static IReadOnlyList<Pest> All { get; } = [.. Table.Select(p => p.Pest)];

    public static IReadOnlyList<Constant> Rows { get; } = [.. Table.Select(p => new Constant(Opening(p.Pest), "a", $"widest opening that keeps out {p.Pest.Named}", p.Opening, Unit.Metre, Evidence.Assumed, Usual) { NeverAbove = .1 })];

    /// <summary>The row of the widest opening that keeps it out.</summary>
    public static string Opening(Pest pest) => $"pest.{pest.Id}.opening";
}
