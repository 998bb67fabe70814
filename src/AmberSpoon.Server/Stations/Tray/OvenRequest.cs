using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>An oven of the kitchen, or the one that a plan bakes in, as it arrives; what is left out is as ordinary ovens are.</summary>
public sealed record OvenRequest(
    string? Name = null,
    OvenMode? Air = null,
    bool? HasGrill = null,
    TemperatureRequest? Lowest = null,
    TemperatureRequest? Highest = null,
    int? Shelves = null,
    DifferenceRequest? RunsHotBy = null,
    int? PreheatMinutes = null,
    LengthRequest? Width = null,
    LengthRequest? Depth = null)
{
    /// <summary>The oven of a request that <see cref="OvenRules"/> found nothing wrong with.</summary>
    public HouseOven ToOven() => new(Name!.Trim(), Air!.Value)
    {
        HasGrill = HasGrill ?? true,
        Lowest = Lowest?.ToEntered(),
        Highest = Highest?.ToEntered(),
        Shelves = Shelves ?? HouseOven.MostShelves,
        RunsHotBy = RunsHotBy?.ToEntered(),
        PreheatMinutes = PreheatMinutes ?? HouseOven.UsualPreheatMinutes,
        Width = Width?.ToEntered(),
        Depth = Depth?.ToEntered(),
    };
}

/// <param name="Value">Degrees of difference; below 0 for colder.</param>
public sealed record DifferenceRequest(double? Value = null, TemperatureUnit? Unit = null)
{
    public EnteredDifference ToEntered() => new(Value!.Value, Unit!.Value);
}
