using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Units;
using AmberSpoon.Store.Rows;
using Microsoft.Extensions.Caching.Memory;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Keeps which trays are sooner ready than one: a page that shows a late evening asks again and again.</summary>
internal sealed class FasterTrayBook : IDisposable
{
    private static readonly TimeSpan KeptFor = TimeSpan.FromMinutes(10);

    private readonly MemoryCache _kept = new(new MemoryCacheOptions());

    /// <remarks>Another house that was restored has trays of the same number and version, saved at another time.</remarks>
    public IReadOnlyList<FasterTray> Of(TrayRow row, KitchenUnits units) => _kept.GetOrCreate((row.Id, row.Version, row.SavedAt, Known.KeyOf(row.Plan), units), entry =>
    {
        entry.SlidingExpiration = KeptFor;
        return FasterTrays.Of(row.Plan, units);
    })!;

    public void Dispose() => _kept.Dispose();
}
