using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes;
using AmberSpoon.Formats.Recipes.ToKitchen;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Server.Stations.Prep;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Recipes;

/// <summary>Brings recipes in and gives plans away. What is refused leaves nothing behind.</summary>
internal sealed class RecipeDesk(TrayDesk trays, CommandBook commands, TrayShelf trayShelf, PrepShelf prepShelf, MixBook mixes, HouseholdShelf households, TrayPlanner planner, KitchenNews news)
{
    private const int LongestCheckMinutes = 240;

    public async Task<RecipeUnderstood> Understand(RecipeText request, CancellationToken cancel)
    {
        RecipeReading reading = Asker.WhileWaiting(() => Read(request, cancel), cancel);
        try
        {
            RecipeTranslation made = RecipeTranslation.Of(reading.Recipe, EmptyTray.Of((await households.Stored(cancel)).Household));
            return new(reading.Recipe, reading.NotUnderstood, made.Plan, made.Mixes, made.LeftOut);
        }
        catch (RecipeFormatException none)
        {
            return new(reading.Recipe, [.. reading.NotUnderstood, none.Message], null, [], []);
        }
    }

    public async Task<RecipeMade> Use(RecipeText request, CommandHead head, CancellationToken cancel)
    {
        RecipeReading reading = Asker.WhileWaiting(() => Read(request, cancel), cancel);
        TrayPlan empty = EmptyTray.Of((await households.Stored(cancel)).Household);
        RecipeTranslation made = Refusing(() => RecipeTranslation.Of(reading.Recipe, empty));
        TrayPlan plan = Asker.WhileWaiting(() => Laid(made.Plan), cancel);
        int trayId = await commands.Once(
            head.CommandId,
            () => prepShelf.AddRecipe(
                trayShelf,
                made.Mixes,
                rows => Numbered(plan, rows),
                PrepChoice.Usual with { Heads = Math.Clamp(reading.Recipe.Serves ?? PrepChoice.Usual.Heads, 1, PrepLimits.MostHeads) },
                cancel),
            cancel);
        TrayRow tray = await trays.Find(trayId, cancel);
        await news.TrayChanged(tray.Id, tray.Version);
        await news.Changed(KitchenTopic.Prep);
        return new(tray.Id, tray.Plan.Name, [.. tray.Plan.Chicken.SelectMany(lot => lot.Coats).Select(coat => coat.Mix).OfType<string>().Distinct()], Asker.WhileWaiting(() => Check(plan, reading.Recipe, made.BakeMinutes), cancel));
    }

    /// <summary>A tray, its mix and its order of work as JSON-LD.</summary>
    public async Task<(string Name, string Json)> Give(int trayId, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        if (tray.Plan.IsEmpty)
        {
            throw ProblemException.InvalidField("chicken", "Put something on the tray first.");
        }

        PrepChoice choice = await prepShelf.Choice(trayId, cancel);
        (TrayComputed? found, string? trouble) = trays.Answered(tray);
        TrayComputed computed = found ?? throw ProblemException.Conflict("id", trouble ?? "There is nothing on this tray yet.");
        WorkPlan work = PrepPlanner.Work(tray.Plan, choice, await mixes.Listed(cancel), computed.Forecast) with { Units = (await households.Stored(cancel)).Household.Units() };
        KitchenMeasures measures = await prepShelf.Measures(cancel);
        return (tray.Plan.Name, RecipeWriter.Write(RecipeFromPlan.Of(
            tray.Plan,
            computed.Forecast,
            [.. work.Bowls.Select(bowl => (bowl.Mix.Name, MixScaler.Scale(bowl.Mix, MeatToCoat.Of(bowl.Lots), measures, work.ServeG.GetValueOrDefault(bowl.Id))))],
            WorkOrder.Of(work),
            choice.Heads)));
    }

    /// <summary>The tray with its coats named by the numbers that their mixes have now.</summary>
    private static TrayPlan Numbered(TrayPlan plan, IReadOnlyList<MixRow> rows)
    {
        Dictionary<string, string> ids = rows.Select((row, i) => (Said: RecipeTranslation.IdOf(i), row.Id)).ToDictionary(mix => mix.Said, mix => MixBook.OwnId(mix.Id), StringComparer.Ordinal);
        return plan with
        {
            Chicken = [.. plan.Chicken.Select(lot => lot with { Coats = [.. lot.Coats.Select(coat => coat with { Mix = coat.Mix is { } said ? ids.GetValueOrDefault(said, said) : null })] })],
        };
    }

    /// <summary>Laid out; where one tray is too small, vegetables go on a second.</summary>
    private TrayPlan Laid(TrayPlan plan)
    {
        bool isFull = plan.Vegetables.Count > 0 && TrayArranger.Arrange(plan).Vessels.Any(vessel => vessel.IsOverfull);
        TrayPlan roomy = isFull ? plan.WithVegetablesApart() : plan;
        return planner.Answer(roomy, KitchenUnits.Usual)?.Plan ?? roomy;
    }

    /// <summary>The recipe's own oven and time, stage by stage, tried on its tray.</summary>
    private static RecipeOutcome? Check(TrayPlan plan, RecipeDocument recipe, int? bakeMinutes) => recipe.Ovens.Count > 0 && bakeMinutes is > 0 and <= LongestCheckMinutes
        ? RecipeCheck.Of(
            plan,
            plan.OvenSetting,
            bakeMinutes.Value,
            [.. plan.Steps.Where(step => step.Kind == StepKind.Lower && step.AtMinutes < bakeMinutes).Select(step => new RecipeStage(step.AtMinutes, step.Setting!))])
        : null;

    private static RecipeReading Read(RecipeText request, CancellationToken cancel) => Refusing(() => RecipeReader.Read(request.Text ?? string.Empty, cancel));

    private static T Refusing<T>(Func<T> read)
    {
        try
        {
            return read();
        }
        catch (RecipeFormatException refused)
        {
            throw ProblemException.InvalidField("text", refused.Message);
        }
    }
}
