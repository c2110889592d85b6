using System.Numerics;

namespace Metaplant.Core.Cutting;

/// <summary>Lengths as whole numbers.</summary>
internal static class Whole
{
    /// <summary>Thousandths of a millimetre: finer than anybody saws, so that nothing is lost by it.</summary>
    public const double PerMetre = 1e6;

    /// <summary>The greatest unit that two lengths are both whole in.</summary>
    public static long Common(long a, long b) => (long)BigInteger.GreatestCommonDivisor(a, b);
}
