using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store.Rows;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class TrayAnswersTests
{
    private static readonly TrayPlan Plan = EmptyTray.Of(Household.Usual) with
    {
        Chicken = [new(1, Cut.BoneInThigh, true, [Coating.Oil], new(SizeBasis.Piece, 2, new(165, MassUnit.Gram), 0, []), null, StartingPoint.Fridge, 0, 0, false, false, CoreGoal.Usual(Cut.BoneInThigh, TemperatureUnit.Celsius))],
    };

    private static readonly VegetableLot Potatoes = new(
        2, Vegetable.Potato, VegetableCut.Cube, new(25, LengthUnit.Millimetre), new(300, MassUnit.Gram), VegetablePlace.Around, 0, 0, false, Tenderness.Tender);

    private int _computed;

    private TrayComputed Compute(TrayPlan plan)
    {
        _computed++;
        return new(plan, null!, null!, new(() => null!));
    }

    /// <summary>However many were kept before it, the last one is there: it was computed a second time once sixty-four were.</summary>
    [Fact]
    public void What_was_just_computed_is_never_computed_again()
    {
        using var answers = new TrayAnswers();
        for (int version = 1; version <= 300; version++)
        {
            var row = new TrayRow { Plan = Plan with { RestMinutes = version }, Version = version };
            TrayComputed computed = answers.Of(row.Plan, Compute);
            answers.Keep(row);
            Assert.Same(computed.Details, answers.Of(row).Details);
            Assert.Equal(version, _computed);
            Assert.Equal(Math.Max(1, version - 10), answers.PlanOf(row.Id, Math.Max(1, version - 10))!.RestMinutes);
        }

        Assert.Null(answers.PlanOf(0, 1));
    }

    /// <summary>What is undone, renamed, moved to another hour or laid on a second tray has its answer at once, with its own plan.</summary>
    [Fact]
    public void What_changes_no_forecast_is_not_computed_again()
    {
        using var answers = new TrayAnswers();
        answers.Of(Plan, Compute);
        answers.Of(Plan with { RestMinutes = 9 }, Compute);
        TrayPlan other = Plan with { Name = "Other", EatAt = new(2026, 11, 26, 19, 0, 0, TimeSpan.Zero), Repeats = Guid.NewGuid() };
        Assert.Same(other, answers.Of(other, Compute).Plan);
        Assert.Same(Plan, answers.Of(new TrayRow { Id = 7, Version = 3, Plan = Plan }).Plan);
        Assert.Equal(2, _computed);
        answers.Forget();
        Assert.Null(answers.PlanOf(7, 3));
        answers.Of(Plan, Compute);
        Assert.Equal(2, _computed);
    }

    [Fact]
    public void What_changes_a_forecast_is_computed_anew()
    {
        using var answers = new TrayAnswers();
        HouseOven oven = Plan.Oven!;
        TrayPlan[] plans =
        [
            Plan,
            Plan with { Oven = null },
            Plan with { Oven = oven with { Learnt = OvenBelief.Unknown(5) } },
            Plan with { Oven = oven with { LearntPreheat = new PreheatBelief(0.2, 0.1, 1) } },
            Plan with { OvenSetting = new(180, TemperatureUnit.Celsius) },
            Plan with { Chicken = [Plan.Chicken[0] with { SkinDown = true }] },
            Plan with { Vegetables = [Potatoes] },
            Plan with { Vegetables = [Potatoes with { Wish = 1.1 }] },
            Plan with { Spots = [new(1, 1, 0, 100, 100, 0, false)] },
        ];
        for (int n = 0; n < 2 * plans.Length; n++)
        {
            answers.Of(plans[n % plans.Length], Compute);
            Assert.Equal(Math.Min(n + 1, plans.Length), _computed);
        }
    }

    [Fact]
    public void A_failure_is_not_kept()
    {
        using var answers = new TrayAnswers();
        Assert.Throws<InvalidOperationException>(() => answers.Of(Plan, _ => throw new InvalidOperationException()));
        Assert.Same(Plan, answers.Of(Plan, Compute).Plan);
    }

    /// <summary>Who asked first may leave; who asked for the same and waits still gets it.</summary>
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Who_waits_still_is_answered_when_the_first_has_left(bool onSeveralThreads)
    {
        using var answers = new TrayAnswers();
        TrayComputed Left(TrayPlan plan) => _computed++ > 0 ? new(plan, null!, null!, new(() => null!))
            : throw (onSeveralThreads ? new AggregateException(new OperationCanceledException()) : new OperationCanceledException());
        Assert.Same(Plan, answers.Of(Plan, Left).Plan);
        Assert.Equal(2, _computed);

        using var gone = new CancellationTokenSource();
        gone.Cancel();
        _computed = 0;
        Assert.ThrowsAny<OperationCanceledException>(() => Asker.WhileWaiting(() => answers.Of(Plan with { RestMinutes = 9 }, Left), gone.Token));
        Assert.Equal(1, _computed);
    }
}
