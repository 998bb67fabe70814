namespace AmberSpoon.Core.Trays.Coats;

/// <summary>When a coat goes on, in the order in which it can.</summary>
public enum CoatTime
{
    /// <summary>The meat lies in it, or under it, for a while before it is baked.</summary>
    Before,

    /// <summary>Pushed under the skin.</summary>
    UnderSkin,

    /// <summary>Just before it goes in.</summary>
    On,

    /// <summary>At a minute of the bake.</summary>
    AtMinute,

    /// <summary>Once the juices have been poured off.</summary>
    AfterDraining,

    /// <summary>On the plate.</summary>
    AtTable,
}
