using Metaplant.Core.Sums;

namespace Metaplant.Core.Cutting;

/// <summary>Boards alike for panels: how many and how wide, m.</summary>
public sealed record PanelStock(string Id, int Count, double Width);

/// <summary>Panels that are to come out equally wide, of boards of mixed width.</summary>
/// <param name="Width">How wide they are at least, m; how wide they come out is part of the answer.</param>
/// <param name="LeastStrip">No ripped board is narrower than this, m.</param>
/// <param name="LeastEnd">The boards at both ends of a panel are as wide at least, for their screws, m.</param>
/// <param name="Spares">So many boards are kept back.</param>
public sealed record PanelOrder(IReadOnlyList<PanelStock> Boards, int Panels, double Width, double LeastStrip, double LeastEnd, int Spares)
{
    /// <summary>More boards than this are not chosen from at once.</summary>
    public const int Most = 200;

    public const int MostPanels = 20;

    /// <summary>No board is ripped narrower than this where nobody says otherwise, m: the saw wants so much to run along.</summary>
    public const double UsualStrip = .040;

    /// <summary>Nor is an end board narrower, m: two screws beside each other, each its distance from the edge.</summary>
    public const double UsualEnd = .050;

    private const double Widest = 10;

    /// <summary>What no order can be, each at its field.</summary>
    public IEnumerable<Problem> Problems()
    {
        if (Panels is < 1 or > MostPanels) yield return new("panels", $"From 1 to {MostPanels}.");
        if (!(Width > 0 && Width <= Widest)) yield return new("width", $"More than nothing and no more than {Amount.Length(Widest)}.");
        if (!(LeastStrip is >= 0 and <= Widest)) yield return new("leastStrip", $"Between nothing and {Amount.Length(Widest)}.");
        if (!(LeastEnd is >= 0 and <= Widest)) yield return new("leastEnd", $"Between nothing and {Amount.Length(Widest)}.");
        if (Spares is < 0 or > Most) yield return new("spares", $"From 0 to {Most}.");
        foreach (var p in Entries.Counted("boards", [.. Boards.Select(b => b.Count)], Most)) yield return p;
        foreach (var (i, _) in Boards.Index().Where(b => !(b.Item.Width > 0 && b.Item.Width <= Widest))) yield return new($"boards[{i}].width", $"More than nothing and no more than {Amount.Length(Widest)}.");
        foreach (var p in Entries.Named("boards", [.. Boards.Select(b => b.Id)])) yield return p;
    }
}

/// <summary>A board as it stands in a panel.</summary>
/// <param name="Ripped">How wide it is ripped, m; null where it stays as it is.</param>
public sealed record PanelBoard(string Id, double Width, double? Ripped);

/// <summary>How the panels are made; without any where no way was found.</summary>
/// <param name="Common">How wide each comes out, m.</param>
/// <param name="Panels">By panel, its boards as they stand, the widest at its ends.</param>
/// <param name="RippedAway">Width ripped off all boards together, m.</param>
/// <param name="Proven">True where no way rips fewer boards, nor as few and less, nor as little with fewer boards.</param>
public sealed record PanelAnswer(double Common, IReadOnlyList<IReadOnlyList<PanelBoard>> Panels, int Rips, double RippedAway, int BoardsUsed, bool Proven)
{
    public static PanelAnswer None { get; } = new(0, [], 0, 0, 0, false);
}
