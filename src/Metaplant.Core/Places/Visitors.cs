using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>What may get in at a spot, and what stops it.</summary>
/// <param name="Name">In a sentence: "rabbits".</param>
/// <param name="Clears">Height it gets over by itself, m; null for what flies, climbs, digs or creeps, which no wall stops.</param>
/// <param name="Enters">The least opening it gets through, m; null for what no mesh stops, and for what the table of nets has.</param>
/// <param name="Instead">What stops it where a wall does not; what is said of its mesh comes after.</param>
public sealed record Visitor(string Id, string Name, double? Clears, double? Enters, string Instead)
{
    /// <summary>True of what digs: it comes through an open foot and nowhere else.</summary>
    public bool FromBelow { get; init; }
}

/// <summary>The visitors there are; their heights and openings are rows of the handbook, those of <see cref="Pests"/> where a net is sold against it.</summary>
[Table(106, "Who gets in")]
public static class Visitors
{
    private const string Usual = "Usual for garden fences and meshes sold against it; a bold one does better";

    private static readonly Visitor[] Table =
    [
        new("birds", "birds", null, null, "A net over it keeps them off."),
        new("hens", "hens", 1.2, .05, "A net over it keeps them out."),
        new("rabbits", "rabbits", .45, null, "Mesh with a skirt laid out on the ground keeps them out."),
        // Mesh of half an inch is what is sold against them.
        new("burrowers", "voles and moles", null, .013, "Mesh under it keeps them out: it is among what may be added.") { FromBelow = true },
        new("climbers", "mice, rats and squirrels", null, .013, "Only a closed cage of mesh keeps them out."),
        new("ants", "ants", null, null, "Feet clear of the ground, in trays of water or greased, keep them off."),
        new("slugs", "slugs and snails", null, null, "A dry rim, feet clear of the ground and an evening’s walk keep them down; nothing keeps them out."),
        new("deer", "deer", 1.8, .15, "A closed cage or a place by the house."),
        new("cats", "cats", 1.6, .08, "Mesh or twigs laid over bare soil keep them off."),
        new("children", "small children", .9, .1, "No standing water, no sharp edge at their height, a latch above it."),
    ];

    public static IReadOnlyList<Visitor> All => Table;

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        .. Table.Where(v => v.Clears is not null).Select(v => new Constant(ClearsRow(v.Id), "h", $"height that {v.Name} get over", v.Clears!.Value, Unit.Metre, Evidence.Assumed, Usual) { NeverBelow = .1, NeverAbove = 3 }),
        .. Table.Where(v => v.Enters is not null).Select(v => new Constant(EntersRow(v.Id), "a", $"least opening that {v.Name} get through", v.Enters!.Value, Unit.Metre, Evidence.Assumed, Usual) { NeverAbove = .3 }),
    ];

    public static Visitor? Find(string id) => Array.Find(Table, v => v.Id == id);

    /// <summary>True where it cannot get onto soil so high above the ground, m.</summary>
    public static bool Stopped(this Visitor visitor, double height, Handbook handbook) => visitor.Clears is not null && height > handbook[ClearsRow(visitor.Id)];

    /// <summary>What is under a planter that stops what digs; null where nothing does, or nobody knows any more, and for what does not dig.</summary>
    public static Sentence? StoppedBelow(this Visitor visitor, Footprint size, Site site)
    {
        if (!visitor.FromBelow) return null;
        var who = Capital(visitor.Name);
        if (size.MeshBelow == true) return $"{who} come from below, and mesh under it keeps them out.";
        return size.OnFeet || size.Open == false || site != Site.Soil ? (Sentence)$"{who} come from below, and there it is closed or clear of the ground." : null;
    }

    /// <summary>What height does against it, told for a spot, or for a planter there whose soil begins so high above the ground, m.</summary>
    public static Sentence Against(this Visitor visitor, double? height, Handbook handbook)
    {
        var (who, keeps) = (Capital(visitor.Name), Keeps(visitor, handbook));
        if (visitor.Clears is null) return $"{who}: no wall stops them. {keeps}";
        var clears = handbook[ClearsRow(visitor.Id)];
        return height switch
        {
            null => (Sentence)$"{who} get over {Amount.Length(clears)}. {keeps}",
            { } h when h > clears => (Sentence)$"{who} get over {Amount.Length(clears)}; its soil begins at {Amount.Length(h)}.",
            { } h => (Sentence)$"{who} get over {Amount.Length(clears)}, and its soil begins at {Amount.Length(h)}. {keeps}",
        };
    }

    private static Sentence Keeps(Visitor visitor, Handbook handbook)
        => EntersRowOf(visitor) is { } row ? (Sentence)$"{visitor.Instead} No opening may be as wide as {Amount.Length(handbook[row])}." : visitor.Instead;

    private static string? EntersRowOf(Visitor visitor)
        => visitor.Enters is not null ? EntersRow(visitor.Id) : Pests.All.FirstOrDefault(p => p.Id == visitor.Id) is { } pest ? Pests.Opening(pest) : null;

    private static string ClearsRow(string id) => $"visitor.{id}.clears";

    private static string EntersRow(string id) => $"visitor.{id}.enters";

    private static string Capital(string name) => char.ToUpperInvariant(name[0]) + name[1..];
}
