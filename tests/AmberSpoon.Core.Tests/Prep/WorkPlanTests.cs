using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

/// <summary>How much is set aside clean, and what each bowl is for.</summary>
public sealed class WorkPlanTests
{
    private static readonly LotCoat Marinade = Counter.Coat("lemon-garlic") with { When = CoatTime.Before };

    private static readonly LotCoat Spooned = Counter.Coat("lemon-garlic") with { When = CoatTime.AtTable };

    private static WorkPlan Work(TrayPlan plan, PrepChoice choice) => WorkPlan.Of(plan, choice, id => MixLibrary.All.FirstOrDefault(ready => ready.Id == id)?.Mix, juiceMl: 0);

    [Theory]
    [InlineData(1, 0, 30)] // common practice: a spoonful or two a head
    [InlineData(4, 0, 120)]
    [InlineData(16, 0, 480)]
    [InlineData(17, 0, 500)] // no more than may be asked for
    [InlineData(4, 1, 1)] // what the cook said
    [InlineData(4, 200, 200)]
    public void WhatIsServedIsSetAsideByHeadsOrAsSaid(int heads, double saidG, double expectedG)
    {
        WorkPlan work = Work(Plans.Supper.Coated(Marinade, Spooned), PrepChoice.Usual with { Heads = heads, ServeG = saidG });
        Assert.Equal(expectedG, Assert.Single(work.ServeG).Value, 9);
    }

    [Fact]
    public void TwoMixesAtTheTableShareIt()
    {
        LotCoat glaze = Counter.Coat("apricot") with { When = CoatTime.AtMinute, AtMinutes = 20 };
        WorkPlan work = Work(Plans.Supper.Coated(Marinade, glaze, Spooned, glaze with { When = CoatTime.AtTable, AtMinutes = null }), PrepChoice.Usual with { Heads = 4 });
        Assert.Equal([60, 60], work.ServeG.Values);
    }

    [Fact]
    public void NothingIsSetAsideUnlessItIsServedOrAskedFor()
    {
        TrayPlan plan = Plans.Supper.Coated(Marinade);
        Assert.Empty(Work(plan, PrepChoice.Usual).ServeG);
        Assert.Equal("lemon-garlic", Assert.Single(Work(plan, PrepChoice.Usual with { ServeG = 50 }).ServeG).Key);
        // A rub is not eaten raw, and what only goes on the table has met nothing that it must be kept from.
        Assert.Empty(Work(Plans.Supper.Coated(Counter.Coat("salt-only")), PrepChoice.Usual with { ServeG = 50 }).ServeG);
        Assert.Empty(Work(Plans.Supper.Coated(Spooned), PrepChoice.Usual with { ServeG = 50 }).ServeG);
    }

    [Fact]
    public void ABowlSaysWhatItIsFor()
    {
        LotCoat glaze = Counter.Coat("apricot") with { When = CoatTime.AtMinute, AtMinutes = 20 };
        TrayPlan plan = Plans.Supper.Coated(
            Counter.Coat("salt-only") with { When = CoatTime.UnderSkin }, Counter.Coat("salt-only"), glaze, glaze with { AtMinutes = 31 }, glaze with { When = CoatTime.AtTable, AtMinutes = null });
        string[] said = [.. Work(plan, PrepChoice.Usual).Bowls.Select(bowl => bowl.UsedFor(plan))];
        Assert.Equal(["under the skin of the thighs, on the thighs", "at minute 20 and 31 on the thighs, at the table"], said);
    }
}
