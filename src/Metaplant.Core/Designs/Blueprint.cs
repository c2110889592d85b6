using Metaplant.Core.Casting;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Salvage;
using Metaplant.Core.Scenes;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs;

/// <summary>
/// A part to be made: what it is, from which form, how big (m, largest first), how many. The solids of the scene name their part by <see cref="Id"/>.
/// </summary>
/// <param name="Need">What was asked for that fills it; null for what is bought by count or is part of something else.</param>
public sealed record Part(string Id, string Name, Form Form, int Count, double Length, double Width, double Thickness, string? Need = null);

/// <summary>How parts are joined: which two, with what, how many in all. What the shop has of it is bought by the pack.</summary>
/// <param name="Fixing">A family of the price list, or "lashing".</param>
/// <param name="LetIn">True where one is halved or let into the other, so that their solids meet.</param>
public sealed record Joint(string Name, string PartA, string PartB, string Fixing, int Count, bool LetIn = false);

/// <summary>A room of growing medium: its shape, how deep it is filled, and where its floor is.</summary>
/// <param name="At">The middle of its floor.</param>
public sealed record Bay(string Name, Vessel Space, double Depth, Point3 At = default)
{
    private Once<Outline> planting;

    /// <summary>m³ that stones in it take from the soil.</summary>
    public double Less { get; init; }

    /// <summary>m³ in place.</summary>
    public double Volume => Space.VolumeTo(Depth) - Less;

    /// <summary>Radius in m of its back, where it is laid round a bend about a place behind it; 0 where it is straight. Its space is then as long as its middle line.</summary>
    public double Bend { get; init; }

    /// <summary>The level area to plant, about <see cref="At"/>. Round a bend no longer than at its back, so that plants are nowhere closer than they should be.</summary>
    public Outline Planting => planting.Of(this, static bay => bay.Bend == 0 ? bay.Space.SectionAt(bay.Depth) : bay.Unrolled(bay.Space.SectionAt(bay.Depth)));

    /// <summary>Where a place of <see cref="Planting"/> lies on the plan.</summary>
    public Point OnPlan(Point p)
    {
        if (Bend == 0) return new(p.X + At.X, p.Y + At.Y);
        double half = Planting.Width / 2, angle = p.X / Bend, radius = Bend + half - p.Y;
        return new(At.X + radius * Math.Sin(angle), At.Y + half + Bend - radius * Math.Cos(angle));
    }

    private RectangleOutline Unrolled(Outline section) => new(section.Length * Bend / (Bend + section.Width / 2), section.Width);
}

/// <summary>An opening in a face that one plant grows out of.</summary>
/// <param name="At">Its middle.</param>
/// <param name="Out">Which way it faces, one metre long.</param>
/// <param name="Size">Clear across, m.</param>
/// <param name="Litres">Of soil that are its own.</param>
/// <param name="Depth">From the face into the soil, m.</param>
public sealed record Pocket(Point3 At, Point3 Out, double Size, double Litres, double Depth);

/// <summary>Where plants go on a support: so many places, what they climb there.</summary>
/// <param name="Grip">The thinnest thing offered to climb, m across.</param>
/// <param name="Along">How far the plants stand along, m: its title says along what.</param>
/// <param name="Each">Plants at a place, at most.</param>
public sealed record ClimbingFrame(int Places, double Grip, double Height, Sum Along, int Each)
{
    /// <summary>False where it gives a hold and bears nothing that is tied to it.</summary>
    public bool Bears { get; init; } = true;

    /// <summary>A ring of feet, with two plants at each at most. Lengths in m.</summary>
    public static ClimbingFrame Ring(int feet, double grip, double height, double radius) => new(
        feet, grip, height, Sum.Of("Round its feet", "n × 2 r sin(π/n)", [new("n", "feet", feet, Unit.Count), new("r", "radius of the ring", radius, Unit.Metre)], 2 * feet * radius * Math.Sin(Math.PI / feet), Unit.Metre, "Polygon through the feet"), 2);

    /// <summary>Strings hung in a row, a plant to each. Lengths in m.</summary>
    public static ClimbingFrame Row(int strings, double grip, double height, int bays, double span) => new(
        strings, grip, height, Sum.Of("Along its row", "n × L", [new("n", "bays", bays, Unit.Count), new("L", "from tripod to tripod", span, Unit.Metre)], bays * span, Unit.Metre, "From the first tripod to the last"), 1);

