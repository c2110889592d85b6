using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class WhereTheSunStands : Calculator
{
    public override string Name => "sun-position";

    public override string Question => "Where does the sun stand?";

    public override Subject Subject => Subject.Place;

    public override string Slide => "solarHour";

    public override IReadOnlyList<Input> Inputs { get; } = [AskSun.Latitude, AskSun.Day, Ask.Number("solarHour", "Hour by the sun", Unit.Hour, 0, 24, 14) with { ZeroAllowed = true }];

    public override IReadOnlyList<Onward> Onwards => [new("sun-hours", null, "latitudeDegrees", "dayOfYear")];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var sun = SunPosition.At(v["latitudeDegrees"], v["dayOfYear"], v["solarHour"]);
        return Answer.Of(
            Sum.Of(
                "Height of the sun", "sin h = sin φ sin δ + cos φ cos δ cos 15° (t − 12)", [v.Term("φ", "latitudeDegrees"), v.Term("day", "dayOfYear"), v.Term("t", "solarHour")], sun.Elevation, Unit.Degree,
                "Meeus, Astronomical Algorithms, 2nd edition, chapter 25, as NOAA’s solar calculator has it", "Of its centre, without refraction: near the horizon it is seen half a degree higher", "By the sundial: at 12 the sun stands due south, or due north", $"Days are those of {SunPosition.Year}", "Below nothing it is night"),
            new Also("azimuthDegrees", sun.Azimuth));
    }

    protected override View Draw(Values v, Answer answer)
    {
        // The sky from below: its edge the horizon, its middle overhead, north up.
        var day = Enumerable.Range(0, 97).Select(i => SunPosition.At(v["latitudeDegrees"], v["dayOfYear"], i / 4.0)).Where(s => s.Elevation > 0).Select(AskSun.OnSky).ToList();
        List<Shape> shapes = [new Disc(default, 1, Ink.Water), new Disc(default, .02, Ink.Line), new Note(new(0, 1.12), "north", Ink.Line), new Note(new(0, -1.12), "south", Ink.Line)];
        if (day.Count > 1) shapes.Add(new Polyline(day, Ink.Line));
        if (answer.Sum.Value > 0) shapes.Add(new Disc(AskSun.OnSky(new(answer.Sum.Value, answer.Get<double>("azimuthDegrees"))), .07, Ink.Pressure));
        return new("sum", "The sky over a compass, its middle overhead", shapes, []);
    }
}
