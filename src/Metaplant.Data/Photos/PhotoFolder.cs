using System.Security.Cryptography;
using Metaplant.Data.Files;

namespace Metaplant.Data.Photos;

/// <summary>The photographs of a garden, as files beside it.</summary>
public sealed class PhotoFolder(string folder)
{
    /// <summary>Largest file taken in, bytes.</summary>
    public const int LargestFile = 10 * 1024 * 1024;

    internal const string LargeEnd = ".jpg";
    internal const string SmallEnd = ".small.jpg";
    private const string Partial = ".partial";

    /// <summary>Writes both files under a new name that nobody can guess, and returns it. When they cannot be written whole, nothing of them stays.</summary>
    public async Task<string> KeepAsync(Picture picture, CancellationToken cancel = default)
    {
        var name = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(16));
        await PutAsync(name, picture.Jpeg, picture.Thumbnail, cancel);
        return name;
    }

    /// <summary>Where a picture lies; null when its file is gone.</summary>
    public string? Find(string name, bool thumbnail) => File.Exists(PathOf(name, thumbnail)) ? PathOf(name, thumbnail) : null;

    /// <summary>Deletes files that nobody names: of photographs whose row was never kept, or can no longer be brought back by undo. Those younger than an hour may be about to be named.</summary>
    public int Sweep(IReadOnlySet<string> named, DateTime now)
    {
        if (!Directory.Exists(folder)) return 0;
        var swept = 0;
        foreach (var file in new DirectoryInfo(folder).EnumerateFiles().Where(f => !named.Contains(f.Name.Split('.')[0]) && now - f.LastWriteTimeUtc > TimeSpan.FromHours(1)))
        {
            file.Delete();
            swept++;
        }

        return swept;
    }

    /// <summary>Takes both files away again.</summary>
    public void Forget(string name)
    {
        File.Delete(PathOf(name, thumbnail: false));
        File.Delete(PathOf(name, thumbnail: true));
    }

    internal async Task PutAsync(string name, byte[] large, byte[] small, CancellationToken cancel)
    {
        GardenFile.MakeFolder(folder);
        try
        {
            await WriteAsync(PathOf(name, thumbnail: true), small, cancel);
            await WriteAsync(PathOf(name, thumbnail: false), large, cancel);
        }
        catch
        {
            Forget(name);
            throw;
        }
    }

    /// <summary>True where it is a JPEG no larger than those kept here.</summary>
    internal static bool IsOurs(byte[] file) => PictureReading.IsKeptForm(file);

    /// <summary>Whole or not at all: under another name first.</summary>
    private static async Task WriteAsync(string path, byte[] bytes, CancellationToken cancel)
    {
        var partial = path + Partial;
        try
        {
            await using (var file = new FileStream(partial, new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write, UnixCreateMode = GardenFile.OwnerFile }))
            {
                await file.WriteAsync(bytes, cancel);
                file.Flush(flushToDisk: true);
            }

            File.Move(partial, path, overwrite: true);
        }
        finally
        {
            File.Delete(partial);
        }
    }

    private string PathOf(string name, bool thumbnail) => Path.Combine(folder, name + (thumbnail ? SmallEnd : LargeEnd));
}
