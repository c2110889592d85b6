using Metaplant.Core.Materials;

namespace Metaplant.Core.Settling;

/// <summary>One layer of fill, its thickness as placed in m (0 allowed), and whether it was firmed and wetted when placed.</summary>
public sealed record Layer(Fill Fill, double Thickness, bool Firmed = true);

/// <summary>
/// How far a fill sinks. S(t) = Σ T (c + (1 − c) f (1 − e^(−k t))), t in years, c the first compression of a layer placed loose and nothing for one firmed.
/// First-order rotting with the rates of <see cref="Fills"/>, which are estimates.
/// </summary>
public static class Settlement
{
    /// <summary>S in m after t years. Range: t ≥ 0; at 0 it is the first compression.</summary>
    public static double After(double years, IReadOnlyList<Layer> layers, Handbook handbook)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(years);
        return layers.Sum(layer =>
        {
            var s = Fills.Sinking(handbook, layer.Fill);
            var c = layer.Firmed ? 0 : s.AtOnce;
            return layer.Thickness * (c + (1 - c) * s.Lost * (1 - Math.Exp(-s.Rate * years)));
        });
    }

    /// <summary>
    /// Depth in m that roots can use after t years: all of the fine layers that is left, and of logs, sticks and chip what has rotted, 1 − e^(−k t) of what is left of them. It grows with age while the fill sinks.
    /// </summary>
    public static double Rootable(double years, IReadOnlyList<Layer> layers, Handbook handbook)
        => layers.Sum(layer =>
        {
            var rotted = Fills.Rots(layer.Fill) is null ? 1 : 1 - Math.Exp(-Fills.Sinking(handbook, layer.Fill).Rate * years);
            return (layer.Thickness - After(years, [layer], handbook)) * rotted;
        });

    /// <summary>What to add at the end of each whole year so as to be level again, m: S(i) − S(i − 1). Empty below one year.</summary>
    public static IReadOnlyList<double> TopUps(double years, IReadOnlyList<Layer> layers, Handbook handbook)
        => [.. Enumerable.Range(1, (int)Math.Floor(years + 1e-9)).Select(i => After(i, layers, handbook) - After(i - 1, layers, handbook))];
}

/// <summary>Nitrogen that rotting wood takes from the soil round it.</summary>
public static class NitrogenHold
{
    /// <summary>
    /// N in kg in the first year: dry mass × part rotted in a year × (C e/CN − N_wood), mass in kg. Never below 0. Source: the mass balance of Parton et al. 2007, Science 315, with the constants of <see cref="Fills"/>.
    /// </summary>
    public static double InFirstYear(double dryMass, double rots, double carbon, double carbonUse, double microbeRatio, double woodNitrogen)
        => Math.Max(0, dryMass * rots * (carbon * carbonUse / microbeRatio - woodNitrogen));
}
