using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>A straight board on supports: depth across the load b and thickness along it t, both m.</summary>
public sealed record BoardSection(double Height, double Thickness)
{
    public double Modulus => Height * Thickness * Thickness / 6;

    public double Inertia => Height * Math.Pow(Thickness, 3) / 12;
}

/// <summary>
/// A board that carries a line load w = p b between equal supports. Moments, stresses and deflections are unfactored; utilisations are factored.
/// Strength: γ_G × soil and γ_Q × surcharge against k_mod f_mk/γ_M. Bend: unfactored, grown by 1 + k_def, against L/150.
/// A blocked drain is accidental: factors 1.0, k_mod for accidental loads, and no bend limit.
/// </summary>
public sealed record BoardBending(
    BoardSection Section, double Span, int Spans, TimberGrade Timber, Condition Condition, double SoilLine, double SurchargeLine, LoadCase Case, CodeFactors Factors)
{
    /// <summary>Unfactored load on each metre of board, N/m.</summary>
    public double Line => SoilLine + SurchargeLine;

    public double Moment => MomentFor(Line, Span);

    /// <summary>Unfactored bending stress, Pa.</summary>
    public double Stress => Moment / Section.Modulus;

    public double DesignStrength => Timber.DesignBending(Condition, Case);

    private double FactoredLine => Case == LoadCase.Normal ? Factors.Soil * SoilLine + Factors.Surcharge * SurchargeLine : Line;

    /// <summary>Factored stress, Pa.</summary>
    public double DesignStress => MomentFor(FactoredLine, Span) / Section.Modulus;

    public double StrengthUtilisation => DesignStress / DesignStrength;

    /// <summary>Bend in the end, m: the elastic one grown by creep.</summary>
    public double Deflection => Line * Math.Pow(Span, 4) / (BendDivisor * Timber.Modulus * Section.Inertia) * Timber.Creep;

    public double BendUtilisation => Case == LoadCase.Normal ? Deflection / BendAllowed : 0;

    /// <summary>The bend that is allowed in the end, m.</summary>
    public double BendAllowed => Span / Factors.BendLimit;

    public double Utilisation => Math.Max(StrengthUtilisation, BendUtilisation);

    /// <summary>The greatest span in m that both strength and bend allow, all else equal; infinite without load.</summary>
    public double GreatestSpan
    {
        get
        {
            if (Line == 0) return double.PositiveInfinity;
            var strength = Span / Math.Sqrt(StrengthUtilisation);
            return Case == LoadCase.Normal ? Math.Min(strength, Span / Math.Cbrt(BendUtilisation)) : strength;
        }
    }

    /// <summary>The least thickness in m that both strength and bend allow, all else equal.</summary>
    public double LeastThickness => Section.Thickness * Math.Max(Math.Sqrt(StrengthUtilisation), Math.Cbrt(BendUtilisation));

    // Simply supported, and the stiffest and weakest of two and of three or more equal spans.
    private double BendDivisor => Spans switch { 1 => 384.0 / 5, 2 => 185, _ => 145 };

    private double MomentFor(double line, double span) => line * span * span / (Spans >= 3 ? 10 : 8);

    public Sum StrengthSum => Sum.Of(
        Case == LoadCase.Normal ? "Bending stress in the board" : "Bending stress with the drain blocked",
        Spans >= 3 ? "σ = w L²/10 ÷ (b t²/6)" : "σ = w L²/8 ÷ (b t²/6)",
        [
            new("w", Case == LoadCase.Normal ? "factored load on each metre of board" : "load on each metre of board", FactoredLine, Unit.NewtonPerMetre),
            new("L", "centre to centre of supports", Span, Unit.Metre),
            new("b", "height of the board", Section.Height, Unit.Metre),
            new("t", "thickness of the board", Section.Thickness, Unit.Metre),
            .. Case == LoadCase.Normal ? FactorTerms : [],
        ],
        DesignStress, Unit.Pascal, CodeFactors.Source,
        Case == LoadCase.Normal ? $"Soil × {Factors.Soil:0.##}, people × {Factors.Surcharge:0.##}" : "An accident: load × 1.0, strength for short loads");

    private Term[] FactorTerms =>
    [
        new("γ_G", "factor on soil", Factors.Soil, Unit.One, CodeFactors.SoilId),
        .. SurchargeLine > 0 ? [new("γ_Q", "factor on people", Factors.Surcharge, Unit.One, CodeFactors.SurchargeId)] : (Term[])[],
    ];

    public Sum CapacitySum => Sum.Of(
        "Strength of the board", Case == LoadCase.Normal ? "f = k_mod f_mk c ÷ γ_M" : "f = k_mod f_mk c",
        [
            new("k_mod", "factor for duration and wetness", Case == LoadCase.Normal ? Timber.Kmod : Timber.KmodAccidental, Unit.One, $"timber.{Timber.Id}.{(Case == LoadCase.Normal ? "kmod" : "kmod-accidental")}"),
            new("f_mk", "bending strength of " + Timber.Name, Timber.Bending, Unit.Pascal, $"timber.{Timber.Id}.bending"),
            new("c", $"condition: {Condition}".ToLowerInvariant(), Condition.Factor(), Unit.One),
            .. Case == LoadCase.Normal ? [new("γ_M", "factor on the material", Timber.PartialFactor, Unit.One, $"timber.{Timber.Id}.partial")] : (Term[])[],
        ],
        DesignStrength, Unit.Pascal, CodeFactors.Source);

    public Sum DeflectionSum => Sum.Of(
        "Bend of the board in the end", $"u = w L⁴ ÷ ({BendDivisor:0.#} E b t³/12) × (1 + k_def)",
        [
            new("w", "load on each metre of board", Line, Unit.NewtonPerMetre),
            new("L", "centre to centre of supports", Span, Unit.Metre),
            new("E", "modulus of elasticity", Timber.Modulus, Unit.Pascal, $"timber.{Timber.Id}.modulus"),
            new("b", "height of the board", Section.Height, Unit.Metre),
            new("t", "thickness of the board", Section.Thickness, Unit.Metre),
            new("1 + k_def", "growth by creep", Timber.Creep, Unit.One, $"timber.{Timber.Id}.creep"),
            new("L/u", "span over the bend allowed", Factors.BendLimit, Unit.One, CodeFactors.BendLimitId),
        ],
        Deflection, Unit.Metre, "EN 1995-1-1 2.2.3 and 7.2", $"Limit: the span over {(int)Factors.BendLimit}");
}
