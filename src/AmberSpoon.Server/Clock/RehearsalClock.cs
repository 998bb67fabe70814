namespace AmberSpoon.Server.Clock;

/// <summary>
/// A clock that starts where it is told, runs faster than the wall's and can be moved on: for pictures, tests and rehearsals of
/// an evening. Not for real bakes: those use <see cref="TimeProvider.System"/>.
/// </summary>
/// <param name="startsAt">Where it starts.</param>
/// <param name="pace">Seconds of the kitchen in a second of the wall.</param>
internal sealed class RehearsalClock(DateTimeOffset startsAt, double pace) : TimeProvider
{
    /// <summary>An evening in a minute; faster, nobody could follow it.</summary>
    public const double HighestPace = 240;

    /// <summary>What tells an open page that its own clock has to run faster.</summary>
    public const string PaceHeader = "Kitchen-Pace";

    private readonly long _startedStamp = System.GetTimestamp();
    private long _movedTicks;

    public double Pace => pace;

    public override long TimestampFrequency => TimeSpan.TicksPerSecond;

    public override long GetTimestamp() => (long)(System.GetElapsedTime(_startedStamp).Ticks * pace) + Interlocked.Read(ref _movedTicks);

    public override DateTimeOffset GetUtcNow() => startsAt.AddTicks(GetTimestamp());

    /// <summary>Lets time pass at once.</summary>
    public void Move(TimeSpan on) => Interlocked.Add(ref _movedTicks, on.Ticks);

    /// <summary>The wall's clock unless a rehearsal is asked for.</summary>
    /// <exception cref="ArgumentOutOfRangeException">A pace that is not from 1 to <see cref="HighestPace"/>.</exception>
    public static TimeProvider Of(Startup.KitchenSettings settings)
    {
        if (settings.ClockPace is not (>= 1 and <= HighestPace))
        {
            throw new ArgumentOutOfRangeException(nameof(settings), $"--Kitchen:ClockPace is from 1 to {HighestPace}.");
        }

        return settings.ClockStartsAt is null && settings.ClockPace == 1
            ? System
            : new RehearsalClock(settings.ClockStartsAt ?? System.GetUtcNow(), settings.ClockPace);
    }
}
