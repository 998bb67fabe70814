using AmberSpoon.Core.Probes;
using Xunit;

namespace AmberSpoon.Core.Tests.Probes;

/// <summary>Each fault at, below and above its bound; the bounds are common practice.</summary>
public sealed class ProbeWatchTests
{
    /// <summary>A piece that should be at 50 to 65 °C, rising by 2 °C a minute, in an oven at 200.</summary>
    private static readonly ProbeExpectation Usual = new(50, 65, 2, 200, IsBoneIn: false);

    private static ProbeTrace Of(params (double AtS, double Celsius)[] samples) =>
        samples.Aggregate(ProbeTrace.Empty, (trace, sample) => trace.With(new(sample.AtS, sample.Celsius)));

    /// <summary>Ten seconds apart, rising by so much a minute up to a last value at 600 s.</summary>
    private static ProbeTrace Rising(double toC, double perMinuteC, int seconds = 120) =>
        Of([.. Enumerable.Range(0, (seconds / 10) + 1).Select(n => (600.0 - seconds + (10 * n), toC - (perMinuteC * (seconds - (10 * n)) / 60)))]);

    private static ProbeFault? Fault(ProbeTrace trace, ProbeExpectation? expected = null, double nowS = 600) =>
        ProbeWatch.Look(trace, expected ?? Usual, nowS, "probe A")?.Fault;

    [Fact]
    public void A_tip_that_does_what_meat_does_is_let_be()
    {
        Assert.Null(Fault(Rising(57, 2)));
        Assert.Null(ProbeWatch.Look(Rising(57, 2), null, 600, "probe A"));
    }

    [Fact]
    public void One_that_is_silent_for_a_minute_is_missing()
    {
        Assert.Null(Fault(Rising(57, 2), nowS: 660));
        Assert.Equal(ProbeFault.Missing, Fault(Rising(57, 2), nowS: 660.1));
        Assert.Equal(ProbeFault.Missing, Fault(ProbeTrace.Empty));

        // A quick thermometer went on to the next piece, and says nothing of this one any more.
        Assert.Null(Fault(Rising(57, 2, seconds: 80), nowS: 661));
        Assert.Equal(ProbeFault.Missing, Fault(Rising(57, 2, seconds: 90), nowS: 661));
        Assert.Null(Fault(Of((600, 200)), nowS: 661));
    }

    [Theory]
    [InlineData(-5, false)]
    [InlineData(-5.1, true)]
    [InlineData(250.1, true)]
    public void What_no_thermometer_shows_is_a_wet_socket(double celsius, bool isWet)
    {
        Assert.Equal(isWet, Fault(Of((600, celsius))) == ProbeFault.WetSocket);
    }

    [Fact]
    public void Two_jumps_to_and_fro_are_a_wet_socket()
    {
        Assert.Equal(ProbeFault.WetSocket, Fault(Of((580, 57), (585, 65.5), (590, 57), (595, 65.5))));
        Assert.NotEqual(ProbeFault.WetSocket, Fault(Of((580, 57), (585, 65), (590, 57), (595, 65))));
        Assert.NotEqual(ProbeFault.WetSocket, Fault(Of((580, 57), (585, 66), (590, 57))));
    }

    [Fact]
    public void A_number_that_does_not_change_is_frozen_only_where_its_piece_must_warm()
    {
        (double, double)[] still = [.. Enumerable.Range(0, 19).Select(n => (420.0 + (10 * n), 57.0))];
        Assert.Equal(ProbeFault.Frozen, Fault(Of(still)));
        Assert.Null(Fault(Of(still), Usual with { RisePerMinuteC = 0.66 }));
        Assert.Equal(ProbeFault.Frozen, Fault(Of(still), Usual with { RisePerMinuteC = 0.67 }));
        Assert.Null(Fault(Of(still[1..])));
        Assert.Null(Fault(Of([.. still[..^1], (600, 57.1)])));
    }

    [Theory]
    [InlineData(11.9, null)]
    [InlineData(12.1, ProbeFault.InAir)]
    public void A_tip_that_rises_as_no_meat_does_is_in_air(double perMinuteC, ProbeFault? fault)
    {
        Assert.Equal(fault, Fault(Rising(64, perMinuteC)));

        // One that was just put in comes up from where it was before.
        Assert.Null(Fault(Rising(64, perMinuteC, seconds: 50)));
        Assert.Equal(fault, Fault(Rising(64, perMinuteC, seconds: 60)));
    }

