using Metaplant.Core.Materials;
using Metaplant.Core.Settling;

namespace Metaplant.Core.Planting;

/// <summary>What the schools of <see cref="Salvage.HouseRules.Filling"/> lay into a bay.</summary>
public static class FillSchool
{
    /// <summary>Soil that every school leaves on top for roots, m.</summary>
    private const double OnTop = .30;

    /// <summary>Thinner than this a layer at the foot is not worth its trouble, m.</summary>
    private const double Thinnest = .10;

    /// <summary>
    /// The layers that a school lays into so many m, the lowest first; they sum to it. On top is the soil that the planter was drawn with. Where there is no room below what roots want, every school fills with soil.
    /// </summary>
    /// <param name="school">"wood", "green" or "soil".</param>
    public static IReadOnlyList<Layer> Layers(string school, double depth, Medium medium)
    {
        var below = depth - OnTop;
        if (school == "soil" || below < Thinnest) return On(depth, medium);
        if (school == "green") return [new(Fill.GreenWaste, below), .. On(OnTop, medium)];
        // Two thirds logs with sticks on them, so that soil does not run through at once.
        return below < 2 * Thinnest ? [new(Fill.Sticks, below), .. On(OnTop, medium)] : [new(Fill.Logs, below * 2 / 3), new(Fill.Sticks, below / 3), .. On(OnTop, medium)];
    }

    private static IReadOnlyList<Layer> On(double thick, Medium medium) => medium.Id switch
    {
        "potting-mix" => [new(Fill.PottingMix, thick)],
        "finished-compost" => [new(Fill.Compost, thick)],
        "topsoil-compost" => [new(Fill.TopsoilCompost, thick)],
        _ => [new(Fill.Topsoil, thick)],
    };
}
