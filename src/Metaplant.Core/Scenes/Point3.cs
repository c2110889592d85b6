namespace Metaplant.Core.Scenes;

/// <summary>A place or a way in space, in metres: x along the length, y across from the front to the back, z up from the ground.</summary>
public readonly record struct Point3(double X, double Y, double Z)
{
    public double Length => Math.Sqrt(Dot(this));

    public override string ToString() => $"({X:0.0000}, {Y:0.0000}, {Z:0.0000})";

    /// <summary>The same way, one metre long; the length must not be 0.</summary>
    public Point3 Unit() => this * (1 / Length);

    public double Dot(Point3 other) => X * other.X + Y * other.Y + Z * other.Z;

    public Point3 Cross(Point3 other) => new(Y * other.Z - Z * other.Y, Z * other.X - X * other.Z, X * other.Y - Y * other.X);

    public static Point3 operator +(Point3 a, Point3 b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    public static Point3 operator -(Point3 a, Point3 b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    public static Point3 operator *(Point3 a, double k) => new(a.X * k, a.Y * k, a.Z * k);
}

/// <summary>A box along the axes, in metres.</summary>
public readonly record struct Extent(Point3 Least, Point3 Most)
{
    public Point3 Middle => (Least + Most) * .5;

    public Point3 Size => Most - Least;

    public static Extent Of(IEnumerable<Point3> points)
    {
        double x0 = double.MaxValue, y0 = double.MaxValue, z0 = double.MaxValue, x1 = double.MinValue, y1 = double.MinValue, z1 = double.MinValue;
        foreach (var p in points)
        {
            (x0, y0, z0) = (Math.Min(x0, p.X), Math.Min(y0, p.Y), Math.Min(z0, p.Z));
            (x1, y1, z1) = (Math.Max(x1, p.X), Math.Max(y1, p.Y), Math.Max(z1, p.Z));
        }

        return new(new(x0, y0, z0), new(x1, y1, z1));
    }

    /// <summary>True where the two come nearer than <paramref name="margin"/> m to each other in every direction.</summary>
    public bool Meets(Extent other, double margin)
        => Least.X <= other.Most.X + margin && other.Least.X <= Most.X + margin && Least.Y <= other.Most.Y + margin && other.Least.Y <= Most.Y + margin && Least.Z <= other.Most.Z + margin && other.Least.Z <= Most.Z + margin;
}
