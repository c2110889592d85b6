namespace Metaplant.Core.Planning;

/// <summary>
/// What a plan costs, as one whole number that is smaller the better it is: what of the wants is unmet before anything else, in thousandths of each; then money, in tenths; then working hours, in tenths; then metres of board cut into. Each step of one outweighs all of the next.
/// </summary>
public static class PlanCost
{
    /// <summary>More money than this is not told apart.</summary>
    public const double MostMoney = 9_999;

    /// <summary>More hours than this are not told apart.</summary>
    public const double MostHours = 999;

    internal const long PerTenthOfHour = 1_000;
    internal const long PerTenthOfMoney = PerTenthOfHour * 10_000;

    /// <summary>For each thousandth of a want that is unmet.</summary>
    public const long PerUnmet = PerTenthOfMoney * 100_000;

    private const double Slack = 1e-6;

    /// <summary>Thousandths of a want that so many given leave unmet.</summary>
    public static long Unmet(long needed, long given) => given >= needed ? 0 : (1000 * (needed - given) + needed - 1) / needed;

    /// <summary>Of one project, by what it costs, how long it takes and the metres it cuts into; all rounded up.</summary>
    public static long OfProject(double money, double hours, double length)
        => PerTenthOfMoney * (long)Math.Ceiling(Math.Min(money, MostMoney) * 10 - Slack) + PerTenthOfHour * (long)Math.Ceiling(Math.Min(hours, MostHours) * 10 - Slack) + (long)Math.Ceiling(length - Slack);
}
