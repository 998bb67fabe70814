using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Trays;
using Xunit;

namespace AmberSpoon.Core.Tests.Evenings;

/// <summary>Evenings that were worked out on paper first, to the minute.</summary>
public sealed class EveningsByHandTests
{
    private static readonly DateTimeOffset Dinner = Suppers.Dinner;

    private static string[] Worked(EveningAsk ask, DateTimeOffset? now = null) => EveningPlanner.Plan(ask, now ?? Dinner.AddDays(-3), Dinner).Clock();

    /// <summary>
    /// Half an hour in the oven and five minutes of rest: in at 18:25. Eleven minutes for the meat (unwrap 1, trim 4, oil 1.75, lay 2,
    /// away 1, wash 1, rounded up), one to wash before it; the oven needs its fifteen.
    /// </summary>
    [Fact]
    public void A_half_hour_weeknight() => Assert.Equal(
        ["18:10 oven", "18:13 begin", "18:14 all-unwrap", "18:25 in", "18:55 out", "18:58 plate"],
        Worked(Suppers.Of(Plans.Thighs, 30)));

    /// <summary>
    /// In at 18:15; out of the marinade, onto the tray and washed takes six (1.75, 2, 1, 1). Twelve hours before 18:09 is 06:09, and
    /// getting it in takes nine (1, 4, 2.5, 1); turned over an hour later. Before it five minutes of chopping and three of stirring.
    /// </summary>
    [Fact]
    public void An_overnight_marinade() => Assert.Equal(
        ["05:51 begin", "05:52 fresh-green-yogurt", "05:57 stir-green-yogurt", "06:00 all-unwrap-first", "07:09 turn-into-1-0", "18:00 oven", "18:09 all-coat-1-0", "18:15 in", "18:55 out", "18:58 plate"],
        Worked(Suppers.Of(Suppers.Marinated(720), 40)));

    /// <summary>The weeknight with a pack that lies in the fridge for fifteen hours before it is unwrapped at 18:14.</summary>
    [Fact]
    public void A_frozen_pack() => Assert.Equal(
        ["03:13 thaw", "18:10 oven", "18:13 begin", "18:14 all-unwrap", "18:25 in", "18:55 out", "18:58 plate"],
        Worked(Suppers.Of(Plans.Thighs, 30) with { ThawMinutes = 900 }));

    /// <summary>
    /// Two of three shelves are taken from 18:15 to 18:55. Parsnips take the third, 29 minutes until 18:54 and a minute out of the oven;
    /// squash must leave it by 18:24, when hands are free: 39 minutes before that it goes in, ten of cutting before, and the oven is
    /// on at 17:30. The other way round would keep the parsnips waiting for longer than this squash.
    /// </summary>
    [Fact]
    public void Two_trays_and_two_sides_of_the_oven()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet] }, 40).With(SideKind.RoastSquash, SideKind.RoastParsnips) with
        {
            SideMinutes = new Dictionary<int, int> { [0] = 38, [1] = 28 },
        };
        EveningPlan plan = EveningPlanner.Plan(ask, Dinner.AddDays(-1), Dinner);
        Assert.Equal(
            ["17:30 oven", "17:34 begin", "17:35 side-0-RoastSquash-cut", "17:45 side-0-RoastSquash", "18:04 all-unwrap", "18:15 in", "18:16 side-1-RoastParsnips-cut", "18:25 side-1-RoastParsnips", "18:55 out", "18:58 plate"],
            plan.Clock());
        Assert.Equal(20, plan.Tasks.Single(task => task.Task.Key == "side-0-RoastSquash").KeptTooLong);
        Assert.Equal(0, plan.Tasks.Single(task => task.Task.Key == "side-1-RoastParsnips").KeptTooLong);
    }

    /// <summary>
    /// Dishing up takes the last three minutes. Rice (3, 20, 10 off the heat, 1) is fluffed in the minute before; the gravy's last
    /// three stand before that, right after everything was measured: it goes on ten minutes earlier.
    /// </summary>
    [Fact]
    public void Rice_and_gravy() => Assert.Equal(
        ["17:55 oven", "17:58 begin", "17:59 all-unwrap", "18:10 in", "18:23 side-0-Rice", "18:43 side-1-Gravy", "18:50 out", "18:57 plate"],
        Worked(Suppers.Of(Plans.Thighs, 40, restMinutes: 10).With(SideKind.Rice, SideKind.Gravy)));

    /// <summary>
    /// While one measures, the other takes the greens up at 18:56 (on at 18:50), and has dressed the salad from 18:48 on; the one who
    /// is free until 18:50 cuts the greens.
    /// </summary>
    [Fact]
    public void Two_cooks()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30).With(SideKind.Salad, SideKind.Greens);
        Assert.Equal(
            ["18:10 oven", "18:13 begin", "18:14 all-unwrap", "18:25 in", "18:44 side-1-Greens-cut", "18:48 side-0-Salad", "18:50 side-1-Greens", "18:55 out", "18:57 plate"],
            Worked(ask with { Choice = ask.Choice with { Cooks = 2 } }));
    }

    /// <summary>Tomorrow's meat has the hands from 18:00 to 18:22: tonight's is on its tray before that.</summary>
    [Fact]
    public void Tomorrows_marinade_beside_tonights_bake() => Assert.Equal(
        ["17:48 begin", "17:49 all-unwrap", "18:10 oven", "18:25 in", "18:55 out", "18:58 plate"],
        Worked(Suppers.Of(Plans.Thighs, 30) with { Elsewhere = [(60, 38)] }));

    /// <summary>
    /// Half an hour later, and everything moves by as much. Then ten minutes sooner, when the oven has only just been switched on: it is
    /// hot at 18:50, so dinner is five minutes late, and the meat has those five minutes too.
    /// </summary>
    [Fact]
    public void Dinner_moved_twice()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30);
        DateTimeOffset now = Dinner.AddHours(-1);
        Assert.Equal("18:40 oven", EveningPlanner.Plan(ask, now, Dinner.AddMinutes(30)).Clock()[0]);
        EveningAsk begun = ask.Ticked(now.AddMinutes(35), "oven", "begin");
        EveningPlan sooner = EveningPlanner.Plan(begun, now.AddMinutes(36), Dinner.AddMinutes(20));
        Assert.Equal(["18:39 all-unwrap", "18:50 in", "19:20 out", "19:23 plate"], sooner.Clock());
        Assert.Equal(5, sooner.LateMinutes);
    }
}
