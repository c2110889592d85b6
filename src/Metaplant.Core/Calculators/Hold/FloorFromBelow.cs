using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Reinforcement;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class FloorFromBelow : Calculator
{
    public override string Name => "screw-withdrawal";

    public override string Question => "Will a floor screwed on from below hold?";

    public override Subject Subject => Subject.Hold;

    public override string Slide => "threadedLength";

    public override IReadOnlyList<Input> Inputs { get; } =
    [
        Ask.Number("wetMass", "Mass on the floor, wet through", Unit.Kilogram, 0, 5_000, 90), Ask.Whole("screws", "Screws that carry it", 2, 200, 12), Ask.Number("diameter", "Screw, across the thread", Unit.Metre, .006, .012, .006), Ask.Length("threadedLength", "Thread in the side it hangs from", .050, .2), Ask.Timber(),
    ];

    protected override void Cross(Values v, Handbook handbook) => v.Refuse(v["threadedLength"] < 6 * v["diameter"] - 1e-9, "threadedLength", "Less than six diameters of thread is not counted on.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var timber = Timbers.Get(handbook, v.Word("timber"));
        double holds = ScrewWithdrawal.Characteristic(v.Whole("screws"), v["diameter"], v["threadedLength"], timber.Density), design = holds * timber.OnResistance(LoadCase.Normal);
        Sum sum = Sum.Of("What the screws hold together", "n^0.9 f_ax d l k_d", [v.Term("n", "screws"), v.Term("d", "diameter"), v.Term("l", "threadedLength"), handbook.Term($"timber.{timber.Id}.density")], holds, Unit.Newton, "EN 1995-1-1 8.7.2 (8.38 to 8.40)", "Across the grain; no smooth nails");
        Sum demand = Factored.Soil(handbook, Sum.Of("Weight on the floor", "m g", [v.Term("m", "wetMass")], v["wetMass"] * Medium.Gravity, Unit.Newton, "Weight"));
        Sum capacity = Sum.Of("For a load that stays, outdoors", "F k_mod/γ_M", [new("F", "characteristic", holds, Unit.Newton), handbook.Term($"timber.{timber.Id}.kmod"), handbook.Term($"timber.{timber.Id}.partial")], design, Unit.Newton, CodeFactors.Source);
        return Answer.Of(sum, new Also("design", design)).After(demand, capacity).With(Check.Compare(
            "withdrawal", "The floor", LoadCase.Normal, demand.Value, design, Unit.Newton, "Better laid over bearers, where nothing hangs on a thread.", null, [demand, capacity],
            new Remedy("Screws", Math.Ceiling(v["screws"] * Math.Pow(demand.Value / design, 1 / .9) - 1e-9), Unit.Count, "screws")).OrWhenSound("The threads hold it; bearers below would be better still."));
    }

    protected override View Draw(Values v, Answer answer)
    {
        double l = v["threadedLength"], t = .4 * l, w = 6 * l, d = v["diameter"], side = .5 * l;
        return new(
            "sum", "In section",
            [View.Box(0, 0, w, t, Ink.Wood), View.Box(0, t, side, t + 2.4 * l, Ink.Wood), View.Box(w - side, t, w, t + 2.4 * l, Ink.Wood), View.Box(side, t, w - side, t + 2 * l, Ink.Soil), View.Box(side / 2 - d / 2, 0, side / 2 + d / 2, t + l, Ink.Metal), View.Box(w - side / 2 - d / 2, 0, w - side / 2 + d / 2, t + l, Ink.Metal)],
            [Sketch.Up(0, t, t + l, "threadedLength", .02), Sketch.Under(side / 2 - d / 2, side / 2 + d / 2, 0, "diameter", .02)]);
    }
}
