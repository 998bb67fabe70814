using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;

namespace AmberSpoon.Server.Stations.Kitchen;

/// <summary>A kitchen as it was typed; null where nothing, or nothing readable, was.</summary>
public sealed record HouseholdRequest(
    TemperatureUnit? Temperature = null,
    MassUnit? Mass = null,
    LengthUnit? Length = null,
    ClockFace? Clock = null,
    IReadOnlyList<OvenRequest>? Ovens = null,
    TemperatureRequest? Dial = null,
    IReadOnlyList<OwnedVesselRequest>? Vessels = null,
    ThermometerKind? Thermometer = null,
    ProfileId? Profile = null,
    int? Heads = null,
    IReadOnlyList<string>? Cooks = null,
    TemperatureRequest? ProbeLimit = null)
{
    /// <summary>The kitchen of a request that was found valid.</summary>
    public Household ToHousehold() => new(
        Temperature!.Value,
        Mass!.Value,
        Length!.Value,
        Clock!.Value,
        [.. Ovens!.Select(oven => oven.ToOven())],
        Dial!.ToEntered(),
        [.. Vessels!.Select(owned => new OwnedVessel(owned.Name!.Trim(), owned.Vessel!.ToVessel()))],
        Thermometer!.Value,
        Profile!.Value,
        Heads!.Value,
        [.. (Cooks ?? []).Select(name => name.Trim())],
        IsSaid: true)
    {
        ProbeLimit = Thermometer is ThermometerKind.LeaveIn or ThermometerKind.Both ? ProbeLimit?.ToEntered() : null,
    };
}

public sealed record OwnedVesselRequest(string? Name = null, VesselRequest? Vessel = null);
