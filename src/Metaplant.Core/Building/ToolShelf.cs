using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Building;

/// <summary>How a tool can be had.</summary>
public enum Having
{
    Owned,
    Borrowed,
    Lacking,
}

/// <summary>One tool of the shelf.</summary>
/// <param name="Sizes">What sizes of it there are, in the gardener's words: "4, 6, 8, 10 mm", "1/8, 1/4 in".</param>
/// <param name="Who">Who may use it.</param>
public sealed record ShelvedTool(Having Having, string Sizes = "", string Who = "");

/// <summary>
/// What tools are owned, can be borrowed or are lacking. A tool that nobody has said anything of is taken as owned, so that an untouched shelf stops nothing.
/// </summary>
public sealed class ToolShelf
{
    /// <summary>A bit of 5/16 in does for one of 8 mm; one of 1/4 in does not for 6.</summary>
    private const double SameSize = .0002;

    private readonly IReadOnlyDictionary<string, ShelvedTool> tools;

    private ToolShelf(IReadOnlyDictionary<string, ShelvedTool> tools) => this.tools = tools;

    public static ToolShelf Untouched { get; } = new(new Dictionary<string, ShelvedTool>());

    /// <summary>Every tool that some way of taking a thing apart asks for or that something stands in for, by name.</summary>
    public static IReadOnlyList<string> All { get; } =
    [
        .. SalvageKinds.All
            .Select(k => Thing.Create(0, 0, k.Name, k.Id, 1, new Dictionary<string, double>(), null, [], []).OrThrow())
            .SelectMany(t => t.Kind.BreakDown(t)).SelectMany(w => w.Tools).SelectMany(t => ((ToolNeed)t).Options)
            .Concat(Substitutes.Tools)
            .Distinct(StringComparer.Ordinal).Order(StringComparer.Ordinal),
    ];

    /// <summary>The shelf as it was filled in; refused when a tool is unknown or words are too long.</summary>
    public static Outcome<ToolShelf> Of(IReadOnlyDictionary<string, ShelvedTool> tools)
    {
        const int Longest = 120;
        List<Problem> problems =
        [
            .. tools.Keys.Where(t => !All.Contains(t)).Select(t => new Problem("tools", $"“{t}” is no tool of the shelf.")),
            .. tools.Where(t => t.Value.Sizes.Length > Longest || t.Value.Who.Length > Longest).Select(t => new Problem("tools", $"{t.Key}: at most {Longest} letters.")),
        ];
        return problems.Count > 0 ? Outcome<ToolShelf>.Refuse(problems) : new ToolShelf(tools);
    }

    /// <summary>The same with the tools there are; one that a later version no longer has is left out.</summary>
    public static ToolShelf WithWhatCanBe(IReadOnlyDictionary<string, ShelvedTool> tools) => new(tools.Where(t => All.Contains(t.Key)).ToDictionary(StringComparer.Ordinal));

    /// <summary>The first tool of a way that is lacking, alternatives counted; null when the way can be gone.</summary>
    public string? Lacks(Way way) => way.Tools.FirstOrDefault(t => Answer(t).Having == Having.Lacking);

    /// <summary>What does a way's first lacking tool's work, as a sentence; null when none is lacking or nothing does.</summary>
    public Sentence? InsteadFor(Way way) => way.Tools.Select(t => Answer(t)).FirstOrDefault(a => a.Having == Having.Lacking)?.Instead;

    /// <summary>Tools of a way that must be borrowed first.</summary>
    public IReadOnlyList<string> ToBorrow(Way way) => [.. way.Tools.Where(t => Answer(t).Having == Having.Borrowed)];

    /// <summary>How the shelf meets one need: the best of its alternatives, in its size.</summary>
    public ToolAnswer Answer(ToolNeed need)
    {
        var best = need.Options.OrderBy(o => Of(o, need.Size)).First();
        var having = Of(best, need.Size);
        var who = tools.GetValueOrDefault(best)?.Who is { Length: > 0 } name ? name : null;
        return new(need, having, having == Having.Lacking ? null : who, having == Having.Owned ? null : Otherwise(need, best));
    }

    /// <summary>A tool whose sizes are told and do not hold the one wanted is not had in it.</summary>
    private Having Of(string tool, double? size)
    {
        if (!tools.TryGetValue(tool, out var held)) return Having.Owned;
        return held.Having != Having.Lacking && size is { } wanted && ToolNeed.Sizes(held.Sizes) is { Count: > 0 } sizes && !sizes.Any(s => Math.Abs(s - wanted) < SameSize) ? Having.Lacking : held.Having;
    }

    private Sentence? Otherwise(ToolNeed need, string tool)
    {
        var sizes = tools.TryGetValue(tool, out var held) && held.Having != Having.Lacking && need.Size is not null ? ToolNeed.Sizes(held.Sizes) : [];
        if (sizes.Count == 0) return need.Options.Select(o => Substitutes.For(o, IsHad)).FirstOrDefault(w => w is not null);
        var near = sizes.MinBy(s => Math.Abs(s - need.Size!.Value));
        return $"The nearest on the shelf is {Amount.Length(near)}: borrow the one of {Amount.Length(need.Size!.Value)}, or see whether the drawing takes the other.";
    }

    private bool IsHad(string tool) => Of(tool, null) == Having.Owned;
}
