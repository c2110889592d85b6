using Metaplant.Core.Designs;

namespace Metaplant.Core.Places;

/// <summary>What something on the plan is.</summary>
public enum PlaceSort
{
    Spot,
    Wall,
    Fence,
    Hedge,
    Building,
    Tree,
    Path,
    Tap,
    Door,
    Buried,

    /// <summary>Plants that are there already, and may come up again when nobody thinks of them.</summary>
    Plants,

    /// <summary>Where things of the heap lie.</summary>
    Pile,
    Steps,

    /// <summary>A socket or lamp outdoors.</summary>
    Power,
}

/// <summary>A point as it was typed: by two tapes, or by an offset. Lengths in m.</summary>
/// <param name="A">From the first end of the base line.</param>
/// <param name="B">From its second end.</param>
/// <param name="Right">To the right of the base line.</param>
/// <param name="Back">Back to the point before.</param>
/// <param name="Along">Along the base line.</param>
/// <param name="Off">Square off it to the left; below nothing to the right.</param>
public sealed record MarkDraft(double? A = null, double? B = null, bool? Right = null, double? Back = null, double? Along = null, double? Off = null);

/// <summary>
/// Something on the plan as it was typed, with what of it was measured; what its sort has not is left out. Lengths in m.
/// </summary>
public sealed record PlaceDraft(PlaceSort Sort, string Name, IReadOnlyList<MarkDraft> Marks)
{
    /// <summary>With two marks: how deep it goes to the left of the way from the first to the second, below nothing to the right; it is a rectangle then.</summary>
    public double? Depth { get; init; }

    /// <summary>Of such a rectangle, from its first corner to the third; with the other one it may be out of square.</summary>
    public double? DiagonalA { get; init; }

    /// <summary>From its second corner to the fourth.</summary>
    public double? DiagonalB { get; init; }

    public double? Height { get; init; }

    public double? Thickness { get; init; }

    public double? Porosity { get; init; }

    public double? Crown { get; init; }

    public double? CrownFrom { get; init; }

    public int? LeafFrom { get; init; }

    public int? LeafTo { get; init; }

    public double? Width { get; init; }

    /// <summary>m³/s.</summary>
    public double? Flow { get; init; }

    public double? Swing { get; init; }

    /// <summary>Of a door: where its leaf points while it is shut, degrees from north clockwise.</summary>
    public double? Shut { get; init; }

    /// <summary>Of a door: it opens to the left, seen from its hinge along the shut leaf.</summary>
    public bool? OpensLeft { get; init; }

    /// <summary>Of a door: what is picked goes in here.</summary>
    public bool? Kitchen { get; init; }

    /// <summary>Of steps: from the foot of the lowest to the top of the highest.</summary>
    public double? Rise { get; init; }

    public Site? Site { get; init; }

    public string? Ground { get; init; }

    /// <summary>Pa.</summary>
    public double? LoadLimit { get; init; }

    public string? LoadSaidBy { get; init; }

    public bool? Hollow { get; init; }

    public double? Slope { get; init; }

    public double? FallsTo { get; init; }

    public IReadOnlyList<string>? ComesIn { get; init; }

    public double? Ceiling { get; init; }

    /// <summary>Of a spot: whose it is, where it is not the gardener's own.</summary>
    public string? Owner { get; init; }

    /// <summary>They have said yes.</summary>
    public bool? Allowed { get; init; }

    /// <summary>Of a deck, balcony or roof: how high its floor lies above the ground around.</summary>
    public double? Up { get; init; }

    /// <summary>Of a spot: from where it is looked at.</summary>
    public string? SeenFrom { get; init; }

    /// <summary>Of a spot that may not be used all year: the first day of each year on which it may, 1 to 365.</summary>
    public int? FreeFrom { get; init; }

    /// <summary>The last such day; before the first, it is one of the next year.</summary>
    public int? FreeTo { get; init; }

    /// <summary>Of a spot: what was found out about its ground.</summary>
    public IReadOnlyList<GroundTestDraft>? Tests { get; init; }

    /// <summary>The draft if it is all there; null where it lacks what every draft has, or where a list of it has a place with nothing in it: from a file or over the wire it may come so.</summary>
    public static PlaceDraft? Whole(PlaceDraft? draft) => draft is { Name: not null, Marks: not null } && Full(draft.Marks) && Full(draft.Tests) && Full(draft.ComesIn) ? draft : null;

    private static bool Full<T>(IReadOnlyList<T>? list)
        where T : class
        => list is null || list.All(of => of is not null);
}
