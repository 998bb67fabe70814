using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using BenchmarkDotNet.Attributes;

namespace AmberSpoon.Bench;

/// <summary>What a cook waits for: a whole answer with its band, a piece cut open, a live estimate after a reading.</summary>
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
    public TrayForecast? AnswerWithBand() => TrayForecaster.Forecast(_thighs);

    [Benchmark]
    public SectionFilm CutOpen() => TraySections.Film(_thighs, TrayForecaster.Forecast(_thighs)!);

    [Benchmark]
    public LiveEstimate LiveEstimateAfterReading() => LiveEstimator.Estimate(_thighs, _measured, 1800);
}
