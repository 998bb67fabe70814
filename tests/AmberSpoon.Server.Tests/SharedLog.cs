using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>One kitchen with a bake of thighs in its log and one with nothing in it, for tests whose every row is refused.</summary>
public sealed class SharedLog : IAsyncLifetime
{
    internal Kitchen Kitchen { get; } = new();

    internal Kitchen Empty { get; } = new();

    internal string Id { get; private set; } = "";

    public async ValueTask InitializeAsync() => Id = await HouseTests.Baked(Kitchen, "Thighs");

    public async ValueTask DisposeAsync()
    {
        await Kitchen.DisposeAsync();
        await Empty.DisposeAsync();
    }
}
