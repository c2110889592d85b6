using Metaplant.Core.Designs;
using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class SpacingOfHoles : Calculator
{
    public override string Name => "hole-spacing";

    public override string Question => "How far apart may drain holes be?";

    public override Subject Subject => Subject.Drain;

    public override IReadOnlyList<Use> Uses { get; } = [new("drilled-tub", new Dictionary<string, string> { ["hole"] = "holeDiameter", ["pad"] = "padDiameter" })];

    public override IReadOnlyList<Onward> Onwards { get; } = [new("hole-grid", "spacing", "holeDiameter")];

    public override string Slide => "toleratedWetDepth";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("conductivity", "How fast the wet soil passes water", Unit.MetrePerSecond, 0, .1, 60e-3 / 3600).OrRow($"medium.{Brief.DefaultMedium}.conductivity"), Ask.Number("rain", "Rain designed for", Unit.MetrePerSecond, 0, .001, 10e-3 / 3600).OrRow(Practice.RainRate),
        Ask.Length("holeDiameter", "Hole", .010, .5), Ask.Length("toleratedWetDepth", "Wet depth the plants tolerate", .050, 1).OrRow(Practice.WetDepth("ordinary")),
        Ask.Length("padDiameter", "Coarse pad over each hole", .060, 1).OrNoneFromTypical(), Ask.Number("topToBaseArea", "Top area over foot area", Unit.One, 0, 20, 1).OrTypical(),
    ];

    protected override void Cross(Values v, Handbook handbook)
    {
        v.Refuse(v["conductivity"] / v["rain"] > 1e9, "rain", "So little rain on so open a soil needs no holes to be worked out.");
    }

    protected override Answer Work(Values v, Handbook handbook)
    {
        var s = HoleSpacing.Work(v["conductivity"], v["rain"], v["holeDiameter"], v["toleratedWetDepth"], v.Or("padDiameter", 0), v["topToBaseArea"]);
        var check = Check.Compare(
            "ponds", "Rain beside what the soil passes", LoadCase.Normal, v["rain"] * v["topToBaseArea"], v["conductivity"], Unit.MetrePerSecond,
            s.Ponds ? "Rain comes faster than this soil lets it through: water stands on top, whatever the holes." : "The soil passes the rain.", null, [s.Sum],
            new Remedy("A soil that passes at least", v["rain"] * v["topToBaseArea"], Unit.MetrePerSecond, "conductivity"));
        return Answer.Of(s.Sum, new("bySoil", s.BySoil), new("byEntry", s.ByEntry), new("cellRadius", s.CellRadius), new("ponds", s.Ponds)).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double s = answer.Sum.Value, h = v["toleratedWetDepth"], r = Math.Max(v["holeDiameter"], v.Or("padDiameter", 0)) / 2, depth = Math.Max(2.2 * h, .35 * s), t = Math.Max(s, h) / 40;
        List<Point> table = [.. Enumerable.Range(0, 25).Select(i => new Point(s * i / 24, h * Math.Sqrt(Math.Max(0, Math.Sin(Math.PI * i / 24)))))];
        List<Shape> shapes =
        [
            View.Box(-s * .3, 0, s * 1.3, depth, Ink.Soil), new Polygon([new(0, 0), .. table, new(s, 0)], Ink.Water), View.Box(-s * .3, -t, s * 1.3, 0, Ink.Plastic),
        ];
        foreach (var x in (double[])[0, s])
        {
            if (v.Has("padDiameter")) shapes.Add(new Polygon([new(x - r, 0), new(x + r, 0), new(x + r * .6, r * .5), new(x - r * .6, r * .5)], Ink.WoodEnd));
            shapes.Add(View.Box(x - v["holeDiameter"] / 2, -t, x + v["holeDiameter"] / 2, 0, Ink.Hole));
        }

        return new("sum", "Two holes in section, the water that stands between them", shapes,
        [
            Sketch.Along(0, s, depth, null), new(new(s / 2, 0), new(s / 2, h), 0, h, "toleratedWetDepth"), Sketch.Under(-v["holeDiameter"] / 2, v["holeDiameter"] / 2, -t, "holeDiameter"),
            .. v.Has("padDiameter") ? (Dimension[])[Sketch.Under(s - r, s + r, -t, "padDiameter")] : [],
        ]);
    }
}
