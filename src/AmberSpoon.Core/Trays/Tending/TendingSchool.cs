namespace AmberSpoon.Core.Trays.Tending;

/// <summary>What a cook holds right about tending; schools disagree, and each is supported (common practice).</summary>
/// <param name="Heat">How the oven is run.</param>
/// <param name="Turning">How often pieces are turned.</param>
/// <param name="Basting">How often they are brushed.</param>
/// <param name="DrainsJuices">Juices are poured off to brown the meat, or left to dry up.</param>
public sealed record TendingSchool(HeatSchool Heat, HowOften Turning, HowOften Basting, bool DrainsJuices);

/// <summary>How the oven is run.</summary>
public enum HeatSchool
{
    /// <summary>One temperature throughout.</summary>
    Steady,

    /// <summary>Hot at first, then lower.</summary>
    TwoStage,

    /// <summary>Foil at first, then open to crisp.</summary>
    CoveredThenOpen,

    /// <summary>Top heat for the last minutes.</summary>
    GrillFinish,
}

/// <summary>How often something is done.</summary>
public enum HowOften
{
    Never,
    Once,
    Often,
}
