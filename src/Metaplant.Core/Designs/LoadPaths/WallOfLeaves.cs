using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>What a wall of leaves on strings brings to the ridge it hangs from: its weight, and half of the wind on it. N and N/m.</summary>
internal static class WallOfLeaves
{
    /// <summary>Wind on each metre of the ridge in N/m, unfactored: the upper half of a wall so high in m; the lower half goes to the feet of the strings.</summary>
    public static Sum OnRidge(double height, Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), leaves = brief.Handbook.Term(Gusts.Leaves);
        return Sum.Of(
            "Wind on each metre of ridge", "w = 0.613 v² × c φ H ÷ 2", [gust, drag, leaves, new("H", "height of the ridge", height, Unit.Metre)],
            Wind.Force(Wind.Pressure(gust.Value), height / 2, drag.Value, leaves.Value), Unit.NewtonPerMetre, "EN 1991-1-4 for the pressure; drag and solidity assumed", "The lower half of the leaves pulls at the feet of the strings");
    }
}
