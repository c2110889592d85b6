using Metaplant.Core.Designs;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>A place for planters on the plan.</summary>
/// <param name="Corners">Where it was measured to be, all round; three or more.</param>
/// <param name="GroundId">The row of grounds it is; null where nobody has looked.</param>
/// <param name="LoadLimit">Pa that somebody said the floor carries; null where nobody has.</param>
/// <param name="LoadSaidBy">Who said so.</param>
/// <param name="Hollow">True where cold air pools: the foot of a slope, a bowl.</param>
/// <param name="Slope">How many m it falls in each m, 0 for level.</param>
/// <param name="FallsTo">Where it falls to, degrees from north clockwise; null where it is level or nobody looked.</param>
/// <param name="ComesIn">Ids of <see cref="Visitors"/>.</param>
/// <param name="Ceiling">Free height under a net, eaves or branches, m; null where there is none.</param>
public sealed record Spot(
    int Id, string Name, IReadOnlyList<Point> Corners, Site Site, string? GroundId, double? LoadLimit, string LoadSaidBy, bool Hollow, double Slope, double? FallsTo, IReadOnlyList<string> ComesIn, double? Ceiling)
{
    /// <summary>The steepest that anything is stood on with packers, m in each m.</summary>
    public const double Steepest = .3;

    /// <summary>What was found out about its ground, in the order it was written down.</summary>
    public IReadOnlyList<GroundTest> Tests { get; init; } = [];

    /// <summary>Its ground, as it was told and tested; null where it is no ground.</summary>
    public TestedGround? Ground => Site == Site.Soil ? new(Tests, GroundId) : null;

    /// <summary>Whose it is, where it is not the gardener's own.</summary>
    public string Owner { get; init; } = "";

    /// <summary>They have said yes.</summary>
    public bool Allowed { get; init; }

    /// <summary>How high its floor lies above the ground around, m; null where nobody measured it, which on the ground is nothing.</summary>
    public double? Up { get; init; }

    /// <summary>From where it is looked at: the kitchen, the lane.</summary>
    public string SeenFrom { get; init; } = "";

    /// <summary>When in the year it may be used; null where it always may.</summary>
    public FreeTime? Free { get; init; }

    public double Area => Figures.Area(Corners).Area;
}
