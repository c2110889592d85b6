using Metaplant.Core.Designs.LoadPaths;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;

namespace Metaplant.Core.Designs.Shared;

/// <summary>Soil in a found vessel, whole or cut down, and the ways in which the vessel itself carries it. Lengths in m.</summary>
/// <param name="Part">The part that the vessel is.</param>
/// <param name="Inside">As it is used.</param>
/// <param name="Soil">Filled so deep.</param>
internal sealed record HeldSoil(string Part, IVessel Vessel, Thing Thing, Vessel Inside, double Soil)
{
    /// <summary>True where its floor is carried another way than it was when it stood full of water, so that this proves nothing of it.</summary>
    public bool HungUp { get; init; }

    /// <summary>Where it drains by holes in its wall: the water that always stands below them, m; 0 where its foot is drilled.</summary>
    public double Standing { get; init; }

    /// <summary>What holes leave of a floor that no packers lie under: they are three diameters apart at least, however many there are.</summary>
    public const double LeftByHoles = 2.0 / 3;

    /// <summary>The radius that with the pressure at the foot gives the greatest stretch of the wall at any height: a tub that flares is wider where the pressure is less.</summary>
    private double HoopRadius => Enumerable.Range(0, 8).Max(i => (1 - i / 8.0) * Inside.SectionAt(Soil * i / 8).Length / 2);

    /// <summary>Why no vessel of its stuff can be reckoned with; null where it can.</summary>
    public static Sentence? NotKnown(IVessel vessel, Thing thing)
    {
        var substance = thing.Substance;
        if (vessel.WallKind == VesselWall.Boards && thing.Shows(Findings.Cracked)) return "It is cracked, and boards or slats are not plated: put a sound one in its place, and look at it again.";
        return (vessel.WallKind == VesselWall.Boards ? substance.Grade() is null : substance.Shell() is null)
            ? vessel.WallKind == VesselWall.Boards ? "Nothing is known of the strength of its boards." : $"Nobody knows how strong {substance.Name()} is when it stays wet."
            : null;
    }

    public LoadPath Wall(Handbook handbook) => Vessel.WallKind switch
    {
        VesselWall.Hoop => new HoopWall(Part, HoopRadius, Soil, Drilled(handbook)) { Standing = Standing },
        VesselWall.Plate => new PlateWall(Part, Vessel.LongestSide(Soil / 2), Inside.Height, Soil, Drilled(handbook)) { Standing = Standing },
        VesselWall.Boards => new SlattedWall(Part, "Lowest side board", new(((IBoarded)Vessel).BoardHeight, Vessel.Wall), Inside.SectionAt(Soil / 2).Length, 1, Thing.Substance.Grade()!, Thing.Condition, Soil),
        _ => throw new InvalidOperationException($"Unknown wall {Vessel.WallKind}."),
    };

    /// <summary>The bolts of the plates over a crack in its wall, so many on each side of it.</summary>
    public PlatedCrack Plated(double crack, int bolts, double bolt, Handbook handbook)
    {
        var beside = Shell(handbook)!;
        return new(
            Part, crack, bolts, bolt, Vessel.WallKind == VesselWall.Hoop ? HoopRadius : null, Vessel.LongestSide(Soil / 2), Inside.Height, Soil, beside with { Left = beside.Left / handbook[Substances.LeftByCrack] })
        { Standing = Standing };
    }

    /// <summary>Its floor over what carries it.</summary>
    /// <param name="span">The widest stretch between two supports.</param>
    /// <param name="net">What holes leave of it.</param>
    public FloorOnPackers Floor(double span, int spans, double net, Handbook handbook) => Shell(handbook) is { } shell
        ? new ShellFloor(Part, span, spans, Soil, net, HungUp ? shell.Unproved() : shell)
        : new BoardFloor(Part, span, spans, Vessel.Wall, Soil, net, Thing.Substance.Grade()!, Thing.Condition);

    /// <summary>The wall, and the floor which hangs from it all round, of a vessel that hangs by its rim.</summary>
    public IReadOnlyList<LoadPath> ByItsRim(Handbook handbook)
        => [Wall(handbook), Floor(Math.Min(Inside.SectionAt(0).Length, Inside.SectionAt(0).Width), 1, LeftByHoles, handbook) with { Name = "Floor, hung by its rim" }];

    /// <summary>m² of soil that people may press on, as wide as it is anywhere up to its level: fuller, a vessel that narrows bears no less.</summary>
    public double Level => Enumerable.Range(0, 9).Max(i => Inside.AreaAt(Soil * i / 8));

    /// <summary>kg without soil.</summary>
    public double EmptyMass(Handbook handbook) => Stuff.MassOfVessel(Inside, Vessel.Wall, Thing.Substance.Shell() is { } shell ? handbook[shell + ".density"] : Stuff.WoodDensity);

    /// <summary>What it is drawn in.</summary>
    public Drawing.Ink Ink => Thing.Substance.IsPlastic() ? Drawing.Ink.Plastic : Thing.Substance.IsMetal() ? Drawing.Ink.Metal : Drawing.Ink.Wood;

    /// <summary>True where a sum cannot tell of these and it has not yet stood full of water.</summary>
    public static bool AsksForWater(IEnumerable<LoadPath> paths, Brief brief) => paths.SelectMany(p => p.Work(brief)).Any(c => c.Case == Sums.LoadCase.Normal && c.Verdict == Sums.Verdict.ProveFirst);

    /// <summary>With what holes in its side leave of it.</summary>
    private Shell Drilled(Handbook handbook) => Shell(handbook)! is var shell && Standing > 0 ? shell with { Left = shell.Left * LeftByHoles } : Shell(handbook)!;

    private Shell? Shell(Handbook handbook) => LoadPaths.Shell.Of(Thing, Vessel.Wall, Inside.Height, handbook);
}
