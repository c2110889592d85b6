using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// Guys from the head of a tripod to pegs on both sides, which take all of the wind on the ridge: those to windward pull, and nobody counts on the others. Their pegs stand upright, pushed sideways and pulled out at once, each judged by itself. Lengths in m.
/// </summary>
/// <param name="Span">From tripod to tripod: what a middle one takes of the ridge.</param>
/// <param name="EachSide">Guys on each side of a tripod. Range: 1 or more.</param>
/// <param name="Reach">From the ridge line out to the pegs.</param>
/// <param name="Line">Thickness of the cord.</param>
/// <param name="Radius">Of the ring of feet of a tripod.</param>
public sealed record Guys(string Part, string PegPart, double Span, double Height, double Radius, int EachSide, double Reach, double Line, double PegDiameter, double PegDepth, Condition Pegs, string Grade) : LoadPath
{
    /// <summary>How high the guy is tied to its peg.</summary>
    private const double TiedAt = .05;

    public override double InGround => PegDepth;

    public override IEnumerable<Check> Work(Brief brief)
    {
        if (brief.Site != Site.Soil)
        {
            yield return Check.AskAProfessional("guys", "Guys against the wind", "Pegs for guys cannot be driven here: it must be held some other way, by somebody who knows.", PegPart);
            yield break;
        }

        foreach (var check in Checks(brief)) yield return check.Guarding([Quantity.Wind], Quantity.Posts);
    }

    /// <summary>Sideways pull on one guy, N, with the factor on wind.</summary>
    public double Across(Brief brief) => brief.Factors.Surcharge * WallOfLeaves.OnRidge(Height, brief).Value * Span / EachSide;

    private IEnumerable<Check> Checks(Brief brief)
    {
        Term strength = brief.Handbook.Term(Metals.LineStrength), safety = brief.Handbook.Term(Grounds.PegSafety), surcharge = brief.Handbook.Term(CodeFactors.SurchargeId);
        var wind = WallOfLeaves.OnRidge(Height, brief);
        double across = Across(brief), slope = Height / Reach, pull = across * Math.Sqrt(1 + slope * slope), bears = strength.Value * Math.PI / 4 * Line * Line;
        Sum without = Sum.Of(
            "Pull on one foot without guys", "w L H ÷ 1.5 r", [new("w", "wind", wind.Value, Unit.NewtonPerMetre), new("L", "from tripod to tripod", Span, Unit.Metre), new("H", "height of the ridge", Height, Unit.Metre), new("r", "ring of feet", Radius, Unit.Metre)],
            wind.Value * Span * Height * Cone.ShareOfFarFoot(3, Radius), Unit.Newton, "Moments about the edge between two feet", "No foot in soil holds so much: that is what the guys are for");
        Sum one = Sum.Of(
            "Pull in one guy", "T = γ_Q w L ÷ (n cos α)", [new("w", "wind", wind.Value, Unit.NewtonPerMetre), new("L", "from tripod to tripod", Span, Unit.Metre), new("n", "guys on each side", EachSide, Unit.Count), new("H", "height of the ridge", Height, Unit.Metre), new("reach", "out to the peg", Reach, Unit.Metre), surcharge],
            pull, Unit.Newton, "Those to windward take all of it, by the slope of the cord");
        yield return Check.Compare(
            "guys", "Guys", LoadCase.Normal, pull, bears, Unit.Newton, "Cord of a sort nobody has tested, with its knots.", Part, [wind, without, one, Sum.Of("What the cord bears", "f_l π d² ÷ 4", [strength, new("d", "cord", Line, Unit.Metre)], bears, Unit.Newton, "A third of new rope, for age and knots")],
            new Remedy("Cord at least this thick", Line * Math.Sqrt(pull / bears), Unit.Metre));
        var lifted = safety.Value * across * slope;
        var holds = PegGround.Hold(PegDiameter, PegDepth, brief);
        yield return Check.Compare(
            "guy-pegs", "Pegs of the guys pulled out", LoadCase.Normal, lifted, holds.Value, Unit.Newton, "Farther out the guys lift less.", PegPart,
            [one, Sum.Of("Lift on one peg", "FS γ_Q w L H ÷ (n reach)", [new("T", "pull in the guy", pull, Unit.Newton), safety], lifted, Unit.Newton, "The upright part of the pull"), holds], new Remedy("Pegs at least this deep", PegGround.DepthFor(lifted, PegDiameter, brief), Unit.Metre));
        var need = brief.GroundsToHoldIn.Max(g => new LateralPeg(across, TiedAt, PegDiameter, g.Ground, safety.Value).Embedment);
        yield return Check.Enough(
            "guy-pegs-aside", "Pegs of the guys pushed over", need, PegDepth, Unit.Metre, "Driven deep enough for the ground.", "Not deep enough for the ground.", PegPart,
            [one, Sum.Of("Depth of a peg", "FS P = γ_g b L³ K_p ÷ 2 (e + L), in clay L = 1.5 b + f + g", [new("P", "level part of the pull", across, Unit.Newton), new("e", "how high it is tied", TiedAt, Unit.Metre), new("b", "thickness of the peg", PegDiameter, Unit.Metre), safety], need, Unit.Metre, "Broms 1964, short free-headed")],
            new Remedy("Pegs at least this deep", need, Unit.Metre));
        var moment = brief.GroundsToHoldIn.Max(g => new LateralPeg(across, TiedAt, PegDiameter, g.Ground, safety.Value).GreatestMoment);
        double stress = 32 * moment / (Math.PI * Math.Pow(PegDiameter, 3)), strong = Timbers.Get(brief.Handbook, Grade).ShortBending(Pegs, brief.Handbook);
        Sum bent = Sum.Of("Bending of a peg", "σ = 32 M ÷ π b³", [new("P", "level part of the pull", across, Unit.Newton), new("M", "moment some way down", moment, Unit.NewtonMetre), new("b", "thickness of the peg", PegDiameter, Unit.Metre), brief.Handbook.Term(Timbers.ShortLoadId)], stress, Unit.Pascal, "Broms 1964 for the moment; EN 1995-1-1 for a short load");
        yield return Check.Compare(
            "guy-pegs-bent", "Pegs of the guys broken off", LoadCase.Normal, stress, strong, Unit.Pascal, "A gust pulls them sideways.", PegPart, [one, bent], new Remedy("Pegs at least this thick", PegDiameter * Math.Cbrt(stress / strong), Unit.Metre));
    }
}
