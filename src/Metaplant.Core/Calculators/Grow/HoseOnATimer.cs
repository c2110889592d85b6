using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;
using Metaplant.Core.Water;

namespace Metaplant.Core.Calculators;

public sealed class HoseOnATimer : Calculator
{
    public override string Name => "hose-timer";

    public override string Question => "How long does a hose on a timer run, and how long may it be?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "minutes a day";

    public override string Slide => "flow";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("dailyUse", "Water wanted in a day", Unit.CubicMetrePerDay, 0, 10, .024), Ask.Number("flow", "What comes out of the hose", Unit.CubicMetrePerSecond, 0, .01, 2e-4), Ask.Number("pressure", "Pressure at the tap", Unit.Pascal, 0, 1.6e6, 300e3),
        Ask.Length("hoseDiameter", "Hose, across inside", .0125, .1),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        double minutes = SoilWater.TimerMinutes(v["dailyUse"], v["flow"]), length = Hose.GreatestLength(v["pressure"], v["flow"], v["hoseDiameter"], handbook[Practice.HoseSmoothness]);
        Sum longest = Sum.Of(
            "Longest hose that still passes it", "p ÷ (ρ g) ÷ (10.67 Q^1.852 ÷ (C^1.852 d^4.87))", [v.Term("p", "pressure"), v.Term("Q", "flow"), v.Term("d", "hoseDiameter"), handbook.Term(Practice.HoseSmoothness)], length, Unit.Metre, "Hazen–Williams", "On the level, with nothing but the hose in the way");
        Check check = Check.Compare(
            "drip", "Drip line or soaker hose", LoadCase.Normal, v["pressure"], handbook[Practice.DripPressure], Unit.Pascal, v["pressure"] > handbook[Practice.DripPressure] ? "Put a pressure reducer behind the tap, or the joints blow off." : "Low enough for a drip line as it is.", null,
            [Sum.Of("Pressure against what drip lines take", "p", [v.Term("p", "pressure"), handbook.Term(Practice.DripPressure)], v["pressure"], Unit.Pascal, "Practice")], new Remedy("A reducer set to at most", handbook[Practice.DripPressure], Unit.Pascal));
        return Answer.Of(
            Sum.Of("Minutes a day", "use ÷ Q", [v.Term("use", "dailyUse"), v.Term("Q", "flow")], minutes, Unit.Minute, "Volume over flow", "Measure the flow: time how long a bucket takes to fill", "Fit a backflow device between tap and hose; local code applies"),
            new Also("longestHose", length)).After(longest).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        const double Length = 1.6;
        List<Geometry.Point> hose = [.. Enumerable.Range(0, 41).Select(i => new Geometry.Point(.25 + Length * i / 40, .22 + .05 * Math.Sin(i * .7)))];
        return new(
            "sum", "Tap, reducer, timer and hose",
            [
                View.Box(0, 0, .05, .5, Ink.Wood), View.Box(.05, .36, .14, .40, Ink.Metal), View.Box(.10, .26, .14, .38, Ink.Metal), View.Box(.08, .14, .16, .26, Ink.Plastic), new Polyline([new(.12, .14), new(.12, .10), new(.25, .10), .. hose], Ink.Line),
                .. Enumerable.Range(1, 6).Select(i => new Disc(new(.25 + Length * i / 7, .14), .014, Ink.Water)), View.Box(.4, -.02, .25 + Length, .10, Ink.Soil), View.GroundLine(0, .25 + Length),
            ],
            []);
    }
}
