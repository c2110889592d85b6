using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class PlantsInABed : Calculator
{
    /// <summary>More than this nobody sets out by hand.</summary>
    private const int Most = 5_000;

    public override string Name => "plants-that-fit";

    public override string Question => "How many plants fit, and where do they stand?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "count";

    public override string Slide => "spacing";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Outline("outline", "The area to plant"), Ask.Length("spacing", "Between plants", .25, 5), Ask.Length("rowSpacing", "Between rows", .25, 5).OrNone(),
        new NumberInput("edgeMargin", "Clear of the edge", Unit.Metre, 0, 5, .1, Optional: true),
    ];

    protected override void Cross(Values v)
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

public sealed class WaterOfGrass : Calculator
{
    public override string Name => "evapotranspiration";

    public override string Question => "How much water does a green bed use on such a day?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "maxTemperature";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("latitudeDegrees", "Latitude, south is minus", Unit.Degree, -90, 90, 52), Ask.Whole("dayOfYear", "Day of the year", 1, 366, 172),
        Ask.Number("minTemperature", "Coldest", Unit.DegreeCelsius, -60, 60, 11), Ask.Number("maxTemperature", "Warmest", Unit.DegreeCelsius, -60, 60, 21),
    ];

    protected override void Cross(Values v) => v.Refuse(v["maxTemperature"] < v["minTemperature"], "maxTemperature", "The warmest cannot be colder than the coldest.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        double phi = v["latitudeDegrees"], low = v["minTemperature"], high = v["maxTemperature"];
        var ra = Evapotranspiration.ExtraterrestrialRadiation(phi, v.Whole("dayOfYear"));
        Sum sun = Sum.Of(
            "Sunlight above the air", "R_a by latitude and day", [new("φ", "latitude", phi, Unit.Degree), new("J", "day of the year", v["dayOfYear"], Unit.Count)],
            ra, Unit.MegajoulePerSquareMetreDay, "FAO-56 eq. 21");
        return Answer.Of(
            Sum.Of(
                "Water that grass uses", "ET₀ = .0023 (T + 17.8) √(T_max − T_min) × .408 R_a",
                [new("T_min", "coldest", low, Unit.DegreeCelsius), new("T_max", "warmest", high, Unit.DegreeCelsius), new("R_a", "sunlight above the air", ra, Unit.MegajoulePerSquareMetreDay)],
                Evapotranspiration.Hargreaves(ra, low, high), Unit.MillimetrePerDay, "FAO-56 eq. 52, Hargreaves", "A millimetre is a litre on each square metre", "Wind and damp are not asked for; off the coast it may be a fifth out"),
            new Also("extraterrestrialRadiation", ra)).After(sun);
    }

    protected override View Draw(Values v, Answer answer)
    {
        // The sun's way over the year, with today on it, as a picture of what R_a does.
        var phi = v["latitudeDegrees"];
        List<Point> year = [.. Enumerable.Range(0, 53).Select(week => new Point(week / 52.0, Evapotranspiration.ExtraterrestrialRadiation(phi, Math.Min(1 + 7 * week, 366)) / 100))];
        double x = (v["dayOfYear"] - 1) / 365, y = answer.Get<double>("extraterrestrialRadiation") / 100;
        return new(
            "sum", "Sunlight through the year, today marked",
            [new Polygon([new(0, 0), .. year, new(1, 0)], Ink.Wood), View.Segment(0, 0, 1, 0, Ink.Ground), View.Segment(x, 0, x, y, Ink.Line), new Disc(new(x, y), .018, Ink.Hole), new Note(new(Math.Clamp(x, .1, .9), y + .02), "today", Ink.Line), new Note(new(.04, -.06), "January", Ink.Line), new Note(new(.94, -.06), "December", Ink.Line)],
            []);
    }
}

public sealed class DaysBetweenWaterings : Calculator
{
    public override string Name => "watering";

    public override string Question => "How often must it be watered, and how much each time?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "days";

    public override string Slide => "dailyUse";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("volume", "Soil", Unit.CubicMetre, 0, 100, .096), Ask.Number("fieldCapacity", "Water it keeps after draining, part of the volume", Unit.One, 0, 1, .35),
        Ask.Number("wiltingPoint", "Water left at wilting, part of the volume", Unit.One, 0, 1, .14), Ask.Number("depletion", "Part of it that may go", Unit.One, 0, 1, .5),
        Ask.Number("dailyUse", "Used in a day", Unit.CubicMetrePerDay, 0, 10, .0012),
    ];

    protected override void Cross(Values v) => v.Refuse(v["wiltingPoint"] >= v["fieldCapacity"], "wiltingPoint", "Soil wilts its plants with less water than it keeps after draining.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var water = new SoilWater(v["volume"], v["fieldCapacity"], v["wiltingPoint"], v["depletion"]);
        Sum ready = Sum.Of(
            "Water ready for the plants", "RAW = p (FC − WP) V",
            [new("p", "part that may go", water.Depletion, Unit.One), new("FC", "kept after draining", water.FieldCapacity, Unit.One), new("WP", "left at wilting", water.WiltingPoint, Unit.One), new("V", "soil", water.Volume, Unit.CubicMetre)],
            water.Ready, Unit.CubicMetre, "FAO-56 eq. 82 and 83");
        return Answer.Of(
            Sum.Of("Days between waterings", "days = RAW ÷ use", [new("RAW", "water ready", water.Ready, Unit.CubicMetre), new("use", "used in a day", v["dailyUse"], Unit.CubicMetrePerDay)], water.DaysBetween(v["dailyUse"]), Unit.Day, "FAO-56 ch. 8", "No rain; roots reach all of it"),
            new Also("litresEachTime", water.Ready * 1000)).After(ready);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double side = Math.Cbrt(v["volume"]), ready = v["depletion"] * (v["fieldCapacity"] - v["wiltingPoint"]) * side, held = v["fieldCapacity"] * side;
        return new(
            "sum", "The soil as a block: what it keeps, and the part that may go",
            [
                View.Box(0, 0, side, side, Ink.Soil), View.Box(side * 1.15, 0, side * 1.5, held - ready, Ink.Plastic), View.Box(side * 1.15, held - ready, side * 1.5, held, Ink.Water), View.GroundLine(0, side * 1.5),
                new Note(new(side * 1.325, held + side * .03), "may go", Ink.Line), new Note(new(side * 1.325, (held - ready) / 2), "stays", Ink.Line),
            ],
            []);
    }
}
