using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Demo;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;

namespace AmberSpoon.Server.Startup;

/// <summary>
/// Brings the file up to date before the first request, and fills it for a demonstration. A file that cannot be opened is left
/// alone: the server starts all the same, and every page says what is the matter.
/// </summary>
internal sealed class KitchenOpening(
    IServiceScopeFactory scopes, TimeProvider time, KitchenSettings settings, KitchenCondition condition, IHostApplicationLifetime lifetime, ILogger<KitchenOpening> log) : IHostedService
{
    private static int _warmedUp;

    private static readonly Action<ILogger, string, Exception?> Refused =
        LoggerMessage.Define<string>(LogLevel.Error, new(1, nameof(Refused)), "The household's file was not opened. {Sentence}");

    public async Task StartAsync(CancellationToken cancellationToken)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        KitchenDb db = scope.ServiceProvider.GetRequiredService<KitchenDb>();
        if (await KitchenFile.Open(db, settings.File, cancellationToken) is { } trouble)
        {
            condition.Refuse(trouble);
            Refused(log, trouble.Sentence, null);
            return;
        }

        if (settings.Demo)
        {
            await DemoHousehold.Seed(db, settings.DemoEvenings, time, cancellationToken);
        }

        try
        {
            await CoatsFromCounter.Move(db, cancellationToken);
        }
        catch (Exception failed) when (StoreTrouble.Behind(failed) is not null)
        {
            condition.Refuse(StoreTrouble.Behind(failed)!);
            Refused(log, StoreTrouble.Behind(failed)!.Sentence, failed);
            return;
        }

        // The first run of the heat model is slow while it is being compiled: let that happen before a cook waits for it, and
        // after the first page was answered. It is compiled once for all kitchens of a process.
        if (Interlocked.Exchange(ref _warmedUp, 1) == 0)
        {
            lifetime.ApplicationStarted.Register(() => Task.Run(() => TrayForecaster.Forecast(WarmingUp), cancellationToken));
        }
    }

    /// <summary>Two thighs: enough to compile everything an answer needs.</summary>
    private static readonly TrayPlan WarmingUp = EmptyTray.Of(Household.Usual) with
    {
        Chicken = [new(1, Cut.BoneInThigh, true, [Coating.Oil], new(SizeBasis.Piece, 2, new(165, MassUnit.Gram), 0, []), null, StartingPoint.Fridge, 0, 0, false, false, CoreGoal.Usual(Cut.BoneInThigh, TemperatureUnit.Celsius))],
    };

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
