using Metaplant.Core.Geometry;

namespace Metaplant.Core.Places;

/// <summary>What hides sun and wind along a line.</summary>
public enum ScreenKind
{
    Wall,
    Fence,
    Hedge,
}

/// <summary>Something on the plan, where it was measured to stand. A closed set: each kind says itself what it hides. Lengths in m.</summary>
/// <param name="Points">On the plan, in the order they were measured.</param>
public abstract record Feature(int Id, string Name, IReadOnlyList<Point> Points)
{
    /// <summary>Most points one thing is measured by.</summary>
    public const int MostPoints = 24;

    /// <summary>Whether its points go all round it.</summary>
    public virtual bool Closed => false;
}

/// <summary>A wall, fence or hedge along a line.</summary>
/// <param name="Porosity">The part of it that lets wind and sun through, 0 to 1.</param>
public sealed record Screen(int Id, string Name, IReadOnlyList<Point> Points, ScreenKind Kind, double Height, double Thickness, double Porosity) : Feature(Id, Name, Points);

/// <summary>A house, shed or boiler: walls all round to its eaves.</summary>
public sealed record House(int Id, string Name, IReadOnlyList<Point> Points, double Height) : Feature(Id, Name, Points)
{
    public override bool Closed => true;
}

/// <summary>A tree: a round crown on a stem.</summary>
/// <param name="Crown">Across.</param>
/// <param name="CrownFrom">Height at which the crown begins.</param>
/// <param name="LeafFrom">First month in leaf, 1 to 12.</param>
/// <param name="LeafTo">Last month in leaf; from 1 to 12 it is evergreen.</param>
public sealed record Tree(int Id, string Name, IReadOnlyList<Point> Points, double Height, double Crown, double CrownFrom, int LeafFrom, int LeafTo) : Feature(Id, Name, Points)
{
    public bool InLeaf(int month) => LeafFrom <= LeafTo ? month >= LeafFrom && month <= LeafTo : month >= LeafFrom || month <= LeafTo;
}

/// <summary>A way to walk and push a barrow along.</summary>
public sealed record Path(int Id, string Name, IReadOnlyList<Point> Points, double Width) : Feature(Id, Name, Points);

/// <summary>Where water is fetched.</summary>
/// <param name="Flow">m³/s, by a bucket and a watch; null where nobody timed it.</param>
public sealed record Tap(int Id, string Name, IReadOnlyList<Point> Points, double? Flow) : Feature(Id, Name, Points);

/// <summary>A door or gate, hung at its point, whose leaf needs room to swing.</summary>
/// <param name="Swing">From the hinge to the far edge of the leaf.</param>
public sealed record Door(int Id, string Name, IReadOnlyList<Point> Points, double Swing) : Feature(Id, Name, Points)
{
    /// <summary>Where its leaf points while it is shut, degrees from north clockwise; null where nobody looked.</summary>
    public double? Shut { get; init; }

    /// <summary>True where it opens to the left, seen from its hinge along the shut leaf; null where nobody looked.</summary>
    public bool? OpensLeft { get; init; }

    /// <summary>What is picked goes in here.</summary>
    public bool ToKitchen { get; init; }

    /// <summary>What its leaf sweeps: all round its hinge where nobody said how it hangs, else the quarter it opens through. An outline that is nowhere within the circle.</summary>
    public IReadOnlyList<Point> Swept(PlanSite site)
    {
        const int Parts = 12;
        const double Each = Math.PI / 2 / Parts;
        var (hinge, reach) = (Points[0], Swing / Math.Cos(Each / 2));
        Point At(double angle) => new(hinge.X + reach * Math.Cos(angle), hinge.Y + reach * Math.Sin(angle));
        if (this is not { Shut: { } shut, OpensLeft: { } left }) return [.. Enumerable.Range(0, 4 * Parts).Select(i => At(i * Each))];
        var leaf = site.Toward(shut);
        return [hinge, .. Enumerable.Range(0, Parts + 1).Select(i => At(Math.Atan2(leaf.Y, leaf.X) + (left ? i : -i) * Each))];
    }
}

/// <summary>Steps that cans are carried up, and over which no barrow goes.</summary>
/// <param name="Rise">Of all of them together.</param>
public sealed record Steps(int Id, string Name, IReadOnlyList<Point> Points, double Width, double Rise) : Feature(Id, Name, Points);

/// <summary>A socket or lamp outdoors.</summary>
public sealed record Power(int Id, string Name, IReadOnlyList<Point> Points) : Feature(Id, Name, Points);

/// <summary>A pipe or cable that is known of. That none is on the plan does not mean that there is none.</summary>
public sealed record Buried(int Id, string Name, IReadOnlyList<Point> Points) : Feature(Id, Name, Points);

/// <summary>Plants that are there already: bulbs, perennials, a shrub.</summary>
/// <param name="Across">Their spread.</param>
/// <param name="From">First month in which they are to be seen, 1 to 12.</param>
/// <param name="To">Last month; from 1 to 12 they always are.</param>
public sealed record Clump(int Id, string Name, IReadOnlyList<Point> Points, double Across, int From, int To) : Feature(Id, Name, Points)
{
    /// <summary>True where there are months in which nobody sees that they are there.</summary>
    public bool Hides => (To - From + 12) % 12 != 11;
}

/// <summary>Where things of the heap lie; they say so by its name.</summary>
public sealed record Pile(int Id, string Name, IReadOnlyList<Point> Points) : Feature(Id, Name, Points);
