using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>The stored tray with its answer.</summary>
/// <param name="Plan">As the cook typed it.</param>
/// <param name="Version">Grows with each save; a start names it.</param>
/// <param name="Answer">What the plan leads to.</param>
/// <param name="EatAtHasPassed">The stored dinner time is gone; the answer is then for going in now.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
public sealed record TrayView(TrayPlan Plan, int Version, TrayAnswer Answer, bool EatAtHasPassed, DateTimeOffset Now);

/// <summary>What a plan leads to, on the clock and in the meat.</summary>
public sealed record TrayAnswer(
    TrayForecast Forecast,
    DinnerTiming Timing,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<Explanation> Why);
