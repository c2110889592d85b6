using Metaplant.Core.Building;
using Metaplant.Core.Materials;
using Metaplant.Core.Sums;

namespace Metaplant.Core.Matching;

/// <summary>What a making can ask too much of.</summary>
public enum Limit
{
    Time,
    Money,
    Hands,
    Tools,
    Height,
}

/// <summary>One thing of which a fit asks more than there is, and how much.</summary>
public sealed record Beyond(Limit Limit, Sentence Why);

/// <summary>What somebody has for making this time; what is null or false limits nothing.</summary>
/// <param name="Hours">Working hours.</param>
/// <param name="Money">To be spent at most, in the garden's currency.</param>
/// <param name="Alone">True where nobody can lend a second pair of hands.</param>
/// <param name="LeastHeight">What a back asks for: the soil at least so high above the ground, m. What holds no soil is let pass.</param>
/// <param name="Shelf">The tools to do it with; what lacks and nothing stands in for is beyond them.</param>
public sealed record Means(double? Hours = null, double? Money = null, bool Alone = false, double? LeastHeight = null, ToolShelf? Shelf = null)
{
    private const double Slack = 1e-9;

    public static Means Any { get; } = new();

    /// <summary>What no means can be: less than nothing, or no number.</summary>
    public IEnumerable<Problem> Problems()
    {
        foreach (var (field, value) in (IEnumerable<(string, double?)>)[("hours", Hours), ("money", Money), ("height", LeastHeight)])
        {
            if (value is { } given && !(given >= 0 && double.IsFinite(given))) yield return new(field, "It is a number and not less than nothing.");
        }
    }

    /// <summary>True where hours or money are beyond them already as a draft shows, before anything is assessed: what is solved for and supplied later only adds to both.</summary>
    public bool AreExceededBy(Draft draft)
        => (Hours is { } hours && draft.Blueprint.MinutesWith(draft.Set.Brief.Handbook[Practice.SalvageFactor], draft.Cast, draft.Set.Brief.Pace) / 60 > hours + Slack) || (Money is { } money && draft.Cast.Cost > money + Slack);

    /// <summary>Of what a fit asks more than there is, in the order of <see cref="Limit"/>; nothing where it is within them.</summary>
    public IReadOnlyList<Beyond> Of(Fit fit)
    {
        var beyond = new List<Beyond>();
        if (Hours is { } hours && fit.Hours(fit.Set.Brief) is var asks && asks > hours + Slack) beyond.Add(new(Limit.Time, $"It takes {new Amount(asks * 3600, Unit.Second)}; you have {new Amount(hours * 3600, Unit.Second)}."));
        if (Money is { } money && fit.Cast.Cost > money + Slack) beyond.Add(new(Limit.Money, $"It costs {new Amount(fit.Cast.Cost, Unit.Money)}; you would spend {new Amount(money, Unit.Money)}."));
        if (Alone && fit.Blueprint.Operations().FirstOrDefault(o => o.TwoPeople) is { } two) beyond.Add(new(Limit.Hands, $"It wants two people: {two.Title.GoingOn()}."));
        if (Shelf is { } shelf && Lacking(fit, shelf) is { } tool) beyond.Add(new(Limit.Tools, $"It wants what you lack: {tool.Told.GoingOn()}."));
        if (LeastHeight is { } least && Height(fit) is { } height && height < least - Slack) beyond.Add(new(Limit.Height, $"Its soil is {Amount.Length(height)} up; you want it at least {Amount.Length(least)} up."));
        return beyond;
    }

    private static ToolNeed? Lacking(Fit fit, ToolShelf shelf)
        => fit.Blueprint.Operations().SelectMany(o => o.Tools).Select(shelf.Answer).FirstOrDefault(a => a is { Having: Having.Lacking, Instead: null })?.Need;

    /// <summary>The highest soil or pocket above the ground, m; null for what holds none.</summary>
    private static double? Height(Fit fit)
    {
        IEnumerable<double> heights = [.. fit.Blueprint.Bays.Select(b => b.At.Z + b.Depth), .. fit.Blueprint.Pockets.Select(p => p.At.Z)];
        return heights.Any() ? heights.Max() : null;
    }
}
