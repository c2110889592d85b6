using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// What a design asks for of one role, in numbers: so many of such sizes. A closed hierarchy; each kind has its way of being filled in the caster. Lengths in m.
/// </summary>
/// <param name="Id">Unique among all that is asked for: the part it is for.</param>
public abstract record Need(string Id, Role Role)
{
    public string Name { get; init; } = Role.Name;

    /// <summary>How much it is in all, for telling what is short: pieces, m, m² or m³.</summary>
    public abstract double Amount { get; }

    /// <summary>What <see cref="Amount"/> is in.</summary>
    public virtual Unit Unit => Unit.Count;
}

/// <summary>So many things of the lead, as they are: the tub itself, sacks, tubes.</summary>
public sealed record WholeNeeded(string Id, Role Role, int Count) : Need(Id, Role)
{
    public override double Amount => Count;
}

/// <summary>So many alike things that are no lead, each used whole as it is and at least so large: a table that vessels are let into.</summary>
public sealed record FoundNeeded(string Id, Role Role, int Count, double LeastLength, double LeastWidth) : Need(Id, Role)
{
    public override double Amount => Count;
}

/// <summary>So many sections of sound slats sawn out of the pallets of the lead, round the bad ones.</summary>
/// <param name="Slats">How many slats high.</param>
public sealed record SectionsNeeded(string Id, Role Role, int Count, int Slats) : Need(Id, Role)
{
    public override double Amount => Count;
}

/// <summary>So many pieces of a length, from sawn wood at least this wide and thick.</summary>
public sealed record PiecesNeeded(string Id, Role Role, int Count, double Length, double LeastWidth, double LeastThickness) : Need(Id, Role)
{
    /// <summary>Wider side first, whichever way it was asked for.</summary>
    public double Wide => Math.Max(LeastWidth, LeastThickness);

    public double Thin => Math.Min(LeastWidth, LeastThickness);

    /// <summary>The widest and the thickest that will do, m, where all must be alike; infinite where more does no harm.</summary>
    public (double Width, double Thickness) Most { get; init; } = (double.PositiveInfinity, double.PositiveInfinity);

    /// <summary>The one side that must come out exactly so, m: what is thicker both ways is ripped to it. Null where more does no harm.</summary>
    public double? Exact { get; init; }

    public override double Amount => Count;
}

/// <summary>Panels of boards side by side, of one thickness and any widths, chosen so that each panel comes out exactly as wide as it must with at most one board of it ripped.</summary>
/// <param name="Widths">Of every panel.</param>
/// <param name="Height">Length of each board.</param>
/// <param name="LeastStrip">The narrowest that a board may be ripped to.</param>
/// <param name="LeastEnd">The narrowest board that may stand at an end of a panel, for its screws.</param>
public sealed record PanelsNeeded(string Id, Role Role, IReadOnlyList<double> Widths, double Height, double LeastStrip, double LeastEnd) : Need(Id, Role)
{
    /// <summary>Boards kept over for those that split, as a part of all.</summary>
    public double Spare { get; init; }

    public override double Amount => Widths.Sum();

    public override Unit Unit => Unit.Metre;
}

/// <summary>A wall filled up course by course with whatever boards there are, each course of one height.</summary>
/// <param name="Height">To be reached at least.</param>
/// <param name="Lengths">Pieces of every course.</param>
public sealed record CoursesNeeded(string Id, Role Role, double Height, IReadOnlyList<double> Lengths, double LeastWidth, double LeastThickness) : Need(Id, Role)
{
    public override double Amount => Height * Lengths.Sum();

    public override Unit Unit => Unit.SquareMetre;
}

/// <summary>A run of stiff sheets side by side, their profile upright, each cut to a height.</summary>
/// <param name="Runs">Length of each straight run.</param>
/// <param name="Lap">Of two neighbours.</param>
public sealed record SheetsNeeded(string Id, Role Role, IReadOnlyList<double> Runs, double Height, double Lap) : Need(Id, Role)
{
    public override double Amount => Runs.Sum();

    public override Unit Unit => Unit.Metre;

    /// <summary>Strips that one run takes of sheets so wide: the first covers its width, each more its width less the lap.</summary>
    public int StripsFor(double run, double width) => StripsFor(run, width, Lap);

    public static int StripsFor(double run, double width, double lap) => run <= width + 1e-9 ? 1 : 1 + (int)Math.Ceiling((run - width) / (width - lap) - 1e-9);
}

/// <summary>So many equal lengths cut off rolls of mesh of the lead, side by side where a roll is wide enough for several.</summary>
/// <param name="Width">Across the roll.</param>
public sealed record RollNeeded(string Id, Role Role, int Count, double Length, double Width) : Need(Id, Role)
{
    public override double Amount => Count;

    /// <summary>How many come side by side out of a roll so wide.</summary>
    public int Beside(double roll) => (int)Math.Floor(roll / Width + 1e-9);

    /// <summary>How many come out of a roll so long and so wide.</summary>
    public int From(double length, double width) => Beside(width) * (int)Math.Floor(length / Length + 1e-9);
}

/// <summary>A rectangle of cloth, film or card, pieced together with laps where it must be.</summary>
public sealed record CoverNeeded(string Id, Role Role, double Length, double Width) : Need(Id, Role)
{
    public override double Amount => Length * Width;

    public override Unit Unit => Unit.SquareMetre;
}

/// <summary>So much line or wire, between two thicknesses.</summary>
public sealed record RunNeeded(string Id, Role Role, double Length, double LeastDiameter, double GreatestDiameter) : Need(Id, Role)
{
    public override double Amount => Length;

    public override Unit Unit => Unit.Metre;
}

/// <summary>Sticks, poles or stakes: so many at least so long and, so far from their butt, so thick.</summary>
/// <param name="Alike">True where they must be alike, and so come from one bundle.</param>
public sealed record SticksNeeded(string Id, Role Role, int Count, double Length, double LeastThickness, bool Alike = false) : Need(Id, Role)
{
    /// <summary>How many parts each of them is cut into.</summary>
    public int CutInto { get; init; } = 1;

    public override double Amount => Count;
}

/// <summary>Loose stuff by volume, m³ as it is ordered: what is placed and what it loses in settling in.</summary>
/// <param name="Shares">Kinds of pile it may come from, each with the part of the whole it may make.</param>
public sealed record FillNeeded(string Id, Role Role, double Volume, IReadOnlyList<(string Kind, double Share)> Shares) : Need(Id, Role)
{
    /// <summary>True of growing medium: what is not sold is dug or fetched, and stops nothing. False of fill that carries or leads water, such as the stones of a core.</summary>
    public bool DugOrFetched { get; init; }

    public override double Amount => Volume;

    public override Unit Unit => Unit.CubicMetre;
}

/// <summary>Goods from the shop only: screws, washers.</summary>
public sealed record GoodsNeeded(string Id, Role Role, int Count) : Need(Id, Role)
{
    public override double Amount => Count;
}
