namespace Metaplant.Core.Sums;

/// <summary>What a check says. The order is from best to worst, except that the last is not on the scale at all.</summary>
public enum Verdict
{
    /// <summary>Utilisation at most 0.80.</summary>
    Sound,

    /// <summary>Utilisation above 0.80 and at most 1.00.</summary>
    Tight,

    /// <summary>Utilisation above 1.00.</summary>
    Fails,

    /// <summary>Outside the range of the method: there is no utilisation and no number is offered as safe.</summary>
    AskAProfessional,
}

/// <summary>Whether the drain works, or is blocked and the soil stands full of water (an accidental case).</summary>
public enum LoadCase
{
    Normal,
    BlockedDrain,
}

/// <summary>A change that would put a failing check right, found by solving the check backwards.</summary>
/// <param name="Words">The change in a few words, without its number, such as "Ties no farther apart than".</param>
/// <param name="Value">The number that just meets the check, in <paramref name="Unit"/>.</param>
/// <param name="Input">The input that it would be put in for, where there is one.</param>
public sealed record Remedy(string Words, double Value, Unit Unit, string? Input = null);

/// <summary>
/// Demand against capacity, with the sum behind it. <see cref="Utilisation"/> is demand over capacity and is null
/// exactly when <see cref="Verdict"/> is <see cref="Verdict.AskAProfessional"/>.
/// </summary>
/// <param name="Part">The part of the blueprint that is checked, for marking on the drawing; null when no one part is meant.</param>
public sealed record Check(
    string Id,
    string Name,
    LoadCase Case,
    double Demand,
    double Capacity,
    Unit Unit,
    double? Utilisation,
    Verdict Verdict,
    string Words,
    string? Part,
    IReadOnlyList<Sum> Sums,
    IReadOnlyList<Remedy> Remedies)
{
    /// <summary>The slack allowed at both limits, so that a value worked backwards to the limit is inside it.</summary>
    public const double Tolerance = 1e-9;

    public const double SoundUpTo = 0.80;

    /// <summary>
    /// A check of <paramref name="demand"/> against <paramref name="capacity"/>, both in <paramref name="unit"/>.
    /// A capacity of zero under any demand fails, with an infinite utilisation never shown: it is held at 999.
    /// </summary>
    public static Check Compare(
        string id, string name, LoadCase loadCase, double demand, double capacity, Unit unit, string words, string? part,
        IReadOnlyList<Sum> sums, params IReadOnlyList<Remedy> remedies)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(demand);
        ArgumentOutOfRangeException.ThrowIfNegative(capacity);
        var utilisation = demand == 0 ? 0 : capacity == 0 ? 999 : Math.Min(demand / capacity, 999);
        var verdict = Judge(utilisation);
        return new Check(id, name, loadCase, demand, capacity, unit, utilisation, verdict, words, part, sums, verdict == Verdict.Sound ? [] : remedies);
    }

    /// <summary>The same check in other words once there is nothing to put right; what it said before stays for one that is tight or fails.</summary>
    public Check OrWhenSound(string words) => Verdict == Verdict.Sound ? this with { Words = words } : this;

    /// <summary>A question the method cannot answer. The reason is a whole sentence.</summary>
    public static Check AskAProfessional(string id, string name, string reason, string? part = null)
        => new(id, name, LoadCase.Normal, 0, 0, Unit.One, null, Verdict.AskAProfessional, reason, part, [], []);

    public static Verdict Judge(double utilisation) => utilisation switch
    {
        <= SoundUpTo + Tolerance => Verdict.Sound,
        <= 1 + Tolerance => Verdict.Tight,
        _ => Verdict.Fails,
    };
}

/// <summary>Several checks read as one.</summary>
public static class Verdicts
{
    /// <summary>
    /// The verdict of a whole: ask a professional if any check must be asked about, else the worst in the normal case. A blocked
    /// drain is an accidental case: it makes the whole fail when it fails, and otherwise does not count.
    /// No checks at all is sound.
    /// </summary>
    public static Verdict Worst(IReadOnlyCollection<Check> checks)
    {
        if (checks.Any(c => c.Verdict == Verdict.AskAProfessional)) return Verdict.AskAProfessional;
        return checks
            .Select(c => c.Case == LoadCase.BlockedDrain && c.Verdict != Verdict.Fails ? Verdict.Sound : c.Verdict)
            .DefaultIfEmpty(Verdict.Sound)
            .Max();
    }

    /// <summary>
    /// The check that decides: one that must be asked about, else a failing one, else the normal case nearest its limit. Null when there are none.
    /// </summary>
    public static Check? Weakest(IReadOnlyCollection<Check> checks)
        => checks
            .OrderByDescending(c => c.Verdict == Verdict.AskAProfessional)
            .ThenByDescending(c => c.Verdict == Verdict.Fails)
            .ThenBy(c => c.Case)
            .ThenByDescending(c => c.Utilisation ?? 0)
            .ThenBy(c => c.Id, StringComparer.Ordinal)
            .FirstOrDefault();
}
