using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Documents;

/// <summary>What would change if a document took the garden's place.</summary>
/// <param name="PhotographsMissing">Photographs it names that are neither in the file nor in the garden.</param>
/// <param name="UndoEnds">Changes that could be undone until then.</param>
public sealed record Differences(
    string Name, int Things, int Projects, int Photographs, int ThingsNew, int ThingsChanged, int ThingsGone, int ProjectsNew, int ProjectsChanged, int ProjectsGone, bool SettingsChange, int PhotographsMissing, IReadOnlyList<string> NeedLook, int UndoEnds);

/// <summary>Puts a document in the place of a garden.</summary>
public static class DocumentKeeping
{
    /// <summary>What keeping it would change; things and projects are the same where their ids are.</summary>
    /// <param name="garden">The garden that it would take the place of.</param>
    /// <param name="rows">The document, read through.</param>
    /// <param name="hasPhoto">Whether a photograph's file is in the archive or beside the garden.</param>
    /// <param name="cancel">Stops it.</param>
    public static async Task<Differences> CompareAsync(this GardenContext garden, GardenRows rows, Func<string, bool> hasPhoto, CancellationToken cancel = default)
    {
        var (before, after) = (await garden.ToDocumentAsync(cancel), rows.ToDocument());
        var (things, projects) = (before.Things.ToDictionary(t => t.Id, Text), before.Projects.ToDictionary(p => p.Id, Text));
        return new(
            rows.Settings.Name, rows.Things.Count, rows.Projects.Count, rows.Photos.Count,
            after.Things.Count(t => !things.ContainsKey(t.Id)), after.Things.Count(t => things.TryGetValue(t.Id, out var was) && was != Text(t)), things.Keys.Except(after.Things.Select(t => t.Id)).Count(),
            after.Projects.Count(p => !projects.ContainsKey(p.Id)), after.Projects.Count(p => projects.TryGetValue(p.Id, out var was) && was != Text(p)), projects.Keys.Except(after.Projects.Select(p => p.Id)).Count(),
            Text(before.Settings) != Text(after.Settings), rows.Photos.Count(p => !hasPhoto(p.File)), rows.NeedLook, await garden.Journal.CountAsync(j => !j.Undone && !j.PassedOver, cancel));

        static string Text<T>(T part) => System.Text.Json.JsonSerializer.Serialize(part, GardenDocument.Json);
    }

    /// <summary>
    /// Puts the rows in the place of everything there is, in the transaction that <see cref="WriteGate"/> began, and commits it. What could be undone ends with it. Photographs without a file are left out.
    /// </summary>
    public static async Task ReplaceAsync(this GardenContext garden, GardenRows rows, Func<string, bool> hasPhoto, CancellationToken cancel = default)
    {
        // Above every version there was, so that whoever has the old garden on a screen is told that it changed.
        var version = Math.Max(await garden.Things.MaxAsync(t => (int?)t.Version, cancel) ?? 0, await garden.Projects.MaxAsync(p => (int?)p.Version, cancel) ?? 0);
        version = Math.Max(version, await garden.Places.MaxAsync(p => (int?)p.Version, cancel) ?? 0) + 1;
        await garden.Ticks.ExecuteDeleteAsync(cancel);
        await garden.Allocations.ExecuteDeleteAsync(cancel);
        await garden.Photos.ExecuteDeleteAsync(cancel);
        await garden.Projects.ExecuteDeleteAsync(cancel);
        await garden.Places.ExecuteDeleteAsync(cancel);
        await garden.Things.ExecuteDeleteAsync(cancel);
        await garden.Settings.ExecuteDeleteAsync(cancel);
        await garden.Journal.ExecuteDeleteAsync(cancel);
        foreach (IVersioned row in rows.Things.Cast<IVersioned>().Concat(rows.Projects).Concat(rows.Places)) row.Version = version;
        garden.AddRange(rows.Things);
        garden.AddRange(rows.Photos.Where(p => hasPhoto(p.File)));
        garden.AddRange(rows.Projects);
        garden.AddRange(rows.Places);
        garden.AddRange(rows.Allocations);
        garden.AddRange(rows.Ticks);
        garden.AddRange(SettingRows.Of(rows.Settings).Select(s => new SettingRow { Key = s.Key, Value = s.Value }));
        await garden.SaveChangesAsync(cancel);
        await garden.Database.CurrentTransaction!.CommitAsync(CancellationToken.None);
    }
}
