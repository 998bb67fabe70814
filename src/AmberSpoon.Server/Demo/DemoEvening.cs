using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Demo;

/// <summary>
/// An evening of the invented household: planned by what its log had taught by then, baked by the engine in an oven that the app does not
/// know, measured as a cook measures, and judged by the code that serves a real cook.
/// </summary>
/// <param name="StartedAt">When the tray went in.</param>
/// <param name="Plan">The tray.</param>
/// <param name="Note">What was seen at the end, or null.</param>
/// <param name="NextTime">What to do otherwise, or null.</param>
/// <param name="Seed">Draws what differs from evening to evening.</param>
internal sealed record DemoEvening(DateTimeOffset StartedAt, TrayPlan Plan, string? Note, string? NextTime, int Seed)
{
    /// <summary>What nobody in the house knows: its oven is so much colder than its dial says, °C.</summary>
    public const double HiddenOffsetC = -11;

    /// <summary>Nor that its cook is slower at the counter than is usual, and the oven slower to get hot than its fifteen minutes.</summary>
    public const double HiddenPace = 1.2;
    public const double HiddenPreheatMinutes = 19;
    private const double CounterMinutes = 14;
    private const int CounterTasks = 4;
    private const double WorkSd = 0.2;
    private const double LampSd = 0.1;

    /// <summary>How far pieces and tips differ from what was said.</summary>
    private const double SizeSd = 0.03;
    private const double TipSdC = 1;

    /// <summary>Looked at first a little before it is foretold, then every few minutes.</summary>
    private const int BeforeMinutes = 4;
    private const int AgainMinutes = 6;
    private const int MostChecks = 6;

    /// <summary>On one evening a borrowed thermometer stands in the oven, and is looked at twice.</summary>
    private const int AiredSeed = 112;
    private const double AirSdC = 4;
    private static readonly int[] AirMinutes = [15, 21];

    /// <summary>The heaviest first, as the app asks.</summary>
    private const int MostPieces = 4;

    /// <summary>Into the book; what it says of the oven.</summary>
    /// <param name="book">The household's book.</param>
    /// <param name="known">What the log had taught by then.</param>
    /// <param name="cancel">Ends it.</param>
    public async Task<OvenEvidence> WriteInto(BakeBook book, Known known, CancellationToken cancel)
    {
        DateTimeOffset start = BakeBook.WholeMilliseconds(StartedAt);
        TrayPlan plan = known.On(Plan);
        TrayForecast forecast = TrayForecaster.Forecast(plan);
        List<BakeEvent> events = [];
        Tell(start, new Started());
        Tell(start, Ready(plan));
        int outMinutes = Measured(plan, forecast, (minute, what) => Tell(start.AddMinutes(minute), what));
        DateTimeOffset outAt = start.AddMinutes(outMinutes);
        foreach (PlannedStep step in plan.HandSteps().Where(step => step.AtMinutes < outMinutes))
        {
            int act = plan.HandSteps().Index().First(other => ReferenceEquals(other.Item, step)).Index;
            events.Insert(events.FindIndex(told => told.At > start.AddMinutes(step.AtMinutes)) is var at && at < 0 ? events.Count : at, new(0, Guid.CreateVersion7(start), start.AddMinutes(step.AtMinutes), new ActDone(act)));
        }

        if (Note is not null)
        {
            Tell(outAt, new Noted(Note));
        }

        Tell(outAt, new Resting());
        DateTimeOffset eatenAt = outAt.AddMinutes(plan.RestMinutes);
        Tell(eatenAt, new Finished());
        events = [.. events.Select((told, i) => told with { Seq = i + 1 })];
        BakeState end = BakeState.Fold(plan, events);
        var estimate = new BakeEstimate(TrayCourses.Of(end, forecast, BakeFacts.EndS(end), KitchenPrior.Usual), BakeFacts.EndS(end));
        if (estimate.Verdict is { } verdict)
        {
            events.Add(new(events.Count + 1, Guid.CreateVersion7(eatenAt), outAt, new Said(verdict.Kind, verdict.Reason, null)));
        }

        Table(plan, forecast, estimate, outMinutes, what => events.Add(new(events.Count + 1, Guid.CreateVersion7(eatenAt), eatenAt, what)));
        end = BakeState.Fold(plan, events);
        BakeFacts facts = BakeFacts.Of(end, forecast, estimate);
        await book.Add(
            new BakeRow
            {
                Id = Guid.CreateVersion7(start),
                Plan = plan,
                Forecast = forecast,
                StartedAt = start,
                FinishedAt = end.Clock.Wall(end.FinishedS!.Value),
                Verdict = end.LastSaid?.Verdict,
                LastSeq = end.Seq,
            },
            events,
            cancel,
            facts);
        return facts.Evidence;

        void Tell(DateTimeOffset at, Happening what) => events.Add(new(events.Count + 1, Guid.CreateVersion7(at), BakeBook.WholeMilliseconds(at), what));
    }

