namespace Metaplant.Core.Supports;

/// <summary>
/// Rods woven in and out of driven stakes: how many of each. Lengths in m.
/// </summary>
/// <param name="PathFactor">How much longer a woven rod's way is than the wall.</param>
public sealed record Weaving(int Stakes, int Courses, int Rods, double PathFactor)
{
    private const double Guard = 1e-9;

    /// <summary>
    /// Stakes ⌈L/s⌉ + 1; round a closed ring ⌈L/s⌉, and one more when that is even, so that the weave alternates. Path factor 1 + (π A/s)²/4 with A half the sum of stake and rod.
    /// Courses ⌈h / (packing × rod)⌉; a course closes up to 0.9 of the rod. Rods ⌈L × courses × factor / (rod length − overlap)⌉. All inputs above 0, the overlap below the rod's length.
    /// </summary>
    public static Weaving Of(double length, double height, double stakeSpacing, double stakeDiameter, double rodDiameter, double rodLength, double overlap, double packing, bool closed = false)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(overlap, rodLength);
        var gaps = Ceiling(length / stakeSpacing);
        var stakes = closed ? gaps + (gaps % 2 == 0 ? 1 : 0) : gaps + 1;
        var courses = Ceiling(height / (packing * rodDiameter));
        var factor = PathFactorOf(stakeSpacing, stakeDiameter, rodDiameter);
        return new(stakes, courses, Ceiling(length * courses * factor / (rodLength - overlap)), factor);
    }

    /// <summary>1 + (π A/s)²/4: the length of a sine of amplitude A/2 and wavelength 2 s over its base, to the second order.</summary>
    public static double PathFactorOf(double stakeSpacing, double stakeDiameter, double rodDiameter)
        => 1 + Math.Pow(Math.PI * (stakeDiameter + rodDiameter) / 2 / stakeSpacing, 2) / 4;

    /// <summary>The ceiling, but 3.0000000001 counts as 3.</summary>
    private static int Ceiling(double x) => (int)Math.Ceiling(x - Guard);
}
