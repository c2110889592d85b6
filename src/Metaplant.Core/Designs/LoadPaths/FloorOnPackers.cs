using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The floor of a vessel as a strip over packers, under the whole weight of soil. Lengths in m.</summary>
/// <param name="Shell">Row of shell strengths, or null for a floor of boards.</param>
/// <param name="Grade">Strength class of a floor of boards, or null for a shell.</param>
public sealed record FloorOnPackers(string Part, double Span, int Spans, double Thickness, double Depth, string? Shell, string? Grade, double Left) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) => [Case(brief, LoadCase.Normal), Case(brief, LoadCase.BlockedDrain)];

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var weight = loadCase == LoadCase.Normal ? brief.Medium.MoistUnitWeight : brief.Medium.SaturatedUnitWeight;
        var line = weight * Depth;
        Sum load = Sum.Of(
            "Soil on the floor", "w = γ z", [new("γ", loadCase == LoadCase.Normal ? "weight of moist soil" : "weight of soil full of water", weight, Unit.NewtonPerCubicMetre), new("z", "depth of soil", Depth, Unit.Metre)],
            line, Unit.Pascal, "Weight of the soil above");
        var id = loadCase == LoadCase.Normal ? "floor" : "floor-blocked";
        if (Grade is not null)
        {
            var board = new BoardBending(new(1, Thickness), Span, Spans, Timbers.Get(brief.Handbook, Grade), Condition.Weathered, line, 0, loadCase, brief.Factors);
            return BoardChecks.Of(id, "Floor between packers", Part, board, load, new Remedy("Packers no farther apart than", board.GreatestSpan, Unit.Metre));
        }

        var factor = brief.Factors.OnSoil(loadCase);
        var thickness = Thickness * Left;
        var stress = factor * line * Span * Span / (Spans >= 3 ? 10 : 8) / (thickness * thickness / 6);
        var strength = brief.Handbook.Term(Shell + (loadCase == LoadCase.Normal ? ".strength" : ".short-strength"));
        Sum bent = Sum.Of(
            "Bending of the floor", $"σ = {(loadCase == LoadCase.Normal ? "γ_G " : "")}w L²/{(Spans >= 3 ? 10 : 8)} ÷ (t²/6)",
            [new("w", "soil on the floor", line, Unit.Pascal), new("L", "between packers", Span, Unit.Metre), new("t", "thickness left", thickness, Unit.Metre), .. Terms.OnSoil(brief, loadCase)],
            stress, Unit.Pascal, "Strip of a continuous plate", "A flat floor without ribs");
        return Check.Compare(
            id, "Floor between packers", loadCase, stress, strength.Value, Unit.Pascal,
            loadCase == LoadCase.Normal ? "Thin floors sag between packers." : "If the drain blocks and the soil stands full of water.", Part, [load, bent],
            new Remedy("Packers no farther apart than", Span * Math.Sqrt(strength.Value / stress), Unit.Metre));
    }
}
