using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>
/// A bearer or rail notched on its lower side where it rests, so that it may split along the grain from the corner of the notch. Lengths in m.
/// Source: EN 1995-1-1 6.5.2 (6.60 to 6.63) for solid timber with k_n = 5; cracks by 6.1.7 with k_cr = 0.67.
/// </summary>
/// <param name="Width">b of the timber.</param>
/// <param name="Height">h of the whole timber.</param>
/// <param name="Left">h_ef, what the notch leaves of it. Range: 0 to h.</param>
/// <param name="ToCorner">x, from the line of the support's force to the corner of the notch.</param>
/// <param name="Slope">i, how far the notch is tapered for each unit of its depth; 0 for a square one.</param>
public sealed record NotchedEnd(double Width, double Height, double Left, double ToCorner, double Slope = 0)
{
    private const double SolidTimber = 5;
    private const double Cracks = .67;
    private const double Millimetres = 1000;

    /// <summary>α = h_ef/h.</summary>
    public double Alpha => Left / Height;

    /// <summary>
    /// k_v, what the notch leaves of the shear strength: the lesser of 1 and k_n (1 + 1.1 i^1.5/√h) ÷ (√h (√(α(1−α)) + 0.8 x/h √(1/α − α²))), h in mm.
    /// </summary>
    public double Reduction
    {
        get
        {
            double a = Alpha, h = Height * Millimetres;
            var way = Math.Sqrt(a * (1 - a)) + .8 * ToCorner / Height * Math.Sqrt(Math.Max(0, 1 / a - a * a));
            return way == 0 ? 1 : Math.Min(1, SolidTimber * (1 + 1.1 * Math.Pow(Slope, 1.5) / Math.Sqrt(h)) / (Math.Sqrt(h) * way));
        }
    }

    /// <summary>Shear stress in Pa from a force on the support in N: 1.5 V/(k_cr b h_ef).</summary>
    public double Stress(double force) => 1.5 * force / (Cracks * Width * Left);

    /// <summary>The factored force in N that the end carries in so strong a wood, long-term.</summary>
    public double Capacity(TimberGrade timber, LoadCase loadCase) => Reduction * timber.Shear * timber.OnResistance(loadCase) * Cracks * Width * Left / 1.5;
}
