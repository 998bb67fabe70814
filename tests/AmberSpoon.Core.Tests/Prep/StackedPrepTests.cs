using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

/// <summary>Counter and tray read one stack: whatever it is, they never contradict each other.</summary>
public sealed class StackedPrepTests
{
    private static readonly Coating[] Plain = [Coating.HerbsUnderSkin, Coating.Topping, Coating.Parcel, Coating.Crumb, Coating.Oil, Coating.Stuffed, Coating.Citrus];

    private static readonly string[] ScrapedThenCrumbed = ["into-1-0", "oven", "coat-1-0", "scrape-1-0", "sear-1", "egg-1-1", "wet-hand-1-1", "coat-1-1", "lay"];

    private static readonly Gen<LotCoat> AnyCoat = Gen.OneOf(
        Gen.Select(Gen.Int[0, MixLibrary.All.Count - 1], Gen.Enum<CoatTime>(), Gen.Int[1, 60], Gen.Int[10, 1440], Gen.Bool).Select((i, when, minute, soak, scraped) =>
            Counter.Coat(MixLibrary.All[i].Id) with { When = when, AtMinutes = when == CoatTime.AtMinute ? minute : null, SoakMinutes = when == CoatTime.Before ? soak : null, IsScrapedOff = scraped }),
        Gen.Int[0, Plain.Length - 1].Select(i => (LotCoat)Plain[i]));

    /// <summary>Random trays whose stacks the rules accept.</summary>
    private static readonly Gen<TrayPlan> AnyTray = Gen.Select(AnyCoat.Array[0, 5].Array[1, 4], Gen.Bool, Plans.AnyCut.Array[4], Gen.Bool).Select((stacks, drains, cuts, skin) =>
        Plans.Supper with
        {
            Steps = drains ? [new(StepKind.Drain, 25)] : [],
            Chicken =
            [
                .. stacks.Select((coats, i) => Plans.Chicken(i + 1, cuts[i], 3, CutTable.For(cuts[i]).ReferenceMassG) with
                {
                    SkinOn = skin,
                    Coats = Accepted(coats, cuts[i], skin, drains ? [new(StepKind.Drain, 25)] : []),
                }),
            ],
            Vegetables = [Plans.Roots(11, Vegetable.Potato, 300)],
        });

    /// <summary>As much of the stack, from the inside, as the rules let stand.</summary>
    private static LotCoat[] Accepted(LotCoat[] coats, Cut cut, bool skin, PlannedStep[] steps)
    {
        var kept = new List<LotCoat>();
        foreach (LotCoat coat in coats)
        {
            kept.Add(coat);
            if (CoatRules.Faults(kept, cut, skin, steps, 0).Any())
            {
                kept.RemoveAt(kept.Count - 1);
            }
        }

        return [.. kept];
    }

