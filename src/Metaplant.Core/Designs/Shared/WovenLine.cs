using Metaplant.Core.Geometry;
using Metaplant.Core.Scenes;

namespace Metaplant.Core.Designs.Shared;

/// <summary>A stake of a woven wall, and which way out is of the wall that comes to it; at a corner of the one that goes on from it as well.</summary>
internal sealed record PlacedStake(Point3 At, Point3 Out, Point3 Next = default)
{
    /// <summary>How a course goes past it so far to one side of both walls: round the outside of a corner in three.</summary>
    public IEnumerable<Point3> Past(double side)
    {
        if (Next == default) return [At + Out * side];
        var both = At + (Out + Next) * side;
        return Out.Cross(Next).Z * side > 0 ? [At + Out * side, both, At + Next * side] : [both];
    }
}

/// <summary>An end of a bed that is of planks: from its front to its back along the ends of the soil, and which way out is.</summary>
internal sealed record PlankEnd(Point3 Front, Point3 Back, Point3 Out);

/// <summary>
/// Where the wall of a woven bed goes: round an oval by itself, or along a bed that is there, its back at the far side. Lengths in m, of the soil inside it; it is laid about the origin, the front nearest. A closed hierarchy.
/// </summary>
/// <param name="Along">Of the soil.</param>
/// <param name="Width">Of the soil.</param>
/// <param name="Apart">Stakes stand no farther apart.</param>
/// <param name="Beside">From the soil out to the middle of the stakes.</param>
/// <param name="Planked">True where its ends are of planks, and only its front is woven.</param>
internal abstract record WovenLine(double Along, double Width, double Apart, double Beside, bool Planked)
{
    /// <summary>Soil and liner are drawn so far from what they lie against.</summary>
    protected const double Thin = .002;

    /// <summary>An end of planks reaches so far past the soil in front, over weave of any rods.</summary>
    protected const double OverWeave = Weave.StakeThickness + 2 * Weave.ThickestRod;

    private Once<IReadOnlyList<PlacedStake>> stakes;

    /// <summary>True of a ring, round which the weave goes on and on.</summary>
    public virtual bool Closed => false;

    /// <summary>From the left end to the right one, a stake at every corner.</summary>
    public IReadOnlyList<PlacedStake> Stakes => stakes.Of(this, static line => [.. line.Place()]);

    /// <summary>Through the middles of the stakes.</summary>
    public virtual double Length => Pieces.Sum();

    public virtual int Gaps => Stakes.Count - 1;

    /// <summary>The widest from stake to stake, along the wall.</summary>
    public virtual double Gap => Pieces.Max(l => l / GapsIn(l));

    /// <summary>The narrowest, which is beside a corner.</summary>
    public virtual double LeastGap => Pieces.Min(l => l / GapsIn(l));

    /// <summary>Inside of what is woven, and of the ends whatever they are of.</summary>
    public abstract double Lined { get; }

    public double EndLength => Width + OverWeave;

    public virtual IReadOnlyList<PlankEnd> EndWalls => [];

    /// <summary>Along the inside of what is lined, for drawing.</summary>
    public abstract IReadOnlyList<Point3> Inner { get; }

    /// <summary>The soil as convex blocks, for drawing.</summary>
    public abstract IEnumerable<IReadOnlyList<Point>> SoilBlocks { get; }

    public abstract IReadOnlyList<Bay> Bays(double height, double soil);

    /// <summary>Length of each piece between two corners.</summary>
    protected abstract IEnumerable<double> Pieces { get; }

    protected abstract IEnumerable<PlacedStake> Place();

    protected int GapsIn(double length) => Math.Max(1, (int)Math.Ceiling(length / Apart - 1e-9));

    protected static Point Flat(Point3 p) => new(p.X, p.Y);

    protected static Outline Smaller(Outline outline) => outline.InsetBy(Thin)!;
}

