namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>What a kitchen thermometer in or near food can show.</summary>
public static class ReadingLimits
{
    public const double LowestC = -5;
    public const double HighestC = 250;

    /// <summary>
    /// Meat that still holds water does not get hotter than water boils, °C with a little room for the thermometer:
    /// above it the tip is in air, in fat or on the tray.
    /// </summary>
    public const double HottestMeatC = 103;
}
