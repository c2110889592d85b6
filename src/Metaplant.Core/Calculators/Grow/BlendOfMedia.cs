using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

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
        var blend = Blend.Of(parts, handbook[Practice.LossOnMixing]);
        return Answer.Of(
            Sum.Of(
                "Dry density of the blend", "ρ = Σ p ρ ÷ ((1 − l) Σ p)",
                [.. parts.SelectMany((p, i) => (Term[])[new($"p{i + 1}", p.Medium.Name.ToLowerInvariant(), p.Parts, Unit.One), new($"ρ{i + 1}", "its dry density", p.Medium.DryDensity, Unit.KilogramPerCubicMetre, $"medium.{p.Medium.Id}.dry")]), handbook.Term(Practice.LossOnMixing)],
                blend.DryDensity, Unit.KilogramPerCubicMetre, "Weighted by volume; an estimate", "Volume is lost on mixing, out of the pores", "A single medium is not mixed and loses nothing"),
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
            shapes.Add(new Note(new(x + width / 2, .34), $"{(int)Math.Round(width * 100)} %", Ink.Line));
            x += width;
        }

        double solid = 1 - answer.Get<double>("porosity"), held = answer.Get<double>("fieldCapacity");
        shapes.AddRange([View.Box(0, -.5, 1, -.5 + .3 * solid, Ink.Soil), View.Box(0, -.5 + .3 * solid, 1, -.5 + .3 * (solid + held), Ink.Water), View.Box(0, -.5 + .3 * (solid + held), 1, -.2, Ink.Plastic)]);
        shapes.AddRange([new Note(new(.5, -.5 + .15 * solid), "grains", Ink.Line), new Note(new(.5, -.5 + .3 * solid + .15 * held), "water it keeps", Ink.Line), new Note(new(.5, -.2), "air", Ink.Line)]);
        return new("sum", "The parts above; what the blend is made of below", shapes, []);
    }
}
