namespace Metaplant.Core.Materials;

/// <summary>So many parts of a medium, by the barrow, sack or scoop: any measure, the same for all.</summary>
public sealed record BlendPart(Medium Medium, double Parts);

/// <summary>A blend of media by volume. All of it is an estimate.</summary>
public static class Blend
{
    private const double Water = 1000;

    /// <summary>
    /// The blend as a medium. Dry mass and water held are kept while the volume shrinks as fines fill the gaps between coarse grains, by 5 % as published, which comes out of the pores: ρ = Σ p ρ/(.95 Σ p), likewise water at field capacity and wilting;
    /// porosity 1 − (1 − n̄)/.95. Conductivity is the log mean, the rest the weighted mean. One medium alone is not mixed and stays itself.
    /// </summary>
    public static Medium Of(IReadOnlyList<BlendPart> parts, double lossOnMixing)
    {
        ArgumentOutOfRangeException.ThrowIfZero(parts.Count);
        var kept = parts.Select(p => p.Medium.Id).Distinct(StringComparer.Ordinal).Count() == 1 ? 1 : 1 - lossOnMixing;
        var dry = Mean(m => m.DryDensity) / kept;
        var porosity = Math.Max(0, 1 - (1 - Mean(m => m.Porosity)) / kept);
        var lostPores = (1 - kept) / kept;
        return new(
            "blend", string.Join(", ", parts.Select(p => $"{p.Parts:0.##} {p.Medium.Name.ToLowerInvariant()}")),
            dry, Mean(m => m.SaturatedDensity) / kept - lostPores * Water, porosity,
            Math.Min(porosity, Mean(m => m.FieldCapacity) / kept), Math.Min(porosity, Mean(m => m.WiltingPoint) / kept),
            Math.Exp(Mean(m => Math.Log(m.Conductivity))), Mean(m => m.WetLayer), Mean(m => m.FrictionAngleDegrees));

        double Mean(Func<Medium, double> of) => parts.Sum(p => p.Parts * of(p.Medium)) / parts.Sum(p => p.Parts);
    }
}
