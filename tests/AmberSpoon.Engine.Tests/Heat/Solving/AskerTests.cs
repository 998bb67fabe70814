using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Solving;

public sealed class AskerTests
{
    [Fact]
    public void Whoever_has_gone_is_computed_for_no_more_on_any_thread()
    {
        Assert.Throws<OperationCanceledException>(() => Asker.WhileWaiting(() => TrayForecaster.Forecast(Plans.Thighs), new CancellationToken(true)));
        using var stays = new CancellationTokenSource();
        Assert.NotEmpty(Asker.WhileWaiting(() => TrayForecaster.Forecast(Plans.Thighs), stays.Token).Lots);
    }

    [Fact]
    public void Who_asks_next_is_not_taken_for_who_has_gone()
    {
        Assert.Throws<OperationCanceledException>(() => Asker.WhileWaiting(() => TrayForecaster.Forecast(Plans.Thighs), new CancellationToken(true)));
        Assert.False(Asker.Gone.IsCancellationRequested);
        int inner = Asker.WhileWaiting(() => Asker.WhileWaiting(() => Asker.Gone.IsCancellationRequested ? 1 : 0, CancellationToken.None) + (Asker.Gone.IsCancellationRequested ? 10 : 0), new CancellationToken(true));
        Assert.Equal(10, inner);
    }
}
