namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>What only so many jobs can have at once.</summary>
public enum Resource
{
    /// <summary>A cook's two hands.</summary>
    Hands,

    /// <summary>Board and sink: raw meat on them, or what is eaten as it is, never both.</summary>
    Board,

    /// <summary>Rings of the hob.</summary>
    Hob,

    /// <summary>Shelves of the oven, all at one temperature.</summary>
    Shelf,
}
