using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class Tipping : Calculator
{
    public override string Name => "tipping";

    public override string Question => "Will it tip over in wind or under a hand?";

    public override Subject Subject => Subject.Hold;

    public override string Counts => "utilisation";

    public override string Slide => "footWidth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("dryMass", "Mass when dry", Unit.Kilogram, 0, 20_000, 140), Ask.Length("footWidth", "Foot, across its narrow way", .60, 5), Ask.Length("rimHeight", "Rim above the ground", .60, 5),
        Ask.Number("outline", "What the wind sees, with the plants", Unit.SquareMetre, 0, 20, .4), Ask.Length("windHeight", "Its middle above the ground", .70, 5), Ask.Gust(), new FlagInput("overPeople", "It could fall on people or from a height"),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var factors = CodeFactors.Of(handbook);
        Term gust = handbook.Term(Gusts.Of(v.Word("exposure"))), hand = handbook.Term(People.HandAtRim);
        var wind = Wind.Force(Wind.Pressure(gust.Value), v["outline"], handbook[Gusts.Drag], 1);
        double tips = LoadsBelow.Tipping(wind, v["windHeight"], hand.Value, v["rimHeight"]), holds = LoadsBelow.Righting(v["dryMass"], v["footWidth"], factors);
        Sum force = Sum.Of("Force of the gust", ".613 v² c A", [gust, handbook.Term(Gusts.Drag), v.Term("A", "outline")], wind, Unit.Newton, "EN 1991-1-4 (4.10)");
        Sum against = Sum.Of("Moment that keeps it upright", "γ m g b/2", [handbook.Term(CodeFactors.WeightCountedOnId), v.Term("m", "dryMass"), v.Term("b", "footWidth")], holds, Unit.NewtonMetre, "Moments about the edge of the foot", "Dry, when it is lightest");
        Sum tipping = Sum.Of("Moment that tips it", "F z + H h", [new("F", "wind", wind, Unit.Newton), v.Term("z", "windHeight"), hand with { Symbol = "H" }, v.Term("h", "rimHeight")], tips, Unit.NewtonMetre, "Moments about the edge of the foot");
        Sum sum = Sum.Of("How much of its hold is used", "tipping ÷ holding", [new("M_t", "moment that tips it", tips, Unit.NewtonMetre), new("M_h", "moment that keeps it upright", holds, Unit.NewtonMetre)], tips / holds, Unit.One, "EN 1990 table A1.2(A) for the weight");
        if (v.Flag("overPeople")) return Answer.Of(tipping).After(force).With(Check.AskAProfessional("tipping", "Over people", "Where it could fall on people or from a height, how it is held is for a qualified person to say.")) with { Value = null };
        return Answer.Of(sum, new("tipping", tips), new("righting", holds)).After(force, tipping, against).With(Check.Compare(
            "tipping", "Standing upright", LoadCase.Normal, tips, holds, Unit.NewtonMetre, "A wider foot, more weight low down, or a tie to something that stands.", null, [force, tipping, against],
            new Remedy("A foot at least this wide", v["footWidth"] * tips / holds, Unit.Metre, "footWidth"), new Remedy("At least this much dry mass", v["dryMass"] * tips / holds, Unit.Kilogram, "dryMass")).OrWhenSound("It stands, dry, in such a gust and with somebody leaning on it."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double b = v["footWidth"], h = v["rimHeight"], z = v["windHeight"];
        return new(
            "sum", "From the side, across its narrow way",
            [
                View.Box(0, 0, b, h, Ink.Plastic), View.Box(.05 * b, h * .3, .95 * b, h * .97, Ink.Soil), .. Enumerable.Range(0, 3).Select(i => new Disc(new(b * (.25 + .25 * i), h * 1.12), b * .16, Ink.Plant)),
                View.Segment(-b * .9, z, -b * .1, z, Ink.Line), new Note(new(-b * .6, z + h * .03), "wind", Ink.Line), View.GroundLine(-b * .3, b * 1.3),
            ],
            [Sketch.Under(0, b, 0, "footWidth"), Sketch.Down(b, 0, h, "rimHeight", .12 * h), Sketch.Up(-b * .9, 0, z, "windHeight")]);
    }
}
