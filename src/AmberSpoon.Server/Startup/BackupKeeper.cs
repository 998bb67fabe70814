using AmberSpoon.Server.Stations.House;
using AmberSpoon.Store;
using AmberSpoon.Store.Backups;

namespace AmberSpoon.Server.Startup;

/// <summary>
/// Makes a backup a day while the kitchen runs, and keeps of them the last seven, one a week for five weeks and one a month for a year.
/// Beside it, it looks whether the house was restored by another program.
/// </summary>
internal sealed class BackupKeeper(HouseFolder house, HouseChanged changed, KitchenCondition condition, TimeProvider time, ILogger<BackupKeeper> logger) : BackgroundService
{
    private static readonly TimeSpan LookEvery = TimeSpan.FromSeconds(5);
    private static readonly TimeSpan First = TimeSpan.FromMinutes(30);
    private static readonly TimeSpan Every = TimeSpan.FromHours(24);

    private static readonly Action<ILogger, Exception?> Failed =
        LoggerMessage.Define(LogLevel.Error, new(1, nameof(Failed)), "The kitchen could not look after its backups.");

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (condition.Refused is not null)
        {
            return;
        }

        long next = time.GetTimestamp() + (long)(First.TotalSeconds * time.TimestampFrequency);
        using var timer = new PeriodicTimer(LookEvery);
        do
        {
            try
            {
                await changed.Look(stoppingToken);
                if (time.GetTimestamp() >= next)
                {
                    next = time.GetTimestamp() + (long)(Every.TotalSeconds * time.TimestampFrequency);
                    BackupShelf.Keep(house, time.GetUtcNow());
                }
            }
            catch (Exception failed) when (failed is not OperationCanceledException)
            {
                // A backup that fails must not take the kitchen with it.
                Failed(logger, failed);
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }
}
