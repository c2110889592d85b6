using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class RoundedTroughVolume : VolumeCalculator
{
    private static readonly string[] Levels = ["bottom", "middle", "top"];

    public override string Name => "volume-rounded-trough";

    public override string Question => "How much does a trough with rounded corners hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
        [Section("bottom", "At the foot", 1.20, .45, .15), Section("middle", "Half way up", 1.35, .55, .20), Section("top", "At the rim", 1.50, .65, .25), Ask.Length("height", "Height inside", .38)];

    protected override string Formula => "A = L W − (4 − π) r², the parabola through three levels";

    public override Vessel Shape(Values v) => new RoundedTrough(Outline(v, "bottom"), Outline(v, "middle"), Outline(v, "top"), v["height"]);

    public override void CrossMeasures(Values v)
    {
        foreach (var level in Levels)
        {
            var g = v.Group(level);
            g.Refuse(2 * g["cornerRadius"] > Math.Min(g["length"], g["width"]) + 1e-12, "cornerRadius", "The rounded corners would meet: the radius can be at most half the shorter side.");
        }

        // Three sections far from any trough would give a parabola that dips below nothing.
        if (v.Problems.Count > 0) return;
        var shape = Shape(v);
        v.Group("middle").Refuse(Enumerable.Range(0, 65).Any(i => shape.AreaAt(shape.Height * i / 64) <= 0), "length", "Beside the foot and the rim it cannot be this small half way up.");
    }

    public override IReadOnlyList<Term> Terms(Values v) =>
    [
        .. Levels.Select(l => new Term($"A_{l}", $"area at the {l}", Outline(v, l).Area, Unit.SquareMetre)), Of(v, "h", "height", "height"),
    ];

    public override View Picture(Values v, double level)
    {
        double h = v["height"], length = Levels.Max(l => v.Group(l)["length"]), width = Levels.Max(l => v.Group(l)["width"]), x = length * 1.3;
        return new(
            "sum", "From the side, and from the end",
            [.. Sketch.Vessel(Shape(v), level, Ink.Metal), .. Sketch.Vessel(Shape(v), level, Ink.Metal, o => o.Width, x)],
            [
                .. Levels.Select((l, i) => Sketch.Across(v.Group(l)["length"], length, h * i / 2, l + ".length", below: i == 0) with { Offset = i == 1 ? 0 : .06 }),
                .. Levels.Select((l, i) => Sketch.Across(v.Group(l)["width"], width, h * i / 2, l + ".width", x, below: i == 0) with { Offset = i == 1 ? 0 : .06 }),
                Sketch.Down(length, 0, h, "height"),
            ]);
    }

    private static GroupInput Section(string name, string title, double length, double width, double radius)
        => new(name, title, [Ask.Length("length", "Length", length), Ask.Length("width", "Width", width), Ask.Length("cornerRadius", "Corner radius", radius)]);

    private static RectangleOutline Outline(Values v, string level) => new(v.Group(level)["length"], v.Group(level)["width"], v.Group(level)["cornerRadius"]);
}
