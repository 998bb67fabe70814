namespace AmberSpoon.Core.Heat.Climate;

/// <summary>One oven as it is set tonight.</summary>
/// <param name="Mode">Still, fan or grill.</param>
/// <param name="SetC">What the dial says, °C.</param>
public sealed record OvenTraits(OvenMode Mode, double SetC)
{
    /// <summary>True oven less dial, °C of difference.</summary>
    public double OffsetC { get; init; }

    /// <summary>How much better than ordinary the oven gives off its heat.</summary>
    public double ExchangeFactor { get; init; } = 1;

    /// <summary>How much more than ordinary surfaces evaporate.</summary>
    public double EvaporationFactor { get; init; } = 1;

    /// <summary>
    /// How far the thermostat lets the air swing to either side, °C. Forecasts leave it out: the middle follows the mean.
    /// </summary>
    public double SwingC { get; init; }

    /// <summary>Length of one swing, s.</summary>
    public double SwingPeriodS { get; init; } = 480;

    /// <summary>The oven's air and walls when the food goes in, °C; null where it is as hot as it is set.</summary>
    public double? StartC { get; init; }

    /// <summary>What the vessel sees from its shelf.</summary>
    public ShelfPlace Place { get; init; } = ShelfPlace.Usual;

    /// <exception cref="HeatInputException">Out of range.</exception>
    internal void Validate()
    {
        HeatInputException.RequireWithin("oven.setC", SetC, 30, 320);
        HeatInputException.RequireWithin("oven.startC", StartC ?? SetC, 0, 320);
        HeatInputException.RequireWithin("oven.offsetC", OffsetC, -60, 60);
        HeatInputException.RequireWithin("oven.exchangeFactor", ExchangeFactor, 0.05, 4);
        HeatInputException.RequireWithin("oven.evaporationFactor", EvaporationFactor, 0, 3);
        HeatInputException.RequireWithin("oven.swingC", SwingC, 0, 40);
        HeatInputException.RequireWithin("oven.swingPeriodS", SwingPeriodS, 60, 3600);
    }
}
