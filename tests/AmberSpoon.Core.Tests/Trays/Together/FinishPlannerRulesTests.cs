using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Together;

/// <summary>What is proposed, worked out by hand on an oven of arithmetic, at each bound.</summary>
public sealed class FinishPlannerRulesTests
{
    /// <summary>Two thighs that are done at 40 min, and a handful of potatoes: two minutes for each millimetre.</summary>
    private static readonly TrayPlan Plan = Plans.Thighs with
    {
        Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)],
        Vegetables = [Potatoes(25)],
    };

    private static VegetableLot Potatoes(double mm, int id = 2) => Plans.Roots(id, Vegetable.Potato, 100) with { Size = new(mm, LengthUnit.Millimetre) };

    private static TrayPlan Sized(double mm) => Plan with { Vegetables = [Potatoes(mm)] };

    private static IReadOnlyList<FinishProposal> Propose(TrayPlan plan, ArithmeticOven oven) => new FinishPlanner(oven).Of(plan);

    private static FinishProposal? Named(IReadOnlyList<FinishProposal> proposals, string name) => proposals.FirstOrDefault(proposal => proposal.Name == name);

    private static double SizeIn(FinishProposal? proposal) => proposal!.Plan.Vegetables[0].Size.Value;

    [Fact]
    public void A_lot_alone_has_nobody_to_wait_for()
    {
        var oven = new ArithmeticOven();
        Assert.Empty(Propose(Plan with { Vegetables = [] }, oven));
        Assert.Empty(Propose(Plan with { Chicken = [] }, oven));
        Assert.Equal(0, oven.Asked);
        Assert.NotEmpty(Propose(Plan, oven));
    }

    /// <summary>Potatoes of 25 mm are tender at 50; the thighs are at their best until 40 and what they stay good for.</summary>
    [Theory]
    [InlineData(10.1, 0)]
    [InlineData(9.1, 0)]
    [InlineData(9.0, 0)]
    [InlineData(8.9, 1)]
    [InlineData(8, 1)]
    public void A_minute_apart_is_not_worth_a_change_and_more_is(double staysGood, int least)
    {
        int proposed = Propose(Plan, new ArithmeticOven { ChickenStaysGood = staysGood }).Count;
        Assert.True(least == 0 ? proposed == 0 : proposed >= least, $"{proposed}");
    }

    /// <summary>25 mm take 50 min and 20 mm 40, as long as the thighs.</summary>
    [Fact]
    public void What_is_done_too_late_is_cut_smaller_and_all_is_said_of_it()
    {
        FinishProposal cut = Named(Propose(Plan, new ArithmeticOven { Browning = plan => plan.Vegetables[0].Size.Value / 10 }), "Cut to fit")!;
        Assert.Equal(20, SizeIn(cut));
        Assert.Equal(["Cut the potatoes to 20 mm instead of 25 mm."], cut.Changes);
        Assert.Equal(10, cut.ApartBefore);
        Assert.Equal(0, cut.ApartAfter);
        Assert.Equal((40.0, 40.0), (cut.Together!.FromMinutes, cut.Together.UntilMinutes));

        // Before, the thighs came out at 40 and the potatoes at 50; now all at 40. Dinner was at 50 and is at 45, after the rest.
        Assert.Equal(1, cut.DoorOpenings);
        Assert.Equal(-1, cut.DoorOpeningsMore);
        Assert.Equal(-5, cut.MinutesMore);
        Assert.Equal(-0.5, cut.BrowningMore, 1e-9);
    }

    /// <summary>Thighs that are at their best from 40 to 50: of the sizes that meet them the nearest to what was wanted.</summary>
    [Theory]
    [InlineData(30, 25)]
    [InlineData(35, 25)]
    [InlineData(15, 20)]
    [InlineData(12, 20)]
    public void Of_several_sizes_the_nearest_is_taken(double fromMm, double toMm) =>
        Assert.Equal(toMm, SizeIn(Named(Propose(Sized(fromMm), new ArithmeticOven { ChickenStaysGood = 10 }), "Cut to fit")));

    /// <summary>40 mm would have to become 25 to meet the thighs; nobody is asked to go further than 10 mm.</summary>
    [Theory]
    [InlineData(40, 30)]
    [InlineData(38, 30)]
    [InlineData(31, 25)]
    [InlineData(30.5, 25)]
    public void Nothing_is_cut_much_smaller_than_was_wanted(double fromMm, double toMm) =>
        Assert.Equal(toMm, SizeIn(Named(Propose(Sized(fromMm), new ArithmeticOven { ChickenMinutes = (_, _) => 46 }), fromMm > 35 ? "Cut to fit, then one after the other" : "Cut to fit")));

    [Fact]
    public void Nor_much_larger_nor_larger_than_it_grows()
    {
        var slow = new ArithmeticOven { ChickenMinutes = (_, _) => 118 };
        Assert.Equal(50, SizeIn(Named(Propose(Sized(40), slow), "Cut to fit, then one after the other")));

        // No cube is larger than 60 mm.
        Assert.Equal(60, SizeIn(Named(Propose(Sized(55), slow), "Cut to fit")));
        Assert.Equal(60, SizeIn(Named(Propose(Sized(52), new ArithmeticOven { ChickenMinutes = (_, _) => 130 }), "Cut to fit, then one after the other")));
    }

    [Fact]
    public void Nobody_dices_finer_than_a_centimetre_or_halves_what_is_whole()
    {
        var fast = new ArithmeticOven { ChickenMinutes = (_, _) => 12 };
        Assert.Equal(10, SizeIn(Named(Propose(Sized(19), fast), "Cut to fit")));
        TrayPlan whole = Plan with { Vegetables = [Plans.Roots(2, Vegetable.BabyPotato, 100)] };
        Assert.Null(Named(Propose(whole, fast), "Cut to fit"));
        TrayPlan walled = Plan with { Vegetables = [Plans.Roots(2, Vegetable.Pepper, 100)] };
        Assert.Null(Named(Propose(walled, fast), "Cut to fit"));
    }

    /// <summary>A half is as large as what it was halved from: it can be smaller, not larger.</summary>
    [Fact]
    public void Halves_do_not_grow()
    {
        TrayPlan halves = Plan with { Vegetables = [Plans.Roots(2, Vegetable.Shallot, 100)] };
        Assert.Equal(25, SizeIn(Named(Propose(halves, new ArithmeticOven { ChickenMinutes = (_, _) => 50 }), "Cut to fit")));
        Assert.Null(Named(Propose(halves, new ArithmeticOven { ChickenMinutes = (_, _) => 90 }), "Cut to fit"));
    }

    [Fact]
    public void A_size_that_is_never_tender_here_is_not_proposed() =>
        Assert.Null(Named(Propose(Plan, new ArithmeticOven { NeverBelowMm = 25 }), "Cut to fit"));

    /// <summary>Sizes that gain a minute or less are left alone: 25 mm are tender at 50 and 20 mm at 46.</summary>
    [Theory]
    [InlineData(47.4, true)]
    [InlineData(47.6, false)]
    public void A_size_must_gain_more_than_a_minute(double chickenMinutes, bool isProposed) =>
        Assert.Equal(isProposed, Named(Propose(Plan, new ArithmeticOven { ChickenMinutes = (_, _) => chickenMinutes, MinutesPerMm = (_, lot) => lot.Size.Value == 20 ? 2.3 : 2 }), "Cut to fit") is not null);

    /// <summary>Thighs that are done first go in later, to the nearest five minutes and a little late rather than early.</summary>
    [Theory]
    [InlineData(60, 20)]
    [InlineData(58.1, 20)]
    [InlineData(57.9, 15)]
    [InlineData(53.1, 15)]
    [InlineData(52.9, 10)]
    [InlineData(43.1, 5)]
    public void What_is_done_first_goes_in_later_by_fives(double potatoesMinutes, int addAt)
    {
        var oven = new ArithmeticOven { MinutesPerMm = (_, lot) => potatoesMinutes / lot.Size.Value, ChickenStaysGood = 1, VegetableStaysGood = 5 };
        FinishProposal later = Named(Propose(Plan, oven), "One after the other")!;
        Assert.Equal(addAt, later.Plan.Chicken[0].AddAtMinutes);
        Assert.Equal(0, later.Plan.Vegetables[0].AddAtMinutes);
        Assert.Equal([$"Add the bone-in thighs after {addAt} min."], later.Changes);
    }

    /// <summary>Vegetables too, all that are too soon; what is still at its best then stays.</summary>
    [Fact]
    public void Only_what_would_be_past_its_best_goes_in_later()
    {
        TrayPlan three = Plan with { Vegetables = [Potatoes(25), Plans.Roots(3, Vegetable.Onion, 100), Plans.Roots(4, Vegetable.Squash, 100)] };
        var oven = new ArithmeticOven
        {
            ChickenMinutes = (_, _) => 70,
            MinutesPerMm = (_, lot) => (lot.Id == 2 ? 50 : lot.Id == 3 ? 65 : 48) / lot.Size.Value,
            VegetableStaysGood = 20,
        };
        FinishProposal later = Named(Propose(three, oven), "One after the other")!;
        Assert.Equal([0, 0, 20], later.Plan.Vegetables.Select(lot => lot.AddAtMinutes));
        Assert.Equal(0, later.Plan.Chicken[0].AddAtMinutes);
    }

    /// <summary>Potatoes that take twice as long in a cooler oven: which dials are tried, and which are not.</summary>
    [Theory]
    [InlineData(200, TemperatureUnit.Celsius, 220.0)]
    [InlineData(220, TemperatureUnit.Celsius, 240.0)]
    [InlineData(225, TemperatureUnit.Celsius, 235.0)]
    [InlineData(400, TemperatureUnit.Fahrenheit, 440.0)]
    [InlineData(464, TemperatureUnit.Fahrenheit, null)]
    [InlineData(444, TemperatureUnit.Fahrenheit, 464.0)]
    public void The_oven_is_turned_up_by_tens_or_twenties_and_not_beyond_what_cooks_use(double dial, TemperatureUnit unit, double? becomes)
    {
        var oven = new ArithmeticOven
        {
            MinutesPerMm = (plan, lot) => 40 / lot.Size.Value * (1 + Math.Max(0, (260 - plan.OvenSetting.ToTemperature().Celsius) / 100)),
            NeverBelowMm = 100,
        };
        TrayPlan set = Plan with { OvenSetting = new(dial, unit) };
        Assert.Equal(becomes, Named(Propose(set, oven), "A little hotter or cooler")?.Plan.OvenSetting.Value);
    }

    [Theory]
    [InlineData(190, 170.0)]
    [InlineData(180, 170.0)]
    [InlineData(179, null)]
    public void Or_down_and_not_below(double dial, double? becomes)
    {
        var oven = new ArithmeticOven
        {
            MinutesPerMm = (plan, lot) => 40 / lot.Size.Value * (1 + Math.Max(0, (plan.OvenSetting.ToTemperature().Celsius - 120) / 100)),
            NeverBelowMm = 100,
        };
        TrayPlan set = Plan with { OvenSetting = new(dial, TemperatureUnit.Celsius) };
        Assert.Equal(becomes, Named(Propose(set, oven), "A little hotter or cooler")?.Plan.OvenSetting.Value);
    }

    /// <summary>Half a minute gained is not worth another dial.</summary>
    [Theory]
    [InlineData(0.4, null)]
    [InlineData(2, 220.0)]
    public void An_oven_must_be_better_by_more_than_half_a_minute(double gains, double? becomes)
    {
        var oven = new ArithmeticOven { MinutesPerMm = (plan, lot) => (50 - (plan.OvenSetting.Value > 210 ? gains : 0)) / lot.Size.Value, NeverBelowMm = 100 };
        Assert.Equal(becomes, Named(Propose(Plan with { OvenSetting = new(200, TemperatureUnit.Celsius) }, oven), "A little hotter or cooler")?.Plan.OvenSetting.Value);
    }

    [Fact]
    public void A_second_tray_is_proposed_only_where_there_is_one_and_both_are_on_it()
    {
        var oven = new ArithmeticOven { MinutesPerMm = (plan, lot) => (lot.Vessel == 1 ? 40 : 60) / lot.Size.Value, NeverBelowMm = 100, ChickenStaysGood = 0.5 };
        FinishProposal apart = Named(Propose(Plan, oven), "Vegetables on their own tray")!;
        Assert.Equal(["Put the vegetables on a tray of their own, on the lower shelf."], apart.Changes);
        Assert.Equal(2, apart.Plan.Vessels.Count);
        Assert.All(apart.Plan.Vegetables, lot => Assert.Equal(1, lot.Vessel));
        Assert.Null(Named(Propose(Plan with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet] }, oven), "Vegetables on their own tray"));
        var uneven = new ArithmeticOven { ChickenMinutes = (_, lot) => 20 * lot.Id };
        Assert.Null(Named(Propose(Plan with { Vegetables = [], Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165), Plans.Chicken(2, Cut.Drumstick, 2, 115)] }, uneven), "Vegetables on their own tray"));
    }

    /// <summary>The smallest change first: one word with the knife before a second tray to wash.</summary>
    [Fact]
    public void At_most_three_are_offered_and_the_least_to_do_comes_first()
    {
        var oven = new ArithmeticOven { MinutesPerMm = (plan, lot) => (lot.Vessel == 1 ? 40 : 2 * lot.Size.Value - ((plan.OvenSetting.Value - 200) / 2)) / lot.Size.Value };
        IReadOnlyList<FinishProposal> proposals = Propose(Plan with { OvenSetting = new(200, TemperatureUnit.Celsius) }, oven);
        Assert.Equal(3, proposals.Count);
        Assert.Equal("Cut to fit", proposals[0].Name);
        Assert.DoesNotContain(proposals.Skip(1), proposal => proposal.Changes.SequenceEqual(proposals[0].Changes));
    }

    /// <summary>Pieces of which the lightest is done three minutes sooner are worth a word.</summary>
    [Theory]
    [InlineData(2.9, false)]
    [InlineData(3, true)]
    [InlineData(6.4, true)]
    public void The_lightest_is_named_from_three_minutes_on(double sooner, bool isNamed)
    {
        FinishProposal cut = Named(Propose(Plan, new ArithmeticOven { LightestSooner = sooner }), "Cut to fit")!;
        Assert.Equal(isNamed ? 2 : 1, cut.Changes.Count);
        if (isNamed)
        {
            Assert.Equal(FormattableString.Invariant($"Probe the lightest bone-in thigh first: it is done about {sooner:0} min before the heaviest and may come out then."), cut.Changes[1]);
        }
    }

    /// <summary>What would burn gets foil at three fifths of the way, unless it has some.</summary>
    [Theory]
    [InlineData(8.9, false)]
    [InlineData(9, true)]
    public void What_would_burn_gets_foil(double browning, bool isCovered)
    {
        var oven = new ArithmeticOven { Browning = _ => browning };
        FinishProposal cut = Named(Propose(Plan with { Steps = [new(StepKind.Turn, 30)] }, oven), "Cut to fit")!;
        Assert.Equal(isCovered ? [StepKind.Cover, StepKind.Turn] : new[] { StepKind.Turn }, cut.Plan.Steps.Select(step => step.Kind));
        Assert.Equal(isCovered, cut.Changes.Contains("Lay foil over it after 24 min, before it burns."));
        FinishProposal covered = Named(Propose(Plan with { Steps = [new(StepKind.Cover, 10)] }, oven), "Cut to fit")!;
        Assert.Equal([10], covered.Plan.Steps.Select(step => step.AtMinutes));
    }

    /// <summary>More than the tray holds is no proposal.</summary>
    [Fact]
    public void What_does_not_fit_on_its_tray_is_not_offered()
    {
        TrayPlan full = Plan with { Chicken = [Plans.Chicken(1, Cut.LegQuarter, 12, 330)] };
        var oven = new ArithmeticOven { MinutesPerMm = (_, lot) => 60 / lot.Size.Value, NeverBelowMm = 100 };
        Assert.Empty(Propose(full, oven));
        Assert.NotEmpty(Propose(Plan, oven));
    }

    /// <summary>The same in ten minutes' time with more to do: nobody would take it.</summary>
    [Fact]
    public void What_another_beats_in_everything_is_left_out()
    {
        // Cutting smaller brings all together ten minutes sooner than adding the thighs later does, with less to do.
        IReadOnlyList<FinishProposal> proposals = Propose(Plan with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165), Plans.Chicken(3, Cut.Drumstick, 1, 115)] }, new ArithmeticOven
        {
            ChickenMinutes = (_, lot) => lot.Id == 1 ? 40 : 39.5,
        });
        Assert.NotNull(Named(proposals, "Cut to fit"));
        Assert.All(proposals.Skip(1), proposal => Assert.True(proposal.MinutesMore <= proposals[0].MinutesMore + 1 || proposal.Changes.Count <= proposals[0].Changes.Count));
    }
}
