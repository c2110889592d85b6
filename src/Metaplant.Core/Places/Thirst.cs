using Metaplant.Core.Matching;
using Metaplant.Core.Water;

namespace Metaplant.Core.Places;

/// <summary>What decides how much a planter drinks, as far as that does not hang on where it stands.</summary>
/// <param name="Kc">What its crop uses over grass, FAO-56 table 12.</param>
/// <param name="Leaves">Spread of its leaves, m².</param>
/// <param name="Ready">Water its soil gives before the crop suffers, m³.</param>
/// <param name="Known">True where a crop is chosen; else it is as thirsty as most.</param>
public sealed record Thirst(double Kc, double Leaves, double Ready, bool Known)
{
    /// <summary>Of vegetables in full leaf, FAO-56 table 12.</summary>
    private const double UsualKc = 1.05;

    /// <summary>The part of its water that most vegetables take before they suffer, FAO-56 table 22, low end.</summary>
    private const double UsualDepletion = .3;

    /// <summary>Null for what holds no soil. Leaves count and not the rim: of a chosen crop they may hang over it, and never less than all of the soil is taken as covered.</summary>
    public static Thirst? Of(Fit fit)
    {
        if (fit.Blueprint.Soil <= 0 || fit.Assessment.Grow.PlanArea is not { } area) return null;
        var (medium, crop) = (fit.Set.Brief.Medium, fit.Set.Brief.Crop);
        var over = fit.Assessment.Grow.Chosen is { Count: > 0 } chosen ? chosen.Count * Math.PI / 4 * chosen.Crop.Spread * chosen.Crop.Spread : 0;
        var water = new SoilWater(fit.Blueprint.Soil, medium.FieldCapacity, medium.WiltingPoint, crop?.Depletion ?? UsualDepletion);
        return new(crop?.Kc ?? UsualKc, Math.Max(area.Value, over), water.Ready, crop is not null);
    }

    /// <summary>False of what no planter is.</summary>
    public bool CanBe => Kc is > 0 and < 5 && Leaves is >= 0 and < 1000 && Ready is >= 0 and < 1000;
}
