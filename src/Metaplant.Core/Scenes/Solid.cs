using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Scenes;

/// <summary>A flat convex face, its corners anticlockwise seen from outside. A face of cloth is seen from both sides.</summary>
public sealed record Face(IReadOnlyList<Point3> Corners, bool BothSides = false)
{
    public Point3 Normal
    {
        get
        {
            // Newell's sum, which a corner that repeats does not upset.
            Point3 n = default;
            for (var i = 0; i < Corners.Count; i++) n += Corners[i].Cross(Corners[(i + 1) % Corners.Count]);
            return n;
        }
    }
}

/// <summary>
/// A solid of a scene, in metres, and the part it shows. A closed hierarchy: what is pushed along a line, what has level rings, what follows a path, and what is thin.
/// </summary>
/// <param name="Part">Id of its part.</param>
public abstract record Solid(string Part, Ink Ink)
{
    private Once<IReadOnlyList<Face>> faces;
    private Once<Extent> extent;

    public IReadOnlyList<Face> Faces => faces.Of(this, static solid => [.. solid.Build()]);

    public Extent Extent => extent.Of(this, static solid => Extent.Of(solid.Faces.SelectMany(f => f.Corners)));

    /// <summary>m³; of a skin its area times its thickness.</summary>
    public abstract double Volume { get; }

    /// <summary>How deep a point lies inside, m, to the nearest side; 0 or less outside.</summary>
    public abstract double DepthOf(Point3 point);

    /// <summary>The same solid somewhere else.</summary>
    public abstract Solid Moved(Point3 by);

    protected abstract IEnumerable<Face> Build();
}

/// <summary>A convex profile pushed along a straight line: a board, a post, a brick, the soil of a bed.</summary>
/// <param name="Profile">In m along <paramref name="Right"/> and <paramref name="Up"/>, anticlockwise seen against <paramref name="Along"/>.</param>
/// <param name="From">Where the origin of the profile starts.</param>
/// <param name="Along">From the first end to the other, its length included.</param>
public sealed record Prism(string Part, Ink Ink, IReadOnlyList<Point> Profile, Point3 From, Point3 Along, Point3 Right, Point3 Up) : Solid(Part, Ink)
{
    /// <summary>A box along the axes.</summary>
    public static Prism Box(string part, Ink ink, Point3 a, Point3 b)
    {
        Point3 from = new(Math.Min(a.X, b.X), Math.Min(a.Y, b.Y), Math.Min(a.Z, b.Z));
        Point3 size = new(Math.Abs(b.X - a.X), Math.Abs(b.Y - a.Y), Math.Abs(b.Z - a.Z));
        return new(part, ink, [new(0, 0), new(size.X, 0), new(size.X, size.Y), new(0, size.Y)], from, new(0, 0, size.Z), new(1, 0, 0), new(0, 1, 0));
    }

    /// <summary>A bar of a rectangular section from one point to another: so wide along <paramref name="right"/> and so thick across it, its line through the middle of the section.</summary>
    public static Prism Bar(string part, Ink ink, Point3 from, Point3 to, double wide, double thick, Point3 right)
    {
        var along = to - from;
        var up = along.Unit().Cross(right.Unit());
        return new(part, ink, [new(-wide / 2, -thick / 2), new(wide / 2, -thick / 2), new(wide / 2, thick / 2), new(-wide / 2, thick / 2)], from, along, right.Unit(), up);
    }

    /// <summary>An upright of an outline, from one level to another, its middle at x and y.</summary>
    public static Prism Upright(string part, Ink ink, Outline outline, Point3 foot, double height)
        => new(part, ink, outline.ToPolygon(), foot, new(0, 0, height), new(1, 0, 0), new(0, 1, 0));

    public double ProfileArea => Area(Profile);

    public override double Volume => ProfileArea * Math.Abs(Along.Dot(Right.Cross(Up)));

    public override double DepthOf(Point3 point)
    {
        var at = point - From;
        double length = Along.Length, along = at.Dot(Along) / length, depth = Math.Min(along, length - along);
        Point flat = new(at.Dot(Right), at.Dot(Up));
        for (var i = 0; i < Profile.Count && depth > 0; i++)
        {
            Point a = Profile[i], b = Profile[(i + 1) % Profile.Count];
            var side = a.DistanceTo(b);
            if (side > 1e-12) depth = Math.Min(depth, ((b.X - a.X) * (flat.Y - a.Y) - (b.Y - a.Y) * (flat.X - a.X)) / side);
        }

        return depth;
    }

