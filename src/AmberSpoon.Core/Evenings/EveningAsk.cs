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
    /// <summary>What an act at the oven is called.</summary>
    public Func<PlannedStep, string> ActName { get; init; } = step => step.Kind.ToString();

    /// <summary>How long a frozen pack lies in the fridge first, min; 0 where nothing is frozen.</summary>
    public int ThawMinutes { get; init; }

    /// <summary>How long a side of the oven takes there, min, by its place in the list; left out where it says so itself.</summary>
    public IReadOnlyDictionary<int, int> SideMinutes { get; init; } = new Dictionary<int, int>();

    /// <summary>When another evening has a cook's hands, as minutes before this dinner: its begin, and its end.</summary>
    public IReadOnlyList<(int BeginsBefore, int EndsBefore)> Elsewhere { get; init; } = [];

    /// <summary>How long its cooks take at the counter by what was learnt, as a share of the usual; null where nothing was.</summary>
    public double? LearntPace { get; init; }

    /// <summary>How long they take this evening, as a share of the usual.</summary>
    public double Pace => Choice.PaceBy(LearntPace);

    public TrayPlan Plan => Work.Plan;

    /// <summary>The tray is in an oven that the app follows: what happens there is not planned here.</summary>
    public bool OvenLeads { get; init; }

    /// <summary>When the tray was ticked to be in; null while it is not, and where the oven leads.</summary>
    public DateTimeOffset? TickedInAt => OvenLeads ? null : Choice.Done.Where(done => done.Key == EveningTasks.InKey).Select(done => (DateTimeOffset?)done.At).FirstOrDefault();

    /// <summary>So many trays can be in the oven at once.</summary>
    public int Shelves => Math.Max(Plan.Vessels.Count, Plan.Oven?.Shelves ?? HouseOven.MostShelves);

    /// <summary>The tray goes in so long before dinner, min.</summary>
    public int InBefore => Forecast.EatMinutes;
}
