using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using BenchmarkDotNet.Attributes;

namespace AmberSpoon.Bench;

/// <summary>What a cook waits for: one run, a whole answer with its band, a live estimate after a reading.</summary>
[MemoryDiagnoser]
[ShortRunJob]
public class AnswerBenchmarks
{
    private readonly TrayPlan _thighs = new(
        "bench",
        Cut.BoneInThigh,
        SkinOn: true,
        Count: 6,
        new EnteredMass(990, MassUnit.Gram),
        MassBasis.Pack,
        Height: null,
        StartingPoint.Fridge,
        OvenMode.Still,
        new EnteredTemperature(204, TemperatureUnit.Celsius),
        ProfileId.UnitedStates,
        new EnteredTemperature(74, TemperatureUnit.Celsius),
        RestMinutes: 5,
        EatAt: null);

    private readonly BakeHistory _measured = new([new(0, BakePlace.Oven)], new(1800, 60));

    [Benchmark]
    public HeatRun OneHourOfOven() => PieceHeat.Follow(_thighs, KitchenGuess.Nominal, [new(BakePlace.Oven, 3600)]);

    [Benchmark]
    public TrayForecast? AnswerWithBand() => TrayForecaster.Forecast(_thighs);

    [Benchmark]
    public LiveEstimate LiveEstimateAfterReading() => LiveEstimator.Estimate(_thighs, _measured, 1800);
}
