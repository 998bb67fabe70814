using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class GuessEnsembleTests
{
    private static readonly IReadOnlyList<PlaceStage> OneHour = [new(BakePlace.Oven, 3600)];

    private static GuessEnsemble Ensemble(TrayPlan plan) => GuessEnsemble.Follow(plan.FirstSetting(), KitchenGuess.Nominal, OneHour);

    [Fact]
    public void A_higher_target_is_later_at_both_ends_and_in_the_middle()
    {
        GuessEnsemble thighs = Ensemble(Plans.Thighs);
        Gen.Select(Gen.Double[30, 80], Gen.Double[0.5, 8]).Sample((targetC, more) =>
        {
            TimeBand sooner = thighs.TimeToReach(targetC)!;
            TimeBand later = thighs.TimeToReach(targetC + more)!;
            return sooner.MedianMinutes < later.MedianMinutes && sooner.LowMinutes < later.LowMinutes && sooner.HighMinutes < later.HighMinutes;
        });
        Assert.Null(thighs.TimeToReach(110));
    }

    /// <summary>Four kitchens in five: a band is neither a point nor an excuse.</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 165)]
    [InlineData(Cut.BonelessBreast, 225)]
    [InlineData(Cut.WholeWing, 90)]
    [InlineData(Cut.BoneInBreast, 400)]
    public void Bands_are_a_fifth_to_a_half_of_the_time_wide(Cut cut, double pieceG)
    {
        TimeBand band = TrayForecaster.Forecast(Plans.Of(cut, pieceG, 204)).ToTarget;
        Assert.InRange((band.HighMinutes - band.LowMinutes) / band.MedianMinutes, 0.2, 0.5);
    }

    [Fact]
    public void A_tray_cut_open_has_a_frame_a_minute_or_sixty_for_a_long_evening()
    {
        SectionFilm brief = Film(Plans.Thighs);
        Assert.Equal(1, brief.Frames[1].Minutes - brief.Frames[0].Minutes, 1e-9);
        SectionFilm whole = TraySections.Film(Plans.Thighs.FirstSetting(), 74, KitchenGuess.Nominal, [new(BakePlace.Oven, 3 * 3600)]);
        Assert.InRange(whole.Frames.Count, 50, 61);
        Assert.Equal(180, whole.Frames[^1].Minutes, 3.001);
    }

    private static SectionFilm Film(TrayPlan plan)
    {
        TrayForecast forecast = TrayForecaster.Forecast(plan);
        return TraySections.Film(plan, new LotSettings(plan, TrayArranger.Arrange(plan)), forecast.Of(1), forecast.EatMinutes);
    }
}
