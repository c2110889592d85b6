using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data;

/// <summary>The data folder: one garden.db with write-ahead logging and full synchronisation, and its backups beside it.</summary>
public sealed class GardenFile(string folder)
{
    private const int BackupsKept = 14;

    public string Path { get; } = System.IO.Path.Combine(folder, "garden.db");

    private string Backups { get; } = System.IO.Path.Combine(folder, "backups");

    /// <summary>Foreign keys on; a writer waits five seconds for another before it gives up.</summary>
    public string ConnectionString => new SqliteConnectionStringBuilder { DataSource = Path, ForeignKeys = true, DefaultTimeout = 5 }.ToString();

    public DbContextOptions<GardenContext> Options => new DbContextOptionsBuilder<GardenContext>().UseSqlite(ConnectionString).Options;

    /// <summary>Makes the folder and file if need be, keeps a backup of the day and one before each migration, and brings the file up to date.</summary>
    public async Task PrepareAsync(DateOnly today, CancellationToken cancel = default)
    {
        Directory.CreateDirectory(folder);
        var existed = File.Exists(Path);
        await using var garden = new GardenContext(Options);
        if (existed)
        {
            var day = today.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
            Backup($"{day}.db", onlyOnce: true);
            var pending = await garden.Database.GetPendingMigrationsAsync(cancel);
            if (pending.FirstOrDefault() is { } next) Backup($"before-{next}.db", onlyOnce: true);
            DropOld();
        }

        await garden.Database.MigrateAsync(cancel);
        // The journal mode stays with the file; full synchronisation is the default of each connection.
        await garden.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL;", cancel);
    }

    private void Backup(string name, bool onlyOnce)
    {
        Directory.CreateDirectory(Backups);
        var target = System.IO.Path.Combine(Backups, name);
        if (onlyOnce && File.Exists(target)) return;
        // Into a file of another name first, so that a backup cut short is never taken for one.
        var partial = target + ".partial";
        File.Delete(partial);
        using (SqliteConnection from = new(ConnectionString), to = new($"Data Source={partial};Pooling=False"))
        {
            from.Open();
            to.Open();
            from.BackupDatabase(to);
        }

        File.Move(partial, target, overwrite: true);
    }

    private void DropOld()
    {
        foreach (var old in Directory.GetFiles(Backups, "????-??-??.db").OrderDescending(StringComparer.Ordinal).Skip(BackupsKept)) File.Delete(old);
    }
}
