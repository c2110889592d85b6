using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FreeFormVolume : VolumeCalculator
{
    private static readonly string[] Levels = ["foot", "belly", "rim"];

    public override string Name => "volume-free-form";

    public override string Question => "How much does a thing of no regular shape hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
    [
        new ChoiceInput("section", "From above it is", ["Ellipse", "Rectangle"]), Section("foot", "foot", .30, .25), Section("belly", "belly", .52, .44), Section("rim", "rim", .36, .32), Ask.Length("bellyHeight", "The belly above the foot", .25), Ask.Length("height", "Height inside", .55),
    ];

    protected override string Formula => "the parabola through three measured areas, added up to y";

    public override Vessel Shape(Values v) => new FreeForm([new(0, At(v, "foot")), new(v["bellyHeight"], At(v, "belly")), new(v["height"], At(v, "rim"))]);

    public override void CrossMeasures(Values v)
    {
        v.Refuse(v["bellyHeight"] > .95 * v["height"] || v["bellyHeight"] < .05 * v["height"], "bellyHeight", "The belly is measured between the foot and the rim.");
        if (v.Problems.Count > 0) return;
        var shape = (FreeForm)Shape(v);
        v.Group("belly").Refuse(Enumerable.Range(0, 65).Any(i => shape.AreaAt(shape.Height * i / 64) <= 0), "length", "Three widths this far apart make no vessel: measure the belly again, or pour buckets in.");
    }

    public override IReadOnlyList<Term> Terms(Values v) => [.. Levels.Select(l => new Term($"A_{l}", $"area at the {l}", At(v, l).Area, Unit.SquareMetre)), Of(v, "z", "bellyHeight", "height of the belly"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        double h = v["height"], length = Sketch.Widest(Shape(v), o => o.Length), width = Sketch.Widest(Shape(v), o => o.Width), x = length * 1.35;
        double[] heights = [0, v["bellyHeight"], h];
        return new(
            "sum", "From the side, and from the end",
            [.. Sketch.Vessel(Shape(v), level, Ink.Plastic), .. Sketch.Vessel(Shape(v), level, Ink.Plastic, o => o.Width, x)],
            [
                .. Levels.Select((l, i) => Sketch.Across(v.Group(l)["length"], length, heights[i], l + ".length", below: i == 0) with { Offset = i == 1 ? 0 : .06 }), .. Levels.Select((l, i) => Sketch.Across(v.Group(l)["width"], width, heights[i], l + ".width", x, below: i == 0) with { Offset = i == 1 ? 0 : .06 }),
                Sketch.Down(length, 0, h, "height"),
            ]);
    }

    private static GroupInput Section(string name, string level, double length, double width) => new(name, $"At the {level}", [Ask.Length("length", $"Length at the {level}", length), Ask.Length("width", $"Width at the {level}", width)]);

    private static Outline At(Values v, string level)
    {
        var g = v.Group(level);
        return v.Word("section") == "Ellipse" ? new EllipseOutline(g["length"], g["width"]) : new RectangleOutline(g["length"], g["width"]);
    }
}
