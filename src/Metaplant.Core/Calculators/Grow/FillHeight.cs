using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

/// <summary>The level that a volume fills a shape to: any of the volumes, backwards.</summary>
public sealed class FillHeight : Calculator
{
    private const string Prefix = "volume-";

    // Made here, since the shelf of all calculators holds this one too.
    private static readonly VolumeCalculator[] Shapes =
        [new RoundTubVolume(), new TaperedBoxVolume(), new RoundedTroughVolume(), new HalfDrumVolume(), new MeshRingVolume(), new SackVolume(), new TyreVolume(), new FreeFormVolume()];

    private static readonly ChoiceInput ShapeInput = new("shape", "Shape", [.. Shapes.Select(c => c.Name[Prefix.Length..])]);

    private static readonly NumberInput VolumeInput = Ask.Number("volume", "Volume to put in", Unit.CubicMetre, 0, 100, .060);

    public override string Name => "fill-height";

    public override string Question => "How high will this much soil stand?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "volume";

    public override IReadOnlyList<Input> Inputs { get; } = [ShapeInput, VolumeInput];

    public override IReadOnlyList<Input> InputsFor(GivenFields given)
        => given.Fields.GetValueOrDefault(ShapeInput.Name) is GivenText { Value: var word } && ShapeInput.Options.Contains(word) ? [.. Inputs, .. Of(word).Measures] : Inputs;

    protected override void Cross(Values v, Handbook handbook)
    {
        var calculator = Of(v.Word("shape"));
        calculator.CrossMeasures(v);
        if (v.Problems.Count > 0) return;
        var most = calculator.Shape(v).Volume;
        v.Refuse(v["volume"] > most * (1 + 1e-12), "volume", $"It holds only {Amount.Volume(most)}.");
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

    private static VolumeCalculator Of(string shape) => Array.Find(Shapes, c => c.Name == Prefix + shape)!;
}
