namespace Metaplant.Core.Optimising;

/// <summary>What was found: a value for every unknown, what they cost, and the least that any others could.</summary>
/// <param name="Proven">True where nothing can cost less.</param>
public sealed record Optimum(IReadOnlyList<long> Values, long Cost, long Bound, bool Proven);

/// <summary>How long somebody may look.</summary>
/// <param name="Seconds">By the clock; what ends by it may be another answer on another day.</param>
/// <param name="Work">By the work done, in units that take about a second each; what ends by it is the same answer every time.</param>
public readonly record struct Patience(double Seconds, double Work)
{
    /// <summary>What no clock ends in practice.</summary>
    private const double Hour = 3600;

    /// <summary>By the clock, on a machine as quick as most.</summary>
    public static Patience OfSeconds(double seconds) => new(seconds, seconds);

    /// <summary>By the work alone, so that a slow or a busy machine finds the same.</summary>
    public static Patience OfWork(double work) => new(Hour, work);

    /// <summary>A part of it, of which so many seconds are gone.</summary>
    public Patience Part(double part, double gone = 0) => new(part * (Seconds - gone), part * Work);
}

/// <summary>What a program would cost at least if its unknowns need not be whole, and by how much each of its requirements raises that: per unit of what it asks.</summary>
public sealed record Relaxation(double Cost, IReadOnlyList<double> Prices);

/// <summary>Whoever finds the best whole numbers. All that is asked of one can also be answered, worse, without it.</summary>
public interface IOptimizer
{
    /// <summary>The best that was found in so much time, no worse than what it starts from where that is allowed; null where nothing is allowed or nothing was found in time. Stopped, it answers with the best so far.</summary>
    /// <param name="start">Values to start from; empty where there are none.</param>
    Optimum? Least(IntegerProgram program, IReadOnlyList<long> start, Patience patience, CancellationToken cancel = default);

    /// <summary>The same where unknowns need not be whole; null where nothing is allowed.</summary>
    Relaxation? Relaxed(IntegerProgram program);
}
