using Metaplant.Core.Sums;

namespace Metaplant.Core.Stock;

/// <summary>Tells how much of a batch is taken where it is not whole units.</summary>
public static class TakenWords
{
    /// <summary>"4 sticks", "2300 mm", "300 litres"; null where only whole units are taken.</summary>
    public static Sentence? Told(IEnumerable<Taken> taken)
    {
        var parts = taken.Where(t => !t.Whole).ToList();
        if (parts.Count == 0) return null;
        if (parts.Sum(t => t.Sticks?.Count ?? 0) is > 0 and var sticks) return $"{new Count(sticks, "stick", "sticks")}";
        var amount = parts.Sum(t => t.Amount ?? 0);
        return parts[0].OfVolume ? $"{Amount.Volume(amount)}" : parts[0].Across ? (Sentence)$"a strip of {Amount.Length(amount)}" : $"{Amount.Length(amount)}";
    }
}
