using System.Globalization;
using System.Text.RegularExpressions;

namespace Metaplant.Core.Salvage.Spoken;

/// <summary>Timber named as it is sold and its true section, m: a two-by-four is 38 by 89 mm.</summary>
public sealed record TradeSection(string Name, double Thin, double Wide, double ThinAsSaid, double WideAsSaid);

/// <summary>
/// What a gardener says of a find in one line, taken apart: "5 pallets 47 1/4 x 39 3/8 HT", "barrel 58 gal", "9 scaffold boards 8 ft x 9 x 1 1/2".
/// </summary>
/// <param name="Count">1 where none is said.</param>
/// <param name="Words">What is left when numbers, measures and marks are out, as it was typed.</param>
/// <param name="Lengths">In m, in the order they were said.</param>
/// <param name="Volume">In m³; null where none is said.</param>
/// <param name="Findings">Ids of findings that a mark says.</param>
/// <param name="Trade">The name timber is sold by, where one is said; its true section is not among the lengths.</param>
public sealed partial record SpokenLine(int Count, string Words, IReadOnlyList<double> Lengths, double? Volume, IReadOnlyList<string> Findings, TradeSection? Trade)
{
    /// <summary>Letters that are read; what is beyond them is passed over.</summary>
    public const int Longest = 200;

    private const double Inch = UnitWords.Inch;
    private const double Foot = UnitWords.Foot;

    private static readonly Dictionary<string, string> Marks = new(StringComparer.Ordinal) { ["HT"] = "mark-heat", ["KD"] = "mark-heat", ["DH"] = "mark-heat", ["MB"] = "mark-fumigant" };

    /// <summary>True thicknesses and widths of surfaced timber by its name in inches (American Softwood Lumber Standard PS 20, dry), m.</summary>
    private static readonly Dictionary<int, double> Dressed = new() { [1] = .75 * Inch, [2] = 1.5 * Inch, [3] = 2.5 * Inch, [4] = 3.5 * Inch, [6] = 5.5 * Inch, [8] = 7.25 * Inch, [10] = 9.25 * Inch, [12] = 11.25 * Inch };

    /// <summary>Takes a line apart. A bare number is in <paramref name="bare"/> m, unless it stands among others that have a unit, or has a fraction, which is always of an inch.</summary>
    public static SpokenLine Read(string line, double bare, IReadOnlyDictionary<string, double>? own = null)
    {
        var text = (line.Length > Longest ? line[..Longest] : line).Replace('×', 'x').Replace('’', '\'').Replace('′', '\'').Replace('″', '"').Replace('”', '"').Trim();
        var findings = new List<string>();
        text = Mark().Replace(text, m => Marks.TryGetValue(m.Value, out var id) ? Found(id) : m.Value);
        double? volume = null;
        text = Volumes().Replace(text, m => VolumeOf(m.Groups["unit"].Value.ToLowerInvariant(), OwnIn(m, text, own)) is { } unit ? Took(Number(m.Groups["n"].Value) * unit) : m.Value);
        TradeSection? trade = null;
        text = Named().Replace(text, m => Sold(m) is { } sold ? Sells(sold) : m.Value, 1);
        var count = 1;
        text = Leading().Replace(text, m => Counted(m.Groups["n"].Value), 1);
        var lengths = new List<double>();
        text = Group().Replace(text, m =>
        {
            lengths.AddRange(InMetres(m.Value, bare));
            return " ";
        });
        return new(count, Spaces().Replace(text, " ").Trim(' ', ',', '.', ';', ':'), lengths, volume, findings, trade);

        string Found(string id)
        {
            if (!findings.Contains(id)) findings.Add(id);
            return " ";
        }

        string Took(double cubicMetres)
        {
            volume = cubicMetres;
            return " ";
        }

        string Sells(TradeSection sold)
        {
            trade = sold;
            return " ";
        }

        string Counted(string number)
        {
            count = int.Parse(number, CultureInfo.InvariantCulture);
            return " ";
        }
    }

    /// <summary>"4 barrows of soil" is a volume; "2 buckets", with nothing else said, is two buckets.</summary>
    private static IReadOnlyDictionary<string, double>? OwnIn(Match volume, string text, IReadOnlyDictionary<string, double>? own)
        => Measuring().Replace(text.Remove(volume.Index, volume.Length), " ").Any(char.IsLetter) ? own : null;

