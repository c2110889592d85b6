using Metaplant.Core.Cutting;
using Metaplant.Core.Designs;
using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Stock;

namespace Metaplant.Core.Casting;

/// <summary>What of one unit of a batch goes into a need, and the way it is got.</summary>
public sealed record Take(int ThingId, string NeedId, string WayId, Taken Taken);

/// <summary>Something to buy because the heap has none: how much of a need, in its own measure, in how many packs. No row when nothing bought will do.</summary>
public sealed record Purchase(Need Need, double Amount, PriceRow? Row, int Packs)
{
    public string NeedId => Need.Id;

    /// <summary>True for growing medium: what is not sold is dug or fetched, and stops nothing.</summary>
    public bool IsSoil => Need is FillNeeded { DugOrFetched: true };

    public double Cost => Row is null ? 0 : Packs * Row.Price;
}

/// <summary>A thing of the right form that a part was not filled with, and why.</summary>
public sealed record PassedOver(string Part, int ThingId, string ThingName, Sentence Why);

/// <summary>What is lacking of a need that nothing bought can be: so many more of at least these measures, m, so that somebody can look for it. Cast with <see cref="Effort.Proven"/> the boards of a panel are the fewest that complete it; cast quickly they are an estimate. Of courses it is one more like the last.</summary>
public sealed record Shortage(Need Need, int Count, double Length, double Width, double Thickness)
{
    /// <summary>"4 more wanted for planks, each at least 1100 mm long, 95 mm wide and 18 mm thick."</summary>
    public Sentence Words => $"{Count} more wanted for {Need.Name.ToLowerInvariant()}, each at least {Least}.";

    /// <summary>"1100 mm long, 95 mm wide and 18 mm thick", or "any size".</summary>
    public Sentence Least => (Length > 0, Width > 0, Thickness > 0) switch
    {
        (true, true, true) => (Sentence)$"{Amount.Length(Length)} long, {Amount.Length(Width)} wide and {Amount.Length(Thickness)} thick",
        (true, true, false) => (Sentence)$"{Amount.Length(Length)} long and {Amount.Length(Width)} wide",
        (true, false, true) => (Sentence)$"{Amount.Length(Length)} long and {Amount.Length(Thickness)} thick",
        (true, false, false) => (Sentence)$"{Amount.Length(Length)} long",
        _ => "any size",
    };
}

/// <summary>One real piece that fills a part: from which thing, which unit and way of it, or bought; its sizes in m. One that is missing has the least sizes that would do, so that what is nearly made can be drawn.</summary>
/// <param name="Of">The thing it comes from; null when it is bought or missing.</param>
public sealed record Piece(string NeedId, HeapThing? Of, string WayId, int Unit, double Length, double Width, double Thickness)
{
    public const string BoughtGrade = "C14";

    public bool Missing { get; init; }

    public double Wide => Math.Max(Width, Thickness);

    public double Thin => Math.Min(Width, Thickness);

    public Condition Condition => Of?.Thing.Condition ?? Condition.Sound;

    /// <summary>The strength class it is taken for: the lowest of softwood where nobody has graded it.</summary>
    public string Grade => Of?.Thing.Substance.Grade() ?? BoughtGrade;
}

/// <summary>A panel as its boards stand, from one end to the other.</summary>
/// <param name="Ripped">Which board is ripped, and to what width, m; null where they come out by themselves.</param>
public sealed record Panel(double Width, IReadOnlyList<Piece> Boards, (int Index, double To)? Ripped)
{
    /// <summary>Widths as they stand, the ripped one as it is ripped, m.</summary>
    public IReadOnlyList<double> Widths => [.. Boards.Select((b, i) => Ripped is { } r && r.Index == i ? r.To : b.Wide)];
}

/// <summary>One course of a wall: the height of its boards and its pieces, in the order they were asked for.</summary>
public sealed record Course(double Height, double Thickness, IReadOnlyList<Piece> Pieces);

/// <summary>Sections sawn out of one pallet: the first slats of each (from 1) and how many slats high.</summary>
/// <param name="Piece">Which of the batch, from 1.</param>
public sealed record SectionCut(int ThingId, int Piece, IReadOnlyList<int> FirstSlats, int Slats);

