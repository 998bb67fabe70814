using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>What a plan leads to for one lot. Minutes count from when the first food went in.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="IsChicken">Chicken, or a vegetable.</param>
/// <param name="Slowest">Which of its pieces is done last: of the heaviest the one that lies worst.</param>
/// <param name="Piece">Size of its heaviest piece.</param>
/// <param name="MassG">Mass of that, g.</param>
/// <param name="Pieces">How many pieces the lot has.</param>
/// <param name="Ready">When the heaviest piece is done: at the target, or tender.</param>
/// <param name="LightestReady">When the lightest is, min; the same as the median where all are alike.</param>
/// <param name="PieceReady">When each piece is, heaviest first, min: between the two by mass; empty for vegetables.</param>
/// <param name="InMinutes">When it goes in.</param>
/// <param name="OutMinutes">When it leaves the oven.</param>
/// <param name="State">What its middle is like when dinner is eaten.</param>
/// <param name="Colour">What its upper side looks like when it leaves.</param>
/// <param name="ColourUnder">The side it lay on.</param>
/// <param name="LossShare">Chicken: juice lost, as a share of its mass; vegetables: water lost.</param>
/// <param name="Crowding">Share of the space round it that neighbours take.</param>
/// <param name="Curve">A point a minute, from going in to dinner.</param>
public sealed record LotForecast(
    int Lot,
    bool IsChicken,
    int Slowest,
    PieceSize Piece,
    double MassG,
    int Pieces,
    TimeBand Ready,
    double LightestReady,
    IReadOnlyList<double> PieceReady,
    int InMinutes,
    int OutMinutes,
    MiddleState State,
    SurfaceColour Colour,
    SurfaceColour ColourUnder,
    double LossShare,
    double Crowding,
    IReadOnlyList<CurvePoint> Curve)
{
    /// <summary>Chicken: when its coldest middle is predicted to meet the safety rule; null for vegetables, and where it never does.</summary>
    public TimeBand? Safe { get; init; }

    /// <summary>The hottest its coldest food gets until dinner, °C.</summary>
    public double PeakC { get; init; }

    /// <summary>Juice that all its pieces let run into the vessel until it leaves, ml; 0 for vegetables.</summary>
    public double JuiceMl { get; init; }

    /// <summary>From when to when it is good if it stays in the oven; null in forecasts of before windows, and where none was asked.</summary>
    public GoodWindow? Good { get; init; }

    /// <summary>The same in a kitchen as fast as one in ten.</summary>
    public GoodWindow? GoodSooner { get; init; }

    /// <summary>And in one as slow as one in ten.</summary>
    public GoodWindow? GoodLater { get; init; }
}
