using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
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
[ShortRunJob]
public class AnswerBenchmarks
{
    private readonly TrayPlan _thighs = Tray([Chicken(1, Cut.BoneInThigh, 6, 165)], []);

    private readonly TrayPlan _sixLots;

    private readonly BakeHistory _measured = new([new(0, BakePlace.Oven)], new(1800, 60));

    public AnswerBenchmarks()
    {
        TrayPlan full = Tray(
            [
                Chicken(1, Cut.BoneInThigh, 4, 165) with { Coating = Coating.DryRub },
                Chicken(2, Cut.Drumstick, 3, 115) with { Coating = Coating.Glaze },
                Chicken(3, Cut.BonelessBreast, 2, 200),
            ],
            [Roots(4, Vegetable.Potato, 300), Roots(5, Vegetable.Carrot, 150), Roots(6, Vegetable.Onion, 120)]);
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

    [Benchmark]
    public LiveEstimate LiveEstimateAfterReading() => LiveEstimator.Estimate(LeadPiece.Of(_thighs, 1), _measured, 1800);

    private static TrayPlan Tray(IReadOnlyList<ChickenLot> chicken, IReadOnlyList<VegetableLot> vegetables) => new(
        "bench",
        chicken,
        vegetables,
        [Vessel.HalfSheet],
        OvenMode.Still,
        new EnteredTemperature(204, TemperatureUnit.Celsius),
        Steps: [],
        ProfileId.UnitedStates,
        new EnteredTemperature(74, TemperatureUnit.Celsius),
        RestMinutes: 5,
        EatAt: null,
        Spots: []);

    private static ChickenLot Chicken(int id, Cut cut, int count, double pieceG) => new(
        id,
        cut,
        SkinOn: true,
        Coating.Oil,
        new(SizeBasis.Pack, count, new(count * pieceG, MassUnit.Gram), SpreadPercent: 15, Each: []),
        Height: null,
        StartingPoint.Fridge,
        Vessel: 0,
        AddAtMinutes: 0,
        LeavesWhenDone: false,
        SkinDown: false);

    private static VegetableLot Roots(int id, Vegetable kind, double amountG)
    {
        UsualRoast usual = VegetableTable.For(kind).Usual;
        return new(
            id, kind, usual.Cut, new(usual.SizeMm, LengthUnit.Millimetre), new(amountG, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false);
    }
}
