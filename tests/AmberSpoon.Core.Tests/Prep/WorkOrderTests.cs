using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class WorkOrderTests
{
    private static readonly Gen<WorkPlan> AnyWork = Gen.Select(
            Plans.AnyCut.Array[0, 4], Plans.AnyVegetable.Array[0, 5], Gen.Int[-1, MixLibrary.All.Count - 1], Gen.Int[0, 2000], Gen.Bool, Gen.Bool)
        .Select((cuts, vegetables, mix, minutes, garnish, serves) => new WorkPlan(
            Plans.Thighs with
            {
                Chicken = [.. cuts.Select((cut, i) => Plans.Chicken(i + 1, cut, 2, CutTable.For(cut).ReferenceMassG))],
                Vegetables = [.. vegetables.Select((kind, i) => Plans.Roots(i + 10, kind, 200))],
            },
            mix < 0 ? null : MixLibrary.All[mix].Mix,
            serves ? 60 : 0,
            minutes,
            garnish));

    [Fact]
    public void No_generated_order_breaks_the_rule_and_every_key_is_its_own() => AnyWork.Sample(
        work =>
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(work);
            Assert.Null(CleanToRaw.FirstBreach(steps));
            Assert.Equal(steps.Count, steps.Select(step => step.Key).Distinct().Count());
            Assert.Equal(steps, WorkOrder.Of(work));
            Assert.Equal(work.Plan.Chicken.Count > 0, steps.Any(step => step.Touches == Touches.Raw));
        },
        iter: 2000);

    [Fact]
    public void The_rule_notices_when_any_wash_after_raw_is_left_out_or_a_clean_step_comes_last() => AnyWork.Sample(
        work =>
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(work);
            if (work.Plan.Chicken.Count == 0)
            {
                return;
            }

            WorkStep last = steps.Last(step => step.Touches == Touches.Wash);
            Assert.NotNull(CleanToRaw.FirstBreach([.. steps.Where(step => step != last)]));
            var late = new WorkStep("late", Touches.ReadyToEat, "Chop parsley", "");
            int raw = steps.ToList().FindIndex(step => step.Touches == Touches.Raw);
            Assert.Equal(late, CleanToRaw.FirstBreach([.. steps.Take(raw + 1), late, .. steps.Skip(raw + 1)]));
        },
        iter: 500);

    [Fact]
    public void A_sauce_is_set_aside_before_raw_meat_and_vegetables_are_cut_before_it()
    {
        var work = new WorkPlan(Plans.Supper, MixLibrary.Find("lemon-garlic")!.Mix, ServeG: 60, MarinateMinutes: 15, Garnish: true);
        string[] keys = [.. WorkOrder.Of(work).Select(step => step.Key)];
        int raw = Array.IndexOf(keys, "unwrap");
        Assert.All(["garnish", "fresh", "stir", "aside", "vegetable-2", "vegetable-3", "oven"], key => Assert.InRange(Array.IndexOf(keys, key), 0, raw));
        Assert.Equal("wash-1", keys[^1]);
    }

    [Fact]
    public void A_long_marinade_puts_meat_first_and_washes_before_the_vegetables()
    {
        var work = new WorkPlan(Plans.Supper, MixLibrary.Find("green-yogurt")!.Mix, ServeG: 0, MarinateMinutes: 180, Garnish: false);
        string[] keys = [.. WorkOrder.Of(work).Select(step => step.Key)];
        Assert.True(Array.IndexOf(keys, "into-marinade") < Array.IndexOf(keys, "wash-1"));
        Assert.True(Array.IndexOf(keys, "wash-1") < Array.IndexOf(keys, "vegetable-2"));
        Assert.True(Array.IndexOf(keys, "vegetable-3") < Array.IndexOf(keys, "coat"));
        Assert.Equal("wash-2", keys[^1]);
    }

    [Fact]
    public void A_crumb_station_has_a_wet_hand_and_a_dry_hand_and_raw_egg_is_raw()
    {
        IReadOnlyList<WorkStep> steps = WorkOrder.Of(new(Plans.Supper, MixLibrary.Find("egg-crumb")!.Mix, 0, 0, false));
        Assert.Equal([Hand.Wet, Hand.Dry], steps.Where(step => step.Hand != Hand.Any).Select(step => step.Hand));
        Assert.Equal(Touches.Raw, steps.Single(step => step.Key == "egg").Touches);
        Assert.Contains("Skin off", steps.Single(step => step.Key == "trim").Detail, StringComparison.Ordinal);
        Assert.Contains("Do not rinse", steps.Single(step => step.Key == "unwrap").Detail, StringComparison.Ordinal);
    }
}
