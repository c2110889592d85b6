using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The wall of a round tub or drum, stretched by the soil like a hoop. Lengths in m.</summary>
public sealed record HoopWall(string Part, double Radius, double Depth, Shell Shell) : LoadPath
{
    /// <summary>Water that always stands at its foot, below holes in its side.</summary>
    public double Standing { get; init; }

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.At(Depth, brief, loadCase).OverWater(Standing, loadCase);
        var tension = ShellWalls.HoopTension(push.Factored(brief.Factors, loadCase), Radius);
        var capacity = Shell.Thickness * Shell.Strength(brief, loadCase);
        Sum pull = Sum.Of(
            "Stretch of the wall at the foot", $"T = {Terms.Formula(brief, loadCase, "p")} r",
            [.. Terms.Of(push, brief, "p", "pressure of the soil at the foot", "pressure from people", Unit.Pascal), new("r", "radius", Radius, Unit.Metre), .. Terms.Factors(brief, loadCase)], tension, Unit.NewtonPerMetre, "Thin ring under inside pressure");
        Sum holds = Sum.Of(
            "What the wall holds", "t × left × f", [new("t", "thickness of the wall", Shell.Wall, Unit.Metre), new("left", "left by rust, wear and cracks", Shell.Left, Unit.One), .. Shell.StrengthTerms(brief, loadCase)], capacity, Unit.NewtonPerMetre, "Section times strength");
        var check = Check.Compare(
            Terms.Id("hoop", loadCase), "Wall stretched by the soil", loadCase, tension, capacity, Unit.NewtonPerMetre,
            loadCase == LoadCase.Normal ? "The round wall works like a hoop." : Terms.Blocked, Part, [EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase), pull, holds],
            new Remedy("A wall at least this thick", Shell.Wall * tension / capacity, Unit.Metre));
        return Shell.Judge(check, within: true, push.Total, stones: false, brief);
    }
}

/// <summary>The flat side of a moulded or folded tub, held at its edges, pushed out by the soil. Lengths in m.</summary>
public sealed record PlateWall(string Part, double Side, double Height, double Depth, Shell Shell) : LoadPath
{
    /// <summary>Water that always stands at its foot, below holes in its side.</summary>
    public double Standing { get; init; }

    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Soil, Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var push = Push.At(Depth, brief, loadCase).OverWater(Standing, loadCase);
        var thickness = Shell.Thickness;
        // People press alike at every depth, soil from nothing at the top; the mean of a uniform pressure is all of it.
        var pressure = push.Factored(brief.Factors, loadCase) + brief.Factors.OnPeople(loadCase) * push.People;
        var stress = ShellWalls.PlateStress(Side, Height, thickness, pressure);
        var bend = ShellWalls.PlateBend(Side, Height, thickness, push.Soil + 2 * push.People, Shell.Modulus(brief, loadCase));
        var strength = Shell.Strength(brief, loadCase);
        Term longer = new("a", "longer side", Math.Max(Side, Height), Unit.Metre), shorter = new("b", "shorter side", Math.Min(Side, Height), Unit.Metre), left = new("t", "thickness left", thickness, Unit.Metre);
        var pressures = Terms.Of(push, brief, "p", "pressure of the soil at the foot", "pressure from people, at every depth", Unit.Pascal);
        const string Roark = "Young & Budynas, Roark's Formulas, 7th ed., table 11.4 case 1a";
        Sum bent = Sum.Of(
            "Bending of the flat side", $"σ = 1.1 β ({(loadCase == LoadCase.Normal ? "γ_G " : "")}p/2{(brief.PeopleAtEdge ? loadCase == LoadCase.Normal ? " + γ_Q p_q" : " + p_q" : "")}) b² ÷ t²",
            [.. pressures, longer, shorter, left, .. Terms.Factors(brief, loadCase)], stress, Unit.Pascal, Roark, "The rim is stiff enough to hold the top edge", "Mean pressure, raised by a tenth");
        Sum far = Sum.Of(
            "How far the side bends", $"y = 1.1 α (p/2{(brief.PeopleAtEdge ? " + p_q" : "")}) b⁴ ÷ (E t³)", [.. pressures, longer, shorter, left, Shell.ModulusTerm(brief, loadCase)], bend, Unit.Metre, Roark, "Holds while it is no more than half the thickness");
        var check = Check.Compare(
            Terms.Id("plate", loadCase), "Flat side pushed out", loadCase, stress, strength, Unit.Pascal,
            loadCase == LoadCase.Normal ? "The long side bends between foot, rim and corners." : Terms.Blocked, Part,
            [EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase), bent, far], new Remedy("A wall at least this thick", Shell.Wall * Math.Sqrt(stress / strength), Unit.Metre));
        return Shell.Judge(check, ShellWalls.SmallBend(bend, thickness), push.Total, stones: false, brief);
    }
}
