namespace AmberSpoon.Server.Clock;

/// <summary>
/// A clock that runs at the usual pace from another starting point: for pictures and rehearsals of an evening at
/// another time of day. Not for real bakes.
/// </summary>
internal sealed class ShiftedTimeProvider(DateTimeOffset startsAt) : TimeProvider
{
    private readonly TimeSpan _shift = startsAt - System.GetUtcNow();

    public override DateTimeOffset GetUtcNow() => System.GetUtcNow() + _shift;
}