/// <summary>Which real piece fills which part, what is cut from what, what is bought, and what is missing.</summary>
/// <param name="PassedOver">By need, the first thing that would have had the size and was not fit to sit there, with the sentence why.</param>
/// <param name="Proven">True where every other way of cutting the sawn wood was ruled out; false where the first good one was taken.</param>
public sealed record Cast(
    IReadOnlyDictionary<string, IReadOnlyList<Piece>> Pieces, IReadOnlyList<Take> Takes, IReadOnlyList<Purchase> Buys, IReadOnlyList<Shortage> Short, CutPlan Cuts, IReadOnlyDictionary<string, PassedOver> PassedOver, bool Proven)
{
    public static Cast Nothing { get; } = new(new Dictionary<string, IReadOnlyList<Piece>>(), [], [], [], CutPlan.Empty, new Dictionary<string, PassedOver>(), true);

    public IReadOnlyDictionary<string, IReadOnlyList<Panel>> Panels { get; init; } = new Dictionary<string, IReadOnlyList<Panel>>();

    public IReadOnlyDictionary<string, IReadOnlyList<Course>> Courses { get; init; } = new Dictionary<string, IReadOnlyList<Course>>();

    /// <summary>How the pallets of the lead are sawn into sections.</summary>
    public IReadOnlyList<SectionCut> SectionCuts { get; init; } = [];

    /// <summary>All that was asked for.</summary>
    public IReadOnlyList<Need> Asked { get; init; } = [];

    /// <summary>Things that are taken apart for their boards, rails or legs: which, how, and how many units of them.</summary>
    public IReadOnlyList<(HeapThing Thing, Way Way, int Units)> TakenApart { get; init; } = [];

    /// <summary>Working minutes of getting at the stock by taking things apart, before the salvage factor.</summary>
    public double TakingApart { get; init; }

    /// <summary>Of <see cref="TakingApart"/>, what is for sawn wood.</summary>
    public double TakingApartToSaw { get; init; }

    public double Cost => Buys.Sum(b => b.Cost);

    /// <summary>What neither heap nor shop gives.</summary>
    public IEnumerable<Purchase> Unfilled => Buys.Where(b => b.Row is null && !b.IsSoil);

    /// <summary>Units touched, whole or in part, by batch.</summary>
    public IReadOnlyDictionary<int, int> Counts => Takes.GroupBy(t => t.ThingId).ToDictionary(g => g.Key, g => g.Select(t => t.Taken.Unit).Distinct().Count());

    /// <summary>The pieces of a need; empty for what gives none, such as line.</summary>
    public IReadOnlyList<Piece> this[string needId] => Pieces.GetValueOrDefault(needId) ?? [];

    /// <summary>What a check or a drawing of all pieces of a need goes by: as worn as the worst of them, and in each side as small as the smallest.</summary>
    public Piece Weakest(string needId)
    {
        var all = this[needId];
        return all.MaxBy(p => p.Condition)! with { Width = all.Min(p => p.Wide), Thickness = all.Min(p => p.Thin) };
    }

    /// <summary>As worn as the worst piece of a need; sound where it has none.</summary>
    public Condition Worn(string needId) => this[needId].Select(p => p.Condition).DefaultIfEmpty(Condition.Sound).Max();

    /// <summary>What of the heap is taken from one thing for a need.</summary>
    public IEnumerable<Take> Of(string needId) => Takes.Where(t => t.NeedId == needId);

    /// <summary>This cast and what was added to it.</summary>
    public Cast And(Cast more) => this with
    {
        Pieces = Pieces.Concat(more.Pieces).ToDictionary(StringComparer.Ordinal),
        Takes = [.. Takes, .. more.Takes],
        Buys = [.. Buys, .. more.Buys],
        Short = [.. Short, .. more.Short],
        Cuts = new([.. Cuts.Bars, .. more.Cuts.Bars], Cuts.Missing.Concat(more.Cuts.Missing).GroupBy(m => m.Key).ToDictionary(g => g.Key, g => g.Sum(m => m.Value))),
        Panels = Panels.Concat(more.Panels).ToDictionary(StringComparer.Ordinal),
        Courses = Courses.Concat(more.Courses).ToDictionary(StringComparer.Ordinal),
        SectionCuts = [.. SectionCuts, .. more.SectionCuts],
        TakenApart = [.. TakenApart.Concat(more.TakenApart).GroupBy(a => (a.Thing.Thing.Id, a.Way.Id)).Select(g => (g.First().Thing, g.First().Way, g.Sum(a => a.Units)))],
        Proven = Proven && more.Proven,
        PassedOver = PassedOver.Concat(more.PassedOver).DistinctBy(p => p.Key).ToDictionary(StringComparer.Ordinal),
        TakingApart = TakingApart + more.TakingApart,
        TakingApartToSaw = TakingApartToSaw + more.TakingApartToSaw,
        Asked = [.. Asked, .. more.Asked],
    };
}
