using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class ManyLotsTests
{
    private static TrayForecast Best(TrayPlan plan) => TrayForecaster.Forecast(plan, Care.BestGuess);

    private static TrayPlan With(PlannedStep step) => Plans.Supper with { Steps = [step] };

    [Fact]
    public void Chicken_leaves_together_and_vegetables_when_they_are_tender_or_later()
    {
        TrayForecast supper = TrayForecaster.Forecast(Plans.Supper);
        Assert.Equal(1, supper.Lead);
        Assert.All(supper.Lots, lot => Assert.True(lot.OutMinutes >= supper.PullMinutes && lot.OutMinutes >= lot.Ready.MedianMinutes - 0.05));
        Assert.Equal(supper.Lots.Min(lot => lot.LightestReady), supper.Spread.FirstMinutes);
        Assert.Equal(supper.Lots.Max(lot => lot.Ready.MedianMinutes), supper.Spread.LastMinutes);
        Assert.Equal(Math.Max(supper.PullMinutes + 5, supper.Lots.Max(lot => lot.OutMinutes)), supper.EatMinutes);
        Assert.All(supper.Lots.Skip(1), lot => Assert.InRange(lot.State, MiddleState.Tender, MiddleState.Soft));
        Assert.All(supper.Lots, lot => Assert.InRange(lot.Ready.MedianMinutes, lot.Ready.LowMinutes + 1, lot.Ready.HighMinutes - 1));
    }

    [Fact]
    public void A_lot_that_leaves_when_done_does_not_wait_for_the_slower()
    {
        TrayPlan both = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165), Plans.Chicken(2, Cut.Tender, 4, 50) with { LeavesWhenDone = true }],
        };
        TrayForecast forecast = Best(both);
        Assert.Equal((int)Math.Ceiling(forecast.Of(2).Ready.MedianMinutes - 0.02), forecast.Of(2).OutMinutes);
        Assert.True(forecast.Of(2).OutMinutes < forecast.Of(1).OutMinutes - 5);
        TrayForecast together = Best(both with { Chicken = [.. both.Chicken.Select(lot => lot with { LeavesWhenDone = false })] });
        Assert.Equal(together.Of(1).OutMinutes, together.Of(2).OutMinutes);
        Assert.Equal(MiddleState.Beyond, together.Of(2).State);
        Assert.True(together.Of(2).LossShare > forecast.Of(2).LossShare);
    }

    [Fact]
    public void The_lightest_of_a_mixed_lot_is_first_and_the_others_lie_between()
    {
        LotForecast thighs = Best(Plans.Supper).Of(1);
        Assert.True(thighs.LightestReady < thighs.Ready.MedianMinutes - 2);
        Assert.Equal(thighs.PieceReady.OrderDescending(), thighs.PieceReady);
        Assert.Equal(thighs.Ready.MedianMinutes, thighs.PieceReady[0], 0.01);
        Assert.Equal(thighs.LightestReady, thighs.PieceReady[^1], 0.01);
    }

    [Fact]
    public void What_is_added_later_is_done_later_by_about_as_much() => Gen.Int[5, 25].Sample(
        minutes =>
        {
            TrayPlan later = Plans.Supper with { Vegetables = [.. Plans.Supper.Vegetables.Select(lot => lot with { AddAtMinutes = minutes })] };
            return Plans.Supper.Vegetables.All(lot =>
                Math.Abs(Best(later).Of(lot.Id).Ready.MedianMinutes - Best(Plans.Supper).Of(lot.Id).Ready.MedianMinutes - minutes) < 3);
        },
        iter: 5);

    [Fact]
    public void Sizes_may_be_given_by_pack_by_one_by_each_or_by_height()
    {
        var each = new PieceSizes(SizeBasis.EachPiece, 4, null, 0, [Grams(120), Grams(240), Grams(130), Grams(230)]);
        Assert.Equal([240, 230, 130, 120], each.MassesG());
        Assert.Equal([190, 150, 110], new PieceSizes(SizeBasis.Pack, 3, Grams(450), 80.0 / 3, []).MassesG().Select(mass => Math.Round(mass)));
        Gen.Select(Gen.Int[1, 12], Gen.Double[0, 40]).Sample((count, spread) =>
            Math.Abs(new PieceSizes(SizeBasis.Pack, count, Grams(1000), spread, []).MassesG().Sum() - 1000) < 1e-6);
        ChickenLot byHeight = Plans.Chicken(1, Cut.BoneInThigh, 3, 165) with
        {
            Sizes = new(SizeBasis.Height, 3, null, 0, []),
            Height = new(38, LengthUnit.Millimetre),
        };
        Assert.InRange(byHeight.MassesG()[0], 175, 210);

        static EnteredMass Grams(double grams) => new(grams, MassUnit.Gram);
    }

    [Fact]
    public void Steps_before_a_lot_goes_in_have_made_the_oven_what_it_is_then()
    {
        TrayPlan plan = Plans.Supper with
        {
            Steps = [new(StepKind.Cover, 0), new(StepKind.Lower, 10, new(170, TemperatureUnit.Celsius)), new(StepKind.Uncover, 30)],
            Vegetables = [Plans.Supper.Vegetables[0] with { AddAtMinutes = 15 }, Plans.Supper.Vegetables[1]],
        };
        var settings = new LotSettings(plan, TrayArranger.Arrange(plan));
        PieceSetting late = settings.Of(plan.Vegetables[0]);
        PieceSetting early = settings.Of(plan.Vegetables[1]);
        Assert.InRange(late.Oven.SetC, 164, 176);
        Assert.Equal(Cover.Foil, late.Placement.Cover);
        Assert.Equal(15 * 60, late.Steps.OfType<SetCover>().Single().AtS);
        Assert.InRange(early.Oven.SetC, 198, 210);
        Assert.Contains(early.Steps, step => step is OpenDoor { AtS: 15 * 60 });
        Assert.Contains(early.Steps, step => step is SetOven { AtS: 10 * 60 });
    }

    /// <summary>A raw piece has its own size; one that has lost a quarter of itself is a tenth shorter; potatoes shrink, too.</summary>
    [Fact]
    public void Food_shrinks_as_its_water_leaves()
    {
        TrayForecast supper = Best(Plans.Supper);
        foreach (LotForecast lot in supper.Lots)
        {
            double[] scales = [.. lot.Curve.Where(point => point.Minutes <= lot.OutMinutes).Select(point => point.Scale)];
            Assert.Equal(1, scales[0], 0.001);
            Assert.All(scales.Zip(scales.Skip(1)), pair => Assert.True(pair.Second <= pair.First + 0.011));
            Assert.InRange(scales[^1], 0.8, 0.94);
        }

        LotForecast thighs = supper.Of(1);
        Assert.Equal(Math.Cbrt(1 - thighs.LossShare), thighs.Curve[^1].Scale, 0.02);
    }

    /// <summary>What runs off is less than what is lost, more the longer it bakes, and twice as much from twice as many.</summary>
    [Fact]
    public void Juice_in_the_tray_is_part_of_what_the_meat_loses()
    {
        LotForecast six = Best(Plans.Thighs).Of(1);
        Assert.InRange(six.JuiceMl, 0.02 * 990, six.LossShare * 990);
        LotForecast three = Best(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165)] }).Of(1);
        Assert.Equal(six.JuiceMl / 2, three.JuiceMl, 0.08 * six.JuiceMl);
        Assert.True(Best(Plans.Thighs.Aiming(90)).Of(1).JuiceMl > six.JuiceMl + 10);
        Assert.Equal(0, Best(Plans.Supper).Of(2).JuiceMl);
    }

    [Fact]
    public void Two_trays_shade_each_other_and_a_swap_evens_them_out()
    {
        TrayPlan one = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165), Plans.Chicken(2, Cut.BoneInThigh, 3, 165) with { Vessel = 1 }] };
        TrayPlan two = one with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet] };
        TrayForecast apart = Best(two);
        Assert.True(apart.Of(2).Ready.MedianMinutes > apart.Of(1).Ready.MedianMinutes + 0.5);
        TrayForecast swapped = Best(two with { Steps = [new(StepKind.Swap, 15)] });
        Assert.True(Math.Abs(swapped.Of(2).Ready.MedianMinutes - swapped.Of(1).Ready.MedianMinutes)
            < apart.Of(2).Ready.MedianMinutes - apart.Of(1).Ready.MedianMinutes - 0.2);
    }

    [Fact]
    public void Foil_basting_and_a_lower_oven_take_longer_and_a_grill_browns()
    {
        double plain = Best(Plans.Supper).ToTarget.MedianMinutes;
        Assert.True(Best(With(new(StepKind.Cover, 0))).ToTarget.MedianMinutes > plain + 3);
        Assert.True(Best(With(new(StepKind.Lower, 8, new(150, TemperatureUnit.Celsius)))).ToTarget.MedianMinutes > plain + 3);
        TrayPlan basted = Plans.Supper with { Steps = [new(StepKind.Baste, 8), new(StepKind.Baste, 14), new(StepKind.Baste, 20)] };
        Assert.True(Best(basted).ToTarget.MedianMinutes > plain + 0.5);
        TrayPlan grilled = With(new(StepKind.Grill, 24, ForMinutes: 4));
        Assert.True(Best(grilled).Of(1).Curve[26].Browning > Best(Plans.Supper).Of(1).Curve[26].Browning + 0.2);
    }

    [Fact]
    public void A_bed_of_vegetables_slows_the_chicken_and_a_parcel_keeps_its_skin_pale()
    {
        TrayPlan bed = Plans.Supper with { Vegetables = [.. Plans.Supper.Vegetables.Select(lot => lot with { Place = VegetablePlace.Under })] };
        Assert.True(Best(bed).ToTarget.MedianMinutes > Best(Plans.Supper).ToTarget.MedianMinutes);
        TrayPlan parcel = Plans.Thighs with { Chicken = [Plans.Thighs.Chicken[0] with { Coats = [Coating.Parcel] }] };
        Assert.Equal(SurfaceColour.Pale, Best(parcel).Of(1).Colour);
    }

    [Fact]
    public void A_stuffed_breast_is_slower_than_a_plain_one()
    {
        TrayPlan plain = Plans.Of(Cut.BonelessBreast, 240, 204, skinOn: false);
        TrayPlan stuffed = plain with { Chicken = [plain.Chicken[0] with { Coats = [Coating.Stuffed] }] };
        Assert.NotEqual(Best(plain).ToTarget.MedianMinutes, Best(stuffed).ToTarget.MedianMinutes, 0.5);
    }
}
