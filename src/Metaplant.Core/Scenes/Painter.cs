using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;

namespace Metaplant.Core.Scenes;

/// <summary>A face as it is seen: its outline in the picture, its solid, and its plane: how near it is at a point of the picture.</summary>
internal sealed class Seen(Point[] outline, Solid solid, double a, double b, double c)
{
    public Point[] Outline => outline;

    public Solid Solid => solid;

    public double A => a;

    public double B => b;

    public double C => c;

    public double X0 { get; } = outline.Min(p => p.X);

    public double X1 { get; } = outline.Max(p => p.X);

    public double Y0 { get; } = outline.Min(p => p.Y);

    public double Y1 { get; } = outline.Max(p => p.Y);

    public double NearAt(Point p) => A * p.X + B * p.Y + C;

    public double Farthest => Outline.Min(NearAt);

    /// <summary>True where what lies behind is not to be seen through it.</summary>
    public bool Covers => Solid.Ink is Ink.Wood or Ink.WoodEnd or Ink.Metal or Ink.Plastic or Ink.Fabric or Ink.Stick or Ink.Soil;

    /// <summary>The two halves of it on either side of the line in which the plane of another meets its own; null for a half that is nothing.</summary>
    public (Seen? Near, Seen? Far) CutBy(Seen other)
    {
        double ahead = A - other.A, beside = B - other.B, on = C - other.C;
        return (Half(1), Half(-1));

        Seen? Half(int side) => Clip.Half(Outline, side * ahead, side * beside, side * on) is { Length: >= 3 } left && Prism.Area(left) > 1e-8 ? new Seen(left, Solid, A, B, C) : null;
    }
}

/// <summary>
/// Puts the faces of a scene in an order in which each may be painted over those before it, so that what is hidden is hidden. Faces are compared where they cover each other, not by one distance for each, so that long boards do not come
/// before short ones they lie behind. Faces that go round in a ring, each before the next, which needs three that cross, are parted by planes.
/// </summary>
internal static class Painter
{
    private const double Touch = 1e-5;

    /// <summary>Faces that go through each other by more than this are cut where they do, m.</summary>
    private const double Through = 5e-4;

    private const int MostFaces = 6000;

    /// <summary>The faces seen from a camera, the farthest first.</summary>
    public static IReadOnlyList<Seen> Order(IEnumerable<Solid> solids, Camera camera)
    {
        var seen = solids.SelectMany(s => s.Faces.Select(f => Look(s, f, camera))).OfType<Seen>().ToList();
        var pairs = new List<(int Front, int Back)>();
        var clip = new Clip();
        for (var i = 0; i < seen.Count; i++)
        {
            for (var j = 0; j < i; j++)
            {
                Seen a = seen[i], b = seen[j];
                if (a.X0 >= b.X1 - Touch || b.X0 >= a.X1 - Touch || a.Y0 >= b.Y1 - Touch || b.Y0 >= a.Y1 - Touch) continue;
                var (least, most) = Between(a, b, clip);
                if (least < -Through && most > Through && seen.Count < MostFaces && a.CutBy(b) is var (near, far) && near is not null && far is not null)
                {
                    // One goes through the other: it is cut where it does, and the half that is new is looked at in its turn.
                    seen[i] = near;
                    seen.Add(far);
                    pairs.RemoveAll(p => p.Front == i || p.Back == i);
                    j = -1;
                    continue;
                }

                if (Math.Max(most, -least) >= Touch) pairs.Add(most >= -least ? (i, j) : (j, i));
            }
        }

        return Sorted(seen, pairs);
    }

