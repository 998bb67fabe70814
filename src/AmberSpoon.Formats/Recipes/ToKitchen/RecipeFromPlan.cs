using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>Tonight's plan as a recipe that can be given away.</summary>
public static class RecipeFromPlan
{
    /// <param name="plan">The tray.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <param name="mix">What goes on the meat, scaled; null for nothing.</param>
    /// <param name="order">The order of work.</param>
    /// <param name="heads">How many it serves.</param>
    public static RecipeDocument Of(TrayPlan plan, TrayForecast forecast, ScaledMix? mix, IReadOnlyList<WorkStep> order, int heads)
    {
        TemperatureUnit unit = plan.OvenSetting.Unit;
        string rest = FormattableString.Invariant($"Rest {plan.RestMinutes} min. Serve only what a thermometer in the thickest middle allows: {Aims(plan, unit)}, and follow local food-safety advice.");
        return new(
            plan.Name,
            [
                .. plan.Chicken.Select(lot => Line(lot.MassesG().Sum(), "g", Named(lot.Cut), FormattableString.Invariant($"{lot.Count} pieces, skin {(lot.SkinOn ? "on" : "off")}"))),
                .. plan.Vegetables.Select(lot => Line(lot.Amount.Grams(), "g", VegetableTable.For(lot.Kind).Name, FormattableString.Invariant($"{VegetableCuts.SizeMeans(lot.Cut)} {lot.Size.Millimetres():0} mm"))),
                .. mix?.Parts.Select(MixLine) ?? [],
            ],
            [
                .. order.Select(step => step.Detail.Length > 0 ? $"{step.Title}. {step.Detail}" : $"{step.Title}."),
                FormattableString.Invariant($"{(plan.OvenMode == OvenMode.Grill ? "Grill" : "Bake")} at {plan.OvenSetting.ToTemperature().Say(unit)}{(plan.OvenMode == OvenMode.Fan ? " fan" : string.Empty)} for {forecast.PullMinutes} minutes."),
                rest,
            ])
        {
            Serves = heads,
            CookMinutes = forecast.EatMinutes,
            TotalMinutes = forecast.EatMinutes,
            Ovens = [new(plan.OvenSetting, plan.OvenMode == OvenMode.Fan)],
            BakeMinutes = forecast.PullMinutes,
        };
    }

    /// <summary>"aim for 74 °C", or of each lot where they differ.</summary>
    private static string Aims(TrayPlan plan, TemperatureUnit unit)
    {
        string[] goals = [.. plan.Chicken.Select(lot => lot.Goal.Core.ToTemperature().Say(unit)).Distinct()];
        return goals.Length < 2
            ? $"aim for {goals.FirstOrDefault("what your authority asks")}"
            : $"aim for {string.Join(" and ", plan.Chicken.Select(lot => $"{lot.Goal.Core.ToTemperature().Say(unit)} in the {CutTable.For(lot.Cut).Plural}"))}";
    }

    /// <summary>"bone-in chicken thighs": a recipe says whose thighs.</summary>
    private static string Named(Cut cut)
    {
        string plural = CutTable.For(cut).Plural;
        int last = plural.LastIndexOf(' ');
        return plural.Contains(" of ", StringComparison.Ordinal) || last < 0 ? $"chicken {plural}" : $"{plural[..last]} chicken{plural[last..]}";
    }

    private static IngredientLine Line(double amount, string unit, string name, string note) =>
        new($"{amount} {unit} {name}", Math.Round(amount, 3), Math.Round(amount, 3), unit, name, note);

    private static IngredientLine MixLine(ScaledPart scaled)
    {
        // One amount a line: in grams where two spoons are needed for it.
        Amount take = scaled.Take.Count == 1 || scaled.RoundedG is null ? scaled.Take[0] : new(scaled.RoundedG.Value, MeasureUnit.Gram);
        string note = scaled.Part.Known() is { Shelf: Shelf.RawEgg } ? "large" : string.Empty;
        return Line(take.Value, UnitWords.WordFor(take.Unit), scaled.Part.Name, note);
    }
}
