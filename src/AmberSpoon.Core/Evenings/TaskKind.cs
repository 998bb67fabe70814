namespace AmberSpoon.Core.Evenings;

/// <summary>What a task of an evening is about.</summary>
public enum TaskKind
{
    /// <summary>Clean work at the counter.</summary>
    Counter,

    /// <summary>Raw meat, and the wash after it.</summary>
    Meat,

    /// <summary>Meat that thaws, lies in a marinade, or loses its chill: nobody has to do anything.</summary>
    Cold,

    /// <summary>The oven gets hot.</summary>
    Preheat,

    /// <summary>The tray goes in.</summary>
    Load,

    /// <summary>Something is done at the running oven.</summary>
    Tend,

    /// <summary>The tray comes out and every lot is measured.</summary>
    Measure,

    /// <summary>The meat rests.</summary>
    Rest,

    /// <summary>Something beside the tray.</summary>
    Side,

    /// <summary>Onto plates.</summary>
    Plate,

    /// <summary>It is eaten.</summary>
    Eat,

    /// <summary>What is left goes into the fridge.</summary>
    PutAway,
}
