using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Salvage.Kinds;

namespace Metaplant.Core.Designs.Shared;

/// <summary>
/// The corner of two walls of pallet sections. The slats of the long wall run past the end of the end wall and are screwed, from outside and clear of the long wall's own bearer, into the upright that stands there: the end wall's own
/// bearer, or a post put in where it has none. Lengths in m.
/// </summary>
/// <param name="SetIn">How far the end wall stands in from the end of the long wall, so that a screw can be driven beside the long wall's own bearer.</param>
/// <param name="FromEnd">Where the screws are, from the end of the slat.</param>
/// <param name="Upright">Wood behind the slat that the thread can go into.</param>
/// <param name="EndsNeedPosts">True where even whole sections have no bearer at their ends that a screw holds in.</param>
/// <param name="ScrewsInSlat">Two where the slat is wide enough, else one.</param>
internal sealed record PalletCorner(double SetIn, double FromEnd, double Upright, bool EndsNeedPosts, int ScrewsInSlat, double SlatWidth)
{
    /// <summary>Least side of a post put in: four diameters to each edge.</summary>
    public const double PostSide = .048;

    private const double DriverClear = .012;

    private static readonly WoodScrew Screw = WoodScrew.Outdoor;

    // Table 8.6 of EN 1995-1-1 for screws loaded along their axis.
    private static double EndDistance => 10 * Screw.Diameter;

    private static double EdgeDistance => 4 * Screw.Diameter;

    private static double ScrewToScrew => 5 * Screw.Diameter;

    private static double LeastThread => 6 * Screw.Diameter;

    public static PalletCorner Of(PalletMeasures m)
    {
        var atEnd = m.Wing > 0 ? 0 : m.BearerWidth;
        // The screw stands in the middle of the nearest post side behind the end wall's slats.
        var from = m.Thickness - m.SlatThickness - PostSide / 2;
        var wanted = Math.Max(from, EndDistance);
        double own = m.Wing - DriverClear, beyond = m.Wing + m.BearerWidth + DriverClear;
        if (wanted > own && wanted < beyond) wanted = beyond;
        var needPosts = atEnd < LeastThread;
        return new(wanted - from, wanted, needPosts ? PostSide : Math.Min(atEnd, Screw.Length), needPosts, m.SlatWidth >= 2 * EdgeDistance + ScrewToScrew ? 2 : 1, m.SlatWidth);
    }

    /// <summary>True where two sections stand bearer to bearer when they meet end to end, thick enough for a bolt.</summary>
    public static bool CanJoin(PalletMeasures m) => m.Wing == 0 && m.BearerWidth >= .03;

    /// <summary>Length of half a section: sawn on both sides of the middle bearer, or half way between two.</summary>
    public static double HalfLength(PalletMeasures m) => m.Bearers % 2 == 1 ? (m.SlatLength - m.BearerWidth) / 2 : m.SlatLength / 2;

    /// <summary>What must be there for the corner to be made as it is drawn.</summary>
    public IEnumerable<ScrewRoom> Rooms(string part) =>
    [
        new("room-end", part, "Corner screws from the ends of the slats", EndDistance, FromEnd, "Far enough from the end grain not to split.", "EN 1995-1-1 table 8.6, 10 d"),
        new("room-edge", part, "Corner screws from the edges of the slats", EdgeDistance, (SlatWidth - (ScrewsInSlat - 1) * ScrewToScrew) / 2, "Far enough from the edges.", "EN 1995-1-1 table 8.6, 4 d"),
        new("room-thread", part, "Thread of the corner screws in the upright", LeastThread, Math.Min(Upright, Screw.Length - .001), "Deep enough to hold.", "EN 1995-1-1 8.7.2, 6 d"),
    ];
}
