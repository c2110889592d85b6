using System.Text.Json;
using System.Text.RegularExpressions;
using Metaplant.Core.Sums;
using Metaplant.Data.Settings;

namespace Metaplant.Data.Documents;

/// <summary>A document read through and found whole: its rows, with the ids they had.</summary>
/// <param name="NeedLook">Names of things that the present catalogue cannot read as they are; they come in all the same and are shown as needing a look.</param>
public sealed record GardenRows(
    GardenSettings Settings, IReadOnlyList<ThingRow> Things, IReadOnlyList<PhotoRow> Photos, IReadOnlyList<ProjectRow> Projects, IReadOnlyList<AllocationRow> Allocations, IReadOnlyList<TickRow> Ticks, IReadOnlyList<PlaceRow> Places, IReadOnlyList<string> NeedLook);

/// <summary>Reads a document, or says everything that is wrong with it.</summary>
public static partial class DocumentReading
{
    private const int MostThings = 50_000;

    /// <summary>More than this many nobody reads.</summary>
    private const int MostProblems = 100;

    public static Outcome<GardenRows> Read(ReadOnlySpan<byte> json)
    {
        try
        {
            return JsonSerializer.Deserialize<GardenDocument>(json, GardenDocument.Json) is { } document ? Check(document) : new Problem("document", "The file holds nothing.");
        }
        catch (JsonException e)
        {
            return new Problem(e.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : "document", "This is no garden of Metaplant, or a part of it is missing or not what it should be.");
        }
    }

    private static Outcome<GardenRows> Check(GardenDocument document)
    {
        if (document.Format != GardenDocument.Name) return new Problem("format", "This is no garden of Metaplant.");
        if (document.Version is < 1 or > GardenDocument.Present) return new Problem("version", $"This garden was written in form {document.Version}; this Metaplant reads up to form {GardenDocument.Present}. Use a later one.");
        var s = document.Settings;
        var settings = new GardenSettings(s.Name, s.Units, s.Rules, s.Constants) { Measures = s.Measures, Tools = s.Tools, Manner = s.Manner ?? Manner.Default, Carrier = s.Carrier, Site = s.Site };
        var problems = settings.Problems().Select(p => p with { Field = $"settings.{p.Field}" }).Concat(Problems(document)).Take(MostProblems).ToList();
        if (problems.Count > 0) return Outcome<GardenRows>.Refuse(problems);
        var things = document.Things.Select(Thing).ToList();
        return new GardenRows(
            settings, things, [.. document.Photographs.Select(p => new PhotoRow { Id = p.Id, ThingId = p.ThingId, File = p.File, Width = p.Width, Height = p.Height, At = p.At.ToUniversalTime() })],
            [.. document.Projects.Select(Project)], [.. document.Projects.SelectMany(p => p.Takes.Select(t => new AllocationRow { ProjectId = p.Id, ThingId = t.ThingId, Count = t.Count, Taken = HeapReading.Write(t.Parts ?? []) }))],
            [.. document.Projects.SelectMany(p => p.Done.Select(s => new TickRow { ProjectId = p.Id, Step = s }))],
            [.. (document.Places ?? []).Select(p => PlanKeeping.Row(p.Drawn, p.Id))],
            [.. things.Where(t => !t.Read().Ok).Select(t => t.Name)]);
    }

