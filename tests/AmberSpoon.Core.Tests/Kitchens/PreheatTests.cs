using AmberSpoon.Core.Kitchens;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Kitchens;

public sealed class PreheatTests
{
    /// <summary>An element of one power against a loss: the time to a temperature is a logarithm (worked by hand with a loss of 0.37 of the power at 200 °C).</summary>
    [Theory]
    [InlineData(21, 0)]
    [InlineData(100, 0.386)]
    [InlineData(180, 0.863)]
    [InlineData(200, 1)]
    [InlineData(230, 1.224)]
    [InlineData(290, 1.757)]
    public void The_hotter_the_longer_each_degree_takes(double celsius, double share) => Assert.Equal(share, PreheatCurve.ShareTo(celsius), 2e-3);

    [Fact]
    public void A_hotter_setting_never_takes_less_and_any_is_reached() =>
        Gen.Double[-20, 2000].Select(Gen.Double[-20, 2000]).Sample((a, b) =>
            Assert.True(double.IsFinite(PreheatCurve.ShareTo(a)) && PreheatCurve.ShareTo(Math.Min(a, b)) <= PreheatCurve.ShareTo(Math.Max(a, b)) + 1e-12));

    [Fact]
    public void What_was_told_once_moves_most_of_the_way_and_each_time_makes_surer()
    {
        var said = PreheatBelief.Said(15);
        PreheatBelief once = said.After(20, 200);
        PreheatBelief twice = once.After(20, 200);
        Assert.Equal(15, said.Minutes, 9);
        Assert.InRange(once.Minutes, 18.5, 19.8);
        Assert.InRange(twice.Minutes, once.Minutes, 20);
        Assert.True(said.WithinMinutes > once.WithinMinutes && once.WithinMinutes > twice.WithinMinutes);
        Assert.Equal((0, 1, 2), (said.Times, once.Times, twice.Times));
    }

    [Fact]
    public void A_setting_speaks_of_all_others_by_the_curve()
    {
        PreheatBelief by230 = PreheatBelief.Said(15).After(20 * PreheatCurve.ShareTo(230), 230);
        Assert.Equal(PreheatBelief.Said(15).After(20, 200).Minutes, by230.Minutes, 9);
    }

    [Theory]
    [InlineData(0.9)] // It was on already.
    [InlineData(90.1)] // Forgotten.
    [InlineData(4)] // From warm: three deviations of 0.43 lie between 4.2 and 54 min.
    [InlineData(55)]
    [InlineData(double.NaN)]
    public void What_was_no_cold_oven_getting_hot_teaches_nothing(double minutes) => Assert.Equal(PreheatBelief.Said(15), PreheatBelief.Said(15).After(minutes, 200));

    [Theory]
    [InlineData(4.4)]
    [InlineData(52)]
    public void What_may_have_been_one_does(double minutes) => Assert.Equal(1, PreheatBelief.Said(15).After(minutes, 200).Times);

    [Fact]
    public void An_oven_at_the_temperature_of_the_room_teaches_nothing() => Assert.Equal(0, PreheatBelief.Said(15).After(5, 20).Times);

    /// <summary>Forty ovens of 8 to 35 min whose cooks know nothing of it: five evenings with a lamp looked at late or early.</summary>
    [Fact]
    public void After_five_evenings_it_is_known_to_a_tenth_and_its_band_holds()
    {
        var random = new Random(7);
        int close = 0;
        int held = 0;
        for (int house = 0; house < 40; house++)
        {
            double truth = 8 * Math.Pow(35.0 / 8, random.NextDouble());
            PreheatBelief belief = PreheatBelief.Said(15);
            for (int evening = 0; evening < 5; evening++)
            {
                double toC = 170 + (random.NextDouble() * 60);
                belief = belief.After(truth * PreheatCurve.ShareTo(toC) * Math.Exp(0.15 * Draws.Normal(random)), toC);
            }

            close += Math.Abs(Math.Log(belief.Minutes / truth)) < 0.1 ? 1 : 0;
            held += Math.Abs(belief.Minutes - truth) < belief.WithinMinutes ? 1 : 0;
        }

        TestContext.Current.TestOutputHelper!.WriteLine("Preheat after five evenings: {0} of 40 within a tenth, {1} of 40 in their band.", close, held);
        Assert.InRange(close, 32, 40);
        Assert.InRange(held, 27, 38);
    }

    [Fact]
    public void An_oven_goes_by_what_was_told_of_it_and_else_by_what_its_cook_says()
    {
        HouseOven slow = HouseOven.Usual with { PreheatMinutes = 12, LearntPreheat = new(Math.Log(25), 0.1, 3) };
        Assert.Equal(25, HouseOven.PreheatTo(slow, 200));
        Assert.Equal(12, HouseOven.PreheatTo(slow with { LearntPreheat = null }, 200));
    }
}
