using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>What one shape holds, filled to a level or to the rim.</summary>
public abstract class VolumeCalculator : Calculator
{
    protected const string Level = "fillHeight";

    public sealed override Subject Subject => Subject.Grow;

    /// <summary>The measures of the shape, without the level it is filled to.</summary>
    public abstract IReadOnlyList<Input> Measures { get; }

    public sealed override IReadOnlyList<Input> Inputs => [.. Measures, Ask.FillHeight()];

    protected abstract string Formula { get; }

    /// <summary>The shape; called once the measures have been read and can be together.</summary>
    public abstract Vessel Shape(Values v);

    /// <summary>Refuses measures that cannot be together.</summary>
    public virtual void CrossMeasures(Values v)
    {
    }

    public abstract IReadOnlyList<Term> Terms(Values v);

    /// <summary>The shape drawn with its soil, and its dimension lines.</summary>
    public abstract View Picture(Values v, double level);

    protected sealed override void Cross(Values v)
    {
        CrossMeasures(v);
        if (v.Problems.Count == 0 && v.Maybe(Level) is { } y) v.Refuse(y > Shape(v).Height * (1 + 1e-12), Level, $"It is only {Shape(v).Height:0.###} m deep.");
    }

    protected sealed override Answer Work(Values v, Handbook handbook)
    {
        var shape = Shape(v);
        var y = Math.Min(v.Or(Level, shape.Height), shape.Height);
        List<Also> also = [new("topArea", shape.AreaAt(y)), new("baseArea", shape.BaseArea), .. Further(v, shape, y)];
        return Answer.Of(
            Sum.Of("What it holds", Formula, [.. Terms(v), new("y", "filled to", y, Unit.Metre)], shape.VolumeTo(y), Unit.CubicMetre, "Geometry", "Measured inside"),
            also);
    }

    protected virtual IEnumerable<Also> Further(Values v, Vessel shape, double level) => [];

    protected sealed override View Draw(Values v, Answer answer)
    {
        var level = v.Or(Level, Shape(v).Height);
        var view = Picture(v, level);
        return v.Has(Level) && level > 0 ? view with { Dimensions = [.. view.Dimensions, new(new(-.02, 0), new(-.02, level), -.05, level, Level)] } : view;
    }

    /// <summary>A shape that is the same all round, from the side.</summary>
    protected View Side(Values v, double level, Ink ink, params IReadOnlyList<Dimension> dimensions) => new("sum", "From the side", [.. Sketch.Vessel(Shape(v), level, ink)], dimensions);

    protected static Term Of(Values v, string symbol, string name, string meaning) => new(symbol, meaning, v[name], Unit.Metre);
}

public sealed class RoundTubVolume : VolumeCalculator
{
    public override string Name => "volume-round-tub";

    public override string Question => "How much does a round tub hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
        [Ask.Length("topDiameter", "Across the top, inside", .60), Ask.Length("bottomDiameter", "Across the foot, inside", .48), Ask.Length("height", "Height inside", .42)];

    protected override string Formula => "V = π y/12 (D² + D d + d²), D at y";

    public override Vessel Shape(Values v) => new RoundTub(v["topDiameter"], v["bottomDiameter"], v["height"]);

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "D", "topDiameter", "across the top"), Of(v, "d", "bottomDiameter", "across the foot"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        double top = v["topDiameter"], foot = v["bottomDiameter"], widest = Math.Max(top, foot);
        return Side(v, level, Ink.Plastic, Sketch.Across(top, widest, v["height"], "topDiameter"), Sketch.Across(foot, widest, 0, "bottomDiameter", below: true), Sketch.Down(widest, 0, v["height"], "height"));
    }
}

public sealed class TaperedBoxVolume : VolumeCalculator
{
    public override string Name => "volume-tapered-box";

    public override string Question => "How much does a box with sloping sides hold?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
    [
        Ask.Length("topLength", "Length at the top", .56), Ask.Length("topWidth", "Width at the top", .36),
        Ask.Length("bottomLength", "Length at the foot", .50), Ask.Length("bottomWidth", "Width at the foot", .30), Ask.Length("height", "Height inside", .28),
    ];

    protected override string Formula => "V = y/6 (A₀ + 4 A½ + A_y)";

