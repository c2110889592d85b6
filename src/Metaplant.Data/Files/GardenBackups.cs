using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Metaplant.Data.Files;

/// <summary>A backup that can be gone back to.</summary>
/// <param name="Name">Its file name, without folder.</param>
/// <param name="Why">What is wrong with it; empty when it can be restored.</param>
public sealed record KeptBackup(string Name, DateTime At, int Things, int Projects, string Why);

/// <summary>Why a backup is kept, other than by the calendar.</summary>
public enum Occasion
{
    ByHand,
    BeforeRestore,
    BeforeImport,
}

/// <summary>The backups beside a garden: one a day, one before each change of its form, each restore and each import, and every photograph.</summary>
public sealed class GardenBackups(GardenFile file)
{
    private const int DaysKept = 14;
    private const int OccasionsKept = 10;
    private const string Partial = ".partial";

    private readonly string photos = Path.Combine(file.Backups, "photos");

    /// <summary>What came of the last attempt; null when it went well. A garden that cannot be backed up is used all the same, and says so.</summary>
    public string? Warning { get; private set; }

    /// <summary>Every backup, the newest first, each examined.</summary>
    public IReadOnlyList<KeptBackup> List()
        => !Directory.Exists(file.Backups) ? [] : [.. Directory.EnumerateFiles(file.Backups, "*.db").Select(Show).OrderByDescending(b => b.At).ThenByDescending(b => b.Name, StringComparer.Ordinal)];

    /// <summary>Where a backup of this name lies; null when there is none.</summary>
    public string? Find(string name) => Directory.Exists(file.Backups) ? Directory.EnumerateFiles(file.Backups, "*.db").FirstOrDefault(b => Path.GetFileName(b) == name) : null;

    /// <summary>Keeps the backup of a day, unless it is there, and drops those that are too old. True when it is there now.</summary>
    public bool KeepDay(DateOnly day) => Keep(day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), onlyOnce: true);

    /// <summary>Keeps a backup on an occasion: before a restore, before a garden is taken in, or because the gardener wants one. True when it is there now.</summary>
    public bool Keep(Occasion occasion, DateTime now) => Keep($"{NameOf(occasion)}-{now.ToString("yyyyMMdd-HHmmssfff", CultureInfo.InvariantCulture)}", onlyOnce: false);

    /// <summary>Keeps the backup before a migration; the first one made is the one from before.</summary>
    internal bool KeepBeforeMigration(string migration) => Keep($"before-{migration}", onlyOnce: true);

    /// <summary>Puts back photographs that a restored garden names and whose files are gone.</summary>
    internal void PutPhotosBack()
    {
        if (!Directory.Exists(photos)) return;
        GardenFile.MakeFolder(file.Photos);
        CopyMissing(photos, file.Photos);
    }

    private static string NameOf(Occasion occasion) => occasion switch
    {
        Occasion.ByHand => "by-hand",
        Occasion.BeforeRestore => "before-restore",
        _ => "before-import",
    };

    private bool Keep(string name, bool onlyOnce)
    {
        var target = Path.Combine(file.Backups, name + ".db");
        try
        {
            GardenFile.MakeFolder(file.Backups);
            KeepPhotos();
            if (!onlyOnce || !File.Exists(target)) Copy(target);
            DropOld();
            Warning = null;
            return true;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or SqliteException)
        {
            Warning = $"No backup could be kept: {e.Message.TrimEnd('.')}. What is kept here is kept once only until that is mended.";
            return false;
        }
    }

    /// <summary>Into a file of another name first, and examined there, so that a backup cut short or of a damaged garden is never taken for one.</summary>
    private void Copy(string target)
    {
        var partial = target + Partial;
        Remove(partial);
        try
        {
            File.Create(partial).Dispose();
            File.SetUnixFileMode(partial, GardenFile.OwnerFile);
            using (SqliteConnection from = GardenFile.Alone(file.Path), to = GardenFile.Alone(partial))
            {
                from.BackupDatabase(to);
                // One file by itself, that opening does not add to.
                using var alone = to.CreateCommand();
                alone.CommandText = "PRAGMA journal_mode=DELETE";
                alone.ExecuteNonQuery();
            }

            if (Examination.Of(partial) is { Soundness: not Soundness.Sound } unsound) throw new IOException(unsound.Why);
            File.Move(partial, target, overwrite: true);
        }
        finally
        {
            Remove(partial);
        }
    }

    private static void Remove(string partial)
    {
        foreach (var end in (ReadOnlySpan<string>)["", "-journal", "-wal", "-shm"]) File.Delete(partial + end);
    }

    private void KeepPhotos()
    {
        if (!Directory.Exists(file.Photos)) return;
        GardenFile.MakeFolder(photos);
        CopyMissing(file.Photos, photos);
    }

    /// <summary>A photograph never changes, so one that is there in its full length is there.</summary>
    private static void CopyMissing(string from, string to)
    {
        foreach (var photo in new DirectoryInfo(from).EnumerateFiles("*.jpg"))
        {
            var target = new FileInfo(Path.Combine(to, photo.Name));
            if (target.Exists && target.Length == photo.Length) continue;
            var partial = target.FullName + Partial;
            photo.CopyTo(partial, overwrite: true);
            File.SetUnixFileMode(partial, GardenFile.OwnerFile);
            File.Move(partial, target.FullName, overwrite: true);
        }
    }

    /// <summary>Days and occasions are counted apart. Nothing is dropped unless what stays holds a sound one, and photographs only when no garden kept here names them.</summary>
    private void DropOld()
    {
        var all = Directory.GetFiles(file.Backups, "*.db").OrderDescending(StringComparer.Ordinal).ToList();
        List<string> days = [.. all.Where(b => char.IsAsciiDigit(Path.GetFileName(b)[0]))];
        List<string> occasions = [.. all.Where(b => Enum.GetValues<Occasion>().Any(o => Path.GetFileName(b).StartsWith(NameOf(o), StringComparison.Ordinal))).OrderByDescending(File.GetLastWriteTimeUtc)];
        List<string> old = [.. days.Skip(DaysKept), .. occasions.Skip(OccasionsKept)];
        if (old.Count == 0 || !all.Except(old).Any(b => Examination.Of(b).Soundness == Soundness.Sound)) return;
        foreach (var backup in old) File.Delete(backup);
        DropPhotos();
    }

    private void DropPhotos()
    {
        if (!Directory.Exists(photos)) return;
        var named = Directory.GetFiles(file.Backups, "*.db").Append(file.Path).Where(b => Examination.Of(b).Soundness == Soundness.Sound).SelectMany(PhotoNames).ToHashSet(StringComparer.Ordinal);
        foreach (var photo in Directory.EnumerateFiles(photos, "*.jpg").Where(p => !named.Contains(Path.GetFileName(p).Split('.')[0]))) File.Delete(photo);
    }

    private static IEnumerable<string> PhotoNames(string path)
    {
        using var garden = new GardenContext(GardenFile.OptionsFor(GardenFile.AloneTo(path, SqliteOpenMode.ReadOnly)));
        // A garden from before there were photographs has no table of them.
        return garden.HasPhotographs() ? [.. garden.PhotosNamed()] : [];
    }

    private KeptBackup Show(string path)
    {
        var examined = Examination.Of(path);
        var (things, projects) = examined.Soundness == Soundness.Sound ? Examination.Count(path) : (0, 0);
        return new(Path.GetFileName(path), File.GetLastWriteTimeUtc(path), things, projects, examined.Why);
    }
}
