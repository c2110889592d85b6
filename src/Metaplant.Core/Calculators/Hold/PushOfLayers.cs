using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PushOfLayers : Calculator
{
    private static readonly Input[] LayerFields = [new ChoiceInput("medium", "Soil", [.. Media.Names.Select(m => m.Id)]), Ask.Length("thickness", "Thickness", .20, 2)];

    public override string Name => "layered-pressure";

    public override string Question => "How hard does a fill in layers push on a wall?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "layers.0.thickness";

    public override IReadOnlyList<Input> Inputs { get; } = [new ListInput("layers", "Layers, the highest first", LayerFields, 1, 10), new ChoiceInput("wall", "The wall is", Enum.GetNames<WallKind>()), Ask.Surcharge()];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var media = v.List("layers").Select(l => Media.Find(handbook, l.Word("medium"))!).ToList();
        var fill = Fill(v, media);
        var layers = fill.Layers.Select((l, i) => (l, i)).SelectMany(x => (Term[])
        [
            new($"h{x.i + 1}", media[x.i].Name.ToLowerInvariant(), x.l.Thickness, Unit.Metre), new($"γ{x.i + 1}", "weight, moist", x.l.UnitWeight, Unit.NewtonPerCubicMetre), handbook.Term($"medium.{media[x.i].Id}.friction") with { Symbol = $"φ{x.i + 1}" },
        ]);
        Sum sum = Sum.Of(
            "Push on each metre of wall", "P = Σ (p_top + p_foot) h ÷ 2, p = K (Σ γ h + q)", [.. layers, new("q", "load on top", fill.Surcharge, Unit.Pascal)], fill.Resultant, Unit.NewtonPerMetre,
            fill.Wall == WallKind.Free ? "Rankine 1857, layer by layer" : "Jaky 1944, layer by layer", "Level layers at field capacity; the drain works", "Friction on the wall and cohesion are ignored");
        Answer answer = Answer.Of(sum, new("resultantHeight", fill.Height), new("footPressure", fill.Pressures[^1].Foot)).With(RetainedSoil.Judge(fill.Depth));
        return RetainedSoil.ForAProfessional(fill.Depth) ? answer with { Value = null } : answer;
    }

    protected override View Draw(Values v, Answer answer)
    {
        var media = v.List("layers").Select(l => Media.Find(v.Handbook, l.Word("medium"))!).ToList();
        var fill = Fill(v, media);
        double h = fill.Depth, most = fill.Pressures.Max(p => p.Foot), scale = .45 * h / most, top = h;
        List<Shape> shapes = [View.Box(-.06 * h, -.12 * h, 0, h * 1.08, Ink.Wood)];
        List<Dimension> dimensions = [];
        foreach (var (layer, i) in fill.Layers.Select((l, i) => (l, i)))
        {
            var foot = top - layer.Thickness;
            var (atTop, atFoot) = fill.Pressures[i];
            shapes.AddRange([View.Box(0, foot, h * 1.3, top, i % 2 == 0 ? Ink.Soil : Ink.WoodEnd), new Note(new(h * .65, (foot + top) / 2), media[i].Name, Ink.Line)]);
            shapes.Add(new Polygon([new(-.06 * h, top), new(-.06 * h, foot), new(-.06 * h - atFoot * scale, foot), new(-.06 * h - atTop * scale, top)], Ink.Pressure));
            dimensions.Add(Sketch.Down(h * 1.3, foot, top, $"layers.{i}.thickness"));
            top = foot;
        }

        return new("sum", "In section: the push jumps where one soil meets another", [.. shapes, View.GroundLine(-h * .6, h * 1.3)], dimensions);
    }

    private static LayeredFill Fill(Values v, List<Medium> media)
        => new([.. v.List("layers").Zip(media, (l, m) => new SoilLayer(l["thickness"], m.MoistUnitWeight, m.FrictionAngleDegrees))], Enum.Parse<WallKind>(v.Word("wall")), v.Or("surcharge", 0));
}