    public override Solid Moved(Point3 by) => this with { From = From + by };

    protected override IEnumerable<Face> Build()
    {
        List<Point3> near = [.. Profile.Select(p => From + Right * p.X + Up * p.Y)], far = [.. near.Select(p => p + Along)];
        // The profile runs anticlockwise seen against the way, when right, up and the way are right-handed.
        var turned = Right.Cross(Up).Dot(Along) < 0;
        yield return Of([.. near.AsEnumerable().Reverse()]);
        yield return Of(far);
        for (var i = 0; i < near.Count; i++)
        {
            var j = (i + 1) % near.Count;
            yield return Of([near[i], near[j], far[j], far[i]]);
        }

        Face Of(IReadOnlyList<Point3> corners) => new(turned ? [.. corners.Reverse()] : corners);
    }

    internal static double Area(IReadOnlyList<Point> ring) => Area((ReadOnlySpan<Point>)(ring as Point[] ?? [.. ring]));

    internal static double Area(ReadOnlySpan<Point> ring)
    {
        double twice = 0;
        for (var i = 0; i < ring.Length; i++) twice += ring[i].X * ring[(i + 1) % ring.Length].Y - ring[(i + 1) % ring.Length].X * ring[i].Y;
        return Math.Abs(twice) / 2;
    }
}

/// <summary>A level ring of a vessel: its corners in m about the middle, and its height over the foot.</summary>
public sealed record Ring(IReadOnlyList<Point> Corners, double Z);

/// <summary>
/// What stands on level rings one above another, full or hollow with a floor: a tub, a drum, a trough, a tyre, the soil in one. All rings have as many corners, convex, anticlockwise from above.
/// </summary>
/// <param name="Rings">Outside, from the foot up.</param>
/// <param name="Hollow">Inside, from the floor up to the rim; empty when it is full.</param>
public sealed record Vat(string Part, Ink Ink, Point3 Foot, IReadOnlyList<Ring> Rings, IReadOnlyList<Ring> Hollow) : Solid(Part, Ink)
{
    private const int Levels = 4;

    /// <summary>The wall and floor round a vessel that is measured inside, its floor as thick as its wall.</summary>
    public static Vat Around(string part, Ink ink, Vessel inside, double wall, Point3 foot)
    {
        var hollow = Stack(inside, inside.Height, wall);
        return new(part, ink, foot, [Grown(hollow[0], wall, 0), .. hollow.Skip(1).Select(r => Grown(r, wall, r.Z))], hollow);
    }

    /// <summary>What fills a vessel from its floor to a level; <paramref name="foot"/> is where the floor is.</summary>
    public static Vat Filling(string part, Ink ink, Vessel inside, double to, Point3 foot) => new(part, ink, foot, Stack(inside, to, 0), []);

    public override double Volume => Full(Rings) - Full(Hollow);

    public override double DepthOf(Point3 point)
    {
        var at = point - Foot;
        var outside = Inside(Rings, at);
        if (outside <= 0 || Hollow.Count == 0) return outside;
        return at.Z < Hollow[0].Z ? Math.Min(outside, Hollow[0].Z - at.Z) : at.Z > Hollow[^1].Z ? outside : Math.Min(outside, -InRing(At(Hollow, at.Z), at));
    }

    public override Solid Moved(Point3 by) => this with { Foot = Foot + by };

    protected override IEnumerable<Face> Build()
    {
        yield return new([.. Rings[0].Corners.Select(c => Up(c, Rings[0].Z)).Reverse()]);
        foreach (var side in Sides(Rings, outwards: true)) yield return side;
        if (Hollow.Count == 0)
        {
            yield return new([.. Rings[^1].Corners.Select(c => Up(c, Rings[^1].Z))]);
            yield break;
        }

        yield return new([.. Hollow[0].Corners.Select(c => Up(c, Hollow[0].Z))]);
        foreach (var side in Sides(Hollow, outwards: false)) yield return side;
        // The rim, from the outer ring to the inner.
        Ring outer = Rings[^1], inner = Hollow[^1];
        for (var i = 0; i < outer.Corners.Count; i++)
        {
            var j = (i + 1) % outer.Corners.Count;
            yield return new([Up(outer.Corners[i], outer.Z), Up(outer.Corners[j], outer.Z), Up(inner.Corners[j], inner.Z), Up(inner.Corners[i], inner.Z)]);
        }
    }

