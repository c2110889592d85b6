namespace Metaplant.Core.Designs;

/// <summary>Needs are the same when their numbers are; lists in them count by what is in them.</summary>
public sealed class SameNeed : IEqualityComparer<Need>
{
    public static SameNeed Instance { get; } = new();

    public bool Equals(Need? a, Need? b) => (a, b) switch
    {
        (PanelsNeeded p, PanelsNeeded q) => p == q with { Widths = p.Widths } && p.Widths.SequenceEqual(q.Widths),
        (CoursesNeeded p, CoursesNeeded q) => p == q with { Lengths = p.Lengths } && p.Lengths.SequenceEqual(q.Lengths),
        (SheetsNeeded p, SheetsNeeded q) => p == q with { Runs = p.Runs } && p.Runs.SequenceEqual(q.Runs),
        (FillNeeded p, FillNeeded q) => p == q with { Shares = p.Shares } && p.Shares.SequenceEqual(q.Shares),
        _ => a == b,
    };

    public int GetHashCode(Need need) => need.Id.GetHashCode(StringComparison.Ordinal);
}
