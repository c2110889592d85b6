using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Designs.LoadPaths;

/// <summary>
/// A row of arches in full leaf, each lashed at both feet to a stake: how tightly its bar is bent, a gust from the side, the pull on the windward stake, and a gust along the row that its diagonals take. Lengths in m.
/// </summary>
/// <param name="Arc">Of one arch between its feet.</param>
/// <param name="Frame">The arch, its span and what each of them carries of the row.</param>
/// <param name="Former">True where it is bent on a former and does not spring.</param>
/// <param name="Diagonal">Thickness of the line of a diagonal.</param>
/// <param name="LineAngle">Of a diagonal over the ground, radians.</param>
public sealed record ArchRow(string Part, string StakePart, string LinePart, double Arc, ArchFrame Frame, RoundBar Bar, string StuffId, bool Former, double StakeDiameter, double StakeDepth, double Diagonal, double LineAngle, Condition Worn) : LoadPath
{
    public override double InGround => StakeDepth;

    public override IEnumerable<Check> Work(Brief brief) => [Bent(brief), Wind(brief), Uplift(brief), Along(brief)];

    private PipeStuff Stuff(Brief brief) => Pipes.Get(brief.Handbook, StuffId);

    private BentBar Bending(Brief brief) => new(Bar.Diameter, Frame.Arch.Radius!.Value, Stuff(brief));

