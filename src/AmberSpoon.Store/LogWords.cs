using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Store;

/// <summary>All words by which a bake is found in the log.</summary>
internal static class LogWords
{
    public static string Of(TrayPlan plan, BakeState state, VerdictKind? verdict, BakeFacts facts)
    {
        LotCoat[] coats = [.. plan.Chicken.SelectMany(lot => lot.Coats)];
        IEnumerable<string> words =
        [
            plan.Name,
            .. plan.Chicken.Select(lot => CutTable.For(lot.Cut).Name),
            .. plan.Vegetables.Select(lot => VegetableTable.For(lot.Kind).Name),
            .. coats.Select(coat => coat.Name ?? string.Empty),
            .. state.Notes,
            .. state.Table.Tasting.Concat(state.Table.NextTime).Select(said => said.Text),
            plan.Oven?.Name ?? string.Empty,
            .. plan.Chicken.Select(lot => LogQuery.Mark("cut", $"{lot.Cut}")),
            .. plan.Vegetables.Select(lot => LogQuery.Mark("vegetable", $"{lot.Kind}")),
            .. coats.Select(coat => coat.Mix).OfType<string>().Select(mix => LogQuery.Mark("mix", mix)),
            LogQuery.Mark("oven", plan.Oven?.Name ?? string.Empty),
            LogQuery.Mark("verdict", verdict is null ? "none" : $"{verdict}"),
            .. facts.PastBest is null ? [] : new[] { LogQuery.Mark("past", "yes") },
        ];
        return string.Join('\n', words.Distinct()).ToLowerInvariant();
    }
}