    public override Vessel Shape(Values v) => new TaperedBox(v["topLength"], v["topWidth"], v["bottomLength"], v["bottomWidth"], v["height"]);

    public override IReadOnlyList<Term> Terms(Values v) =>
        [Of(v, "L", "topLength", "length at the top"), Of(v, "W", "topWidth", "width at the top"), Of(v, "l", "bottomLength", "length at the foot"), Of(v, "w", "bottomWidth", "width at the foot"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        double length = Math.Max(v["topLength"], v["bottomLength"]), width = Math.Max(v["topWidth"], v["bottomWidth"]), x = length + .35 * length, h = v["height"];
        return new(
            "sum", "From the side, and from the end",
            [.. Sketch.Vessel(Shape(v), level, Ink.Plastic), .. Sketch.Vessel(Shape(v), level, Ink.Plastic, o => o.Width, x)],
            [
                Sketch.Across(v["topLength"], length, h, "topLength"), Sketch.Across(v["bottomLength"], length, 0, "bottomLength", below: true), Sketch.Down(length, 0, h, "height"),
                Sketch.Across(v["topWidth"], width, h, "topWidth", x), Sketch.Across(v["bottomWidth"], width, 0, "bottomWidth", x, below: true),
            ]);
    }
}

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

public sealed class HalfDrumVolume : VolumeCalculator
{
    public override string Name => "volume-half-drum";

    public override string Question => "How much does half a drum on its side hold?";

    public override string Slide => "diameter";

    public override IReadOnlyList<Input> Measures { get; } = [Ask.Length("diameter", "Across the drum, inside", .57), Ask.Length("length", "Length of the drum", .85)];

    protected override string Formula => "V = L (R² acos((R − y)/R) − (R − y) √(2 R y − y²))";

    public override Vessel Shape(Values v) => new HalfDrum(v["diameter"], v["length"]);

    public override IReadOnlyList<Term> Terms(Values v) => [new("R", "half the diameter", v["diameter"] / 2, Unit.Metre), Of(v, "L", "length", "length")];

    public override View Picture(Values v, double level)
    {
        double d = v["diameter"], l = v["length"], x = d * 1.35;
        return new(
            "sum", "From the end, and from the side",
            [.. Sketch.Vessel(Shape(v), level, Ink.Plastic, o => o.Width), .. Sketch.Vessel(new TaperedBox(l, 1, l, 1, d / 2), level, Ink.Plastic, x: x)],
            [Sketch.Along(0, d, d / 2, "diameter"), Sketch.Along(x, x + l, d / 2, "length")]);
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("surfaceWidth", ((HalfDrum)shape).WidthAt(level))];
}

public sealed class MeshRingVolume : VolumeCalculator
{
    public override string Name => "volume-mesh-ring";

    public override string Question => "How much does a ring bent from a sheet of mesh hold?";

    public override string Slide => "sheetLength";

    public override IReadOnlyList<Input> Measures { get; } = [Ask.Length("sheetLength", "Length of the sheet", 1.80), Ask.Length("overlap", "Overlap", .08), Ask.Length("height", "Height", .50)];

    protected override string Formula => "V = π D²/4 y, D = (sheet − overlap)/π";

    public override Vessel Shape(Values v) => CoredCylinder.MeshRing(v["sheetLength"], v["overlap"], v["height"]);

    public override void CrossMeasures(Values v) => v.Refuse(v["overlap"] >= v["sheetLength"], "overlap", "The overlap is as long as the sheet; nothing is left to bend.");

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "sheet", "sheetLength", "length of the sheet"), Of(v, "overlap", "overlap", "where its ends meet"), Of(v, "h", "height", "height")];

    public override View Picture(Values v, double level)
    {
        var d = ((CoredCylinder)Shape(v)).Diameter;
        return Side(v, level, Ink.Fabric, Sketch.Along(0, d, v["height"], null), Sketch.Down(d, 0, v["height"], "height"));
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("diameter", ((CoredCylinder)shape).Diameter)];
}

public sealed class SackVolume : VolumeCalculator
{
    public override string Name => "volume-sack";

    public override string Question => "How much does a sack hold, with or without a watering core?";

    public override string Slide => "height";

