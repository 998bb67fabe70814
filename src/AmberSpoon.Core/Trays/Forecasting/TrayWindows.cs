using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// The window of every lot of a plan, as if it stayed in the oven, on the finer of the forecast's two grids and whether or not
/// every lot gets there. Where there is a <see cref="TrayForecast"/>, its lots bring their windows.
/// </summary>
public static class TrayWindows
{
    /// <returns>By lot, chicken first.</returns>
    public static IReadOnlyDictionary<int, GoodWindow> Of(TrayPlan plan, LotSettings settings)
    {
        SafetyProfile profile = SafetyProfiles.For(plan.Profile);
        (int Lot, Func<GoodWindow> Find)[] lots =
        [
            .. plan.Chicken.Select(lot => (lot.LotId.Value, (Func<GoodWindow>)(() => Of(lot, settings, profile.RuleFor(lot.IsStuffed))))),
            .. plan.Vegetables.Select(lot => (lot.LotId.Value, (Func<GoodWindow>)(() => LotWindow.Of(lot, LeftIn(settings.Of(lot)))))),
        ];
        var windows = new GoodWindow[lots.Length];
        Parallel.For(0, lots.Length, i => windows[i] = lots[i].Find());
        return lots.Zip(windows).ToDictionary(pair => pair.First.Lot, pair => pair.Second);
    }

    private static GoodWindow Of(ChickenLot lot, LotSettings settings, SafetyRule rule)
    {
        IReadOnlyList<double> masses = lot.MassesG();
        HeatRun heaviest = LeftIn(settings.Of(lot));
        return LotWindow.Of(lot, rule, heaviest, masses[^1] < masses[0] ? LeftIn(settings.Of(lot, masses[^1])) : heaviest);
    }

    private static HeatRun LeftIn(PieceSetting setting) =>
        setting.Bake(KitchenGuess.Nominal, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)]).Follow(GridLevel.Quick);
}
