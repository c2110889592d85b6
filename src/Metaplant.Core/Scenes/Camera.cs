using Metaplant.Core.Geometry;

namespace Metaplant.Core.Scenes;

/// <summary>From where a scene is looked at, without perspective: which way is right, which is up, and which leads to whoever looks.</summary>
public sealed record Camera(string View, string Title, Point3 Right, Point3 Up, Point3 Toward)
{
    /// <summary>Corners to look from: front left, front right, back right, back left.</summary>
    public const int Corners = 4;

    private const double Steepness = 28;

    public static Camera Front { get; } = new("front", "Front", new(1, 0, 0), new(0, 0, 1), new(0, -1, 0));

    public static Camera Plan { get; } = new("plan", "Plan", new(1, 0, 0), new(0, 1, 0), new(0, 0, 1));

    public static Camera Side { get; } = new("side", "Side", new(0, 1, 0), new(0, 0, 1), new(1, 0, 0));

    /// <summary>From one of the four corners and a little above. Range: 0 to 3.</summary>
    public static Camera Corner(int corner)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(corner);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(corner, Corners);
        double turn = (-120 + 90 * corner) * Math.PI / 180, steep = Steepness * Math.PI / 180;
        Point3 toward = new(Math.Cos(turn) * Math.Cos(steep), Math.Sin(turn) * Math.Cos(steep), Math.Sin(steep));
        var right = new Point3(0, 0, 1).Cross(toward).Unit();
        return new("corner", corner switch { 0 => "From the front left", 1 => "From the front right", 2 => "From the back right", _ => "From the back left" }, right, toward.Cross(right), toward);
    }

    public Point See(Point3 p) => new(p.Dot(Right), p.Dot(Up));

    /// <summary>How near to whoever looks, m; more is nearer.</summary>
    public double Near(Point3 p) => p.Dot(Toward);
}
