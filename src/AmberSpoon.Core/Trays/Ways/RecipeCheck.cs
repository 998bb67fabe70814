using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Ways;

/// <summary>What a recipe's temperature and time would do to these pieces.</summary>
public static class RecipeCheck
{
    private const double HottestC = 245;

    /// <param name="plan">The tray; its own steps and later additions are left out.</param>
    /// <param name="oven">The recipe's oven.</param>
    /// <param name="minutes">The recipe's time.</param>
    public static RecipeOutcome Of(TrayPlan plan, EnteredTemperature oven, int minutes)
    {
        TrayPlan recipe = AllAtOnce(plan) with { OvenSetting = oven };
        var settings = new LotSettings(recipe, Layout.TrayArranger.Arrange(recipe));
        PlaceStage[] stages = [new(BakePlace.Oven, 60 * minutes)];
        RecipeLot[] lots =
        [
            .. recipe.Chicken.Select(lot =>
            {
                CurvePoint then = GuessEnsemble.Follow(settings.Of(lot), KitchenGuess.Nominal, stages).At(60 * minutes);
                return new RecipeLot(lot.Id, true, then, lot.Goal.StateAt(then.ColdestC, then.CookMinutes), SurfaceColours.Of(then.Browning));
            }),
            .. recipe.Vegetables.Select(lot =>
            {
                CurvePoint then = GuessEnsemble.Follow(settings.Of(lot), KitchenGuess.Nominal, stages).At(60 * minutes);
                return new RecipeLot(lot.Id, false, then, lot.SoftGoal().StateAt(then.ColdestC, then.CookMinutes), SurfaceColours.Of(then.Browning));
            }),
        ];
        double? ready = Ready(recipe);
        return new(minutes, oven, lots, ready, Advice(plan, oven, minutes, ready, BestOvenC(recipe, minutes)));
    }

    private static TrayPlan AllAtOnce(TrayPlan plan) => plan with
    {
        Steps = [],
        Chicken = [.. plan.Chicken.Select(lot => lot with { AddAtMinutes = 0 })],
        Vegetables = [.. plan.Vegetables.Select(lot => lot with { AddAtMinutes = 0 })],
    };

    /// <summary>When the slowest chicken is done, or of a tray without chicken the slowest vegetable; null if never.</summary>
    private static double? Ready(TrayPlan plan)
    {
        TrayPlan leading = plan.Chicken.Count > 0 ? plan with { Vegetables = [.. plan.Vegetables.Where(lot => lot.Place == VegetablePlace.Under)] } : plan;
        try
        {
            return TrayForecaster.Forecast(leading, new LotSettings(leading, Layout.TrayArranger.Arrange(plan)), Care.BestGuess).ToTarget.MedianMinutes;
        }
        catch (LotNeverDoneException)
        {
            return null;
        }
    }

    /// <summary>The oven in which it is done at the recipe's time, °C; null where none within reach does.</summary>
    private static double? BestOvenC(TrayPlan plan, int minutes)
    {
        double low = TrayPlanLimits.LowestOvenC;
        double high = HottestC;
        if (ReadyAt(high) > minutes || ReadyAt(low) < minutes)
        {
            return null;
        }

        for (int i = 0; i < 5; i++)
        {
            double middle = (low + high) / 2;
            (low, high) = ReadyAt(middle) > minutes ? (middle, high) : (low, middle);
        }

        return high;

        double ReadyAt(double celsius) => Ready(plan with { OvenSetting = new(celsius, TemperatureUnit.Celsius) }) ?? double.PositiveInfinity;
    }

    private static string Advice(TrayPlan plan, EnteredTemperature oven, int minutes, double? ready, double? bestOvenC)
    {
        string other = bestOvenC is { } celsius
            ? $" Or set the oven to {Dial(celsius, oven.Unit)}."
            : string.Empty;
        string what = plan.Chicken.Count > 0 ? "the middle is done" : "all is tender";
        return ready switch
        {
            null => $"In this oven {what} not even after four hours.{other}",
            { } at when at > minutes + 1 => FormattableString.Invariant($"Leave it {Math.Ceiling(at - minutes):0} min longer: {what} after about {at:0} min.") + other,
            { } at when at < minutes - 3 => FormattableString.Invariant($"Look {Math.Floor(minutes - at):0} min sooner: {what} after about {at:0} min.") + other,
            _ => "The recipe’s time fits these pieces. Measure all the same.",
        };
    }

    private static string Dial(double celsius, TemperatureUnit unit) =>
        FormattableString.Invariant($"{5 * Math.Round(new Temperature(celsius).In(unit) / 5):0} {(unit == TemperatureUnit.Celsius ? "°C" : "°F")}");
}

/// <param name="Minutes">The recipe's time.</param>
/// <param name="Oven">The recipe's oven.</param>
/// <param name="Lots">What each lot is like then.</param>
/// <param name="ReadyMinutes">When the slowest chicken is really done; null if never.</param>
/// <param name="Advice">What to change, in a sentence or two.</param>
public sealed record RecipeOutcome(int Minutes, EnteredTemperature Oven, IReadOnlyList<RecipeLot> Lots, double? ReadyMinutes, string Advice);

/// <param name="Lot">The lot.</param>
/// <param name="IsChicken">Chicken, or a vegetable.</param>
/// <param name="Then">Its middle and surface at the recipe's time, with band.</param>
/// <param name="State">What the middle is like.</param>
/// <param name="Colour">And its upper side.</param>
public sealed record RecipeLot(int Lot, bool IsChicken, CurvePoint Then, MiddleState State, SurfaceColour Colour);
