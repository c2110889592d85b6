using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>How high soil may be held back at all: to 0.6 m a number, to 1.0 m a number with a flag, above that a professional.</summary>
public sealed record RetainedHeight(double Height) : LoadPath
{
    public const double Flagged = .6;
    public const double Limit = 1.0;

    public override IEnumerable<Check> Work(Brief brief) => Height switch
    {
        > Limit + 1e-9 => [Check.AskAProfessional("retained-height", "Height of soil held back", "Soil held back over 1.0 m is for a licensed engineer; local code applies.")],
        > Flagged + 1e-9 =>
        [
            Check.Compare(
                "retained-height", "Height of soil held back", LoadCase.Normal, Height, Limit, Unit.Metre,
                "Over 0.6 m: many places ask for a permit. Check the figures with somebody who knows before you fill it.", null,
                [Sum.Of("Soil held back", "h", [new("h", "height of soil", Height, Unit.Metre)], Height, Unit.Metre, "Limits of this method; local code comes first")],
                new Remedy("Soil no higher than", Flagged, Unit.Metre)),
        ],
        _ => [],
    };
}
