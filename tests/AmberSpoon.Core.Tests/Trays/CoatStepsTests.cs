using System.Text.Json;
using System.Text.Json.Serialization;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>Coats that go on in the oven: hands do them, the oven feels them, and what was really done is what counts.</summary>
public sealed class CoatStepsTests
{
    private static readonly TrayPlan Drained = Plans.Supper with { Steps = [new(StepKind.Turn, 12), new(StepKind.Drain, 30)] };

    private static LotCoat At(Coating kind, int minute) => new(kind, CoatTime.AtMinute, "apricot") { Name = "Apricot glaze", AtMinutes = minute };

    private static PieceSetting Thigh(TrayPlan plan) => new LotSettings(plan, TrayArranger.Arrange(plan)).Of(plan.Chicken[0]);

    [Fact]
    public void Coats_in_the_oven_follow_the_plans_own_steps_in_order_of_time()
    {
        TrayPlan plan = Drained.Coated(Coating.DryRub, At(Coating.Glaze, 25), Coating.JuiceSauce, new(Coating.Sauce, CoatTime.AtTable), At(Coating.Glaze, 20));
        Assert.Equal([(StepKind.Turn, 12), (StepKind.Drain, 30), (StepKind.Coat, 20), (StepKind.Coat, 25), (StepKind.Coat, 35)], plan.HandSteps().Select(step => (step.Kind, step.AtMinutes)));
        Assert.Equal([4, 1, 2], plan.HandSteps().Skip(2).Select(step => step.Coats![0].Index));
        Assert.Equal(35, plan.KeptInMinutes);
    }

    /// <summary>A sauce of the juices is thickened first; anything else goes on as soon as they are off.</summary>
    [Fact]
    public void After_draining_is_after_the_sauce_was_made()
    {
        Assert.Equal(30, Drained.Coated(new LotCoat(Coating.Glaze, CoatTime.AfterDraining)).HandSteps()[^1].AtMinutes);
        Assert.Equal(35, Drained.Coated(Coating.JuiceSauce).HandSteps()[^1].AtMinutes);
        Assert.Empty(Plans.Supper.Coated(Coating.JuiceSauce).HandSteps());
    }

    [Fact]
    public void The_lot_is_brushed_and_the_others_feel_the_door()
    {
        TrayPlan plan = Plans.Supper.Coated(Coating.DryRub, At(Coating.Glaze, 20));
        Baste brushed = Assert.Single(Thigh(plan).Steps.OfType<Baste>());
        Assert.Equal(1200, brushed.AtS);
        Assert.Equal(2 / 1.4, brushed.BrowningTimes, 1e-9);
        PieceSetting potato = new LotSettings(plan, TrayArranger.Arrange(plan)).Of(plan.Vegetables[0]);
        Assert.Contains(potato.Steps, step => step is OpenDoor { AtS: 1200 });
        Assert.DoesNotContain(potato.Steps, step => step is Baste);
    }

