using Metaplant.Core.Drawing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class SoilBetweenLogs : Calculator
{
    public override string Name => "wood-infill";

    public override string Question => "How much soil runs in between stacked logs or sticks?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "stacked";

    public override IReadOnlyList<Input> Inputs { get; } = [new ChoiceInput("fill", "Wood", [nameof(Fill.Logs), nameof(Fill.Sticks)]), Ask.Number("stacked", "Room the stack takes", Unit.CubicMetre, 0, 50, .12)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var fill = Enum.Parse<Fill>(v.Word("fill"));
        double soil = Order.Infill(handbook, fill, v["stacked"]), order = Order.Loose(handbook, soil);
        return Answer.Of(
            Sum.Of("Soil between the wood", "V = v × stack", [handbook.Term(fill == Fill.Logs ? Practice.LogVoids : Practice.StickVoids), v.Term("stack", "stacked")], soil, Unit.CubicMetre, "Solid content of stacked wood", "Worked and washed in; left hollow it goes down in the first year"),
            new Also("loose", order))
            .After(Sum.Of("To order, loose", "k V", [handbook.Term(Practice.SoilOverPlaced), new("V", "between the wood", soil, Unit.CubicMetre)], order, Unit.CubicMetre, "Soil goes down when it is placed"));
    }

    protected override View Draw(Values v, Answer answer)
    {
        var logs = v.Word("fill") == nameof(Fill.Logs);
        double w = Math.Cbrt(v["stacked"]) * 1.4, gap = logs ? 2.02 : 2.3;
        int across = logs ? 5 : 12, up = logs ? 3 : 7;
        double r = w / (gap * across), h = up * gap * r;
        return new(
            "sum", "The stack from its end",
            [View.Box(0, 0, w, h, Ink.Soil), .. from row in Enumerable.Range(0, up) from i in Enumerable.Range(0, across) select new Disc(new((i + .5) * gap * r, (row + .5) * gap * r), r, Ink.WoodEnd), View.GroundLine(0, w)],
            []);
    }
}
