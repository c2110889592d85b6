using Metaplant.Core.Drainage;
using Metaplant.Core.Growing;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Assessing;

/// <summary>Can it grow: how much, how deep, what fits.</summary>
/// <param name="Litres">Sum in m³; null for a support.</param>
/// <param name="Fits">Worked out when somebody looks: matching assesses hundreds and counts the plants of one.</param>
public sealed record GrowAssessment(
    Verdict Verdict, Sentence Words, Sum? Litres, Sum? PlanArea, Sum? UsableDepth, Lazy<IReadOnlyList<CropFit>> Fits, CropFit? Chosen, IReadOnlyList<Check> Checks)
{
    /// <summary>How far plants stand along a support, in m, its title saying along what; null for what holds soil.</summary>
    public Sum? Along { get; init; }

    /// <summary>What has to be looked at before it grows food; null where nothing has, or none is to grow.</summary>
    public Sentence? NotYetFood { get; init; }

    /// <summary>Every crop with its count or its why-not, those that fit first.</summary>
    public IReadOnlyList<CropFit> Crops => Fits.Value;
}

/// <summary>Does it drain: the holes, the wet layer, the way out.</summary>
public sealed record DrainAssessment(
    Verdict Verdict, Sentence Words, HoleGrid? Holes, double HoleDiameter, double WetLayer, Sum? DrainDown, IReadOnlyList<Sum> Sums, IReadOnlyList<Check> Checks)
{
    /// <summary>Height of the stones under the soil, m, in which no root finds anything; 0 without.</summary>
    public double Stones { get; init; }

    /// <summary>From the floor up to where roots like to be, m.</summary>
    public double NotRooted => Stones + WetLayer;

    /// <summary>Holes in all vessels together.</summary>
    public int InAll { get; init; } = Holes?.Count ?? 0;

    /// <summary>How many holes there are in one; null for a foot without any.</summary>
    public Sum? Counted { get; init; }
}

/// <summary>Will it stand: every check, the weakest, what it weighs wet and how it is carried.</summary>
public sealed record HoldAssessment(Verdict Verdict, Sentence Words, IReadOnlyList<Check> Checks, Check? Weakest, Sum? WetMass, Sentence Handling);

/// <summary>The three verdicts on one blueprint.</summary>
public sealed record Assessment(GrowAssessment Grow, DrainAssessment Drain, HoldAssessment Hold)
{
    public Verdict Worst => Verdicts.Worst(Grow.Verdict, Drain.Verdict, Hold.Verdict);
}
