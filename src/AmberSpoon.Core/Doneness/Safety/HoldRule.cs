namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>A temperature that is enough once it has been held, seen on the thermometer all the while.</summary>
/// <param name="Limit">At or above this.</param>
/// <param name="Seconds">For this long.</param>
public sealed record HoldRule(PublishedLimit Limit, int Seconds);
