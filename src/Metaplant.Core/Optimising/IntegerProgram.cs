namespace Metaplant.Core.Optimising;

/// <summary>So many times each of some unknowns.</summary>
public readonly record struct Times(int Unknown, long Factor);

/// <summary>A sum of unknowns that must lie between two numbers, both among what is allowed.</summary>
public sealed record Requirement(IReadOnlyList<Times> Sum, long Least, long Most);

/// <summary>Unknown whole numbers, what is required of them, and the sum of them that is to be as small as can be. Built up by whoever asks, answered by an <see cref="IOptimizer"/>.</summary>
public sealed class IntegerProgram
{
    /// <summary>More than any number asked for here, and small enough that sums of it do not overflow.</summary>
    public const long Unlimited = 1L << 50;

    private readonly List<(long Least, long Most)> unknowns = [];
    private readonly List<Requirement> requirements = [];

    /// <summary>By unknown, the least and the greatest it may be.</summary>
    public IReadOnlyList<(long Least, long Most)> Unknowns => unknowns;

    public IReadOnlyList<Requirement> Requirements => requirements;

    /// <summary>What is to be as small as can be.</summary>
    public IReadOnlyList<Times> Cost { get; set; } = [];

    /// <summary>One more unknown.</summary>
    /// <returns>Its number, from 0.</returns>
    public int Unknown(long least, long most)
    {
        unknowns.Add((least, most));
        return unknowns.Count - 1;
    }

    public void Require(IEnumerable<Times> sum, long least, long most) => requirements.Add(new([.. sum], least, most));

    public void AtMost(IEnumerable<Times> sum, long most) => Require(sum, -Unlimited, most);

    public void AtLeast(IEnumerable<Times> sum, long least) => Require(sum, least, Unlimited);

    /// <summary>One with the same unknowns and requirements, to which more can be added without changing this one.</summary>
    public IntegerProgram Copy()
    {
        var copy = new IntegerProgram { Cost = Cost };
        copy.unknowns.AddRange(unknowns);
        copy.requirements.AddRange(requirements);
        return copy;
    }
}
