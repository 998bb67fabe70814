using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

public sealed class KitchenBeliefTests
{
    private static readonly TrayPlan Plan = Plans.Thighs with
    {
        Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165, spreadPercent: 20, targetC: 80), Plans.Chicken(2, Cut.Tender, 3, 50)],
        Vegetables = [Plans.Roots(3, Vegetable.Potato, 300)],
    };

    private static readonly TrayCourses Courses = TrayCourses.Of(
        BakeState.Fold(Plan, [Log.First]), TrayForecaster.Forecast(Plan), 0, KitchenPrior.Usual);

    private static readonly PieceRef Heavy = new(new(1), 1);
    private static readonly PieceRef Light = new(new(1), 4);
    private static readonly PieceRef Tender = new(new(2), 1);

    /// <summary>In kitchens that nobody fitted anything to, the curves lie where the engine's do: heating up, to a degree or so.</summary>
    [Fact]
    public void Curves_follow_the_engine_in_any_kitchen()
    {
        var settings = new LotSettings(Plan, TrayArranger.Arrange(Plan));
        var random = new Random(3);
        var away = new List<double>();
        for (int i = 0; i < 30; i++)
        {
            ChickenLot lot = Plan.Chicken[i % 2];
            int piece = 1 + random.Next(lot.Count);
            var z = new DoubtVector(HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random));
            HeatRun engine = settings.Of(lot, piece).Bake(KitchenPrior.Usual.At(z), [new(BakePlace.Oven, 2400)]).Follow(GridLevel.Normal, TestContext.Current.CancellationToken);
            for (int minute = 4; minute <= 40; minute += 4)
            {
                double celsius = engine.At(60 * minute).ColdestC;
                if (celsius < 90)
                {
                    away.Add(Bent.ToC(Courses.Lots[lot.LotId].Curves.Of(piece).At(60 * minute, z)) - celsius);
                }
            }
        }

        Assert.InRange(Math.Sqrt(away.Average(c => c * c)), 0, 1.5);
        Assert.InRange(away.Max(Math.Abs), 0, 6);
    }

    [Fact]
    public void The_likeliest_kitchen_is_the_forecast_s()
    {
        KitchenBelief belief = Courses.Unmeasured();
        LotForecast planned = TrayForecaster.Forecast(Plan).Of(1);
        int slowest = Courses.Lots[new(1)].Curves.Slowest;
        foreach (CurvePoint point in planned.Curve.Where(point => point.Minutes is >= 6 and <= 30))
        {
            Assert.Equal(point.ColdestC, belief.MiddleC(new(new(1), slowest), 60 * point.Minutes, 0), 1.0);
        }
    }

    [Fact]
    public void Heavier_pieces_are_slower_and_the_slowest_is_one_of_them()
    {
        KitchenBelief belief = Courses.Unmeasured();
        Assert.True(belief.MiddleC(Heavy, 1500, 0) < belief.MiddleC(Light, 1500, 0) - 5);
        Assert.Equal(1, Courses.Lots[new(1)].Curves.Slowest);
    }

    [Fact]
    public void A_band_widens_with_its_share_and_holds_its_middle()
    {
        KitchenBelief belief = Courses.Unmeasured();
        double[] quantiles = [.. new[] { -3.09, -2.33, -1.28, 0, 1.28, 2.33, 3.09 }.Select(z => belief.MiddleC(Heavy, 1500, z))];
        Assert.Equal(quantiles.Order(), quantiles);
        Assert.InRange(quantiles[4] - quantiles[2], 15, 30);
        Assert.True(belief.ReadingC(Heavy, 1500, 1.28) > quantiles[4]);
        Assert.True(belief.ReadingC(Heavy, 1500, -1.28) < quantiles[2]);
        Assert.Equal(quantiles[3], belief.ReadingC(Heavy, 1500, 0));
        Assert.True(belief.CookMinutes(new(3), 1800, 1.28) > belief.CookMinutes(new(3), 1800, 0));
    }

    /// <summary>One reading pulls its piece almost there, others of its lot and other lots a part of the way, and narrows all.</summary>
    [Theory]
    [InlineData(-12)]
    [InlineData(12)]
    public void A_reading_teaches_its_piece_its_lot_and_its_oven(double awayC)
    {
        KitchenBelief before = Courses.Unmeasured();
        double said = before.MiddleC(Heavy, 1500, 0) + awayC;
        KitchenBelief after = before.Learning(Heavy, 1500, said, sameBefore: 0);
        double heavy = (after.MiddleC(Heavy, 1500, 0) - before.MiddleC(Heavy, 1500, 0)) / awayC;
        double light = (after.MiddleC(Light, 1500, 0) - before.MiddleC(Light, 1500, 0)) / awayC;
        double tender = (after.MiddleC(Tender, 600, 0) - before.MiddleC(Tender, 600, 0)) / awayC;
        Assert.InRange(heavy, 0.9, 1);
        Assert.InRange(light, 0.6, 1.15);
        Assert.InRange(tender, 0.1, light);
        Assert.InRange(Width(after, Heavy, 1500), 2, 6);
        Assert.True(Width(after, Light, 1500) < Width(before, Light, 1500));
        Assert.True(Width(after, Tender, 600) < Width(before, Tender, 600));
    }

    /// <summary>A tip that stays where it is says the same thing again: ten readings are not ten witnesses.</summary>
    [Fact]
    public void A_stream_from_one_tip_counts_little_more_than_one_reading()
    {
        KitchenBelief once = Courses.Unmeasured().Learning(Heavy, 1500, 60, 0);
        KitchenBelief stream = once;
        for (int n = 1; n < 10; n++)
        {
            stream = stream.Learning(Heavy, 1500, 60, n);
        }

        Assert.InRange(Width(stream, Heavy, 1500) / Width(once, Heavy, 1500), 0.4, 0.9);
    }

    private static double Width(KitchenBelief belief, PieceRef piece, double atS) => belief.MiddleC(piece, atS, 1.28) - belief.MiddleC(piece, atS, -1.28);
}