    private static List<Seen> Sorted(List<Seen> seen, List<(int Front, int Back)> pairs)
    {
        var before = pairs.ToLookup(p => p.Back, p => p.Front);
        var waiting = new int[seen.Count];
        // What is hidden wholly is not painted at all, and needs no order.
        bool[] done = [.. seen.Select((face, i) => Cover.Hides(face, before[i].Select(f => seen[f])))];
        foreach (var (front, back) in pairs)
        {
            if (!done[back]) waiting[front]++;
        }

        var order = new List<Seen>(seen.Count);
        var wanted = done.Count(d => !d);
        var ready = new PriorityQueue<int, (double, int)>();
        for (var i = 0; i < seen.Count; i++)
        {
            if (waiting[i] == 0 && !done[i]) ready.Enqueue(i, (seen[i].Farthest, i));
        }

        while (order.Count < wanted)
        {
            // What is left goes round in a ring: it is parted by the planes of its own faces, which always gives an order.
            if (ready.Count == 0) return [.. order, .. Parted([.. Enumerable.Range(0, seen.Count).Where(i => !done[i]).Select(i => seen[i])])];
            var next = ready.Dequeue();
            if (done[next]) continue;
            done[next] = true;
            order.Add(seen[next]);
            foreach (var front in before[next])
            {
                if (--waiting[front] == 0 && !done[front]) ready.Enqueue(front, (seen[front].Farthest, front));
            }
        }

        return order;
    }

    /// <summary>Faces in an order in which none is hidden wrongly, by a tree of planes: what is behind the plane of one, that one, what is before it; what goes through is cut. Fuchs, Kedem and Naylor 1980.</summary>
    private static IEnumerable<Seen> Parted(List<Seen> faces)
    {
        if (faces.Count < 2) return faces;
        var by = faces.Skip(faces.Count / 2 - Math.Min(4, faces.Count / 2)).Take(8).MinBy(f => faces.Count(other => Across(other, f)))!;
        List<Seen> behind = [], before = [];
        foreach (var face in faces)
        {
            if (ReferenceEquals(face, by)) continue;
            if (Across(face, by))
            {
                var (near, far) = face.CutBy(by);
                if (near is not null) before.Add(near);
                if (far is not null) behind.Add(far);
            }
            else if (face.Outline.Sum(p => face.NearAt(p) - by.NearAt(p)) >= 0)
            {
                before.Add(face);
            }
            else
            {
                behind.Add(face);
            }
        }

        return Parted(behind).Append(by).Concat(Parted(before));
    }

    private static bool Across(Seen face, Seen by)
    {
        double least = double.MaxValue, most = double.MinValue;
        foreach (var p in face.Outline)
        {
            var d = face.NearAt(p) - by.NearAt(p);
            (least, most) = (Math.Min(least, d), Math.Max(most, d));
        }

        return least < -Through && most > Through;
    }

    private static Seen? Look(Solid solid, Face face, Camera camera)
    {
        var normal = face.Normal;
        var toward = normal.Dot(camera.Toward);
        if (Math.Abs(toward) < 1e-9 * Math.Max(normal.Length, 1e-9) || normal.Length < 1e-12 || (toward < 0 && !face.BothSides)) return null;
        Point[] outline = [.. face.Corners.Select(camera.See)];
        if (toward < 0) Array.Reverse(outline);
        // near = a x + b y + c in the picture, from the plane of the face.
        double a = -normal.Dot(camera.Right) / toward, b = -normal.Dot(camera.Up) / toward;
        var at = face.Corners[0];
        var first = camera.See(at);
        return new(outline, solid, a, b, camera.Near(at) - a * first.X - b * first.Y);
    }

    /// <summary>How much nearer the first is than the second where they cover each other, least and most; 0 and 0 where they do not.</summary>
    private static (double Least, double Most) Between(Seen one, Seen other, Clip clip)
    {
        var shared = clip.Convex(one.Outline, other.Outline);
        if (shared.Length < 3 || Prism.Area(shared) < 1e-8) return (0, 0);
        double least = double.MaxValue, most = double.MinValue;
        foreach (var p in shared)
        {
            var d = one.NearAt(p) - other.NearAt(p);
            (least, most) = (Math.Min(least, d), Math.Max(most, d));
        }

        return (least, most);
    }
}

/// <summary>Whether a face is hidden by those before it, together.</summary>
internal static class Cover
{
    /// <summary>Bits of a face that are followed up; where it falls into more, it is painted.</summary>
    private const int MostBits = 24;

    /// <summary>The least that is seen of a bit, m² of the picture.</summary>
    private const double Least = 1e-8;

