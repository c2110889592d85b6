using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>How high soil may be held back at all: to 0.6 m a number, to 1.0 m a number with a flag, above that a professional.</summary>
public static class RetainedSoil
{
    public const double Flagged = .6;
    public const double Limit = 1.0;

    /// <summary>True where no verdict is given any more.</summary>
    public static bool ForAProfessional(double height) => height > Limit + Check.Tolerance;

    /// <summary>
    /// The check on a height in m; null up to 0.6 m, where there is nothing to say. Never better than tight from there to 1.0 m, and for a professional where nobody knows the ground.
    /// <paramref name="input"/> names the number that would put it right.
    /// </summary>
    public static Check? Judge(double height, string? input = null, bool groundKnown = true) => height switch
    {
        > Limit + Check.Tolerance => Check.AskAProfessional("retained-height", "Height of soil held back", $"Soil held back over {Amount.Length(Limit)} is for a licensed engineer; local code applies."),
        > Flagged + Check.Tolerance when !groundKnown => Check.AskAProfessional("retained-height", "Height of soil held back", $"Over {Amount.Length(Flagged)} of soil on ground that nobody has looked at: say what the ground is, or ask somebody who knows."),
        > Flagged + Check.Tolerance => Check.Compare(
            "retained-height", "Height of soil held back", LoadCase.Normal, height, Limit, Unit.Metre,
            $"Over {Amount.Length(Flagged)}: many places ask for a permit. Check the figures with somebody who knows before you fill it.", null,
            [Sum.Of("Soil held back", "h", [new("h", "height of soil", height, Unit.Metre)], height, Unit.Metre, "Limits of this method; local code comes first")],
            []).AtBestTight() with
        { Remedies = [new("Soil no higher than", Flagged, Unit.Metre, input)] },
        _ => null,
    };
}
