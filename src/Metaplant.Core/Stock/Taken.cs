namespace Metaplant.Core.Stock;

/// <summary>
/// What is taken of one unit of a batch: all of it, or a part in its own measure. Of line and mesh m of length, of cloth m of length or, where it is cut the other way, of width, of a pile m³, of a bundle certain sticks.
/// </summary>
/// <param name="Unit">Which of the batch, from 1.</param>
/// <param name="Amount">m or m³; null for all of it, or where sticks are named.</param>
/// <param name="Across">True where a cloth gives a strip of its width along its whole length.</param>
/// <param name="Sticks">Which sticks, the longest being 0; null where it is no bundle.</param>
public sealed record Taken(int Unit, double? Amount = null, bool Across = false, IReadOnlyList<int>? Sticks = null)
{
    /// <summary>True where the amount is m³ of a pile and not m.</summary>
    public bool OfVolume { get; init; }

    public bool Whole => Amount is null && Sticks is null;

    public bool Equals(Taken? other) => other is not null && Unit == other.Unit && Amount == other.Amount && Across == other.Across && (Sticks ?? []).SequenceEqual(other.Sticks ?? []);

    public override int GetHashCode() => HashCode.Combine(Unit, Amount, Across);
}
