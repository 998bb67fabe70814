namespace AmberSpoon.Core.Food;

/// <summary>What the app knows about a vegetable before the cook says anything. Lengths in mm.</summary>
/// <param name="Kind">Which vegetable.</param>
/// <param name="Name">Plain name, lower case, as one buys several.</param>
/// <param name="Made">What it is made of (USDA food composition tables, from memory).</param>
/// <param name="Cuts">How it may be cut; the first is offered.</param>
/// <param name="AcrossMm">Diameter of an ordinary one, mm.</param>
/// <param name="Usual">The case it was calibrated at.</param>
/// <param name="TenderCookMinutes">
/// Cook value (see <see cref="Doneness.Kinetics.CookValue"/>) at which its middle is tender, min: calibrated once, so that the usual
/// case at 210 °C in a still oven is tender a quarter into its usual time: cooks wait for tender and for golden, and tender comes first.
/// Potatoes a little sooner, at 35.5 min: on a sheet of their own cooks also name 30 to 40.
/// </param>
/// <param name="Patience">How many times that cook value it bears before it is too soft.</param>
public sealed record VegetableFacts(
    Vegetable Kind,
    string Name,
    Composition Made,
    IReadOnlyList<VegetableCut> Cuts,
    double AcrossMm,
    UsualRoast Usual,
    double TenderCookMinutes,
    double Patience)
{
    /// <summary>Length over diameter.</summary>
    public double Slender { get; init; } = 1.2;

    /// <summary>Thickness of the flesh of a hollow one, mm.</summary>
    public double? WallMm { get; init; }

    /// <summary>Share of its volume that is air.</summary>
    public double AirShare { get; init; }

    /// <summary>How much faster than bare meat it browns: by its sugar.</summary>
    public double Browning { get; init; } = 1;

    /// <summary>The size that is offered for a way of cutting, mm.</summary>
    public double UsualSizeMm(VegetableCut cut) => cut == Usual.Cut ? Usual.SizeMm : cut switch
    {
        VegetableCut.Cube => 25,
        VegetableCut.Coin => 15,
        VegetableCut.Stick => 12,
        VegetableCut.Wedge => 30,
        _ => AcrossMm,
    };
}

/// <summary>The time a vegetable usually takes, cut as said, at 200 to 220 °C on an open tray (common practice).</summary>
/// <param name="Cut">How it is cut.</param>
/// <param name="SizeMm">How large, mm.</param>
/// <param name="LowMinutes">At the quickest, min.</param>
/// <param name="HighMinutes">At the slowest, min.</param>
public sealed record UsualRoast(VegetableCut Cut, double SizeMm, double LowMinutes, double HighMinutes);
