namespace AmberSpoon.Server.Live;

/// <summary>What a change was about; an open page asks again for that.</summary>
public enum KitchenTopic
{
    Tray,
    Oven,
    Probes,
    Log,
    Prep,
    Marinades,
    Kitchen,
    Evening,
}
