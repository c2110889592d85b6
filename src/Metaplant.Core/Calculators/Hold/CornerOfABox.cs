using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class CornerOfABox : Calculator
{
    public override string Name => "corner-force";

    public override string Question => "How hard does soil pull a corner apart?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "wallLength";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("depth", "Depth of soil", .40), Ask.Length("wallLength", "Length of the longer wall", 1.2), Ask.UnitWeight(), Ask.Friction(), Ask.Surcharge()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var soil = new SoilLoad(v["unitWeight"], 0, v["frictionAngleDegrees"], v.Or("surcharge", 0));
        var each = EarthPressure.Resultant(0, v["depth"], WallKind.Braced, soil, LoadCase.Normal);
        Sum metre = Sum.Of("Push on each metre of wall", "K (γ h²/2 + q h)", [new("K", "coefficient at rest, 1 − sin φ", EarthPressure.AtRest(soil.FrictionAngleDegrees), Unit.One), v.Term("γ", "unitWeight"), v.Term("h", "depth"), new("q", "load on top", soil.Surcharge, Unit.Pascal)], each, Unit.NewtonPerMetre, "Jaky 1944");
        Answer answer = Answer.Of(Sum.Of("Pull on one corner", "P L/2", [new("P", "push on each metre", each, Unit.NewtonPerMetre), v.Term("L", "wallLength")], each * v["wallLength"] / 2, Unit.Newton, "The wall hands half its push to either end", "No ties between", "Screw it into a cleat, not into end grain"))
            .After(metre).With(RetainedSoil.Judge(v["depth"], "depth"));
        return RetainedSoil.ForAProfessional(v["depth"]) ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["wallLength"], w = l * .55, t = l * .025, belly = l * .05;
        List<Geometry.Point> wall = [.. Enumerable.Range(0, 21).Select(i => new Geometry.Point(l * i / 20, -belly * Math.Sin(Math.PI * i / 20)))];
        return new(
            "sum", "From above, the long wall bellied",
            [View.Box(0, 0, l, w, Ink.Soil), View.Box(-t, -t, 0, w + t, Ink.Wood), View.Box(l, -t, l + t, w + t, Ink.Wood), View.Box(0, w, l, w + t, Ink.Wood), new Polygon([.. wall, .. wall.AsEnumerable().Reverse().Select(p => new Geometry.Point(p.X, p.Y - t))], Ink.Wood), View.Box(0, -t - belly - .14 * l, l, -t - belly - .03 * l, Ink.Pressure), new Note(new(l / 2, -t - belly - .1 * l), "push of the soil", Ink.Line)],
            [Sketch.Along(0, l, w + t, "wallLength")]);
    }
}
