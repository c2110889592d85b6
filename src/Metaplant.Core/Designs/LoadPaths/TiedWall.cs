using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A wall of slats as one board lying on its side between corners and ties, bellying outwards. The slats of both faces share the load and do not
/// act together, since their nails slip. The stress of the lowest slat between its bearers is added.
/// </summary>
/// <param name="SlatsInAll">Slats of both faces over the height.</param>
/// <param name="Span">Between ties, or tie and corner, m.</param>
/// <param name="Height">Soil against the wall, m.</param>
public sealed record TiedWall(string Part, string Name, SlattedWall Lowest, int SlatsInAll, double Span, int Spans, double Height) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
        => new[] { LoadCase.Normal, LoadCase.BlockedDrain }.Select(c => Case(brief, c).Guarding([Quantity.Wetness, Quantity.People, Quantity.Wear], Quantity.Thickness, Quantity.Ties));

    private Check Case(Brief brief, LoadCase loadCase)
    {
        var soil = brief.Soil;
        var slat = Lowest.Bending(brief, loadCase);
        var onTop = EarthPressure.AtRest(soil.FrictionAngleDegrees) * soil.Surcharge * Height;
        var all = EarthPressure.Resultant(0, Height, WallKind.Braced, soil, loadCase);
        var wall = slat with { Section = new(Lowest.Slat.Height * SlatsInAll, Lowest.Slat.Thickness), Span = Span, Spans = Spans, SoilLine = all - onTop, SurchargeLine = onTop };
        var id = $"belly-{Part}" + (loadCase == LoadCase.Normal ? "" : "-blocked");
        var together = wall.StrengthUtilisation + slat.StrengthUtilisation;
        Sum push = Sum.Of(
            loadCase == LoadCase.Normal ? "Push of the soil on each metre of wall" : "Push with the drain blocked", "P = p(h/2) × h",
            [new("p(h/2)", "pressure at half the depth", all / Height, Unit.Pascal), new("h", "height of soil", Height, Unit.Metre)], all, Unit.NewtonPerMetre, "The pressure rises evenly with depth");
        if (wall.BendUtilisation >= together)
            return BoardChecks.Of(id, Name, Part, wall, push, Remedy());
        var words = loadCase == LoadCase.Normal ? "Strength decides; the slat's own bending between its bearers is added." : "If the drain blocks and the soil stands full of water.";
        return Check.Compare(id, Name, loadCase, together * wall.DesignStrength, wall.DesignStrength, Unit.Pascal, words, Part, [push, wall.StrengthSum, slat.StrengthSum, wall.CapacitySum], Remedy());

        Remedy Remedy()
        {
            // Strength leaves what the slat's own bending does not use; bend goes with the cube of the span.
            var left = Math.Max(0, 1 - slat.StrengthUtilisation);
            var byStrength = Span * Math.Sqrt(left / wall.StrengthUtilisation);
            var byBend = wall.BendUtilisation > 0 ? Span / Math.Cbrt(wall.BendUtilisation) : double.PositiveInfinity;
            return new("Ties no farther apart than", Math.Min(byStrength, byBend), Unit.Metre);
        }
    }
}
