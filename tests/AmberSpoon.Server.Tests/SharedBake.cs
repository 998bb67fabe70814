using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>One supper twenty minutes in the oven, for tests whose every row is refused.</summary>
public sealed class SharedBake : IAsyncLifetime
{
    internal Kitchen Kitchen { get; } = new();

    internal string Id { get; private set; } = "";

    public async ValueTask InitializeAsync()
    {
        Id = await Kitchen.StartBake(Kitchen.Supper());
        Kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
    }

    public ValueTask DisposeAsync() => Kitchen.DisposeAsync();
}
