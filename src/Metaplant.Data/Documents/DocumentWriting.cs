using System.Text.Json;
using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Documents;

/// <summary>Writes a garden as a document. The same garden gives the same document, byte for byte.</summary>
public static class DocumentWriting
{
    public static async Task<GardenDocument> ToDocumentAsync(this GardenContext garden, CancellationToken cancel = default) => new GardenRows(
        await GardenSettings.ReadAsync(garden, cancel), await garden.Things.AsNoTracking().ToListAsync(cancel), await garden.Photos.AsNoTracking().ToListAsync(cancel), await garden.Projects.AsNoTracking().ToListAsync(cancel),
        await garden.Allocations.AsNoTracking().ToListAsync(cancel), await garden.Ticks.AsNoTracking().ToListAsync(cancel), await garden.Places.AsNoTracking().ToListAsync(cancel), []).ToDocument();

    public static GardenDocument ToDocument(this GardenRows rows)
    {
        var takes = rows.Allocations.ToLookup(a => a.ProjectId);
        var ticks = rows.Ticks.ToLookup(t => t.ProjectId);
        var s = rows.Settings;
        return new(
            GardenDocument.Name, GardenDocument.Present, new(s.Name, s.Units, Sorted(s.Rules), Sorted(s.Constants), Sorted(s.Measures), Sorted(s.Tools), s.Manner, s.Carrier, s.Site),
            [.. rows.Things.OrderBy(t => t.Id).Select(Thing)],
            [.. rows.Photos.OrderBy(p => p.Id).Select(p => new DocumentPhotograph(p.Id, p.ThingId, p.File, p.Width, p.Height, DateTime.SpecifyKind(p.At, DateTimeKind.Utc)))],
            [.. rows.Projects.OrderBy(p => p.Id).Select(p => new DocumentProject(
                p.Id, p.Name, p.Design, p.Source, Settings(p), p.Medium, p.Crop, p.Exposure, p.PeopleAtEdge, p.Site, p.Ground,
                [.. takes[p.Id].OrderBy(a => a.ThingId).Select(a => new DocumentTake(a.ThingId, a.Count, HeapReading.Read(a.Taken)))], [.. ticks[p.Id].Select(t => t.Step).Order(StringComparer.Ordinal)], p.Edition, p.Cast is { } cast ? KeptCast.Read(cast) : null, p.Making is { } making ? Making.Read(making) : null, p.SpotId, p.ReadStands(), KeptFilling.Read(p.Filling)))],
            [.. rows.Places.OrderBy(p => p.Id).Select(p => new DocumentPlace(p.Id, p.ReadDraft()))]);
    }

    public static byte[] ToJson(this GardenDocument document) => JsonSerializer.SerializeToUtf8Bytes(document, GardenDocument.Json);

    private static DocumentThing Thing(ThingRow row)
    {
        var kept = row.ToKept();
        return new(
            row.Id, row.Number, row.Name, row.Kind, row.Count, row.Substance, Sorted(kept.Values), [.. kept.Taken.Order(StringComparer.Ordinal)], kept.Findings, kept.Past, kept.Faults,
            row.Place, row.Remark, row.Source, row.Permission, row.Cost, row.KeepDry, row.UseBefore, row.ParentId, row.Retired, kept.Laid is { Count: > 0 } laid ? laid : null, row.Seen);
    }

    private static SortedDictionary<string, double> Settings(ProjectRow project) => Sorted(project.ReadSettings() ?? []);

    private static SortedDictionary<string, T> Sorted<T>(IReadOnlyDictionary<string, T> values) => new(values.ToDictionary(StringComparer.Ordinal), StringComparer.Ordinal);
}
