using Metaplant.Core.Drainage;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.Shared;

/// <summary>A core of stones down the middle of a sack or drum, that waters what is round it. Lengths in m.</summary>
/// <param name="Across">Of what stands round it.</param>
/// <param name="Core">Of the core.</param>
/// <param name="Soil">How high both are filled.</param>
internal sealed record StoneCore(double Across, double Core, double Soil)
{
    private const double StoneDensity = 1600;

    private static readonly Role Stones = new("stones", "Stones for the core", Seat.InSoil, Form.Fill) { Buy = "soil-coarse-gravel", Worked = false };

    /// <summary>m³.</summary>
    public double Volume => Math.PI / 4 * Core * Core * Soil;

    /// <summary>kg.</summary>
    public double Mass => Volume * StoneDensity;

    /// <summary>From the core out to the wall.</summary>
    public double Farthest => (Across - Core) / 2;

    /// <summary>Stones to fetch, a tenth more than lie in it.</summary>
    public FillNeeded Needed => new("stones", Stones, Volume * 1.1, [("grit", 1)]);

    /// <summary>Whether water comes from it to the wall.</summary>
    public LoadPaths.CoreReach Reach(Brief brief) => new("core", Farthest, WateringCore.Reach(brief.Medium, brief.Handbook[Practice.CoreReach]));

    /// <summary>So many openings and what grows on top share the soil, m³.</summary>
    public IReadOnlyList<Pocket> Pockets(IReadOnlyList<RoundOpening> openings, double size, double soil)
        => [.. openings.Select(o => new Pocket(o.On(Across), o.Out, size, soil * 1000 / (openings.Count + 3), Farthest))];

    public static Sum WetsThrough(double soil, Brief brief) => Sum.Of(
        "Water that wets it through", "V (FC − WP)", [new("V", "soil", soil, Unit.CubicMetre), brief.Handbook.Term($"medium.{brief.Medium.Id}.field-capacity"), brief.Handbook.Term($"medium.{brief.Medium.Id}.wilting-point")],
        WateringCore.ToFieldCapacity(soil, brief.Medium), Unit.CubicMetre, "Water between wilting and field capacity", "From dry, poured into the core in thirds");
}