/// <summary>A ring by itself, of an odd number of stakes.</summary>
internal sealed record OvalLine(double Along, double Width, double Apart, double Beside) : WovenLine(Along, Width, Apart, Beside, Planked: false)
{
    private EllipseOutline Inside => new(Along, Width);

    /// <summary>Through the middles of the stakes.</summary>
    private EllipseOutline Middles => new(Along + 2 * Beside, Width + 2 * Beside);

    public override bool Closed => true;

    public override double Length => Middles.Perimeter;

    public override int Gaps => Stakes.Count;

    public override double Gap => Length / Stakes.Count;

    public override double LeastGap => Gap;

    public override double Lined => Inside.Perimeter;

    public override IReadOnlyList<Point3> Inner => [.. Inside.ToPolygon().Append(Inside.ToPolygon()[0]).Select(p => new Point3(p.X, p.Y, 0))];

    public override IEnumerable<IReadOnlyList<Point>> SoilBlocks => [Smaller(Inside).ToPolygon()];

    /// <summary>How far the wall turns at one stake at most, in radians.</summary>
    public double SharpestTurn => Stakes.Select((_, i) => TurnAt(i)).Max();

    protected override IEnumerable<double> Pieces => [Length];

    public override IReadOnlyList<Bay> Bays(double height, double soil) => [new("Soil", new Upright(Inside, height), soil)];

    protected override IEnumerable<PlacedStake> Place()
    {
        // Evenly by length along a fine polygon.
        const int Fine = 720;
        var even = GapsIn(Length);
        var count = even + (even % 2 == 0 ? 1 : 0);
        List<Point3> ring = [.. Enumerable.Range(0, Fine + 1).Select(i => 2 * Math.PI * i / Fine - Math.PI / 2).Select(a => new Point3(Middles.Length / 2 * Math.Cos(a), Middles.Width / 2 * Math.Sin(a), 0))];
        double whole = ring.Zip(ring.Skip(1)).Sum(p => (p.Second - p.First).Length), gone = 0;
        var k = 0;
        for (var i = 1; i < ring.Count && k < count; i++)
        {
            var (a, b) = (ring[i - 1], ring[i]);
            var length = (b - a).Length;
            for (; k < count && gone + length >= whole * k / count - 1e-12; k++)
            {
                var at = a + (b - a) * Math.Clamp((whole * k / count - gone) / length, 0, 1);
                yield return new(at, new Point3(at.X / (Middles.Length * Middles.Length), at.Y / (Middles.Width * Middles.Width), 0).Unit());
            }

            gone += length;
        }
    }

    private double TurnAt(int i)
    {
        var n = Stakes.Count;
        Point3 before = (Stakes[i].At - Stakes[(i + n - 1) % n].At).Unit(), after = (Stakes[(i + 1) % n].At - Stakes[i].At).Unit();
        return Math.Acos(Math.Clamp(before.Dot(after), -1, 1));
    }
}

/// <summary>Along a straight bed, or one that steps forward by so much half way along.</summary>
internal sealed record StraightLine(double Along, double Width, double Apart, double Beside, bool Planked, double Step) : WovenLine(Along, Width, Apart, Beside, Planked)
{
    private Once<IReadOnlyList<Leg>> moved;

    /// <summary>A straight piece of the wall by the middles of its stakes, soil on the left.</summary>
    private sealed record Leg(Point3 From, Point3 To)
    {
        public double Length => (To - From).Length;

        public Point3 Out => (To - From).Unit() is var u ? new(u.Y, -u.X, 0) : default;
    }

    public override double Lined => Along + Step + 2 * Width;

    public override IReadOnlyList<PlankEnd> EndWalls => !Planked ? [] : [.. ((int[])[-1, 1]).Select(side => new PlankEnd(new(side * Along / 2, Front(side) - OverWeave, 0), new(side * Along / 2, Front(side) + Width, 0), new(side, 0, 0)))];

    public override IReadOnlyList<Point3> Inner => Corners;

