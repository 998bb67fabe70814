using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>Tonight's plan as a recipe that can be given away.</summary>
public static class RecipeFromPlan
{
    /// <param name="plan">The tray.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <param name="mixes">What goes on the meat, each with what it is called and as it is made.</param>
    /// <param name="order">The order of work.</param>
    /// <param name="heads">How many it serves.</param>
    public static RecipeDocument Of(TrayPlan plan, TrayForecast forecast, IReadOnlyList<(string Name, ScaledMix Scaled)> mixes, IReadOnlyList<WorkStep> order, int heads)
    {
        TemperatureUnit unit = plan.OvenSetting.Unit;
        int outMinutes = forecast.Lots.Select(lot => lot.OutMinutes).DefaultIfEmpty(forecast.PullMinutes).Max();
        string rest = FormattableString.Invariant($"Rest {plan.RestMinutes} min. You {Aims(plan, unit)}. Serve only what your safety rule allows by a thermometer in the thickest middle, and follow local food-safety advice.");
        return new(
            plan.Name,
            [
                .. plan.Chicken.Select(lot => Line(lot.MassesG().Sum(), "g", Named(lot.Cut), FormattableString.Invariant($"{lot.Count} pieces, skin {(lot.SkinOn ? "on" : "off")}"))),
                .. plan.Vegetables.Select(lot => Line(lot.Amount.Grams(), "g", VegetableTable.For(lot.Kind).Name, FormattableString.Invariant($"{VegetableCuts.SizeMeans(lot.Cut)} {lot.Size.Millimetres():0} mm"))),
                .. mixes.SelectMany(mix => mix.Scaled.Parts.Select(part => MixLine(part) with { Section = SectionOf(mix.Name) })),
            ],
            [
                .. order.Select(step => step.Detail.Length > 0 ? $"{step.Title}. {step.Detail}" : $"{step.Title}."),
                FormattableString.Invariant($"{(plan.OvenMode == OvenMode.Grill ? "Grill" : "Bake")} at {plan.OvenSetting.ToTemperature().Say(unit)}{(plan.OvenMode == OvenMode.Fan ? " fan" : string.Empty)} for {outMinutes} minutes."),
                .. plan.HandSteps().Select(step => (step.AtMinutes, Line: StepLine(plan, step)))
                    .Concat(forecast.Lots.Where(lot => lot.InMinutes > 0).Select(lot => (AtMinutes: lot.InMinutes, Line: AtLine(lot.InMinutes, $"put the {NameOf(plan, lot.Lot)} in"))))
                    .Concat(forecast.Lots.Where(lot => lot.OutMinutes < outMinutes).Select(lot => (AtMinutes: lot.OutMinutes, Line: AtLine(lot.OutMinutes, $"take the {NameOf(plan, lot.Lot)} out"))))
                    .OrderBy(step => step.AtMinutes).Select(step => step.Line),
                rest,
            ])
        {
            Serves = heads,
            CookMinutes = forecast.EatMinutes,
            TotalMinutes = forecast.EatMinutes,
            Ovens = [new(plan.OvenSetting, plan.OvenMode == OvenMode.Fan)],
            BakeMinutes = outMinutes,
        };
    }

    /// <summary>A heading is letters only, as <see cref="RecipeReader"/> reads one.</summary>
    private static string SectionOf(string name)
    {
        string letters = new([.. name.Where(letter => char.IsLetter(letter) || letter is ' ' or '-').Take(LongestSection)]);
        return letters.Trim().ToLowerInvariant() is { Length: > 1 } section ? section : "mix";
    }

    private const int LongestSection = 38;

    /// <summary>"After 25 minutes: lower the oven to 180 °C."</summary>
    private static string StepLine(TrayPlan plan, PlannedStep step)
    {
        string what = step.Kind switch
        {
            StepKind.Coat => CoatLine(plan, step.Coats!),
            StepKind.Baste => "baste",
            StepKind.Turn => "turn the pieces over",
            StepKind.Rotate => "turn the tray back to front",
            StepKind.Swap => "swap the trays",
            StepKind.Shelf => "move the tray to another shelf",
            StepKind.Look => "have a look",
            StepKind.Cover => "cover with foil",
            StepKind.Uncover => "remove the foil",
            StepKind.Drain => "pour the juices off",
            StepKind.Lower => $"turn the oven to {step.Setting!.ToTemperature().Say(step.Setting.Unit)}",
            _ => FormattableString.Invariant($"grill for {step.ForMinutes} min"),
        };
        return AtLine(step.AtMinutes, what);
    }

    private static string AtLine(int minutes, string what) => minutes == 0 ? $"At the start: {what}." : FormattableString.Invariant($"After {minutes} minutes: {what}.");

    private static string NameOf(TrayPlan plan, int lot) => LotNames.Of(plan, new LotId(lot));

    private static string CoatLine(TrayPlan plan, IReadOnlyList<CoatRef> coats)
    {
        string said = CoatNames.PutOn(plan, coats);
        return char.ToLowerInvariant(said[0]) + said[1..];
    }

    private static string Aim(ChickenLot lot, TemperatureUnit unit) =>
        $"{lot.Goal.Core.ToTemperature().Say(unit)}{(lot.Goal.HoldSeconds > 0 ? FormattableString.Invariant($" held for {Math.Ceiling(lot.Goal.HoldSeconds / 60.0):0} min") : string.Empty)}";

    /// <summary>"aim for 74 °C", or of each lot where they differ: a wish, and no rule.</summary>
    private static string Aims(TrayPlan plan, TemperatureUnit unit)
    {
        string[] goals = [.. plan.Chicken.Select(lot => Aim(lot, unit)).Distinct()];
        return goals.Length < 2
            ? $"aim for {goals.FirstOrDefault("what your authority asks")}"
            : $"aim for {string.Join(" and ", plan.Chicken.Select(lot => $"{Aim(lot, unit)} in the {LotNames.Of(plan, lot)}"))}";
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
