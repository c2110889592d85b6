using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Files;

/// <summary>The data folder of one garden: garden.db with write-ahead logging and full synchronisation, its photographs, and its backups beside it. Nobody but their owner can read them.</summary>
public sealed class GardenFile(string folder)
{
    internal const UnixFileMode OwnerFile = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private const UnixFileMode OwnerFolder = OwnerFile | UnixFileMode.UserExecute;

    public string Folder { get; } = folder;

    public string Path { get; } = System.IO.Path.Combine(folder, "garden.db");

    public string Photos { get; } = System.IO.Path.Combine(folder, "photos");

    /// <summary>What the cookies of the home network are sealed with.</summary>
    public string Keys { get; } = System.IO.Path.Combine(folder, "keys");

    public string Backups { get; } = System.IO.Path.Combine(folder, "backups");

    /// <summary>Foreign keys on; a writer waits five seconds for another program before it gives up.</summary>
    public string ConnectionString => ConnectionTo(Path);

    public DbContextOptions<GardenContext> Options => OptionsFor(ConnectionString);

    internal static string ConnectionTo(string path) => new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = 5 }.ToString();

    /// <summary>A connection of its own that is gone when it is closed, for what reads, copies or replaces whole files.</summary>
    internal static SqliteConnection Alone(string path, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate)
    {
        var connection = new SqliteConnection(AloneTo(path, mode));
        connection.Open();
        return connection;
    }

    internal static string AloneTo(string path, SqliteOpenMode mode = SqliteOpenMode.ReadWriteCreate) => new SqliteConnectionStringBuilder(ConnectionTo(path)) { Mode = mode, Pooling = false }.ToString();

    internal static DbContextOptions<GardenContext> OptionsFor(string connection) => new DbContextOptionsBuilder<GardenContext>().UseSqlite(connection).Options;

    /// <summary>Makes a folder that only its owner can enter. One that is there stays as it is: it may be the gardener's own.</summary>
    public static void MakeFolder(string path) => Directory.CreateDirectory(path, OwnerFolder);

    /// <summary>A file for what only passes through; it is gone when it is closed.</summary>
    public FileStream PassingFile() => new(
        System.IO.Path.Combine(Folder, $"passing-{Guid.NewGuid():n}"),
        new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.ReadWrite, Share = FileShare.Read, Options = FileOptions.DeleteOnClose | FileOptions.Asynchronous, UnixCreateMode = OwnerFile });

    /// <summary>Receives a whole stream into such a file, so that many large ones at once need no large memory.</summary>
    public async Task<FileStream> ReceiveAsync(Stream from, CancellationToken cancel = default)
    {
        var passing = PassingFile();
        try
        {
            await from.CopyToAsync(passing, cancel);
            await passing.FlushAsync(cancel);
            passing.Position = 0;
            return passing;
        }
        catch
        {
            await passing.DisposeAsync();
            throw;
        }
    }

    /// <summary>Closes the files and folders of the garden to everybody but their owner. SQLite gives its write-ahead file the mode of the garden.</summary>
    internal void CloseToOthers()
    {
        foreach (var file in Directory.EnumerateFiles(Folder, "garden.db*")) File.SetUnixFileMode(file, OwnerFile);
        foreach (var own in new[] { Photos, Backups, Keys }.Where(Directory.Exists)) File.SetUnixFileMode(own, OwnerFolder);
    }
}
