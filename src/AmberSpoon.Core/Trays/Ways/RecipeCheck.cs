using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Ways;

/// <summary>What a recipe's temperature and time would do to these pieces.</summary>
public static class RecipeCheck
{
    /// <summary>Ovens that a cook would set for pieces on a tray, °C (common practice): cooler ones leave skin pale and take all evening.</summary>
    private const double CoolestC = 165;
    private const double HottestC = 245;

    /// <param name="plan">The tray; its own steps and later additions are left out.</param>
    /// <param name="oven">The recipe's oven.</param>
    /// <param name="minutes">The recipe's time.</param>
    /// <param name="then">Where the recipe turns the dial on the way: "425 °F for 30 min, then 350 °F".</param>
    public static RecipeOutcome Of(TrayPlan plan, EnteredTemperature oven, int minutes, IReadOnlyList<RecipeStage>? then = null)
    {
        IReadOnlyList<RecipeStage> stages = then ?? [];
        TrayPlan recipe = AllAtOnce(plan) with
        {
            OvenSetting = oven,
            Steps = [.. stages.OrderBy(stage => stage.AfterMinutes).Select(stage => new PlannedStep(StepKind.Lower, stage.AfterMinutes, stage.Oven))],
        };
        var settings = new LotSettings(recipe, Layout.TrayArranger.Arrange(recipe));
        IReadOnlyDictionary<int, GoodWindow> windows = TrayWindows.Of(recipe, settings);
        PlaceStage[] places = [new(BakePlace.Oven, 60 * minutes)];
        RecipeLot[] lots =
        [
            .. recipe.Chicken.Select(lot =>
            {
                CurvePoint then = GuessEnsemble.Follow(settings.Of(lot), KitchenGuess.Nominal, places).At(60 * minutes);
                MiddleState state = lot.Goal.StateAt(then.ColdestC, then.CookMinutes);

                // Far above its goal is not past: dark meat is the better for it.
                bool isStillGood = state == MiddleState.Beyond && !(windows[lot.Id].PastMinutes <= minutes);
                return new RecipeLot(lot.Id, true, then, isStillGood ? MiddleState.AtTarget : state, SurfaceColours.Of(then.Browning));
            }),
            .. recipe.Vegetables.Select(lot =>
            {
                CurvePoint then = GuessEnsemble.Follow(settings.Of(lot), KitchenGuess.Nominal, places).At(60 * minutes);
                return new RecipeLot(lot.Id, false, then, lot.SoftGoal().StateAt(then.ColdestC, then.CookMinutes), SurfaceColours.Of(then.Browning));
            }),
        ];
        double? ready = Ready(recipe);

        // Of an oven that changes on the way no single other setting would say the same.
        double? other = stages.Count == 0 ? BestOvenC(recipe, minutes) : null;
        return new(minutes, oven, lots, ready, (Stretch(recipe, windows, lots, minutes) ?? Advice(plan, oven, minutes, ready, other)) + StillHard(recipe, windows, minutes));
    }

    /// <summary>Where all of the chicken is safe by the recipe's time: how long it is good, and what is past by then; null where it is not.</summary>
    private static string? Stretch(TrayPlan recipe, IReadOnlyDictionary<int, GoodWindow> windows, IReadOnlyList<RecipeLot> lots, int minutes)
    {
        GoodWindow[] chicken = [.. recipe.Chicken.Select(lot => windows[lot.Id])];
        if (chicken.Length == 0 || chicken.Any(window => !(window.OpensMinutes + 3 < minutes)))
        {
            return null;
        }

        double from = chicken.Max(window => window.OpensMinutes!.Value);
        double? until = chicken.Min(window => window.PastMinutes);
        string good = until is { } last
            ? FormattableString.Invariant($"The chicken is good from about {Math.Ceiling(from):0} to {Math.Floor(last):0} min")
            : FormattableString.Invariant($"The chicken is good from about {Math.Ceiling(from):0} min on");
        ChickenLot[] past = [.. recipe.Chicken.Where(lot => windows[lot.Id].PastMinutes <= minutes)];
        bool onlySkin = past.All(lot => lots.First(then => then.Lot == lot.Id).Then.ColdestC < LotWindow.PastCoreC(lot)
            && lots.First(then => then.Lot == lot.Id).Colour == SurfaceColour.Burnt);
        string names = string.Join(" and the ", past.Select(lot => CutTable.For(lot.Cut).Plural));
        return until is { } end && from > end ? null
            : past.Length > 0 && onlySkin ? $"{good}; at the recipe’s {minutes} min the skin of the {names} is past, the meat is not: foil over it in time keeps it."
            : past.Length > 0 ? $"{good}; at the recipe’s {minutes} min the {names} are past."
            : $"{good}, so the recipe’s {minutes} min fit. Measure all the same.";
    }

    /// <summary>Vegetables that the recipe leaves hard; of a tray without chicken the advice is about them already.</summary>
    private static string StillHard(TrayPlan recipe, IReadOnlyDictionary<int, GoodWindow> windows, int minutes)
    {
        string[] hard =
        [
            .. recipe.Vegetables.Where(lot => recipe.Chicken.Count > 0 && !(windows[lot.Id].OpensMinutes <= minutes))
                .Select(lot => windows[lot.Id].OpensMinutes is { } at
                    ? FormattableString.Invariant($"{LotNames.Of(recipe, lot)} (about {Math.Ceiling(at):0} min)")
                    : $"{LotNames.Of(recipe, lot)} (not in this oven)"),
        ];
        return hard.Length == 0 ? string.Empty : $" Not tender by then: {string.Join(", ", hard)}.";
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
        double low = CoolestC;
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

/// <summary>Where a recipe turns the dial.</summary>
/// <param name="AfterMinutes">Minutes after the food went in.</param>
/// <param name="Oven">What to.</param>
public sealed record RecipeStage(int AfterMinutes, EnteredTemperature Oven);

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
