using Metaplant.Data;
using Metaplant.Data.Demonstration;
using Metaplant.Data.Files;
using Metaplant.Data.Photos;

namespace Metaplant.Web.Files;

/// <summary>Whether the garden is open, and what is wrong when it is not. While it is hurt nothing is answered but what helps to restore it. Holds the lock on its folder for as long as the server lives.</summary>
public sealed class GardenState(GardenFile file, GardenBackups backups, PhotoFolder photos, TimeProvider time) : IDisposable
{
    private GardenLock? alone;

    /// <summary>What is wrong, in a sentence; null while it is open.</summary>
    public string? Hurt { get; private set; } = "The garden is being opened.";

    /// <summary>Opens it, with the demonstration garden in it if asked for and it is new.</summary>
    /// <returns>Null, or why it cannot be opened here at all.</returns>
    public async Task<string?> OpenAsync(bool demonstration, CancellationToken cancel = default)
    {
        alone ??= GardenLock.Take(file.Folder);
        if (alone is null) return $"The garden in {file.Folder} is open in another Metaplant. Use that one, or stop it first.";
        // Before the first cookie, and also where the garden itself cannot be opened: its gardener may be at the other end of the network.
        GardenFile.MakeFolder(file.Keys);
        switch (await Opening.OfAsync(file, backups, time.GetUtcNow().UtcDateTime, cancel))
        {
            case Opening.Refused refused:
                return refused.Why;
            case Opening.Hurt hurt:
                Hurt = hurt.Why;
                return null;
            default:
                await using (var garden = new GardenContext(file.Options))
                {
                    if (demonstration) await SlipwayYard.PlantAsync(garden, cancel);
                }

                Sweep();
                Hurt = null;
                return null;
        }
    }

    public void Dispose() => alone?.Dispose();

    /// <summary>Deletes files of photographs that neither the garden nor its journal names.</summary>
    public void Sweep()
    {
        using var garden = new GardenContext(file.Options);
        photos.Sweep(garden.PhotosNamed(), time.GetUtcNow().UtcDateTime);
    }

    /// <summary>Asked when reading or writing failed in a way that a damaged file does: from then on only what restores it is answered, if it is.</summary>
    public void Suspect()
    {
        if (Examination.Of(file.Path) is { Soundness: not Soundness.Sound } examined) Hurt = examined.Why;
    }
}
