using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Metaplant.Data;

/// <summary>One row before and after a change; before is null for a row made, after for a row deleted.</summary>
public sealed record RowChange(string Table, Dictionary<string, JsonElement>? Before, Dictionary<string, JsonElement>? After);

/// <summary>What an undo or redo came to. No words when there was nothing to do; <see cref="Clash"/> when the rows had changed since.</summary>
public sealed record JournalStep(string? Words, bool Clash);

/// <summary>
/// Saves with a journal: every change is one transaction that also keeps the rows before and after it, so that it can be undone and redone.
/// </summary>
public static class Journal
{
    private const int KeptEntries = 500;

    /// <summary>Saves all tracked changes under a few words. Whatever had been undone can no longer be redone. A stale version throws <see cref="DbUpdateConcurrencyException"/> and saves nothing.</summary>
    public static async Task SaveAsync(this GardenContext garden, string words, DateTime at, CancellationToken cancel = default)
    {
        await using var transaction = garden.Database.CurrentTransaction is null ? await garden.Database.BeginTransactionAsync(cancel) : null;
        var pending = Pending(garden);
        if (pending.Count == 0) return;
        RaiseVersions(garden);
        await garden.SaveChangesAsync(cancel);
        var changes = pending.ConvertAll(p => new RowChange(p.Entry.Metadata.Name, p.Before, p.Deleted ? null : Values(p.Entry.CurrentValues)));
        await garden.Journal.Where(j => j.Undone).ExecuteDeleteAsync(cancel);
        var entry = garden.Journal.Add(new() { At = at, Words = words, Changes = JsonSerializer.Serialize(changes) });
        await garden.SaveChangesAsync(cancel);
        await garden.Journal.Where(j => j.Id <= entry.Entity.Id - KeptEntries).ExecuteDeleteAsync(cancel);
        if (transaction is not null) await transaction.CommitAsync(cancel);
    }

    public static async Task<JournalStep> UndoAsync(this GardenContext garden, CancellationToken cancel = default)
        => await TravelAsync(garden, await garden.Journal.Where(j => !j.Undone).OrderByDescending(j => j.Id).FirstOrDefaultAsync(cancel), back: true, cancel);

    public static async Task<JournalStep> RedoAsync(this GardenContext garden, CancellationToken cancel = default)
        => await TravelAsync(garden, await garden.Journal.Where(j => j.Undone).OrderBy(j => j.Id).FirstOrDefaultAsync(cancel), back: false, cancel);

    private static async Task<JournalStep> TravelAsync(GardenContext garden, JournalRow? entry, bool back, CancellationToken cancel)
    {
        if (entry is null) return new(null, false);
        await using var transaction = await garden.Database.BeginTransactionAsync(cancel);
        var changes = JsonSerializer.Deserialize<List<RowChange>>(entry.Changes)!;
        // All at once, so that finding each below asks the file nothing more.
        var ids = changes.Where(c => c.Table == typeof(ThingRow).FullName).Select(c => (c.After ?? c.Before)![nameof(ThingRow.Id)].GetInt32()).ToList();
        if (ids.Count > 1) await garden.Things.Where(t => ids.Contains(t.Id)).LoadAsync(cancel);
        // Rows that others point to come back first and go last.
        foreach (var change in back ? changes.AsEnumerable().Reverse() : changes)
        {
            var (expected, wanted) = back ? (change.After, change.Before) : (change.Before, change.After);
            if (!await PutAsync(garden, change.Table, expected, wanted, cancel)) return new(entry.Words, Clash: true);
        }

        entry.Undone = back;
        RaiseVersions(garden);
        await garden.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        return new(entry.Words, false);
    }

    /// <summary>Makes one row what it should be, if it still is what we left. Versions are not compared: they only ever go up.</summary>
    private static async Task<bool> PutAsync(GardenContext garden, string table, Dictionary<string, JsonElement>? expected, Dictionary<string, JsonElement>? wanted, CancellationToken cancel)
    {
        var type = garden.Model.FindEntityType(table)!;
        var key = type.FindPrimaryKey()!.Properties.Select(p => Read(p, (expected ?? wanted)!)).ToArray();
        var row = await garden.FindAsync(type.ClrType, key, cancel);
        if (expected is null != row is null) return false;
        if (row is null)
        {
            row = Activator.CreateInstance(type.ClrType)!;
            Fill(garden.Entry(row), wanted!);
            garden.Add(row);
            return true;
        }

        var entry = garden.Entry(row);
        if (!Same(expected!, Values(entry.CurrentValues))) return false;
        if (wanted is null) garden.Remove(row);
        else Fill(entry, wanted);
        return true;
    }

    private static bool Same(Dictionary<string, JsonElement> a, Dictionary<string, JsonElement> b)
        => a.All(v => v.Key == nameof(IVersioned.Version) || (b.TryGetValue(v.Key, out var other) && v.Value.GetRawText() == other.GetRawText()));

    /// <summary>A column that came into being after the change was journalled keeps what it has.</summary>
    private static void Fill(EntityEntry entry, Dictionary<string, JsonElement> values)
    {
        foreach (var property in entry.Metadata.GetProperties().Where(p => values.ContainsKey(p.Name)))
        {
            if (property.Name != nameof(IVersioned.Version) || entry.State == EntityState.Detached) entry.Property(property.Name).CurrentValue = Read(property, values);
        }
    }

    private static object? Read(IProperty property, Dictionary<string, JsonElement> values) => values[property.Name].Deserialize(property.ClrType);

    private static List<(EntityEntry Entry, Dictionary<string, JsonElement>? Before, bool Deleted)> Pending(GardenContext garden)
        => [.. garden.ChangeTracker.Entries()
            .Where(e => e.Entity is IJournaled && e.State is EntityState.Added or EntityState.Modified or EntityState.Deleted)
            .OrderBy(e => e.State == EntityState.Deleted)
            .Select(e => (e, e.State == EntityState.Added ? null : Values(e.OriginalValues), e.State == EntityState.Deleted))];

    private static Dictionary<string, JsonElement> Values(PropertyValues values)
        => values.Properties.ToDictionary(p => p.Name, p => JsonSerializer.SerializeToElement(values[p], p.ClrType), StringComparer.Ordinal);

    private static void RaiseVersions(GardenContext garden)
    {
        foreach (var entry in garden.ChangeTracker.Entries<IVersioned>())
        {
            if (entry.State is EntityState.Added or EntityState.Modified) entry.Entity.Version++;
        }
    }
}
