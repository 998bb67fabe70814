using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>One kitchen with a supper planned, for tests whose every row is refused: a server of its own for each would cost most of the suite's time.</summary>
public sealed class SharedKitchen : IAsyncLifetime
{
    internal Kitchen Kitchen { get; } = new();

    public async ValueTask InitializeAsync() => await Kitchen.SaveTray(Kitchen.Supper());

    public ValueTask DisposeAsync() => Kitchen.DisposeAsync();
}
