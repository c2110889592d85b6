using System.Globalization;
using Metaplant.Core.Sums;

namespace Metaplant.Data.Csv;

/// <summary>Measures as they stand in a file: a number and a unit, always a dot for the decimals. What a person types on a screen is read there; a file is read here.</summary>
public static class MeasureText
{
    /// <summary>The value in SI, or null when it is no such measure. A length needs its unit, so that 92 is never taken for metres.</summary>
    public static double? Parse(string text, Unit unit)
    {
        var units = UnitWords.Of(unit);
        var clean = text.Trim();
        var split = clean.TakeWhile(c => char.IsAsciiDigit(c) || c is '.' or '-' or '+' || (c is 'e' or 'E' && units is null)).Count();
        if (!double.TryParse(clean[..split], NumberStyles.Float, CultureInfo.InvariantCulture, out var number)) return null;
        var suffix = clean[split..].Trim();
        if (units is null) return suffix.Length == 0 ? number : null;
        // Rounded, so that 18 mm is .018 and not a hair beside it.
        return units.TryGetValue(suffix, out var factor) ? Math.Round(number * factor, 12) : null;
    }

    public static string Write(double value, Unit unit) => unit switch
    {
        Unit.Metre => Number(value * 1000) + " mm",
        Unit.CubicMetre => Number(value * 1000) + " l",
        Unit.Kilogram => Number(value) + " kg",
        _ => Number(value),
    };

    private static string Number(double value) => Math.Round(value, 6).ToString(CultureInfo.InvariantCulture);
}