    public override IReadOnlyList<Input> Measures { get; } =
        [Ask.Length("flatWidth", "Width laid flat", .55), Ask.Length("height", "Height standing filled", .80), Ask.Length("coreDiameter", "Across the core", .10).OrNone()];

    protected override string Formula => "V = π/4 (D² − d_core²) y, D = 2 flat/π";

    public override Vessel Shape(Values v) => CoredCylinder.Sack(v["flatWidth"], v["height"], v.Or("coreDiameter", 0));

    public override void CrossMeasures(Values v)
        => v.Refuse(v.Or("coreDiameter", 0) >= 2 * v["flatWidth"] / Math.PI, "coreDiameter", "The core is as wide as the sack; no room is left for soil.");

    public override IReadOnlyList<Term> Terms(Values v) => [Of(v, "flat", "flatWidth", "width laid flat"), Of(v, "h", "height", "height filled"), new("d_core", "across the core", v.Or("coreDiameter", 0), Unit.Metre)];

    public override View Picture(Values v, double level)
    {
        double d = ((CoredCylinder)Shape(v)).Diameter, core = v.Or("coreDiameter", 0);
        var view = Side(v, level, Ink.Fabric, Sketch.Along(0, d, v["height"], null), Sketch.Down(d, 0, v["height"], "height"));
        return core == 0 ? view : view with
        {
            Shapes = [.. view.Shapes, View.Box((d - core) / 2, 0, (d + core) / 2, Math.Max(level, .01), Ink.Metal)],
            Dimensions = [.. view.Dimensions, Sketch.Under((d - core) / 2, (d + core) / 2, 0, "coreDiameter")],
        };
    }

    protected override IEnumerable<Also> Further(Values v, Vessel shape, double level) => [new("diameter", ((CoredCylinder)shape).Diameter)];
}

/// <summary>The level that a volume fills a shape to: any of the volumes, backwards.</summary>
public sealed class FillHeight : Calculator
{
    private const string Prefix = "volume-";

    private static readonly ChoiceInput ShapeInput = new("shape", "Shape", [.. CalculatorShapes().Select(c => c.Name[Prefix.Length..])]);

    private static readonly NumberInput VolumeInput = Ask.Number("volume", "Volume to put in", Unit.CubicMetre, 0, 100, .060);

    public override string Name => "fill-height";

    public override string Question => "How high will this much soil stand?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "volume";

    public override IReadOnlyList<Input> Inputs { get; } = [ShapeInput, VolumeInput];

    public override IReadOnlyList<Input> InputsFor(GivenFields given)
        => given.Fields.GetValueOrDefault(ShapeInput.Name) is GivenText { Value: var word } && ShapeInput.Options.Contains(word) ? [.. Inputs, .. Of(word).Measures] : Inputs;

    protected override void Cross(Values v)
    {
        var calculator = Of(v.Word("shape"));
        calculator.CrossMeasures(v);
        if (v.Problems.Count > 0) return;
        var most = calculator.Shape(v).Volume;
        v.Refuse(v["volume"] > most * (1 + 1e-12), "volume", $"It holds only {most * 1000:0.#} litres.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var calculator = Of(v.Word("shape"));
        var shape = calculator.Shape(v);
        var y = shape.HeightFor(v["volume"])!.Value;
        return Answer.Of(Sum.Of(
            "How high it stands", "y where V(y) is the volume put in", [new("V", "volume put in", v["volume"], Unit.CubicMetre), .. calculator.Terms(v)], y, Unit.Metre,
            "Geometry, solved backwards by bisection to 1 nm", "Measured inside"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var view = Of(v.Word("shape")).Picture(v, answer.Sum.Value);
        return view with { Dimensions = [.. view.Dimensions, new(new(-.02, 0), new(-.02, answer.Sum.Value), -.05, answer.Sum.Value)] };
    }

    // Made anew here, since the shelf of all calculators holds this one too.
    private static IEnumerable<VolumeCalculator> CalculatorShapes()
        => [new RoundTubVolume(), new TaperedBoxVolume(), new RoundedTroughVolume(), new HalfDrumVolume(), new MeshRingVolume(), new SackVolume()];

    private static VolumeCalculator Of(string shape) => CalculatorShapes().First(c => c.Name == Prefix + shape);
}
