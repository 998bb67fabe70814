using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>Which readings of an oven's own air count, and what they say. The dial is at 204 °C.</summary>
public sealed class AirCheckTests
{
    private const double DialC = 204;

    private static AirCheck? Of(params (double Minute, Happening What)[] told) => Of(Plans.Thighs, told);

    private static AirCheck? Of(TrayPlan plan, params (double Minute, Happening What)[] told) =>
        AirCheck.Of(BakeState.Fold(plan, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]));

    private static AirRead Air(double celsius) => new(new(celsius, TemperatureUnit.Celsius));

    [Fact]
    public void One_reading_is_its_distance_from_the_dial_and_several_are_their_mean()
    {
        Assert.Null(Of());
        Assert.Equal(-12, Of((10, Air(192)))!.Value.OffsetC, 1e-9);
        Assert.Equal(Math.Sqrt(16 + 25), Of((10, Air(192)))!.Value.SdC, 1e-9);
        AirCheck three = Of((10, Air(192)), (12, Air(198)), (14, Air(201)))!.Value;
        Assert.Equal((-7, 3), (Math.Round(three.OffsetC, 9), three.Readings));
        Assert.Equal(Math.Sqrt(16 + (25 / 3.0)), three.SdC, 1e-9);
        Assert.Equal(-4, Of((10, new AirRead(new(392, TemperatureUnit.Fahrenheit))))!.Value.OffsetC, 1e-9);
    }

    /// <summary>Four minutes after anything that opens the door: the tray going in, a hand, a thermometer in a piece; a probe on a wire opens none.</summary>
    [Fact]
    public void Air_is_not_believed_until_the_door_has_been_shut_for_four_minutes()
    {
        Assert.Null(Of((3.9, Air(192))));
        Assert.NotNull(Of((4, Air(192))));
        Assert.Null(Of((20, Log.Reading(1, 1, 50)), (23.9, Air(192))));
        Assert.NotNull(Of((20, Log.Reading(1, 1, 50)), (24, Air(192))));
        Assert.NotNull(Of((20, Log.Reading(1, 1, 50) with { Probe = "red" }), (20.5, Air(192))));
        Assert.Null(Of((20, new DoneBesides(StepKind.Look)), (23, Air(192))));
        Assert.NotNull(Of((20, new DoneBesides(StepKind.Look)), (25, Air(192))));

        // What comes after it does not matter.
        Assert.NotNull(Of((20, Air(192)), (21, Log.Reading(1, 1, 50))));
    }

    [Fact]
    public void A_turned_dial_is_waited_for_and_then_counted_from()
    {
        OvenSet lower = new(new(180, TemperatureUnit.Celsius));
        Assert.Null(Of((20, lower), (34.9, Air(176))));
        Assert.Equal(-4, Of((20, lower), (35, Air(176)))!.Value.OffsetC, 1e-9);
        Assert.Equal(-28, Of((19, Air(176)), (20, lower))!.Value.OffsetC, 1e-9);

        // Between two whole minutes, too.
        Assert.Null(Of((20.5, lower), (20.7, Air(204))));

        // Planned turns count as much.
        TrayPlan planned = Plans.Thighs with { Steps = [new(StepKind.Lower, 20, new(180, TemperatureUnit.Celsius))] };
        Assert.Null(Of(planned, (30, Air(176))));
        Assert.Equal(-4, Of(planned, (36, Air(176)))!.Value.OffsetC, 1e-9);
    }

    [Fact]
    public void An_oven_that_was_lit_with_the_food_in_it_is_waited_for()
    {
        TrayPlan cold = Plans.Thighs with { OvenAtStart = new(20, TemperatureUnit.Celsius) };
        Assert.Null(Of(cold, (14.9, Air(192))));
        Assert.NotNull(Of(cold, (15, Air(192))));
    }

    [Fact]
    public void Under_a_grill_and_shortly_after_it_nothing_is_learnt_of_the_air()
    {
        TrayPlan grilled = Plans.Thighs with { Steps = [new(StepKind.Grill, 20, ForMinutes: 5)] };
        Assert.NotNull(Of(grilled, (19, Air(192))));
        Assert.Null(Of(grilled, (24, Air(240))));
        Assert.Null(Of(grilled, (39, Air(192))));
        Assert.NotNull(Of(grilled, (41, Air(192))));
    }

    [Fact]
    public void What_no_oven_can_be_off_by_counts_for_nothing()
    {
        Assert.NotNull(Of((10, Air(DialC + 60))));
        Assert.Null(Of((10, Air(DialC + 60.1))));
        Assert.NotNull(Of((10, Air(DialC - 60))));
        Assert.Null(Of((10, Air(DialC - 60.1))));
        Assert.Equal(1, Of((10, Air(DialC + 70)), (12, Air(190)))!.Value.Readings);
    }

    /// <summary>With the tray on the worktop the oven may be off; back in, its door was open.</summary>
    [Fact]
    public void With_the_tray_out_nothing_is_learnt_and_the_cook_is_told_from_when_on_it_is()
    {
        Assert.Null(Of((20, new Resting()), (40, Air(120))));
        Assert.Null(Of((20, new Resting()), (30, new Moved(BakePlace.Oven)), (33, Air(192))));
        Assert.NotNull(Of((20, new Resting()), (30, new Moved(BakePlace.Oven)), (34, Air(192))));
        Assert.Null(SettledMinute(25, (20, new Resting())));
        Assert.Equal(4, SettledMinute(2));
        Assert.Equal(35, SettledMinute(25, (20, new OvenSet(new(180, TemperatureUnit.Celsius))), (24, new DoneBesides(StepKind.Look))));
        Assert.Equal(43, SettledMinute(40, (20, new OvenSet(new(180, TemperatureUnit.Celsius))), (39, new DoneBesides(StepKind.Look))));

        static double? SettledMinute(double minute, params (double Minute, Happening What)[] told) =>
            AirCheck.SettledFromS(BakeState.Fold(Plans.Thighs, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]), 60 * minute) / 60;
    }

    [Fact]
    public void It_can_be_taken_back_and_moves_nothing()
    {
        Assert.Null(Of((10, Air(192)), (11, new Corrected(2))));
        BakeState state = BakeState.Fold(Plans.Thighs, [Log.First, Log.At(2, 10, Air(192))]);
        Assert.Equal(0, state.LatestS);
        Assert.Equal(new AirTaken(600, 192), Assert.Single(state.Air));
        Assert.Equal(2, state.LastDone?.Seq);
    }
}
