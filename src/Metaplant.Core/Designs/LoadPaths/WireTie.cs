using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A wire from wall to wall that takes the whole push on its share of the wall. Lengths in m.</summary>
public sealed record WireTie(string Part, double Spacing, double Height, double Diameter, int Strands) : LoadPath
{
    /// <summary>Force in one tie, N: the resultant of the pressure over the tributary area.</summary>
    public static double Force(double depthTop, double depthBottom, double spacing, SoilLoad soil, LoadCase loadCase)
        => EarthPressure.Resultant(depthTop, depthBottom, WallKind.Braced, soil, loadCase) * spacing;

    public override IEnumerable<Check> Work(Brief brief) => [Case(brief, LoadCase.Normal), Case(brief, LoadCase.BlockedDrain)];

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var force = Force(0, Height, Spacing, brief.Soil, loadCase);
        var area = Strands * Math.PI / 4 * Diameter * Diameter;
        var yield = brief.Handbook[Metals.WireYield];
        // Half the yield is kept back for twisting and rust; an accident may use it.
        var capacity = area * yield / (loadCase == LoadCase.Normal ? 2 : 1);
        Sum pull = Sum.Of(
            "Pull in one tie", "T = P s",
            [new("P", "push on each metre of wall", force / Spacing, Unit.NewtonPerMetre), new("s", "wall each tie holds", Spacing, Unit.Metre)],
            force, Unit.Newton, "Resultant over the tributary area", "Friction under the wall is ignored");
        Sum strength = Sum.Of(
            "Strength of the tie", loadCase == LoadCase.Normal ? "A f_y ÷ 2" : "A f_y",
            [new("A", $"{Strands} strands of wire", area, Unit.SquareMetre), brief.Handbook.Term(Metals.WireYield)],
            capacity, Unit.Newton, "Half the yield; all of it in an accident");
        return Check.Compare(
            loadCase == LoadCase.Normal ? "ties" : "ties-blocked", "Tie wires", loadCase, force, capacity, Unit.Newton,
            loadCase == LoadCase.Normal ? $"{Strands} strands of {Diameter * 1000:0.0} mm wire." : "If the drain blocks and the soil stands full of water.", Part, [pull, strength],
            new Remedy("Ties no farther apart than", Spacing * capacity / force, Unit.Metre));
    }
}
