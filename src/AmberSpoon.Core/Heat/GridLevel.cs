namespace AmberSpoon.Core.Heat;

/// <summary>How finely a piece is cut into cells and time into steps.</summary>
public enum GridLevel
{
    /// <summary>For how far doubts move an answer: differences of runs, never an answer itself.</summary>
    Rough,

    /// <summary>For differences between many runs: within about 1 °C.</summary>
    Quick,

    /// <summary>For answers: within 0.5 °C of a grid twice as fine.</summary>
    Normal,

    /// <summary>For checking the others: cells half as long as the normal ones, steps shorter.</summary>
    Fine,
}
