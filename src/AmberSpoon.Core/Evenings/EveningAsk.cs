using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Evenings;

/// <summary>All that an evening's tasks follow from.</summary>
/// <param name="Work">The tray and what was decided at the counter.</param>
/// <param name="Prep">The latter.</param>
/// <param name="Forecast">What the tray leads to.</param>
/// <param name="Choice">What was decided for the evening.</param>
public sealed record EveningAsk(WorkPlan Work, PrepChoice Prep, TrayForecast Forecast, EveningChoice Choice)
{
    /// <summary>Below this an oven is not on, °C.</summary>
    private const double ColdC = 40;

    /// <summary>What an act at the oven is called.</summary>
    public Func<PlannedStep, string> ActName { get; init; } = step => step.Kind.ToString();

    /// <summary>How long a frozen pack lies in the fridge first, min; 0 where nothing is frozen.</summary>
    public int ThawMinutes { get; init; }

    /// <summary>How long a side of the oven takes there, min, by its place in the list; left out where it says so itself.</summary>
    public IReadOnlyDictionary<int, int> SideMinutes { get; init; } = new Dictionary<int, int>();

    /// <summary>When another evening has a cook's hands, as minutes before this dinner: its begin, and its end.</summary>
    public IReadOnlyList<(int BeginsBefore, int EndsBefore)> Elsewhere { get; init; } = [];

    public TrayPlan Plan => Work.Plan;

    /// <summary>The oven is on so long before the food goes in, min; 0 where it goes into a cold one.</summary>
    public int PreheatMinutes => (Plan.OvenAtStart ?? Plan.OvenSetting).ToTemperature().Celsius is var celsius && celsius < ColdC ? 0 : HouseOven.PreheatTo(Plan.Oven, celsius);

    /// <summary>The tray goes in so long before dinner, min.</summary>
    public int InBefore => Forecast.EatMinutes;
}
