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
        Ask.Outline("base", "The foot inside"), Ask.Length("spacing", "No farther apart than", .12, 5), Ask.Length("holeDiameter", "Hole", .010, .5).OrNone(),
        new ListInput("keepClear", "Places to keep clear of", [Ask.Number("x", "From the middle, along", Unit.Metre, -20, 20, .1), Ask.Number("y", "From the middle, across", Unit.Metre, -20, 20, .1), Ask.Length("radius", "Radius", .04, 20)], 0, 20),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        var foot = v.Outline("base");
        v.Refuse((foot.Length / v["spacing"] + 1) * (foot.Width / v["spacing"] + 1) > Most, "spacing", $"So close there would be over {Most} holes and no floor left.");
        v.Refuse(v.Has("holeDiameter") && v["holeDiameter"] >= v["spacing"], "holeDiameter", "Holes as wide as they are apart leave no floor.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var foot = v.Outline("base");
        List<KeepClear> clear = [.. v.List("keepClear").Select(k => new KeepClear(new(k["x"], k["y"]), k["radius"]))];
        var grid = HoleGrid.Work(foot, v["spacing"], v.Or("holeDiameter", 0), clear);
        return Answer.Of(
            Sum.Of(
                "Holes in the foot", foot is CircleOutline ? "centres of a square lattice within the circle" : "⌈L/s⌉ × ⌈W/s⌉, at least 3",
                [new("L", "length or diameter", foot.Length, Unit.Metre), new("W", "width", foot.Width, Unit.Metre), new("s", "no farther apart than", v["spacing"], Unit.Metre)],
                grid.Count, Unit.Count, "Equal cells, a hole in the middle of each", clear.Count > 0 ? "Holes that met a kept-clear place have moved to the nearest free point" : "Nothing is in the way"),
            new Also("positions", grid.Positions));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var foot = v.Outline("base");
        return new(
            "sum", "The foot from above",
            [new Polygon(foot.ToPolygon(), Ink.Plastic), .. v.List("keepClear").Select(k => new Disc(new(k["x"], k["y"]), k["radius"], Ink.Hidden)), .. answer.Get<IReadOnlyList<Point>>("positions").Select(p => new Disc(p, Math.Max(v.Or("holeDiameter", .01) / 2, foot.Length / 200), Ink.Hole))],
            [.. OutlineSketch.Dimensions("base", foot)]);
    }
}
