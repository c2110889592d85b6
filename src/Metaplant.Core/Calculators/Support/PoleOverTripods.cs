using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;

namespace Metaplant.Core.Calculators;

public sealed class PoleOverTripods : Calculator
{
    public override string Name => "ridge-sag";

    public override string Question => "How far apart stand the tripods under a ridge pole?";

    public override Subject Subject => Subject.Support;

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Number("load", "Plants on each metre, wet", Unit.NewtonPerMetre, 0, 2_000, 40), Ask.Length("span", "From tripod to tripod", 1.8, 10), Ask.Length("diameter", "Pole, across", .040, .3), new ChoiceInput("timber", "Wood", Timbers.Sawn)];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["diameter"] > v["span"] / 5, "diameter", "So thick for its span it is a log; it does not sag.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var timber = Timbers.Get(handbook, v.Word("timber"));
        var limit = handbook.Term(Practice.RidgeSag);
        double sag = Ridge.Sag(v["load"], v["span"], v["diameter"], timber.Modulus), most = Ridge.GreatestSpan(v["load"], v["diameter"], timber.Modulus, limit.Value);
        Sum sum = Sum.Of("Sag in the middle", "5 w L⁴ ÷ (384 E π d⁴/64)", [v.Term("w", "load"), v.Term("L", "span"), v.Term("d", "diameter"), handbook.Term($"timber.{timber.Id}.modulus")], sag, Unit.Metre, "Beam on two supports", "Pole laps lie over the tripods");
        return Answer.Of(sum, new Also("greatestSpan", most)).With(Check.Compare(
            "sag", "Sag of the ridge", LoadCase.Normal, sag, v["span"] / limit.Value, Unit.Metre, "A pole that sags slides its strings together.", null, [sum, Sum.Of("Sag allowed", "L ÷ limit", [v.Term("L", "span"), limit], v["span"] / limit.Value, Unit.Metre, "Looks, not strength")],
            new Remedy("Tripods no farther apart than", most, Unit.Metre, "span"), new Remedy("A pole at least this thick", v["diameter"] * Math.Pow(sag / (v["span"] / limit.Value), .25), Unit.Metre, "diameter")).OrWhenSound("The strings stay where they hang."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["span"], h = l * .8, sag = Math.Min(answer.Sum.Value, l / 6), d = v["diameter"];
        List<Geometry.Point> pole = [.. Enumerable.Range(0, 21).Select(i => new Geometry.Point(l * i / 20, h - sag * Math.Sin(Math.PI * i / 20)))];
        List<Shape> shapes = [new Polygon([.. pole, .. pole.AsEnumerable().Reverse().Select(p => new Geometry.Point(p.X, p.Y + d))], Ink.Wood)];
        foreach (var x in (double[])[0, l]) shapes.AddRange([Sketch.Bar(new(x - .12 * l, 0), new(x + .03 * l, h * 1.15), .022, Ink.Stick), Sketch.Bar(new(x + .12 * l, 0), new(x - .03 * l, h * 1.15), .022, Ink.Stick)]);
        shapes.AddRange(Enumerable.Range(1, 7).Select(i => View.Segment(l * i / 8, 0, l * i / 8, h - sag * Math.Sin(Math.PI * i / 8), Ink.Line)));
        return new("sum", "From the side", [.. shapes, View.GroundLine(-.12 * l, l * 1.12)], [Sketch.Under(0, l, 0, "span"), new(new(l / 2, h), new(l / 2, h - sag), .03, answer.Sum.Value)]);
    }
}
