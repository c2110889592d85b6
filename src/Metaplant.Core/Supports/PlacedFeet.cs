using Metaplant.Core.Geometry;

namespace Metaplant.Core.Supports;

/// <summary>
/// A cone whose feet are placed to suit plants that already grow, so that their ring is no regular polygon. Feet as points in m from the point below the tie; forces in N.
/// </summary>
public sealed record PlacedFeet
{
    private PlacedFeet(IReadOnlyList<Point> feet) => Feet = feet;

    /// <summary>The feet in the order in which line is wound round them, anticlockwise.</summary>
    public IReadOnlyList<Point> Feet { get; private init; }

    /// <summary>Sorts the feet round the point below the tie; null with fewer than three or where that point lies outside them, since such a cone falls over by itself.</summary>
    public static PlacedFeet? Of(IReadOnlyList<Point> feet)
    {
        var placed = new PlacedFeet([.. feet.OrderBy(p => Math.Atan2(p.Y, p.X))]);
        return feet.Count >= 3 && placed.Edges().All(e => e.Lever > 0) ? placed : null;
    }

    /// <summary>Length of the stick at each foot: the slope from it to the tie, with what goes into the ground and stands above, all along the stick.</summary>
    public IReadOnlyList<double> StickLengths(double tieHeight, double embed, double above)
        => [.. Feet.Select(p => Cone.StickLength(tieHeight, p.DistanceTo(default), embed, above))];

    /// <summary>Length of the ring of line at a height: the true polygon, smaller as the sticks come together.</summary>
    public double RingAt(double height, double tieHeight) => (1 - height / tieHeight) * Sides().Sum(s => s.From.DistanceTo(s.To));

    /// <summary>Line for rings evenly from the lowest to 0.9 of the tie (one ring: at the lowest) with so many turns round every stick at each.</summary>
    public double Rings(int rings, double lowest, double tieHeight, double wraps, double stickDiameter)
        => Cone.RingHeights(rings, lowest, tieHeight).Sum(z => RingAt(z, tieHeight)) + rings * Feet.Count * wraps * Math.PI * stickDiameter;

    /// <summary>
    /// The worst side to tip over: its lever from the point below the tie, and the foot farthest from it. Uplift there is (F z − W lever) ÷ far.
    /// </summary>
    public (double Lever, double Far) Weakest(double windForce, double windHeight, double weight)
        => Edges().OrderByDescending(e => (windForce * windHeight - weight * e.Lever) / e.Far).First();

    public double Uplift(double windForce, double windHeight, double weight)
    {
        var (lever, far) = Weakest(windForce, windHeight, weight);
        return (windForce * windHeight - weight * lever) / far;
    }

    private IEnumerable<(Point From, Point To)> Sides() => Feet.Select((p, i) => (p, Feet[(i + 1) % Feet.Count]));

    private IEnumerable<(double Lever, double Far)> Edges() => Sides().Select(side =>
    {
        var (a, b) = side;
        var length = Math.Max(a.DistanceTo(b), 1e-12);
        // Positive to the left of the way from a to b, where the middle of an anticlockwise ring lies.
        double Off(Point p) => ((b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X)) / length;
        return (Off(default), Feet.Max(Off));
    });
}
