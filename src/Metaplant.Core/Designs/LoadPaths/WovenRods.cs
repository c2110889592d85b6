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
    /// <summary>True where film behind it can hold water up.</summary>
    public bool Lined { get; init; }

    public override IEnumerable<Check> Work(Brief brief)
        => (Lined ? [LoadCase.Normal, LoadCase.BlockedDrain] : (LoadCase[])[LoadCase.Normal]).Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        Term packing = brief.Handbook.Term(Practice.WeavePacking);
        var active = EarthPressure.Active(brief.Medium.FrictionAngleDegrees);
        var people = active * brief.People;
        var push = new Push(EarthPressure.At(Depth, WallKind.Free, brief.Soil, loadCase) - people, people).Times(packing.Value * Rod);
        double line = push.Factored(brief.Factors, loadCase), moment = line * Spacing * Spacing / 10, stress = 32 * moment / (Math.PI * Math.Pow(Rod, 3)), strength = Timbers.Get(brief.Handbook, Grade).DesignBending(Condition, loadCase);
        Sum on = Sum.Of(
            "Load on each metre of the lowest rod", "w = p k d", [new("p", "pressure at the foot, as it leans", push.Total / (packing.Value * Rod), Unit.Pascal), packing, new("d", "rod, at its thin end", Rod, Unit.Metre)],
            push.Total, Unit.NewtonPerMetre, "Each course takes the soil over its own height");
        Sum bent = Sum.Of(
            "Bending of the lowest rod", $"σ = 32 {Terms.Formula(brief, loadCase, "w")} s²/10 ÷ π d³",
            [.. Terms.Of(push, brief, "w", "load of the soil", "load of people", Unit.NewtonPerMetre), new("s", "from stake to stake", Spacing, Unit.Metre), new("d", "rod, at its thin end", Rod, Unit.Metre), .. Terms.Factors(brief, loadCase)],
            stress, Unit.Pascal, "Beam over many stakes; EN 1995-1-1", "A sort of wood nobody has graded");
        return Check.Compare(
            Terms.Id("rods", loadCase), "Rods between the stakes", loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "The lowest bulge first; drive them down close." : Terms.Blocked, Part, [EarthPressure.Worked(Depth, WallKind.Free, brief.Soil, loadCase), on, bent],
            new Remedy("Stakes no farther apart than", Spacing * Math.Sqrt(strength / stress), Unit.Metre), new Remedy("Rods at least this thick", Rod * Math.Sqrt(stress / strength), Unit.Metre));
    }
}
