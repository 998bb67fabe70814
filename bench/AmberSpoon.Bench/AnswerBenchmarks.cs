using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Units;
using BenchmarkDotNet.Attributes;

namespace AmberSpoon.Bench;

/// <summary>
/// What a cook waits for. Bar: a whole tray of six lots, bands and all that is said of it included, in 150 ms on two cores.
/// </summary>
[MemoryDiagnoser]
// A dozen rounds first: code that is still being compiled anew answers in twice the time, and a short run measured that.
[SimpleJob(warmupCount: 12, iterationCount: 8)]
public class AnswerBenchmarks
{
    private readonly TrayPlan _thighs = Tray([Chicken(1, Cut.BoneInThigh, 6, 165)], []);

    private readonly TrayPlan _sixLots;

    private readonly TrayPlan _fourLots;
    private readonly TrayForecast _fourPlanned;
    private readonly BakeState _measured;
    private readonly TrayCourses _courses;

    public AnswerBenchmarks()
    {
        TrayPlan full = Tray(
            [
                Chicken(1, Cut.BoneInThigh, 4, 165) with { Coats = [Coating.DryRub] },
                Chicken(2, Cut.Drumstick, 3, 115) with { Coats = [Coating.Glaze] },
                Chicken(3, Cut.BonelessBreast, 2, 200),
            ],
            [Roots(4, Vegetable.Potato, 300), Roots(5, Vegetable.Carrot, 150), Roots(6, Vegetable.Onion, 120)]);
        _fourLots = Tray(
            [Chicken(1, Cut.LegQuarter, 2, 330), Chicken(2, Cut.Drumstick, 4, 115), Chicken(3, Cut.BonelessBreast, 2, 200), Chicken(4, Cut.Drumette, 6, 42)], []);
        _fourPlanned = TrayForecaster.Forecast(_fourLots);
        var start = DateTimeOffset.UnixEpoch;
        _measured = BakeState.Fold(
            _fourLots,
            [
                new(1, Guid.NewGuid(), start, new Started()),
                new(2, Guid.NewGuid(), start.AddMinutes(25), new Measured(new PieceRef(new(1), 1), new(50, TemperatureUnit.Celsius))),
                new(3, Guid.NewGuid(), start.AddMinutes(25), new Measured(new PieceRef(new(2), 1), new(66, TemperatureUnit.Celsius))),
            ]);
        _courses = TrayCourses.Of(_measured, _fourPlanned, 1500, KitchenPrior.Usual);
        _sixLots = full with { Spots = TrayArranger.Arrange(full).Spots(), Steps = [new(StepKind.Turn, 14)] };
    }

    [Benchmark]
    public TrayForecast OneLotWithBand() => TrayForecaster.Forecast(_thighs);

    /// <summary>All that the server computes after a change to any field.</summary>
    [Benchmark]
    public object SixLotsWithBands()
    {
        TrayLayout layout = TrayArranger.Arrange(_sixLots);
        TrayForecast forecast = TrayForecaster.Forecast(_sixLots, layout);
        CrowdingCost? crowding = null;
        IReadOnlyList<StepEffect> effects = [];
        int? brush = null;
        Parallel.Invoke(
            () => crowding = CrowdingCost.Of(_sixLots, layout, forecast),
            () => effects = StepEffects.Of(_sixLots, layout, forecast),
            () => brush = LastBaste.Minutes(_sixLots, layout, forecast));
        return (forecast, crowding, effects, brush);
    }

    [Benchmark]
    public IReadOnlyList<FinishProposal> FinishTogether() => FinishPlanner.Propose(_sixLots);

    [Benchmark]
    public SectionFilm CutOpen()
    {
        TrayForecast forecast = TrayForecaster.Forecast(_thighs);
        return TraySections.Film(_thighs, new LotSettings(_thighs, TrayArranger.Arrange(_thighs)), forecast.Of(1), forecast.EatMinutes);
    }

    /// <summary>Bar: an answer to a reading with four lots in 250 ms.</summary>
    [Benchmark]
    public object? FourLotsAfterAReading() => new BakeEstimate(_courses.With(_measured, 1500), 1500).Verdict;

    /// <summary>What every piece does in every kitchen, anew after a move.</summary>
    [Benchmark]
    public TrayCourses FourLotsAfterAMove() => TrayCourses.Of(_measured, _fourPlanned, 1500, KitchenPrior.Usual);

    private static TrayPlan Tray(IReadOnlyList<ChickenLot> chicken, IReadOnlyList<VegetableLot> vegetables) => new(
        "bench",
        chicken,
        vegetables,
        [Vessel.HalfSheet],
        OvenMode.Still,
        new EnteredTemperature(204, TemperatureUnit.Celsius),
        Steps: [],
        ProfileId.UnitedStates,
        RestMinutes: 5,
        EatAt: null,
        Spots: []);

    private static ChickenLot Chicken(int id, Cut cut, int count, double pieceG) => new(
        id,
        cut,
        SkinOn: true,
        [Coating.Oil],
        new(SizeBasis.Pack, count, new(count * pieceG, MassUnit.Gram), SpreadPercent: 15, Each: []),
        Height: null,
        StartingPoint.Fridge,
        Vessel: 0,
        AddAtMinutes: 0,
        LeavesWhenDone: false,
        SkinDown: false,
        CoreGoal.Usual(cut, TemperatureUnit.Celsius));

    private static VegetableLot Roots(int id, Vegetable kind, double amountG)
    {
        UsualRoast usual = VegetableTable.For(kind).Usual;
        return new(
            id, kind, usual.Cut, new(usual.SizeMm, LengthUnit.Millimetre), new(amountG, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, Tenderness.Tender);
    }
}
