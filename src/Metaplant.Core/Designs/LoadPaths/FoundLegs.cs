using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The four legs of a found table, two of which carry all where it stands unevenly. Nobody has measured their section: they are taken as thin as any are. Lengths in m.</summary>
/// <param name="Side">Of a leg, both ways.</param>
/// <param name="Held">Soil in all vessels, m³, and kg without, the table among it.</param>
/// <param name="Level">Area of all soil, m², that people may press on.</param>
public sealed record FoundLegs(string Part, double Long, double Side, Burden Held, double Level, string Grade, Condition Condition) : LoadPath
{
    /// <summary>As thin as legs of wooden tables come, both ways, where nobody has measured them.</summary>
    public const double Thinnest = .045;

    private const int Carrying = 2;

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People]));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        Push weight = Held.Weight(Level, brief, loadCase);
        double force = weight.Factored(brief.Factors, loadCase) / Carrying, holds = LoadsBelow.LegCapacity(Side, Side, Long, Timbers.Get(brief.Handbook, Grade).Modulus) * Condition.Factor();
        return Check.Compare(
            Terms.Id("leg", loadCase), "Legs under the load", loadCase, force, holds, Unit.Newton, loadCase == LoadCase.Normal ? "Two of four carry all where the ground is uneven; brace what wobbles." : Terms.Blocked, Part,
            [
                Sum.Of("Load on one leg", $"{Terms.Formula(brief, loadCase, "W")} ÷ 2", [.. Terms.Of(weight, brief, "W", "weight of all", "people on it", Unit.Newton), .. Terms.Factors(brief, loadCase)], force, Unit.Newton, "Two of four legs touch"),
                Sum.Of("What one leg carries", "π² E I ÷ L² ÷ 3", [brief.Handbook.Term($"timber.{Grade}.modulus"), new("b", "leg, both ways", Side, Unit.Metre), new("L", "its length", Long, Unit.Metre)], holds, Unit.Newton, "Euler 1744, over 3 for a leg that is neither straight nor planed", "As thin as legs of tables are: measure yours"),
            ]);
    }
}
