namespace AmberSpoon.Core.Trays;

/// <summary>Where the tray stands.</summary>
public enum BakePlace
{
    Oven,
    Worktop,
}
