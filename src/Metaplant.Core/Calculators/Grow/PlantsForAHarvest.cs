using Metaplant.Core.Drawing;
using Metaplant.Core.Growing;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Calculators;

public sealed class PlantsForAHarvest : Calculator
{
    private const double Most = 10_000;

    public override string Name => "plants-for-harvest";

    public override string Question => "How many plants give so much a week?";

    public override Subject Subject => Subject.Grow;

    public override string Counts => "plants";

    public override IReadOnlyList<Onward> Onwards { get; } = [new("crop-yield", "plants", "crop")];

    public override string Slide => "massEachWeek";

    public override IReadOnlyList<Input> Inputs { get; } = [Ask.Food(), Ask.Number("massEachWeek", "Wanted each week", Unit.Kilogram, 0, 100, 1)];

    protected override void Cross(Values v, Handbook handbook)
        => v.Refuse(v["massEachWeek"] / Harvest.EachWeek(Crops.Find(handbook, v.Word("crop"))!) > Most, "massEachWeek", $"That takes more than {(int)Most} plants; it is a farm and no garden.");

    protected override Answer Work(Values v, Handbook handbook)
    {
        var crop = Crops.Find(handbook, v.Word("crop"))!;
        double each = Harvest.EachWeek(crop), wanted = v["massEachWeek"];
        var once = crop.Picking == Picking.Once;
        Sum week = Sum.Of(
            "What one plant gives in a week", once ? "Y, picked at once" : "Y ÷ (days ÷ 7)", [handbook.Term($"crop.{crop.Id}.yield"), .. once ? (Term[])[] : [handbook.Term($"crop.{crop.Id}.harvest")]], each, Unit.Kilogram, "Kitchen-garden yields");
        return Answer.Of(
            Sum.Of("Plants wanted", "n = wanted ÷ what one gives in a week", [v.Term("m", "massEachWeek"), new("Y_w", "of one plant in a week", each, Unit.Kilogram)], Harvest.PlantsFor(crop, wanted), Unit.Count, "A usual season", once ? "Picked once: so many are sown for each week" : "For as long as they bear"),
            new Also("plantsPoorSeason", Harvest.PlantsFor(crop, wanted / (1 - crop.YieldSpread)))).After(week);
    }

    protected override View Draw(Values v, Answer answer) => CropSketch.Row(Crops.Find(v.Handbook, v.Word("crop"))!, (int)answer.Sum.Value);
}
