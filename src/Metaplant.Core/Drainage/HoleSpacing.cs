using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Drainage;

/// <summary>How wet a plant lets its feet stand: the free water it tolerates midway between holes.</summary>
public enum ThirstClass
{
    DryFooted,
    Ordinary,
    Thirsty,
}

/// <summary>The spacing of drain holes in m, by the two ways water is held up, and what was found on the way.</summary>
/// <param name="BySoil">Spacing that the way through wet soil allows.</param>
/// <param name="ByEntry">Spacing that the way into the hole allows.</param>
/// <param name="CellRadius">Radius of the soil one hole drains by the first way.</param>
/// <param name="Reaching">Rain for each area of the foot, m/s, before the soil holds it up.</param>
/// <param name="Ponds">True when rain comes faster than the soil passes it, so that water stands on top.</param>
public sealed record HoleSpacing(double BySoil, double ByEntry, double CellRadius, double Reaching, bool Ponds, Sum Sum)
{
    public double Spacing => Math.Min(BySoil, ByEntry);

    /// <summary>Free water in m that a class tolerates midway between holes.</summary>
    public static double ToleratedWetDepth(Handbook handbook, ThirstClass thirst) => handbook[Practice.WetDepth(thirst.ToString().ToLowerInvariant())];

    /// <summary>
    /// How far apart holes may be so that free water midway stands no deeper than <paramref name="wetDepth"/>.
    /// By soil (Dupuit): the cell radius R solves h² = (q/K)(R² ln(R/r) − (R² − r²)/2), spacing R√π. By entry (Hvorslev 1951, a disc in an
    /// impervious floor): spacing √(4 K r h/q). The lesser holds.
    /// </summary>
    /// <param name="conductivity">K of the medium, m/s.</param>
    /// <param name="rain">Rain on the top, m/s.</param>
    /// <param name="holeDiameter">m.</param>
    /// <param name="wetDepth">h, m.</param>
    /// <param name="padDiameter">A coarse pad laid over each hole, m; it takes the place of the hole when wider. 0 for none.</param>
    /// <param name="topToBaseArea">Top area over base area: a flared tub gathers more rain than its foot is wide.</param>
    public static HoleSpacing Work(double conductivity, double rain, double holeDiameter, double wetDepth, double padDiameter = 0, double topToBaseArea = 1)
    {
        double k = conductivity, r = Math.Max(holeDiameter, padDiameter) / 2, h = wetDepth;
        var reaching = rain * topToBaseArea;
        var q = Math.Min(reaching, k);
        var radius = CellRadiusFor(k, q, r, h);
        var bySoil = radius * Math.Sqrt(Math.PI);
        var byEntry = Math.Sqrt(4 * k * r * h / q);
        var sum = Sum.Of(
            "Spacing of the holes", bySoil < byEntry ? "s = R √π with h² = q/K (R² ln(R/r) − (R² − r²)/2)" : "s = √(4 K r h ÷ q)",
            [
                new("K", "how fast the wet soil passes water", k, Unit.MetrePerSecond),
                new("q", "rain reaching the foot, at most K", q, Unit.MetrePerSecond, Practice.RainRate),
                new("r", padDiameter > holeDiameter ? "radius of the coarse pad" : "radius of the hole", r, Unit.Metre),
                new("h", "wet depth the plants tolerate", h, Unit.Metre),
                new("R", "soil one hole drains", radius, Unit.Metre),
            ],
            Math.Min(bySoil, byEntry), Unit.Metre, "Dupuit 1863 for the way through the soil; Hvorslev 1951 for the way into the hole",
            "Rain as heavy as this for hours", "A square grid of holes") with
        {
            Question = new Question("hole-spacing", ("conductivity", k), ("rain", rain), ("holeDiameter", holeDiameter), ("toleratedWetDepth", h), ("topToBaseArea", topToBaseArea)).OrNone("padDiameter", padDiameter),
        };
        return new(bySoil, byEntry, radius, reaching, reaching > k * (1 + 1e-12), sum);
    }

    /// <summary>
    /// How far apart holes in one row along the lowest line of a trough may be. By entry: each takes 4 K r h, which is the rain on so much of its length. By soil: water runs along the bottom through what stands full of water, h² = q b (s/2)²/(K w). The lesser holds.
    /// </summary>
    /// <param name="gathers">b, how wide the soil is on top that drains to the line, m.</param>
    /// <param name="wetWidth">w, how wide the trough is where free water may stand to, m.</param>
    public static HoleSpacing AlongLine(double conductivity, double rain, double holeDiameter, double wetDepth, double padDiameter, double gathers, double wetWidth)
    {
        double k = conductivity, r = Math.Max(holeDiameter, padDiameter) / 2, h = wetDepth, q = Math.Min(rain, k);
        double byEntry = 4 * k * r * h / (q * gathers), bySoil = 2 * h * Math.Sqrt(k * wetWidth / (q * gathers));
        var sum = Sum.Of(
            "Spacing of the holes", bySoil < byEntry ? "s = 2 h √(K w ÷ q b)" : "s = 4 K r h ÷ (q b)",
            [
                new("K", "how fast the wet soil passes water", k, Unit.MetrePerSecond), new("q", "rain on its top, at most K", q, Unit.MetrePerSecond, Practice.RainRate), new("r", padDiameter > holeDiameter ? "radius of the coarse pad" : "radius of the hole", r, Unit.Metre),
                new("h", "wet depth the plants tolerate", h, Unit.Metre), new("b", "width of the soil on top", gathers, Unit.Metre), new("w", "width of the trough at that depth", wetWidth, Unit.Metre),
            ],
            Math.Min(bySoil, byEntry), Unit.Metre, "Dupuit 1863 for the way through the soil; Hvorslev 1951 for the way into the hole", "Rain as heavy as this for hours", "One row along the lowest line");
        return new(bySoil, byEntry, 0, rain, rain > k * (1 + 1e-12), sum);
    }

    private static double CellRadiusFor(double k, double q, double r, double h)
    {
        var high = r + h;
        while (Rise(high) < h * h) high *= 2;
        return Solve.Rising(Rise, h * h, r, high);

        double Rise(double R) => q / k * (R * R * Math.Log(R / r) - (R * R - r * r) / 2);
    }
}
