namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>
/// One stretch of an evening that is begun once and runs through. It knows no food: what it is to a cook is an
/// <see cref="EveningTask"/>. Dinner is minute 0, and everything counts back from it.
/// </summary>
/// <param name="Key">Its name, which no other job of the evening has.</param>
/// <param name="Minutes">How long it takes, min: 0 or more.</param>
public sealed record Job(string Key, int Minutes)
{
    /// <summary>What it has to itself, and when.</summary>
    public IReadOnlyList<Need> Needs { get; init; } = [];

    /// <summary>What may begin only once this has ended.</summary>
    public IReadOnlyList<JobLink> Then { get; init; } = [];

    /// <summary>It begins exactly so long before dinner, min; below 0 for after it. Null where it may be moved.</summary>
    public int? PinnedBefore { get; init; }

    /// <summary>It ends at most so long before dinner, min: what it makes does not keep for longer.</summary>
    public int KeepsMinutes { get; init; } = int.MaxValue;

    /// <summary>Hands may leave it for a pinned job and come back: it needs nothing but hands, all the time.</summary>
    public bool CanPause { get; init; }
}

/// <param name="Key">The job that comes later.</param>
/// <param name="WaitMinutes">At least so long after the end of the one before, min.</param>
public readonly record struct JobLink(string Key, int WaitMinutes);