    private IEnumerable<Face> Sides(IReadOnlyList<Ring> rings, bool outwards)
    {
        for (var level = 1; level < rings.Count; level++)
        {
            Ring low = rings[level - 1], high = rings[level];
            for (var i = 0; i < low.Corners.Count; i++)
            {
                var j = (i + 1) % low.Corners.Count;
                IReadOnlyList<Point3> face = [Up(low.Corners[i], low.Z), Up(low.Corners[j], low.Z), Up(high.Corners[j], high.Z), Up(high.Corners[i], high.Z)];
                yield return new(outwards ? face : [.. face.Reverse()]);
            }
        }
    }

    private Point3 Up(Point p, double z) => Foot + new Point3(p.X, p.Y, z);

    private static double Inside(IReadOnlyList<Ring> rings, Point3 at)
        => at.Z <= rings[0].Z || at.Z >= rings[^1].Z ? Math.Min(at.Z - rings[0].Z, rings[^1].Z - at.Z) : Math.Min(Math.Min(at.Z - rings[0].Z, rings[^1].Z - at.Z), InRing(At(rings, at.Z), at));

    private static double InRing(IReadOnlyList<Point> ring, Point3 at)
    {
        var depth = double.MaxValue;
        for (var i = 0; i < ring.Count; i++)
        {
            Point a = ring[i], b = ring[(i + 1) % ring.Count];
            var side = a.DistanceTo(b);
            if (side > 1e-12) depth = Math.Min(depth, ((b.X - a.X) * (at.Y - a.Y) - (b.Y - a.Y) * (at.X - a.X)) / side);
        }

        return depth;
    }

    private static IReadOnlyList<Point> At(IReadOnlyList<Ring> rings, double z)
    {
        var above = 1;
        while (above < rings.Count - 1 && rings[above].Z < z) above++;
        Ring low = rings[above - 1], high = rings[above];
        var f = high.Z - low.Z < 1e-12 ? 0 : Math.Clamp((z - low.Z) / (high.Z - low.Z), 0, 1);
        return [.. low.Corners.Select((c, i) => new Point(c.X + (high.Corners[i].X - c.X) * f, c.Y + (high.Corners[i].Y - c.Y) * f))];
    }

    private static double Full(IReadOnlyList<Ring> rings)
    {
        double volume = 0;
        for (var i = 1; i < rings.Count; i++)
        {
            var middle = At([rings[i - 1], rings[i]], (rings[i - 1].Z + rings[i].Z) / 2);
            volume += (rings[i].Z - rings[i - 1].Z) / 6 * (Prism.Area(rings[i - 1].Corners) + 4 * Prism.Area(middle) + Prism.Area(rings[i].Corners));
        }

        return volume;
    }

    /// <summary>Rings from the floor up to a level, at the heights where those of the whole vessel lie: what fills it then bends where its wall does.</summary>
    private static List<Ring> Stack(Vessel inside, double to, double lift)
    {
        List<Ring> rings = [.. Enumerable.Range(0, Levels + 1).Select(i => inside.Height * i / Levels).Where(y => y < to - 1e-6).Append(to).Select(y => new Ring(inside.SectionAt(Math.Max(y, 1e-3 * inside.Height)).ToPolygon(), y + lift))];
        // A shape may change its way of being drawn where corners close; every ring then has the corners of the one with most.
        return rings.Select(r => r.Corners.Count).Distinct().Count() == 1 ? rings : [.. rings.Select(r => r with { Corners = Resampled(r.Corners, 32) })];
    }

    private static IReadOnlyList<Point> Resampled(IReadOnlyList<Point> ring, int corners)
        => [.. Enumerable.Range(0, corners).Select(i => Toward(ring, 2 * Math.PI * i / corners))];

    /// <summary>Where a ray from the middle leaves a convex ring.</summary>
    private static Point Toward(IReadOnlyList<Point> ring, double angle)
    {
        double dx = Math.Cos(angle), dy = Math.Sin(angle), best = 0;
        for (var i = 0; i < ring.Count; i++)
        {
            Point a = ring[i], b = ring[(i + 1) % ring.Count];
            double ex = b.X - a.X, ey = b.Y - a.Y, det = dx * ey - dy * ex;
            if (Math.Abs(det) < 1e-15) continue;
            double t = (a.X * ey - a.Y * ex) / det, s = (a.X * dy - a.Y * dx) / det;
            if (t > best && s is >= -1e-9 and <= 1 + 1e-9) best = t;
        }

        return new(best * dx, best * dy);
    }

