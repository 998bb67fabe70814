using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

/// <summary>How long each step at the counter takes (common practice), for eight pieces, and how the clock adds it up, by hand.</summary>
public sealed class StepMinutesTests
{
    private static readonly TrayPlan Eight = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 8, 165)] };

    private static readonly LotCoat Yogurt = Counter.Coat("green-yogurt") with { SoakMinutes = 60 };

    private static double Minutes(TrayPlan plan, string key) => WorkOrder.Of(Counter.Work(plan, garnish: true)).Single(step => step.Key == key).Minutes;

    [Theory]
    [InlineData("begin", 1)]
    [InlineData("garnish", 4)]
    [InlineData("vegetable-2", 3.5)] // 300 g
    [InlineData("vegetable-3", 3)] // 200 g
    [InlineData("oven", 1)]
    [InlineData("unwrap", 1)]
    [InlineData("trim", 5)]
    [InlineData("coat-1-0", 2)] // oil
    [InlineData("lay", 2)]
    [InlineData("left-over", 1)]
    [InlineData("wash-1", 1)]
    public void OfAPlainSupper(string key, double minutes) => Assert.Equal(minutes, Minutes(Eight, key), 1e-9);

    [Theory]
    [InlineData("salt-only", 0, "coat-1-0", 3)]
    [InlineData("apricot", 0, "coat-1-0", 3)]
    [InlineData("apricot", 60, "coat-1-0", 2)]
    [InlineData("apricot", 60, "into-1-0", 3)]
    [InlineData("salt-only", 60, "coat-1-0", 1)] // out of the fridge
    [InlineData("lemon-garlic", 10, "coat-1-0", 3)]
    [InlineData("lemon-garlic", 60, "coat-1-0", 2)]
    [InlineData("lemon-garlic", 60, "stir-lemon-garlic", 3)]
    [InlineData("egg-crumb", 0, "crumb-egg-crumb", 3)]
    [InlineData("egg-crumb", 0, "egg-1-0", 2)]
    [InlineData("egg-crumb", 0, "wet-hand-1-0", 2)]
    [InlineData("egg-crumb", 0, "coat-1-0", 2)]
    [InlineData("herb-butter", 0, "coat-1-0", 5)]
    [InlineData("pan-gravy", 0, "stir-pan-gravy", 2)]
    public void OfAMix(string mix, int soak, string key, double minutes)
    {
        LotCoat coat = Counter.Coat(mix);
        Assert.Equal(minutes, Minutes(Eight.Coated(soak > 0 ? coat with { When = CoatTime.Before, SoakMinutes = soak } : coat), key), 1e-9);
    }

    [Theory]
    [InlineData(Coating.HerbsUnderSkin, "herbs-1-0", 3)]
    [InlineData(Coating.HerbsUnderSkin, "coat-1-0", 5)]
    [InlineData(Coating.HerbsUnderSkin, "coat-1", 2.3333333333)]
    [InlineData(Coating.Topping, "top-1-0", 3)]
    [InlineData(Coating.Topping, "coat-1-0", 2)]
    [InlineData(Coating.Citrus, "citrus-1-0", 2)]
    [InlineData(Coating.Citrus, "coat-1-0", 1)]
    [InlineData(Coating.Parcel, "coat-1-0", 9)]
    [InlineData(Coating.Stuffed, "filling-1", 4)]
    [InlineData(Coating.Stuffed, "coat-1-0", 8)]
    public void OfACoatWithoutAMix(Coating kind, string key, double minutes) => Assert.Equal(minutes, Minutes(Eight.Coated(kind), key), 1e-9);

    [Fact]
    public void OfScrapingAndSearing()
    {
        TrayPlan seared = Eight.Coated(Yogurt with { IsScrapedOff = true });
        seared = seared with { Chicken = [seared.Chicken[0] with { Sear = new(4, Pan.Steel) }] };
        Assert.Equal((2, 7, 3), (Minutes(seared, "scrape-1-0"), Minutes(seared, "sear-1"), Minutes(seared, "into-1-0")));
    }

    private static WorkStep Step(string key, double minutes, Touches touches = Touches.ToBeCooked, int wait = 0) => new(key, touches, "", "") { Minutes = minutes, WaitMinutes = wait };

    /// <summary>Two, three and five minutes one after the other.</summary>
    [Theory]
    [InlineData(1, 10, 8, 5)]
    [InlineData(1.5, 15, 12, 7.5)]
    public void StepsFollowEachOther(double pace, double first, double second, double third) => Assert.Equal(
        [first, second, third], WorkClock.MinutesBefore([Step("a", 2), Step("b", 3), Step("c", 5)], 15, pace));

    /// <summary>The oven needs its quarter of an hour; where what follows takes longer, nothing waits for it.</summary>
    [Theory]
    [InlineData(5, 16, 15)]
    [InlineData(14, 16, 15)]
    [InlineData(15, 17, 16)]
    [InlineData(20, 22, 21)]
    public void TheOvenIsOnInTime(double after, double first, double oven) => Assert.Equal(
        [first, oven, after], WorkClock.MinutesBefore([Step("a", 1), Step(WorkOrder.OvenKey, 1), Step("c", after)], 15, 1));

    /// <summary>
    /// Meat put in at 46 lies its forty minutes until it is taken up at 6; hands are washed as soon as it lies, and the six minutes of
    /// cutting come when they are due. What nobody takes up lies until the tray goes in.
    /// </summary>
    [Fact]
    public void MeatLiesItsTime()
    {
        Assert.Equal(
            [49, 46, 12, 6, 2],
            WorkClock.MinutesBefore([Step("into-1-0", 3, Touches.Raw, wait: 40), Step("wash-1", 1, Touches.Wash), Step("cut", 6), Step("coat-1-0", 4, Touches.Raw), Step("lay", 2, Touches.Raw)], 0, 1));
        Assert.Equal([43, 40, 2], WorkClock.MinutesBefore([Step("into-1-0", 3, Touches.Raw, wait: 40), Step("wash-1", 1, Touches.Wash), Step("lay", 2)], 0, 1));
        // Nobody moves what stands after it but the wash, and a wash after work that waits for nothing stays where it is.
        Assert.Equal([49, 12, 6, 2], WorkClock.MinutesBefore([Step("into-1-0", 3, Touches.Raw, wait: 40), Step("cut", 6), Step("coat-1-0", 4, Touches.Raw), Step("lay", 2, Touches.Raw)], 0, 1));
        Assert.Equal([15, 6, 5], WorkClock.MinutesBefore([Step(WorkOrder.OvenKey, 1), Step("wash-1", 1, Touches.Wash), Step("c", 5)], 15, 1));
        Assert.Equal([23, 22, 20], WorkClock.MinutesBefore([Step("into-1-0", 1, Touches.Raw, wait: 5), Step("wash-1", 2, Touches.Wash), Step("cut", 20)], 0, 1));
    }
}
