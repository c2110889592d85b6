using Metaplant.Core.Casting;
using Metaplant.Core.Designs;
using Metaplant.Core.Matching;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Fetching;

/// <summary>A kind of salvage that, as it usually is, gives what is wanted.</summary>
/// <param name="Each">How many of the pieces one of it gives.</param>
/// <param name="LeaveIt">What on it says to leave it where it is, as it is ticked.</param>
public sealed record Giver(SalvageKind Kind, int Each, IReadOnlyList<string> LeaveIt);

/// <summary>A fit that lacks one thing and nothing else.</summary>
/// <param name="Without">The best there is without it; null where nothing will do.</param>
public sealed record Unlocking(Fit With, Fit? Without)
{
    /// <summary>How it would stand beside what can be made now.</summary>
    public Sentence Words => BesideNow.Of(With, Without);
}

/// <summary>Something to look for on somebody else's heap.</summary>
/// <param name="Missing">What one of the designs lacks of it, with the least measures.</param>
/// <param name="Count">For the one that lacks most.</param>
/// <param name="Spares">To take beside them, since what was not looked at at home turns out bad now and then.</param>
/// <param name="Unlocks">What could be made with it and nothing more, what cannot be made at all first.</param>
/// <param name="Like">What all of it must be like, since it is more of what a planter is mainly made of; null where any will do that has the measures.</param>
/// <param name="Beside">Boards that it stands in one wall with: it must be as thick to within 2 mm, of the same stuff and as fit for food; null where it stands by itself.</param>
public sealed record WantedThing(Shortage Missing, int Count, int Spares, IReadOnlyList<Unlocking> Unlocks, IReadOnlyList<Giver> Givers, HeapThing? Like, HeapThing? Beside)
{
    /// <summary>"2 more like Bales from the harvest supper, and 1 to spare"</summary>
    public Sentence What
    {
        get
        {
            var part = Missing.Need.Name.ToLowerInvariant();
            Sentence what = Like is { } like ? (Sentence)$"{Count} more like {like.Thing.Name}" : Count == 1 ? (Sentence)$"One more of {part}" : (Sentence)$"{Count} {part}";
            return $"{what}, and {Spares} to spare";
        }
    }

    /// <summary>"Each at least 1100 mm long, 95 mm wide and 18 mm thick, as thick as Fish boxes, of the same stuff and as fit for food." Null where the eye says what will do.</summary>
    public Sentence? Measures => Like is not null ? null : Beside is { } beside ? (Sentence)$"Each at least {Missing.Least}; as thick as {beside.Thing.Name}, of the same stuff and as fit for food." : (Sentence)$"Each at least {Missing.Least}.";
}

/// <summary>What to take along when somebody has something to give away: what completes what nearly can be made.</summary>
public static class WantedList
{
    /// <summary>One spare for so many.</summary>
    private const int PerSpare = 10;

    private const double Slack = 1e-9;

    /// <summary>What is missing of designs that lack one thing and nothing else, and what would make more of those that will do; what unlocks most first.</summary>
    public static IReadOnlyList<WantedThing> Of(Heap heap, HouseRules rules, Brief brief, Aim aim, CancellationToken cancel = default)
    {
        var room = Stockroom.Of(heap);
        var lacking = Matcher.Match(heap, brief, aim, cancel: cancel).AsParallel().AsOrdered().WithCancellation(cancel).Select(m => m switch
        {
            { Standing: Standing.Nearly, Wanted: not null, Best: { } nearest } => new Unlocking(nearest, null),
            { Standing: Standing.WillDo, Best: { } best } when OneMore.Of(m.Design, best, room, aim, cancel) is { } better => new Unlocking(better, best),
            _ => null,
        }).OfType<Unlocking>().ToList();
        return [.. lacking.Select(u => (Unlocking: u, Wanted: u.With.Cast.Short[0], Lead: LeadOf(u.With)))
            .GroupBy(u => (Part: u.Wanted.Need.Name, u.Wanted.Length, u.Wanted.Width, u.Wanted.Thickness, Lead: u.Lead?.Thing.Id))
            .Select(g => Of(g.First().Wanted, g.First().Lead, g.Max(u => u.Wanted.Count), [.. g.Select(u => u.Unlocking).OrderBy(u => u.Without is not null)], rules))
            .OrderByDescending(w => w.Unlocks.Count(u => u.Without is null)).ThenByDescending(w => w.Unlocks.Count).ThenBy(w => w.Count).ThenBy(w => w.Missing.Need.Name, StringComparer.Ordinal)];
    }

    /// <summary>The thing a planter is mainly made of, where only more of that or what stands beside it will do; null where the measures alone decide.</summary>
    private static HeapThing? LeadOf(Fit fit)
        => fit.Cast.Short[0].Need is WholeNeeded or SectionsNeeded or SheetsNeeded or RollNeeded or PanelsNeeded or SticksNeeded { Alike: true } && fit.Cast.Short[0].Need.Role.Id == fit.Design.Lead.Id ? fit.Lead.Thing : null;

    private static WantedThing Of(Shortage wanted, HeapThing? lead, int count, IReadOnlyList<Unlocking> unlocks, HouseRules rules)
    {
        // Boards of a wall may come from anywhere; all else of what a planter is mainly made of is not pieced out with something different.
        var beside = wanted.Need is PanelsNeeded ? lead : null;
        var like = beside is null ? lead : null;
        // Of what must be like something, that something says best what to look out for.
        IEnumerable<Giver?> givers = like is null ? SalvageKinds.All.Select(k => GiverOf(k, wanted, rules)) : [GiverOf(like.Thing with { Count = 1, Findings = [], Faults = [] }, wanted, rules)];
        return new(wanted, count, (count + PerSpare - 1) / PerSpare, unlocks, [.. givers.OfType<Giver>()], like, beside);
    }

    private static Giver? GiverOf(SalvageKind kind, Shortage wanted, HouseRules rules)
    {
        if (!kind.Substances.Any(s => wanted.Need.Role.Of?.Invoke(s) ?? true)) return null;
        return Thing.Create(0, 0, kind.Name, kind.Id, 1, new Dictionary<string, double>(), null, [], []) is { Ok: true, Value: var usual } ? GiverOf(usual, wanted, rules) : null;
    }

    private static Giver? GiverOf(Thing one, Shortage wanted, HouseRules rules)
    {
        var each = one.Kind.BreakDown(one).Max(w => (int?)w.Yields.Where(y => wanted.Need.Role.Forms.Contains(y.Form) && Suits(y, wanted)).Sum(y => (int)Math.Floor(y.Expected + Slack))) ?? 0;
        return each == 0 ? null : new(one.Kind, each, [.. one.Kind.LookFor.Where(f => Inspection.Judge(one with { Findings = [f] }, rules).Fitness == Fitness.Refused).Select(f => Findings.Find(f)!.Words)]);
    }

    private static bool Suits(Yield y, Shortage wanted) => y.Length >= wanted.Length - Slack && y.Width >= wanted.Width - Slack && y.Thickness >= wanted.Thickness - Slack;
}