    /// <summary>What the list said by then: on most evenings the cook also told when the oven was hot.</summary>
    private Readied Ready(TrayPlan plan)
    {
        var random = new Random(Seed + 1000);
        double usual = CounterMinutes + plan.Count;
        var work = new CounterWork(usual, Math.Round(usual * HiddenPace * Math.Exp(WorkSd * Normal(random))), CounterTasks);
        double ovenC = plan.OvenSetting.ToTemperature().Celsius;
        return new(work, Seed % 3 == 0 ? null : new(Math.Round(HiddenPreheatMinutes * PreheatCurve.ShareTo(ovenC) * Math.Exp(LampSd * Normal(random))), ovenC));
    }

    /// <summary>The cook looks until the heaviest pieces are where they should be.</summary>
    /// <returns>When the tray came out, min since it went in.</returns>
    private int Measured(TrayPlan plan, TrayForecast forecast, Action<int, Happening> tell)
    {
        var random = new Random(Seed);
        ChickenLot lot = plan.Chicken[0];
        var settings = new LotSettings(Plan, TrayArranger.Arrange(Plan));
        var kitchen = new KitchenGuess(1 + (SizeSd * Normal(random)), HiddenOffsetC, 1, Normal(random), 1);
        HeatRun[] truth = [.. Enumerable.Range(1, Math.Min(MostPieces, lot.Count)).Select(piece =>
            settings.Of(lot, piece).Bake(kitchen, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)], stopAtColdestC: 95).Follow(GridLevel.Quick))];
        if (Seed == AiredSeed)
        {
            foreach (int at in AirMinutes)
            {
                tell(at, new AirRead(new(Math.Round(plan.OvenSetting.ToTemperature().Celsius + HiddenOffsetC + (AirSdC * Normal(random))), TemperatureUnit.Celsius)));
            }
        }

        int minute = Math.Max(5, (int)Math.Round(forecast.Of(lot.Id).Ready.MedianMinutes) - BeforeMinutes);
        for (int check = 1; ; check++)
        {
            double[] showsC = [.. truth.Select(run => Math.Round(run.At(60 * minute).ColdestC + (TipSdC * Normal(random)), 1))];
            tell(minute, new Measured(new PieceRef(lot.LotId, 1), new(showsC[0], TemperatureUnit.Celsius)));
            bool isHot = showsC.All(celsius => celsius >= lot.Goal.CoreC);
            for (int piece = 2; piece <= truth.Length && (isHot || check == MostChecks); piece++)
            {
                tell(minute, new Measured(new PieceRef(lot.LotId, piece), new(showsC[piece - 1], TemperatureUnit.Celsius)));
            }

            if (isHot || check == MostChecks)
            {
                return minute;
            }

            minute += AgainMinutes;
        }
    }

    /// <summary>What the household says at table, as it was: by what the meat and the vegetables got.</summary>
    private void Table(TrayPlan plan, TrayForecast forecast, BakeEstimate estimate, int outMinutes, Action<Happening> tell)
    {
        tell(new Eaten());
        tell(new Rated(RatingOf.Meat, outMinutes > (forecast.Of(plan.Chicken[0].Id).Good?.PastMinutes ?? double.MaxValue) ? Rating.Beyond : Rating.Right));
        tell(new Rated(RatingOf.Outside, Seed % 5 == 0 ? Rating.Below : Rating.Right));
        foreach (VegetableGot got in BakeFacts.Of(estimate.Told, forecast, estimate).Got)
        {
            tell(new Rated(RatingOf.Vegetable, got.Share < WantedShare / NotNoticed ? Rating.Below : got.Share > WantedShare * NotNoticed ? Rating.Beyond : Rating.Right, new(got.Lot)));
        }

        tell(new Rated(RatingOf.Timing, outMinutes > forecast.PullMinutes + LateMinutes ? Rating.Beyond : Rating.Right));
        if (NextTime is not null)
        {
            tell(new ForNextTime(NextTime));
        }
    }

    /// <summary>They like their vegetables soft, and do not mind a quarter.</summary>
    private const double WantedShare = 1.25;
    private const double NotNoticed = 1.25;
    private const int LateMinutes = 7;

    private static double Normal(Random random) => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
