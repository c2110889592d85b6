using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class Sinking : Calculator
{
    private static readonly Input[] LayerFields =
    [
        new ChoiceInput("fill", "Fill", Enum.GetNames<Fill>()), Ask.Length("thickness", "Thickness as placed", .2, 3), new FlagInput("firmed", "Firmed and wetted", true),
    ];

    public override string Name => "settling";

    public override string Question => "How far will the fill sink?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "years";

    public override IReadOnlyList<Input> Inputs { get; } =
        [new ListInput("layers", "Layers, the lowest first", LayerFields, 1, 20), new NumberInput("years", "After", Unit.Year, 0, 30, 1, ZeroAllowed: true)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var layers = Layers(v);
        var years = v["years"];
        var terms = layers.SelectMany((layer, i) => Terms(layer, i + 1, handbook)).ToList();
        var sum = Sum.Of(
            "How far it sinks", "S = Σ T (c + (1 − c) f (1 − e^(−k t)))", [new("t", "time", years, Unit.Year), .. terms],
            Settlement.After(years, layers, handbook), Unit.Metre, "First-order rotting; rates are estimates that your own log corrects", "c counts only where a layer was placed loose");
        return Answer.Of(sum, new("topUps", Settlement.TopUps(years, layers, handbook)), new("atOnce", Settlement.After(0, layers, handbook)));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const double Width = .9;
        var shapes = new List<Shape>();
        var dimensions = new List<Dimension>();
        double y = 0;
        foreach (var (layer, i) in Layers(v).Select((l, i) => (l, i)))
        {
            shapes.Add(View.Box(0, y, Width, y + layer.Thickness, InkOf(layer.Fill)));
            shapes.Add(new Note(new(Width / 2, y + layer.Thickness / 2), layer.Fill.Words(), Ink.Line));
            dimensions.Add(Sketch.Down(Width, y, y + layer.Thickness, $"layers.{i}.thickness"));
            y += layer.Thickness;
        }

        shapes.Add(View.Segment(-.03, y - answer.Sum.Value, Width + .03, y - answer.Sum.Value, Ink.Sinking));
        shapes.Add(View.Segment(-.05, 0, -.05, y, Ink.Hidden));
        shapes.Add(View.GroundLine(0, Width));
        dimensions.Add(new(new(0, y - answer.Sum.Value), new(0, y), .08, answer.Sum.Value));
        return new("sum", "The fill in section; the line is where it will stand", shapes, dimensions);
    }

    private static List<Layer> Layers(Values v) => [.. v.List("layers").Select(l => new Layer(Enum.Parse<Fill>(l.Word("fill")), l["thickness"], l.Flag("firmed")))];

    private static IEnumerable<Term> Terms(Layer layer, int number, Handbook handbook)
    {
        var s = Fills.Sinking(handbook, layer.Fill);
        yield return new($"T{number}", layer.Fill.Words().ToLowerInvariant(), layer.Thickness, Unit.Metre);
        yield return new($"f{number}", "lost in the end", s.Lost, Unit.One, Fills.Id(layer.Fill, "lost"));
        yield return new($"k{number}", "how fast", s.Rate, Unit.PerYear, Fills.Id(layer.Fill, "rate"));
        if (!layer.Firmed && s.AtOnce > 0) yield return new($"c{number}", "lost at once", s.AtOnce, Unit.One, Fills.Id(layer.Fill, "at-once"));
    }

    private static Ink InkOf(Fill fill) => fill switch
    {
        Fill.Logs or Fill.Sticks or Fill.Woodchip => Ink.WoodEnd,
        Fill.Straw or Fill.Leaves or Fill.GreenWaste => Ink.Wood,
        _ => Ink.Soil,
    };
}