    /// <summary>What no garden can be: twice the same id, something that points to nothing, more spoken for than there is, words that are too long. What only this catalogue does not know is no problem.</summary>
    private static IEnumerable<Problem> Problems(GardenDocument d)
    {
        if (d.Things.Count > MostThings) yield return new("things", $"At most {MostThings} things.");
        foreach (var twice in Twice(d.Things, t => t.Id, "id").Concat(Twice(d.Things, t => t.Number, "number"))) yield return twice with { Field = "things" };
        foreach (var twice in Twice(d.Projects, p => p.Id, "id")) yield return twice with { Field = "projects" };
        foreach (var twice in Twice(d.Photographs, p => p.Id, "id").Concat(Twice(d.Photographs, p => p.File, "file"))) yield return twice with { Field = "photographs" };
        var things = d.Things.GroupBy(t => t.Id).ToDictionary(g => g.Key, g => g.First());
        foreach (var (t, i) in d.Things.Select((t, i) => (t, i)))
        {
            if (t.Id < 1 || t.Number < 1) yield return new($"things[{i}]", "Ids and numbers are from 1 up.");
            if (t.Count is < 1 or > Core.Salvage.Thing.GreatestCount) yield return new($"things[{i}].count", $"The count must be from 1 to {Core.Salvage.Thing.GreatestCount}.");
            if (t.Name.Length is 0 or > Core.Salvage.Thing.LongestName || t.Kind.Length > Core.Salvage.Thing.LongestName) yield return new($"things[{i}]", "Its name or kind is missing or too long.");
            foreach (var problem in new Particulars(t.Place, t.Remark, t.Source, t.Permission, t.Cost).Problems()) yield return problem with { Field = $"things[{i}].{problem.Field}" };
            if (t.ParentId is { } parent && !things.ContainsKey(parent)) yield return new($"things[{i}].parentId", $"There is no thing {parent} that it came from.");
        }

        foreach (var (p, i) in d.Photographs.Select((p, i) => (p, i)))
        {
            if (!things.ContainsKey(p.ThingId)) yield return new($"photographs[{i}].thingId", $"There is no thing {p.ThingId}.");
            if (!FileName().IsMatch(p.File)) yield return new($"photographs[{i}].file", "A photograph's file is named by 32 letters from 0 to f.");
        }

        foreach (var (p, i) in d.Projects.Select((p, i) => (p, i)))
        {
            if (p.Id < 1 || p.Name.Length is 0 or > ProjectKeeping.LongestName) yield return new($"projects[{i}]", "It needs an id from 1 up and a name that is not too long.");
            if (p.Takes.Any(t => !things.ContainsKey(t.ThingId) || t.Count < 0 || (t.Count == 0 && t.Parts is not { Count: > 0 }) || t.Parts?.Any(x => x.Unit < 1 || x.Amount < 0) == true) || p.Takes.DistinctBy(t => t.ThingId).Count() < p.Takes.Count || p.Done.Distinct(StringComparer.Ordinal).Count() < p.Done.Count) yield return new($"projects[{i}].takes", "It takes something that is not there, or the same twice.");
        }

        foreach (var twice in Twice(d.Places ?? [], p => p.Id, "id")) yield return twice with { Field = "places" };
        if (d.Places is { Count: > PlanKeeping.MostPlaces }) yield return new("places", $"At most {PlanKeeping.MostPlaces} things on a plan.");
        foreach (var (p, i) in (d.Places ?? []).Select((p, i) => (p, i)))
        {
            // What does not fit the base line is kept and told on the plan; what could never be placed is refused.
            if (p.Id < 1 || Core.Places.PlaceDraft.Whole(p.Drawn) is null || p.Drawn.Name.Length is 0 or > Core.Places.Survey.LongestName || !Enum.IsDefined(p.Drawn.Sort) || p.Drawn.Marks.Count > Core.Places.Feature.MostPoints) yield return new($"places[{i}]", "It needs an id from 1 up, a name that is not too long, a sort and points that are not too many.");
        }

        foreach (var (p, i) in d.Projects.Select((p, i) => (p, i)).Where(x => x.p.Spot is { } spot && (d.Places ?? []).All(s => s.Id != spot || s.Drawn.Sort != Core.Places.PlaceSort.Spot))) yield return new($"projects[{i}].spot", "There is no such spot on the plan.");
        foreach (var (p, i) in d.Projects.Select((p, i) => (p, i)).Where(x => x.p.Stands is { } s && (x.p.Spot is null || !s.CanBe))) yield return new($"projects[{i}].stands", "It cannot stand there.");

        foreach (var i in d.Projects.Index().Where(x => x.Item.Filling is { CanBe: false }).Select(x => x.Index)) yield return new($"projects[{i}].filling", "It cannot be filled so.");

        foreach (var (p, i) in d.Projects.Select((p, i) => (p, i)).Where(x => x.p.Making?.Holds(x.p.Takes.DistinctBy(t => t.ThingId).ToDictionary(t => t.ThingId, t => t.Parts?.Select(u => u.Unit).Distinct().Count() ?? t.Count)) == false)) yield return new($"projects[{i}].making", "What was made of it so far cannot be.");

        foreach (var over in d.Projects.SelectMany(p => p.Takes).GroupBy(t => t.ThingId).Where(g => things.TryGetValue(g.Key, out var t) && Thing(t).Overspoken([.. g.SelectMany(x => x.Parts ?? [])], g.Where(x => x.Parts is not { Count: > 0 }).Sum(x => (long)x.Count))))
            yield return new("projects", $"More of {things[over.Key].Name} is spoken for than there is.");
    }

    private static IEnumerable<Problem> Twice<T, TKey>(IEnumerable<T> rows, Func<T, TKey> key, string what) => rows.GroupBy(key).Where(g => g.Skip(1).Any()).Select(g => new Problem("", $"The {what} {g.Key?.ToString() ?? ""} is there twice."));

    private static ThingRow Thing(DocumentThing t) => new()
    {
        Id = t.Id,
        Number = t.Number,
        Name = t.Name,
        Kind = t.Kind,
        Count = t.Count,
        Substance = t.Substance,
        Measures = ThingMapping.Measured(t.Measures, t.Taken, t.Laid ?? []),
        Findings = JsonSerializer.Serialize(t.Findings),
        Faults = JsonSerializer.Serialize(t.Faults),
        History = JsonSerializer.Serialize(t.History),
        Place = t.Place,
        Remark = t.Remark,
        Source = t.Source,
        Permission = t.Permission,
        Cost = t.Cost,
        KeepDry = t.KeepDry,
        UseBefore = t.UseBefore,
        ParentId = t.ParentId,
        // What is only seen lies nowhere here, whatever a document says.
        Retired = t.Retired || t.Seen is not null,
        Seen = t.Seen,
    };

    private static ProjectRow Project(DocumentProject p) => new()
    {
        Id = p.Id,
        Name = p.Name,
        Design = p.Design,
        Source = p.Source,
        Settings = JsonSerializer.Serialize(p.Settings),
        Medium = p.Medium,
        Crop = p.Crop,
        Exposure = p.Exposure,
        PeopleAtEdge = p.PeopleAtEdge,
        Site = p.Site,
        Ground = p.Ground,
        Edition = p.Edition,
        Cast = p.Cast is { } cast ? KeptCast.Write(cast) : null,
        Making = p.Making?.Write(),
        SpotId = p.Spot,
        Stands = p.Stands?.Write(),
        Filling = p.Filling?.Write(),
    };

    [GeneratedRegex("^[0-9a-f]{32}$", RegexOptions.None, 1000)]
    private static partial Regex FileName();
}
