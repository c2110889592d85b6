using System.Diagnostics.CodeAnalysis;

namespace Metaplant.Core.Sums;

/// <summary>Something wrong with one input, in a sentence a gardener can act on.</summary>
/// <param name="Field">The name of the input, as it is called in code and over HTTP ("topDiameter").</param>
public sealed record Problem(string Field, Sentence Sentence);

/// <summary>A value, or the problems that kept it from being made; never both and never neither.</summary>
public sealed class Outcome<T>
    where T : class
{
    private Outcome(T? value, IReadOnlyList<Problem> problems)
    {
        Value = value;
        Problems = problems;
    }

    public T? Value { get; }

    public IReadOnlyList<Problem> Problems { get; }

    [MemberNotNullWhen(true, nameof(Value))]
    public bool Ok => Value is not null;

    public static implicit operator Outcome<T>(T value) => new(value, []);

    public static implicit operator Outcome<T>(Problem problem) => new(null, [problem]);

    public static Outcome<T> Refuse(IReadOnlyList<Problem> problems)
    {
        ArgumentOutOfRangeException.ThrowIfZero(problems.Count);
        return new(null, problems);
    }

    /// <summary>The next step if this one went well, else its problems carried on.</summary>
    public Outcome<TNext> Then<TNext>(Func<T, Outcome<TNext>> next)
        where TNext : class
        => Ok ? next(Value) : Outcome<TNext>.Refuse(Problems);

    /// <summary>The value, for callers that know there is one; a bug otherwise.</summary>
    public T OrThrow() => Value ?? throw new InvalidOperationException(string.Join(" ", Problems.Select(p => $"{p.Field}: {p.Sentence.ToString()}")));
}
