using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Settling;

namespace Metaplant.Core.Planting;

/// <summary>What gardeners fill a deep bay with. They disagree, and none of it is wrong: it is a house rule.</summary>
/// <param name="Why">What speaks for it.</param>
/// <param name="But">What it costs.</param>
public sealed record FillSchool(string Id, string Name, Sentence Why, Sentence But)
{
    /// <summary>Soil that every school leaves on top for roots, m.</summary>
    private const double OnTop = .30;

    /// <summary>Thinner than this a layer at the foot is not worth its trouble, m.</summary>
    private const double Thinnest = .05;

    public const string Wood = "wood";
    public const string Green = "green";
    public const string Soil = "soil";

    public static IReadOnlyList<FillSchool> All { get; } =
    [
        new(Wood, "Wood at the foot", "Logs and sticks cost nothing, hold water and turn to soil in years.", "It sinks, and takes nitrogen while it rots."),
        new(Green, "Green stuff and leaves at the foot", "What the garden throws away rots in a season and feeds what stands on it.", "It sinks by half in its first year."),
        new(Soil, "Soil all through", "It hardly sinks, and roots find all of it at once.", "It is the heaviest and the dearest."),
    ];

    public static FillSchool? Find(string id) => All.FirstOrDefault(s => s.Id == id);

    /// <summary>
    /// The layers that a school lays into so many m, the lowest first; they sum to it. A third of what is on top is compost. Where there is no room below what roots want, or roots are to find the ground, every school fills with soil.
    /// </summary>
    public IReadOnlyList<Layer> Layers(double depth)
    {
        var below = depth - OnTop;
        if (Id == Soil || below < Thinnest) return On(depth);
        if (Id == Green) return [new(Fill.GreenWaste, below), .. On(OnTop)];
        // Two thirds logs with sticks on them, so that soil does not run through at once.
        return below < 2 * Thinnest ? [new(Fill.Sticks, below), .. On(OnTop)] : [new(Fill.Logs, below * 2 / 3), new(Fill.Sticks, below / 3), .. On(OnTop)];
    }

    private static IReadOnlyList<Layer> On(double thick) => [new(Fill.Topsoil, thick * 2 / 3), new(Fill.Compost, thick / 3)];
}
