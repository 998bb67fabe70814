using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>What a careful friend would say about a plan before the oven is on.</summary>
public static class TrayCautions
{
    /// <summary>A goal this near the rule's number is the rule's number, °C.</summary>
    private const double NearC = 0.1;

    public static IReadOnlyList<string> For(TrayPlan plan, TrayForecast forecast, KitchenUnits units)
    {
        var cautions = new List<string>();
        if (plan.Chicken.Any(lot => lot.StartFrom == StartingPoint.Counter))
        {
            cautions.Add("Keep raw chicken out for 2 hours at most, 1 hour when the kitchen is above 32 °C (90 °F).");
        }

        cautions.AddRange(plan.Chicken.Where(lot => lot.Piece(lot.MassesG()[0]).FillingShare > TrayPlanLimits.UsualMostFillingShare).Select(lot =>
            $"So much filling tears the {LotNames.Of(plan, lot)}: about a quarter of their mass fits. Close them with picks, and measure in the filling."));
        cautions.AddRange(plan.Chicken.Where(lot => lot.Sear is not null).Select(lot =>
            $"Seared is not cooked: the {LotNames.Of(plan, lot)} go from the pan straight into the hot oven, and the plate they lay on raw is washed."));
        if (KeptIn(plan, forecast) is { } kept)
        {
            cautions.Add(kept);
        }

        cautions.AddRange(plan.Chicken.Select(lot => SlowComeUp(plan, lot, forecast.Of(lot.Id), units)).OfType<string>());
        SafetyProfile profile = SafetyProfiles.For(plan.Profile);
        if (profile.Caution is { } caution && plan.Chicken.Count > 0)
        {
            cautions.Add(caution);
        }

        cautions.AddRange(plan.Chicken.Select(lot => BelowTheRule(plan, lot, profile, forecast.Of(lot.Id))).OfType<string>());
        return cautions;
    }

    /// <summary>Germs grow between these, °C; 6 h there at most, on the way up (USDA FSIS Appendix A, 50 to 130 °F; from memory).</summary>
    private const double GrowthFromC = 10;
    private const double GrowthUntilC = 54;
    private const double MostGrowthHours = 6;

    /// <summary>Worth saying from here, h: no ordinary oven takes so long.</summary>
    private const double SlowHours = 0.75;

    /// <summary>Worth saying from here, min.</summary>
    private const int KeptLong = 5;

    /// <summary>That the plan keeps the tray in for longer than its food needs, and what is past by then; null where it does not.</summary>
    private static string? KeptIn(TrayPlan plan, TrayForecast forecast)
    {
        LotForecast[] staying = [.. forecast.Lots.Where(lot => lot.OutMinutes == forecast.PullMinutes)];
        double needed = staying.Select(lot => lot.Ready.MedianMinutes).DefaultIfEmpty(forecast.PullMinutes).Max();
        double longer = forecast.PullMinutes - Math.Ceiling(needed);
        if (forecast.PullMinutes != plan.KeptInMinutes || longer < KeptLong)
        {
            return null;
        }

        string[] past = [.. staying.Where(lot => lot.Good?.PastMinutes < forecast.PullMinutes).Select(lot => NameOf(plan, lot.Lot))];
        string why = plan.StayUntilMinutes == plan.KeptInMinutes ? "as you asked" : "until its last step is done";
        return $"The tray stays in for {forecast.PullMinutes} min, {why}: {longer:0} min longer than its food needs.{(past.Length > 0 ? $" By then past their best: {string.Join(" and ", past)}." : string.Empty)}";
    }

    private static string NameOf(TrayPlan plan, int lot) => LotNames.Of(plan, new LotId(lot));

    /// <summary>How long its coldest meat is lukewarm, where that is long; null where it is not.</summary>
    private static string? SlowComeUp(TrayPlan plan, ChickenLot lot, LotForecast forecast, KitchenUnits units)
    {
        double from = forecast.Curve.FirstOrDefault(point => point.ColdestC >= GrowthFromC)?.Minutes ?? forecast.InMinutes;

        // In a slow kitchen, so that the hours said are rather too many.
        double until = forecast.Curve.FirstOrDefault(point => point.ColdestLowC >= GrowthUntilC)?.Minutes ?? forecast.OutMinutes;
        double hours = (until - from) / 60.0;
        if (hours < SlowHours)
        {
            return null;
        }

        return FormattableString.Invariant(
            $"The middle of the {LotNames.Of(plan, lot)} may be between {units.Say(new(GrowthFromC))} and {units.Say(new(GrowthUntilC))} for {hours:0.0} h. {MostGrowthHours:0} h are the most that authorities allow: straight from the fridge into a hot oven, door shut, and ask yours.");
    }

    /// <summary>What will become of a goal below the rule's number; null where the goal is at it.</summary>
    private static string? BelowTheRule(TrayPlan plan, ChickenLot lot, SafetyProfile profile, LotForecast forecast)
    {
        if (lot.Goal.CoreC >= profile.AimC - NearC)
        {
            return null;
        }

        TemperatureUnit unit = lot.Goal.Core.Unit;
        SafetyRule rule = profile.RuleFor(lot.IsStuffed);
        string goal = lot.Goal.Core.ToTemperature().Say(unit);
        string aim = rule.Everyday.Say(unit);
        string lots = LotNames.Of(plan, lot);
        if (rule.HoldAt(lot.Goal.Core) is { } hold)
        {
            string held = Phrases.Hold(hold.Seconds);
            return lot.Goal.HoldSeconds >= hold.Seconds
                ? $"The {lots} at {goal} pass only when every piece is seen at {hold.Limit.Say(unit)} or more for {held}: keep the thermometer in, and enter what it shows every 3 min."
                : $"{goal} for the {lots} passes the {profile.Name} rule only when held at {hold.Limit.Say(unit)} or more for {held}, measured all the while. Plan that hold, or aim for {aim}.";
        }

        return forecast.PeakC >= profile.AimC
            ? $"{goal} for the {lots} counts on the rest to reach {aim}. You will be asked for a second reading before serving."
            : $"{goal} for the {lots} will not pass: the {profile.Name} rule asks {aim}{(lot.IsStuffed && profile.Holds.Count > 0 ? " of stuffed meat" : string.Empty)}. Aim for that{(CanHold(lot, profile) ? ", or follow the time and temperature rule and measure the hold" : string.Empty)}.";
    }

    /// <summary>Lean meat is what is held at a lower temperature.</summary>
    private static bool CanHold(ChickenLot lot, SafetyProfile profile) =>
        profile.Id != ProfileId.TimeAndTemperature && !lot.IsStuffed && !CutTable.For(lot.Cut).IsDark
        && SafetyProfiles.For(ProfileId.TimeAndTemperature).RuleFor(isStuffed: false).HoldAt(lot.Goal.Core) is not null;
}
