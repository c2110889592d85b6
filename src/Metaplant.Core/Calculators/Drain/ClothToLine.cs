using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class ClothToLine : Calculator
{
    public override string Name => "liner";

    public override string Question => "How much cloth or film lines a planter?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "height";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Outline("outline", "The inside from above"), Ask.Length("height", "Height of the soil", .40, 3), new FlagInput("foot", "Over the foot as well, in one piece", true)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var o = v.Outline("outline");
        var lap = handbook.Term(Practice.LinerLap);
        var round = o is CircleOutline;
        var perimeter = round ? Math.PI * o.Length : 2 * (o.Length + o.Width);
        var foot = v.Flag("foot");
        var area = foot ? Liner.Whole(o.Length, o.Width, v["height"], lap.Value) : Liner.Walls(perimeter, v["height"], lap.Value);
        var cloth = Sum.Of(
            "Cloth to cut", foot ? "(a + 2 h + 2 l)(b + 2 h + 2 l)" : "(perimeter + l)(h + l)",
            [.. foot ? (Term[])[new("a", "length", o.Length, Unit.Metre), new("b", "width", o.Width, Unit.Metre)] : [new("perimeter", "round the inside", perimeter, Unit.Metre)], v.Term("h", "height"), lap], area, Unit.SquareMetre, "Geometry, unfolded",
            foot ? "Folded at the corners like a parcel, never cut there; holes over the outlets are pierced last" : "Turned in at the foot and lapped where the ends meet");
        return Answer.Of(cloth, new("cutLength", foot ? o.Length + 2 * v["height"] + 2 * lap.Value : perimeter + lap.Value), new("cutWidth", foot ? o.Width + 2 * v["height"] + 2 * lap.Value : v["height"] + lap.Value));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = answer.Get<double>("cutLength"), w = answer.Get<double>("cutWidth");
        var o = v.Outline("outline");
        var foot = v.Flag("foot");
        List<Shape> shapes = [View.Box(-l / 2, -w / 2, l / 2, w / 2, Ink.Fabric)];
        if (foot) shapes.Add(new Polygon(o.ToPolygon(), Ink.Soil));
        return new("sum", "The cloth laid flat", shapes, [Sketch.Along(-l / 2, l / 2, w / 2, null), Sketch.Down(l / 2, -w / 2, w / 2, null), .. foot ? OutlineSketch.Dimensions("outline", o) : []]);
    }
}
