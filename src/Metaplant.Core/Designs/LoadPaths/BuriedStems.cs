using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>What each lift of a tower buries of the stems of its crop, beside what they bear. Nothing is said while no crop is chosen, or where it is filled at once. Lengths in m.</summary>
/// <param name="Lift">Soil added at a time.</param>
/// <param name="Lifts">How often, the first filling among them.</param>
public sealed record BuriedStems(string Part, double Lift, int Lifts) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        if (brief.Crop is not { } crop || Lifts < 2) yield break;
        yield return Check.Compare(
            "buried", $"Stems of {crop.Plural} buried by a lift", LoadCase.Normal, Lift, crop.BuryLimit, Unit.Metre, crop.BuryLimit == 0 ? "They rot when they are buried: fill it at once, or grow what roots from its stem." : "So much of a stem makes roots; what is buried deeper rots.", Part,
            [Sum.Of("One lift", "z ÷ n", [new("z", "depth of soil", Lift * Lifts, Unit.Metre), new("n", "lifts", Lifts, Unit.Count), new("most", "that its stems bear", crop.BuryLimit, Unit.Metre, $"crop.{crop.Id}.bury")], Lift, Unit.Metre, "Each lift alike")],
            new Remedy("Lifts, at least", crop.BuryLimit == 0 ? 1 : Math.Ceiling(Lift * Lifts / crop.BuryLimit - 1e-9), Unit.Count));
    }
}
