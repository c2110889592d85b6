using Metaplant.Core.Sums;

namespace Metaplant.Core.Places;

/// <summary>A peg of a curve: so far along the string between its two ends, and so far square off it. Lengths in m.</summary>
public sealed record BendPeg(double Along, double Off);

/// <summary>
/// A bed of one width round a bend, set out from a string and without its middle: an arc by offsets from the chord, and a second one about the same middle.
/// </summary>
/// <param name="Inner">From one end of the string to the other.</param>
/// <param name="Outer">Each the width away from the inner one with its number, straight out.</param>
/// <param name="Radius">Of the inner edge.</param>
/// <param name="Length">Along the inner edge.</param>
/// <param name="OuterLength">Along the outer edge.</param>
public sealed record Bend(IReadOnlyList<BendPeg> Inner, IReadOnlyList<BendPeg> Outer, double Radius, double Length, double OuterLength)
{
    /// <summary>Pegs nearer than this to each other are of no use, m.</summary>
    public const double Every = .5;

    /// <summary>
    /// An arc over a string of length <paramref name="chord"/> that rises <paramref name="rise"/> above its middle: R = (c² ÷ 4 + h²) ÷ 2h. Range: rise more than 0 and at most half the chord, which is half a round; width more than 0.
    /// </summary>
    public static Outcome<Bend> Of(double chord, double rise, double width)
    {
        if (!(rise > 0 && rise <= chord / 2)) return new Problem("rise", $"A bend over a string of {Amount.Length(chord)} rises from just above nothing to {Amount.Length(chord / 2)}, which is half a round.");
        var radius = (chord * chord / 4 + rise * rise) / (2 * rise);
        var half = Math.Asin(Math.Min(1, chord / 2 / radius));
        var length = 2 * half * radius;
        var parts = Math.Max(2, (int)Math.Round(length / Every));
        // From the middle of the arc, which lies as far below the string as the radius is longer than the rise.
        IReadOnlyList<BendPeg> At(double r) => [.. Enumerable.Range(0, parts + 1).Select(i => half * (2.0 * i / parts - 1)).Select(a => new BendPeg(chord / 2 + r * Math.Sin(a), r * Math.Cos(a) - (radius - rise)))];
        return new Bend(At(radius), At(radius + width), radius, length, 2 * half * (radius + width));
    }
}
