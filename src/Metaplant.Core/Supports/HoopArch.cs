using Metaplant.Core.Geometry;

namespace Metaplant.Core.Supports;

/// <summary>
/// An arch of one circle: a length of pipe or rod bent between two feet. Lengths in m, the angle in degrees. Feet at two levels tilt it: radius, rise and angle are then those over the line between them.
/// </summary>
/// <param name="Radius">Null for a flat one, as long as its span.</param>
/// <param name="Rise">From the line of the feet to the crown; the headroom in the middle.</param>
/// <param name="GreatestWidth">The span, or the diameter once the arch turns through more than half a circle.</param>
/// <param name="CrownHeight">The highest point over the lower foot.</param>
public sealed record HoopArch(double? Radius, double Rise, double AngleDegrees, double GreatestWidth, double CrownHeight)
{
    /// <summary>An arch shorter than this part of its span above it counts as flat.</summary>
    private const double Flat = 1e-9;

    /// <summary>
    /// The circle with a = R θ and s = 2 R sin(θ/2), by bisection on θ to a relative width of 1e-13. Range: a ≥ s &gt; 0; the arch closes to a full circle as s goes to nothing.
    /// </summary>
    /// <param name="arcLength">a, of pipe above the ground.</param>
    /// <param name="span">s, between the feet, level.</param>
    /// <param name="levelDifference">How much higher one foot stands; the line between the feet is then √(s² + Δ²), and a at least that.</param>
    public static HoopArch Of(double arcLength, double span, double levelDifference = 0)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(span);
        var chord = Chord(span, levelDifference);
        ArgumentOutOfRangeException.ThrowIfLessThan(arcLength, chord);
        if (arcLength <= chord * (1 + Flat)) return new(null, 0, 0, span, levelDifference);
        // sin(x)/x falls from 1 to 0 as x goes from 0 to π.
        var half = Solve.Rising(x => 1 - Math.Sin(x) / x, 1 - chord / arcLength, 1e-9, Math.PI);
        var radius = arcLength / (2 * half);
        // The middle of the circle, from the lower foot: half way along the chord and square to it.
        double tilt = Math.Atan2(levelDifference, span), below = radius * Math.Cos(half), middle = levelDifference / 2 - below * Math.Cos(tilt);
        // Steeper than the arch turns, its highest point is the upper foot itself.
        var crown = tilt < half ? middle + radius : levelDifference;
        return new(radius, radius * (1 - Math.Cos(half)), 2 * half * 180 / Math.PI, half > Math.PI / 2 ? 2 * radius : span, crown);
    }

    /// <summary>The straight line between two feet.</summary>
    public static double Chord(double span, double levelDifference) => Math.Sqrt(span * span + levelDifference * levelDifference);

    /// <summary>
    /// Headroom in m at a distance from the middle of the span; 0 outside the feet, and for a flat arch. For an arch of more than half a circle the upper of its two heights.
    /// </summary>
    public double HeadroomAt(double fromMiddle)
        => Radius is not { } r || Math.Abs(fromMiddle) > GreatestWidth / 2 ? 0 : Math.Max(0, Rise - r + Math.Sqrt(Math.Max(0, r * r - fromMiddle * fromMiddle)));

    /// <summary>Points along it from foot to foot, over the middle of its span; a flat one has its feet only.</summary>
    public IReadOnlyList<Point> Curve(double chord, int steps = 40)
        => Radius is not { } r
            ? [new(-chord / 2, 0), new(chord / 2, 0)]
            : [.. Enumerable.Range(0, steps + 1).Select(i => AngleDegrees * Math.PI / 180 * (i / (double)steps - .5)).Select(a => new Point(r * Math.Sin(a), Rise - r + r * Math.Cos(a)))];

    /// <summary>Width in m of the path that has at least a headroom in m; 0 above the crown.</summary>
    public double WidthAt(double headroom)
        => Radius is not { } r || headroom >= Rise ? 0 : headroom < Rise - r ? GreatestWidth : 2 * Math.Sqrt(Math.Max(0, r * r - Math.Pow(headroom - Rise + r, 2)));

    /// <summary>Strain on the outside of a round bar of diameter d bent to a radius R: d / 2R, no unit.</summary>
    public static double BendingStrain(double diameter, double radius) => diameter / (2 * radius);
}
