using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class WallOfBales : Calculator
{
    public override string Name => "bale-wall";

    public override string Question => "Will a wall of bales or timbers stand by its weight?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "safety";

    public override string Slide => "soilDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Length("width", "Front to back", .45, 3), Ask.Length("soilDepth", "Soil against it", .36, 3), Ask.UnitWeight("wallUnitWeight", "Weight of the wall when dry", 1000),
        Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var wall = new GravityWall(v["width"], v["soilDepth"], v["wallUnitWeight"], handbook[Grounds.FootFriction]);
        Term safety = handbook.Term(Grounds.GravitySafety), friction = handbook.Term(Grounds.FootFriction);
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        double slide = wall.Sliding(soil), turn = wall.Overturning(soil), least = Math.Min(slide, turn);
        Sum sliding = Sum.Of("Safety against sliding", "W μ ÷ P", [new("W", "weight of a metre, dry", wall.Weight, Unit.NewtonPerMetre), friction], slide, Unit.One, "EN 1997-1 6.5.3 for the friction");
        Sum turning = Sum.Of("Safety against overturning", "W b/2 ÷ M", [new("W", "weight of a metre, dry", wall.Weight, Unit.NewtonPerMetre), new("b", "front to back", wall.Width, Unit.Metre)], turn, Unit.One, "Moments about the front of the foot");
        Check check = Check.Compare("gravity", "Wall by its own weight", LoadCase.Normal, safety.Value, least, Unit.One, "Stakes must take all the push, or it is made wider.", "wall", [sliding, turning], new Remedy("A wall at least this wide", wall.LeastWidth(soil, safety.Value), Unit.Metre, "width")).OrWhenSound("It stands by its own weight, even dry.");
        Sum sum = Sum.Of("The lesser safety", "the lesser of sliding and overturning", [new("sliding", "safety", slide, Unit.One), new("overturning", "safety", turn, Unit.One), safety], least, Unit.One, $"At least {safety.Value:0.##} wanted", "Judged dry, when it is lightest");
        Answer answer = Answer.Of(sum, new("sliding", slide), new("overturning", turn), new("leastWidth", wall.LeastWidth(soil, safety.Value))).After(sliding, turning).With(RetainedSoil.Judge(v["soilDepth"]) is { Verdict: Verdict.AskAProfessional } ask ? ask : check);
        return RetainedSoil.ForAProfessional(v["soilDepth"]) ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double b = v["width"], h = v["soilDepth"];
        return new("sum", "In section", [View.Box(0, 0, b, h, Ink.Wood, "wall"), View.Box(b, 0, b + h * 1.4, h, Ink.Soil), Sketch.Push(0, h, 0, h * .35), View.GroundLine(-h * .4, b + h * 1.4)], [Sketch.Along(0, b, h, "width"), Sketch.Down(b + h * 1.4, 0, h, "soilDepth")]);
    }
}
