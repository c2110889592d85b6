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
/// <param name="Sizes">What sizes of it there are, in the gardener's words: "4, 6, 8, 10 mm".</param>
/// <param name="Who">Who may use it.</param>
public sealed record ShelvedTool(Having Having, string Sizes = "", string Who = "");

/// <summary>
/// What tools are owned, can be borrowed or are lacking. A tool that nobody has said anything of is taken as owned, so that an untouched shelf stops nothing.
/// </summary>
public sealed class ToolShelf
{
    private const string Or = " or ";

    private readonly IReadOnlyDictionary<string, ShelvedTool> tools;

    private ToolShelf(IReadOnlyDictionary<string, ShelvedTool> tools) => this.tools = tools;

    public static ToolShelf Untouched { get; } = new(new Dictionary<string, ShelvedTool>());

    /// <summary>Every tool that some way of taking a thing apart asks for, by name.</summary>
    public static IReadOnlyList<string> All { get; } =
    [
        .. SalvageKinds.All
            .Select(k => Thing.Create(0, 0, k.Name, k.Id, 1, new Dictionary<string, double>(), null, [], []).OrThrow())
            .SelectMany(t => t.Kind.BreakDown(t)).SelectMany(w => w.Tools).SelectMany(Options)
            .Concat(["Drill", "Hole cutter", "Hand saw", "Level", "Stapler"])
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

    /// <summary>The first tool of a way that is lacking, alternatives counted; null when the way can be gone.</summary>
    public string? Lacks(Way way) => way.Tools.FirstOrDefault(t => Options(t).All(o => tools.TryGetValue(o, out var tool) && tool.Having == Having.Lacking));

    /// <summary>Tools of a way that must be borrowed first.</summary>
    public IReadOnlyList<string> ToBorrow(Way way)
        => [.. way.Tools.Where(t => Options(t).All(o => tools.TryGetValue(o, out var tool) && tool.Having != Having.Owned) && Options(t).Any(o => tools[o].Having == Having.Borrowed))];

    private static IEnumerable<string> Options(string tool) => tool.Split(Or).Select(t => char.ToUpperInvariant(t[0]) + t[1..]);
}
