using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Tests.Evenings;

/// <summary>Evenings to start a test from: their trays need as long as is said, so that every minute can be checked by hand.</summary>
internal static class Suppers
{
    public static DateTimeOffset Dinner { get; } = new(2026, 11, 27, 19, 0, 0, TimeSpan.FromHours(1));

    /// <summary>A tray all of whose food is out after so long.</summary>
    public static EveningAsk Of(TrayPlan plan, int outMinutes, int restMinutes = 5, int bandMinutes = 8, bool garnish = false, int soakMinutes = 60)
    {
        LotForecast[] lots = [.. plan.Chicken.Select(lot => (lot.Id, true)).Concat(plan.Vegetables.Select(lot => (lot.Id, false))).Select(lot => Lot(lot.Id, lot.Item2, outMinutes, bandMinutes))];
        var forecast = new TrayForecast(
            1, lots[0].Piece, lots[0].Ready, outMinutes, outMinutes - 8, restMinutes, 80, outMinutes + 2, outMinutes + restMinutes, new(1, outMinutes, 1, outMinutes), [], lots);
        return new(Counter.Work(plan, soakMinutes, garnish), PrepChoice.Usual, forecast, EveningChoice.Usual);
    }

    public static EveningAsk With(this EveningAsk ask, params SideKind[] sides) => ask with { Choice = ask.Choice with { Sides = [.. sides.Select(kind => new SideDish(kind))] } };

    public static EveningAsk Ticked(this EveningAsk ask, DateTimeOffset at, params string[] keys) =>
        ask with { Choice = ask.Choice with { Done = [.. ask.Choice.Done, .. keys.Select(key => new DoneTask(key, at))] } };

    /// <summary>Thighs in a marinade of so long before the oven.</summary>
    public static TrayPlan Marinated(int minutes) => Plans.Thighs.Coated(Counter.Coat("green-yogurt") with { When = CoatTime.Before, SoakMinutes = minutes });

    /// <summary>What begins when, "18:14 unwrap", in order of time; without what follows by itself.</summary>
    public static string[] Clock(this EveningPlan plan) =>
        [.. plan.Tasks.Where(task => task.Task.Kind is not (TaskKind.Rest or TaskKind.Eat or TaskKind.PutAway)).Select(task => $"{task.BeginsAt:HH:mm} {task.Task.Key}")];

    private static LotForecast Lot(int id, bool isChicken, int outMinutes, int bandMinutes) => new(
        id, isChicken, 1, new PieceSize(100, 60, 30, 150, 190), 165, 6, new(outMinutes - (bandMinutes / 2.0), outMinutes, outMinutes + (bandMinutes / 2.0)), outMinutes, [], 0, outMinutes, default, default, default, 0.2, 0.3, [])
    {
        Good = new(outMinutes - 5, outMinutes - 2, outMinutes + 10, outMinutes + 25),
    };
}