    /// <summary>F in N on one arch in leaf, unfactored.</summary>
    public Sum Force(Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), leaves = brief.Handbook.Term(Gusts.Leaves);
        return Sum.Of("Wind on one arch from the side", "F = 0.613 v² × c φ h b", [gust, drag, leaves, new("h", "rise", Frame.Arch.Rise, Unit.Metre), new("b", "from arch to arch", Frame.Bay, Unit.Metre)], Frame.Force(gust.Value, drag.Value, leaves.Value), Unit.Newton, "EN 1991-1-4 for the pressure; drag and solidity assumed", "Summer gust; leaves off before winter");
    }

    /// <summary>The part of the wind that comes to the windward foot of an arch that hinges at both and at its crown, N: three quarters, H = 3 w h/4.</summary>
    public Sum OnStake(Brief brief)
    {
        var wind = Force(brief);
        return Sum.Of("Push on the windward stake", "3 F ÷ 4", [new("F", "wind on one arch", wind.Value, Unit.Newton)], .75 * wind.Value, Unit.Newton, "Arch of three hinges under an even push on its windward half");
    }

    private Check Bent(Brief brief)
    {
        var bar = Bending(brief);
        Sum strain = Sum.Of("How far its outside is stretched", "ε = d ÷ 2 R", [new("d", "across it", Bar.Diameter, Unit.Metre), new("R", "radius of the arch", bar.Radius, Unit.Metre)], bar.Strain, Unit.One, "Bending of a round bar");
        if (Former)
        {
            if (bar.Stuff.Relaxes) return Check.Enough("arch-bent", "Bent to the arch", 1, 0, Unit.One, "", "It springs back from any former: let it spring.", Part, [strain]);
            var tightest = brief.Handbook.Term(Pipes.Tightest);
            var words = bar.FormerRadius is { } former ? (Sentence)$"On a former of {Amount.Length(former)}: it springs back to {Amount.Length(bar.Radius)}." : "It springs to the arch by itself and wants no former.";
            return Check.Enough("arch-bent", "Bent to the arch", tightest.Value * Bar.Diameter, bar.FormerRadius ?? bar.Radius, Unit.Metre, words, "So tight it creases on its former: a wider arch.", Part, [strain, .. bar.Springs ? (Sum[])[] : [FormerSum(bar, brief, tightest)]]);
        }

        return Check.Compare(
            "arch-bent", "Bent to the arch", LoadCase.Normal, bar.Strain, bar.GreatestStrain, Unit.One, bar.Springs ? "It springs to the arch by itself, flatter at the feet than a circle." : "So tight it creases, cracks or stays bent: a wider arch, or thinner stuff.", Part,
            [strain, Sum.Of("Before it stays bent", "f ÷ E", [brief.Handbook.Term($"pipe.{StuffId}.yield"), brief.Handbook.Term($"pipe.{StuffId}.modulus")], bar.GreatestStrain, Unit.One, "Hooke")],
            new Remedy("Radius of the arch at least", bar.LeastRadius, Unit.Metre), new Remedy("Not thicker than", 2 * bar.Radius * bar.GreatestStrain, Unit.Metre)).Guarding([]);
    }

    private static Sum FormerSum(BentBar bar, Brief brief, Term tightest) => Sum.Of(
        "Former", "R_i ÷ R = 4 x³ − 3 x + 1, x = R_i f ÷ E d", [new("R", "radius of the arch", bar.Radius, Unit.Metre), new("d", "across it", bar.Diameter, Unit.Metre), brief.Handbook.Term($"pipe.{bar.Stuff.Id}.yield"), brief.Handbook.Term($"pipe.{bar.Stuff.Id}.modulus"), tightest], bar.FormerRadius!.Value, Unit.Metre, "Gardner 1957");

    private Check Wind(Brief brief)
    {
        var wind = Force(brief);
        var stuff = Stuff(brief);
        Term factor = brief.Handbook.Term(CodeFactors.SurchargeId), left = brief.Handbook.Term(Pipes.Left);
        double moment = factor.Value * Frame.WindMoment(wind.Value), stays = Former ? 0 : Math.Min(stuff.Yield, Bending(brief).Strain * stuff.Modulus) * (stuff.Relaxes ? left.Value : 1);
        double holds = Bar.Modulus * (stuff.Yield - stays) * Worn.Factor();
        return Check.Compare(
            "arch-wind", "Arches in a gust from the side", LoadCase.Normal, moment, holds, Unit.NewtonMetre, "Bent below the ground line, where it is held.", Part,
            [
                wind, Sum.Of("Moment at a foot", "γ_Q F h ÷ 4", [new("F", "wind", wind.Value, Unit.Newton), new("h", "rise", Frame.Arch.Rise, Unit.Metre), factor], moment, Unit.NewtonMetre, "Each half stands by itself"),
                Sum.Of(
                    "What the bar takes", Former ? "W f" : "W (f − r E ε)", [new("W", "section modulus, cm³", Bar.Modulus * 1e6, Unit.One), brief.Handbook.Term($"pipe.{StuffId}.yield"), .. Former ? [] : (Term[])[new("r E ε", "stress left from bending", stays, Unit.Pascal), left]], holds, Unit.NewtonMetre, "Until it stays bent"),
            ],
            new Remedy("Arches no farther apart than", holds <= 0 ? 0 : Frame.Bay * holds / moment, Unit.Metre)).Guarding([Quantity.Wind, Quantity.Wear]);
    }

    private Check Uplift(Brief brief)
    {
        if (brief.Site != Site.Soil) return Check.AskAProfessional("uplift", "Lifted by the wind", "Stakes cannot be driven here: it must be held down some other way, by somebody who knows.", StakePart);
        var wind = Force(brief);
        double weight = ArchFrame.Weight(Arc, Bar, Stuff(brief).Density), safety = brief.Handbook[Grounds.PegSafety];
        var pull = safety * Frame.Uplift(brief.Factors.Surcharge * wind.Value, brief.Factors.WeightCountedOn * weight);
        var holds = PegGround.Hold(StakeDiameter, StakeDepth, brief);
        var deep = PegGround.DepthFor(pull, StakeDiameter, brief);
        return Check.Compare(
            "uplift", "Lifted by the wind", LoadCase.Normal, pull, holds.Value, Unit.Newton, "A gust from the side in full leaf.", StakePart,
            [
                wind,
                Sum.Of("Pull on the windward foot", "U = FS (γ_Q F h/2 − γ W s/2) ÷ s", [new("F", "wind", wind.Value, Unit.Newton), new("h", "rise", Frame.Arch.Rise, Unit.Metre), new("W", "weight of one", weight, Unit.Newton), new("s", "from foot to foot", Frame.Span, Unit.Metre), brief.Handbook.Term(CodeFactors.SurchargeId), brief.Handbook.Term(CodeFactors.WeightCountedOnId) with { Symbol = "γ" }, brief.Handbook.Term(Grounds.PegSafety)], pull, Unit.Newton, "Moments about the other foot"),
                holds,
            ],
            new Remedy("Stakes at least this deep", deep, Unit.Metre)).Guarding([Quantity.Wind], Quantity.Ground);
    }

    /// <summary>A gust along the row lies it down like dominoes: one diagonal on each side takes it.</summary>
    private Check Along(Brief brief)
    {
        Term gust = brief.Gust, drag = brief.Handbook.Term(Gusts.Drag), leaves = brief.Handbook.Term(Gusts.Leaves), factor = brief.Handbook.Term(CodeFactors.SurchargeId), strength = brief.Handbook.Term(Metals.LineStrength);
        double end = Frame.EndForce(gust.Value, drag.Value, leaves.Value), pull = factor.Value * end / 4 / Math.Cos(LineAngle), bears = Math.PI / 4 * Diagonal * Diagonal * strength.Value / 2;
        return Check.Compare(
            "along", "Diagonals along the row", LoadCase.Normal, pull, bears, Unit.Newton, "Without them a row of arches lies down like dominoes.", LinePart,
            [
                Sum.Of("Wind on its end", "0.613 v² × c φ A", [gust, drag, leaves], end, Unit.Newton, "The segment under one arch"),
                Sum.Of("Pull in one diagonal", "γ_Q F ÷ 4 cos α", [new("F", "wind on the end", end, Unit.Newton), new("cos α", "of its slope", Math.Cos(LineAngle), Unit.One), factor], pull, Unit.Newton, "Half goes to the feet; two diagonals, one on each side"),
                Sum.Of("What the line bears", "π d² ÷ 4 × f ÷ 2", [new("d", "line", Diagonal, Unit.Metre), strength], bears, Unit.Newton, "Half is kept back for knots and sun"),
            ]).Guarding([Quantity.Wind]);
    }
}
