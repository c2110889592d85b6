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

    public string Backups { get; } = System.IO.Path.Combine(folder, "backups");

    /// <summary>Foreign keys on; a writer waits five seconds for another program before it gives up.</summary>
    public string ConnectionString => ConnectionTo(Path);

    public DbContextOptions<GardenContext> Options => OptionsFor(ConnectionString);

    internal static string ConnectionTo(string path) => new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = 5 }.ToString();

    internal static DbContextOptions<GardenContext> OptionsFor(string connection) => new DbContextOptionsBuilder<GardenContext>().UseSqlite(connection).Options;

    /// <summary>Makes a folder that only its owner can enter; one that is there is closed to others.</summary>
    public static void MakeFolder(string path)
    {
        Directory.CreateDirectory(path, OwnerFolder);
        File.SetUnixFileMode(path, OwnerFolder);
    }

    /// <summary>Closes the files of the garden to everybody but their owner. SQLite gives its write-ahead file the mode of the garden.</summary>
    internal void CloseToOthers()
    {
        foreach (var file in Directory.EnumerateFiles(Folder, "garden.db*")) File.SetUnixFileMode(file, OwnerFile);
    }
}