    public override IEnumerable<IReadOnlyList<Point>> SoilBlocks => Bays(1, 1).Select(b => (IReadOnlyList<Point>)[.. Smaller(b.Planting).ToPolygon().Select(b.OnPlan)]);

    /// <summary>Boards along the front: one, or one on each side of a step.</summary>
    public IReadOnlyList<(Point3 From, Point3 To)> Copings
    {
        get
        {
            // Over the corner stakes, or up to the planks.
            double over = Planked ? 0 : 2 * Beside, left = -Along / 2 - over, right = Along / 2 + over;
            return Step == 0
                ? [(new(left, Front(1) - Beside, 0), new(right, Front(1) - Beside, 0))]
                : [(new(left, Front(-1) - Beside, 0), new(0, Front(-1) - Beside, 0)), (new(0, Front(1) - Beside, 0), new(right, Front(1) - Beside, 0))];
        }
    }

    protected override IEnumerable<double> Pieces => Legs.Select(l => l.Length);

    /// <summary>The inner corners of what is lined, from the left: soil is on the left hand.</summary>
    private IReadOnlyList<Point3> Corners
    {
        get
        {
            double l = Along / 2;
            List<Point3> front = Step == 0 ? [new(-l, Front(1), 0), new(l, Front(1), 0)] : [new(-l, Front(-1), 0), new(0, Front(-1), 0), new(0, Front(1), 0), new(l, Front(1), 0)];
            return [front[0] + new Point3(0, Width, 0), .. front, front[^1] + new Point3(0, Width, 0)];
        }
    }

    /// <summary>Along the middles of the stakes.</summary>
    private IReadOnlyList<Leg> Legs => moved.Of(this, static line => line.Moved());

    public override IReadOnlyList<Bay> Bays(double height, double soil) => Step == 0
        ? [new("Soil", new TaperedBox(Along, Width, Along, Width, height), soil)]
        : [.. ((int[])[-1, 1]).Select(side => new Bay(side < 0 ? "Left of the step" : "Right of the step", new TaperedBox(Along / 2, Width, Along / 2, Width, height), soil, new(side * Along / 4, side * Step / 2, 0)))];

    protected override IEnumerable<PlacedStake> Place()
    {
        for (var i = 0; i < Legs.Count; i++)
        {
            var gaps = GapsIn(Legs[i].Length);
            for (var k = i == 0 ? 0 : 1; k <= gaps; k++)
            {
                var corner = k == gaps && i + 1 < Legs.Count ? Legs[i + 1].Out : default;
                yield return new(Legs[i].From + (Legs[i].To - Legs[i].From) * ((double)k / gaps), Legs[i].Out, corner);
            }
        }
    }

    private IReadOnlyList<Leg> Moved()
    {
        // Moved out from the soil on both sides of a corner; a hollow corner comes in on one and goes out on the other all the same.
        var inner = Corners;
        List<Point3> outer = [];
        for (var i = 0; i < inner.Count; i++)
        {
            Point3 before = i == 0 ? default : new Leg(inner[i - 1], inner[i]).Out, after = i == inner.Count - 1 ? default : new Leg(inner[i], inner[i + 1]).Out;
            outer.Add(inner[i] + (before + after) * Beside);
        }

        List<Leg> legs = [.. outer.Zip(outer.Skip(1)).Select(p => new Leg(p.First, p.Second))];
        if (!Planked) return legs;
        // Between the planks there are only those of the front, and these end beside them.
        Point3 clear = new(Beside + Weave.StakeThickness / 2 + Thin, 0, 0);
        return [.. legs.Skip(1).SkipLast(1).Select((g, i) => new Leg(i == 0 ? g.From + clear : g.From, i == legs.Count - 3 ? g.To - clear : g.To))];
    }

    /// <summary>Where the front of the soil is, left and right of a step.</summary>
    private double Front(int side) => -Width / 2 + side * Step / 2;
}

