namespace Metaplant.Core.Supports;

/// <summary>
/// Sticks stood in a ring and bowed in to one head, all bending one way: r (1 − (z/H)²) from the middle at a height z, so that each stands upright in the ground. Lengths in m, areas in m². Range: height and radius &gt; 0.
/// </summary>
/// <param name="Height">H, of the head.</param>
/// <param name="Radius">r, of the ring of feet.</param>
public sealed record Bow(double Height, double Radius)
{
    /// <summary>How far a stick leans in for each metre up, at the head.</summary>
    public double SlopeAtHead => 2 * Radius / Height;

    /// <summary>From the middle out to a stick at a height.</summary>
    public double At(double z) => Radius * (1 - z / Height * (z / Height));

    /// <summary>Along a stick from the ground to a height: the length of a parabola.</summary>
    public double Along(double z)
    {
        double k = SlopeAtHead, u = k * z / Height;
        return Height / (2 * k) * (u * Math.Sqrt(1 + u * u) + Math.Asinh(u));
    }

    /// <summary>Its outline above a height, seen from the side that shows most: twice the distance out, added up.</summary>
    public double OutlineAbove(double z) => 2 * Radius * (Height - z - (Math.Pow(Height, 3) - Math.Pow(z, 3)) / (3 * Height * Height));

    /// <summary>From one stick to the next at a height, of so many.</summary>
    public double Side(double z, int sticks) => 2 * At(z) * Math.Sin(Math.PI / sticks);
}
