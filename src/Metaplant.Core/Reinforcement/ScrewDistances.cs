namespace Metaplant.Core.Reinforcement;

/// <summary>
/// How far screws stay from ends and edges, in m, by the nominal diameter d.
/// Source: EN 1995-1-1 table 8.2, wood up to 420 kg/m³, held at the values for load at any angle.
/// </summary>
public sealed record ScrewDistances(double LoadedEnd, double UnloadedEnd, double LoadedEdge, double UnloadedEdge)
{
    /// <summary>Boards thinner than this many diameters, and all hardwood, are pre-drilled.</summary>
    public const double DrillBelow = 7;

    private const double FiveMillimetres = .005;

    public static ScrewDistances Of(double nominalDiameter, bool predrilled)
    {
        var d = nominalDiameter;
        var thick = d >= FiveMillimetres - 1e-9;
        return predrilled
            ? new(12 * d, 7 * d, (thick ? 7 : 5) * d, 3 * d)
            : new(15 * d, 10 * d, (thick ? 10 : 7) * d, 5 * d);
    }

    /// <summary>True when the board splits unless it is drilled first.</summary>
    public static bool MustDrill(double boardThickness, double nominalDiameter, bool hardwood) => hardwood || boardThickness < DrillBelow * nominalDiameter - 1e-9;
}
