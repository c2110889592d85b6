using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PlantsInABed : Calculator
{
    /// <summary>More than this nobody sets out by hand.</summary>
    private const int Most = 5_000;

    public override string Name => "plants-that-fit";

    public override string Question => "How many plants fit, and where do they stand?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "count";

    public override IReadOnlyList<Onward> Onwards { get; } = [new("crop-yield", "plants")];

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("outline", "The area to plant"), Ask.Length("spacing", "Between plants", .25, 5), Ask.Length("rowSpacing", "Between rows", .25, 5).OrNone(),
        new NumberInput("edgeMargin", "Clear of the edge", Unit.Metre, 0, 5, .1, Optional: true),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        var rows = v.Or("rowSpacing", v["spacing"]);
        var o = v.Outline("outline");
        v.Refuse(Math.Max(Places(o.Length, o.Width), Places(o.Width, o.Length)) > Most, "spacing", $"So close, more than {Most} would fit; nobody sets those out one by one.");

        double Places(double along, double across) => (along / v["spacing"] + 1) * (across / rows + 1);
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        double spacing = v["spacing"], rows = v.Or("rowSpacing", spacing), margin = v.Or("edgeMargin", spacing / 2);
        var layout = PlantsThatFit.Layout(v.Outline("outline"), spacing, rows, margin);
        return Answer.Of(
            Sum.Of(
                "Plants that fit", "the fuller of square and offset rows, both ways round",
                [
                    new("A", "area", v.Outline("outline").Area, Unit.SquareMetre), new("s", "between plants", spacing, Unit.Metre), new("r", "between rows", rows, Unit.Metre), new("e", "clear of the edge", margin, Unit.Metre),
                ],
                layout.Count, Unit.Count, "Best of many shifts of both lattices; never above Oler's bound (1961)", "Centres, each clear of the edge by e"),
            new("pattern", layout.Pattern.ToString()), new("positions", layout.Positions));
    }

    protected override View Draw(Values v, Answer answer)
    {
        const int MostDrawn = 600;
        var o = v.Outline("outline");
        var size = Math.Min(v["spacing"], v.Or("rowSpacing", v["spacing"]));
        return new("sum", "From above", [new Polygon(o.ToPolygon(), Ink.Soil), .. answer.Get<IReadOnlyList<Point>>("positions").Take(MostDrawn).Select(p => new Disc(p, size * .46, Ink.Plant))], [.. OutlineSketch.Dimensions("outline", o)]);
    }
}
