namespace AmberSpoon.Core.Heat.Climate;

/// <summary>Where in the oven a vessel stands.</summary>
public enum OvenShelf
{
    /// <summary>Near the roof, where food is grilled.</summary>
    TopThird,

    Middle,

    /// <summary>Near the floor, which glows in a still oven.</summary>
    Low,
}
