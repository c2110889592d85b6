using Metaplant.Core.Materials;

namespace Metaplant.Core.Reinforcement;

/// <summary>Steel of a roofing sheet: yield and modulus in Pa, and the metal in m that wet soil takes from one side in a year.</summary>
public sealed record SheetSteel(double Yield, double Modulus, double RustEachYear)
{
    private const double Millimetre = 1e-3;

    public static SheetSteel Of(Handbook handbook) => new(handbook[Metals.SheetYield], handbook[Metals.SteelModulus], handbook[Metals.SheetRust] * Millimetre);
}

/// <summary>
/// A roofing sheet stood on edge as a wall, corrugations along the span between posts. Lengths in m. Profile depth is from crest to trough outside to outside.
/// </summary>
/// <param name="Thickness">Of the metal that rust has left.</param>
public sealed record CorrugatedSheet(double Depth, double Pitch, double Thickness, SheetSteel Steel)
{
    /// <summary>
    /// Second moment of area for each metre of width, m⁴/m: a sine of depth d has I = t (d − t)²/8 for its unrolled length over its pitch taken as one, which leaves the gain of the longer metal on the safe side.
    /// </summary>
    public double Inertia => Thickness * Math.Pow(Depth - Thickness, 2) / 8;

    /// <summary>Section modulus for each metre of width, m³/m: I over half the depth.</summary>
    public double SectionModulus => Inertia / (Depth / 2);

    /// <summary>The sheet after so many years against soil; null once nothing is left of it.</summary>
    public CorrugatedSheet? After(double years) => Thickness - Steel.RustEachYear * years is > 1e-5 and var left ? this with { Thickness = left } : null;

    /// <summary>
    /// Greatest span in m under an even pressure in Pa: γ_G p L²/8 against yield, and 5 p L⁴/(384 E I) against the bend allowed.
    /// </summary>
    public double GreatestSpan(double pressure, CodeFactors factors)
        => pressure == 0 ? double.PositiveInfinity : Math.Min(
            Math.Sqrt(8 * Steel.Yield * SectionModulus / (factors.Soil * pressure)),
            Math.Cbrt(384 * Steel.Modulus * Inertia / (5 * pressure * factors.BendLimit)));
}
