using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class ThinLegs : Calculator
{
    public override string Name => "leg-buckling";

    public override string Question => "Will thin legs carry it?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "length";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("wetMass", "Mass, wet through", Unit.Kilogram, 0, 20_000, 180), Ask.Whole("legs", "Legs", 3, 40, 4), Ask.Length("width", "Leg, its wide side", .045, .5), Ask.Length("thickness", "Leg, its thin side", .045, .5), Ask.Length("length", "Leg, free length", .70, 3), Ask.Timber(),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["length"] < 4 * Math.Min(v["width"], v["thickness"]), "length", "Shorter than four times its thin side it is a block and does not buckle; the ground beneath it decides.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        // Unevenly set, one of four legs carries nothing and two carry the most.
        var carrying = Math.Max(2, v.Whole("legs") / 2);
        double leg = v["wetMass"] * Medium.Gravity / carrying, holds = LoadsBelow.LegCapacity(v["width"], v["thickness"], v["length"], Timbers.Get(handbook, v.Word("timber")).Modulus);
        Sum load = Sum.Of("Load on one leg", "m g ÷ legs that carry", [v.Term("m", "wetMass"), new("n", "legs counted on, half of them", carrying, Unit.Count)], leg, Unit.Newton, "Weight shared by the legs that touch", "Uneven ground: half of them carry all");
        Sum sum = Sum.Of("What one leg carries", "π² E I ÷ L² ÷ 3", [handbook.Term($"timber.{v.Word("timber")}.modulus"), v.Term("b", "width"), v.Term("t", "thickness"), v.Term("L", "length")], holds, Unit.Newton, "Euler 1744, both ends held in place", "Over 3 for a leg that is neither straight nor planed", "Braced so that it cannot sway");
        Sum wanted = Factored.Soil(handbook, load);
        return Answer.Of(sum, new Also("onOneLeg", leg)).After(load, wanted).With(Check.Compare(
            "leg", "The leg", LoadCase.Normal, wanted.Value, holds, Unit.Newton, "Shorter, thicker or more legs, or a brace half way.", null, [load, wanted, sum],
            new Remedy("Legs no longer than", v["length"] * Math.Sqrt(holds / wanted.Value), Unit.Metre, "length")).OrWhenSound("Braced so that it cannot sway, it stands."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["length"], t = Math.Min(v["width"], v["thickness"]), w = l * 1.1;
        return new(
            "sum", "From the side",
            [View.Box(-.05 * w, l, w * 1.05, l * 1.5, Ink.Wood), View.Box(0, l * 1.05, w, l * 1.48, Ink.Soil), View.Box(0, 0, t, l, Ink.WoodEnd), View.Box(w - t, 0, w, l, Ink.WoodEnd), View.Segment(t, l * .1, w - t, l * .9, Ink.Hidden), View.GroundLine(0, w)],
            [Sketch.Up(0, 0, l, "length", .05 * w), Sketch.Under(w - t, w, 0, v["width"] < v["thickness"] ? "width" : "thickness")]);
    }
}