    private static Ring Grown(Ring ring, double by, double z)
    {
        double length = ring.Corners.Max(c => c.X) - ring.Corners.Min(c => c.X), width = ring.Corners.Max(c => c.Y) - ring.Corners.Min(c => c.Y);
        return new([.. ring.Corners.Select(c => new Point(c.X * (1 + 2 * by / length), c.Y * (1 + 2 * by / width)))], z);
    }
}

/// <summary>A path with a thickness at both ends: a stick, a stake, a wire, a hoop.</summary>
public sealed record Rod(string Part, Ink Ink, IReadOnlyList<Point3> Path, double Thick, double Thin) : Solid(Part, Ink)
{
    private const int Sides = 6;

    public double Length => Enumerable.Range(1, Path.Count - 1).Sum(i => (Path[i] - Path[i - 1]).Length);

    public override double Volume => Math.PI / 12 * Length * (Thick * Thick + Thick * Thin + Thin * Thin);

    public override double DepthOf(Point3 point)
    {
        double best = double.MinValue, gone = 0, whole = Length;
        for (var i = 1; i < Path.Count; i++)
        {
            Point3 way = Path[i] - Path[i - 1];
            double length = way.Length, along = (point - Path[i - 1]).Dot(way) / length;
            if (along >= 0 && along <= length)
            {
                var radius = (Thick + (Thin - Thick) * (gone + along) / whole) / 2;
                best = Math.Max(best, Math.Min(radius - (point - Path[i - 1] - way * (along / length)).Length, Math.Min(gone + along, whole - gone - along)));
            }

            gone += length;
        }

        return best;
    }

    public override Solid Moved(Point3 by) => this with { Path = [.. Path.Select(p => p + by)] };

    protected override IEnumerable<Face> Build()
    {
        var rings = new List<List<Point3>>();
        double gone = 0, whole = Length;
        for (var i = 0; i < Path.Count; i++)
        {
            if (i > 0) gone += (Path[i] - Path[i - 1]).Length;
            var way = ((i < Path.Count - 1 ? Path[i + 1] - Path[i] : default) + (i > 0 ? Path[i] - Path[i - 1] : default)).Unit();
            var side = Math.Abs(way.Z) < .9 ? new Point3(0, 0, 1) : new Point3(1, 0, 0);
            Point3 right = way.Cross(side).Unit(), up = right.Cross(way);
            var radius = (Thick + (Thin - Thick) * gone / whole) / 2;
            rings.Add([.. Enumerable.Range(0, Sides).Select(k => 2 * Math.PI * k / Sides).Select(a => Path[i] + right * (radius * Math.Cos(a)) - up * (radius * Math.Sin(a)))]);
        }

        yield return new([.. rings[0].AsEnumerable().Reverse()]);
        yield return new(rings[^1]);
        for (var i = 1; i < rings.Count; i++)
        {
            for (var k = 0; k < Sides; k++)
            {
                var n = (k + 1) % Sides;
                yield return new([rings[i - 1][k], rings[i - 1][n], rings[i][n], rings[i][k]]);
            }
        }
    }
}

/// <summary>Something thin: cloth, film, net, a sheet, by its flat convex panels.</summary>
public sealed record Skin(string Part, Ink Ink, IReadOnlyList<IReadOnlyList<Point3>> Panels, double Thickness) : Solid(Part, Ink)
{
    public double Area => Faces.Sum(f => f.Normal.Length / 2);

    public override double Volume => Area * Thickness;

    public override double DepthOf(Point3 point) => 0;

    public override Solid Moved(Point3 by) => this with { Panels = [.. Panels.Select(p => (IReadOnlyList<Point3>)[.. p.Select(c => c + by)])] };

    protected override IEnumerable<Face> Build() => Panels.Select(p => new Face(p, BothSides: true));
}

/// <summary>Another solid laid on a slope along x: what was level rises by so much for each metre.</summary>
public sealed record Tilted(Solid Of, double Slope) : Solid(Of.Part, Of.Ink)
{
    public override double Volume => Of.Volume;

    public override double DepthOf(Point3 point) => Of.DepthOf(point with { Z = point.Z - Slope * point.X });

    public override Solid Moved(Point3 by) => this with { Of = Of.Moved(by with { Z = by.Z - Slope * by.X }) };

    protected override IEnumerable<Face> Build() => Of.Faces.Select(f => f with { Corners = [.. f.Corners.Select(c => c with { Z = c.Z + Slope * c.X })] });
}
