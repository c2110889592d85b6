namespace Metaplant.Core.Geometry;

/// <summary>A point in a plane, in metres.</summary>
public readonly record struct Point(double X, double Y)
{
    public double DistanceTo(Point other) => Math.Sqrt((X - other.X) * (X - other.X) + (Y - other.Y) * (Y - other.Y));

    public static Point operator +(Point a, Point b) => new(a.X + b.X, a.Y + b.Y);
}
