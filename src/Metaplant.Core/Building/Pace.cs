namespace Metaplant.Core.Building;

/// <summary>What one step of some project took, beside what is reckoned for it. Minutes.</summary>
/// <param name="StepId">As its plan names it.</param>
/// <param name="Reckoned">Without anybody's pace, the salvage factor in it.</param>
public sealed record Timed(string StepId, double Reckoned, double Took);

/// <summary>How fast the gardener really works, operation by operation, by what the clock said: the median of what was taken over what was reckoned, once it was timed three times.</summary>
public sealed class Pace
{
    /// <summary>Timed less often an operation is reckoned as it stands: one bad afternoon is no pace.</summary>
    public const int Enough = 3;

    /// <summary>What <see cref="CutUp.Apart"/> begins with.</summary>
    private const string Apart = "apart-";

    private readonly Dictionary<string, (double Factor, int Times)> known;

    private Pace(Dictionary<string, (double Factor, int Times)> known) => this.known = known;

    /// <summary>Of somebody who has timed nothing.</summary>
    public static Pace Unknown { get; } = new([]);

    /// <summary>Steps for which nothing is reckoned, or that took nothing, say nothing of anybody's pace and are left out.</summary>
    public static Pace Of(IEnumerable<Timed> timed) => new(timed
        .Where(t => t is { Reckoned: > 0, Took: > 0 } && double.IsFinite(t.Reckoned) && double.IsFinite(t.Took))
        .GroupBy(t => Operation(t.StepId), t => t.Took / t.Reckoned, StringComparer.Ordinal)
        .Select(g => (g.Key, Ratios: g.Order().ToList())).Where(g => g.Ratios.Count >= Enough)
        .ToDictionary(g => g.Key, g => (Median(g.Ratios), g.Ratios.Count), StringComparer.Ordinal));

    /// <summary>What the minutes reckoned for a step are multiplied by; 1 where it was not timed often enough.</summary>
    public double Factor(string stepId) => known.TryGetValue(Operation(stepId), out var p) ? p.Factor : 1;

    /// <summary>The same of taking anything apart.</summary>
    public double FactorOfTakingApart => Factor(Apart);

    /// <summary>How often it was timed; 0 where not often enough to be gone by.</summary>
    public int Times(string stepId) => known.TryGetValue(Operation(stepId), out var p) ? p.Times : 0;

    /// <summary>What a step is called in every project: ripping is ripping, whatever is ripped.</summary>
    private static string Operation(string stepId) => stepId.StartsWith(Apart, StringComparison.Ordinal) ? Apart : stepId.StartsWith("rip-", StringComparison.Ordinal) ? "rip" : stepId;

    /// <summary>Of an even number the mean of the two in the middle.</summary>
    private static double Median(List<double> sorted) => sorted.Count % 2 == 1 ? sorted[sorted.Count / 2] : (sorted[sorted.Count / 2 - 1] + sorted[sorted.Count / 2]) / 2;
}
