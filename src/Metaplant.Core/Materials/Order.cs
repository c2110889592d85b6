namespace Metaplant.Core.Materials;

/// <summary>How much to fetch for how much is wanted in place.</summary>
public static class Order
{
    /// <summary>The row of how much looser a fill is sold than it lies.</summary>
    public static string OverPlaced(bool mulch) => mulch ? Practice.MulchOverPlaced : Practice.SoilOverPlaced;

    /// <summary>Loose volume in m³ to order for a volume in place.</summary>
    public static double Loose(Handbook handbook, double placed, bool mulch = false) => placed * handbook[OverPlaced(mulch)];

    /// <summary>Whole bags of a size in m³.</summary>
    public static int Bags(double loose, double bag) => (int)Math.Ceiling(loose / bag - 1e-9);

    /// <summary>Soil in m³ that runs into the voids of stacked wood; 0 for other fills.</summary>
    public static double Infill(Handbook handbook, Fill fill, double stacked) => fill switch
    {
        Fill.Logs => handbook[Practice.LogVoids] * stacked,
        Fill.Sticks => handbook[Practice.StickVoids] * stacked,
        _ => 0,
    };
}
