namespace AmberSpoon.Server.Startup;

/// <summary>Read from the section "Kitchen" of the configuration (command line: <c>--Kitchen:Data=…</c>).</summary>
public sealed record KitchenSettings
{
    /// <summary>Folder of the household's file.</summary>
    public string Data { get; init; } = "data";

    /// <summary>Fill an empty kitchen with the invented household.</summary>
    public bool Demo { get; init; }

    /// <summary>How many evenings of the invented household stand in its log, the last ones.</summary>
    public int DemoEvenings { get; init; } = 24;

    /// <summary>Rehearse at another time of day: the clock starts here.</summary>
    public DateTimeOffset? ClockStartsAt { get; init; }

    /// <summary>Rehearse faster: seconds of the kitchen in a second of the wall, 1 to 240.</summary>
    public double ClockPace { get; init; } = 1;

    public string File => Path.Combine(Data, "kitchen.db");
}
