using Metaplant.Core.Sums;

namespace Metaplant.Core.Materials;

/// <summary>Constants of practice: factors of the codes, the rain designed for, what a person lifts, how much slower salvage is to work.</summary>
public static class Practice
{
    public const string RainRate = "practice.rain";
    public const string SalvageFactor = "practice.salvage-factor";
    public const string WireYield = "practice.wire-yield";
    public const string PegGroundWeight = "practice.peg-ground";
    public const string FibreStrength = "practice.line-strength";

    public static IReadOnlyList<Constant> Rows { get; } =
    [
        new(RainRate, "q", "rain designed for", 10e-3 / 3600, Unit.MetrePerSecond, Evidence.Assumed, "A heavy summer hour, 10 mm/h"),
        new(SalvageFactor, "k", "reclaiming and using salvage against new material", 2.5, Unit.One, Evidence.Assumed, "Experience; replaced by your own times once there are any"),
        new(WireYield, "f_y", "yield of soft fence wire", 250e6, Unit.Pascal, Evidence.Assumed, "Annealed low-carbon wire, EN 10218-2, lower end"),
        new(FibreStrength, "f_l", "strength of cord of unknown make", 60e6, Unit.Pascal, Evidence.Assumed, "A third of new laid fibre rope, for age and knots"),
        new(PegGroundWeight, "γ_g", "weight of the ground round a peg", 18e3, Unit.NewtonPerCubicMetre, Evidence.Assumed, "Firm sand"),
    ];
}
