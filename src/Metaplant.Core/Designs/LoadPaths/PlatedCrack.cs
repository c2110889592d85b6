using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// The bolts beside a plated crack, at the foot of the wall where the soil presses most: what the crack no longer carries goes through them, from one side of it to the other. Lengths in m.
/// A round wall pulls at them; a flat one bends, and each bolt turns it in its hole, pressing one way on its inner half and the other way on its outer.
/// </summary>
/// <param name="Crack">How long it is.</param>
/// <param name="Bolts">In the row on one side of it.</param>
/// <param name="Bolt">Across.</param>
/// <param name="Radius">Of a round wall; null of a flat one.</param>
/// <param name="Side">Longer side of a flat wall.</param>
/// <param name="Height">Of the wall.</param>
/// <param name="Depth">Of the soil.</param>
/// <param name="Shell">As it is beside the crack: damaged, with what rust and wear have left and without what the crack took.</param>
public sealed record PlatedCrack(string Part, double Crack, int Bolts, double Bolt, double? Radius, double Side, double Height, double Depth, Shell Shell) : LoadPath
{
    /// <summary>Water that always stands at the foot, below holes in the side.</summary>
    public double Standing { get; init; }

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.At(Depth, brief, loadCase).OverWater(Standing, loadCase);
        Term crack = new("c", "length of the crack", Crack, Unit.Metre), bolts = new("n", "bolts on each side of it", Bolts, Unit.Count), thick = new("t", "thickness of the wall beside it", Shell.Thickness, Unit.Metre), bolt = new("d", "bolt", Bolt, Unit.Metre);
        double t = Shell.Thickness, f = Shell.Strength(brief, loadCase), each, holds;
        var within = true;
        Sum pulled, held;
        if (Radius is { } r)
        {
            (each, holds) = (ShellWalls.HoopTension(push.Factored(brief.Factors, loadCase), r) * Crack / Bolts, Bolt * t * f);
            pulled = Sum.Of(
                "Pull on each bolt", $"F = {Terms.Formula(brief, loadCase, "p")} r c ÷ n",
                [.. Terms.Of(push, brief, "p", "pressure of the soil at the foot", "pressure from people", Unit.Pascal), new("r", "radius", r, Unit.Metre), crack, bolts, .. Terms.Factors(brief, loadCase)], each, Unit.Newton, "Thin ring under inside pressure", "All of it through the bolts of one side");
            held = Sum.Of("What the wall bears at one bolt", "d t f", [bolt, thick, .. Shell.StrengthTerms(brief, loadCase)], holds, Unit.Newton, "Bearing in the hole at the strength of the wall", "EN 1993-1-8 allows steel more");
        }
        else
        {
            // As the wall itself is judged: people press alike at every depth.
            var pressure = push.Factored(brief.Factors, loadCase) + brief.Factors.OnPeople(loadCase) * push.People;
            var stress = ShellWalls.PlateStress(Side, Height, t, pressure);
            within = ShellWalls.SmallBend(ShellWalls.PlateBend(Side, Height, t, push.Soil + 2 * push.People, Shell.Modulus(brief, loadCase)), t);
            (each, holds) = (stress * t * t / 6 * Crack / Bolts, Bolt * t * t / 4 * f);
            pulled = Sum.Of(
                "Bending at each bolt", "M = σ t²/6 × c ÷ n", [new("σ", "bending of the flat side, with its factors", stress, Unit.Pascal), thick, crack, bolts], each, Unit.NewtonMetre, "The greatest there is in the wall, wherever the crack runs");
            held = Sum.Of("What the wall bears at one bolt", "d t²/4 × f", [bolt, thick, .. Shell.StrengthTerms(brief, loadCase)], holds, Unit.NewtonMetre, "One half of its hole presses one way, the other the other way");
        }

        var check = Check.Compare(
            Terms.Id("crack", loadCase), "Bolts beside the crack", loadCase, each, holds, Radius is null ? Unit.NewtonMetre : Unit.Newton, loadCase == LoadCase.Normal ? "The plates carry over the crack what the wall no longer can." : Terms.Blocked, Part,
            [EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase), pulled, held], new Remedy("Bolts on each side at least", Math.Ceiling(Bolts * each / holds - 1e-9), Unit.Count));
        return Shell.Judge(check, within, push.Total, stones: false, brief);
    }
}
