using System.Collections.Concurrent;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>
/// Two thousand evenings: fifty random trays, each in forty kitchens whose truth comes from the engine, with cooks who measure
/// honestly and cooks who do not. "Serve" is never said while any piece, measured or not, is below the rule by more than the
/// thermometer's own error.
/// </summary>
public sealed class NeverOverRawMeatTests(ITestOutputHelper output)
{
    private const int Trays = 50;
    private const int Kitchens = 40;
    private const int Visits = 6;
    private const double InstrumentC = 1;

    private static readonly KitchenPrior Prior = KitchenPrior.Usual;

    [Fact]
    public void Serve_is_never_said_while_a_piece_is_short()
    {
        var failures = new ConcurrentBag<string>();
        int served = 0;
        int honest = 0;
        int honestReadings = 0;
        Parallel.For(0, Trays, tray =>
        {
            var random = new Random(1000 + tray);
            TrayPlan plan = RandomTrays.Next(random);
            TrayForecast forecast = TrayForecaster.Forecast(plan);
            BakeState began = BakeState.Fold(plan, [Log.First]);
            TrayCourses courses = TrayCourses.Of(began, forecast, 99 * 60, Prior);
            var settings = new LotSettings(plan, TrayArranger.Arrange(plan));
            for (int kitchen = 0; kitchen < Kitchens; kitchen++)
            {
                var own = new Random((1000 * tray) + kitchen);
                bool isHonest = kitchen % 2 == 0;
                var evening = new Evening(plan, forecast, courses, new HiddenKitchen(plan, settings, own, Prior), own, isHonest);
                string? wrong = evening.Run();
                if (wrong is not null)
                {
                    failures.Add($"tray {tray} kitchen {kitchen} {(isHonest ? "honest" : "dishonest")}: {wrong}");
                }

                if (evening.WasServed)
                {
                    Interlocked.Increment(ref served);
                    if (isHonest)
                    {
                        Interlocked.Increment(ref honest);
                        Interlocked.Add(ref honestReadings, evening.Readings);
                    }
                }
            }
        });
        output.WriteLine($"Served {served} of {Trays * Kitchens}; honest {honest}, with {(double)honestReadings / honest:0.0} readings each; wrongly {failures.Count}.");
        foreach (string failure in failures.Take(30))
        {
            output.WriteLine(failure);
        }

        Assert.Empty(failures);
        Assert.True(honest > 0.8 * Trays * Kitchens / 2, "A judge that never serves is no judge.");
    }

    private sealed class Evening(TrayPlan plan, TrayForecast forecast, TrayCourses courses, HiddenKitchen kitchen, Random random, bool isHonest)
    {
        private readonly List<BakeEvent> _told = [Log.First];
        private readonly double _limitC = SafetyProfiles.For(plan.Profile).Instant.Celsius;

        public bool WasServed { get; private set; }

        public int Readings { get; private set; }

        /// <returns>What was said wrongly, or null.</returns>
        public string? Run()
        {
            double atS = 60 * forecast.FirstCheckMinutes * (isHonest ? 0.9 : 0.4 + (0.7 * random.NextDouble()));
            for (int visit = 0; visit < Visits * (isHonest ? 3 : 1) && atS < 95 * 60; visit++)
            {
                BakeEstimate estimate = Estimate(atS);
                int most = isHonest ? 4 : 1 + random.Next(5);
                for (int n = 0; n < most && estimate.Verdict!.Kind != VerdictKind.Serve; n++)
                {
                    if (Next(estimate, atS) is not { } piece)
                    {
                        break;
                    }

                    Tell(atS, Log.Reading(piece.Lot.Value, piece.Piece, Shown(piece, atS)));
                    Readings++;
                    estimate = Estimate(atS);
                    if (!isHonest && estimate.Review.Readings[^1].IsOpenQuestion && random.Next(2) == 0)
                    {
                        Tell(atS, new Answered(estimate.Review.Readings[^1].Taken.Seq, Enum.GetValues<ReadingAnswer>()[random.Next(4)]));
                        estimate = Estimate(atS);
                    }
                }

                foreach (LotVerdict lot in estimate.Verdicts.Where(lot => lot.Kind == VerdictKind.Serve))
                {
                    foreach (PieceRef piece in kitchen.Pieces.Where(piece => piece.Lot == lot.Lot))
                    {
                        if (kitchen.HottestC(piece, atS) < _limitC - InstrumentC)
                        {
                            string told = string.Join(", ", estimate.Review.Readings.Where(reading => reading.Taken.Piece.Lot == lot.Lot).Select(reading => FormattableString.Invariant(
                                $"{reading.Taken.Piece.Piece}@{reading.Taken.AtS / 60:0}: {reading.Meant.CoreC:0.0}{(reading.IsBelieved ? string.Empty : "?")} true {kitchen.ColdestC(reading.Taken.Piece, reading.Taken.AtS):0.0}")));
                            return FormattableString.Invariant($"lot {lot.Lot} ({plan.Chicken.First(c => c.LotId == lot.Lot).Count}) at {atS / 60:0} min, piece {piece.Piece} was {kitchen.HottestC(piece, atS):0.0} °C; told {told}");
                        }
                    }
                }

                if (estimate.Verdict!.Kind == VerdictKind.Serve)
                {
                    WasServed = true;
                    return null;
                }

                atS += 60 * (isHonest ? Math.Clamp(estimate.Verdict.NextCheckInMinutes ?? 3, 2, 12) : 1 + random.Next(8));
            }

            return null;
        }

        private BakeEstimate Estimate(double atS) => new(courses.With(BakeState.Fold(plan, _told), atS), atS, isHindsight: false, _ => new(4, 0, 0));

        private void Tell(double atS, Happening what) => _told.Add(Log.At(_told.Count + 1, atS / 60, what));

        private PieceRef? Next(BakeEstimate estimate, double atS)
        {
            PieceRef[] asked = [.. estimate.Verdict!.MeasureNext.Select(next => new PieceRef(next.Lot, next.Piece)).Where(piece => IsIn(piece, atS))];
            PieceRef[] all = [.. kitchen.Pieces.Where(piece => IsIn(piece, atS))];
            return asked.Length > 0 && (isHonest || random.Next(5) > 0) ? asked[0] : all.Length == 0 ? null : all[random.Next(all.Length)];
        }

        private bool IsIn(PieceRef piece, double atS) => plan.Chicken.First(lot => lot.LotId == piece.Lot).AddAtMinutes * 60 < atS;

        /// <summary>What the thermometer is said to have shown.</summary>
        private double Shown(PieceRef piece, double atS)
        {
            double trueC = kitchen.ColdestC(piece, atS) + Math.Clamp(0.4 * HiddenKitchen.Normal(random), -InstrumentC, InstrumentC);
            if (isHonest || random.Next(3) > 0)
            {
                return Math.Round(trueC, 1);
            }

            PieceRef[] others = [.. kitchen.Pieces.Where(other => IsIn(other, atS))];
            double shownC = random.Next(6) switch
            {
                0 => (trueC * 1.8) + 32,
                1 => plan.OvenSetting.Value,
                2 => trueC + (random.NextDouble() * (kitchen.SurfaceC(piece, atS) - trueC)),
                3 => kitchen.ColdestC(others[random.Next(others.Length)], atS),
                4 => 110 * random.NextDouble(),
                _ => _told.Select(told => told.What).OfType<Measured>().LastOrDefault()?.Temperature.Value ?? trueC,
            };
            return Math.Round(Math.Clamp(shownC, -5, 250), 1);
        }
    }
}