/// <summary>Along a bed that bends, its middle behind it.</summary>
/// <param name="Radius">Of the front of the soil.</param>
internal sealed record BentLine(double Along, double Width, double Apart, double Beside, bool Planked, double Radius) : WovenLine(Along, Width, Apart, Beside, Planked)
{
    private const int Steps = 12;

    /// <summary>Of the back of the soil.</summary>
    public double Back => Radius - Width;

    /// <summary>How far the front of the soil bends, in radians.</summary>
    public double Angle => Along / Radius;

    public override double Lined => Along + 2 * Width;

    public override IReadOnlyList<PlankEnd> EndWalls => !Planked ? [] : [.. ((int[])[-1, 1]).Select(side => new PlankEnd(On(Radius + OverWeave, side * Angle / 2), On(Back, side * Angle / 2), Tangent(side * Angle / 2) * side))];

    public override IReadOnlyList<Point3> Inner => [On(Back, -Angle / 2), .. Enumerable.Range(0, Steps + 1).Select(i => On(Radius, Angle * ((double)i / Steps - .5))), On(Back, Angle / 2)];

    public override IEnumerable<IReadOnlyList<Point>> SoilBlocks => Enumerable.Range(0, Steps).Select(i => (A: Angle * ((double)i / Steps - .5), B: Angle * ((i + 1.0) / Steps - .5)))
        .Select(s => (IReadOnlyList<Point>)[Flat(On(Radius - Thin, s.A)), Flat(On(Radius - Thin, s.B)), Flat(On(Back + Thin, s.B)), Flat(On(Back + Thin, s.A))]);

    protected override IEnumerable<double> Pieces => Planked ? [Arc] : [Radial, Arc, Radial];

    /// <summary>Through the stakes of the front, from corner to corner.</summary>
    private double Arc => (Radius + Beside) * 2 * HalfAngle;

    private double HalfAngle => Angle / 2 + (Planked ? -Beside / (Radius + Beside) : Math.Asin(Beside / (Radius + Beside)));

    /// <summary>A woven end, along the middles of its stakes.</summary>
    private double Radial => Math.Sqrt((Radius + Beside) * (Radius + Beside) - Beside * Beside) - Back;

    public override IReadOnlyList<Bay> Bays(double height, double soil)
        => (Radius - Width / 2) * Angle is var middle ? [new("Soil", new TaperedBox(middle, Width, middle, Width, height), soil) { Bend = Back }] : [];

    protected override IEnumerable<PlacedStake> Place()
    {
        int gaps = GapsIn(Arc), inEnd = Planked ? 0 : GapsIn(Radial);
        var corner = On(Radius + Beside, HalfAngle);
        List<PlacedStake> end = [.. Enumerable.Range(1, inEnd).Select(i => new PlacedStake(corner - Away(Angle / 2) * (Radial * i / inEnd), Tangent(Angle / 2)))];
        List<PlacedStake> front = [.. Enumerable.Range(0, gaps + 1).Select(i => HalfAngle * (2.0 * i / gaps - 1)).Select(a => new PlacedStake(On(Radius + Beside, a), Away(a)))];
        if (!Planked)
        {
            front[^1] = front[^1] with { Next = Tangent(Angle / 2) };
            front[0] = front[0] with { Out = Tangent(-Angle / 2) * -1, Next = front[0].Out };
        }

        return [.. end.Select(p => new PlacedStake(p.At with { X = -p.At.X }, p.Out with { X = -p.Out.X })).Reverse(), .. front, .. end];
    }

    private static Point3 Tangent(double angle) => new(Math.Cos(angle), Math.Sin(angle), 0);

    private static Point3 Away(double angle) => new(Math.Sin(angle), -Math.Cos(angle), 0);

    /// <summary>A place on a circle about the middle of the bend.</summary>
    private Point3 On(double radius, double angle) => new(radius * Math.Sin(angle), Radius - Width / 2 - radius * Math.Cos(angle), 0);
}
