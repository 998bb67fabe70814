namespace AmberSpoon.Devices;

/// <summary>Read from the command line: <c>--Kitchen http://127.0.0.1:5230 --Faults true</c>.</summary>
internal sealed record DeviceSettings
{
    /// <summary>The kitchen server.</summary>
    public Uri Kitchen { get; init; } = new("http://127.0.0.1:5230");

    /// <summary>Put the tray that is planned into the oven where none is in.</summary>
    public bool Start { get; init; }

    /// <summary>Which kitchen is simulated: the same seed is the same truth.</summary>
    public int Seed { get; init; } = 1;

    /// <summary>Tips pop out, wires stick, sockets get wet.</summary>
    public bool Faults { get; init; }

    /// <summary>A cook with a quick thermometer measures what is asked for.</summary>
    public bool Cook { get; init; }

    /// <summary>Kitchen time between two samples of a probe, s; longer where the kitchen's clock runs fast.</summary>
    public double SampleS { get; init; } = 2;
}
