using System.Globalization;
using System.Text.RegularExpressions;

namespace Metaplant.Core.Building;

/// <summary>
/// What a step or a way of taking apart asks for: any one of a few tools, in a size where that matters.
/// </summary>
/// <param name="Words">The tools, joined by "or": "Hand saw or jigsaw".</param>
/// <param name="Size">Of its bit, in m; null where any will do.</param>
public sealed partial record ToolNeed(string Words, double? Size = null)
{
    private const double Inch = UnitWords.Inch;

    private Once<IReadOnlyList<string>> options;

    /// <summary>The tools, any of which does, each with a capital letter.</summary>
    public IReadOnlyList<string> Options => options.Of(this, static need => [.. need.Words.Split(" or ").Select(t => char.ToUpperInvariant(t[0]) + t[1..])]);

    /// <summary>"Hand saw or jigsaw", "Drill, 8 mm bit".</summary>
    public Sentence Told => Size is { } size ? (Sentence)$"{Words}, {Amount.Length(size)} bit" : Words;

    /// <summary>Tools of any size.</summary>
    public static implicit operator ToolNeed(string words) => new(words);

    public bool Equals(ToolNeed? other) => other is not null && Words == other.Words && Nullable.Equals(Size, other.Size);

    public override int GetHashCode() => HashCode.Combine(Words, Size);

    /// <summary>
    /// Every size in m in a gardener's words: "4, 6 and 8 mm" has three, "1/8, 1/4 in" two. Each is in the unit that follows it next, mm where none does; a fraction is always of an inch.
    /// </summary>
    public static IReadOnlyList<double> Sizes(string words)
    {
        var found = Number().Matches(words);
        var sizes = new double[found.Count];
        var inches = false;
        for (var i = found.Count - 1; i >= 0; i--)
        {
            var m = found[i];
            inches = m.Groups["unit"] switch { { Success: false } => inches, { Value: "mm" } => false, _ => true };
            sizes[i] = m.Groups["bottom"].Success
                ? (m.Groups["whole"].Success ? Read(m, "whole") : 0) * Inch + Read(m, "top") / Math.Max(1, Read(m, "bottom")) * Inch
                : Read(m, "number") * (inches ? Inch : .001);
        }

        return sizes;
    }

    private static double Read(Match m, string group) => double.Parse(m.Groups[group].Value.Replace(',', '.'), CultureInfo.InvariantCulture);

    [GeneratedRegex("""((?<whole>\d+)\s+)?(?<top>\d+)/(?<bottom>\d+)(\s*(?<unit>in|"))?|(?<number>\d+([.,]\d+)?)(\s*(?<unit>mm|in|"))?""", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Number();
}

/// <summary>How a need is met by the shelf.</summary>
/// <param name="Having">Of the best that there is.</param>
/// <param name="Who">Who alone may use it, where the shelf says.</param>
/// <param name="Instead">What does it without, as a sentence; null when it is had, or nothing does.</param>
public sealed record ToolAnswer(ToolNeed Need, Having Having, string? Who, Sentence? Instead);
