namespace Metaplant.Core.Reinforcement;

/// <summary>
/// A roofing sheet stood on edge as a wall, corrugations along the span between posts. Lengths in m. Profile depth is from crest to trough outside to outside.
/// </summary>
/// <param name="Thickness">Of the metal that rust has left.</param>
public sealed record CorrugatedSheet(double Depth, double Pitch, double Thickness)
{
    /// <summary>Yield of roofing steel of unknown make, Pa: S220GD, EN 10346, the lowest grade sold for profiling.</summary>
    public const double Yield = 220e6;

    public const double Modulus = 210e9;

    /// <summary>Metal lost to rust each year outdoors against wet soil, one side, m. EN ISO 9223 category C3 upper end, doubled for soil.</summary>
    public const double RustEachYear = 100e-6 / 2;

    /// <summary>
    /// Second moment of area for each metre of width, m⁴/m: a sine of depth d has I = t (d − t)²/8 for its unrolled length over its pitch taken as one, which leaves the gain of the longer metal on the safe side.
    /// </summary>
    public double Inertia => Thickness * Math.Pow(Depth - Thickness, 2) / 8;

    /// <summary>Section modulus for each metre of width, m³/m: I over half the depth.</summary>
    public double SectionModulus => Inertia / (Depth / 2);

    /// <summary>The sheet after so many years against soil; null once nothing is left of it.</summary>
    public CorrugatedSheet? After(double years) => Thickness - RustEachYear * years is > 1e-5 and var left ? this with { Thickness = left } : null;

    /// <summary>
    /// Greatest span in m under an even pressure in Pa: 1.35 p L²/8 against yield, and 5 p L⁴/(384 E I) against L/150.
    /// </summary>
    public double GreatestSpan(double pressure)
        => pressure == 0 ? double.PositiveInfinity : Math.Min(
            Math.Sqrt(8 * Yield * SectionModulus / (Partial.Soil * pressure)),
            Math.Cbrt(384 * Modulus * Inertia / (5 * pressure * Partial.BendLimit)));
}
