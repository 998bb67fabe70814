using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Mixes;

/// <summary>All mixes a household can choose from, its own first.</summary>
internal sealed class MixBook(PrepShelf shelf)
{
    private const string OwnPrefix = "own-";

    public static string OwnId(int id) => FormattableString.Invariant($"{OwnPrefix}{id}");

    public static MixListed Own(MixRow row) => new(OwnId(row.Id), row.Mix, IsOwn: true, row.Version);

    public async Task<IReadOnlyList<MixListed>> Listed(CancellationToken cancel) =>
    [
        .. (await shelf.Mixes(cancel)).Select(Own),
        .. MixLibrary.All.Select(ready => new MixListed(ready.Id, ready.Mix, IsOwn: false, Version: 1)),
    ];

    /// <summary>The plan with its coats called as their mixes are called now; a mix that is gone keeps the name it had.</summary>
    public async Task<Func<TrayPlan, TrayPlan>> Naming(CancellationToken cancel)
    {
        Dictionary<string, string> names = (await Listed(cancel)).ToDictionary(listed => listed.Id, listed => listed.Mix.Name, StringComparer.Ordinal);
        return plan => plan with
        {
            Chicken =
            [
                .. plan.Chicken.Select(lot => lot with
                {
                    Coats = [.. lot.Coats.Select(coat => coat.Mix is { } mix && names.TryGetValue(mix, out string? name) ? coat with { Name = name } : coat)],
                }),
            ],
        };
    }
}
