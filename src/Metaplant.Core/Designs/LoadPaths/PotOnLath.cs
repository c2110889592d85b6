using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A lath of a lattice, with a pot in the middle between two uprights, and the wire the pot hangs by. Lengths in m.</summary>
/// <param name="Spacing">From upright to upright.</param>
/// <param name="Deep">Height of a lath.</param>
/// <param name="Thick">Of all laths bound together.</param>
/// <param name="Pot">Soil in one, m³, and its kg.</param>
public sealed record PotOnLath(string Part, string WirePart, double Spacing, double Deep, double Thick, Burden Pot, double WireDiameter, string Grade, Condition Condition) : LoadPath
{
    private const int Wires = 2;

    public override IEnumerable<Check> Work(Brief brief)
    {
        Push weight = new(Medium.Gravity * Pot.Wet(brief.Medium), 0);
        var factored = weight.Factored(brief.Factors, LoadCase.Normal);
        double stress = factored * Spacing / 4 / (Thick * Deep * Deep / 6), strength = Timbers.Get(brief.Handbook, Grade).DesignBending(Condition, LoadCase.Normal);
        yield return Check.Compare(
            "lath", "Lath that a pot hangs from", LoadCase.Normal, stress, strength, Unit.Pascal, "A pot full of water, half way between two uprights.", Part,
            [Sum.Of("Bending of a lath", "σ = γ_G W s/4 ÷ (t h²/6)", [new("W", "one pot, full of water", weight.Soil, Unit.Newton), new("s", "from upright to upright", Spacing, Unit.Metre), new("t", "thickness", Thick, Unit.Metre), new("h", "height of a lath", Deep, Unit.Metre), brief.Handbook.Term(CodeFactors.SoilId)], stress, Unit.Pascal, "Beam on two supports; EN 1995-1-1", "Laths of lattices are as thin as this: measure yours")],
            new Remedy("Pots no heavier than", weight.Soil / Medium.Gravity * strength / stress, Unit.Kilogram)).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.Wear]);
        double holds = Wires * Math.PI / 4 * WireDiameter * WireDiameter * brief.Handbook[Metals.WireYield] / 2;
        yield return Check.Compare(
            "pot-wire", "Wire that a pot hangs by", LoadCase.Normal, factored, holds, Unit.Newton, "Under its rim and up over the lath, twisted; look at it each spring.", WirePart,
            [Sum.Of("What the wire holds", "2 π d² ÷ 4 × f ÷ 2", [new("d", "wire", WireDiameter, Unit.Metre), brief.Handbook.Term(Metals.WireYield)], holds, Unit.Newton, "Half is kept back for rust and twists")]).Guarding([Quantity.Soil, Quantity.Wetness]);
    }
}
