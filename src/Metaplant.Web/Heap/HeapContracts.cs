using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Core.Supports;
using Metaplant.Data;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Heap;

/// <summary>A thing as typed. Measures in SI by field id; those left out take their typical value. <paramref name="Version"/> is that of the row read, and not needed for a new thing.</summary>
/// <param name="Taken">Ids of the measures that somebody took; all that are given, when left out.</param>
/// <param name="Laid">Sticks of a bundle laid one by one; left out, they stay as they were.</param>
/// <param name="History">What was seen on what it came from, for looking at it only: it is never changed by hand.</param>
public sealed record ThingInput(
    string? Name, string? Kind, int? Count, IReadOnlyDictionary<string, double>? Measures, Substance? Substance, IReadOnlyList<string>? Findings, IReadOnlyList<Fault>? Faults,
    string? Place, string? Remark, string? Source, string? Permission, double? Cost, bool? KeepDry, DateOnly? UseBefore, int? Version, IReadOnlyList<string>? Taken = null, IReadOnlyList<string>? History = null, IReadOnlyList<Stick>? Laid = null)
{
    /// <summary>The particulars as given; what was left out stays as it was.</summary>
    public Particulars Particulars(Particulars before)
        => new(Place ?? before.Place, Remark ?? before.Remark, Source ?? before.Source, Permission ?? before.Permission, Cost ?? before.Cost, KeepDry ?? before.KeepDry, UseBefore ?? before.UseBefore);

    public Outcome<Thing> ToThing(int id, int number, IReadOnlyList<string>? history = null, IReadOnlyList<Stick>? laid = null)
    {
        var problems = Particulars(new()).Problems().ToList();
        var thing = Thing.Create(id, number, Name ?? "", Kind ?? "", Count ?? 1, Measures ?? new Dictionary<string, double>(), Substance, Findings ?? [], Faults ?? [], history, Taken).Then(t => t.Lay(Laid ?? laid ?? []));
        problems.AddRange(thing.Problems);
        return problems.Count > 0 ? Outcome<Thing>.Refuse(problems) : thing;
    }
}

public sealed record ReasonDto(Fitness Fitness, Sentence Sentence, string? HouseRule);

public sealed record YieldDto(Form Form, string Name, int Count, double Expected, double Length, double Width, double Thickness);

public sealed record WayDto(string Id, string Name, IReadOnlyList<YieldDto> Yields, double Minutes, IReadOnlyList<string> Tools, Sentence Words, string? Lacks, string? Instead, Sentence? Without, IReadOnlyList<string> ToBorrow, bool GivesPieces);

/// <summary>What one project has spoken for of a thing; what it has sawn up already is no part of it.</summary>
/// <param name="Count">Units whole.</param>
/// <param name="Part">What is taken besides, where it is no whole unit: "4 sticks".</param>
public sealed record ShareDto(int ProjectId, string ProjectName, int Count, Sentence? Part);

