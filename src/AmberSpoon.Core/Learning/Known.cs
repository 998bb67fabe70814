using System.Collections.Immutable;
using System.Globalization;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Learning;

/// <summary>What the log has taught by now, for plans to go on from.</summary>
/// <param name="Oven">Of the oven that the plan names; null where nothing was learnt of it.</param>
/// <param name="Wishes">What is called tender, of vegetables that were judged.</param>
public sealed record Known(OvenBelief? Oven, IReadOnlyDictionary<Vegetable, TenderWish> Wishes)
{
    public static Known Nothing { get; } = new(null, ImmutableDictionary<Vegetable, TenderWish>.Empty);

    /// <summary>How long that oven takes to be hot; null where nobody told.</summary>
    public PreheatBelief? Preheat { get; init; }

    /// <summary>How long its cooks take at the counter; null where nobody ticked.</summary>
    public CookPace? Pace { get; init; }

    /// <summary>The plan in a kitchen of which that much is known.</summary>
    public TrayPlan On(TrayPlan plan) => plan with
    {
        Oven = plan.Oven is { } oven ? oven with { Learnt = Oven, LearntPreheat = Preheat } : null,
        Vegetables = [.. plan.Vegetables.Select(lot => lot with { Wish = Wishes.GetValueOrDefault(lot.Kind)?.Share ?? 1 })],
    };

    /// <summary>Plans with the same one go on from the same knowledge.</summary>
    public static string KeyOf(TrayPlan plan) => string.Create(
        CultureInfo.InvariantCulture, $"{plan.Oven?.Learnt?.Key}|{plan.Oven?.LearntPreheat?.LogMean:0.###}|{string.Join(',', plan.Vegetables.Select(lot => lot.Wish.ToString("0.####", CultureInfo.InvariantCulture)))}");
}
