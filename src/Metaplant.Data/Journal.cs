using System.Text;
using System.Text.Json;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Metaplant.Data;

/// <summary>One row before and after a change: its key and the columns that changed. Before is null for a row made, after for one deleted; the other then has every column.</summary>
public sealed record RowChange(string Table, Dictionary<string, JsonElement>? Before, Dictionary<string, JsonElement>? After);

/// <summary>What an undo or redo came to.</summary>
/// <param name="Words">What was done; null when there was nothing to take back or do again.</param>
/// <param name="Clash">Why it could not be, in a sentence. The entry is passed over from then on, so that the one beyond it can be reached.</param>
public sealed record JournalStep(string? Words, string? Clash);

/// <summary>
/// Saves with a journal: every change is one transaction that also keeps what it changed, before and after, so that it can be undone and redone.
/// </summary>
public static class Journal
{
    private const int KeptEntries = 500;

    /// <summary>However much single changes touch, the journal stays within this, bytes; the latest is always kept.</summary>
    private const long KeptBytes = 32_000_000;

    /// <summary>Old entries are looked for at every so many changes, and at every large one.</summary>
    private const int DroppedEvery = 16;

    private const string Untried = "untried";

    /// <summary>
    /// Saves all tracked changes under a few words and commits the transaction that <see cref="WriteGate"/> began. What had been undone can no longer be redone.
    /// A stale version throws <see cref="DbUpdateConcurrencyException"/> and saves nothing.
    /// </summary>
    /// <exception cref="InvalidOperationException">No transaction was begun: a write begins its transaction before its first read.</exception>
    public static async Task SaveAsync(this GardenContext garden, string words, DateTime at, CancellationToken cancel = default)
    {
        var transaction = garden.Database.CurrentTransaction ?? throw NotBegun();
        var pending = Pending(garden);
        if (pending.Count == 0) return;
        RaiseVersions(garden);
        await garden.SaveChangesAsync(cancel);
        await garden.Journal.Where(j => j.Undone).ExecuteDeleteAsync(cancel);
        var entry = new JournalRow { At = at, Words = words, Changes = "" };
        entry.Keep(pending.ConvertAll(p => p.Told()));
        garden.Journal.Add(entry);
        await garden.SaveChangesAsync(cancel);
        if (entry.Id % DroppedEvery == 0 || entry.Size > KeptBytes / KeptEntries) await DropOldAsync(garden, entry.Id, cancel);
        // From here on it is kept: a client that hangs up now is not told, but does not take it back either.
        await transaction.CommitAsync(CancellationToken.None);
    }

    /// <summary>Takes the latest change back, in the transaction that <see cref="WriteGate"/> began.</summary>
    public static async Task<JournalStep> UndoAsync(this GardenContext garden, CancellationToken cancel = default)
        => await TravelAsync(garden, await garden.Journal.Where(j => !j.Undone && !j.PassedOver).OrderByDescending(j => j.Id).FirstOrDefaultAsync(cancel), back: true, cancel);

    /// <summary>Does again what was taken back last, in the transaction that <see cref="WriteGate"/> began.</summary>
    public static async Task<JournalStep> RedoAsync(this GardenContext garden, CancellationToken cancel = default)
        => await TravelAsync(garden, await garden.Journal.Where(j => j.Undone && !j.PassedOver).OrderBy(j => j.Id).FirstOrDefaultAsync(cancel), back: false, cancel);

    private static async Task<JournalStep> TravelAsync(GardenContext garden, JournalRow? entry, bool back, CancellationToken cancel)
    {
        if (entry is null) return new(null, null);
        var transaction = garden.Database.CurrentTransaction ?? throw NotBegun();
        await transaction.CreateSavepointAsync(Untried, cancel);
        var clash = await TryAsync(garden, entry, back, cancel);
        if (clash is not null)
        {
            await transaction.RollbackToSavepointAsync(Untried, cancel);
            garden.ChangeTracker.Clear();
            await garden.Journal.Where(j => j.Id == entry.Id).ExecuteUpdateAsync(s => s.SetProperty(j => j.PassedOver, true), cancel);
        }

        await transaction.CommitAsync(CancellationToken.None);
        return new(entry.Words, clash);
    }

