using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>A cone of sticks in full leaf in a gust, held down by a peg at each foot. Lengths in m.</summary>
/// <param name="Mass">Of the sticks and line, kg. The plants' own weight is left out.</param>
public sealed record ConeInWind(string Part, int Legs, double Radius, double TieHeight, double Above, double PegDiameter, double PegDepth, double Mass) : LoadPath
{
    public override IEnumerable<Check> Work(Brief brief)
    {
        Term gust = brief.Handbook.Term(brief.GustId), drag = brief.Handbook.Term(Gusts.Drag), leaves = brief.Handbook.Term(Gusts.Leaves), friction = brief.Handbook.Term(Grounds.ShaftFriction);
        double speed = gust.Value, pressure = Wind.Pressure(speed), outline = Radius * TieHeight;
        var force = Wind.Force(pressure, outline, drag.Value, leaves.Value);
        double height = TieHeight / 2, weight = Mass * Medium.Gravity;
        var uplift = Math.Max(0, Cone.Uplift(Legs, Radius, force, height, brief.Factors.WeightCountedOn * weight));
        var ground = brief.Handbook.Term(Grounds.PegWeight);
        var peg = Stake.PullOut(PegDiameter, PegDepth, ground.Value, friction.Value);
        Sum wind = Sum.Of(
            "Wind on the leafy cone", "F = 0.613 v² × c A φ",
            [gust, drag, new("A", "outline of the cone, r H", outline, Unit.SquareMetre), leaves],
            force, Unit.Newton, "EN 1991-1-4 for the pressure; drag and solidity assumed", "Summer gust; take it down before winter");
        Sum pull = Sum.Of(
            "Pull on the far foot", "U = (F z − γ W r cos(π/n)) ÷ d",
            [
                new("F", "wind", force, Unit.Newton), new("z", "its height, half way up", height, Unit.Metre), new("W", "weight of sticks and line", weight, Unit.Newton),
                new("r cos(π/n)", "lever of the weight", Cone.Lever(Legs, Radius), Unit.Metre), new("d", "far foot from the tipping edge", Cone.FarLeg(Legs, Radius), Unit.Metre), brief.Handbook.Term(CodeFactors.WeightCountedOnId) with { Symbol = "γ" },
            ],
            uplift, Unit.Newton, "Moments about the edge between two feet", "Leaves are bushier above, so the wind is taken at half height");
        Sum holds = Sum.Of(
            "Hold of one peg", "π d L tan δ × γ_g L/2", [new("d", "thickness of the peg", PegDiameter, Unit.Metre), new("L", "depth in the ground", PegDepth, Unit.Metre), friction, ground],
            peg, Unit.Newton, "Skin friction under the mean weight of soil beside the peg", "Each foot is lashed to a peg");
        yield return Check.Compare(
            "uplift", "Lifted by the wind", LoadCase.Normal, uplift, peg, Unit.Newton, $"A gust of {speed:0} m/s in full leaf.", Part, [wind, pull, holds],
            new Remedy("Pegs at least this deep", Stake.EmbedmentFor(uplift, PegDiameter, ground.Value, friction.Value), Unit.Metre));
    }
}
