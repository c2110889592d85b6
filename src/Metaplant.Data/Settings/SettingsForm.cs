using System.Text.Json;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Settings;

/// <summary>
/// Settings were kept in one row once. Brought forward they lie in a row each, and the journal tells of those rows, so that what was set before can still be taken back.
/// </summary>
internal static class SettingsForm
{
    private const string OneRow = "garden";
    private static readonly string Table = typeof(SettingRow).FullName!;

    public static async Task BringForwardAsync(GardenContext garden, CancellationToken cancel = default)
    {
        if (!await garden.Settings.AnyAsync(s => s.Key == OneRow, cancel) && !await garden.Journal.AnyAsync(j => j.Changes.Contains("\"Key\":\"garden\""), cancel)) return;
        await using var transaction = await garden.Database.BeginTransactionAsync(cancel);
        if (await garden.Settings.FindAsync([OneRow], cancel) is { } row)
        {
            garden.Settings.Remove(row);
            garden.Settings.AddRange(Rows(row.Value).Select(r => new SettingRow { Key = r.Key, Value = r.Value }));
        }

        foreach (var entry in await garden.Journal.Where(j => j.Changes.Contains(Table)).ToListAsync(cancel))
        {
            if (entry.ReadChanges() is not { } changes) continue;
            entry.Keep([.. changes.SelectMany(c => IsOneRow(c) ? Split(c) : [c])]);
        }

        await garden.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        garden.ChangeTracker.Clear();
    }

    private static bool IsOneRow(RowChange change) => change.Table == Table && (change.After ?? change.Before)![nameof(SettingRow.Key)].GetString() == OneRow;

    private static IEnumerable<RowChange> Split(RowChange change)
    {
        var (before, after) = (Of(change.Before), Of(change.After));
        return before.Keys.Union(after.Keys).Where(k => before.GetValueOrDefault(k) != after.GetValueOrDefault(k)).Order(StringComparer.Ordinal)
            .Select(k => new RowChange(Table, Row(k, before.GetValueOrDefault(k)), Row(k, after.GetValueOrDefault(k))));

        static Dictionary<string, string> Of(Dictionary<string, JsonElement>? row) => row is null ? [] : Rows(row[nameof(SettingRow.Value)].GetString()!);
    }

    private static Dictionary<string, JsonElement>? Row(string key, string? value) => value is null
        ? null
        : new(StringComparer.Ordinal) { [nameof(SettingRow.Key)] = JsonSerializer.SerializeToElement(key), [nameof(SettingRow.Value)] = JsonSerializer.SerializeToElement(value) };

    private static Dictionary<string, string> Rows(string value) => SettingRows.Of(JsonSerializer.Deserialize<GardenSettings>(value) ?? GardenSettings.Default);
}
