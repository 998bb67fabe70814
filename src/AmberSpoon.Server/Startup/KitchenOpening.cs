using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Demo;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Startup;

/// <summary>Brings the file up to date before the first request, and fills it for a demonstration.</summary>
internal sealed class KitchenOpening(IServiceScopeFactory scopes, TimeProvider time, KitchenSettings settings) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        KitchenDb db = scope.ServiceProvider.GetRequiredService<KitchenDb>();
        Directory.CreateDirectory(settings.Data);
        await db.Database.MigrateAsync(cancellationToken);
        if (settings.Demo)
        {
            await DemoHousehold.Seed(db, time, cancellationToken);
        }

        // The first run of the heat model is slow while it is being compiled: let that happen before a cook waits for it.
        _ = Task.Run(() => TrayForecaster.Forecast(WarmingUp), cancellationToken);
    }

    /// <summary>Two thighs: enough to compile everything an answer needs.</summary>
    private static readonly TrayPlan WarmingUp = EmptyTray.Plan with
    {
        Chicken = [new(1, Cut.BoneInThigh, true, Coating.Oil, new(SizeBasis.Piece, 2, new(165, MassUnit.Gram), 0, []), null, StartingPoint.Fridge, 0, 0, false, false)],
    };

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
