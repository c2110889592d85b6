using Metaplant.Data.Files;
using Microsoft.Data.Sqlite;

namespace Metaplant.Web.Tests;

/// <summary>A garden whose very first change was cut short before it had a write-ahead file: SQLite has to take the half of it back before anybody can read it.</summary>
public sealed class PowerCutTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("metaplant-test-").FullName;

    public void Dispose() => Directory.Delete(folder, recursive: true);

    [Fact]
    public async Task What_was_cut_short_is_taken_back_and_the_garden_opens()
    {
        var cut = CutShort(await BegunAsync());
        File.Exists(cut.Path + "-journal").ShouldBeTrue("the half of a change must lie there, or nothing is tested");
        (await OpenAsync(cut)).ShouldBe(new Opening.Ready());
        File.Exists(cut.Path + "-journal").ShouldBeFalse();
        Examination.Count(cut.Path).ShouldBe((0, 0));
        using var connection = new SqliteConnection($"Data Source={cut.Path};Pooling=False");
        connection.Open();
        Ask(connection, "SELECT count(*) FROM sqlite_master WHERE name = 'Half'").ShouldBe(0L);
    }

    [Fact]
    public async Task A_backup_is_never_written_to_and_so_not_mended_either()
    {
        var cut = CutShort(await BegunAsync());
        var before = await File.ReadAllBytesAsync(cut.Path, TestContext.Current.CancellationToken);
        Examination.Of(cut.Path).Soundness.ShouldBe(Soundness.Damaged);
        (await File.ReadAllBytesAsync(cut.Path, TestContext.Current.CancellationToken)).ShouldBe(before);
    }

    private static Task<Opening> OpenAsync(GardenFile garden) => Opening.OfAsync(garden, new GardenBackups(garden), DateTime.UtcNow, TestContext.Current.CancellationToken);

    private async Task<GardenFile> BegunAsync()
    {
        var garden = new GardenFile(Path.Combine(folder, "begun"));
        GardenFile.MakeFolder(garden.Folder);
        (await OpenAsync(garden)).ShouldBe(new Opening.Ready());
        SqliteConnection.ClearAllPools();
        return garden;
    }

    /// <summary>The files as they lie on the disk in the middle of a change larger than its memory, without a write-ahead file, as at the first creation.</summary>
    private GardenFile CutShort(GardenFile begun)
    {
        using var connection = new SqliteConnection($"Data Source={begun.Path};Pooling=False");
        connection.Open();
        Ask(connection, "PRAGMA journal_mode=DELETE").ShouldBe("delete");
        Ask(connection, "PRAGMA cache_size=4");
        using var change = connection.BeginTransaction();
        Ask(connection, "CREATE TABLE Half (Bytes BLOB)");
        for (var i = 0; i < 40; i++) Ask(connection, "INSERT INTO Half VALUES (randomblob(3000))");
        var cut = new GardenFile(Path.Combine(folder, "cut"));
        GardenFile.MakeFolder(cut.Folder);
        foreach (var end in (string[])["", "-journal"]) File.Copy(begun.Path + end, cut.Path + end);
        return cut;
    }

    private static object? Ask(SqliteConnection connection, string command)
    {
        using var asked = connection.CreateCommand();
        asked.CommandText = command;
        return asked.ExecuteScalar();
    }
}
