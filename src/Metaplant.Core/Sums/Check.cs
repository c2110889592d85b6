namespace Metaplant.Core.Sums;

/// <summary>What a check says. The order is from best to worst, except that the last is not on the scale at all.</summary>
public enum Verdict
{
    /// <summary>Utilisation at most 0.80.</summary>
    Sound,

    /// <summary>Utilisation above 0.80 and at most 1.00.</summary>
    Tight,

    /// <summary>
    /// Not to be told on paper, and to be told by filling it with water and waiting a day: a thin wall of a sound vessel that bulges beyond what the theory of plates reaches. There is no utilisation. It may be planned with; it is no comfort.
    /// </summary>
    ProveFirst,

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
/// exactly when <see cref="Verdict"/> is <see cref="Verdict.AskAProfessional"/> or <see cref="Verdict.ProveFirst"/>.
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
    Sentence Words,
    string? Part,
    IReadOnlyList<Sum> Sums,
    IReadOnlyList<Remedy> Remedies)
{
    /// <summary>The slack allowed at both limits, so that a value worked backwards to the limit is inside it.</summary>
    public const double Tolerance = 1e-9;

    public const double SoundUpTo = 0.80;

    /// <summary>How to find out, step by step, where <see cref="Verdict"/> is <see cref="Verdict.ProveFirst"/>; otherwise empty.</summary>
    public IReadOnlyList<Sentence> Test { get; init; } = [];

    /// <summary>True where enough is as good as more, a clearance or a test that was passed: how far it is from the limit says nothing.</summary>
    public bool EnoughOrNot { get; init; }

    /// <summary>True where it may be so and is not what practice advises: what is solved for then takes more, where more helps.</summary>
    public bool Wanting { get; init; }

    /// <summary>The quantities of which more is never better, or never worse.</summary>
    public IReadOnlyList<Guard> Guards { get; init; } = [];

    /// <summary>
    /// A check of <paramref name="demand"/> against <paramref name="capacity"/>, both in <paramref name="unit"/>.
    /// A capacity of zero under any demand fails, with an infinite utilisation never shown: it is held at 999.
    /// </summary>
    public static Check Compare(
        string id, string name, LoadCase loadCase, double demand, double capacity, Unit unit, Sentence words, string? part,
        IReadOnlyList<Sum> sums, params IReadOnlyList<Remedy> remedies)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(demand);
        ArgumentOutOfRangeException.ThrowIfNegative(capacity);
        var utilisation = demand == 0 ? 0 : capacity == 0 ? 999 : Math.Min(demand / capacity, 999);
        var verdict = Judge(utilisation);
        return new Check(id, name, loadCase, demand, capacity, unit, utilisation, verdict, words, part, sums, verdict == Verdict.Sound ? [] : remedies);
    }

    /// <summary>
    /// A check of what there is against what is wanted at least, where enough is as good as more: a clearance, a distance to an edge. Sound with <paramref name="words"/>, else it fails with <paramref name="otherwise"/>; never tight.
    /// </summary>
    public static Check Enough(
        string id, string name, double wanted, double there, Unit unit, Sentence words, Sentence otherwise, string? part, IReadOnlyList<Sum> sums, params IReadOnlyList<Remedy> remedies)
    {
        var enough = there >= wanted * (1 - Tolerance) - Tolerance;
        return Compare(id, name, LoadCase.Normal, enough ? 0 : wanted, Math.Max(there, 0), unit, enough ? words : otherwise, part, sums, remedies) with { EnoughOrNot = true };
    }

    /// <summary>The same check in other words once there is nothing to put right; what it said before stays for one that is tight or fails.</summary>
    public Check OrWhenSound(Sentence words) => Verdict == Verdict.Sound ? this with { Words = words } : this;

    /// <summary>A question the method cannot answer. The reason is a whole sentence.</summary>
    public static Check AskAProfessional(string id, string name, Sentence reason, string? part = null)
        => new(id, name, LoadCase.Normal, 0, 0, Unit.One, null, Verdict.AskAProfessional, reason, part, [], []);

    /// <summary>A question that a test answers and a sum does not. The reason is a whole sentence, the sums show how far it lies outside.</summary>
    public static Check ProveFirst(string id, string name, LoadCase loadCase, Sentence reason, string? part, IReadOnlyList<Sum> sums, IReadOnlyList<Sentence> test)
        => new(id, name, loadCase, 0, 0, Unit.One, null, Verdict.ProveFirst, reason, part, sums, []) { Test = test };

    /// <summary>The same check at best tight: what was only just proved, or is known to get worse, is never told as sound.</summary>
    public Check AtBestTight() => Verdict == Verdict.Sound ? this with { Verdict = Verdict.Tight } : this;

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

    /// <summary>The worst of several verdicts on one whole.</summary>
    public static Verdict Worst(Verdict first, params IEnumerable<Verdict> others) => others.Append(first).Max();

    /// <summary>
    /// The check that decides: one that must be asked about, else a failing one, else the normal case nearest its limit. Null when there are none.
    /// </summary>
    public static Check? Weakest(IReadOnlyCollection<Check> checks)
        => checks
            .OrderByDescending(c => c.Verdict == Verdict.AskAProfessional)
            .ThenByDescending(c => c.Verdict == Verdict.Fails)
            .ThenBy(c => c.Case)
            .ThenByDescending(c => c.Verdict == Verdict.ProveFirst)
            .ThenByDescending(c => c.Utilisation ?? 0)
            .ThenBy(c => c.Id, StringComparer.Ordinal)
            .FirstOrDefault();
}
