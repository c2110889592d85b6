using Metaplant.Core.Sums;

namespace Metaplant.Data.Settings;

/// <summary>How a garden's numbers, money, days and paper are shown, beside the units of its lengths.</summary>
/// <param name="Decimal">"." or ",".</param>
/// <param name="Currency">What stands before an amount of money: "€", "$", "kr".</param>
/// <param name="Dates">"iso" (2027-05-31), "dmy" (31.5.2027) or "mdy" (5/31/2027).</param>
/// <param name="Paper">"A4" or "Letter".</param>
/// <param name="Volumes">The measure of one's own that is told in place of litres or gallons; empty for these.</param>
/// <param name="Place">Where the garden is, in the gardener's words; may be empty.</param>
public sealed record Manner(string Decimal, string Currency, string Dates, string Paper, string Volumes, string Place)
{
    private const int LongestCurrency = 4;
    private const int LongestPlace = 80;

    public static Manner Default { get; } = new(".", "€", "iso", "A4", "", "");

    /// <summary>What of it cannot be. A measure of one's own that is no longer there is passed over, and litres or gallons are told.</summary>
    public IEnumerable<Problem> Problems()
    {
        if (Decimal is not ("." or ",")) yield return new("decimal", "Decimals follow a point or a comma.");
        if (Currency.Length is 0 or > LongestCurrency) yield return new("currency", $"A sign or a word of at most {LongestCurrency} letters.");
        if (Dates is not ("iso" or "dmy" or "mdy")) yield return new("dates", "Days are written iso, dmy or mdy.");
        if (Paper is not ("A4" or "Letter")) yield return new("paper", "Paper is A4 or Letter.");
        if (Place.Length > LongestPlace) yield return new("place", $"At most {LongestPlace} letters.");
    }
}
