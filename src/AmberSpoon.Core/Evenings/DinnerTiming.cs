namespace AmberSpoon.Core.Evenings;

/// <summary>The clock times of one bake, worked back from dinner or forward from now.</summary>
/// <param name="OvenOnAt">When to switch the oven on.</param>
/// <param name="InAt">When the tray goes in.</param>
/// <param name="FirstCheckAt">When to look first.</param>
/// <param name="OutEarliestAt">Out by then in one kitchen of ten.</param>
/// <param name="OutAt">When it comes out.</param>
/// <param name="OutLatestAt">Out by then in nine kitchens of ten.</param>
/// <param name="EatAt">After the rest.</param>
public sealed record DinnerTiming(
    DateTimeOffset OvenOnAt,
    DateTimeOffset InAt,
    DateTimeOffset FirstCheckAt,
    DateTimeOffset OutEarliestAt,
    DateTimeOffset OutAt,
    DateTimeOffset OutLatestAt,
    DateTimeOffset EatAt);
