using System.Globalization;
using System.Text.RegularExpressions;

namespace Metaplant.Core.Building;

/// <summary>
/// What a step or a way of taking apart asks for: any one of a few tools, in a size where that matters.
/// </summary>
/// <param name="Words">As it is written: "Hand saw or jigsaw", "Drill, 8 mm bit".</param>
/// <param name="Size">In m; null where any will do.</param>
public sealed partial record ToolNeed(string Words, IReadOnlyList<string> Options, double? Size)
{
    /// <summary>Reads the words of a step: tools joined by "or", then a comma and a size in mm.</summary>
    public static ToolNeed Read(string words)
    {
        var comma = words.IndexOf(", ", StringComparison.Ordinal);
        var tools = comma < 0 ? words : words[..comma];
        return new(words, [.. tools.Split(" or ").Select(t => char.ToUpperInvariant(t[0]) + t[1..])], comma >= 0 && Sizes(words[comma..]) is [var size, ..] ? size : null);
    }

    /// <summary>Every size in m in a gardener's words: "4, 6 and 8 mm" has three.</summary>
    public static IReadOnlyList<double> Sizes(string words)
        => [.. Number().Matches(words).Select(m => double.Parse(m.Value.Replace(',', '.'), CultureInfo.InvariantCulture) / 1000)];

    [GeneratedRegex(@"\d+([.,]\d+)?", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Number();
}

/// <summary>How a need is met by the shelf.</summary>
/// <param name="Having">Of the best that there is.</param>
/// <param name="Who">Who alone may use it, where the shelf says.</param>
/// <param name="Instead">What does it without, as a sentence; null when it is had, or nothing does.</param>
public sealed record ToolAnswer(ToolNeed Need, Having Having, string? Who, string? Instead);
