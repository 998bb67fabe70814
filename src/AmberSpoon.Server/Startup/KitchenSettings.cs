namespace AmberSpoon.Server.Startup;

/// <summary>Read from the section "Kitchen" of the configuration (command line: <c>--Kitchen:Data=…</c>).</summary>
public sealed record KitchenSettings
{
    /// <summary>Folder of the household's file.</summary>
    public string Data { get; init; } = "data";

    /// <summary>Fill an empty kitchen with the invented household.</summary>
    public bool Demo { get; init; }

    /// <summary>Rehearse at another time of day: the clock starts here and runs at the usual pace.</summary>
    public DateTimeOffset? ClockStartsAt { get; init; }

    public string File => Path.Combine(Data, "kitchen.db");
}
