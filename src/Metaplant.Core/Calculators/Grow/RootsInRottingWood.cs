using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Settling;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class RootsInRottingWood : Calculator
{
    private const int Years = 5;

    public override string Name => "rooting-by-year";

    public override string Question => "How much deeper can roots go as buried wood rots?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "years";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        new ChoiceInput("wood", "Wood at the foot", [nameof(Fill.Logs), nameof(Fill.Sticks), nameof(Fill.Woodchip)]), Ask.Length("woodThickness", "Layer of wood", .25, 2), Ask.Length("soilThickness", "Soil above it", .25, 2), new NumberInput("years", "After", Unit.Year, 0, 30, 2, ZeroAllowed: true),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var layers = Layers(v);
        var wood = layers[0].Fill;
        return Answer.Of(
            Sum.Of(
                "Depth that roots can use", "soil left + wood left × (1 − e^(−k t))",
                [v.Term("T_s", "soilThickness"), v.Term("T_w", "woodThickness"), v.Term("t", "years"), handbook.Term(Fills.Id(wood, "rate")), handbook.Term(Fills.Id(wood, "lost")), handbook.Term(Fills.Id(Fill.Topsoil, "rate")), handbook.Term(Fills.Id(Fill.Topsoil, "lost"))],
                Settlement.Rootable(v["years"], layers, handbook), Unit.Metre, "First-order rotting; rates are estimates that your own log corrects", "Not topped up", "Feed nitrogen in the first years: rotting wood takes it"),
            new("byYear", Enumerable.Range(1, Years).Select(y => Settlement.Rootable(y, layers, handbook)).ToList()), new("sunk", Settlement.After(v["years"], layers, handbook)));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double wood = v["woodThickness"], soil = v["soilThickness"], w = (wood + soil) * 1.2, sunk = answer.Get<double>("sunk"), usable = answer.Sum.Value, top = wood + soil - sunk;
        return new(
            "sum", "In section: the fill as it stands then, and how far down roots go",
            [
                View.Box(0, 0, w, Math.Max(0, top - Settled(v)), Ink.WoodEnd), View.Box(0, Math.Max(0, top - Settled(v)), w, top, Ink.Soil), View.Segment(0, wood + soil, w, wood + soil, Ink.Hidden), .. Enumerable.Range(0, 5).Select(i => View.Segment(w * (i + 1) / 6, top, w * (i + .7 + .12 * i) / 6, Math.Max(0, top - usable), Ink.Plant)),
                new Disc(new(w / 2, top + .09 * w), .09 * w, Ink.Plant), View.GroundLine(0, w),
            ],
            [new(new(w, top), new(w, Math.Max(0, top - usable)), .05, usable)]);
    }

    private static double Settled(Values v) => v["soilThickness"] - Settlement.After(v["years"], [new(Fill.Topsoil, v["soilThickness"])], v.Handbook);

    private static List<Layer> Layers(Values v) => [new(Enum.Parse<Fill>(v.Word("wood")), v["woodThickness"]), new(Fill.Topsoil, v["soilThickness"])];
}