    /// <summary>Twigs pushed in along an edge, plants on both sides of each. Lengths in m.</summary>
    public static ClimbingFrame Edge(int twigs, double grip, double height, double length) => new(
        twigs, grip, height, Sum.Of("Along its twigs", "L", [new("L", "length of the edge", length, Unit.Metre)], length, Unit.Metre, "From end to end"), 2)
    { Bears = false };
}

/// <summary>What a net or roof covers, m², and what it keeps off it: "pigeons".</summary>
public sealed record Cover(double Area, string Against);

/// <summary>How it is moved.</summary>
/// <param name="EmptyMass">kg, without soil.</param>
/// <param name="BuiltInPlace">True when it is put together where it stands and not carried.</param>
public sealed record Handling(double EmptyMass, bool BuiltInPlace)
{
    /// <summary>What is carried at a time, where it is several; null where it is all of it.</summary>
    public Burden? Each { get; init; }
}

/// <summary>Where something is drilled or cut on a face laid flat: the outline of the face, the cuts on it, and each from two edges.</summary>
/// <param name="Face">In m, its lower left corner at the origin.</param>
public sealed record FacePlan(string Part, Sentence Title, IReadOnlyList<Point> Face, IReadOnlyList<(Point At, double Across)> Openings);

/// <summary>Something bought by count that no joint brings with it.</summary>
public sealed record Extra(string Id, string Name, string Goods, int Count);

/// <summary>
/// A design fixed in all its measures: geometry, parts, load paths and operations, but no verdicts. The same assessors and the same pictures read every blueprint.
/// </summary>
public sealed record Blueprint
{
    public required string DesignId { get; init; }

    /// <summary>Its size in a few words, in the gardener's manner: "4 boards high, 2 sections by 1".</summary>
    public required Sentence Size { get; init; }

    public required IReadOnlyList<Part> Parts { get; init; }

    public IReadOnlyList<Joint> Joints { get; init; } = [];

    public IReadOnlyList<Extra> Extras { get; init; } = [];

    /// <summary>What its additions take.</summary>
    public IReadOnlyList<Need> Supplies { get; init; } = [];

    public IReadOnlyList<Bay> Bays { get; init; } = [];

    public IReadOnlyList<Pocket> Pockets { get; init; } = [];

    public ClimbingFrame? Climbing { get; init; }

    /// <summary>m of a bed's edge that it holds, where that is what it is for; else 0.</summary>
    public double Edging { get; init; }

    /// <summary>What it covers, where that is what it is for.</summary>
    public Cover? Covered { get; init; }

    public required Foot Foot { get; init; }

    public required IReadOnlyList<LoadPath> LoadPaths { get; init; }

    /// <summary>Figures of its own that nothing is checked against, such as the length of line to wind it.</summary>
    public IReadOnlyList<Sum> Figures { get; init; } = [];

    public required Handling Handling { get; init; }

    public required Stance Stance { get; init; }

    /// <summary>What stands where. Called only when somebody looks, since matching drafts hundreds.</summary>
    public required Func<Scene> Scene { get; init; }

    public IReadOnlyList<FacePlan> Faces { get; init; } = [];

    /// <summary>Steps in the order they are done.</summary>
    public required Func<IReadOnlyList<Operation>> Operations { get; init; }

    /// <summary>The farthest an arm must reach, m.</summary>
    public double Reach { get; init; }

    /// <summary>What the part is called that a need is for; the need's own name where it is for none or several.</summary>
    public string NameOf(Need need) => Parts.Where(p => p.Need == need.Id).Select(p => p.Name).Distinct().ToList() is [var only] ? only : need.Name;

    /// <summary>m³ of growing medium in place.</summary>
    public double Soil => Bays.Sum(b => b.Volume);

    /// <summary>m³ of stones and whatever else lies in the soil's room.</summary>
    public double NoSoil => Bays.Sum(b => b.Less);

    /// <summary>The deepest soil, m; 0 without any.</summary>
    public double Depth => Bays.Select(b => b.Depth).DefaultIfEmpty(0).Max();

    /// <summary>Working minutes of all steps and of taking stock apart for it, with <paramref name="salvageFactor"/> on those that salvage makes longer.</summary>
    public double MinutesWith(double salvageFactor, Cast cast, Building.Pace pace)
        => Operations().Sum(o => o.MinutesWith(salvageFactor) * pace.Factor(o.Id)) + cast.TakingApart * salvageFactor * pace.FactorOfTakingApart;
}
