using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Trays;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Puts a plan, its forecast and the clock together.</summary>
internal sealed class TrayPlanner(TimeProvider time)
{
    /// <summary>The answer for a plan being saved.</summary>
    /// <exception cref="ProblemException">
    /// 400 when this oven never gets there, or dinner is in the past, too soon or too far ahead. Too soon carries
    /// <c>earliestEatAt</c>, so the page can offer it.
    /// </exception>
    public TrayAnswer Answer(TrayPlan plan)
    {
        TrayForecast forecast = Forecast(plan);
        if (plan.EatAt is not { } eatAt)
        {
            return AnswerAt(plan, forecast, null);
        }

        DateTimeOffset now = time.GetUtcNow().ToOffset(eatAt.Offset);
        if (eatAt > now.AddDays(TrayPlanLimits.FurthestEatAtDays))
        {
            throw ProblemException.InvalidField("eatAt", $"Plan dinner within the next {TrayPlanLimits.FurthestEatAtDays} days.");
        }

        DateTimeOffset earliest = DinnerScheduler.EarliestEatAt(now, forecast);
        if (DinnerScheduler.BackFrom(eatAt, forecast).InAt < now.AddMinutes(-1))
        {
            string sentence = eatAt <= now
                ? $"{eatAt:HH:mm} has passed. If the tray goes into a hot oven now, dinner is at {earliest:HH:mm}."
                : $"{eatAt:HH:mm} is too soon for these pieces. If the tray goes into a hot oven now, dinner is at {earliest:HH:mm}.";
            throw ProblemException.InvalidField("eatAt", sentence, new Dictionary<string, object?> { ["earliestEatAt"] = earliest });
        }

        return AnswerAt(plan, forecast, eatAt);
    }

    /// <summary>The answer for a stored plan, which time may have overtaken.</summary>
    public TrayView View(TrayRow row)
    {
        TrayForecast forecast = Forecast(row.Plan);
        DateTimeOffset now = time.GetUtcNow();
        bool passed = row.Plan.EatAt is { } eatAt && DinnerScheduler.BackFrom(eatAt, forecast).InAt < now.AddMinutes(-1);
        return new(row.Plan, row.Version, AnswerAt(row.Plan, forecast, passed ? null : row.Plan.EatAt), passed, now);
    }

    public static TrayForecast Forecast(TrayPlan plan) => TrayForecaster.Forecast(plan)
        ?? throw ProblemException.InvalidField(
            "ovenSetting.value",
            $"At {plan.OvenSetting.ToTemperature().Say(plan.OvenSetting.Unit)} the middle does not reach {plan.TargetCore.ToTemperature().Say(plan.TargetCore.Unit)} within four hours. Choose a hotter oven.");

    private TrayAnswer AnswerAt(TrayPlan plan, TrayForecast forecast, DateTimeOffset? eatAt) => new(
        forecast,
        eatAt is { } dinner ? DinnerScheduler.BackFrom(dinner, forecast) : DinnerScheduler.From(time.GetUtcNow(), forecast),
        TrayCautions.For(plan),
        ForecastReasons.For(plan, forecast));
}
