using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Prep.Judgements;

/// <summary>
/// What tonight's programme does to a glaze: the same piece followed with the glaze on it. What is brushed on later browns
/// only from then, so the index at the end less the index at that minute.
/// </summary>
/// <param name="FromStart">Its colour at the end when it is on from the start.</param>
/// <param name="FromMinutes">From this minute on it may be brushed on without burning; 0 from the start, null where even the last minutes burn it.</param>
/// <param name="GoldenUntilMinutes">Until this minute it still turns golden; null where it never does.</param>
/// <param name="OutMinutes">When the lot comes out.</param>
public sealed record GlazeBurn(SurfaceColour FromStart, int? FromMinutes, int? GoldenUntilMinutes, int OutMinutes)
{
    /// <param name="plan">Tonight's tray.</param>
    /// <param name="layout">Where things lie.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <param name="lot">A lot of chicken on it.</param>
    public static GlazeBurn Of(TrayPlan plan, TrayLayout layout, LotForecast forecast, ChickenLot lot)
    {
        TrayPlan glazed = plan with { Chicken = [.. plan.Chicken.Select(other => other == lot ? lot with { Coats = [Coating.Glaze] } : other)] };
        ChickenLot shown = glazed.Chicken.Single(other => other.Id == lot.Id);
        int minutes = forecast.OutMinutes - forecast.InMinutes;
        GuessEnsemble run = GuessEnsemble.Follow(new LotSettings(glazed, layout).Of(shown), KitchenGuess.Nominal, [new(BakePlace.Oven, 60 * minutes)]);
        double[] browned = [.. Enumerable.Range(0, minutes + 1).Select(minute => run.At(60 * minute).Browning)];
        return Of(browned, forecast.InMinutes);
    }

    /// <param name="browned">Browning of a glazed surface, one value a minute from going in to coming out.</param>
    /// <param name="inMinutes">When it goes in.</param>
    public static GlazeBurn Of(IReadOnlyList<double> browned, int inMinutes)
    {
        int last = browned.Count - 1;
        double Left(int minute) => browned[last] - browned[minute];
        int from = Enumerable.Range(0, browned.Count).First(minute => Left(minute) < Browning.Burnt);
        int? golden = Enumerable.Range(0, browned.Count).Where(minute => SurfaceColours.Of(Left(minute)) >= SurfaceColour.Golden).Select(minute => (int?)minute).LastOrDefault();
        return new(SurfaceColours.Of(browned[last]), from == last && last > 0 ? null : from == 0 ? 0 : inMinutes + from, golden + inMinutes, inMinutes + last);
    }
}
