namespace Metaplant.Core.Growing;

/// <summary>What plants give, and how many give what is wanted. Always a range; masses in kg.</summary>
public static class Harvest
{
    private const double Week = 7;
    private const double Slack = 1e-9;

    /// <summary>What so many plants give in a season: in a poor one, usually, in a good one.</summary>
    public static (double Least, double Usual, double Most) Of(Crop crop, int plants) => (plants * crop.LeastYield, plants * crop.Yield, plants * crop.GreatestYield);

    /// <summary>What one plant gives in a week of its harvest. A crop picked once gives all in its week.</summary>
    public static double EachWeek(Crop crop) => crop.Picking == Picking.Once ? crop.Yield : crop.Yield / Math.Max(1, crop.HarvestDays / Week);

    /// <summary>
    /// Plants for so many kilograms a week; of a crop picked once, that many sown for each week. Plants of a usual season; a poor one needs 1/(1 − spread) times as many.
    /// </summary>
    public static int PlantsFor(Crop crop, double massEachWeek) => (int)Math.Ceiling(massEachWeek / EachWeek(crop) - Slack);
}
