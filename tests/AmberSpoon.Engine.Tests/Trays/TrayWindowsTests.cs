using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class TrayWindowsTests(ITestOutputHelper output)
{
    private static IReadOnlyDictionary<int, GoodWindow> Of(TrayPlan plan) => TrayWindows.Of(plan, new(plan, TrayArranger.Arrange(plan)));

    /// <summary>Common practice, °C of the coldest middle.</summary>
    [Theory]
    [InlineData(Cut.BonelessBreast, 74, 76, 82, 0)]
    [InlineData(Cut.Tender, 74, 76, 82, 0)]
    [InlineData(Cut.BoneInBreast, 74, 80, 88, 0)]
    [InlineData(Cut.BonelessThigh, 77, 90, 97, 600)]
    [InlineData(Cut.ThighSkewer, 77, 90, 97, 600)]
    [InlineData(Cut.Drumstick, 80, 95, 97, 1050)]
    [InlineData(Cut.WholeWing, 80, 95, 97, 1050)]
    public void Each_cut_has_its_limits(Cut cut, double from, double until, double past, double afterS) =>
        Assert.Equal(new(from, until, past, afterS), WindowRule.For(cut));

    /// <summary>Thighs praised at 35 min, leg quarters and drumsticks at 50 to 60 (common practice): inside their windows.</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 165, 204, 35)]
    [InlineData(Cut.BoneInThigh, 165, 218, 35)]
    [InlineData(Cut.Drumstick, 115, 180, 50)]
    [InlineData(Cut.LegQuarter, 330, 200, 60)]
    public void What_cooks_praise_lies_inside(Cut cut, double massG, double ovenC, double minutes)
    {
        GoodWindow window = Of(Plans.Of(cut, massG, ovenC, targetC: 74))[1];
        Assert.InRange(minutes, window.OpensMinutes!.Value, window.PastMinutes ?? double.PositiveInfinity);
        Assert.True(window.BestFromMinutes > window.OpensMinutes && window.BestUntilMinutes > window.BestFromMinutes && window.PastMinutes >= window.BestUntilMinutes);
    }

    /// <summary>Dark meat at 97 °C is not past at once: on the bone after 17 and a half minutes, without after ten.</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 17.5)]
    [InlineData(Cut.BonelessThigh, 10)]
    public void Dark_meat_is_past_after_a_while_at_97(Cut cut, double afterMinutes)
    {
        TrayPlan plan = Plans.Of(cut, 120, 165, targetC: 80) with { StayUntilMinutes = 110 };
        LotForecast lot = TrayForecaster.Forecast(plan).Lots[0];
        Assert.InRange(lot.Good!.PastMinutes!.Value - lot.Curve.First(point => point.ColdestC >= 97).Minutes, afterMinutes - 2.5, afterMinutes + 2.5);
    }

    [Fact]
    public void Dark_meat_waits_for_longer_than_lean()
    {
        GoodWindow lean = Of(Plans.Of(Cut.BonelessBreast, 225, 200, targetC: 74))[1];
        GoodWindow dark = Of(Plans.Of(Cut.BoneInThigh, 165, 200, targetC: 74))[1];
        Assert.True(lean.BestUntilMinutes - lean.BestFromMinutes < 3);
        Assert.True(dark.BestUntilMinutes - dark.BestFromMinutes > 8);
        Assert.True(dark.PastMinutes - dark.OpensMinutes > lean.PastMinutes - lean.OpensMinutes + 10);
    }

    [Fact]
    public void A_late_lot_s_window_is_as_much_later_and_a_hotter_wish_begins_later()
    {
        TrayPlan plan = Plans.Thighs;
        GoodWindow now = Of(plan)[plan.Chicken[0].Id];
        TrayPlan late = plan with { Chicken = [plan.Chicken[0], plan.Chicken[0] with { Id = 7, AddAtMinutes = 10 }] };
        Assert.Equal(10, Of(late)[7].OpensMinutes!.Value - Of(late)[plan.Chicken[0].Id].OpensMinutes!.Value, 1.0);
        TrayPlan hotter = plan with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165, targetC: 88)] };
        Assert.True(Of(hotter)[1].BestFromMinutes > now.BestFromMinutes);
    }

    /// <summary>Any cut, goal and oven: a window opens before it is best, and is past after.</summary>
    [Fact]
    public void Windows_are_in_order() => Gen.Select(Gen.Int[0, CutTable.All.Count - 1], Gen.Double[140, 260], Gen.Double[60, 92]).Sample(
        (cut, ovenC, goalC) =>
        {
            GoodWindow window = Of(Plans.Of(CutTable.All[cut].Cut, CutTable.All[cut].ReferenceMassG, Math.Round(ovenC), targetC: Math.Round(goalC)))[1];
            double[] inOrder = [.. new[] { window.OpensMinutes, window.BestFromMinutes, window.BestUntilMinutes, window.PastMinutes }.OfType<double>()];
            return window.BestFromMinutes is null || inOrder.Order().SequenceEqual(inOrder);
        },
        iter: 60);

    [Fact]
    public void Together_is_where_all_are_at_their_best()
    {
        var early = new GoodWindow(20, 30, 40, 60);
        Assert.Equal(new(35, 40), GoodWindow.Together([early, new(25, 35, 50, 70)]));
        Assert.Equal(new(40, 40), GoodWindow.Together([early, new(25, 40, 50, 70)]));
        Assert.Null(GoodWindow.Together([early, new(25, 40.1, 50, 70)]));
        Assert.Null(GoodWindow.Together([early, new(25, null, null, null)]));
        Assert.Equal(new(30, 40), GoodWindow.Together([early, new(20, 22, null, null)]));
        Assert.Null(GoodWindow.Together([]));
    }

    [Fact]
    public void A_vegetable_opens_when_it_is_tender()
    {
        TrayPlan plan = Plans.Supper;
        TrayForecast forecast = TrayForecaster.Forecast(plan, Care.BestGuess);
        GoodWindow window = Of(plan)[plan.Vegetables[0].Id];
        Assert.Equal(forecast.Of(plan.Vegetables[0].Id).Ready.MedianMinutes, window.OpensMinutes!.Value, 2.0);
        Assert.True(window.BestUntilMinutes > window.BestFromMinutes);
    }

    /// <summary>What a forecast brings, from the rough grid put right by the finer, and what the windows say on the finer alone.</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 165, 204)]
    [InlineData(Cut.Drumstick, 115, 180)]
    [InlineData(Cut.LegQuarter, 330, 200)]
    [InlineData(Cut.BonelessBreast, 225, 200)]
    [InlineData(Cut.WholeWing, 85, 218)]
    public void A_forecast_brings_the_same_windows(Cut cut, double massG, double ovenC)
    {
        TrayPlan plan = Plans.Of(cut, massG, ovenC, targetC: 74);
        GoodWindow alone = Of(plan)[1];
        LotForecast lot = TrayForecaster.Forecast(plan).Of(1);
        GoodWindow good = lot.Good!;
        Assert.Equal(lot.Safe!.MedianMinutes, good.OpensMinutes!.Value, 0.06);
        Near(alone.OpensMinutes, good.OpensMinutes);
        Near(alone.BestFromMinutes, good.BestFromMinutes);
        Near(alone.BestUntilMinutes, good.BestUntilMinutes);
        Near(alone.PastMinutes, good.PastMinutes);
        Assert.Equal(lot.Safe!.LowMinutes, lot.GoodSooner!.OpensMinutes!.Value, 0.06);
        Assert.Equal(lot.Safe!.HighMinutes, lot.GoodLater!.OpensMinutes!.Value, 0.06);

        static void Near(double? fine, double? forecast) => Assert.InRange(forecast!.Value, (0.95 * fine!.Value) - 1, (1.05 * fine.Value) + 1);
    }

    /// <summary>
    /// Held against every doubt's own two kitchens, each followed for four hours and asked for the moment, added as squares; of vegetables
    /// also what one needs more than another.
    /// </summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 165, 204)]
    [InlineData(Cut.Drumstick, 115, 180)]
    [InlineData(Cut.BonelessBreast, 225, 200)]
    [InlineData(Cut.BoneInBreast, 400, 191)]
    [InlineData(Cut.WholeWing, 85, 230)]
    public void A_windows_band_is_what_every_doubt_makes_of_each_of_its_moments(Cut cut, double massG, double ovenC)
    {
        TrayPlan plan = Plans.Of(cut, massG, ovenC, targetC: 74);
        ChickenLot lot = plan.Chicken[0];
        PieceSetting setting = new LotSettings(plan, TrayArranger.Arrange(plan)).Of(lot);
        SafetyRule rule = SafetyProfiles.For(plan.Profile).RuleFor(isStuffed: false);
        LotForecast forecast = TrayForecaster.Forecast(plan).Of(1);
        Bands(forecast, GuessDesign.Around(KitchenGuess.Nominal, setting.IsMeasured), guess =>
        {
            HeatRun run = setting.Bake(guess, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)]).Follow(GridLevel.Rough);
            return LotWindow.Of(lot, rule, run, run);
        });
    }

    [Fact]
    public void So_is_a_vegetables()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [] };
        VegetableLot lot = plan.Vegetables[0];
        PieceSetting setting = new LotSettings(plan, TrayArranger.Arrange(plan)).Of(lot);
        LotForecast forecast = TrayForecaster.Forecast(plan).Of(lot.Id);
        Bands(forecast, GuessDesign.Around(KitchenGuess.Nominal, heightMeasured: false, startMatters: false), guess =>
            LotWindow.Of(lot, Run(guess)),
            (LotWindow.Of(lot, Run(KitchenGuess.Nominal), 0.85), LotWindow.Of(lot, Run(KitchenGuess.Nominal), 1.15)));

        HeatRun Run(KitchenGuess guess) => setting.Bake(guess, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)]).Follow(GridLevel.Rough);
    }

    private void Bands(
        LotForecast forecast, IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> design, Func<KitchenGuess, GoodWindow> windowOf, params (GoodWindow, GoodWindow)[] more)
    {
        GoodWindow rough = windowOf(KitchenGuess.Nominal);
        (GoodWindow Faster, GoodWindow Slower)[] pairs = [.. design.Select(pair => (windowOf(pair.Faster), windowOf(pair.Slower))), .. more];
        Moment("opens", window => window.OpensMinutes, 0.5);
        Moment("best from", window => window.BestFromMinutes, 0.6);
        Moment("best until", window => window.BestUntilMinutes, 0.6);

        // Of several minutes, and what burns is not what makes hot: the slow end is not followed that far.
        Moment("past", window => window.PastMinutes, 0.08 * forecast.Good!.PastMinutes!.Value);

        void Moment(string name, Func<GoodWindow, double?> of, double within)
        {
            double at = of(forecast.Good!)!.Value;
            double low = Both(pairs.Select(pair => of(rough)!.Value - of(pair.Faster)!.Value), at);
            double high = Both(pairs.Select(pair => of(pair.Slower)!.Value - of(rough)!.Value), at);
            output.WriteLine(FormattableString.Invariant(
                $"{name}: {at:0.0} -{low:0.0} +{high:0.0}; followed -{at - of(forecast.GoodSooner!):0.0} +{of(forecast.GoodLater!) - at:0.0}"));
            Assert.Equal(at - low, of(forecast.GoodSooner!)!.Value, within);
            Assert.Equal(at + high, of(forecast.GoodLater!)!.Value, within);
        }

        double Both(IEnumerable<double> minutes, double at) => Math.Sqrt(minutes.Sum(m => m * m) + Math.Pow(ModelDoubt.Share * at, 2));
    }
}
