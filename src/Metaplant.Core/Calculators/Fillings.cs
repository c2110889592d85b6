using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
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

public sealed class NitrogenHeld : Calculator
{
    public override string Name => "nitrogen-hold";

    public override string Question => "How much nitrogen will wood in the fill take?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "dryMass";

    public override IReadOnlyList<Input> Inputs { get; } =
        [Ask.Number("dryMass", "Dry mass of the wood", Unit.Kilogram, 0, 10_000, 20), new ChoiceInput("fill", "Wood", [.. Enum.GetValues<Fill>().Where(f => Fills.Rots(f) is not null).Select(f => f.ToString())])];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var rots = handbook.Term(Fills.Rots(Enum.Parse<Fill>(v.Word("fill")))!);
        Term carbon = handbook.Term(Fills.Carbon), use = handbook.Term(Fills.CarbonUse), ratio = handbook.Term(Fills.MicrobeRatio), own = handbook.Term(Fills.Nitrogen);
        return Answer.Of(Sum.Of(
            "Nitrogen held in the first year", "N = m r (C e/CN − N_wood)", [new("m", "dry mass", v["dryMass"], Unit.Kilogram), rots, carbon, use, ratio, own],
            NitrogenHold.InFirstYear(v["dryMass"], rots.Value, carbon.Value, use.Value, ratio.Value, own.Value), Unit.Kilogram,
            "Nitrogen balance of decomposers, Parton et al. 2007", "It comes back when the wood has rotted", "Feed that much more, or keep wood deep below the roots"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        // As a stack of logs 0.2 m thick and 0.5 m long, of 450 kg/m³.
        var side = Math.Sqrt(v["dryMass"] / 450 / .6 / .5);
        const double D = .2;
        var n = Math.Max(1, (int)Math.Round(side / D));
        return new("sum", "As a stack of logs half a metre long", [.. from row in Enumerable.Range(0, n) from i in Enumerable.Range(0, n) select new Disc(new((i + .5) * D, (row + .5) * D), D / 2, Ink.WoodEnd), View.GroundLine(0, n * D)], []);
    }
}

public sealed class BlendOfMedia : Calculator
{
    private static readonly Input[] PartFields = [new ChoiceInput("medium", "Medium", [.. Media.Names.Select(m => m.Id)]), Ask.Number("parts", "Parts", Unit.One, 0, 1000, 1)];

    public override string Name => "blend";

    public override string Question => "What comes of mixing these?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "parts.0.parts";

    public override IReadOnlyList<Input> Inputs { get; } = [new ListInput("parts", "Parts by volume", PartFields, 1, 12)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var parts = v.List("parts").Select(p => new BlendPart(Media.Find(handbook, p.Word("medium"))!, p["parts"])).ToList();
        var blend = Blend.Of(parts);
        return Answer.Of(
            Sum.Of(
                "Dry density of the blend", "ρ = Σ p ρ ÷ (0.95 Σ p)",
                [.. parts.SelectMany((p, i) => (Term[])[new($"p{i + 1}", p.Medium.Name.ToLowerInvariant(), p.Parts, Unit.One), new($"ρ{i + 1}", "its dry density", p.Medium.DryDensity, Unit.KilogramPerCubicMetre, $"medium.{p.Medium.Id}.dry")])],
                blend.DryDensity, Unit.KilogramPerCubicMetre, "Weighted by volume; an estimate", "5 % of the volume is lost on mixing, out of the pores", "A single medium is not mixed and loses nothing"),
            new("saturatedDensity", blend.SaturatedDensity), new("porosity", blend.Porosity), new("fieldCapacity", blend.FieldCapacity), new("wiltingPoint", blend.WiltingPoint), new("conductivity", blend.Conductivity));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var parts = v.List("parts");
        var all = parts.Sum(p => p["parts"]);
        var shapes = new List<Shape>();
        double x = 0;
        foreach (var p in parts)
        {
            var width = p["parts"] / all;
            shapes.Add(View.Box(x, 0, x + width, .3, p.Word("medium") is "coarse-gravel" or "loamy-sand" ? Ink.Wood : p.Word("medium") is "finished-compost" or "potting-mix" ? Ink.Soil : Ink.WoodEnd));
            shapes.Add(new Note(new(x + width / 2, .34), $"{width * 100:0} %", Ink.Line));
            x += width;
        }

        double solid = 1 - answer.Get<double>("porosity"), held = answer.Get<double>("fieldCapacity");
        shapes.AddRange([View.Box(0, -.5, 1, -.5 + .3 * solid, Ink.Soil), View.Box(0, -.5 + .3 * solid, 1, -.5 + .3 * (solid + held), Ink.Water), View.Box(0, -.5 + .3 * (solid + held), 1, -.2, Ink.Plastic)]);
        shapes.AddRange([new Note(new(.5, -.5 + .15 * solid), "grains", Ink.Line), new Note(new(.5, -.5 + .3 * solid + .15 * held), "water it keeps", Ink.Line), new Note(new(.5, -.2), "air", Ink.Line)]);
        return new("sum", "The parts above; what the blend is made of below", shapes, []);
    }
}

public sealed class BagsForABed : Calculator
{
    public override string Name => "bags";

    public override string Question => "How many bags fill this bed?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "bags";

    public override string Slide => "fillDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("outline", "The bed inside"), Ask.Length("fillDepth", "Depth to fill", .3, 3), Ask.Number("bag", "Litres in a bag", Unit.CubicMetre, 0, 2, .040), new FlagInput("mulch", "It is mulch or leaves"),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double placed = v.Outline("outline").Area * v["fillDepth"], loose = Order.Loose(placed, v.Flag("mulch"));
        return Answer.Of(
            Sum.Of(
                "Bags to fetch", "n = ⌈A z × k ÷ bag⌉",
                [
                    new("A", "area inside", v.Outline("outline").Area, Unit.SquareMetre), new("z", "depth", v["fillDepth"], Unit.Metre),
                    new("k", "loose over placed", v.Flag("mulch") ? Order.MulchOverPlaced : Order.SoilOverPlaced, Unit.One), new("bag", "in a bag", v["bag"], Unit.CubicMetre),
                ],
                Order.Bags(loose, v["bag"]), Unit.Count, "Soil is sold loose and goes down by 15 % when placed, mulch by 30 %", "Estimates"),
            new("placed", placed), new("loose", loose));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var o = v.Outline("outline");
        return new(
            "sum", "The bed from above, and its depth",
            [new Polygon([.. o.ToPolygon().Select(p => p + new Point(o.Length / 2, o.Width / 2))], Ink.Soil), View.Box(0, -.35 - v["fillDepth"], o.Length, -.35, Ink.Soil), View.Segment(-.05, -.35 - v["fillDepth"], o.Length + .05, -.35 - v["fillDepth"], Ink.Ground)],
            [.. OutlineSketch.Dimensions("outline", o, o.Length / 2, o.Width / 2), Sketch.Down(o.Length, -.35 - v["fillDepth"], -.35, "fillDepth")]);
    }
}

/// <summary>The dimension lines of a rectangle or circle asked for by <see cref="Ask.Outline"/>.</summary>
internal static class OutlineSketch
{
    public static IEnumerable<Dimension> Dimensions(string name, Outline o, double cx = 0, double cy = 0)
    {
        yield return Sketch.Along(cx - o.Length / 2, cx + o.Length / 2, cy + o.Width / 2, o is CircleOutline ? name + ".diameter" : name + ".length");
        if (o is not CircleOutline) yield return Sketch.Down(cx + o.Length / 2, cy - o.Width / 2, cy + o.Width / 2, name + ".width");
    }
}
