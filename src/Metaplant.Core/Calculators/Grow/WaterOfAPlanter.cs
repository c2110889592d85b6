using Metaplant.Core.Drawing;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class WaterOfAPlanter : Calculator
{
    private static readonly (string Flag, string Title, string Row)[] Exposures =
    [
        ("openWind", "In open wind", Drying.OpenWind), ("hotWall", "Dark or metal sides in afternoon sun", Drying.HotWall), ("porousWall", "Sides that breathe", Drying.PorousWall), ("mulched", "Mulched", Drying.Mulch),
    ];

    public override string Name => "daily-use";

    public override string Question => "How much water does this planter use in a day?";

    public override Subject Subject => Subject.Grow;

    public override IReadOnlyList<Onward> Onwards { get; } = [new("watering", "dailyUse"), new("top-dries", "dailyUse")];

    public override string Slide => "evapotranspiration";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        new ChoiceInput("crop", "Crop", Crops.Ids), Ask.Number("evapotranspiration", "What grass uses that day", Unit.MillimetrePerDay, 0, 15, 4.2), Ask.Number("canopy", "Spread of the leaves", Unit.SquareMetre, 0, 50, .28),
        Ask.Number("sun", "Part of the day’s sun it gets", Unit.One, 0, 1, 1).OrTypical(), .. Exposures.Select(e => new FlagInput(e.Flag, e.Title)),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        List<Term> factors = [.. Exposures.Where(e => v.Flag(e.Flag)).Select(e => handbook.Term(e.Row))];
        var kc = handbook.Term($"crop.{v.Word("crop")}.kc");
        var use = factors.Aggregate(kc.Value * v["evapotranspiration"] / 1000 * v["canopy"] * v["sun"], (u, f) => u * f.Value);
        return Answer.Of(
            Sum.Of("Water used in a day", "K_c ET₀ A × sun × what dries or keeps it", [kc, v.Term("ET₀", "evapotranspiration"), v.Term("A", "canopy"), v.Term("sun", "sun"), .. factors], use, Unit.CubicMetrePerDay, "FAO-56 ch. 6; the factors for containers are estimates", "In full leaf, with water at hand"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double across = 2 * Math.Sqrt(v["canopy"] / Math.PI), w = across * .7, h = w * .8;
        List<Shape> shapes = [View.Box(-w / 2, 0, w / 2, h, v.Flag("hotWall") ? Ink.Metal : v.Flag("porousWall") ? Ink.Fabric : Ink.Plastic), View.Box(-w / 2 * .94, h * .1, w / 2 * .94, h * .95, Ink.Soil)];
        if (v.Flag("mulched")) shapes.Add(View.Box(-w / 2 * .94, h * .86, w / 2 * .94, h * .95, Ink.Wood));
        shapes.AddRange(Enumerable.Range(0, 5).Select(i => new Disc(new(across * .4 * (i / 2.0 - 1), h + across * (i % 2 == 0 ? .16 : .26)), across * .15, Ink.Plant)));
        if (v.Flag("openWind")) shapes.AddRange(Enumerable.Range(0, 3).Select(i => View.Segment(-across * 1.1, h + across * .12 * (i + 1), -across * .65, h + across * .12 * (i + 1), Ink.Line)));
        return new("sum", "From the side; the leaves count, not the rim", [.. shapes, View.GroundLine(-across / 2, across / 2)], [Sketch.Along(-across / 2, across / 2, h + across * .45, null)]);
    }
}
