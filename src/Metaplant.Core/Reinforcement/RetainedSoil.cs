using Metaplant.Core.Sums;

namespace Metaplant.Core.Reinforcement;

/// <summary>How high soil may be held back at all: to 0.6 m a number, to 1.0 m a number with a flag, above that a professional.</summary>
public static class RetainedSoil
{
    public const double Flagged = .6;
    public const double Limit = 1.0;

    /// <summary>True where no verdict is given any more.</summary>
    public static bool ForAProfessional(double height) => height > Limit + Check.Tolerance;

    /// <summary>The check on a height in m; null up to 0.6 m, where there is nothing to say. <paramref name="input"/> names the number that would put it right.</summary>
    public static Check? Judge(double height, string? input = null) => height switch
    {
        > Limit + Check.Tolerance => Check.AskAProfessional("retained-height", "Height of soil held back", "Soil held back over 1.0 m is for a licensed engineer; local code applies."),
        > Flagged + Check.Tolerance => Check.Compare(
            "retained-height", "Height of soil held back", LoadCase.Normal, height, Limit, Unit.Metre,
            "Over 0.6 m: many places ask for a permit. Check the figures with somebody who knows before you fill it.", null,
            [Sum.Of("Soil held back", "h", [new("h", "height of soil", height, Unit.Metre)], height, Unit.Metre, "Limits of this method; local code comes first")],
            new Remedy("Soil no higher than", Flagged, Unit.Metre, input)),
        _ => null,
    };
}
