namespace AmberSpoon.Core.Prep.Order;

/// <summary>One thing to do at the counter.</summary>
/// <param name="Key">A word that stays the same while the plan stays the same, so that a tick stays where it was put.</param>
/// <param name="Touches">What hands and board meet.</param>
/// <param name="Title">What to do, short enough to read from two metres.</param>
/// <param name="Detail">How; perhaps empty.</param>
/// <param name="Hand">Which hand, at a crumb station.</param>
public sealed record WorkStep(string Key, Touches Touches, string Title, string Detail, Hand Hand = Hand.Any)
{
    /// <summary>How long it takes, min (common practice).</summary>
    public double Minutes { get; init; } = 1;

    /// <summary>How long the meat then lies where it was put, min; 0 where work goes on at once.</summary>
    public int WaitMinutes { get; init; }
}

/// <summary>What a step touches, from cleanest to rawest.</summary>
public enum Touches
{
    /// <summary>Soap, hot water, hands, board, knife and sink.</summary>
    Wash,

    /// <summary>Eaten as it is: a sauce set aside, garnish, herbs, cheese.</summary>
    ReadyToEat,

    /// <summary>Jars, bags and bottles that go back to the shelf.</summary>
    Stores,

    /// <summary>Vegetables, oven, trays: cooked before it is eaten, but clean.</summary>
    ToBeCooked,

    /// <summary>Raw meat or raw egg, and whatever has met it.</summary>
    Raw,
}

/// <summary>Which hand works, where one must stay clean.</summary>
public enum Hand
{
    Any,

    /// <summary>The one that holds meat and binder.</summary>
    Wet,

    /// <summary>The one that only ever touches crumb, jars and the tap.</summary>
    Dry,
}
