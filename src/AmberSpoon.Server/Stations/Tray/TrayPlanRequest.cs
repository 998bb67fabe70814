using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>A plan as it arrives, anything possibly missing; <see cref="TrayPlanValidator"/> says what is wrong.</summary>
public sealed record TrayPlanRequest(
    string? Name = null,
    Cut? Cut = null,
    bool? SkinOn = null,
    int? Count = null,
    MassRequest? Mass = null,
    MassBasis? MassBasis = null,
    HeightRequest? Height = null,
    StartingPoint? StartFrom = null,
    OvenMode? OvenMode = null,
    TemperatureRequest? OvenSetting = null,
    ProfileId? Profile = null,
    TemperatureRequest? TargetCore = null,
    int? RestMinutes = null,
    DateTimeOffset? EatAt = null)
{
    /// <summary>The plan of a request that was found valid.</summary>
    public TrayPlan ToPlan() => new(
        Name!.Trim(),
        Cut!.Value,
        SkinOn!.Value,
        Count!.Value,
        new(Mass!.Value!.Value, Mass.Unit!.Value),
        MassBasis!.Value,
        Height is null ? null : new(Height.Value!.Value, Height.Unit!.Value),
        StartFrom!.Value,
        OvenMode!.Value,
        OvenSetting!.ToEntered(),
        Profile!.Value,
        TargetCore!.ToEntered(),
        RestMinutes!.Value,
        EatAt);
}

public sealed record MassRequest(double? Value = null, MassUnit? Unit = null);

public sealed record HeightRequest(double? Value = null, LengthUnit? Unit = null);

public sealed record TemperatureRequest(double? Value = null, TemperatureUnit? Unit = null)
{
    public EnteredTemperature ToEntered() => new(Value!.Value, Unit!.Value);
}
