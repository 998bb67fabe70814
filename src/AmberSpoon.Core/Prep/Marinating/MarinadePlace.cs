namespace AmberSpoon.Core.Prep.Marinating;

public enum MarinadePlace
{
    Fridge,

    /// <summary>Known so that it can be warned of.</summary>
    Counter,
}
