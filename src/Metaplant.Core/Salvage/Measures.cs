using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;

namespace Metaplant.Core.Salvage;

/// <summary>The measures of one thing, checked: each kind of salvage has its own record. What a design can use of it shows in the interfaces it carries.</summary>
public abstract record Measures
{
    /// <summary>The box that stands round one of it, whichever way it is turned; null for what folds, rolls up, pours or comes in handfuls, and for what nobody measured so far.</summary>
    public abstract Bulk? Bulk { get; }
}

/// <summary>A box round a thing, m: the room it takes where it is carried.</summary>
public sealed record Bulk(double Length, double Width, double Height)
{
    /// <summary>Round something that was measured inside, its wall on every side, a lid as well.</summary>
    public static Bulk Outside(double length, double width, double height, double wall) => new(length + 2 * wall, width + 2 * wall, height + 2 * wall);
}

/// <summary>How the sides of a vessel carry the soil.</summary>
public enum VesselWall
{
    /// <summary>Round: the wall is stretched like a hoop.</summary>
    Hoop,

    /// <summary>Flat thin sides: plates.</summary>
    Plate,

    /// <summary>Boards from corner to corner.</summary>
    Boards,
}

/// <summary>Measures of something that holds soil as it is, or once cut down.</summary>
public interface IVessel
{
    Vessel Inside { get; }

    /// <summary>Thickness of the wall, or of the boards, m.</summary>
    double Wall { get; }

    VesselWall WallKind { get; }

    /// <summary>The lowest height it may be cut down to, m; null when it is used as it is.</summary>
    double? CutDownTo => null;

    /// <summary>True when the foot has gaps, so that it holds soil only when lined; the liner is pierced instead of the foot drilled.</summary>
    bool NeedsLiner => false;

    /// <summary>The longest side in m at a level, for a wall judged as a plate; of a shape nobody measured, the longest there can be.</summary>
    double LongestSide(double level) => Inside.SectionAt(level).Length;

    /// <summary>What is left of the vessel when it is cut at a height.</summary>
    Vessel CutAt(double height) => Inside;
}

/// <summary>A vessel of boards, which carry one by one.</summary>
public interface IBoarded : IVessel
{
    /// <summary>Height of the lowest board of a long side, m.</summary>
    double BoardHeight { get; }
}

/// <summary>Measures of sawn wood: one piece, as wide as it lies and as thick as it stands.</summary>
public interface ISawn
{
    double Length { get; }

    double Width { get; }

    double Thickness { get; }
}

/// <summary>Measures of a bundle of sticks: each one's length where all were measured, else spread evenly between the shortest and the longest.</summary>
public interface ISticks
{
    int Sticks { get; }

    double Shortest { get; }

    double Longest { get; }

    /// <summary>Thickness at the butt, m.</summary>
    double Butt { get; }

    double Tip { get; }

    /// <summary>The length of every stick in m, the longest first; empty where not each of them was measured.</summary>
    IReadOnlyList<double> Lengths => [];

    /// <summary>The length in m that at least <paramref name="count"/> sticks have; 0 when there are not so many.</summary>
    double LengthOfLongest(int count)
        => count > Sticks ? 0 : Lengths.Count > 0 ? Lengths[Math.Max(count, 1) - 1] : count <= 1 || Sticks == 1 ? Longest : Longest - (Longest - Shortest) * (count - 1) / (Sticks - 1);

    /// <summary>Thickness in m of a stick so far from its butt, one of this length; its tip's from there on. A short one thins sooner.</summary>
    double ThicknessAt(double fromButt, double length) => Butt - (Butt - Tip) * Math.Clamp(fromButt / length, 0, 1);

    /// <summary>How many sticks are at least this long.</summary>
    int CountOver(double length)
        => Lengths.Count > 0 ? Lengths.Count(l => l >= length - 1e-9) : length <= Shortest + 1e-9 ? Sticks : length > Longest + 1e-9 ? 0 : (int)Math.Floor((Longest - length) / (Longest - Shortest) * (Sticks - 1) + 1 + 1e-9);
}

/// <summary>Measures of cloth or film.</summary>
public interface ISheeting
{
    double Length { get; }

    double Width { get; }
}

/// <summary>Measures of rope, twine or wire.</summary>
public interface ILine
{
    double Length { get; }

    double Diameter { get; }
}
