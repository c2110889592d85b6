using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using static SQLitePCL.raw;

namespace Metaplant.Data.Files;

/// <summary>What came of opening a garden.</summary>
public abstract record Opening
{
    private Opening()
    {
    }

    /// <summary>It is open and in its present form.</summary>
    public sealed record Ready : Opening;

    /// <summary>It cannot be trusted, and there are backups to go back to. Nothing was changed.</summary>
    public sealed record Hurt(string Why) : Opening;

    /// <summary>It cannot be opened here and now, and no backup would help. Nothing was changed.</summary>
    public sealed record Refused(string Why) : Opening;

    /// <summary>
    /// Examines the garden, keeps the backup of the day and one before each migration, and brings the file to its present form. An absent one is begun, unless there are backups of one that was there.
    /// The caller holds the <see cref="GardenLock"/>.
    /// </summary>
    public static async Task<Opening> OfAsync(GardenFile file, GardenBackups backups, DateTime now, CancellationToken cancel = default)
    {
        TakeBackWhatWasCutShort(file.Path);
        var examined = Examination.Of(file.Path);
        switch (examined.Soundness)
        {
            case Soundness.Newer:
                return new Refused(examined.Why);
            case Soundness.Damaged:
                return new Hurt(examined.Why);
            case Soundness.Absent when backups.List().Any(b => b.Why.Length == 0):
                return new Hurt($"{examined.Why} But there are backups of one, so it is not begun anew.");
            case Soundness.Absent:
                // A write-ahead file without its garden belongs to no garden that will be made here.
                Restoring.SetAside(file, now);
                await File.Create(file.Path).DisposeAsync();
                break;
        }

        return await BringForwardAsync(file, backups, examined.Soundness == Soundness.Sound, now, cancel);
    }

    /// <summary>
    /// Lets SQLite take back a change that was cut short before the garden had a write-ahead file, as while it is created: one who only reads may not, and would take the file for damaged.
    /// A file that cannot be opened is left for the examination to tell of.
    /// </summary>
    private static void TakeBackWhatWasCutShort(string path)
    {
        if (!File.Exists($"{path}-journal")) return;
        try
        {
            using var connection = GardenFile.Alone(path, SqliteOpenMode.ReadWrite);
            using var first = connection.CreateCommand();
            first.CommandText = "SELECT count(*) FROM sqlite_master";
            first.ExecuteScalar();
        }
        catch (SqliteException)
        {
            // The examination says what is wrong with it.
        }
    }

    /// <summary>What only passed through when the power went.</summary>
    private static void ForgetPassing(GardenFile file)
    {
        foreach (var left in Directory.GetFiles(file.Folder, "passing-*").Concat(Directory.GetFiles(file.Folder, "restoring.db*"))) File.Delete(left);
    }

    private static async Task<Opening> BringForwardAsync(GardenFile file, GardenBackups backups, bool existed, DateTime now, CancellationToken cancel)
    {
        file.CloseToOthers();
        ForgetPassing(file);
        try
        {
            await using var garden = new GardenContext(file.Options);
            if (existed)
            {
                backups.KeepDay(DateOnly.FromDateTime(now.ToLocalTime()));
                var pending = await garden.Database.GetPendingMigrationsAsync(cancel);
                if (pending.FirstOrDefault() is { } next) backups.KeepBeforeMigration(next);
            }

            await Forms.BringForwardAsync(garden, cancel);
            // The journal mode stays with the file; full synchronisation is the default of each connection.
            await garden.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL;", cancel);
            file.CloseToOthers();
            GardenFile.MakeFolder(file.Photos);
            return new Ready();
        }
        catch (SqliteException e)
        {
            return new Refused(e.SqliteErrorCode switch
            {
                SQLITE_FULL => "The disk is full, so the garden could not be brought to its present form. Nothing was lost; make room and start again.",
                SQLITE_BUSY or SQLITE_LOCKED => "Another program has the garden file open. Close it and start again.",
                SQLITE_READONLY => "The garden file may be read but not written to.",
                _ => $"The garden could not be brought to its present form: {e.Message}. Nothing of it was changed.",
            });
        }
    }
}
