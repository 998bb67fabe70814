using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Sides;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>What was decided for an evening, anything possibly missing; <see cref="EveningValidator"/> says what is wrong.</summary>
/// <param name="Sides">What stands beside the tray.</param>
/// <param name="Cooks">Whose hands there are.</param>
/// <param name="Rings">Free rings of the hob.</param>
/// <param name="Pace">How long this cook takes, as a share of the usual; null for as long as was learnt.</param>
public sealed record EveningRequest(IReadOnlyList<SideRequest>? Sides = null, int? Cooks = null, int? Rings = null, double? Pace = null)
{
    /// <summary>The choice of a request that was found valid.</summary>
    /// <param name="done">Ticks are set one by one, and stay.</param>
    public EveningChoice ToChoice(IReadOnlyList<DoneTask> done) => new([.. (Sides ?? []).Select(side => side.ToSide())], Cooks!.Value, Rings!.Value, Pace, done);
}

/// <param name="PrepareMinutes">Null for the usual.</param>
/// <param name="CookMinutes">Null for the usual, or for what the engine finds.</param>
/// <param name="KeepsMinutes">Null for the usual.</param>
public sealed record SideRequest(SideKind? Kind = null, int? PrepareMinutes = null, int? CookMinutes = null, int? KeepsMinutes = null)
{
    public SideDish ToSide() => new(Kind!.Value) { PrepareMinutes = PrepareMinutes, CookMinutes = CookMinutes, KeepsMinutes = KeepsMinutes };
}

/// <summary>A task of the evening, or a step of one, is done or not.</summary>
public sealed record DoneRequest(string? Key = null, bool? Done = null);

/// <param name="Text">A cook's own calendar (iCalendar).</param>
public sealed record CalendarRequest(string? Text = null);

/// <param name="EatAt">When dinner is to be; null for as soon as it can be.</param>
/// <param name="RestMinutes">The chicken rests for so long, and the tray goes in so much sooner, min; null for as long as it is planned.</param>
public sealed record DinnerRequest(DateTimeOffset? EatAt = null, int? RestMinutes = null);
