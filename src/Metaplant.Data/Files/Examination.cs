using System.Reflection;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Migrations;
using static SQLitePCL.raw;

namespace Metaplant.Data.Files;

/// <summary>How a garden file is found.</summary>
public enum Soundness
{
    /// <summary>It can be opened.</summary>
    Sound,

    /// <summary>There is none, or one with nothing in it.</summary>
    Absent,

    /// <summary>It cannot be trusted: damaged, or no garden at all.</summary>
    Damaged,

    /// <summary>A later Metaplant wrote it.</summary>
    Newer,
}

/// <summary>What came of examining one file.</summary>
/// <param name="Why">One sentence for a gardener; empty when it is sound.</param>
public sealed record Examined(Soundness Soundness, string Why);

/// <summary>Reads a garden file through without changing a byte of it.</summary>
public static class Examination
{
    private const string History = "__EFMigrationsHistory";

    /// <summary>Every form this Metaplant knows.</summary>
    private static readonly HashSet<string> Known = [.. typeof(GardenContext).Assembly.GetTypes().Select(t => t.GetCustomAttribute<MigrationAttribute>()?.Id).OfType<string>()];

    private static readonly byte[] Magic = [.. "SQLite format 3\0"u8];

    /// <summary>
    /// Examines a file: that it is there, that it is SQLite's, that every page and index holds together, that it is a garden, and that this Metaplant knows its form.
    /// </summary>
    public static Examined Of(string path)
    {
        try
        {
            if (!File.Exists(path)) return new(Soundness.Absent, "There is no garden file.");
            if (new FileInfo(path).Length == 0) return new(Soundness.Absent, "The garden file is empty: it has no bytes at all.");
            if (!BeginsAsSqlite(path)) return new(Soundness.Damaged, "The garden file does not begin as one does; something else was written over it.");
            using var connection = GardenFile.Alone(path, SqliteOpenMode.ReadOnly);
            return Contents(connection);
        }
        catch (SqliteException e)
        {
            return new(Soundness.Damaged, e.SqliteErrorCode switch
            {
                SQLITE_NOTADB => "The garden file is no garden: it is in another form or encrypted.",
                SQLITE_CANTOPEN => "The garden file cannot be opened; perhaps it belongs to somebody else.",
                _ => "The garden file is damaged: some of it cannot be read.",
            });
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return new(Soundness.Damaged, $"The garden file cannot be read: {e.Message}");
        }
    }

    /// <summary>How many things and projects a sound file holds.</summary>
    public static (int Things, int Projects) Count(string path)
    {
        using var connection = GardenFile.Alone(path, SqliteOpenMode.ReadOnly);
        return ((int)(long)Ask(connection, "SELECT count(*) FROM Things WHERE NOT Retired")!, (int)(long)Ask(connection, "SELECT count(*) FROM Projects")!);
    }

    private static Examined Contents(SqliteConnection connection)
    {
        var check = (string)Ask(connection, "PRAGMA integrity_check(1)")!;
        if (check != "ok") return new(Soundness.Damaged, "The garden file is damaged: some of it cannot be read.");
        var tables = Column(connection, "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> '__EFMigrationsLock'");
        if (tables.Count == 0) return new(Soundness.Absent, "The garden file is empty: it has no tables.");
        if (!tables.Contains(History)) return new(Soundness.Damaged, "The file is sound but no garden.");
        var applied = Column(connection, $"SELECT MigrationId FROM {History}");
        if (applied.FirstOrDefault(m => !Known.Contains(m)) is { } later) return new(Soundness.Newer, $"This garden was last opened by a later Metaplant, which brought it to a form that this one does not know ({later}). It was left untouched. Use the later Metaplant, or restore a backup from before.");
        // An earlier form has fewer tables, and one whose first migration was cut short has none; both are brought forward.
        if (applied.Count < Known.Count) return new(Soundness.Sound, "");
        using var garden = new GardenContext(GardenFile.OptionsFor("Data Source=:memory:"));
        var missing = garden.Model.GetEntityTypes().Select(e => e.GetTableName()!).Where(t => !tables.Contains(t)).Order(StringComparer.Ordinal).ToList();
        if (missing.Count > 0) return new(Soundness.Damaged, $"The garden file lacks a part: {string.Join(", ", missing)}.");
        return (long)Ask(connection, "SELECT count(*) FROM pragma_foreign_key_check")! > 0 ? new(Soundness.Damaged, "The garden file is damaged: something in it points to what is not there.") : new(Soundness.Sound, "");
    }

    private static bool BeginsAsSqlite(string path)
    {
        Span<byte> head = stackalloc byte[16];
        using var file = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        return file.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) == head.Length && head.SequenceEqual(Magic);
    }

    private static object? Ask(SqliteConnection connection, string question)
    {
        using var command = connection.CreateCommand();
        command.CommandText = question;
        return command.ExecuteScalar();
    }

    private static HashSet<string> Column(SqliteConnection connection, string question)
    {
        using var command = connection.CreateCommand();
        command.CommandText = question;
        using var reader = command.ExecuteReader();
        var found = new HashSet<string>(StringComparer.Ordinal);
        while (reader.Read()) found.Add(reader.GetString(0));
        return found;
    }
}
