using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>A plan as it arrives, anything possibly missing; <see cref="TrayPlanValidator"/> says what is wrong.</summary>
/// <param name="TargetCore">The goal of lots of chicken that have none of their own; without it each cut has its usual one.</param>
public sealed record TrayPlanRequest(
    string? Name = null,
    IReadOnlyList<ChickenLotRequest>? Chicken = null,
    IReadOnlyList<VegetableLotRequest>? Vegetables = null,
    IReadOnlyList<VesselRequest>? Vessels = null,
    OvenMode? OvenMode = null,
    TemperatureRequest? OvenSetting = null,
    IReadOnlyList<StepRequest>? Steps = null,
    ProfileId? Profile = null,
    TemperatureRequest? TargetCore = null,
    int? RestMinutes = null,
    DateTimeOffset? EatAt = null,
    IReadOnlyList<SpotRequest>? Spots = null,
    TemperatureRequest? OvenAtStart = null,
    int? StayUntilMinutes = null,
    OvenRequest? Oven = null)
{
    /// <summary>The plan of a request that was found valid.</summary>
    public TrayPlan ToPlan() => new(
        Name!.Trim(),
        [.. Chicken!.Select(lot => lot.ToLot(TargetCore?.ToEntered(), OvenSetting!.Unit!.Value))],
        [.. Vegetables!.Select(lot => lot.ToLot())],
        [.. Vessels!.Select(vessel => vessel.ToVessel())],
        OvenMode!.Value,
        OvenSetting!.ToEntered(),
        [.. Steps!.Select(step => step.ToStep()).OrderBy(step => step.AtMinutes)],
        Profile!.Value,
        RestMinutes!.Value,
        EatAt,
        [.. (Spots ?? []).Select(spot => spot.ToSpot())])
    {
        OvenAtStart = OvenAtStart?.ToEntered(),
        StayUntilMinutes = StayUntilMinutes,
        Oven = Oven?.ToOven(),
    };
}

public sealed record ChickenLotRequest(
    int? Id = null,
    Cut? Cut = null,
    bool? SkinOn = null,
    Coating? Coating = null,
    SizesRequest? Sizes = null,
    LengthRequest? Height = null,
    StartingPoint? StartFrom = null,
    int? Vessel = null,
    int? AddAtMinutes = null,
    bool? LeavesWhenDone = null,
    bool? SkinDown = null,
    CoreGoalRequest? Goal = null,
    MassRequest? Filling = null,
    bool? PartlySkinned = null,
    SearRequest? Sear = null,
    IReadOnlyList<CoatRequest>? Coats = null,
    bool? IsNestled = null)
{
    /// <summary>Its stack of coats; a lot that names one coating only has that.</summary>
    public IReadOnlyList<LotCoat> ToCoats() => Coats is { } coats ? [.. coats.Select(coat => coat.ToCoat())] : Coating is { } one and not Core.Food.Coating.Oil ? [one] : [];

    /// <param name="shared">The goal of lots without their own, or null.</param>
    /// <param name="unit">The unit in which a cut's usual goal is said.</param>
    public ChickenLot ToLot(EnteredTemperature? shared, TemperatureUnit unit) => new(
        Id!.Value,
        Cut!.Value,
        SkinOn!.Value,
        ToCoats(),
        Sizes!.ToSizes(),
        Height?.ToEntered(),
        StartFrom!.Value,
        Vessel!.Value,
        AddAtMinutes!.Value,
        LeavesWhenDone!.Value,
        SkinDown!.Value,
        Goal?.ToGoal() ?? (shared is null ? CoreGoal.Usual(Cut!.Value, unit) : new CoreGoal(shared)))
    {
        Filling = Filling?.ToEntered(),
        PartlySkinned = PartlySkinned ?? false,
        Sear = Sear?.ToSear(),
        IsNestled = IsNestled ?? false,
    };
}

/// <summary>One coat of a lot, innermost first.</summary>
public sealed record CoatRequest(
    Coating? Kind = null, CoatTime? When = null, string? Mix = null, int? AtMinutes = null, int? SoakMinutes = null, bool? IsScrapedOff = null, string? Name = null)
{
    public LotCoat ToCoat() => new(Kind!.Value, When ?? LotCoat.UsualTime(Kind.Value), Mix)
    {
        Name = Mix is null ? null : Name,
        AtMinutes = When == CoatTime.AtMinute ? AtMinutes : null,
        SoakMinutes = When == CoatTime.Before ? SoakMinutes : null,
        IsScrapedOff = IsScrapedOff ?? false,
    };
}

