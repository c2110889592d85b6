using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FilterOverAnOutlet : Calculator
{
    public override string Name => "outlet-filter";

    public override string Question => "What keeps soil out of an outlet?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "grain";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Length("outletDiameter", "Outlet, across", .040, .3), Ask.Length("grain", "Grain that 85 % of the soil is finer than", .002, .05)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var openings = Outlet.FilterOpenings(v["outletDiameter"], v["grain"]);
        var wide = handbook[Practice.FilterAcross] * v["outletDiameter"];
        return Answer.Of(
            Sum.Of("Finest opening, against the soil", "at most D₈₅ of the soil", [v.Term("D₈₅", "grain"), v.Term("d", "outletDiameter")], openings[^1], Unit.Metre, "Terzaghi’s filter rule: openings not above D₈₅ hold the soil back", "Mesh or stones, coarse over the outlet and finer outside"),
            new("openings", openings), new("filterWidth", wide), new("layers", openings.Count))
            .After(Sum.Of("How wide it lies", "n d", [handbook.Term(Practice.FilterAcross), v.Term("d", "outletDiameter")], wide, Unit.Metre, "Practice"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var openings = answer.Get<IReadOnlyList<double>>("openings");
        double wide = answer.Get<double>("filterWidth"), d = v["outletDiameter"], layer = wide / 6;
        List<Shape> shapes = [View.Box(-wide, 0, wide, layer * (openings.Count + 2), Ink.Soil)];
        for (var i = openings.Count - 1; i >= 0; i--)
        {
            // Each layer is a bowl over the one inside it.
            double half = wide / 2 * (i + 1) / openings.Count, top = layer * (i + 1), r = Math.Max(openings[i] / 2, wide / 90);
            shapes.Add(View.Box(-half, 0, half, top, Ink.WoodEnd));
            shapes.AddRange(Enumerable.Range(0, 60).Select(n => -half + r + n * 2.4 * r).Where(x => x <= half - r).Select(x => new Disc(new(x, top - r), r, Ink.Metal)));
        }

        shapes.AddRange([View.Box(-wide, -.02 * wide, wide, 0, Ink.Metal), View.Box(-d / 2, -.12 * wide, d / 2, 0, Ink.Water)]);
        return new("sum", "The outlet in section, coarse inside and fine outside", shapes, [Sketch.Along(-wide / 2, wide / 2, layer * openings.Count, null), Sketch.Under(-d / 2, d / 2, -.12 * wide, "outletDiameter")]);
    }
}
