namespace Metaplant.Data.Files;

/// <summary>
/// The operating system's lock on a data folder: one Metaplant at a time has a garden open. It is gone with the process that held it, however that ended.
/// </summary>
public sealed class GardenLock : IDisposable
{
    private readonly FileStream file;

    private GardenLock(FileStream file) => this.file = file;

    /// <summary>The lock, or null when another process holds it.</summary>
    /// <exception cref="UnauthorizedAccessException">The folder may not be written to.</exception>
    public static GardenLock? Take(string folder)
    {
        GardenFile.MakeFolder(folder);
        try
        {
            return new(new(Path.Combine(folder, "lock"), new FileStreamOptions { Mode = FileMode.OpenOrCreate, Access = FileAccess.ReadWrite, Share = FileShare.None, UnixCreateMode = GardenFile.OwnerFile }));
        }
        catch (IOException)
        {
            return null;
        }
    }

    public void Dispose() => file.Dispose();
}
