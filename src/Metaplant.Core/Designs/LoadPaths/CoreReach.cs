using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Whether water from a core of stones comes to the outside of what stands round it. Lengths in m.</summary>
/// <param name="Farthest">Soil farthest from the core.</param>
/// <param name="Reach">How far water goes sideways.</param>
public sealed record CoreReach(string Part, double Farthest, double Reach) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) =>
    [
        Check.Compare(
            "core-reach", "Water from the core to the outside", LoadCase.Normal, Farthest, Reach, Unit.Metre, "Soil farther out stays dry, however long it is watered.", Part,
            [Sum.Of("How far water goes sideways", "k h_w", [brief.Handbook.Term(Practice.CoreReach), brief.Handbook.Term($"medium.{brief.Medium.Id}.wet-layer")], Reach, Unit.Metre, "Suction of the soil; experience")],
            new Remedy("A core wider by", 2 * Math.Max(0, Farthest - Reach), Unit.Metre)).OrWhenSound("Water from the core reaches all of the soil."),
    ];
}
