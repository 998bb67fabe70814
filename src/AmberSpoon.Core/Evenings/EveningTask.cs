using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Prep.Order;

namespace AmberSpoon.Core.Evenings;

/// <summary>One thing of an evening as the cook knows it. When it can be done is its <see cref="Job"/>'s affair.</summary>
/// <param name="Kind">What it is about.</param>
/// <param name="Title">What to do, short.</param>
/// <param name="Touches">What hands and board meet.</param>
/// <param name="Job">How long it takes, what it needs, and what waits for it.</param>
public sealed record EveningTask(TaskKind Kind, string Title, Touches Touches, Job Job)
{
    /// <summary>How; perhaps empty.</summary>
    public string Detail { get; init; } = string.Empty;

    /// <summary>The steps at the counter that it is made of, in their order; their keys are what is ticked.</summary>
    public IReadOnlyList<WorkStep> Steps { get; init; } = [];

    /// <summary>Of a side: which.</summary>
    public Sides.SideKind? Side { get; init; }

    public string Key => Job.Key;
}
