using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class WaterOfGrass : Calculator
{
    public override string Name => "evapotranspiration";

    public override string Question => "How much water does a green bed use on such a day?";

    public override Subject Subject => Subject.Grow;

    public override IReadOnlyList<Onward> Onwards { get; } = [new("daily-use", "evapotranspiration")];

    public override string Slide => "maxTemperature";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("latitudeDegrees", "Latitude, south is minus", Unit.Degree, -90, 90, 52), Ask.Whole("dayOfYear", "Day of the year", 1, 366, 172),
        Ask.Number("minTemperature", "Coldest", Unit.DegreeCelsius, -60, 60, 11), Ask.Number("maxTemperature", "Warmest", Unit.DegreeCelsius, -60, 60, 21),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["maxTemperature"] < v["minTemperature"], "maxTemperature", "The warmest cannot be colder than the coldest.");

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
                Evapotranspiration.Hargreaves(ra, low, high), Unit.MillimetrePerDay, "FAO-56 eq. 52, Hargreaves", "Depth times area is the volume it uses", "Wind and damp are not asked for; off the coast it may be a fifth out"),
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