    [Fact]
    public void Raw_hands_never_reach_what_is_eaten_or_a_jar_whatever_the_stack() => AnyTray.Sample(
        plan =>
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(plan));
            Assert.Null(CleanToRaw.FirstBreach(steps));
            Assert.Equal(Touches.Wash, steps[^1].Touches);
            Assert.Equal(steps.Count, steps.Select(step => step.Key).Distinct().Count());
        },
        iter: 2000);

    /// <summary>Each coat that is on at the start has its step, in the order of the stack; nothing else is put on.</summary>
    [Fact]
    public void The_order_of_work_puts_on_what_the_tray_bakes() => AnyTray.Sample(
        plan =>
        {
            List<string> keys = [.. WorkOrder.Of(Counter.Work(plan)).Select(step => step.Key)];
            foreach (ChickenLot lot in plan.Chicken)
            {
                int[] at = [.. lot.Coats.Index().Where(coat => coat.Item.IsOnAtStart()).Select(coat => keys.IndexOf($"coat-{lot.Id}-{coat.Index}"))];
                Assert.All(at, index => Assert.True(index >= 0));
                Assert.Equal(at.Order(), at);
                Assert.All(lot.Coats.Index().Where(coat => !coat.Item.IsOnAtStart()), coat => Assert.DoesNotContain($"coat-{lot.Id}-{coat.Index}", keys));
                bool isPlain = lot.Coats.All(coat => !coat.IsOnAtStart() || coat.Kind is Coating.Stuffed or Coating.HerbsUnderSkin or Coating.Citrus);
                Assert.Equal(isPlain, keys.Contains($"coat-{lot.Id}"));
            }
        },
        iter: 1000);

    /// <summary>What is stirred is what some coat is made of, and before any raw meat.</summary>
    [Fact]
    public void Every_bowl_is_made_once_and_before_raw_meat() => AnyTray.Sample(
        plan =>
        {
            WorkPlan work = Counter.Work(plan);
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(work);
            string[] wanted = [.. plan.Chicken.SelectMany(lot => lot.Coats).Select(coat => coat.Mix).OfType<string>().Distinct().Order()];
            Assert.Equal(wanted, work.Bowls.Select(bowl => bowl.Id).Order());
            int raw = steps.ToList().FindIndex(step => step.Touches == Touches.Raw);
            foreach (string id in wanted)
            {
                int made = steps.ToList().FindIndex(step => step.Key == $"stir-{id}" || step.Key == $"crumb-{id}");
                Assert.InRange(made, 0, raw);
            }
        },
        iter: 1000);

    /// <summary>Salt of a lot is the sum over its mixes, each once, scaled to this lot alone.</summary>
    [Fact]
    public void Salt_adds_up_over_the_stack() => AnyTray.Sample(
        plan =>
        {
            WorkPlan work = Counter.Work(plan);
            (Bowl Bowl, ScaledMix Scaled)[] made = [.. work.Bowls.Select(bowl => (bowl, MixScaler.Scale(bowl.Mix, MeatToCoat.Of(bowl.Lots), KitchenMeasures.Usual)))];
            foreach (ChickenLot lot in plan.Chicken)
            {
                double sum = lot.Coats.Where(coat => coat is { Mix: not null, When: not CoatTime.AtTable } && coat.Kind != Coating.JuiceSauce).Select(coat => coat.Mix!).Distinct()
                    .Sum(id => MixScaler.Scale(MixLibrary.Find(id)!.Mix, MeatToCoat.Of([lot]), KitchenMeasures.Usual).SaltPercent.Exact);
                LotSalt salt = SaltJudge.Of(lot, made, KitchenMeasures.Usual);
                Assert.Equal(sum, salt.Percent.Exact, 1e-9);
                Assert.Equal(lot.Coats.Any(coat => coat.Mix is null && coat.When != CoatTime.AtTable && coat.Kind is Coating.Topping or Coating.Crumb or Coating.Stuffed), salt.IsUnknown);
            }
        },
        iter: 500);

    [Fact]
    public void A_mix_with_something_unknown_never_says_salt_the_meat_as_well()
    {
        LotSalt unknown = SaltJudge.Judge(new(0.2, 0.2), ["the neighbour’s blend"]);
        Assert.True(unknown.IsUnknown);
        Assert.DoesNotContain("as well", unknown.Said.Sentence, StringComparison.Ordinal);
        Assert.Contains("the neighbour’s blend", unknown.Said.Sentence, StringComparison.Ordinal);
        Assert.Equal(Loudness.Note, SaltJudge.Judge(new(2, 2), ["it"]).Said.Level);
        Assert.Equal(Loudness.Warn, SaltJudge.Judge(new(2.01, 2.01), ["it"]).Said.Level);
        Assert.Contains("Nothing salts it", SaltJudge.Judge(new(0, 0), [], isBare: true).Said.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void A_rub_and_a_glaze_salt_together_and_a_table_sauce_does_not()
    {
        TrayPlan plan = Plans.Supper.Coated(Counter.Coat("salt-only"), Counter.Coat("apricot") with { When = CoatTime.AtMinute, AtMinutes = 30 }, Counter.Coat("lime-soy") with { When = CoatTime.AtTable });
        LotSalt Of(TrayPlan tray) => SaltJudge.Of(tray.Chicken[0], [.. Counter.Work(tray).Bowls.Select(bowl => (bowl, MixScaler.Scale(bowl.Mix, MeatToCoat.Of(bowl.Lots), KitchenMeasures.Usual)))], KitchenMeasures.Usual);
        double rub = Of(Plans.Supper.Coated(Counter.Coat("salt-only"))).Percent.Exact;
        double glaze = Of(Plans.Supper.Coated(Counter.Coat("apricot"))).Percent.Exact;
        Assert.Equal(1.1, rub, 0.01);
        Assert.InRange(glaze, 0.2, 0.7);
        Assert.Equal(rub + glaze, Of(plan).Percent.Exact, 1e-9);
    }

    [Fact]
    public void As_written_is_for_the_meat_it_was_written_for()
    {
        var mix = new Mix("Grandmother’s", MixKind.DryRub, MixBasis.AsWritten, [new("salt", "fineSalt", new(9, MeasureUnit.Gram))], "") { ForMassG = 900 };
        ScaledMix scaled = MixScaler.Scale(mix, new(1600, 12, 9), KitchenMeasures.Usual);
        Assert.Equal(16, scaled.Parts[0].ExactG!.Value, 1e-9);
        Assert.Equal(1.0, scaled.SaltPercent.Exact, 1e-9);
        Assert.Equal(9, MixScaler.Scale(mix, new(900, 12, 9), KitchenMeasures.Usual).Parts[0].ExactG!.Value, 1e-9);
    }

    [Fact]
    public void A_bowl_knows_what_it_is_for()
    {
        TrayPlan two = Plans.Supper with { Chicken = [Plans.Supper.Chicken[0], Plans.Chicken(9, Cut.WholeWing, 4, 90)] };
        TrayPlan plan = two with
        {
            Chicken =
            [
                two.Chicken[0] with { Coats = [Counter.Coat("green-yogurt"), Counter.Coat("green-yogurt") with { When = CoatTime.AtTable }] },
                two.Chicken[1] with { Coats = [Counter.Coat("apricot") with { When = CoatTime.AtMinute, AtMinutes = 25 }, Counter.Coat("cold-herb") with { When = CoatTime.AtTable }] },
            ],
        };
        Bowl[] bowls = [.. Counter.Work(plan).Bowls];
        Assert.Equal(["green-yogurt", "apricot", "cold-herb"], bowls.Select(bowl => bowl.Id));
        Assert.Equal([(true, true, true), (true, false, false), (false, false, true)], bowls.Select(bowl => (bowl.MeetsMeat, bowl.MeetsRaw, bowl.IsServed)));
        Assert.Equal([null, 25, null], bowls.Select(bowl => bowl.FirstMinute));
        Assert.Equal([[1], [9], [9]], bowls.Select(bowl => bowl.Lots.Select(lot => lot.Id).ToArray()));
        IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(plan));
        Assert.Contains("minute 25", steps.Single(step => step.Key == "stir-apricot").Detail, StringComparison.Ordinal);
        Assert.Contains("for the table", steps.Single(step => step.Key == "stir-cold-herb").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("minute", steps.Single(step => step.Key == "stir-green-yogurt").Detail, StringComparison.Ordinal);
    }

    [Fact]
    public void A_scraped_marinade_comes_off_before_the_crumb_and_a_seared_breast_is_seared_between()
    {
        TrayPlan plan = Plans.Of(Cut.BonelessBreast, 170, 204, skinOn: false).Coated(Counter.Coat("green-yogurt") with { IsScrapedOff = true, SoakMinutes = 600 }, Counter.Coat("egg-crumb"));
        plan = plan with { Chicken = [plan.Chicken[0] with { Sear = new(4, Core.Heat.Climate.Pan.Steel) }] };
        List<string> keys = [.. WorkOrder.Of(Counter.Work(plan)).Select(step => step.Key)];
        int[] at = [.. ScrapedThenCrumbed.Select(key => keys.IndexOf(key))];
        Assert.All(at, index => Assert.True(index >= 0));
        Assert.Equal(at.Order(), at);
    }

    /// <summary>Ready for the tray at 0, hot oven at 15, and the meat in its marinade for as long as was said.</summary>
    [Theory]
    [InlineData(60, 1)]
    [InlineData(600, 1)]
    [InlineData(60, 1.5)]
    public void The_clock_leaves_the_marinade_its_time_and_the_oven_its_heat(int soak, double pace)
    {
        IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(Plans.Supper.Coated(Counter.Coat("green-yogurt") with { SoakMinutes = soak })));
        IReadOnlyList<double> before = WorkClock.MinutesBefore(steps, 15, pace);
        int At(string key) => steps.ToList().FindIndex(step => step.Key == key);
        Assert.Equal(before.OrderDescending(), before);
        Assert.True(before[At("oven")] >= 15);
        double inAt = before[At("into-1-0")] - (pace * steps[At("into-1-0")].Minutes);
        Assert.Equal(soak, inAt - before[At("coat-1-0")], 1e-9);
        Assert.Equal(inAt, before[At("wash-1")], 1e-9);
        Assert.Equal(pace * steps[^1].Minutes, before[^1], 1e-9);
    }

    /// <summary>Whatever the meat lies in, it is taken out of it and not put on twice.</summary>
    [Fact]
    public void Meat_that_lay_in_a_glaze_comes_out_of_it_and_a_short_rub_has_its_time()
    {
        IReadOnlyList<WorkStep> glazed = WorkOrder.Of(Counter.Work(Plans.Supper.Coated(Counter.Coat("apricot") with { When = CoatTime.Before, SoakMinutes = 60 })));
        Assert.Equal("The thighs out of “Apricot glaze”", glazed.Single(step => step.Key == "coat-1-0").Title);
        IReadOnlyList<WorkStep> rubbed = WorkOrder.Of(Counter.Work(Plans.Supper.Coated(Counter.Coat("salt-only") with { When = CoatTime.Before, SoakMinutes = 20 })));
        int rub = rubbed.ToList().FindIndex(step => step.Key == "coat-1-0");
        Assert.Equal(20, WorkClock.MinutesBefore(rubbed, 15, 1)[rub] - rubbed[rub].Minutes, 1e-9);
    }

    [Fact]
    public void A_short_marinade_ends_no_sooner_than_it_should()
    {
        IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(Plans.Supper.Coated(Counter.Coat("lemon-garlic") with { SoakMinutes = 20 })));
        int coat = steps.ToList().FindIndex(step => step.Key == "coat-1-0");
        Assert.Equal(20, WorkClock.MinutesBefore(steps, 15, 1)[coat] - steps[coat].Minutes, 1e-9);
    }

    [Fact]
    public void A_bowl_is_for_the_meat_it_goes_on_and_is_wanted_from_its_first_minute()
    {
        LotCoat At(int minute) => Counter.Coat("mustard-honey") with { When = CoatTime.AtMinute, AtMinutes = minute };
        LotCoat table = Counter.Coat("mustard-honey") with { When = CoatTime.AtTable };
        TrayPlan plan = Plans.Supper with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165) with { Coats = [At(30), At(42)] }, Plans.Chicken(2, Cut.Drumstick, 3, 115) with { Coats = [table] }],
        };
        Bowl both = Assert.Single(Bowl.Of(plan, id => MixLibrary.Find(id)?.Mix));
        Assert.Equal([1], both.Lots.Select(lot => lot.Id));
        Assert.Equal((30, true, true, false), (both.FirstMinute, both.MeetsMeat, both.IsServed, both.MeetsRaw));
        Bowl served = Assert.Single(Bowl.Of(plan with { Chicken = [plan.Chicken[1]] }, id => MixLibrary.Find(id)?.Mix));
        Assert.Equal([2], served.Lots.Select(lot => lot.Id));
        Assert.Equal((null, false, true), (served.FirstMinute, served.MeetsMeat, served.IsServed));
    }

    [Fact]
    public void An_old_tray_keeps_its_numbers_where_counter_and_tray_agreed()
    {
        Mix rub = MixLibrary.Find("harvest-rub")!.Mix;
        TrayPlan agreed = MixOfOldTray.IntoCoats(Plans.Supper.Coated(Coating.DryRub), "harvest-rub", rub, 30);
        Assert.Equal((Coating.DryRub, CoatTime.Before, "harvest-rub", 30), Assert.Single(agreed.Chicken[0].Coats) is var coat ? (coat.Kind, coat.When, coat.Mix, coat.SoakMinutes) : default);
        Assert.Equal(Coating.DryRub, Assert.Single(MixOfOldTray.IntoCoats(Plans.Supper, "harvest-rub", rub, 0).Chicken[0].Coats).Kind);
        Assert.Equal(["harvest-rub", null], MixOfOldTray.IntoCoats(Plans.Supper.Coated(Coating.CrumbOverEgg), "harvest-rub", rub, 0).Chicken[0].Coats.Select(made => made.Mix));
        Assert.Equal(CoatTime.AtTable, MixOfOldTray.IntoCoats(Plans.Supper, "pan-gravy", MixLibrary.Find("pan-gravy")!.Mix, 0).Chicken[0].Coats[^1].When);
        Assert.All(MixOfOldTray.IntoCoats(Plans.Of(Cut.BonelessBreast, 170, 204, skinOn: false), "herb-butter", MixLibrary.Find("herb-butter")!.Mix, 0).Chicken[0].Coats, plain => Assert.Null(plain.Mix));
        Assert.Same(agreed.Chicken[0].Coats, MixOfOldTray.IntoCoats(agreed, "seed-rub", MixLibrary.Find("seed-rub")!.Mix, 0).Chicken[0].Coats);
    }

    /// <summary>The last minute for a raw brush is warned of exactly where a coat of a bowl that met raw meat goes on after it.</summary>
    [Fact]
    public void A_raw_brush_is_warned_of_whatever_the_stack() => AnyTray.Sample(
        plan =>
        {
            string[] met = [.. plan.Chicken.SelectMany(lot => lot.Coats).Where(coat => coat.IsOnAtStart()).Select(coat => coat.Mix).OfType<string>()];
            LotCoat Coat(CoatRef of) => plan.Chicken.First(lot => lot.Id == of.Lot).Coats[of.Index];

            // One act, of however many lots, is one warning.
            int late = plan.HandSteps().Where(step => step.Coats is not null).Select(step => Coat(step.Coats![0]))
                .Count(coat => met.Contains(coat.Mix) && (coat.When == CoatTime.AtMinute ? coat.AtMinutes > 20 : coat.When == CoatTime.AfterDraining && coat.Kind != Coating.JuiceSauce));
            Assert.Equal(late, CoatCautions.For(plan, 20).Count(said => said.Contains("met raw meat", StringComparison.Ordinal)));
        },
        iter: 500);
}
