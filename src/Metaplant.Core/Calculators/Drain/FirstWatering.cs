using Metaplant.Core.Drainage;
using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FirstWatering : Calculator
{
    public override string Name => "first-water";

    public override string Question => "What does the first watering tell about drain and soil?";

    public override Subject Subject => Subject.Drain;

    public override string Slide => "seconds";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Medium(), Ask.Number("poured", "Poured on soil that is wet through", Unit.CubicMetre, 0, 5, .010), Ask.Number("area", "Area of the soil", Unit.SquareMetre, 0, 50, .28), Ask.Number("seconds", "Gone after", Unit.Second, 0, 86_400, 1800),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var m = Media.Find(handbook, v.Word("medium"))!;
        double expected = v["poured"] / v["area"] / m.Conductivity, slowest = handbook[Practice.SlowestFirstWater] * expected, seen = DrainDown.ConductivitySeen(v["poured"], v["area"], v["seconds"]);
        Sum should = Sum.Of("Time it should take", "V ÷ (A K)", [v.Term("V", "poured"), v.Term("A", "area"), handbook.Term($"medium.{m.Id}.conductivity")], expected, Unit.Second, "Darcy 1856, unit gradient", "Wet through: water already drips below");
        var fast = v["seconds"] * handbook[Practice.SlowestFirstWater] < expected;
        Check check = Check.Compare(
            "first-water", "Time it took", LoadCase.Normal, v["seconds"], slowest, Unit.Second,
            fast ? "Too fast: it runs down beside the soil, which has shrunk or sheds water. Stand it in water until it is wet through, then pour again." : v["seconds"] > slowest ? "Too slow: the outlet is blocked, or the soil is finer than it looks. Lift the pad and clear the holes before you plant." : "It drains as it should.", null,
            [should, Sum.Of("At most", "k × expected", [handbook.Term(Practice.SlowestFirstWater), new("t", "expected", expected, Unit.Second)], slowest, Unit.Second, "Scatter of one kind of soil")], new Remedy("Gone after at most", slowest, Unit.Second));
        return Answer.Of(Sum.Of("How fast your soil passes water", "K = V ÷ (A t)", [v.Term("V", "poured"), v.Term("A", "area"), v.Term("t", "seconds")], seen, Unit.MetrePerSecond, "Darcy 1856, unit gradient", "Put it in the handbook in place of ours, and holes are spaced by it"), new Also("expectedSeconds", expected)).After(should).With(check);
    }

    protected override View Draw(Values v, Answer answer)
    {
        double w = Math.Sqrt(v["area"]), h = w * .7, deep = Math.Min(v["poured"] / v["area"], h * .4);
        return new(
            "sum", "The water as it stands on the soil when poured",
            [View.Box(-.02 * w, 0, 0, h * 1.5, Ink.Metal), View.Box(w, 0, 1.02 * w, h * 1.5, Ink.Metal), View.Box(0, 0, w, h, Ink.Soil), View.Box(0, h, w, h + deep, Ink.Water), .. Enumerable.Range(1, 3).Select(i => new Disc(new(w * i / 4, -.05 * h), w * .012, Ink.Water)), View.GroundLine(0, w)],
            [Sketch.Down(w, h, h + deep, null)]);
    }
}
