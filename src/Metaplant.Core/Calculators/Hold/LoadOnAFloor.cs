using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class LoadOnAFloor : Calculator
{
    public override string Name => "floor-load";

    public override string Question => "What does a wet planter put on a balcony, roof or ground?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "wetMass";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("wetMass", "Mass, wet through", Unit.Kilogram, 0, 20_000, 140), Ask.Outline("outline", "The floor it covers"), Ask.Whole("feet", "Feet or packers", 1, 40, 4), Ask.Number("footArea", "Area of each foot", Unit.SquareMetre, 0, 4, .0025),
        new ChoiceInput("place", "It stands on", ["Ground", "BalconyOrRoof"]),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double area = v.Outline("outline").Area, load = LoadsBelow.FloorLoad(v["wetMass"], area), foot = LoadsBelow.FootPressure(v["wetMass"], v.Whole("feet"), v["footArea"]);
        Sum under = Sum.Of("Pressure under each foot", "m g ÷ (n a)", [new("m", "wet mass", v["wetMass"], Unit.Kilogram), new("n", "feet", v["feet"], Unit.Count), new("a", "area of each", v["footArea"], Unit.SquareMetre)], foot, Unit.Pascal, "Weight shared by the feet");
        Check check = v.Word("place") == "Ground"
            ? Check.Compare("bearing", "Ground under the feet", LoadCase.Normal, foot, handbook[Grounds.BearingLoose], Unit.Pascal, "Against what loose or made ground carries.", null, [under, Sum.Of("What the ground carries", "as the ground is", [handbook.Term(Grounds.BearingLoose)], handbook[Grounds.BearingLoose], Unit.Pascal, "Loose or made ground, until somebody knows better")], new Remedy("Feet of at least", v["wetMass"] * Medium.Gravity / v["feet"] / handbook[Grounds.BearingLoose], Unit.SquareMetre, "footArea"))
            : Check.AskAProfessional("balcony", "Balcony or roof", "What a balcony or roof may carry is for a qualified person to say; take them these two figures.");
        return Answer.Of(
                Sum.Of("Load on the floor it covers", "q = m g ÷ A", [new("m", "wet mass", v["wetMass"], Unit.Kilogram), new("A", "floor covered", area, Unit.SquareMetre)], load, Unit.Pascal, "Weight over area", "People round it come on top"),
                new Also("underEachFoot", foot))
            .After(under).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        var o = v.Outline("outline");
        double h = o.Length * .6, f = o.Length * .06, side = Math.Min(Math.Sqrt(v["footArea"]), o.Length / 4);
        var n = Math.Min(v.Whole("feet"), 6);
        return new(
            "sum", "From the side",
            [View.Box(0, f, o.Length, f + h, Ink.Plastic), .. Enumerable.Range(0, n).Select(i => (o.Length - side) * (n == 1 ? .5 : (double)i / (n - 1))).Select(x => View.Box(x, 0, x + side, f, Ink.WoodEnd)), View.GroundLine(0, o.Length)],
            [Sketch.Along(0, o.Length, f + h, v.Group("outline").Has("diameter") ? "outline.diameter" : "outline.length")]);
    }
}
