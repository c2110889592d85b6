using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The gust on a support in full leaf.</summary>
internal static class LeafyWind
{
    /// <summary>Spread counted on while no crop is chosen, m: a runner bean's or a sweet pea's in full leaf.</summary>
    public const double UnknownSpread = .30;

    /// <summary>Of the crop chosen, or of a runner bean.</summary>
    public static double Spread(Brief brief) => brief.Crop?.Spread ?? UnknownSpread;

    /// <summary>F in N, unfactored, on an outline in m² with leaves as wide as <paramref name="spread"/> all the way up it, both in m.</summary>
    public static Sum On(double bare, double height, double spread, Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), leaves = brief.Handbook.Term(Gusts.Leaves);
        var outline = bare + spread * height;
        return Sum.Of(
            "Wind on it in leaf", "F = 0.613 v² × c A φ",
            [gust, drag, new("A", "outline of it and its leaves, A₀ + s H", outline, Unit.SquareMetre), new("s", "spread of the crop", spread, Unit.Metre), leaves],
            Supports.Wind.Force(Supports.Wind.Pressure(gust.Value), outline, drag.Value, leaves.Value), Unit.Newton, "EN 1991-1-4 for the pressure; drag and solidity assumed", "Summer gust; take it down before winter",
            brief.Crop is null ? "No crop chosen: the spread of a runner bean" : "Spread of the crop chosen");
    }
}
