using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The floor of a vessel as a strip over packers, under the whole weight of soil and whoever stands on it, with its holes taken out. Lengths in m.</summary>
/// <param name="Net">What the holes leave of the section along a packer, 1 − d/pitch, 0..1.</param>
public abstract record FloorOnPackers(string Part, double Span, int Spans, double Thickness, double Depth, double Net) : LoadPath
{
    /// <summary>What is checked.</summary>
    public string Name { get; init; } = "Floor between packers";

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear, Quantity.Holes], Quantity.Thickness, Quantity.Packers, Quantity.Pads));

    protected abstract Check Case(Brief brief, LoadCase loadCase);

    protected Sum Load(Brief brief, LoadCase loadCase)
    {
        var push = Push.OnFloor(Depth, brief, loadCase);
        return Sum.Of(
            "Load on the floor", brief.PeopleAtEdge ? "w = γ z + q" : "w = γ z",
            [
                new("γ", loadCase == LoadCase.Normal ? "weight of moist soil" : "weight of soil full of water", push.Soil / Depth, Unit.NewtonPerCubicMetre), new("z", "depth of soil", Depth, Unit.Metre),
                .. brief.PeopleAtEdge ? [brief.Handbook.Term(Materials.People.AtEdge)] : (Term[])[],
            ],
            push.Total, Unit.Pascal, "Weight of the soil above");
    }
}

/// <summary>A floor of boards, as worn as the thing is.</summary>
/// <param name="Grade">Strength class of the boards.</param>
public sealed record BoardFloor(string Part, double Span, int Spans, double Thickness, double Depth, double Net, string Grade, Condition Condition) : FloorOnPackers(Part, Span, Spans, Thickness, Depth, Net)
{
    protected override Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.OnFloor(Depth, brief, loadCase);
        var board = new BoardBending(new(Net, Thickness), Span, Spans, Timbers.Get(brief.Handbook, Grade), Condition, push.Soil, push.People, loadCase, brief.Factors);
        return BoardChecks.Of(Terms.Id("floor", loadCase), Name, Part, board, Load(brief, loadCase), new Remedy("Packers no farther apart than", board.GreatestSpan, Unit.Metre));
    }
}

/// <summary>A moulded, folded or cast floor.</summary>
public sealed record ShellFloor(string Part, double Span, int Spans, double Depth, double Net, Shell Shell) : FloorOnPackers(Part, Span, Spans, Shell.Wall, Depth, Net)
{
    protected override Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.OnFloor(Depth, brief, loadCase);
        var t = Shell.Thickness;
        var over = Spans >= 3 ? 10 : 8;
        var stress = push.Factored(brief.Factors, loadCase) * Span * Span / over / (Net * t * t / 6);
        // Stiffest where it runs over many packers, weakest over one span, as a board.
        var divisor = Spans switch { 1 => 384.0 / 5, 2 => 185, _ => 145 };
        var bend = push.Total * Math.Pow(Span, 4) / (divisor * Shell.Modulus(brief, loadCase) * Net * t * t * t / 12);
        var strength = Shell.Strength(brief, loadCase);
        Term span = new("L", "between packers", Span, Unit.Metre), left = new("t", "thickness left", t, Unit.Metre), net = new("n", "left between the holes, 1 − d/pitch", Net, Unit.One);
        var loads = Terms.Of(push, brief, "w", "soil on the floor", "people on the floor", Unit.Pascal);
        Sum bent = Sum.Of(
            "Bending of the floor", $"σ = {Terms.Formula(brief, loadCase, "w")} L²/{over} ÷ (n t²/6)", [.. loads, span, left, net, .. Terms.Factors(brief, loadCase)], stress, Unit.Pascal, "Strip of a continuous plate through its holes", "A flat floor without ribs");
        Sum far = Sum.Of(
            "How far the floor bends", $"u = {(brief.PeopleAtEdge ? "(w + w_q)" : "w")} L⁴ ÷ ({divisor:0.#} E n t³/12)", [.. loads, span, left, net, Shell.ModulusTerm(brief, loadCase)], bend, Unit.Metre, "Strip of a continuous plate", "Holds while it is no more than half the thickness");
        var check = Check.Compare(
            Terms.Id("floor", loadCase), Name, loadCase, stress, strength, Unit.Pascal, loadCase == LoadCase.Normal ? "Thin floors sag where nothing carries them." : Terms.Blocked, Part, [Load(brief, loadCase), bent, far],
            new Remedy("Packers no farther apart than", Span * Math.Sqrt(strength / stress), Unit.Metre));
        var judged = Shell.Judge(check, ShellWalls.SmallBend(bend, t), push.Total, stones: true, brief);
        // Where no sum tells, packers lie as close as practice has them.
        return judged with { Wanting = judged.Verdict == Verdict.ProveFirst && Span > brief.Handbook[Practice.ThinFloorSpan] };
    }
}
