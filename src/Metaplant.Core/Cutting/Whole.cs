using System.Numerics;

namespace Metaplant.Core.Cutting;

/// <summary>Lengths as whole numbers.</summary>
internal static class Whole
{
    /// <summary>Thousandths of a millimetre: finer than anybody saws, so that nothing is lost by it.</summary>
    public const double PerMetre = 1e6;

    /// <summary>Less than this is a rounding of the numbers and no length.</summary>
    private const double Slack = 1e-3;

    /// <summary>What is wanted, m: rounded up, so that it is never too short.</summary>
    public static long AtLeast(double metres) => (long)Math.Ceiling(metres * PerMetre - Slack);

    /// <summary>What there is, m: rounded down, so that nothing is cut beyond its end.</summary>
    public static long AtMost(double metres) => (long)Math.Floor(metres * PerMetre + Slack);

    /// <summary>The greatest unit that two lengths are both whole in.</summary>
    public static long Common(long a, long b) => (long)BigInteger.GreatestCommonDivisor(a, b);
}
