using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>The wall of a round tub or drum, stretched by the soil like a hoop. Lengths in m.</summary>
/// <param name="Shell">Row of shell strengths, "shell.plastic".</param>
/// <param name="Left">What rust or wear has left of the wall, 0..1.</param>
public sealed record HoopWall(string Part, double Radius, double Wall, double Depth, string Shell, double Left) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) => [Case(brief, LoadCase.Normal), Case(brief, LoadCase.BlockedDrain)];

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var pressure = EarthPressure.At(Depth, WallKind.Braced, brief.Soil, loadCase);
        var tension = ShellWalls.HoopTension(pressure, Radius);
        var factor = brief.Factors.OnSoil(loadCase);
        var strength = brief.Handbook.Term(Shell + (loadCase == LoadCase.Normal ? ".strength" : ".short-strength"));
        var capacity = Wall * Left * strength.Value;
        Sum pull = Sum.Of(
            "Stretch of the wall at the foot", loadCase == LoadCase.Normal ? "T = γ_G p r" : "T = p r",
            [new("p", "pressure at the foot", pressure, Unit.Pascal), new("r", "radius", Radius, Unit.Metre), .. Terms.OnSoil(brief, loadCase)], tension * factor, Unit.NewtonPerMetre, "Thin ring under inside pressure");
        Sum holds = Sum.Of(
            "What the wall holds", "t × left × f", [new("t", "thickness of the wall", Wall, Unit.Metre), new("left", "left by rust and wear", Left, Unit.One), strength], capacity, Unit.NewtonPerMetre, "Section times strength");
        return Check.Compare(
            loadCase == LoadCase.Normal ? "hoop" : "hoop-blocked", "Wall stretched by the soil", loadCase, tension * factor, capacity, Unit.NewtonPerMetre,
            loadCase == LoadCase.Normal ? "The round wall works like a hoop." : "If the drain blocks and the soil stands full of water.", Part,
            [EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase), pull, holds],
            new Remedy("A wall at least this thick", Wall * tension * factor / capacity, Unit.Metre));
    }
}

/// <summary>The flat side of a moulded or folded tub, held at its edges, pushed out by the soil. Lengths in m.</summary>
public sealed record PlateWall(string Part, double Side, double Height, double Wall, double Depth, string Shell, double Left) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief) => [Case(brief, LoadCase.Normal), Case(brief, LoadCase.BlockedDrain)];

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var pressure = EarthPressure.At(Depth, WallKind.Braced, brief.Soil, loadCase);
        var factor = brief.Factors.OnSoil(loadCase);
        var thickness = Wall * Left;
        var stress = factor * ShellWalls.PlateStress(Side, Height, thickness, pressure);
        var strength = brief.Handbook.Term(Shell + (loadCase == LoadCase.Normal ? ".strength" : ".short-strength"));
        Sum bent = Sum.Of(
            "Bending of the flat side", loadCase == LoadCase.Normal ? "σ = γ_G × 1.1 β (p/2) b² ÷ t²" : "σ = 1.1 β (p/2) b² ÷ t²",
            [new("p", "pressure at the foot", pressure, Unit.Pascal), new("a", "longer side", Math.Max(Side, Height), Unit.Metre), new("b", "shorter side", Math.Min(Side, Height), Unit.Metre), new("t", "thickness left", thickness, Unit.Metre), .. Terms.OnSoil(brief, loadCase)],
            stress, Unit.Pascal, "Young & Budynas, Roark's Formulas, 7th ed., table 11.4 case 1a", "The rim is stiff enough to hold the top edge", "Mean pressure, raised by a tenth");
        return Check.Compare(
            loadCase == LoadCase.Normal ? "plate" : "plate-blocked", "Flat side pushed out", loadCase, stress, strength.Value, Unit.Pascal,
            loadCase == LoadCase.Normal ? "The long side bends between foot, rim and corners." : "If the drain blocks and the soil stands full of water.", Part,
            [EarthPressure.Worked(Depth, WallKind.Braced, brief.Soil, loadCase), bent],
            new Remedy("A wall at least this thick", Wall * Math.Sqrt(stress / strength.Value), Unit.Metre));
    }
}
