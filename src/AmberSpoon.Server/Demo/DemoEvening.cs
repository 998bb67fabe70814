using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Demo;

/// <summary>An evening of the invented household, predicted and judged by the code that serves a real cook.</summary>
/// <param name="StartedAt">When the tray went in.</param>
/// <param name="Plan">The tray.</param>
/// <param name="Note">What was seen at the end, or null.</param>
/// <param name="Readings">What was measured, in order of time.</param>
internal sealed record DemoEvening(DateTimeOffset StartedAt, TrayPlan Plan, string? Note, IReadOnlyList<DemoReading> Readings)
{
    /// <summary>The tray leaves the oven at the last readings and is eaten after its rest.</summary>
    public Task WriteInto(BakeBook book, CancellationToken cancel)
    {
        DateTimeOffset start = BookTime(StartedAt);
        TrayForecast forecast = TrayForecaster.Forecast(Plan);
        List<BakeEvent> events = [];
        Add(start, new Started());
        TrayCourses courses = TrayCourses.Of(BakeState.Fold(Plan, events), forecast, 0, KitchenPrior.Usual);
        foreach (IGrouping<int, DemoReading> check in Readings.GroupBy(reading => reading.Minute))
        {
            DateTimeOffset at = start.AddMinutes(check.Key);
            foreach (DemoReading reading in check)
            {
                var lot = new LotId(reading.Lot);
                int slowest = courses.Lots[lot].Curves.Slowest;
                int piece = reading.IsSlowest ? slowest : slowest == 1 ? 2 : 1;
                Add(at, new Measured(new PieceRef(lot, piece), new(reading.Celsius, TemperatureUnit.Celsius)));
            }

            BakeState state = BakeState.Fold(Plan, events);
            TrayVerdict verdict = new BakeEstimate(TrayCourses.Of(state, forecast, 60 * check.Key, KitchenPrior.Usual), 60 * check.Key).Verdict!;
            Add(at, new Said(verdict.Kind, verdict.Reason, verdict.NextCheckInMinutes is { } minutes ? at.AddMinutes(minutes) : null));
        }

        DateTimeOffset outAt = start.AddMinutes(Readings[^1].Minute);
        if (Note is not null)
        {
            Add(outAt, new Noted(Note));
        }

        Add(outAt, new Resting());
        Add(outAt.AddMinutes(Plan.RestMinutes), new Finished());
        BakeState end = BakeState.Fold(Plan, events);
        return book.Add(
            new BakeRow
            {
                Id = Guid.CreateVersion7(start),
                Plan = Plan,
                Forecast = forecast,
                StartedAt = start,
                FinishedAt = end.Clock.Wall(end.FinishedS!.Value),
                Verdict = end.LastSaid?.Verdict,
                LastSeq = end.Seq,
            },
            events,
            cancel);

        void Add(DateTimeOffset at, Happening what) => events.Add(new(events.Count + 1, Guid.CreateVersion7(at), at, what));
    }

    private static DateTimeOffset BookTime(DateTimeOffset moment) => BakeBook.WholeMilliseconds(moment);
}

/// <param name="Minute">Minutes after the tray went in.</param>
/// <param name="Lot">Which lot.</param>
/// <param name="IsSlowest">Its slowest piece, or another.</param>
/// <param name="Celsius">What the thermometer showed.</param>
internal sealed record DemoReading(int Minute, int Lot, bool IsSlowest, double Celsius);
