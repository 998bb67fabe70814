namespace AmberSpoon.Core.Doneness.Goals;

/// <summary>How tender a vegetable is wanted.</summary>
public enum Tenderness
{
    /// <summary>With some bite left.</summary>
    WithBite,

    Tender,

    /// <summary>Soft all through.</summary>
    Soft,
}
