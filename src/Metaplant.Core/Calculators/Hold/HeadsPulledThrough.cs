using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class HeadsPulledThrough : Calculator
{
    public override string Name => "head-pull-through";

    public override string Question => "Will soil push a board off its screw heads?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "span";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("pressure", "Pressure at its lower edge", Unit.Pascal, 0, 100e3, 3000), Ask.Length("boardHeight", "Height of the board", .095, 1), Ask.Length("span", "Centre to centre of posts", .50, 10), Ask.Whole("screws", "Screws at each post", 1, 20, 2),
        Ask.Length("headDiameter", "Head or washer, across", .008, .05), Ask.Timber(),
    ];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var timber = Timbers.Get(handbook, v.Word("timber"));
        double push = HeadPullThrough.Push(v["pressure"], v["boardHeight"], v["span"]), each = HeadPullThrough.Characteristic(handbook[Metals.HeadPull], v["headDiameter"], timber.Density), holds = v["screws"] * each * timber.OnResistance(LoadCase.Normal);
        Sum sum = Sum.Of("Push on the heads at one post", "p b L", [v.Term("p", "pressure"), v.Term("b", "boardHeight"), v.Term("L", "span")], push, Unit.Newton, "Half a span from each side", "The board lies outside its posts; inside them nothing pulls on a head");
        Sum capacity = Sum.Of(
            "What the heads hold", "n f d² (ρ/350)^0.8 k_mod/γ_M",
            [v.Term("n", "screws"), handbook.Term(Metals.HeadPull), v.Term("d", "headDiameter"), handbook.Term($"timber.{timber.Id}.density"), handbook.Term($"timber.{timber.Id}.kmod"), handbook.Term($"timber.{timber.Id}.partial")], holds, Unit.Newton, "EN 1995-1-1 8.7.2 (8.40b)", "Smooth nails carry no pull that lasts");
        Sum wanted = Factored.Soil(handbook, sum);
        return Answer.Of(sum, new Also("design", holds)).After(wanted, capacity).With(Check.Compare(
            "heads", "The screw heads", LoadCase.Normal, wanted.Value, holds, Unit.Newton, "Washers under the heads are the cheapest cure; boards inside the posts the best.", null, [sum, wanted, capacity],
            new Remedy("Heads or washers at least this wide", v["headDiameter"] * Math.Sqrt(wanted.Value / holds), Unit.Metre, "headDiameter"), new Remedy("Screws at each post", Math.Ceiling(v["screws"] * wanted.Value / holds - 1e-9), Unit.Count, "screws")).OrWhenSound("The heads hold the board against the soil."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["span"], h = v["boardHeight"], d = v["headDiameter"];
        var n = Math.Min(v.Whole("screws"), 8);
        IEnumerable<Shape> Post(double x) => [View.Box(x - .05 * l, -.15 * l, x + .05 * l, h * 1.4, Ink.Hidden), .. Enumerable.Range(0, n).Select(i => new Disc(new(x, h * (i + .5) / n), d / 2, Ink.Metal))];
        return new("sum", "From the front", [View.Box(-.15 * l, 0, 1.15 * l, h, Ink.Wood), .. Post(0), .. Post(l)], [Sketch.Down(1.15 * l, 0, h, "boardHeight"), Sketch.Under(0, l, -.15 * l, "span"), Sketch.Along(-d / 2, d / 2, h * 1.4, "headDiameter", .03)]);
    }
}
