using Metaplant.Core.Matching;

namespace Metaplant.Core.Fetching;

/// <summary>How a fit stands beside the best that can be made without something more, in one sentence.</summary>
internal static class BesideNow
{
    /// <summary>"10 bales on edge, where now it is 8 bales on edge; 1382 litres of soil, now 850 litres." What is the same in both is said once.</summary>
    /// <param name="now">Null where nothing can be made now.</param>
    public static Sentence Of(Fit fit, Fit? now)
    {
        Sentence size = now is null || now.Blueprint.Size.Equals(fit.Blueprint.Size) ? fit.Blueprint.Size : (Sentence)$"{fit.Blueprint.Size}, where now it is {now.Blueprint.Size}";
        double soil = Soil(fit), before = now is null ? 0 : Soil(now);
        if (soil <= 0) return $"{size}.";
        return before > 0 ? (Sentence)$"{size}; {Amount.Volume(soil)} of soil, now {Amount.Volume(before)}." : (Sentence)$"{size}; {Amount.Volume(soil)} of soil.";
    }

    private static double Soil(Fit fit) => fit.Assessment.Grow.Litres?.Value ?? 0;
}
