using AmberSpoon.Core.Evenings.Sides;

namespace AmberSpoon.Core.Evenings;

/// <summary>What was decided for an evening beyond its tray. It holds no answers.</summary>
/// <param name="Sides">What stands beside the tray.</param>
/// <param name="Cooks">Whose hands there are: 1 or 2.</param>
/// <param name="Rings">How many rings of the hob are free: 1 to 6.</param>
/// <param name="Pace">How long this cook takes with knife and bowl, as a share of the usual; null for as long as was learnt.</param>
/// <param name="Done">What was ticked off, and when, the first first.</param>
public sealed record EveningChoice(IReadOnlyList<SideDish> Sides, int Cooks, int Rings, double? Pace, IReadOnlyList<DoneTask> Done)
{
    /// <summary>When one of them is not at the stove, in order of time.</summary>
    public IReadOnlyList<AwaySpan> Away { get; init; } = [];

    public const int MostAway = 20;
    public const int MostDone = 200;
    public const int MostSides = 8;
    public const int MostCooks = 2;
    public const int MostRings = 6;
    public const double QuickestPace = 0.5;
    public const double SlowestPace = 2.5;

    /// <summary>How long its cooks take this evening, as a share of the usual.</summary>
    /// <param name="learnt">What was learnt of them; null where nothing was.</param>
    public double PaceBy(double? learnt) => Pace ?? (learnt is { } share ? Math.Clamp(share, QuickestPace, SlowestPace) : 1);

    public static EveningChoice Usual { get; } = new([], Cooks: 1, Rings: 4, Pace: null, Done: []);
}

/// <param name="Title">What it is.</param>
/// <param name="From">From when.</param>
/// <param name="To">Until when.</param>
public sealed record AwaySpan(string Title, DateTimeOffset From, DateTimeOffset To);

/// <param name="Key">A task, or a step of one.</param>
/// <param name="At">When it was done.</param>
public sealed record DoneTask(string Key, DateTimeOffset At)
{
    /// <summary>How long hands were at it, where the ticks before it tell; null where they do not.</summary>
    public TaskSpan? Took { get; init; }
}

/// <param name="UsualMinutes">What the task usually takes, min.</param>
/// <param name="TookMinutes">What it took, min.</param>
public sealed record TaskSpan(double UsualMinutes, double TookMinutes);
