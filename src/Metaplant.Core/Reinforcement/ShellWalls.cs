using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>Thin walls that carry soil in tension or as plates.</summary>
public static class ShellWalls
{
    /// <summary>Hoop tension T = p r in N for each metre of height, with the pressure in Pa and the radius in m.</summary>
    public static double HoopTension(double pressure, double radius) => pressure * radius;

    private static readonly (double Ratio, double Beta)[] Plate =
    [
        (1, .2874), (1.2, .3762), (1.4, .4530), (1.6, .5172), (1.8, .5688), (2, .6102), (3, .7134), (4, .7410), (5, .7476),
    ];

    /// <summary>
    /// Greatest bending stress in Pa of a flat rectangular wall held at four edges under soil whose pressure rises from nothing to
    /// <paramref name="footPressure"/> Pa. The uniform case σ = β p b²/t² is taken at the mean pressure, since the stress at the middle is exactly half by
    /// symmetry, and raised by a tenth because the greatest stress stands a little below the middle.
    /// Sides and thickness in m. Source: Young &amp; Budynas, Roark's Formulas, 7th ed., table 11.4 case 1a.
    /// </summary>
    public static double PlateStress(double side, double otherSide, double thickness, double footPressure)
    {
        double a = Math.Max(side, otherSide), b = Math.Min(side, otherSide);
        return 1.1 * Beta(a / b) * footPressure / 2 * b * b / (thickness * thickness);
    }

    private static double Beta(double ratio)
    {
        for (var i = 1; i < Plate.Length; i++)
        {
            var (low, high) = (Plate[i - 1], Plate[i]);
            if (ratio <= high.Ratio) return low.Beta + (high.Beta - low.Beta) * (ratio - low.Ratio) / (high.Ratio - low.Ratio);
        }

        return .75;
    }
}
