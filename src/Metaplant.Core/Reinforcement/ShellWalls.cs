using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>Thin walls that carry soil in tension or as plates.</summary>
public static class ShellWalls
{
    /// <summary>Hoop tension T = p r in N for each metre of height, with the pressure in Pa and the radius in m.</summary>
    public static double HoopTension(double pressure, double radius) => pressure * radius;

    private static readonly (double Ratio, double Beta, double Alpha)[] Plate =
    [
        (1, .2874, .0444), (1.2, .3762, .0616), (1.4, .4530, .0770), (1.6, .5172, .0906), (1.8, .5688, .1017), (2, .6102, .1110), (3, .7134, .1335), (4, .7410, .1400), (5, .7476, .1417),
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

    /// <summary>
    /// Bend in m at the middle of the same wall, y = α p b⁴/(E t³) at the mean pressure, raised by a tenth. The theory holds while it is no more than half the thickness: beyond that the wall stretches as well, and the answer is no answer.
    /// Source: as <see cref="PlateStress"/>.
    /// </summary>
    public static double PlateBend(double side, double otherSide, double thickness, double footPressure, double modulus)
    {
        double a = Math.Max(side, otherSide), b = Math.Min(side, otherSide);
        return 1.1 * Alpha(a / b) * footPressure / 2 * Math.Pow(b, 4) / (modulus * Math.Pow(thickness, 3));
    }

    /// <summary>True while a plate of this thickness that bends so far is within small-bend theory.</summary>
    public static bool SmallBend(double bend, double thickness) => bend <= thickness / 2;

    private static double Beta(double ratio) => Between(ratio, p => p.Beta, .75);

    private static double Alpha(double ratio) => Between(ratio, p => p.Alpha, .1421);

    private static double Between(double ratio, Func<(double Ratio, double Beta, double Alpha), double> of, double beyond)
    {
        for (var i = 1; i < Plate.Length; i++)
        {
            var (low, high) = (Plate[i - 1], Plate[i]);
            if (ratio <= high.Ratio) return of(low) + (of(high) - of(low)) * (ratio - low.Ratio) / (high.Ratio - low.Ratio);
        }

        return beyond;
    }
}
