namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// Something that happens to one piece or to the oven round it at a moment, as the heat engine feels it. What a cook plans is a
/// <c>PlannedStep</c>: one swap of two trays is a different <see cref="MoveShelf"/> for the pieces of each.
/// </summary>
/// <param name="AtS">When, s since the food went in.</param>
public abstract record OvenStep(double AtS)
{
    /// <summary>How long the door stands open for it, s.</summary>
    public virtual double DoorOpenS => 0;
}

/// <summary>The dial is turned.</summary>
public sealed record SetOven(double AtS, double SetC) : OvenStep(AtS);

/// <summary>The oven is switched to another way of heating.</summary>
/// <param name="AtS">When, s since the food went in.</param>
/// <param name="Mode">Still, fan or grill.</param>
/// <param name="IsFull">Of the grill: its element glows all the time, whatever the dial says.</param>
public sealed record SwitchMode(double AtS, OvenMode Mode, bool IsFull = true) : OvenStep(AtS);

/// <summary>Just a look.</summary>
public sealed record OpenDoor(double AtS, double OpenS) : OvenStep(AtS)
{
    public override double DoorOpenS => OpenS;
}

/// <summary>Every piece is turned over.</summary>
public sealed record Turn(double AtS) : OvenStep(AtS)
{
    public override double DoorOpenS => HeatParameters.TurnSeconds.Value;
}

/// <summary>Juices, marinade or glaze are brushed or spooned on.</summary>
public sealed record Baste(double AtS) : OvenStep(AtS)
{
    /// <summary>Water it leaves on, kg/m².</summary>
    public double WaterKgPerM2 { get; init; } = HeatParameters.BasteWater.Value;

    /// <summary>How many times as fast the surface it reaches browns from then on.</summary>
    public double BrowningTimes { get; init; } = 1;

    public override double DoorOpenS => HeatParameters.BasteSeconds.Value;
}

/// <summary>Foil goes on, or comes off.</summary>
public sealed record SetCover(double AtS, Cover Cover) : OvenStep(AtS)
{
    public override double DoorOpenS => HeatParameters.CoverSeconds.Value;
}

/// <summary>Liquid is poured off the tray.</summary>
public sealed record Drain(double AtS) : OvenStep(AtS)
{
    public override double DoorOpenS => HeatParameters.TurnSeconds.Value;
}

/// <summary>The tray is moved to another shelf, or comes to share the oven.</summary>
/// <param name="AtS">When, s since the food went in.</param>
/// <param name="Place">What it sees from there.</param>
/// <param name="OpenS">How long the door stands open, s.</param>
public sealed record MoveShelf(double AtS, ShelfPlace Place, double OpenS) : OvenStep(AtS)
{
    public override double DoorOpenS => OpenS;
}

/// <summary>The tray comes out to rest.</summary>
public sealed record TakeOut(double AtS, RestKind Rest = RestKind.Open) : OvenStep(AtS);

/// <summary>The tray goes back into the oven.</summary>
public sealed record PutBack(double AtS) : OvenStep(AtS)
{
    public override double DoorOpenS => HeatParameters.LookSeconds.Value;
}

/// <summary>How food rests.</summary>
public enum RestKind
{
    Open,

    /// <summary>Under a loose tent of foil.</summary>
    Tented,

    /// <summary>In the parcel it was baked in.</summary>
    InParcel,
}