    [Fact]
    public void Small_pieces_may_rise_faster_where_that_was_to_be_expected()
    {
        Assert.Null(Fault(Rising(64, 14.9), Usual with { RisePerMinuteC = 6 }));
        Assert.Equal(ProbeFault.InAir, Fault(Rising(64, 15.1), Usual with { RisePerMinuteC = 6 }));
    }

    [Fact]
    public void Hotter_than_water_boils_is_air_whatever_was_expected()
    {
        Assert.Equal(ProbeFault.InAir, Fault(Of((600, 103.1)), Usual with { HotC = 120 }));
        Assert.Null(Fault(Of((600, 103)), Usual with { HotC = 103 }));
    }

    [Theory]
    [InlineData(-6, null)]
    [InlineData(-6.1, ProbeFault.Slipped)]
    public void A_fall_that_meat_cannot_make_is_a_slip(double byC, ProbeFault? fault)
    {
        Assert.Equal(fault, Fault(Of((500, 60), (580, 60), (590, 60 + (byC / 2)), (600, 60 + byC))));

        // Slower than that, or shortly after it was put in, it is none.
        Assert.Null(Fault(Of((500, 60), (579, 60), (590, 60 + (byC / 2)), (600, 60 + byC))));
        Assert.Null(Fault(Of((560, 60), (580, 60), (600, 60 + byC))));
    }

    [Theory]
    [InlineData(136, ProbeFault.WrongUnit)]
    [InlineData(149, ProbeFault.WrongUnit)]
    [InlineData(149.1, ProbeFault.InAir)]
    [InlineData(121.9, ProbeFault.InAir)]
    [InlineData(122.1, ProbeFault.WrongUnit)]
    public void What_fits_in_Fahrenheit_only_has_the_wrong_unit(double shown, ProbeFault fault)
    {
        Assert.Equal(fault, Fault(Of((590, shown), (600, shown))));
    }

    [Fact]
    public void A_tip_that_passes_such_a_number_on_its_way_up_is_in_air()
    {
        Assert.Equal(ProbeFault.InAir, Fault(Rising(140, 13)));
        Assert.Equal(ProbeFault.InAir, Fault(Of((500, 60), (590, 136), (600, 136))));
    }

    [Theory]
    [InlineData(65, true, null)]
    [InlineData(65.1, true, ProbeFault.OnBone)]
    [InlineData(65.1, false, ProbeFault.ThinEnd)]
    [InlineData(102, false, ProbeFault.ThinEnd)]
    public void Hotter_than_the_middle_can_be_is_bone_or_the_thin_end(double celsius, bool isBoneIn, ProbeFault? fault)
    {
        Assert.Equal(fault, Fault(Of((600, celsius)), Usual with { IsBoneIn = isBoneIn }));
    }

    [Fact]
    public void A_lead_in_a_hot_oven_is_cautioned_and_counts()
    {
        ProbeFinding hot = ProbeWatch.Look(Rising(57, 2), Usual with { OvenC = 230.1 }, 600, "probe A")!;
        Assert.Equal((ProbeFault.LeadTooHot, true), (hot.Fault, hot.Counts));
        Assert.Null(Fault(Rising(57, 2), Usual with { OvenC = 230 }));
        Assert.Null(Fault(Rising(57, 2), Usual with { OvenC = null }));
        Assert.False(ProbeWatch.Look(Of((600, 70)), Usual, 600, "probe A")!.Counts);
    }

    [Fact]
    public void Of_two_in_one_piece_the_colder_counts()
    {
        Assert.Null(ProbeWatch.Beside(66, 60, "probe A", "probe B"));
        ProbeFinding hotter = ProbeWatch.Beside(66.1, 60, "probe A", "probe B")!;
        Assert.Equal(ProbeFault.Disagree, hotter.Fault);
        Assert.Contains("Probe A and probe B", hotter.Sentence, StringComparison.Ordinal);
        Assert.Null(ProbeWatch.Beside(60, 66.1, "probe B", "probe A"));
    }
}
