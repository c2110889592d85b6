using Metaplant.Data.Files;

namespace Metaplant.Web.Files;

/// <summary>Keeps the backup of each day, and sweeps, while the server runs and not only when it starts.</summary>
internal sealed partial class BackupClock(GardenBackups backups, GardenState state, TimeProvider time, ILogger<BackupClock> log) : BackgroundService
{
    private static readonly TimeSpan Every = TimeSpan.FromHours(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Every, time);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            if (state.Hurt is not null) continue;
            if (backups.KeepDay(DateOnly.FromDateTime(time.GetLocalNow().DateTime)))
            {
                state.Sweep();
                continue;
            }

            NoBackup(log, backups.Warning);
            state.Suspect();
        }
    }

    [LoggerMessage(LogLevel.Warning, "{Warning}")]
    private static partial void NoBackup(ILogger log, string? warning);
}
