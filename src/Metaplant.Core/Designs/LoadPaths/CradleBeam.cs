using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>One of two beams alike that a trough lies on from bearer to bearer, as though the two carried all of it. Lengths in m.</summary>
/// <param name="Id">Of its check.</param>
/// <param name="Wide">Of its section across the load.</param>
/// <param name="Deep">Along it.</param>
/// <param name="Along">Of the trough.</param>
/// <param name="Held">Soil in it, m³, and kg without.</param>
/// <param name="Level">Area of the soil's surface, m².</param>
public sealed record CradleBeam(string Id, string Part, string Name, double Wide, double Deep, double Span, int Spans, double Along, Burden Held, double Level, Condition Condition) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Packers));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        Push line = Held.Weight(Level, brief, loadCase).Times(1 / (2 * Along));
        var bending = new BoardBending(new(Wide, Deep), Span, Spans, Timbers.Get(brief.Handbook, Casting.Piece.BoughtGrade), Condition, line.Soil, line.People, loadCase, brief.Factors);
        return BoardChecks.Of(
            Terms.Id(Id, loadCase), Name, Part, bending,
            Sum.Of("Load on each metre of it", "w = W ÷ 2 l", [.. Terms.Of(line.Times(2 * Along), brief, "W", "weight of all", "people on it", Unit.Newton), new("l", "length of the trough", Along, Unit.Metre)], line.Total, Unit.NewtonPerMetre, "Half of it on each of two"),
            new Remedy("Bearers no farther apart than", bending.GreatestSpan, Unit.Metre), new Remedy("At least this deep", bending.LeastThickness, Unit.Metre));
    }
}