    /// <summary>Puts every row as it was before or after; null when that went well, or why it cannot be.</summary>
    private static async Task<string?> TryAsync(GardenContext garden, JournalRow entry, bool back, CancellationToken cancel)
    {
        const string Since = "it has been changed since.";
        if (entry.ReadChanges() is not { } changes) return "what it changed can no longer be read.";
        // All at once, so that finding each below asks the file nothing more.
        var ids = changes.Where(c => c.Table == typeof(ThingRow).FullName).Select(c => (c.After ?? c.Before)![nameof(ThingRow.Id)].GetInt32()).ToList();
        if (ids.Count > 1) await garden.Things.Where(t => ids.Contains(t.Id)).LoadAsync(cancel);
        // Rows that others point to come back first and go last.
        foreach (var change in back ? changes.AsEnumerable().Reverse() : changes)
        {
            var (expected, wanted) = back ? (change.After, change.Before) : (change.Before, change.After);
            if (!await PutAsync(garden, change.Table, expected, wanted, cancel)) return Since;
        }

        entry.Undone = back;
        RaiseVersions(garden);
        try
        {
            await garden.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException e) when (e.InnerException is SqliteException { SqliteErrorCode: SQLitePCL.raw.SQLITE_CONSTRAINT })
        {
            return "something kept since depends on it.";
        }

        return await garden.OverspokenAsync(cancel) is { } name ? $"projects have spoken for more of {name} than there would be." : null;
    }

    /// <summary>The name of a thing of which projects have spoken for more than there is; null when there is none.</summary>
    private static async Task<string?> OverspokenAsync(this GardenContext garden, CancellationToken cancel)
    {
        var shares = await garden.SharesAsync(cancel);
        var ids = shares.Select(g => g.Key).ToList();
        foreach (var row in await garden.Things.AsNoTracking().Where(t => ids.Contains(t.Id)).ToListAsync(cancel))
        {
            if (row.Overspoken([.. shares[row.Id].SelectMany(s => s.Taken)])) return row.Name;
        }

        return null;
    }

    /// <summary>Makes one row what it should be, if what we changed of it still is as we left it. Versions are not compared: they only ever go up.</summary>
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

    /// <summary>What is about to be saved. Keys given by the file are known only afterwards.</summary>
    private sealed record Change(EntityEntry Entry, Dictionary<string, JsonElement>? Before, IReadOnlyList<IProperty>? Changed)
    {
        public RowChange Told() => new(Entry.Metadata.Name, Before, Changed is null ? null : Values(Entry.CurrentValues, Changed));
    }

    private static List<Change> Pending(GardenContext garden)
        => [.. garden.ChangeTracker.Entries()
            .Where(e => e.Entity is IJournaled && e.State is EntityState.Added or EntityState.Modified or EntityState.Deleted)
            .OrderBy(e => e.State == EntityState.Deleted)
            .Select(Of).OfType<Change>()];

    private static Change? Of(EntityEntry entry)
    {
        IReadOnlyList<IProperty> all = [.. entry.Metadata.GetProperties()];
        if (entry.State == EntityState.Added) return new(entry, null, all);
        if (entry.State == EntityState.Deleted) return new(entry, Values(entry.OriginalValues, all), null);
        List<IProperty> changed = [.. all.Where(p => p.Name != nameof(IVersioned.Version) && entry.Property(p).IsModified)];
        // A version that was only raised is nothing to take back.
        if (changed.Count == 0) return null;
        changed.InsertRange(0, all.Where(p => p.IsPrimaryKey()));
        return new(entry, Values(entry.OriginalValues, changed), changed);
    }

    private static Dictionary<string, JsonElement> Values(PropertyValues values, IEnumerable<IProperty>? which = null)
        => (which ?? values.Properties).ToDictionary(p => p.Name, p => JsonSerializer.SerializeToElement(values[p], p.ClrType), StringComparer.Ordinal);

    private static void RaiseVersions(GardenContext garden)
    {
        foreach (var entry in garden.ChangeTracker.Entries<IVersioned>())
        {
            if (entry.State is EntityState.Added or EntityState.Modified) entry.Entity.Version++;
        }
    }

    private static async Task DropOldAsync(GardenContext garden, int latest, CancellationToken cancel)
    {
        var sizes = await garden.Journal.OrderByDescending(j => j.Id).Select(j => new { j.Id, j.Size }).ToListAsync(cancel);
        long bytes = 0;
        var oldest = sizes.Take(KeptEntries).TakeWhile(j => (bytes += j.Size) <= KeptBytes || j.Id == latest).Last().Id;
        if (oldest > sizes[^1].Id) await garden.Journal.Where(j => j.Id < oldest).ExecuteDeleteAsync(cancel);
    }

    /// <summary>What an entry changed; null when that can no longer be read.</summary>
    internal static IReadOnlyList<RowChange>? ReadChanges(this JournalRow entry) => Changes(entry.Changes);

    /// <summary>The same from its text.</summary>
    internal static IReadOnlyList<RowChange>? Changes(string text)
    {
        try
        {
            return JsonSerializer.Deserialize<List<RowChange>>(text);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>Writes what changed into an entry.</summary>
    internal static void Keep(this JournalRow entry, IReadOnlyList<RowChange> changes)
    {
        entry.Changes = JsonSerializer.Serialize(changes);
        entry.Size = Encoding.UTF8.GetByteCount(entry.Changes);
    }

    private static InvalidOperationException NotBegun() => new("A write begins its transaction before its first read.");
}
