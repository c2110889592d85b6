using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Files;

/// <summary>Goes back to a backup. What is replaced is never deleted: it is set aside, or kept as a backup of its own.</summary>
public static class Restoring
{
    /// <summary>
    /// Puts a backup in the place of a garden that nobody has open. The file there, and the write-ahead file beside it, are moved to a folder of their own first.
    /// </summary>
    /// <returns>Null when it is done, or a sentence on why not; the garden is then as it was.</returns>
    public static async Task<string?> PutInPlaceAsync(GardenFile file, GardenBackups backups, string name, DateTime now, CancellationToken cancel = default)
    {
        var (ready, why) = await PrepareAsync(file, backups, name, cancel);
        if (ready is null) return why;
        // Connections that are kept open would go on with the file that is moved away.
        SqliteConnection.ClearAllPools();
        SetAside(file, now);
        File.Move(ready, file.Path);
        backups.PutPhotosBack();
        return null;
    }

    /// <summary>Goes back to a backup while the garden is open, in one step for all who read it; the garden as it is now is kept as a backup first. Nobody may write meanwhile.</summary>
    /// <returns>Null when it is done, or a sentence on why not; the garden is then as it was.</returns>
    public static async Task<string?> ReplaceAsync(GardenFile file, GardenBackups backups, string name, DateTime now, CancellationToken cancel = default)
    {
        var (ready, why) = await PrepareAsync(file, backups, name, cancel);
        if (ready is null) return why;
        try
        {
            if (!backups.Keep(Occasion.BeforeRestore, now)) return backups.Warning;
            using SqliteConnection from = GardenFile.Alone(ready), to = GardenFile.Alone(file.Path);
            from.BackupDatabase(to);
            backups.PutPhotosBack();
            return null;
        }
        finally
        {
            File.Delete(ready);
        }
    }

    /// <summary>Moves the garden and what lies beside it into a folder named after the time, and says which; nothing when there is nothing.</summary>
    internal static void SetAside(GardenFile file, DateTime now)
    {
        // A link that leads nowhere and a folder of that name are in the way as well.
        var old = new DirectoryInfo(file.Folder).EnumerateFileSystemInfos("garden.db*").ToList();
        if (old.Count == 0) return;
        var aside = Path.Combine(file.Folder, "set-aside", now.ToString("yyyyMMdd-HHmmssfff", CultureInfo.InvariantCulture));
        GardenFile.MakeFolder(aside);
        foreach (var part in old)
        {
            var target = Path.Combine(aside, part.Name);
            if (part is DirectoryInfo folder) folder.MoveTo(target);
            else File.Move(part.FullName, target);
        }
    }

    /// <summary>A copy of the backup, brought to the present form and examined, under another name in the same folder.</summary>
    private static async Task<(string? Path, string? Why)> PrepareAsync(GardenFile file, GardenBackups backups, string name, CancellationToken cancel)
    {
        if (backups.Find(name) is not { } backup) return (null, "There is no backup of this name.");
        if (Examination.Of(backup) is { Soundness: not Soundness.Sound } unsound) return (null, $"This backup cannot be restored. {unsound.Why}");
        var ready = Path.Combine(file.Folder, "restoring.db");
        foreach (var left in Directory.GetFiles(file.Folder, "restoring.db*")) File.Delete(left);
        File.Copy(backup, ready);
        File.SetUnixFileMode(ready, GardenFile.OwnerFile);
        await using (var garden = new GardenContext(GardenFile.OptionsFor(GardenFile.AloneTo(ready))))
        {
            await Forms.BringForwardAsync(garden, cancel);
            // One file by itself, so that it can be moved as one.
            await garden.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=DELETE", cancel);
        }

        return Examination.Of(ready) is { Soundness: not Soundness.Sound } broken ? (null, broken.Why) : (ready, null);
    }
}
