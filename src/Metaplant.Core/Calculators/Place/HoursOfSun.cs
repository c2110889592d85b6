using Metaplant.Core.Drawing;
using Metaplant.Core.Geometry;
using Metaplant.Core.Materials;
using Metaplant.Core.Places;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HoursOfSun : Calculator
{
    private const double Wide = .01;

    public override string Name => "sun-hours";

    public override string Question => "How many hours of sun are there past what stands around?";

    public override Subject Subject => Subject.Place;

    public override string Slide => "dayOfYear";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        AskSun.Latitude, AskSun.Day,
        new ListInput("horizon", "What hides the sky", [Direction("fromDegrees", "From, north is 0", 90), Direction("toDegrees", "To, clockwise", 180), Ask.Number("heightDegrees", "Height above level", Unit.Degree, 0, 90, 25) with { ZeroAllowed = true }], 0, 72),
    ];

    public override IReadOnlyList<Onward> Onwards => [new("sun-position", null, "latitudeDegrees", "dayOfYear")];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var arcs = Arcs(v);
        var (open, here) = (Horizon.Hours(v["latitudeDegrees"], v["dayOfYear"], []), Horizon.Hours(v["latitudeDegrees"], v["dayOfYear"], arcs));
        return Answer.Of(
            Sum.Of(
                "Hours of direct sun", "T = the time in which the sun stands higher than what hides it", [v.Term("φ", "latitudeDegrees"), v.Term("day", "dayOfYear"), new("T₀", "with nothing around", open.InAll, Unit.Hour), new("n", "pieces of horizon", arcs.Count, Unit.Count)], here.InAll, Unit.Hour,
                "Height of the sun by Meeus, looked at every minute", "The centre of the sun, without refraction", "A cloudless day: what clouds leave is another matter", "Where pieces overlap the higher one hides"),
            new Also("morning", here.Morning), new Also("afternoon", here.Afternoon));
    }

    protected override View Draw(Values v, Answer answer)
    {
        // All round from north to north, a centimetre a degree, heights alike.
        var path = Enumerable.Range(0, 289).Select(i => SunPosition.At(v["latitudeDegrees"], v["dayOfYear"], i / 12.0)).Where(s => s.Elevation >= 0).OrderBy(s => s.Azimuth).Select(s => new Point(s.Azimuth * Wide, s.Elevation * Wide)).ToList();
        List<Shape> shapes = [View.Box(0, 0, 360 * Wide, 90 * Wide, Ink.Water)];
        if (path.Count > 1) shapes.Add(new Polyline(path, Ink.Pressure));
        foreach (var a in Arcs(v).Where(a => a.Height > 0))
        {
            foreach (var (from, to) in a.From <= a.To ? [(a.From, a.To)] : ((double, double)[])[(a.From, 360), (0, a.To)])
            {
                if (to > from) shapes.Add(View.Box(from * Wide, 0, to * Wide, a.Height * Wide, Ink.Standing));
            }
        }

        shapes.AddRange(new (string Name, double At)[] { ("north", 0), ("east", 90), ("south", 180), ("west", 270) }.Select(m => new Note(new(m.At * Wide, -.09), m.Name, Ink.Line)));
        return new("sum", "All round, from north to north", shapes, []);
    }

    private static NumberInput Direction(string name, string title, double typical) => Ask.Number(name, title, Unit.Degree, 0, 360, typical) with { ZeroAllowed = true };

    private static List<HorizonArc> Arcs(Values v) => [.. v.List("horizon").Select(a => new HorizonArc(a["fromDegrees"], a["toDegrees"], a["heightDegrees"]))];
}
