using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Devices;

/// <summary>An oven and its thermometers: follows the running bake and feeds what they show until it is finished.</summary>
internal sealed class SimulatedKitchen(KitchenClient kitchen, DeviceSettings settings)
{
    /// <summary>Lines go out this often, s of the wall.</summary>
    private const double SendS = 0.5;

    /// <summary>Lines that wait while the kitchen does not answer.</summary>
    private const int MostWaiting = 2500;

    /// <summary>Samples of a probe in one sending: a fast clock is sampled less finely.</summary>
    private const int MostSamples = 20;

    /// <summary>In each piece, s.</summary>
    private const double QuickS = 20;

    private readonly HiddenTruth _truth = new(settings.Seed);
    private readonly List<JsonObject> _waiting = [];
    private List<Thermometer> _thermometers = [];
    private double _quickS;
    private bool _isServed;

    public async Task Run(CancellationToken cancel)
    {
        BakeSeen? bake = await kitchen.Running(cancel);
        if (bake is null && settings.Start)
        {
            await kitchen.Start(cancel);
        }

        while ((bake = await kitchen.Running(cancel)) is null)
        {
            await Task.Delay(TimeSpan.FromSeconds(1), cancel);
        }

        _thermometers = [.. Placed(bake)];
        Console.WriteLine(FormattableString.Invariant($"Feeding {_thermometers.Count} thermometers; the oven is off by {_truth.Kitchen.OvenOffsetC:+0;-0} °C, and the app does not know."));
        await Follow(bake, cancel);
    }

    /// <summary>One on a wire in each lot of chicken; a stick with three sensors in the first.</summary>
    internal static IEnumerable<Thermometer> Placed(BakeSeen bake) => bake.Baked.Chicken.Select((lot, n) => new Thermometer(
        n == 0 ? "Stick" : FormattableString.Invariant($"Wire {n}"),
        n == 0 ? ThermometerKind.Stepped : ThermometerKind.LeaveIn,
        new PieceRef(lot.LotId, 1),
        n));

    private async Task Follow(BakeSeen bake, CancellationToken cancel)
    {
        double fedS = bake.BakeS(kitchen.Now);
        (DateTimeOffset at, long stamp) = (kitchen.Now, Stopwatch.GetTimestamp());
        while (bake.IsLive)
        {
            double nowS = bake.BakeS(at.AddSeconds(Stopwatch.GetElapsedTime(stamp).TotalSeconds * kitchen.Pace));
            double everyS = Math.Max(settings.SampleS, (nowS - fedS) / MostSamples);
            for (double atS = fedS + everyS; atS <= nowS; fedS = atS, atS += everyS)
            {
                Sample(bake, atS);
            }

            if (settings.Cook)
            {
                Measure(bake, nowS);
                SayWhenServed(bake, nowS);
            }

            if (_waiting.Count > 0 && await kitchen.Feed(bake.Id, _waiting, cancel))
            {
                _waiting.Clear();
            }

            _waiting.RemoveRange(0, Math.Max(0, _waiting.Count - MostWaiting));
            await Task.Delay(TimeSpan.FromSeconds(SendS), cancel);
            try
            {
                bake = await kitchen.Bake(bake.Id.ToString(), cancel);
                (at, stamp) = kitchen.Now > DateTimeOffset.MinValue ? (kitchen.Now, Stopwatch.GetTimestamp()) : (at, stamp);
            }
            catch (HttpRequestException)
            {
                // The kitchen is out of reach: the thermometers go on, and what they show waits.
            }
        }
    }

    private void Sample(BakeSeen bake, double atS)
    {
        foreach (Thermometer thermometer in _thermometers)
        {
            if (_truth.At(bake, thermometer.Piece, atS) is not { } truth)
            {
                continue;
            }

            thermometer.Fault = settings.Faults ? FaultAt(thermometer, atS - bake.InS(thermometer.Piece.Lot)!.Value) : null;
            foreach (double celsius in thermometer.Show(truth, AirC(bake), atS))
            {
                _waiting.Add(Line(bake, thermometer, celsius, atS));
            }
        }
    }

    /// <summary>The cook's quick thermometer, twenty seconds in each piece that is asked for.</summary>
    private void Measure(BakeSeen bake, double nowS)
    {
        if (bake.Verdict is not { } verdict || (verdict.NextCheckAt is { } check && bake.BakeS(check) > nowS))
        {
            return;
        }

        double fromS = Math.Max(_quickS, nowS - 90);
        foreach (BakeSeen.Asked asked in verdict.MeasureNext.TakeWhile(_ => fromS + QuickS < nowS))
        {
            var quick = new Thermometer("Quick", ThermometerKind.InstantRead, new PieceRef(new LotId(asked.Lot), asked.Piece), asked.Piece);
            for (double atS = fromS; atS <= fromS + QuickS; atS += 1)
            {
                if (_truth.At(bake, quick.Piece, atS) is { } truth)
                {
                    _waiting.AddRange(quick.Show(truth, AirC(bake), atS).Select(celsius => Line(bake, quick, celsius, atS)));
                }
            }

            fromS += QuickS + 1;
        }

        _quickS = fromS;
    }

    /// <summary>Tells the truth when the app first says serve: the coldest of all pieces then.</summary>
    private void SayWhenServed(BakeSeen bake, double nowS)
    {
        if (_isServed || bake.Verdict?.Kind != VerdictKind.Serve)
        {
            return;
        }

        _isServed = true;
        double coldestC = bake.Baked.Chicken.SelectMany(lot => Enumerable.Range(1, lot.Count).Select(piece => new PieceRef(lot.LotId, piece)))
            .Select(piece => _truth.At(bake, piece, nowS)?.ColdestC ?? double.PositiveInfinity).Min();
        Console.WriteLine(FormattableString.Invariant($"Served at {nowS / 60:0} min: the coldest place of all pieces is at {coldestC:0.0} °C."));
    }

    private double AirC(BakeSeen bake) => bake.Moves[^1].Place == BakePlace.Oven ? bake.Baked.OvenSetting.ToTemperature().Celsius + _truth.Kitchen.OvenOffsetC : 21;

    /// <summary>Something of each kind, in turn: minutes 8 to 11 and 18 to 21 of its lot.</summary>
    private DeviceFault? FaultAt(Thermometer thermometer, double lotS)
    {
        int n = _thermometers.IndexOf(thermometer) + (lotS > 900 ? 2 : 0);
        return lotS is (> 480 and < 660) or (> 1080 and < 1260) ? (DeviceFault)(n % 4) : null;
    }

    private static JsonObject Line(BakeSeen bake, Thermometer thermometer, double celsius, double atS) => new()
    {
        ["probe"] = thermometer.Name,
        ["at"] = bake.StartedAt.AddSeconds(atS).ToString("O", CultureInfo.InvariantCulture),
        ["value"] = celsius,
        ["unit"] = "celsius",
        ["lot"] = thermometer.Piece.Lot.Value,
        ["piece"] = thermometer.Piece.Piece,
    };
}
