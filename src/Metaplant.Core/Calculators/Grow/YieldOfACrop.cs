using Metaplant.Core.Drawing;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class YieldOfACrop : Calculator
{
    public override string Name => "crop-yield";

    public override string Question => "What will so many plants give?";

    public override Subject Subject => Subject.Grow;

    public override string Slide => "plants";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Food(), Ask.Whole("plants", "Plants", 1, 10_000, 8)];

    protected override Answer Work(Values v, Handbook handbook)
    {
        var crop = Crops.Find(handbook, v.Word("crop"))!;
        var (least, usual, most) = Harvest.Of(crop, v.Whole("plants"));
        return Answer.Of(
            Sum.Of("What they give in a usual season", "n Y", [v.Term("n", "plants"), handbook.Term($"crop.{crop.Id}.yield"), handbook.Term($"crop.{crop.Id}.yield-spread")], usual, Unit.Kilogram, "Kitchen-garden yields; your own log corrects them", "A range: poor and good seasons lie as far below and above"),
            new("poorSeason", least), new("goodSeason", most), new("eachWeek", v.Whole("plants") * Harvest.EachWeek(crop)), new("keeps", crop.KeepsDays));
    }

    protected override View Draw(Values v, Answer answer) => CropSketch.Row(Crops.Find(v.Handbook, v.Word("crop"))!, v.Whole("plants"));
}
