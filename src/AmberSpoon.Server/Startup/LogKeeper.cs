using AmberSpoon.Store;

namespace AmberSpoon.Server.Startup;

/// <summary>Remembers finished bakes that the log cannot look up yet, from before it could, one after the other while the kitchen runs.</summary>
internal sealed class LogKeeper(IServiceScopeFactory scopes, KitchenCondition condition, ILogger<LogKeeper> logger) : BackgroundService
{
    private static readonly Action<ILogger, Guid, Exception?> Skipped =
        LoggerMessage.Define<Guid>(LogLevel.Warning, new(1, nameof(Skipped)), "The bake {Bake} could not be remembered for the log.");

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (condition.Trouble is not null)
        {
            return;
        }

        foreach (Guid bake in await Forgotten(stoppingToken))
        {
            stoppingToken.ThrowIfCancellationRequested();
            try
            {
                await using AsyncServiceScope scope = scopes.CreateAsyncScope();
                await scope.ServiceProvider.GetRequiredService<BakeBook>().Remember(bake, stoppingToken);
            }
            catch (Exception failed) when (failed is not OperationCanceledException)
            {
                // One that cannot be read must not keep the others out of the log.
                Skipped(logger, bake, failed);
            }
        }
    }

    /// <summary>None where the file cannot be read just now: the next start looks again, and nobody waits for it.</summary>
    private async Task<IReadOnlyList<Guid>> Forgotten(CancellationToken cancel)
    {
        try
        {
            await using AsyncServiceScope scope = scopes.CreateAsyncScope();
            return await scope.ServiceProvider.GetRequiredService<LogShelf>().Forgotten(cancel);
        }
        catch (Exception failed) when (StoreTrouble.Behind(failed) is not null)
        {
            return [];
        }
    }
}
