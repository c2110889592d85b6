namespace Metaplant.Core.Materials;

/// <summary>How much to fetch for how much is wanted in place.</summary>
public static class Order
{
    /// <summary>Soil and compost are sold loose and go down by this when placed.</summary>
    public const double SoilOverPlaced = 1.15;

    /// <summary>Mulch and leaves go down by more.</summary>
    public const double MulchOverPlaced = 1.3;

    /// <summary>Voids between stacked logs, part of the volume, that soil runs into.</summary>
    public const double LogVoids = .40;

    public const double StickVoids = .55;

    /// <summary>Loose volume in m³ to order for a volume in place.</summary>
    public static double Loose(double placed, bool mulch = false) => placed * (mulch ? MulchOverPlaced : SoilOverPlaced);

    /// <summary>Whole bags of a size in m³.</summary>
    public static int Bags(double loose, double bag) => (int)Math.Ceiling(loose / bag - 1e-9);

    /// <summary>Soil in m³ that runs into the voids of stacked wood; 0 for other fills.</summary>
    public static double Infill(Fill fill, double stacked) => fill switch
    {
        Fill.Logs => LogVoids * stacked,
        Fill.Sticks => StickVoids * stacked,
        _ => 0,
    };
}
