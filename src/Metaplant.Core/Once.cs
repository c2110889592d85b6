namespace Metaplant.Core;

/// <summary>
/// What a record works out of itself once and keeps. A copy of the record works it out anew, and it says nothing about whether two records are equal.
/// </summary>
/// <remarks>A plain field would go into every copy as it is, so that what was changed in the copy would not show in it.</remarks>
internal struct Once<T> : IEquatable<Once<T>>
{
    // One reference, written at once: whoever reads on another thread sees all of it or none.
    private Known? known;

    public T Of<TOwner>(TOwner owner, Func<TOwner, T> work)
        where TOwner : class
    {
        if (known is { } there && ReferenceEquals(there.Owner, owner)) return there.Value;
        var found = work(owner);
        known = new(owner, found);
        return found;
    }

    public readonly bool Equals(Once<T> other) => true;

    public override readonly bool Equals(object? obj) => obj is Once<T>;

    public override readonly int GetHashCode() => 0;

    private sealed class Known(object owner, T value)
    {
        public object Owner { get; } = owner;

        public T Value { get; } = value;
    }
}
