using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HolesInAFoot : Calculator
{
    private const int Most = 2_000;

    public override string Name => "hole-grid";

    public override string Question => "How many holes, and where?";

    public override Subject Subject => Subject.Drain;

    public override string Counts => "count";

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("base", "The foot inside"), Ask.Length("spacing", "No farther apart than", .19, 5), Ask.Length("holeDiameter", "Hole", .010, .5).OrNoneFromTypical(),
        Ask.Whole("packers", "Packers under it", 1, 20, 3).OrNone(), Ask.Length("packerWidth", "A packer, across", .045, .5).OrTypical(),
        new ListInput("keepClear", "Places to keep clear of", [Ask.Number("x", "From the middle, along", Unit.Metre, -20, 20, .1), Ask.Number("y", "From the middle, across", Unit.Metre, -20, 20, .1), Ask.Length("radius", "Radius", .04, 20)], 0, 20),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        var foot = v.Outline("base");
        v.Refuse((foot.Length / v["spacing"] + 1) * (foot.Width / v["spacing"] + 1) > Most, "spacing", $"So close there would be over {Most} holes and no floor left.");
        if (v.Has("packers"))
        {
            v.Refuse(!v.Has("holeDiameter"), "holeDiameter", "Holes dodge the packers by their width, so it is needed.");
            v.Refuse(v.Whole("packers") * v["packerWidth"] >= foot.Length, "packers", "So many leave no floor between them.");
            v.Refuse(v.List("keepClear").Count > 0, "keepClear", "Packers and other places to keep clear of are not worked together. Leave one of the two out.");
        }

        v.Refuse(v.Has("holeDiameter") && v["holeDiameter"] >= v["spacing"], "holeDiameter", "Holes as wide as they are apart leave no floor.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var foot = v.Outline("base");
        return v.Has("packers") ? BetweenPackers(v, foot) : OnAGrid(v, foot);
    }

    private static Answer OnAGrid(Values v, Outline foot)
    {
        List<KeepClear> clear = [.. v.List("keepClear").Select(k => new KeepClear(new(k["x"], k["y"]), k["radius"]))];
        var grid = HoleGrid.Work(foot, v["spacing"], v.Or("holeDiameter", 0), clear);
        return Answer.Of(
            Sum.Of(
                HoleGrid.Title, foot is CircleOutline ? "centres of a square lattice within the circle" : "⌈L/s⌉ × ⌈W/s⌉, at least 3", HoleGrid.Terms(foot, v["spacing"]),
                grid.Count, Unit.Count, "Equal cells, a hole in the middle of each", clear.Count > 0 ? "Holes that met a kept-clear place have moved to the nearest free point" : "Nothing is in the way"),
            new Also("positions", grid.Positions));
    }

    private static Answer BetweenPackers(Values v, Outline foot)
    {
        var grid = HoleGrid.Between(foot, v["spacing"], v["holeDiameter"], HoleGrid.PackersUnder(foot.Length, v.Whole("packers")), v["packerWidth"], HoleGrid.EdgeWeb);
        return Answer.Of(grid.Worked(foot, v["spacing"], v["holeDiameter"], v.Whole("packers"), v["packerWidth"]), new Also("positions", grid.Positions));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var foot = v.Outline("base");
        return new(
            "sum", "The foot from above",
            [new Polygon(foot.ToPolygon(), Ink.Plastic), .. Packers(v, foot), .. v.List("keepClear").Select(k => new Disc(new(k["x"], k["y"]), k["radius"], Ink.Hidden)), .. answer.Get<IReadOnlyList<Point>>("positions").Select(p => new Disc(p, Math.Max(v.Or("holeDiameter", .01) / 2, foot.Length / 200), Ink.Hole))],
            [.. OutlineSketch.Dimensions("base", foot)]);
    }

    private static IEnumerable<Shape> Packers(Values v, Outline foot)
    {
        if (!v.Has("packers")) yield break;
        double half = v["packerWidth"] / 2, along = foot.Width / 2;
        foreach (var at in HoleGrid.PackersUnder(foot.Length, v.Whole("packers"))) yield return View.Box(at - half, -along, at + half, along, Ink.Hidden);
    }
}