    private static double? VolumeOf(string unit, IReadOnlyDictionary<string, double>? own)
    {
        if (UnitWords.Volumes.TryGetValue(unit, out var one)) return one;
        return own is not null && (own.TryGetValue(unit, out one) || (unit.EndsWith('s') && own.TryGetValue(unit[..^1], out one))) ? one : null;
    }

    /// <summary>"2x4" alone is a name; with a unit or a fraction it is a measure.</summary>
    private static TradeSection? Sold(Match m)
    {
        int thin = int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture), wide = int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture);
        return thin <= wide && thin <= 4 && Dressed.TryGetValue(thin, out var t) && Dressed.TryGetValue(wide, out var w) ? new($"{thin}×{wide}", t, w, thin * Inch, wide * Inch) : null;
    }

    /// <summary>The numbers of one group, "8 ft x 9 x 1 1/2": those without a unit go by the others, what follows feet in inches and what follows metres in millimetres.</summary>
    private static IEnumerable<double> InMetres(string group, double bare)
    {
        var parts = Each().Matches(group);
        var units = parts.Select(p => p.Groups["unit"] is { Success: true } u ? UnitWords.Lengths[u.Value] : p.Value.Contains('/', StringComparison.Ordinal) ? Inch : (double?)null).ToList();
        var among = units.Contains(Inch) || units.Contains(Foot) ? Inch : units.Contains(.01) ? .01 : units.Any(u => u is not null) ? .001 : bare;
        for (var i = 0; i < parts.Count; i++)
        {
            var value = Number(parts[i].Groups["n"].Value) * (units[i] ?? among);
            // 5' 6" is one length.
            if (units[i] == Foot && i + 1 < parts.Count && units[i + 1] == Inch && !Between(group, parts[i], parts[i + 1]).Contains('x', StringComparison.OrdinalIgnoreCase) && !Between(group, parts[i], parts[i + 1]).Contains("by", StringComparison.OrdinalIgnoreCase))
                value += Number(parts[++i].Groups["n"].Value) * Inch;
            yield return Math.Round(value, 9);
        }
    }

    private static string Between(string group, Match a, Match b) => group[(a.Index + a.Length)..b.Index];

    private static double Number(string text)
    {
        var parts = text.Split((char[])[' '], StringSplitOptions.RemoveEmptyEntries);
        return parts.Sum(p => p.Split('/') is [var top, var bottom] ? double.Parse(top, CultureInfo.InvariantCulture) / Math.Max(1, double.Parse(bottom, CultureInfo.InvariantCulture)) : double.Parse(p.Replace(',', '.'), CultureInfo.InvariantCulture));
    }

    private const string Digits = @"(\d{1,6}\s+\d{1,3}/\d{1,3}|\d{1,3}/\d{1,3}|\d{1,6}([.,]\d{1,6})?|[.,]\d{1,6})";
    private const string Unit = "(?<unit>mm|cm|m|inches|inch|in|feet|foot|ft|\"|')(?![a-z0-9])";

    [GeneratedRegex(@"\b(HT|KD|DH|MB)\b", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Mark();

    [GeneratedRegex(@"(?<n>" + Digits + @")\s*(?<unit>[a-z]+3?)\b", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Volumes();

    [GeneratedRegex(@"(?<![\d./])\b(?<a>\d{1,2})\s*x\s*(?<b>\d{1,2})\b(?!\s*(x|/|\d+/|mm|cm|m\b|in\b|inch|""|'|ft))(?![.,]\d)", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Named();

    [GeneratedRegex(@"^(?<n>\d{1,5})\s*x?(?=\s+[a-z""])(?!\s*(mm|cm|m|in|inch|inches|ft|feet|foot|x|by)\b)", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Leading();

    [GeneratedRegex("(?<![a-z0-9])" + Digits + @"\s*(" + Unit + @")?((\s*(x|by|,)\s*|\s+)" + Digits + @"\s*(" + Unit + @")?)*", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Group();

    [GeneratedRegex("(?<n>" + Digits + @")\s*(" + Unit + ")?", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Each();

    [GeneratedRegex(@"\b(mm|cm|m|in|inch|inches|ft|foot|feet|x|by)\b|\d+x", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Measuring();

    [GeneratedRegex(@"\s+", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Spaces();
}
