using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The lowest rod of a woven wall, bent out between two stakes by the soil behind it. The wall leans with its stakes, so that the active pressure counts. Lengths in m.</summary>
/// <param name="Rod">Thickness where it is thinnest.</param>
/// <param name="Spacing">From stake to stake.</param>
/// <param name="Depth">Of the soil held back. Range: above 0.</param>
public sealed record WovenRods(string Part, double Rod, double Spacing, double Depth, string Grade, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term packing = brief.Handbook.Term(Practice.WeavePacking);
        var active = EarthPressure.Active(brief.Medium.FrictionAngleDegrees);
        // At rest it comes with its people; leaning takes the same part off both.
        var push = Push.At(Depth, brief, LoadCase.Normal).Times(active / EarthPressure.AtRest(brief.Medium.FrictionAngleDegrees) * packing.Value * Rod);
        double line = push.Factored(brief.Factors, LoadCase.Normal), moment = line * Spacing * Spacing / 10, stress = 32 * moment / (Math.PI * Math.Pow(Rod, 3)), strength = Timbers.Get(brief.Handbook, Grade).DesignBending(Condition, LoadCase.Normal);
        Sum on = Sum.Of(
            "Load on each metre of the lowest rod", brief.PeopleAtEdge ? "w = K_a (γ z + q) k d" : "w = K_a γ z k d",
            [
                new("K_a", "active pressure, tan²(45° − φ/2)", active, Unit.One), new("γ", "weight of moist soil", brief.Medium.MoistUnitWeight, Unit.NewtonPerCubicMetre), new("z", "soil held back", Depth, Unit.Metre),
                .. brief.PeopleAtEdge ? (Term[])[brief.Handbook.Term(People.AtEdge)] : [], packing, new("d", "rod, at its thin end", Rod, Unit.Metre),
            ],
            push.Total, Unit.NewtonPerMetre, "Each course takes the soil over its own height");
        Sum bent = Sum.Of(
            "Bending of the lowest rod", $"σ = 32 {Terms.Formula(brief, LoadCase.Normal, "w")} s²/10 ÷ π d³",
            [.. Terms.Of(push, brief, "w", "load of the soil", "load of people", Unit.NewtonPerMetre), new("s", "from stake to stake", Spacing, Unit.Metre), new("d", "rod, at its thin end", Rod, Unit.Metre), .. Terms.Factors(brief, LoadCase.Normal)],
            stress, Unit.Pascal, "Beam over many stakes; EN 1995-1-1", "A sort of wood nobody has graded");
        yield return Check.Compare(
            "rods", "Rods between the stakes", LoadCase.Normal, stress, strength, Unit.Pascal, "The lowest bulge first; drive them down close.", Part, [on, bent],
            new Remedy("Stakes no farther apart than", Spacing * Math.Sqrt(strength / stress), Unit.Metre), new Remedy("Rods at least this thick", Rod * Math.Sqrt(stress / strength), Unit.Metre)).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness);
    }
}
