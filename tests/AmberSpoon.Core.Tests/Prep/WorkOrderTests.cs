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
        .Select((cuts, vegetables, mix, minutes, garnish, serves) => Counter.Work(
            Plans.Thighs with
            {
                Chicken = [.. cuts.Select((cut, i) => Plans.Chicken(i + 1, cut, 2, CutTable.For(cut).ReferenceMassG))],
                Vegetables = [.. vegetables.Select((kind, i) => Plans.Roots(i + 10, kind, 200))],
            },
            mix < 0 ? null : MixLibrary.All[mix].Mix,
            serves ? 60.0 : 0,
            minutes,
            garnish));

    /// <summary>
    /// Judged by what the cook reads, not by the mark the order gave its own steps: whoever reads "unwrap the meat" has raw
    /// hands until the next "wash".
    /// </summary>
    [Fact]
    public void No_generated_order_takes_raw_hands_to_what_is_eaten_as_it_is_or_to_a_jar() => AnyWork.Sample(
        work =>
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(work);
            bool raw = false;
            foreach (WorkStep step in steps)
            {
                Meets met = AsRead(step);
                Assert.False(raw && met is (Meets.EatenAsIs or Meets.Jars), $"raw hands at: {step.Title}");
                Assert.False(raw && met == Meets.Vegetables, $"a clean board asked for with raw hands: {step.Title}");
                raw = met == Meets.RawMeat || (raw && met != Meets.Soap);
            }

            Assert.False(raw, "the work ends unwashed");
            Assert.Equal(work.Plan.Chicken.Count > 0, steps.Any(step => AsRead(step) == Meets.RawMeat));
        },
        iter: 2000);

    [Fact]
    public void Every_step_is_marked_as_what_it_reads_and_every_key_is_its_own() => AnyWork.Sample(
        work =>
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(work);
            Assert.All(steps, step => Assert.Equal(AsRead(step), step.Touches switch
            {
                Touches.Wash => Meets.Soap,
                Touches.ReadyToEat => Meets.EatenAsIs,
                Touches.Stores => Meets.Jars,
                Touches.ToBeCooked => Meets.Vegetables,
                _ => Meets.RawMeat,
            }));
            Assert.Equal(steps.Count, steps.Select(step => step.Key).Distinct().Count());
            Assert.Equal(steps, WorkOrder.Of(work));
        },
        iter: 500);

    /// <summary>R raw, W wash, E eaten as it is, J jars, V vegetables; the number is the step that breaks the rule, from 0.</summary>
    [Theory]
    [InlineData("", null)]
    [InlineData("WEJVRW", null)]
    [InlineData("RWRW", null)]
    [InlineData("RVW", null)]
    [InlineData("RWE", null)]
    [InlineData("WR", 1)]
    [InlineData("REW", 1)]
    [InlineData("RJW", 1)]
    [InlineData("RVEW", 2)]
    [InlineData("RWRVJW", 4)]
    [InlineData("RV", 1)]
    public void The_rule_of_the_counter_by_hand(string order, int? breach)
    {
        WorkStep[] steps = [.. order.Select((letter, i) => new WorkStep($"{letter}{i}", letter switch
        {
            'R' => Touches.Raw,
            'W' => Touches.Wash,
            'E' => Touches.ReadyToEat,
            'J' => Touches.Stores,
            _ => Touches.ToBeCooked,
        }, "", ""))];
        Assert.Equal(breach is { } at ? steps[at] : null, CleanToRaw.FirstBreach(steps));
        Assert.Null(CleanToRaw.FirstBreach(CleanToRaw.Washed(steps)));
        Assert.Equal(steps, CleanToRaw.Washed(steps).Where(step => step.Key.Length < 3));
    }

    /// <summary>From half an hour on it is worth putting the meat in first.</summary>
    [Theory]
    [InlineData(29, false)]
    [InlineData(30, true)]
    [InlineData(31, true)]
    public void Meat_goes_before_the_vegetables_from_half_an_hour_of_marinade_on(int minutes, bool meatFirst)
    {
        string[] keys = [.. WorkOrder.Of(Counter.Work(Plans.Supper, MixLibrary.Find("green-yogurt")!.Mix, 0, minutes, false)).Select(step => step.Key)];
        Assert.Equal(meatFirst, Array.FindIndex(keys, key => key.StartsWith("unwrap", StringComparison.Ordinal)) < Array.IndexOf(keys, "vegetable-2"));
    }

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
        var work = Counter.Work(Plans.Supper, MixLibrary.Find("lemon-garlic")!.Mix, 60, 15, true);
        string[] keys = [.. WorkOrder.Of(work).Select(step => step.Key)];
        int raw = Array.IndexOf(keys, "unwrap");
        Assert.All(["garnish", "fresh-mix", "stir-mix", "aside-mix", "vegetable-2", "vegetable-3", "oven"], key => Assert.InRange(Array.IndexOf(keys, key), 0, raw));
        Assert.Equal("wash-1", keys[^1]);
    }

    [Fact]
    public void A_long_marinade_puts_meat_first_and_washes_before_the_vegetables()
    {
        var work = Counter.Work(Plans.Supper, MixLibrary.Find("green-yogurt")!.Mix, 0, 180, false);
        string[] keys = [.. WorkOrder.Of(work).Select(step => step.Key)];
        Assert.True(Array.IndexOf(keys, "into-1-0") < Array.IndexOf(keys, "wash-1"));
        Assert.True(Array.IndexOf(keys, "wash-1") < Array.IndexOf(keys, "vegetable-2"));
        Assert.True(Array.IndexOf(keys, "vegetable-3") < Array.IndexOf(keys, "coat-1-0"));
        Assert.Equal("wash-2", keys[^1]);
    }

    [Fact]
    public void A_crumb_station_has_a_wet_hand_and_a_dry_hand_and_raw_egg_is_raw()
    {
        IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(Plans.Supper, MixLibrary.Find("egg-crumb")!.Mix, 0, 0, false));
        Assert.Equal([Hand.Wet, Hand.Dry], steps.Where(step => step.Hand != Hand.Any).Select(step => step.Hand));
        Assert.Equal(Touches.Raw, steps.Single(step => step.Key == "egg-1-0").Touches);
        Assert.Contains("Skin off", steps.Single(step => step.Key == "trim").Detail, StringComparison.Ordinal);
        Assert.Contains("Do not rinse", steps.Single(step => step.Key == "unwrap").Detail, StringComparison.Ordinal);
    }

    private enum Meets
    {
        Soap,
        EatenAsIs,
        Jars,
        Vegetables,
        RawMeat,
    }

    /// <summary>What hands meet, from the words on the screen.</summary>
    private static Meets AsRead(WorkStep step)
    {
        bool Says(string text, params string[] words) => words.Any(word => text.Contains(word, StringComparison.OrdinalIgnoreCase));
        return step switch
        {
            _ when step.Title.StartsWith("Wash", StringComparison.Ordinal) => Meets.Soap,
            _ when Says(step.Detail, "Bacon is raw") => Meets.RawMeat,
            _ when Says(step.Title, "aside for the table") || step.Title.StartsWith("Chop", StringComparison.Ordinal) => Meets.EatenAsIs,
            _ when step.Title.StartsWith("Cut the", StringComparison.Ordinal) || step.Title.StartsWith("Oven to", StringComparison.Ordinal) => Meets.Vegetables,
            _ when Says(step.Detail, "jars away", "no jar is touched", "put the jars away") => Meets.Jars,
            _ when Says(step.Title + step.Detail, "meat", "raw", "skin", "glaze", "butter", "fat off", "all sides") => Meets.RawMeat,
            _ => throw new InvalidOperationException($"a cook would not know what this touches: {step.Title}"),
        };
    }
}