    /// <summary>True where those in front leave nothing of it to be seen; false also where that takes too long to find out.</summary>
    public static bool Hides(Seen face, IEnumerable<Seen> inFront)
    {
        List<Point[]> left = [face.Outline];
        foreach (var front in inFront.Where(f => f.Covers))
        {
            List<Point[]> still = [];
            foreach (var bit in left) still.AddRange(Outside(bit, front));
            if (still.Count == 0) return true;
            if (still.Count > MostBits) return false;
            left = still;
        }

        return false;
    }

    /// <summary>What of a convex outline does not lie behind a face, in convex bits; the whole of it as it is where none of it does.</summary>
    private static List<Point[]> Outside(Point[] bit, Seen front)
    {
        if (!Meets(bit, front)) return [bit];
        List<Point[]> outside = [];
        var inside = bit;
        for (var i = 0; i < front.Outline.Length; i++)
        {
            Point p = front.Outline[i], q = front.Outline[(i + 1) % front.Outline.Length];
            // Above 0 to the left of this side, which is within.
            double a = p.Y - q.Y, b = q.X - p.X, c = -a * p.X - b * p.Y;
            if (Clip.Half(inside, -a, -b, -c) is var beyond && Prism.Area(beyond) > Least) outside.Add(beyond);
            inside = Clip.Half(inside, a, b, c);
            if (Prism.Area(inside) < Least) return [bit];
        }

        return outside;
    }

    private static bool Meets(Point[] bit, Seen front)
    {
        double x0 = double.MaxValue, x1 = double.MinValue, y0 = double.MaxValue, y1 = double.MinValue;
        foreach (var p in bit) (x0, x1, y0, y1) = (Math.Min(x0, p.X), Math.Max(x1, p.X), Math.Min(y0, p.Y), Math.Max(y1, p.Y));
        return x0 < front.X1 && x1 > front.X0 && y0 < front.Y1 && y1 > front.Y0;
    }
}

/// <summary>Cuts convex polygons by each other, in room of its own: every two faces of a picture are asked. Not to be asked from two threads at once.</summary>
internal sealed class Clip
{
    private Point[] here = new Point[32];
    private Point[] there = new Point[32];

    /// <summary>What two convex polygons, both anticlockwise, have in common; fewer than three corners where that is nothing. Good until the next is asked. Sutherland and Hodgman 1974.</summary>
    public ReadOnlySpan<Point> Convex(Point[] polygon, Point[] by)
    {
        // Each side that it is cut by adds one corner at most.
        if (here.Length < polygon.Length + by.Length) (here, there) = (new Point[2 * (polygon.Length + by.Length)], new Point[2 * (polygon.Length + by.Length)]);
        ReadOnlySpan<Point> left = polygon;
        for (var i = 0; i < by.Length && left.Length > 0; i++)
        {
            Point a = by[i], b = by[(i + 1) % by.Length];
            var into = i % 2 == 0 ? here : there;
            var kept = 0;
            for (var k = 0; k < left.Length; k++)
            {
                Point p = left[k], q = left[(k + 1) % left.Length];
                double dp = Side(a, b, p), dq = Side(a, b, q);
                if (dp >= 0) into[kept++] = p;
                if (dp >= 0 != dq >= 0) into[kept++] = new(p.X + (q.X - p.X) * dp / (dp - dq), p.Y + (q.Y - p.Y) * dp / (dp - dq));
            }

            left = into.AsSpan(0, kept);
        }

        return left;
    }

    /// <summary>What of a convex polygon lies where a x + b y + c is not below 0.</summary>
    public static Point[] Half(Point[] polygon, double a, double b, double c)
    {
        var kept = new List<Point>(polygon.Length + 1);
        for (var k = 0; k < polygon.Length; k++)
        {
            Point p = polygon[k], q = polygon[(k + 1) % polygon.Length];
            double dp = a * p.X + b * p.Y + c, dq = a * q.X + b * q.Y + c;
            if (dp >= 0) kept.Add(p);
            if (dp >= 0 != dq >= 0) kept.Add(new(p.X + (q.X - p.X) * dp / (dp - dq), p.Y + (q.Y - p.Y) * dp / (dp - dq)));
        }

        return [.. kept];
    }

    private static double Side(Point a, Point b, Point p) => (b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X);
}