    [Fact]
    public void One_mix_at_one_minute_is_one_act_for_all_its_lots()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Supper.Chicken[0] with { Coats = [At(Coating.Glaze, 20)] }, Plans.Chicken(9, Cut.WholeWing, 4, 90) with { Coats = [Coating.DryRub, At(Coating.Glaze, 20), At(Coating.Glaze, 30)] }] };
        Assert.Equal([[new(1, 0), new(9, 1)], [new CoatRef(9, 2)]], plan.HandSteps().Select(step => step.Coats!.ToArray()));
        Assert.Equal("Brush “Apricot glaze” on the thighs and whole wings", CoatNames.PutOn(plan, plan.HandSteps()[0].Coats!));
        PieceSetting potato = new LotSettings(plan, TrayArranger.Arrange(plan)).Of(plan.Vegetables[0]);
        Assert.Equal([1200.0, 1800.0], potato.Steps.OfType<OpenDoor>().Select(step => step.AtS));
    }

    [Fact]
    public void The_same_glaze_twice_browns_no_faster_than_once()
    {
        Baste[] brushed = [.. Thigh(Plans.Supper.Coated(At(Coating.Glaze, 20), At(Coating.Glaze, 30))).Steps.OfType<Baste>()];
        Assert.Equal([2.0, 1.0], brushed.Select(baste => baste.BrowningTimes));
    }

    [Fact]
    public void In_a_bake_a_coat_counts_when_it_was_done_and_not_when_it_was_skipped()
    {
        TrayPlan plan = Drained.Coated(Coating.DryRub, At(Coating.Glaze, 25), At(Coating.Glaze, 35));
        DateTimeOffset start = new(2026, 11, 26, 18, 0, 0, TimeSpan.Zero);
        BakeEvent Told(int seq, int minute, Happening what) => new(seq, Guid.NewGuid(), start.AddMinutes(minute), what);
        BakeState state = BakeState.Fold(plan, [Told(1, 0, new Started()), Told(2, 28, new ActDone(2)), Told(3, 29, new ActSkipped(3))]);
        TrayPlan baked = AsBaked.PlanOf(state);
        Assert.Equal([(Coating.DryRub, CoatTime.On, null), (Coating.Glaze, CoatTime.AtMinute, 28)], baked.Chicken[0].Coats.Select(coat => (coat.Kind, coat.When, coat.AtMinutes)));
        Assert.Equal([StepKind.Turn, StepKind.Drain], baked.Steps.Select(step => step.Kind));
        Assert.Equal([28], baked.HandSteps().Where(step => step.Kind == StepKind.Coat).Select(step => step.AtMinutes));
    }

    [Theory]
    [InlineData(19, 20, false)]
    [InlineData(20, 20, false)]
    [InlineData(21, 20, true)]
    [InlineData(1, null, true)]
    public void A_bowl_that_met_raw_meat_stops_in_time(int minute, int? until, bool isSaid)
    {
        TrayPlan met = Plans.Supper.Coated(new LotCoat(Coating.Glaze, CoatTime.On, "apricot") { Name = "Apricot glaze" }, At(Coating.Glaze, minute));
        Assert.Equal(isSaid, CoatCautions.For(met, until).Any(said => said.Contains("met raw meat", StringComparison.Ordinal)));
        Assert.Empty(CoatCautions.For(Plans.Supper.Coated(At(Coating.Glaze, minute)), until));
    }

    [Fact]
    public void Crumb_on_skin_is_said()
    {
        Assert.Single(CoatCautions.For(Plans.Supper.Coated(Coating.CrumbOverEgg), null));
        TrayPlan skinned = Plans.Supper with { Chicken = [Plans.Supper.Chicken[0] with { SkinOn = false, Coats = [Coating.CrumbOverEgg] }] };
        Assert.Empty(CoatCautions.For(skinned, null));
    }

    private static readonly JsonSerializerOptions Stored = new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) } };

    /// <summary>Lots that were stored before there was a stack name one coating.</summary>
    [Theory]
    [InlineData("glaze", Coating.Glaze, CoatTime.On)]
    [InlineData("thickMarinade", Coating.ThickMarinade, CoatTime.Before)]
    [InlineData("butterUnderSkin", Coating.ButterUnderSkin, CoatTime.UnderSkin)]
    public void A_lot_from_before_there_was_a_stack_has_the_coat_it_named(string stored, Coating kind, CoatTime when)
    {
        string now = JsonSerializer.Serialize(Plans.Thighs.Chicken[0] with { Coats = [] }, Stored);
        Assert.Contains("\"coats\":[]", now, StringComparison.Ordinal);
        string before = now.Replace("\"coats\":[],", string.Empty, StringComparison.Ordinal).Replace("\"coating\":\"oil\"", $"\"coating\":\"{stored}\"", StringComparison.Ordinal);
        LotCoat coat = Assert.Single(JsonSerializer.Deserialize<ChickenLot>(before, Stored)!.Coats);
        Assert.Equal((kind, when, null), (coat.Kind, coat.When, coat.Mix));
        Assert.Empty(JsonSerializer.Deserialize<ChickenLot>(now, Stored)!.Coats);

        ChickenLot stacked = Plans.Thighs.Chicken[0] with { Coats = [Coating.DryRub, At(Coating.Glaze, 20)] };
        Assert.Equal(stacked.Coats, JsonSerializer.Deserialize<ChickenLot>(JsonSerializer.Serialize(stacked, Stored), Stored)!.Coats);
    }
}