/// <param name="Minutes">Both sides together.</param>
/// <param name="Pan">In what.</param>
public sealed record SearRequest(double? Minutes = null, Pan? Pan = null)
{
    public PanSear ToSear() => new(Minutes!.Value, Pan!.Value);
}

/// <param name="Core">Where the coldest middle should get to.</param>
/// <param name="HoldSeconds">And stay for so long, s; left out for not at all.</param>
public sealed record CoreGoalRequest(TemperatureRequest? Core = null, int? HoldSeconds = null)
{
    public CoreGoal ToGoal() => new(Core!.ToEntered(), HoldSeconds ?? 0);
}

public sealed record SizesRequest(
    SizeBasis? Basis = null, int? Count = null, MassRequest? Mass = null, double? SpreadPercent = null, IReadOnlyList<MassRequest>? Each = null)
{
    public PieceSizes ToSizes() => new(
        Basis!.Value,
        Basis == SizeBasis.EachPiece ? Each!.Count : Count!.Value,
        Basis is SizeBasis.Pack or SizeBasis.Piece ? Mass!.ToEntered() : null,
        Basis == SizeBasis.Pack ? SpreadPercent!.Value : 0,
        Basis == SizeBasis.EachPiece ? [.. Each!.Select(mass => mass.ToEntered())] : []);
}

public sealed record VegetableLotRequest(
    int? Id = null,
    Vegetable? Kind = null,
    VegetableCut? Cut = null,
    LengthRequest? Size = null,
    MassRequest? Amount = null,
    VegetablePlace? Place = null,
    int? Vessel = null,
    int? AddAtMinutes = null,
    bool? LeavesWhenDone = null,
    Tenderness? Goal = null,
    int? Layers = null)
{
    public VegetableLot ToLot() => new(
        Id!.Value, Kind!.Value, Cut!.Value, Size!.ToEntered(), Amount!.ToEntered(), Place!.Value, Vessel!.Value, AddAtMinutes!.Value, LeavesWhenDone!.Value, Goal ?? Tenderness.Tender)
    {
        Layers = Layers ?? 1,
    };
}

public sealed record VesselRequest(
    VesselKind? Kind = null, LengthRequest? Width = null, LengthRequest? Depth = null, bool? Rack = null, bool? Parchment = null, double? WaterMl = null,
    TrayMaterial? MadeOf = null, OvenShelf? Shelf = null, bool? PanBeneath = null)
{
    public Vessel ToVessel() => new(
        Kind!.Value,
        Kind == VesselKind.Custom ? Width!.ToEntered() : null,
        Kind == VesselKind.Custom ? Depth!.ToEntered() : null,
        Rack!.Value,
        Parchment!.Value,
        WaterMl!.Value)
    {
        MadeOf = MadeOf,
        Shelf = Shelf,
        PanBeneath = PanBeneath ?? false,
    };
}

public sealed record StepRequest(StepKind? Kind = null, int? AtMinutes = null, TemperatureRequest? Setting = null, int? ForMinutes = null, OvenShelf? Shelf = null, int? Vessel = null)
{
    public PlannedStep ToStep() => new(
        Kind!.Value,
        AtMinutes!.Value,
        Kind is StepKind.Lower or StepKind.Grill ? Setting?.ToEntered() : null,
        Kind == StepKind.Grill ? ForMinutes!.Value : null,
        Kind is StepKind.Grill or StepKind.Shelf ? Shelf : null)
    {
        Vessel = Kind == StepKind.Shelf ? Vessel ?? 0 : 0,
    };
}

public sealed record SpotRequest(
    int? Lot = null, int? Index = null, int? Vessel = null, double? XMm = null, double? YMm = null, int? AngleDegrees = null, bool? IsPinned = null)
{
    public Spot ToSpot() => new(Lot!.Value, Index!.Value, Vessel!.Value, XMm!.Value, YMm!.Value, AngleDegrees!.Value, IsPinned!.Value);
}

public sealed record MassRequest(double? Value = null, MassUnit? Unit = null)
{
    public EnteredMass ToEntered() => new(Value!.Value, Unit!.Value);
}

public sealed record LengthRequest(double? Value = null, LengthUnit? Unit = null)
{
    public EnteredLength ToEntered() => new(Value!.Value, Unit!.Value);
}

public sealed record TemperatureRequest(double? Value = null, TemperatureUnit? Unit = null)
{
    public EnteredTemperature ToEntered() => new(Value!.Value, Unit!.Value);
}
