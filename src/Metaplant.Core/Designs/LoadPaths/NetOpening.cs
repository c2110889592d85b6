using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>Whether the openings of a net keep out what they should. Lengths in m.</summary>
/// <param name="Torn">True where it has holes of its own.</param>
public sealed record NetOpening(string Part, double Opening, Pest Pest, bool Torn) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term widest = brief.Handbook.Term(Pests.Opening(Pest));
        var check = Check.Enough(
            "opening", $"Openings against {Pest.Named}", Opening, widest.Value, Unit.Metre, Torn ? "It is torn: mend every hole with cord before it goes up, or they find it." : "Seams and the foot are where they get in.",
            $"Openings of {Amount.Length(Opening)} let them through; {Amount.Length(widest.Value)} at most keep them out.", Part, [Sum.Of("Openings", "a", [new("a", "clear across one", Opening, Unit.Metre), widest], Opening, Unit.Metre, "Whatever is smaller than its head keeps it out")]);
        yield return Torn ? check.AtBestTight() : check;
    }
}
