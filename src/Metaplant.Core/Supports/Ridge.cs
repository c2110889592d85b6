namespace Metaplant.Core.Supports;

/// <summary>A pole laid over tripods with strings hung from it.</summary>
public static class Ridge
{
    /// <summary>
    /// Sag in m of a round pole under an even load w in N/m: 5 w L⁴ / (384 E π d⁴/64). Span and diameter in m, modulus in Pa. Simply supported, which is on the safe side for a pole that runs over several tripods.
    /// </summary>
    public static double Sag(double load, double span, double diameter, double modulus)
        => 5 * load * Math.Pow(span, 4) / (384 * modulus * Math.PI * Math.Pow(diameter, 4) / 64);

    /// <summary>The greatest span in m whose sag stays within itself over a limit; 100 is usual. Infinite without load.</summary>
    public static double GreatestSpan(double load, double diameter, double modulus, double sagLimit)
        => load == 0 ? double.PositiveInfinity : Math.Cbrt(384 * modulus * Math.PI * Math.Pow(diameter, 4) / 64 / (5 * load * sagLimit));

    /// <summary>String in m for one plant: the drop, and what it will still grow, at so much a week for the weeks that are left.</summary>
    public static double StringLength(double drop, double growthPerWeek, double weeksLeft) => drop + growthPerWeek * weeksLeft;
}
