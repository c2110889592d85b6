using Metaplant.Data.Settings;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Files;

/// <summary>Brings a garden of an earlier form to the present one.</summary>
internal static class Forms
{
    /// <summary>
    /// Migrates, if anything is pending. The caller holds the only way to the file, so a lock row that a killed migration left is nobody's and is cleared.
    /// </summary>
    public static async Task BringForwardAsync(GardenContext garden, CancellationToken cancel = default)
    {
        if ((await garden.Database.GetPendingMigrationsAsync(cancel)).Any())
        {
            await garden.Database.ExecuteSqlRawAsync("DROP TABLE IF EXISTS __EFMigrationsLock", cancel);
            await garden.Database.MigrateAsync(cancel);
        }

        await SettingsForm.BringForwardAsync(garden, cancel);
    }
}
