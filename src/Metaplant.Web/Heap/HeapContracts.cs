using Metaplant.Core.Materials;
using Metaplant.Core.Salvage;
using Metaplant.Core.Sums;
using Metaplant.Data;
using Metaplant.Web.Drawing;

namespace Metaplant.Web.Heap;

/// <summary>A thing as typed. Measures in SI by field id; those left out take their typical value. <paramref name="Version"/> is that of the row read, and not needed for a new thing.</summary>
public sealed record ThingInput(
    string? Name, string? Kind, int? Count, IReadOnlyDictionary<string, double>? Measures, Substance? Substance, IReadOnlyList<string>? Findings, IReadOnlyList<Fault>? Faults,
    string? Place, string? Remark, int? Version)
{
    private const int LongestPlace = 80;
    private const int LongestRemark = 1000;

    public Outcome<Thing> ToThing(int id, int number)
    {
        var problems = new List<Problem>();
        if (Place?.Length > LongestPlace) problems.Add(new("place", $"A place can have at most {LongestPlace} letters."));
        if (Remark?.Length > LongestRemark) problems.Add(new("remark", $"A remark can have at most {LongestRemark} letters."));
        var thing = Thing.Create(id, number, Name ?? "", Kind ?? "", Count ?? 1, Measures ?? new Dictionary<string, double>(), Substance, Findings ?? [], Faults ?? []);
        problems.AddRange(thing.Problems);
        return problems.Count > 0 ? Outcome<Thing>.Refuse(problems) : thing;
    }
}

public sealed record ReasonDto(Fitness Fitness, string Sentence, string? HouseRule);

public sealed record YieldDto(Form Form, string Name, int Count, double Expected, double Length, double Width, double Thickness);

public sealed record WayDto(string Id, string Name, IReadOnlyList<YieldDto> Yields, double Minutes, IReadOnlyList<string> Tools, string Words);

public sealed record ShareDto(int ProjectId, string ProjectName, int Count);

/// <summary>A thing of the heap with its verdict and the shape it shows there.</summary>
public sealed record ThingDto(
    int Id, int Number, string Name, string Kind, int Count, int Free, IReadOnlyDictionary<string, double> Measures, Substance Substance, IReadOnlyList<string> Findings, IReadOnlyList<Fault> Faults,
    string Place, string Remark, bool Retired, int Version, Fitness Fitness, bool MayCut, IReadOnlyList<ReasonDto> Reasons, IReadOnlyList<ShareDto> SpokenFor, IReadOnlyList<ShapeDto> Silhouette)
{
    public static ThingDto Of(ThingRow row, HeapThing heap, IEnumerable<Share> shares) => new(
        row.Id, row.Number, row.Name, row.Kind, row.Count, heap.Free, heap.Thing.Values, heap.Thing.Substance, heap.Thing.Findings, heap.Thing.Faults, row.Place, row.Remark, row.Retired, row.Version,
        heap.Judgement.Fitness, heap.Judgement.MayCut, ReasonsOf(heap.Judgement), [.. shares.Select(s => new ShareDto(s.ProjectId, s.ProjectName, s.Count))],
        [.. heap.Thing.Kind.Silhouette(heap.Thing.Measures).Select(ShapeDto.Of)]);

    internal static IReadOnlyList<ReasonDto> ReasonsOf(Judgement judgement) => [.. judgement.Reasons.Select(r => new ReasonDto(r.Fitness, r.Sentence, r.HouseRule))];
}

/// <summary>What one design could make with a thing, or why not.</summary>
public sealed record CanMakeDto(string Design, string DesignName, Core.Matching.Standing Standing, string? Size, double? Litres, string? Drain, string? Hold, Verdict? Worst, string? Why);

/// <summary>A thing while it is being measured: drawn, judged, taken apart in thought; nothing is kept.</summary>
public sealed record PreviewDto(ViewDto Drawing, Fitness Fitness, bool MayCut, IReadOnlyList<ReasonDto> Reasons, IReadOnlyList<WayDto> Ways, IReadOnlyList<string> FaultParts, IReadOnlyList<CanMakeDto> CanMake);

public sealed record VersionInput(int? Version);

public sealed record SplitInput(int? Count, int? Version);