/// <summary>A thing of the heap with its verdict and the shape it shows there.</summary>
public sealed record ThingDto(
    int Id, int Number, string Name, string Kind, int Count, int Free, IReadOnlyDictionary<string, double> Measures, Substance Substance, IReadOnlyList<string> Findings, IReadOnlyList<string> History, IReadOnlyList<string> Taken, IReadOnlyList<Fault> Faults, IReadOnlyList<Stick> Laid,
    string Place, string Remark, string Source, string Permission, double? Cost, bool KeepDry, DateOnly? UseBefore, int? ParentId, IReadOnlyList<int> Photos, bool Retired, int Version, Fitness Fitness, bool NotLookedAtYet, bool LookedAt, bool MayCut, IReadOnlyList<ReasonDto> Reasons, IReadOnlyList<ShareDto> SpokenFor, IReadOnlyList<ShapeDto> Silhouette)
{
    public static ThingDto Of(ThingRow row, HeapThing heap, IEnumerable<Share> shares, IEnumerable<int> photos) => new(
        row.Id, row.Number, row.Name, row.Kind, row.Count - shares.Sum(s => s.Gone), heap.Free, heap.Thing.Values, heap.Thing.Substance, heap.Thing.Findings, heap.Thing.History, [.. heap.Thing.Kind.Fields.Where(f => heap.Thing.Taken.Contains(f.Id)).Select(f => f.Id)], heap.Thing.Faults, heap.Thing.Laid, row.Place, row.Remark, row.Source, row.Permission, row.Cost, row.KeepDry, row.UseBefore, row.ParentId, [.. photos], row.Retired, row.Version,
        heap.Judgement.Fitness, heap.Judgement.NotLookedAtYet, heap.Judgement.LookedAt, heap.Judgement.MayCut, ReasonsOf(heap.Judgement), [.. shares.Where(s => s.Gone < s.Taken.Select(t => t.Unit).Distinct().Count()).Select(s => new ShareDto(s.ProjectId, s.ProjectName, s.Taken.Where(t => t.Whole).Select(t => t.Unit).Distinct().Count() - s.Gone, Core.Stock.TakenWords.Told(s.Taken)))],
        [.. heap.Thing.Kind.Silhouette(heap.Thing.Measures).Select(ShapeDto.Of)]);

    internal static IReadOnlyList<ReasonDto> ReasonsOf(Judgement judgement) => [.. judgement.Reasons.Select(r => new ReasonDto(r.Fitness, r.Sentence, r.HouseRule))];
}

/// <summary>What one design could make with a thing, or why not.</summary>
public sealed record CanMakeDto(string Design, string DesignName, Core.Matching.Standing Standing, Sentence? Size, double? Litres, Sentence? Drain, Sentence? Hold, Verdict? Worst, Sentence? Why);

/// <summary>A thing while it is being measured: drawn, judged, taken apart in thought; nothing is kept.</summary>
public sealed record PreviewDto(ViewDto Drawing, Fitness Fitness, bool NotLookedAtYet, IReadOnlyList<string> Open, IReadOnlyList<string> NotTaken, bool MayCut, IReadOnlyList<ReasonDto> Reasons, IReadOnlyList<WayDto> Ways, IReadOnlyList<string> FaultParts, IReadOnlyList<CanMakeDto> CanMake,
    Sentence? Usable, IReadOnlyList<string> HandleWith, IReadOnlyList<Life> Lives);

public sealed record VersionInput(int? Version);

public sealed record SplitInput(int? Count, int? Version);

/// <summary>Sticks to lie as a bundle of their own, by their places among those laid.</summary>
public sealed record SetApartInput(IReadOnlyList<int>? Sticks, string? Name, int? Version);

/// <summary>Sticks that are all of a bundle.</summary>
public sealed record BundleInput(IReadOnlyList<Stick>? Sticks);

/// <summary>Which thing, as it was read.</summary>
public sealed record ThingRef(int Id, int Version);

/// <summary>One change to many things; what is left out stays.</summary>
public sealed record BulkInput(IReadOnlyList<ThingRef>? Things, string? Place, string? Source, bool? KeepDry, IReadOnlyList<string>? AddFindings, IReadOnlyList<string>? RemoveFindings, bool? Retire);

public sealed record MergeInput(int? Into, int? Version, int? IntoVersion);

/// <summary>How many of a batch are taken apart, and which way.</summary>
public sealed record BreakInput(string? Way, int? Count, int? Version);

/// <summary>A length in m to cut off one of a batch.</summary>
public sealed record CutInput(double? Length, int? Version);

/// <summary>Sections sawn out of one pallet.</summary>
public sealed record SawInput(int? Boards, int? Sections, int? Version);

/// <summary>Sticks measured one by one, to be sorted into sets of so many that differ by no more than the spread, m.</summary>
public sealed record SortSticksInput(IReadOnlyList<Core.Supports.Stick>? Sticks, int? Count, double? LeastLength, double? GreatestSpread);

public sealed record RestOfSticksDto(StickUse Use, IReadOnlyList<int> Sticks);

public sealed record SortedSticksDto(IReadOnlyList<AlikeSet> Sets, IReadOnlyList<RestOfSticksDto> Rest);

public sealed record AlikeDto(IReadOnlyList<int> Things);
