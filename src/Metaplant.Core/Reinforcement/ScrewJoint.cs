using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>
/// One screw across a timber joint in single shear, by the failure modes a to f of EN 1995-1-1 8.2.2 (8.6), without the rope effect.
/// Inputs in m and kg/m³; the formulas work in mm and N inside.
/// </summary>
/// <param name="NearThickness">Thickness of the board under the head, t1.</param>
/// <param name="Penetration">Depth of the point in the far piece, t2.</param>
/// <param name="EffectiveDiameter">1.1 × the root diameter, d.</param>
/// <param name="EndGrain">The far piece is met in its end grain: one third is left, EN 1995-1-1 8.3.1.2.</param>
/// <param name="Toed">Driven at a slant: × 0.83, NDS 2018 12.5.4.</param>
/// <param name="SteelStrength">f_u of the screw, Pa.</param>
public sealed record ScrewJoint(
    double NearThickness, double Penetration, double EffectiveDiameter, double NearDensity, double FarDensity, bool Predrilled, bool EndGrain = false, bool Toed = false, double SteelStrength = ScrewJoint.SoftSteel)
{
    /// <summary>Tensile strength of soft screw steel, Pa; the row <see cref="Metals.ScrewStrength"/> as published.</summary>
    public const double SoftSteel = 540e6;

    private double D => EffectiveDiameter * 1000;

    private double Embedment(double density) => Predrilled ? .082 * (1 - .01 * D) * density : .082 * density * Math.Pow(D, -.3);

    /// <summary>Yield moment of the screw, N mm.</summary>
    public double YieldMoment => .3 * SteelStrength / 1e6 * Math.Pow(D, 2.6);

    /// <summary>The weakest mode and its characteristic resistance in N, after the reductions for end grain and slant.</summary>
    public (char Mode, double Force) Weakest
    {
        get
        {
            var modes = Modes();
            var i = Array.IndexOf(modes, modes.Min());
            return ((char)('a' + i), modes[i] * (EndGrain ? 1.0 / 3 : 1) * (Toed ? .83 : 1));
        }
    }

    public double Characteristic => Weakest.Force;

    /// <summary>Resistance in N against a factored load: × k_mod/γ_M long-term, × k_mod,acc in an accident.</summary>
    public double Design(TimberGrade timber, LoadCase loadCase) => Characteristic * timber.OnResistance(loadCase);

    private double[] Modes()
    {
        double t1 = NearThickness * 1000, t2 = Penetration * 1000, d = D, my = YieldMoment;
        double f1 = Embedment(NearDensity), f2 = Embedment(FarDensity), b = f2 / f1, r = t2 / t1;
        return
        [
            f1 * t1 * d,
            f2 * t2 * d,
            f1 * t1 * d / (1 + b) * (Math.Sqrt(b + 2 * b * b * (1 + r + r * r) + b * b * b * r * r) - b * (1 + r)),
            1.05 * f1 * t1 * d / (2 + b) * (Math.Sqrt(2 * b * (1 + b) + 4 * b * (2 + b) * my / (f1 * d * t1 * t1)) - b),
            1.05 * f1 * t2 * d / (1 + 2 * b) * (Math.Sqrt(2 * b * b * (1 + b) + 4 * b * (1 + 2 * b) * my / (f1 * d * t2 * t2)) - b),
            1.15 * Math.Sqrt(2 * b / (1 + b)) * Math.Sqrt(2 * my * f1 * d),
        ];
    }

    public Sum Worked()
    {
        var (mode, force) = Weakest;
        return Sum.Of(
            "One screw across the joint", $"F = least of modes a to f (here {mode})",
            [
                new("t₁", "board under the head", NearThickness, Unit.Metre),
                new("t₂", "point in the far piece", Penetration, Unit.Metre),
                new("d", "effective diameter, 1.1 × root", EffectiveDiameter, Unit.Metre),
                new("ρ₁", "density of the near piece", NearDensity, Unit.KilogramPerCubicMetre),
                new("ρ₂", "density of the far piece", FarDensity, Unit.KilogramPerCubicMetre),
                new("f_h1", "embedment of the near piece", Embedment(NearDensity) * 1e6, Unit.Pascal),
                new("f_u", "strength of the screw's steel", SteelStrength, Unit.Pascal, Metals.ScrewStrength),
                new("M_y", "yield moment of the screw", YieldMoment / 1000, Unit.NewtonMetre),
            ],
            force, Unit.Newton, "EN 1995-1-1 8.2.2 (8.6), no rope effect",
            Predrilled ? "Pilot holes drilled" : "Driven without pilot holes", EndGrain ? "End grain: one third" : "Into the side grain");
    }
}

/// <summary>Screws pulled along their length out of wood, EN 1995-1-1 8.7.2 (8.38 to 8.40), for outer thread diameters of 6 to 12 mm across the grain.</summary>
public static class ScrewWithdrawal
{
    /// <summary>
    /// Characteristic resistance in N of <paramref name="count"/> screws together, with the group effect n^0.9.
    /// Outer thread diameter and threaded length in the wood in m (the length at least 6 diameters, else 0), density in kg/m³.
    /// </summary>
    public static double Characteristic(int count, double diameter, double threadedLength, double density)
    {
        double d = diameter * 1000, l = threadedLength * 1000;
        if (l < 6 * d - Check.Tolerance) return 0;
        var strength = .52 * Math.Pow(d, -.5) * Math.Pow(l, -.1) * Math.Pow(density, .8);
        return Math.Pow(count, .9) * strength * d * l * Math.Min(d / 8, 1);
    }
}
